import { bandsOf, designFaults, partsOf, roundsOf } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { handWritten } from '../testing/hand-rows.ts'
import { checkPattern } from '../check/index.ts'
import { countedRows } from '../shorthand/index.ts'
import { baseKinds } from '../shape/index.ts'
import { bagOf, everyBag } from '../testing/every-bag.ts'
import { tries } from '../testing/tries.ts'
import { styles, writtenIn } from '../testing/written.ts'
import { designFromPattern } from './index.ts'

describe('a checked pattern as a bag', () => {
  const about = { name: 'Found', hookMm: 3.5, yarnClass: 3 }
  it('has its base, its plain bands, and every other row as one that counts', () => {
    const purse = handWritten.find((text) => text.startsWith('Bag with handles'))!
    const made = designFromPattern(purse, {}, about)
    if (!made.ok) throw new Error(made.problem)
    expect(partsOf(made.value.design)[0]).toMatchObject({
      kind: 'round-base',
      increase: 8,
      count: 48,
    })
    const { makes } = compile(made.value.design).pieces[0]!.columns
    // Round 13 changes the count; what follows goes on from there.
    expect([...makes].slice(-4)).toEqual([48, 48, 52, 52])
    expect(designFaults(made.value.design)).toEqual([])
    expect(partsOf(made.value.design).at(-2)).toMatchObject({
      kind: 'written',
      rows: [{ text: expect.stringContaining('ch 12, sk next 10 sts') as string }],
    })
  })

  it('is an oval or a panel where it begins as one, and nothing where a row does not count', () => {
    const kindOf = (start: string) => {
      const made = designFromPattern(
        handWritten.find((text) => text.startsWith(start))!,
        {},
        about,
      )
      return made.ok ? partsOf(made.value.design)[0]!.kind : made.problem
    }
    expect(kindOf('Oval')).toBe('oval-base')
    expect(kindOf('Flat')).toBe('panel')
    expect(designFromPattern('Rnd 1: wobble', {}, about)).toMatchObject({ ok: false })
    expect(designFromPattern('nothing', {}, about)).toMatchObject({ ok: false })
  })

  // What a row is made of is what the grammar reads of it, whatever its words are.
  it.each([
    // In the back loop it is another fabric than plain; two yarns are two.
    ['sc blo in each st around. (18)', 'plain', 'sc-blo'],
    ['with A 9 sc, with B 9 sc. (18)', 'written', 'sc'],
    ['fpdc around each st around. (18)', 'written', 'sc'],
    ['18 sc. (18)', 'plain', 'sc'],
    ['half double crochet in each stitch around. (18)', 'plain', 'hdc'],
    ['*sc in next st, rep from * around. (18)', 'plain', 'sc'],
  ])('“%s” is a %s band of %s', (text, kind, stitch) => {
    const base = 'Rnd 1: 6 sc in magic ring. (6)\nRnd 2: 2 sc in each st around. (12)'
    const three = `${base}\nRnd 3: [1 sc, 2 sc in next st] × 6. (18)\nRnd 4: ${text}`
    const made = designFromPattern(three, {}, about)
    if (!made.ok) throw new Error(made.problem)
    expect(bandsOf(made.value.design)).toMatchObject([{ kind, stitch }])
  })

  // A ring of chain is joined too, and is no join of rounds.
  it.each([
    ['Rnd 1: 6 sc in magic ring. (6)\nRnd 2: 2 sc in each st around. (12)', 'spiral'],
    [
      'Rnd 1: Ch 4, sl st to first ch to form a ring, 6 sc in ring. (6)\nRnd 2: 2 sc in each st around. (12)',
      'spiral',
    ],
    [
      'Rnd 1: 6 sc in magic ring, join with sl st to first sc. (6)\nRnd 2: ch 1, 2 sc in each st around, join. (12)',
      'joined',
    ],
    [
      'Rnd 1: 6 sc in magic ring, sl st to first sc. (6)\nRnd 2: ch 1, turn, 2 sc in each st around, join. (12)',
      'turned',
    ],
  ])('%s: its rounds are worked %s', (text, working) => {
    const made = designFromPattern(text, {}, about)
    if (!made.ok) throw new Error(made.problem)
    expect(made.value.design.making.working).toBe(working)
    expect(partsOf(made.value.design)[0]).toMatchObject({
      kind: 'round-base',
      increase: 6,
      count: 12,
    })
  })

  const counting = handWritten.filter((text) => {
    const { rows } = checkPattern(text)
    return rows.length > 1 && rows.every(({ ok, makes }) => ok && makes !== null)
  })
  it.each(counting.map((text) => [text.split('\n')[0], text]))(
    'by hand, %s, keeps every count and says every written row as it was',
    (_, text) => {
      const made = designFromPattern(text!, {}, about)
      if (!made.ok) throw new Error(made.problem)
      expect(designFaults(made.value.design)).toEqual([])
      const ledger = compile(made.value.design)
      const { makes } = ledger.pieces.find(({ id }) => id === 'bag')!.columns
      // Of the strap and the panel it is the panel.
      const checked = checkPattern(text!).rows.map((row) => row.makes)
      // Rows after the base are those of the pattern, each with its count.
      const bands = bandsOf(made.value.design).reduce((sum, part) => sum + roundsOf(part), 0)
      expect([...makes].slice(makes.length - bands)).toEqual(checked.slice(checked.length - bands))
    },
  )

  it('knows what a written row works: what it passes over, shares, chains and draws together', () => {
    const rows = countedRows(
      [
        '*dc in next st, ch 1, sk 1 st; rep from * around',
        '*2 dc in next ch-sp; rep from * around',
        '*puff in next st, sc2tog B; rep from * around',
      ],
      6,
      'rounds',
      { ground: 'sc', yarn: 'A', letterOf: (said) => said },
    )
    if (!rows.ok) throw new Error(rows.problem)
    const said = rows.value.map(({ runs }) =>
      runs.map(({ stitch, yarn, count }) => `${count} ${stitch} ${yarn}`),
    )
    expect(said[0]!.slice(0, 3)).toEqual(['1 dc A', '1 ch A', '1 skip A'])
    expect(said[1]!.slice(0, 3)).toEqual(['1 skip A', '1 dc A', '1 dc-beside A'])
    expect(said[2]).toEqual(['1 puff A', '1 sc2tog B', '1 puff B', '1 sc2tog B'])
    const wrong = countedRows(['sc in next 9 sts'], 6, 'rounds', {
      ground: 'sc',
      yarn: 'A',
      letterOf: (one) => one,
    })
    expect(wrong).toMatchObject({
      ok: false,
      problem: expect.stringContaining('Row 1: It runs out') as string,
    })
  })

  it('has a base as far as its rows are the very rows of the text, and goes on as it is written', () => {
    const rounds = (...more: string[]) =>
      ['Rnd 1: 6 sc in magic ring. (6)', 'Rnd 2: 2 sc in each st around. (12)', ...more].join('\n')
    const stacked = '(sc in next st, 2 sc in next st) 6 times. (18)'
    const inOnePlace = '(2 sc in next st) 6 times, sc in next 12 sts. (24)'
    const made = designFromPattern(rounds(`Rnd 3: ${stacked}`, `Rnd 4: ${inOnePlace}`), {}, about)
    if (!made.ok) throw new Error(made.problem)
    // What grows in a spread of its own is a base of its own rounds, and no wall.
    const [base] = partsOf(made.value.design)
    expect(base).toMatchObject({ kind: 'written-base', count: 24 })
    expect([...compile(made.value.design).pieces[0]!.columns.makes]).toEqual([6, 12, 18, 24])
    const above = designFromPattern(
      rounds(`Rnd 3: ${stacked}`, 'Rnd 4: (sc in next 2 sts, 2 sc in next st) 6 times. (24)'),
      {},
      about,
    )
    expect(above.ok && partsOf(above.value.design)).toMatchObject([
      { stagger: 'stacked', count: 24 },
    ])
  })

  it('leaves as many stitches after each row as the text says, in any pattern it takes', () => {
    let taken = 0
    for (const text of handWritten) {
      const made = designFromPattern(text, {}, about)
      if (!made.ok) continue
      taken++
      const makes = [
        ...compile(made.value.design).pieces.find(({ id }) => id === 'bag')!.columns.makes,
      ]
      const said = checkPattern(text).rows.map((row) => row.makes)
      expect(said.join(' ')).toContain(makes.join(' '))
    }
    expect(taken).toBeGreaterThan(10)
  })

  it('brings straps along as pieces of their own', () => {
    const bag = [
      'Body',
      'Rnd 1: 6 sc in magic ring. (6)',
      'Rnd 2: 2 sc in each st around. (12)',
      'Rnd 3: sc in each st around. (12)',
      '',
      'Strap',
      'Row 1: ch 6, sc in 2nd ch from hook and in each ch across. (5)',
      'Row 2: ch 1, turn, sc in each st across. (5)',
      'Row 3: ch 1, turn, sc in each st across. (5)',
    ]
    const made = designFromPattern(bag.join('\n'), {}, about)
    if (!made.ok) throw new Error(made.problem)
    const { pieces } = compile(made.value.design)
    expect(pieces.map(({ name, worked, rows }) => [name, worked, rows])).toEqual([
      ['Base and body', 'rounds', 3],
      ['Strap', 'rows', 3],
    ])
    expect([...pieces[1]!.columns.makes]).toEqual([5, 5, 5])
  })

  it('takes a UK pattern in US terms', () => {
    const made = designFromPattern(
      handWritten.find((text) => text.startsWith('Shopper in UK'))!,
      {},
      about,
    )
    if (!made.ok) throw new Error(made.problem)
    const written = partsOf(made.value.design).flatMap((part) =>
      part.kind === 'written' ? part.rows : [],
    )
    expect(written[0]!.text).toContain('5 dc into next st, skip 2 sts')
  })
})

