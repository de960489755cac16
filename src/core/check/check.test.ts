import fc from 'fast-check'
import { anyDesign } from '../testing/arbitrary.ts'
import { handWritten } from '../testing/hand-rows.ts'
import { anyText } from '../testing/junk.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { isFound, planted, type Planted } from '../testing/plant.ts'
import { styles, writtenIn } from '../testing/written.ts'
import { checkPattern, type CheckOptions, problemText } from './index.ts'
import { isPaired } from '../testing/paired.ts'
import { tries } from '../testing/tries.ts'

const codes = (text: string, options?: CheckOptions) => {
  const { rows, problems } = checkPattern(text, options)
  return [...rows.flatMap((row) => row.problems), ...problems].map(({ code }) => code)
}
const wrong = (text: string) => {
  const { rows, problems, unread } = checkPattern(text)
  return [...rows.flatMap((row) => row.problems), ...problems, ...unread]
}

describe('a correct pattern', () => {
  it('of a tube closes at its bottom, which is where it was begun', () => {
    const tube = (first: number, text: string) =>
      checkPattern(
        [
          `Ch ${first}, join.`,
          `Rnd 1: sc in each ch around. (${first})`,
          `Rnd 2: ${text}`,
          'Sew front to back along the bottom.',
        ].join('\n'),
      ).rows.flatMap(({ problems }) => problems.map(({ code }) => code))
    expect(tube(16, '2 sc in next st, sc in each st around. (17)')).toEqual([])
    expect(tube(15, '2 sc in next st, 2 sc in next st, sc in each st around. (17)')).toEqual([
      'halves-unequal',
    ])
  })

  it('of the program, in four styles, raises no alarm', () => {
    fc.assert(
      fc.property(anyDesign, fc.constantFrom(...Object.keys(styles)), (design, style) => {
        // A bag whose halves are not equal is said to be so, and rightly.
        fc.pre(isPaired(design))
        expect(wrong(writtenIn(design, style))).toEqual([])
      }),
      { numRuns: tries(30) },
    )
  })

  it.each(handWritten.map((text) => [text.split('\n')[0], text]))(
    'by hand, %s, raises no alarm',
    (_, text) => {
      expect(wrong(text!)).toEqual([])
    },
  )

  it('by hand has forty rows and more', () =>
    expect(handWritten.flatMap((text) => checkPattern(text).rows).length).toBeGreaterThanOrEqual(
      40,
    ))
})

describe('a planted fault', () => {
  const kinds: readonly Planted['kind'][] = ['count', 'repeat', 'total', 'skip', 'order', 'terms']
  it.each(kinds)('of kind %s is found', (kind) => {
    let seed = 20261125
    const random = () => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
    const texts = [
      ...handWritten,
      ...fc
        .sample(anyDesign, { numRuns: tries(6), seed })
        .flatMap((design) => Object.keys(styles).map((style) => writtenIn(design, style))),
    ]
    const faulty = texts.flatMap((text) => planted(text, kind, random) ?? [])
    const missed = faulty.filter((fault) => !isFound(fault, alarmsOf(fault.text)))
    expect(faulty.length).toBeGreaterThan(25)
    expect(missed.length).toBeLessThanOrEqual(Math.max(1, 0.01 * faulty.length))
  })
})

