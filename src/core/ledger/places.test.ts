import { type Design, partsOf } from '../design/index.ts'
import { baseFlatness } from '../fit/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { checkPattern } from '../check/index.ts'
import { defaultWords, stitchById } from '../stitch/index.ts'
import { base, baseAs, plain, swatch, tote } from '../testing/tote.ts'
import { compile, compiled, runsOfRow } from './index.ts'
import { projectOf } from '../project/index.ts'

/* Where things stand on the hook: facts of the trade, common practice. */

/** Places of a row, counted as they are made, where more than one goes into a place or two are taken together. */
function changesIn(design: Design, row: number): number[] {
  const ledger = compile(design)
  const at: number[] = []
  let place = 0
  for (const { stitch, count } of runsOfRow(ledger, ledger.pieces.at(-1)!, row)) {
    const { family, makes } = stitchById(stitch)
    for (let i = 0; i < count; i++) {
      if (family === 'increase' || family === 'decrease') at.push(place)
      place += makes
    }
  }
  return at
}
const text = (design: Design) => {
  const [piece] = writtenPattern(compile(design), defaultWords)
  return piece!.sections.flatMap(({ lines }) => lines)
}

describe('round 1 around a chain', () => {
  const oval = (inFirst: number) =>
    tote({ parts: [baseAs('oval-base', { along: 34, inEnd: 3, inFirst, count: 76 })] })

  it.each([
    [
      1,
      '1 sc in 2nd ch from hook, 32 sc, 3 sc in last ch, on the other side 32 sc, 2 sc in last ch',
    ],
    [
      2,
      '2 sc in 2nd ch from hook, 32 sc, 3 sc in last ch, on the other side 32 sc, 1 sc in last ch',
    ],
    [3, '3 sc in 2nd ch from hook, 32 sc, 3 sc in last ch, on the other side 32 sc'],
  ])('begins with %s in the first chain, and leaves 70', (inFirst, said) => {
    const [first, second] = text(oval(inFirst))
    expect([first!.note, first!.text, first!.count]).toEqual(['Ch 35.', said, 70])
    expect(second!.count).toBe(76)
    const written = `Ch 35.\nRnd 1: ${said} (70)\nRnd 2: ${second!.text} (76)`
    expect(checkPattern(written).rows.map(({ ok, makes }) => [ok, makes])).toEqual([
      [true, 70],
      [true, 76],
    ])
  })

  it('turns its plan on by as many: the increases of the ends stay in the ends', () => {
    const shifted = (inFirst: number) => changesIn(oval(inFirst), 1)
    const about = (places: number[], by: number) =>
      places.map((place) => (((place - by) % 76) + 76) % 76).sort((a, b) => a - b)
    // The ends lie about the first stitch and half-way on; three more in each, and no increase along a side.
    for (const inFirst of [1, 2, 3])
      for (const place of about(shifted(inFirst), inFirst - 1))
        expect(Math.min(place, 76 - place, Math.abs(place - 38))).toBeLessThanOrEqual(4)
  })
})

describe('a change of one or two stitches', () => {
  const on = (adjust: number, parts = [base()]) =>
    changesIn(tote({ parts: [...parts, plain({ adjust, rounds: 1 })] }), parts.length === 1 ? 8 : 8)

  it('is at the side away from the join, or at both sides, and never in the middle of the front', () => {
    expect(on(1)).toEqual([24])
    expect(on(2)).toEqual([1, 25])
    expect(on(-1)).toEqual([24])
    expect(on(-2)).toEqual([1, 23])
    // More of them are spread evenly.
    expect(on(4)).toHaveLength(4)
  })

  it('is on the short sides of a base that is picked up around', () => {
    // 20 across and 10 along each end: from a corner the short sides are 20 to 30 and 50 to 60.
    const flat = baseAs('flat-base', { along: 20, count: 60 })
    const [one, other] = changesIn(tote({ parts: [flat, plain({ adjust: 2, rounds: 1 })] }), 1)
    expect([one, other]).toEqual([25, 56])
  })
})