describe('printed, checked, made a bag of and printed again: the same rows', () => {
  const about = { name: 'Again', hookMm: 4, yarnClass: 3 }
  // One in sixteen of them here, all of them where there is time.
  const step = Math.max(1, Math.round(16 / tries(1)))
  const bags = everyBag()
    .map(({ design }) => design)
    .filter((_, i) => i % step === 0)
  it.each(bags.map((design) => [design.name, design] as const))('%s', (_, design) => {
    for (const style of Object.keys(styles)) {
      const made = designFromPattern(writtenIn(design, style), {}, about)
      if (!made.ok) throw new Error(`${style}: ${made.problem}`)
      expect([style, made.value.told.otherwise]).toEqual([style, []])
    }
  })

  /** Of texts as people write them: those whose rows do not all come out, with how many of them. */
  const OTHERWISE: Readonly<Record<string, number>> = {
    // Special stitches that only the text explains.
    'Texture sampler': 1,
    '## Crossbody pouch': 2,
    'Edge in UK terms': 1,
    // Begun in chains that are rows of their own, or with no chain.
    'Flap in rows': 1,
    'Round in half doubles': 1,
    'Chainless start': 1,
    'Tab in UK terms': 1,
    'Turning chains at the end': 4,
  }
  it('of texts by hand, and where they are not it is told row by row', () => {
    const told: Record<string, number> = {}
    for (const text of handWritten) {
      const made = designFromPattern(text, {}, about)
      const many = made.ok ? made.value.told.otherwise.length : 0
      if (many > 0) told[text.split('\n')[0]!] = many
    }
    expect(told).toEqual(OTHERWISE)
  })

  it('with a base whose rounds are in several yarns', () => {
    const text = [
      'Rnd 1: with Brass, 6 sc in magic ring (6)',
      'Rnd 2: inc in each st (12)',
      'Rnd 3: with Drum blue, [1 sc, inc] x 6 (18)',
      'Rnd 4: with Brass, [2 sc, inc] x 6 (24)',
      'Rnd 5: with Drum blue, sc in each st (24)',
    ]
    const made = designFromPattern(text.join('\n'), {}, about)
    if (!made.ok) throw new Error(made.problem)
    const [base] = partsOf(made.value.design)
    expect(base).toMatchObject({
      ...{ kind: 'round-base', count: 24 },
      turns: [
        { yarn: 'A', rounds: 2 },
        { yarn: 'B', rounds: 1 },
        { yarn: 'A', rounds: 1 },
      ],
    })
    expect(made.value.design.yarns.map(({ letter, name }) => [letter, name])).toEqual([
      ['A', 'Brass'],
      ['B', 'Drum blue'],
    ])
    expect(made.value.told.otherwise).toEqual([])
  })

  it('with lines that are no rows told as not taken over', () => {
    const made = designFromPattern(
      'My pouch\nGauge: 16 sts to 10 cm\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc in each st (12)\nWeave in the ends.',
      {},
      about,
    )
    expect(made.ok && made.value.told).toEqual({
      as: 'Round',
      otherwise: [],
      left: ['My pouch', 'Gauge: 16 sts to 10 cm', 'Weave in the ends.'],
    })
  })

  it('knows halves, cornered bases, discs with their strip and bases that are picked up by their rows', () => {
    for (const own of baseKinds) {
      const { design } = bagOf(own, false, 'plain')
      const made = designFromPattern(writtenIn(design, 'own'), {}, about)
      const kind = made.ok ? partsOf(made.value.design)[0]!.kind : ''
      // A panel that is folded says so only when it has rows enough; written rounds that are a round base are one.
      const same: Readonly<Record<string, string>> = {
        'folded-panel': 'panel',
        'written-base': 'round-base',
      }
      expect([own, kind]).toEqual([own, same[own] ?? own])
    }
  })
})
