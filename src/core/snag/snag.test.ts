import fc from 'fast-check'
import { type Design, type Part, partsOf, unknownLot, withBody } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { derive } from '../bag/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { itemBegun } from '../testing/items.ts'
import { spotOn } from '../part/index.ts'
import { anyBag } from '../testing/arbitrary.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { mendText, type Mend, type Snag, type SnagCode, snagKey, snagText } from './index.ts'
import { tries } from '../testing/tries.ts'

const snags = (design: Design) => derive(projectOf(design)).snags
const codes = (design: Design) => snags(design).map(({ code }) => code)
const the = <Code extends SnagCode>(design: Design, code: Code) =>
  snags(design).find((snag) => snag.code === code) as Extract<Snag, { code: Code }>
const mended = (design: Design, mend: Mend) =>
  mend.edits.reduce((history, edit) => commit(history, edit), historyOf(projectOf(design))).design

const clean = tote({ want: { aroundMm: 240, said: 'around', heightMm: 40, tolerance: 0.05 } })
const uneven = withBody(clean, [base({ count: 50 }), ...partsOf(clean).slice(1)])

describe('findSnags', () => {
  it('finds nothing wrong in a bag that comes out', () => {
    expect(snags(clean).filter(({ severity }) => severity !== 'advice')).toEqual([])
  })

  it('names a motif that does not divide, by how much, and every mend mends it', () => {
    const snag = the(uneven, 'repeat-remainder')
    expect(snag).toMatchObject({
      severity: 'error',
      where: { part: 'motif', round: 12 },
      facts: { count: 50, multiple: 6, left: 2 },
    })
    expect(snag.mends.map(({ kind }) => kind)).toEqual([
      'count',
      'count',
      'pad',
      'adjust',
      'adjust',
    ])
    for (const mend of snag.mends)
      expect(codes(mended(uneven, mend))).not.toContain('repeat-remainder')
    expect(snag.mends.map((mend) => mendText(mend, defaultWords).label)).toEqual([
      'Work on 48 stitches',
      'Work on 42 stitches',
      'Pad the motif by 4 columns',
      'Take away 2 evenly below it',
      'Add 4 evenly below it',
    ])
    expect(mendText(snag.mends[1]!, defaultWords).cost).toBe('−3.0 cm')
    expect(snagText(snag, defaultWords).text).toContain('8 repeats of 6 and leave 2')
  })

  it('says a bag is smaller or lower than wanted, with a mend that does what it says', () => {
    const small = { ...clean, want: { ...clean.want, aroundMm: 300, heightMm: 80 } }
    const size = the(small, 'size-off')
    const wider = derive(projectOf(mended(small, size.mends[0]!)))
    expect(wider.tally.aroundMm).toBeCloseTo((size.mends[0]!.facts as { sizeMm: number }).sizeMm, 9)
    const height = the(small, 'height-off')
    expect(derive(projectOf(mended(small, height.mends[0]!))).tally.heightMm).toBeCloseTo(80, 9)
    expect(snagText(size, { ...defaultWords, units: 'imperial' }).text).toContain('9.4 in around')
  })

  it('says how a base lies', () => {
    const increase = (k: number) =>
      codes(withBody(clean, [base({ increase: k }), ...partsOf(clean).slice(1)]))
    expect(increase(8)).toContain('base-ruffles')
    expect(increase(4)).toContain('base-cups')
    expect(increase(6)).not.toContain('base-cups')
    const ruffled = withBody(clean, [base({ increase: 8 }), ...partsOf(clean).slice(1)])
    expect(codes(mended(ruffled, the(ruffled, 'base-ruffles').mends[0]!))).not.toContain(
      'base-ruffles',
    )
  })

  it('counts what one round has room for', () => {
    const [first, low, ...rest] = partsOf(clean)
    const design = withBody(clean, [first!, { ...low!, adjust: -40 } as Part, ...rest])
    const snag = the(design, 'adjust-too-large')
    expect(snag.facts).toMatchObject({ adjust: -40, count: 48, made: -24 })
    expect(codes(mended(design, snag.mends[0]!))).not.toContain('adjust-too-large')
  })

  it('tells what is short, unknown or estimated', () => {
    const yarns = clean.yarns.map((yarn) => ({ ...yarn, lots: unknownLot(1) }))
    expect(codes({ ...clean, yarns })).toContain('yarn-short')
    expect(the(clean, 'label-missing').facts.names).toEqual(['Chalk'])
    expect(codes({ ...clean, swatches: [] })).toContain('gauge-estimated')
  })

  it('tells a dark strand behind a long light run, at its round', () => {
    const chart = { width: 24, colours: ['AACCAACCAACCAACCAACCAACC', 'AAAAAAAAAAAACCCCCCCCCCCC'] }
    const parts = [base(), { ...partsOf(clean)[2]!, chart } as Part]
    const snag = the(withBody(clean, parts), 'carry-shows')
    expect(snag.facts).toMatchObject({ carried: 'Drum blue', over: 'Chalk', stitches: 12 })
    expect(snag.where.round).toBe(10)
  })

  it('takes a run of one yarn over the edge of a repeat as one', () => {
    // Two and two of Chalk, side by side where one repeat ends and the next begins.
    const chart = { width: 6, colours: ['CCAACC'] }
    const parts = [base(), { ...partsOf(clean)[2]!, chart } as Part]
    expect(the(withBody(clean, parts), 'carry-shows').facts).toMatchObject({ stitches: 4 })
  })

  it('puts errors before warnings before advice, and words every one', () => {
    const all = snags({ ...uneven, swatches: [], want: { ...uneven.want, aroundMm: 500 } })
    const ranks = all.map(({ severity }) => ['error', 'warning', 'advice'].indexOf(severity))
    expect(ranks).toEqual([...ranks].sort())
    for (const snag of all) {
      const { title, text } = snagText(snag, defaultWords)
      expect(title).toMatch(/\.$/)
      expect(text).not.toMatch(/NaN|undefined|null/)
    }
  })
})