describe('a cornered base', () => {
  const last = (rest: 'corners' | 'ends', more: number) => {
    const count = 118 + more
    const corners = baseAs('rectangle-base', { along: 38, count, rest })
    const rows = compile(tote({ parts: [corners] })).pieces[0]!.rows
    return changesIn(tote({ parts: [corners] }), rows - 1)
  }

  it('puts what is left in the middles of its short ends where she chooses: 2, 58, 2, 58', () => {
    const [one, other] = last('ends', 2)
    expect(other! - one!).toBe(60)
    // The ends are about the join and half-way: neither lies along a long side.
    expect(Math.min(one!, 120 - other!)).toBeLessThanOrEqual(6)
    expect(last('ends', 4)).toHaveLength(4)
    const [a, b] = last('corners', 2)
    expect(b! - a!).not.toBe(0)
  })
})

describe('a folded panel of rows of two heights', () => {
  it('is as tall as the rows of its front, and its seams as long', () => {
    // Ten rows of sc at 5 mm, then rows of dc of 10 mm: 8 + 8 rows, and a flap of 4.
    const panel = baseAs('folded-panel', { count: 20, flapRows: 4 })
    const bag = tote({
      swatches: [swatch(), swatch({ stitch: 'dc', rows: 10 })],
      parts: [panel, plain({ rounds: 9 }), plain({ id: 'tall', stitch: 'dc', rounds: 10 })],
    })
    const { sizes, joins } = compile(bag)
    // Front: eight of sc. Back: two of sc and six of dc, which is taller.
    expect(sizes.heightMm).toBeCloseTo(2 * 5 + 6 * 10, 6)
    expect(joins[0]!.lengthMm).toBeCloseTo(8 * 5, 6)
  })
})

describe('how a base lies', () => {
  it('is judged by rounds that increase, and not at all where there is none', () => {
    const one = baseAs('oval-base', { along: 34, count: 70 })
    expect(baseFlatness(compiled(projectOf(tote({ parts: [one, plain()] }))))).toMatchObject({
      flatness: 1,
      flat: null,
    })
    const bowl = base({ increase: 6, count: 24, plainFrom: 1, plainRounds: 1 })
    expect(baseFlatness(compiled(projectOf(tote({ parts: [bowl] })))).average).toBeLessThan(6)
  })
})

it('a strip begins in the stitch of its own bands, not in that of the discs', () => {
  const discs = baseAs('discs', { strip: 10 })
  const bag = tote({ parts: [discs, plain({ stitch: 'hdc', rounds: 4 })] })
  const ledger = compile(bag)
  const strip = ledger.pieces.find(({ id }) => id === 'bag')!
  expect(runsOfRow(ledger, strip, 0)).toEqual([{ stitch: 'hdc', yarn: 'A', count: 10 }])
  expect(partsOf(bag)[0]!.stitch).toBe('sc')
})

describe('a first row in a stitch of its own (common practice)', () => {
  it.each([
    ['round-base', { increase: 6, count: 24 }],
    ['oval-base', { along: 10, increase: 6, count: 36 }],
    ['rectangle-base', { along: 10, count: 38 }],
    ['tube', { count: 40 }],
    ['panel', { count: 20 }],
    ['folded-panel', { count: 20 }],
    ['discs', { increase: 12, count: 36 }],
  ] as const)('%s: round 1 alone, and as many as ever', (kind, over) => {
    const of = (firstStitch: string | null) =>
      compile(
        tote({
          parts: [
            kind === 'round-base'
              ? base({ ...over, stitch: 'dc', firstStitch })
              : baseAs(kind, { ...over, stitch: 'dc', firstStitch } as never),
            plain({ rounds: 2, stitch: 'dc' }),
          ],
        }),
      )
    const [own, same] = [of('sc'), of(null)]
    const stitchesIn = (ledger: typeof own, row: number) =>
      runsOfRow(ledger, ledger.pieces[0]!, row).map(({ stitch }) => stitch.replace(/-\din1$/, ''))
    expect(new Set(stitchesIn(own, 0))).toEqual(new Set(['sc']))
    expect(new Set(stitchesIn(same, 0))).toEqual(new Set(['dc']))
    if (own.pieces[0]!.rows > 1) expect(stitchesIn(own, 1)).toEqual(stitchesIn(same, 1))
    expect([...own.pieces[0]!.columns.makes]).toEqual([...same.pieces[0]!.columns.makes])
    // A sc is half as high as a dc.
    const [low, high] = [own, same].map(({ pieces }) => pieces[0]!.columns.alongMm[0]!)
    expect(low).toBeCloseTo(high! / 2, 9)
  })
})