describe('what a checker must catch', () => {
  it.each([
    ['total-misstated', 'Rnd 1: 6 sc in magic ring (6)\nRnd 2: inc in each st around (13)'],
    ['stitches-left', 'Rnd 1: 8 sc in magic ring (8)\nRnd 2: sc in next 7 sts (7)'],
    ['stitches-short', 'Rnd 1: 8 sc in magic ring (8)\nRnd 2: [2 sc, inc] × 3 (12)'],
    [
      'repeat-remainder',
      'Rnd 1: 106 sc in magic ring (106)\nRnd 2: *sc in next 9 sts; rep from * around (106)',
    ],
    [
      'period-of-two',
      'Rnd 1: 15 sc in ring (15)\nRnd 2: *puff in next st, sc in next 2 sts, puff in next st, sc in next 2 sts; rep from * around (15)',
    ],
    [
      'halves-unequal',
      'Rnd 1: 9 sc in magic ring (9)\nFold in half and whip stitch front to back.',
    ],
    ['numbering', 'Rnd 1: 6 sc in magic ring (6)\nRnd 3: sc in each st around (6)'],
    [
      'parity',
      'Ch 11.\nRow 1: sc in 2nd ch from hook and in each ch across (10)\nRow 2: ch 1, turn, sc in each st across (10)\nRows 3-9: rep Rows 1 and 2, ending with a Row 2.',
    ],
    [
      'chain-multiple',
      'Multiple of 5 + 2 chains.\nCh 41.\nRow 1: sc in 2nd ch from hook and in each ch across (40)',
    ],
    ['chain-multiple', 'Row 1: ch 40, sc in 2nd ch from hook and in each ch across (40)'],
    ['terms-mixed', 'Rnd 1: 6 sc in magic ring (6)\nRnd 2: 2 htr in each st around (12)'],
    ['unread', 'Rnd 1: 6 sc in magic ring (6)\nRnd 2: wobble gently (6)'],
    [
      'rows-below',
      'Rnd 1: 6 sc in magic ring (6)\nRnd 2: *sc, spike in next st 3 rows below* around',
    ],
    ['total-misstated', 'Rnd 1: 12 sc in ring\nRnd 2: *sc, puff* around (12 sts, 5 puffs)'],
    ['unit-unknown', 'Rnd 1: 12 sc in ring\nRnd 2: *sc, puff* around (12 wobbles)'],
    ['total-stitches-only', 'Rnd 1: 12 sc in ring\nRnd 2: *dc, ch 1* around (12)'],
    ['repeat-times', 'Rnd 1: 12 sc in ring\nRnd 2: *sc in next st, inc; rep from * 5 times (18)'],
    ['too-long', 'Rnd 1: 9999999 sc in ring'],
  ])('%s', (code, text) => expect(codes(text)).toContain(code))

  it.each([
    'with B, standing sc, sc in next 9 sts',
    'with B, stacked sc, sc in next 9 sts',
    'with B, join in first st, ch 1, sc in each st across',
  ])('right-side rows one above the other are begun anew: %s', (row) => {
    const text = `Ch 11.\nRow 1 (RS): sc in 2nd ch from hook and in each ch across, fasten off (10)\nRow 2 (RS): ${row}, fasten off (10)\nRow 3 (RS): ${row.replace('B', 'A')} (10)`
    expect(codes(text)).toEqual([])
  })

  // Common practice without a source: 120 = 20 + 26 + 34 + 26 + 14, and 70 = 9 + 19 + 16 + 19 + 7.
  it.each([
    [120, [20, 26, 34, 26, 14]],
    [70, [9, 19, 16, 19, 7]],
  ])('handles in %s stitches sit opposite each other', (count, [a, g, s, h, b]) => {
    const row = (last: number) =>
      `Rnd 1: ${count} sc in magic ring (${count})\nRnd 2: sc in next ${a} sts, ch 40, sk ${g} sts, sc in next ${s} sts, ch 40, sk ${h} sts, sc in next ${last} sts`
    expect(codes(row(b!))).toEqual([])
    const moved = row(b!)
      .replace(`next ${a}`, `next ${a! + 1}`)
      .replace(`next ${s}`, `next ${s! - 1}`)
    expect(codes(moved)).toEqual(['halves-unequal'])
  })

  it('says it in plain words, at its place, with what would put it right', () => {
    const text =
      'Rnd 1: 106 sc in magic ring (106)\nRnd 2: *sc in next 9 sts; rep from * around (106)'
    const [problem] = checkPattern(text).rows[1]!.problems
    expect(problemText(problem!, 'us').message).toBe(
      '12 repeats of 9 need 108; the row before leaves 106: two increases are missing.',
    )
    expect(problemText(problem!, 'us').mends[0]).toBe('two more stitches below: 12 repeats of 9')
    const eight = checkPattern(text.replaceAll('106', '104')).rows[1]!.problems[0]!
    expect(problemText(eight, 'us').message).toContain('or the repeat is 8')
  })

  it('says when a starting chain read the other way would add up', () => {
    const text = 'Rnd 1: 10 dc in magic ring (10)\nRnd 2: ch 3, dc in each st around (11)'
    const [problem] = checkPattern(text).rows[1]!.problems
    expect(problemText(problem!, 'us').mends).toContain('a total of 10')
    const not = text.replace('(11)', '(10)').replace('each st around', 'next 10 sts')
    expect(problemText(checkPattern(not).rows[1]!.problems[0]!, 'us').mends[0]).toBe(
      'the ch 3 does not count as a stitch: then it adds up',
    )
  })

  it('reads past what it does not know where the rest accounts for the row, and says what stands in the way where it does not', () => {
    const text = 'Rnd 1: 12 dc in ring (12)\nRnd 2: 12 dc wibble (12)'
    const [problem] = checkPattern(text, { terms: 'uk' }).rows[1]!.problems
    expect(problem).toMatchObject({ code: 'read-past', facts: { words: ['wibble'] } })
    const [lost] = checkPattern(text.replace('(12)\nRnd 2: 12', '(12)\nRnd 2: 11')).rows[1]!
      .problems
    expect(lost).toMatchObject({ code: 'unread', facts: { words: ['wibble'] } })
    expect(problemText(lost!, 'uk').message).toBe('I do not know this word: “wibble”.')
  })

  it('tells what a row uses and leaves, its units and its yarns', () => {
    const [, , row] = checkPattern(
      'Rnd 1: 12 sc in ring (12)\nRnd 2: with A sc around (12)\nRnd 3: *1 sc B, puff in next st, ch 1, sk 1; rep from * around (4 puffs, 4 ch-1 sps)',
    ).rows
    expect(row).toMatchObject({
      ok: true,
      uses: { st: 8, skipped: 4 },
      leaves: { stitches: 8, chains: 4 },
      yarns: ['B'],
    })
    expect(row!.units.map(({ unit, made, agrees }) => [unit, made, agrees])).toEqual([
      ['puffs', 4, true],
      ['ch-1 sps', 4, true],
    ])
  })

  it('works rows again, by their numbers or as the last ones, and between others', () => {
    const numbers = (text: string) => checkPattern(text).rows.map(({ row, ok }) => (ok ? row : -1))
    const base = 'Ch 11.\nRow 1: sc in 2nd ch from hook and in each ch across (10)\n'
    expect(numbers(`${base}Row 2: ch 1, turn, hdc across\nRep last 2 rows twice`)).toEqual([
      1, 2, -1, 4, -1, -1,
    ])
    expect(numbers(`${base}Row 2: ch 1, turn, hdc across\nRows 3-5: Repeat previous row.`)).toEqual(
      [1, 2, 3, 4, 5],
    )
    expect(
      numbers(
        `${base}Row 2 and all even rows: ch 1, turn, sc across\nRow 3: ch 1, turn, hdc across\nRow 5: ch 1, turn, sc across`,
      ),
    ).toEqual([1, 2, 3, 4, 5])
  })

  it('numbers rows, repeats and parts as they are worked', () => {
    const { rows } = checkPattern(
      'Body\nRnd 1: 6 sc in magic ring (6)\nRnds 2-4: sc in each st around (6)\nRnds 5-8: rep Rnds 2 and 3',
    )
    expect(rows.map(({ row }) => row)).toEqual([1, 2, 3, 4, 5, 6, 7, 8])
    expect(rows.every(({ ok, part, kind }) => ok && part === 'Body' && kind === 'round')).toBe(true)
  })

  it('takes starting chains as the text or the caller says', () => {
    const text = 'Rnd 1: 10 dc in magic ring (10)\nRnd 2: ch 3, dc in next 9 sts (10)'
    expect(codes(text)).toEqual([])
    expect(codes(text, { startingChain: 'not' })).toContain('stitches-left')
    expect(codes(`The starting chain does not count as a stitch.\n${text}`)).toContain(
      'stitches-left',
    )
  })

  it('does not let one wrong total spoil the rows after it', () => {
    const { rows } = checkPattern(
      'Rnd 1: 6 sc in magic ring (6)\nRnd 2: inc in each st around (13)\nRnd 3: [sc, inc] × 6 (18)',
    )
    expect(rows.map(({ ok }) => ok)).toEqual([true, false, true])
  })
})