describe('the wording catalogue', () => {
  const nowhere = { part: null, round: null }
  const say = (snag: Pick<Snag, 'code' | 'facts'>, words = defaultWords) => {
    const { title, text } = snagText(
      { ...snag, severity: 'advice', where: nowhere, mends: [] } as Snag,
      words,
    )
    return `${title} ${text}`
  }

  it.each([
    [
      { code: 'repeat-remainder', facts: { name: 'Steps', count: 5, multiple: 6, left: 5 } },
      '5 stitches are fewer than one repeat of 6.',
    ],
    [
      { code: 'adjust-too-large', facts: { name: 'Low', adjust: -30, count: 48, made: -24 } },
      'It is to take away 30 stitches on 48; one round has room for 24.',
    ],
    [
      {
        code: 'size-off',
        facts: {
          made: 500,
          wanted: 600,
          said: 'flat',
          tolerance: 0.05,
          gauge: { count: 100, stitchWidthMm: 6, hookMm: 4.74, ownHookMm: 4 },
        },
      },
      '25.0 cm laid flat instead of 30.0 cm (± 5 % is all right). On the 100 stitches there are it takes 16.7 stitches over 10 cm, about a 4.7 mm hook.',
    ],
    [
      { code: 'height-off', facts: { made: 300, wanted: 270 } },
      'It comes out taller than wanted. 30.0 cm instead of 27.0 cm.',
    ],
    [
      { code: 'base-cups', facts: { average: 4, flat: 6.283, flatness: 0.64, spread: 0.21 } },
      '4 a round on average; 6.3 would lie flat. It grows 36 % too slowly and turns up into a bowl. From an estimate, give or take 21 %',
    ],
    [
      { code: 'base-ruffles', facts: { average: 8, flat: 6.283, flatness: 1.27, spread: null } },
      'It grows 27 % too fast',
    ],
    [
      { code: 'gauge-estimated', facts: { spread: 0.21, hookMm: 3.5, yarnClass: 3 } },
      'From a 3.5 mm hook and class 3 yarn, ± 21 %.',
    ],
    [
      {
        code: 'carry-shows',
        facts: { name: 'Steps', carried: 'Drum blue', over: 'Chalk', stitches: 1, apart: 61.6 },
      },
      'Drum blue may show through Chalk. It is carried inside 1 stitch of the lighter yarn and can shine through: the two colours are 62 apart',
    ],
    [
      { code: 'carry-long', facts: { name: 'Steps', stitches: 22, floats: false } },
      'A strand lies inside 22 stitches',
    ],
    [
      { code: 'yarn-short', facts: { name: 'Chalk', needed: 74, inHand: 70 } },
      'Up to 74 m needed, 70 m in hand.',
    ],
    [
      { code: 'label-missing', facts: { names: ['Chalk', 'Brass'] } },
      'The label of Chalk and Brass is not known',
    ],
  ] as [Pick<Snag, 'code' | 'facts'>, string][])('says %j', (snag, words) =>
    expect(say(snag)).toContain(words),
  )

  it('says lengths in the chosen units', () => {
    const short = {
      code: 'yarn-short',
      facts: { name: 'Chalk', needed: 91.44, inHand: 45.72 },
    } as const
    expect(say(short, { ...defaultWords, units: 'imperial' })).toContain(
      'Up to 100 yd needed, 50 yd in hand.',
    )
  })

  it.each([
    [
      { kind: 'count', facts: { count: 115, sizeMm: 575, errorMm: -25, changed: true } },
      'Work on 115 stitches, with changes',
      '−2.5 cm',
    ],
    [
      { kind: 'count', facts: { count: 120, sizeMm: 600, errorMm: 0.1, changed: false } },
      'Work on 120 stitches',
      'as wanted',
    ],
    [
      { kind: 'pad', facts: { columns: 1, multiple: 24, repeats: 5 } },
      'Pad the motif by 1 column',
      '5 × 24',
    ],
    [
      { kind: 'adjust', facts: { by: 18, count: 138, sizeMm: 690 } },
      'Add 18 evenly below it',
      'on 138',
    ],
    [
      { kind: 'rounds', facts: { name: 'Plain', by: -1, madeMm: 270, worked: 'rounds' } },
      '1 round fewer of Plain',
      '27.0 cm',
    ],
    [
      { kind: 'rounds', facts: { name: 'Front', by: 4, madeMm: 180, worked: 'rows' } },
      '4 rows more of Front',
      '18.0 cm',
    ],
    [{ kind: 'rows', facts: { by: -1, worked: 'rows' } }, '1 row fewer', 'it ends as it should'],
    [
      { kind: 'increase', facts: { increase: 6, rounds: 20 } },
      'Increase by 6 a round',
      '20 rounds',
    ],
  ] as [Pick<Mend, 'kind' | 'facts'>, string, string][])('offers %j', (mend, label, cost) =>
    expect(mendText({ ...mend, edits: [] } as Mend, defaultWords)).toEqual({ label, cost }),
  )

  it('says when written rows stand on another count than theirs, and mends it below them', () => {
    const puffs = { text: '*3 sc, puff; rep from * around', runs: threeAndPuff }
    const often = { ...puffs, repeat: { from: 0, to: 2, times: 12 }, from: null, down: [] }
    const written = {
      kind: 'written' as const,
      id: 'w',
      name: 'Puffs',
      making: null,
      stitch: 'sc',
      rows: [often],
    }
    const fits = withBody(clean, [base(), ...partsOf(clean).slice(1), written])
    expect(codes(fits)).not.toContain('written-misfit')
    const off = withBody(fits, [base({ count: 54 }), ...partsOf(fits).slice(1)])
    const snag = the(off, 'written-misfit')
    expect(snag).toMatchObject({
      severity: 'error',
      where: { part: 'w' },
      facts: { count: 54, multiple: 4, offset: 0 },
    })
    expect(snagText(snag, defaultWords)).toEqual({
      title: 'Puffs does not come out on 54 stitches.',
      text: expect.stringContaining('want a multiple of 4 stitches.'),
    })
    // 52 and 56 lie as near.
    expect(snag.mends.map(({ facts }) => facts)).toMatchObject([
      { by: -2, count: 52 },
      { by: 2, count: 56 },
    ])
    for (const mend of snag.mends) expect(codes(mended(off, mend))).not.toContain('written-misfit')
  })
})

