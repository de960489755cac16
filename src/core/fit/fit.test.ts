import fc from 'fast-check'
import { commit, historyOf } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { chainFirstRound, flatCornerIncrease, RECTANGLE } from '../shape/index.ts'
import { base, tote } from '../testing/tote.ts'
import {
  type Fit,
  fitCounts,
  fitEdits,
  type FitRequest,
  fitsOf,
  isInUse,
  maybeNearest,
} from './index.ts'

const request = (over: Partial<FitRequest>): FitRequest => ({
  stitchWidthMm: 5,
  wantedMm: 600,
  tolerance: 0.05,
  bands: [],
  maxPad: 6,
  base: { kind: 'round', first: 6, increase: 6, flat: 6.28 },
  ...over,
})
const band = (multiple: number, offset = 0) => ({ id: `m${multiple}`, multiple, offset })

/** All ways up, tried one by one: the cheapest cost from `count` through the bands. */
function bruteCost(
  count: number,
  bands: FitRequest['bands'],
  low: number,
  high: number,
  maxPad: number,
): number {
  const [first, ...rest] = bands
  if (!first) return 0
  let best = Infinity
  for (let on = low; on <= high; on++)
    for (let pad = 0; pad <= maxPad; pad++) {
      const whole = on - first.offset
      if (whole < first.multiple + pad || whole % (first.multiple + pad) !== 0) continue
      const added = Math.abs(on - count)
      const here = (added ? 1.5 + added : 0) + (pad ? 1.5 + 0.4 * pad : 0)
      best = Math.min(best, here + bruteCost(on, rest, low, high, maxPad))
    }
  return best
}

describe('fitCounts', () => {
  it('finds the even count first', () => {
    const [best] = fitCounts(request({ bands: [band(24)] }))
    expect(best).toMatchObject({
      count: 120,
      errorMm: 0,
      cost: 0,
      base: { rounds: 20, last: 0 },
      bands: [{ count: 120, added: 0, padded: 0, repeats: 5 }],
    })
  })

  it('never misses a cheaper way (against trying them all)', () => {
    const cases = fc.record({
      wanted: fc.integer({ min: 10, max: 40 }),
      bands: fc.array(
        fc.record({
          id: fc.constant('m'),
          multiple: fc.integer({ min: 2, max: 13 }),
          offset: fc.integer({ min: 0, max: 2 }),
        }),
        { maxLength: 3 },
      ),
      maxPad: fc.integer({ min: 0, max: 3 }),
    })
    fc.assert(
      fc.property(cases, ({ wanted, bands, maxPad }) => {
        const of = request({
          stitchWidthMm: 1,
          wantedMm: wanted,
          tolerance: 0.15,
          bands,
          maxPad,
          base: null,
        })
        const low = Math.max(1, Math.ceil(wanted * 0.85 - 1e-9))
        const high = Math.floor(wanted * 1.15 + 1e-9)
        const fits = new Map(fitCounts(of).map((fit) => [fit.count, fit.cost]))
        for (let count = low; count <= high; count++)
          expect(fits.get(count) ?? Infinity).toBeCloseTo(
            bruteCost(count, bands, low, high, maxPad),
            9,
          )
      }),
      { numRuns: 300 },
    )
  })

  it('keeps its promise about every band', () => {
    for (const fit of fitCounts(request({ bands: [band(24), band(10, 1), band(7)] })))
      for (const { multiple, offset, padded, repeats, count } of fit.bands)
        expect((multiple + padded) * repeats + offset).toBe(count)
  })

  it('answers for the count on the hook, and says when nothing fits', () => {
    expect(fitCounts(request({ count: 118, bands: [band(24)] })).map(({ count }) => count)).toEqual(
      [118],
    )
    const none = request({ bands: [band(131)], maxPad: 0 })
    expect(fitCounts(none)).toEqual([])
    expect(maybeNearest(none)).toMatchObject({ count: 131, bands: [{ repeats: 1 }] })
    expect(maybeNearest(request({ bands: [band(5000)], maxPad: 0 }))).toBeNull()
  })
})

describe('bases around a chain', () => {
  // Counts of common practice without a source ("counts only": how flat they lie differs).
  it.each([
    [{ along: 24, inEnd: 3 }, 50],
    [{ along: 34, inEnd: 3 }, 70],
    [{ along: 35, inEnd: 3 }, 72],
    [{ along: 38, inEnd: RECTANGLE.inEnd }, 78],
  ])('begin with the known counts: %j', (base, first) => expect(chainFirstRound(base)).toBe(first))

  it('go on with the known counts', () => {
    const base = { kind: 'oval', first: 72, increase: 6, flat: 6.28 }
    const oval = request({ base, wantedMm: 400, tolerance: 0.1 })
    const rounds = new Map(fitCounts(oval).map((fit) => [fit.count, fit.base!.rounds]))
    expect([72, 78, 84].map((count) => rounds.get(count))).toEqual([1, 2, 3])
    const rectangle = { kind: 'rect', first: 78, increase: RECTANGLE.increase, flat: 8 }
    const fits = fitCounts(request({ base: rectangle, bands: [band(60)], maxPad: 0 }))
    // 118 in round 6, and two more for a 60-stitch repeat.
    expect(fits.find(({ count }) => count === 118)).toMatchObject({
      base: { rounds: 6, last: 0, flatness: 1 },
      bands: [{ count: 120, added: 2, repeats: 2 }],
    })
  })

  it('lie flat with eight row heights a round at the corners', () => {
    expect(flatCornerIncrease(5, 5)).toBe(8)
    expect(flatCornerIncrease(5, 10)).toBe(16)
  })
})

describe('a design’s fits', () => {
  const apply = (design = tote(), fit: Fit) =>
    fitEdits(design, fit).reduce((history, edit) => commit(history, edit), historyOf(design)).design

  it('come out as promised when applied', () => {
    const design = tote({
      parts: [base({ count: 50 }), ...tote().parts.slice(1)],
      want: { ...tote().want, tolerance: 0.1 },
    })
    for (const fit of fitsOf(design)) {
      const made = apply(design, fit)
      const piece = compile(made).pieces[0]!
      const motif = piece.parts.find(({ id }) => id === 'motif')!
      expect(piece.columns.makes[motif.firstRow]).toBe(fit.bands[0]!.count)
      expect(fit.bands[0]!.count % motif.repeat!).toBe(0)
      if (fit.bands[0]!.padded === 0) expect(isInUse(made, fit)).toBe(true)
      expect(isInUse(design, fit)).toBe(false)
    }
  })
})