describe('any text', () => {
  it('is read without failing', () => {
    fc.assert(
      fc.property(anyText, (text) => {
        const { rows } = checkPattern(text)
        for (const { problems, text: row } of rows)
          for (const { from, to } of problems) {
            expect(from).toBeGreaterThanOrEqual(0)
            expect(to).toBeLessThanOrEqual(Math.max(1, row.length))
          }
      }),
      { numRuns: tries(500) },
    )
  })
})

describe('what is easily read past', () => {
  const makes = (text: string) => checkPattern(text).rows.map((row) => row.makes)

  it.each([
    ['Ch 21.\nRow 1: sc in 2nd ch from hook, *ch 1, skip 1 ch, sc in next ch; rep from * across'],
    ['Ch 23.\nRow 1: dc in 4th ch from hook, *sk 2 ch, 3 dc in next ch; rep from * across'],
    ['Ch 25.\nRow 1: dc in 6th ch from hook, *ch 1, sk 1 ch, dc in next ch; rep from * across'],
  ])('chains over at the end of a foundation are a remainder: %s', (text) => {
    expect(codes(text)).toEqual(['repeat-remainder'])
    const [problem] = checkPattern(text).rows[0]!.problems
    expect(problemText(problem!, 'us').message).toMatch(/the chain has 2[135]/)
  })

  it.each([
    // 26 chains: three stand for a dc, two for the space, two are skipped, and six times three follow.
    ['Ch 26.\nRow 1: dc in 8th ch from hook, *ch 2, sk 2 ch, dc in next ch; rep from * across', 22],
    ['Ch 24.\nRow 1: dc in 6th ch from hook, *ch 1, sk 1 ch, dc in next ch; rep from * across', 21],
    ['Ch 23.\nRow 1: dc in 4th ch from hook (skipped ch 3 counts as dc) and in each ch across', 21],
    // Groups that begin in the sixth chain leave no space there.
    ['Ch 24.\nRow 1: 2 dc in 6th ch from hook, *sk 2 ch, 3 dc in next ch; rep from * across', 21],
  ])('chains skipped at the start count for what they stand: %s', (text, count) => {
    expect(makes(text)).toEqual([count])
  })

  it.each([
    ['Ch 4, sl st to form a ring.\nRnd 1: ch 3 (counts as dc), 9 dc in ring (10)', [10]],
    ['Rnd 1: ch 4, sl st to form ring, ch 3 (counts as dc), 11 dc in ring (12)', [12]],
    ['Round 1 - 8 sc in ring\nRound 2 - 8 inc (16)', [8, 16]],
    ['Rnd 1: 6 sc in ring\nRnd 2-3: sc in each st around', [6, 6, 6]],
  ])('rings that are chained, and a dash after one round: %s', (text, counts) => {
    expect(codes(text)).toEqual([])
    expect(makes(text)).toEqual(counts)
  })

  it('a row read in part stands for nothing: its total does, or nobody knows', () => {
    const text = (total: string) =>
      `Rnd 1: 12 sc in ring (12)\nRnd 2: *sc in next st, wibble, inc; rep from * around${total}\nRnd 3: sc in next 30 sts`
    const [, , after] = checkPattern(text(' (30)')).rows
    expect(after).toMatchObject({ available: 30, ok: true })
    const [, , lost] = checkPattern(text('')).rows
    expect(lost).toMatchObject({ available: null, ok: true })
  })

  it('rows worked again keep no total of another count', () => {
    const text =
      'Ch 21.\nRow 1: sc in 2nd ch from hook and in each ch across (20)\nRow 2: ch 1, sc in each st across (20)\nRow 3: ch 1, inc, sc in each st across (21)\nRows 4-7: rep Rows 2 and 3.'
    expect(codes(text)).toEqual([])
    expect(makes(text)).toEqual([20, 20, 21, 21, 22, 22, 23])
    const same = text.replace('inc, sc', 'sc').replace('(21)', '(20)')
    expect(checkPattern(same).rows.map(({ stated }) => stated)).toEqual(new Array(7).fill(20))
  })

  it('a spiral may leave out the chain it leads up on, where its total says so', () => {
    const text = (last: number, join = '') =>
      `Rnd 1: 120 sc in ring (120)\nRnd 2: *sc in next st, dc in next st, ch 1, sk 1 st; rep from * around${join} (120)\nRnd 3: sc in each st and ch around (${last})`
    expect(codes(text(120))).toEqual([])
    expect(codes(text(119))).toEqual([])
    expect(codes(text(118))).toEqual(['total-misstated'])
    expect(codes(text(119, ', sl st to join'))).toEqual(['total-misstated'])
  })

  it('counts clusters of any kind as clusters', () => {
    const text =
      'Rnd 1: 8 sc in ring (8)\nRnd 2: *dc in next st, ch 1; rep from * around (16)\nRnd 3: *3-dc cluster in next ch-1 sp, ch 3; rep from * around'
    expect(codes(`${text} (8 clusters, 8 ch-3 sps)`)).toEqual([])
    expect(codes(`${text} (9 clusters, 8 ch-3 sps)`)).toEqual(['total-misstated'])
  })

  it('lets no line that begins with a stitch vanish', () => {
    const text =
      'Row 1: ch 20, sc in 2nd ch from hook and in each ch across (19)\nSc wibbly around the top.'
    expect(checkPattern(text).unread).toEqual([{ line: 2, text: 'Sc wibbly around the top.' }])
  })

  it('bounds a pattern as a whole', () => {
    const lines = Array.from(
      { length: 1500 },
      (_, i) => `Rnd ${i + 2}: *sc in next ${1 + (i % 2)} sts, inc, sc2tog; rep from * around`,
    )
    const { rows, problems } = checkPattern(`Rnd 1: 1680 sc in ring (1680)\n${lines.join('\n')}`)
    expect(rows.length).toBeGreaterThan(1000)
    expect(rows.length).toBeLessThan(1501)
    expect(problems.map(({ code }) => code)).toEqual(['too-long'])
  })
})