/** Three plain stitches and a puff. */
const threeAndPuff = [
  { stitch: 'sc', yarn: 'A', count: 3 },
  { stitch: 'puff', yarn: 'B', count: 1 },
]

describe('what each snag is known by', () => {
  it('three yarns that are short are three, and a strand of one is another', () => {
    const strands = [
      {
        name: 'Glint',
        colour: '#cccccc',
        label: { grams: 50, metres: 125 },
        lots: unknownLot(1),
        yarnClass: null,
      },
    ]
    const yarns = clean.yarns.map((yarn, i) => ({
      ...yarn,
      lots: unknownLot(1),
      strands: i === 0 ? strands : [],
    }))
    const short = snags({ ...clean, yarns }).filter(({ code }) => code === 'yarn-short')
    expect(short.map(({ where }) => where.of)).toEqual(['A', 'A2', 'B'])
    expect(new Set(short.map(snagKey)).size).toBe(3)
  })

  it('is of it alone, in any bag', () => {
    fc.assert(
      fc.property(anyBag, (design) => {
        const keys = snags(design).map(snagKey)
        expect(new Set(keys).size).toBe(keys.length)
      }),
      { numRuns: tries(15) },
    )
  })
})

describe('a place that is gone', () => {
  const cord = itemBegun('cord')
  it('of a cord is told, and the edge takes its place', () => {
    const tied = {
      ...clean,
      items: [{ ...cord, to: spotOn('bag', { on: 'row', row: 'gone:2', at: 5 }) }],
    }
    const snag = the(tied, 'spot-gone')
    expect(snag).toMatchObject({
      severity: 'warning',
      where: { of: 'f1' },
      facts: { name: 'Cord' },
    })
    const after = mended(tied, snag.mends[0]!)
    expect((after.items[0] as typeof cord).to).toEqual(spotOn('bag', { at: 5 }))
    expect((after.items[0] as typeof cord).from).toEqual(cord.from)
    expect(codes(after)).not.toContain('spot-gone')
    expect(codes({ ...clean, items: [cord] })).not.toContain('spot-gone')
  })

  it('of a piece that is sewn on is told too, where its join is left out', () => {
    const to = spotOn('bag', { on: 'row', row: 'gone:2' })
    const pocket = {
      ...{ id: 'c1', name: 'Pocket', times: 1 },
      parts: [baseAs('panel', { id: 'c1-p1', count: 6 }), plain({ id: 'c1-p2' })],
      joins: [
        { edge: 'first' as const, to, how: 'whip' as const, over: null, corner: 'none' as const },
      ],
      blocks: [],
    }
    const sewn = { ...clean, pieces: [...clean.pieces, pocket] }
    const snag = the(sewn, 'spot-gone')
    expect(snagText(snag, defaultWords).title).toBe('Pocket has lost its place.')
    expect(codes(mended(sewn, snag.mends[0]!))).not.toContain('spot-gone')
  })
})
