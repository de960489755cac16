import fc from 'fast-check'
import { baseOf, designFaults, partsOf, stitchesMm } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { compile, compiled, standsOn } from '../ledger/index.ts'
import { baseKinds, chainFirstRound, RECTANGLE } from '../shape/index.ts'
import { base, baseAs, motif, plain, swatch, tote } from '../testing/tote.ts'
import {
  allFits,
  classChange,
  type Fit,
  fitCounts,
  fitRequestOf,
  fitEdits,
  type FitRequest,
  fitsOf,
  isInUse,
  maybeNearest,
  objectivesOf,
} from './index.ts'
import { tries } from '../testing/tries.ts'

const round = { kind: 'round', first: 6, increase: 6, flat: 6.28 }
const request = (over: Partial<FitRequest>): FitRequest => ({
  stitchWidthMm: 5,
  wantedMm: 600,
  tolerance: 0.05,
  bands: [],
  maxPad: 6,
  bases: [round],
  ...over,
})
const band = (multiple: number, offset = 0) => ({ id: `m${multiple}`, multiple, offset })

/** What every way there is comes to, tried one by one: every count, base, padding and count of each band. */
function bruteObjectives(of: FitRequest, low: number, high: number): number[][] {
  const ways = (from: number, at: number): { stitches: number; columns: number }[] => {
    const here = of.bands[at]
    if (!here) return [{ stitches: 0, columns: 0 }]
    const found: { stitches: number; columns: number }[] = []
    for (let on = low; on <= high; on++)
      for (let pad = 0; pad <= of.maxPad; pad++) {
        const whole = on - here.offset
        if (pad > 0 && pad >= here.multiple) continue
        if (whole < here.multiple + pad || whole % (here.multiple + pad) !== 0) continue
        const by = Math.abs(on - from)
        const added = by === 0 ? 0 : 1.5 + (here.hidden ? 1 : 1.5) * by
        for (const { stitches, columns } of ways(on, at + 1))
          found.push({ stitches: stitches + added, columns: columns + pad })
      }
    return found
  }
  const all: number[][] = []
  for (let count = low; count <= high; count++)
    of.bases.forEach((base, b) => {
      if (count < base.first) return
      const last = (count - base.first) % base.increase > 0 ? 1 : 0
      const off = base.flat === null ? 0 : Math.abs(base.increase / base.flat - 1)
      for (const { stitches, columns } of ways(count, 0))
        all.push([
          Math.abs(count * of.stitchWidthMm - of.wantedMm),
          stitches + last,
          columns,
          off,
          b > 0 ? 1 : 0,
        ])
    })
  return all
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

  it('never misses a better one (against trying them all)', () => {
    const cases = fc.record({
      wanted: fc.integer({ min: 10, max: 40 }),
      bands: fc.array(
        fc.record({
          id: fc.constant('m'),
          multiple: fc.integer({ min: 2, max: 13 }),
          offset: fc.integer({ min: 0, max: 2 }),
          hidden: fc.boolean(),
        }),
        { maxLength: 3 },
      ),
      maxPad: fc.integer({ min: 0, max: 3 }),
      bases: fc.array(
        fc.record({
          kind: fc.constant('round'),
          first: fc.integer({ min: 3, max: 12 }),
          increase: fc.integer({ min: 3, max: 8 }),
          flat: fc.option(fc.integer({ min: 4, max: 9 })),
        }),
        { minLength: 1, maxLength: 2 },
      ),
    })
    const noWorse = (a: readonly number[], b: readonly number[]) =>
      a.every((cost, i) => cost <= b[i]! + 1e-6)
    fc.assert(
      fc.property(cases, ({ wanted, ...rest }) => {
        const of = request({ stitchWidthMm: 1, wantedMm: wanted, tolerance: 0.15, ...rest })
        const low = Math.max(1, Math.ceil(wanted * 0.85 - 1e-9))
        const high = Math.floor(wanted * 1.15 + 1e-9)
        const brute = bruteObjectives(of, low, high)
        const fits = fitCounts(of)
        const found = fits.map(objectivesOf)
        // Whatever way there is, one that is shown is as good in every respect; and each that is shown can be had.
        expect(brute.every((way) => found.some((one) => noWorse(one, way)))).toBe(true)
        expect(found.every((one) => brute.some((way) => noWorse(way, one)))).toBe(true)
        // None that is shown is beaten, but for those that come out by themselves.
        found.forEach((one, i) => {
          const beaten = brute.some((way) => noWorse(way, one) && !noWorse(one, way))
          const clean = fits[i]!.bands.every(({ added, padded }) => added === 0 && padded === 0)
          if (beaten) expect(clean).toBe(true)
        })
      }),
      { numRuns: tries(750) },
    )
  })

  it('keeps its promise about every band', () => {
    for (const fit of fitCounts(request({ bands: [band(24), band(10, 1), band(7)] })))
      for (const { multiple, offset, padded, repeats, count } of fit.bands)
        expect((multiple + padded) * repeats + offset).toBe(count)
  })

  it('answers for the count on the hook, and says when nothing fits', () => {
    const onHook = fitCounts(request({ count: 118, bands: [band(24)] }))
    expect(new Set(onHook.map(({ count }) => count))).toEqual(new Set([118]))
    const none = request({ bands: [band(131)], maxPad: 0 })
    expect(fitCounts(none)).toEqual([])
    expect(maybeNearest(none)).toMatchObject({
      fit: { count: 131, bands: [{ repeats: 1 }] },
      tolerance: 55 / 600,
      padded: 0,
    })
    // More blank columns than usual would do, on a size that is right.
    expect(maybeNearest(request({ bands: [band(103)] }))).toMatchObject({
      fit: { bands: [{ repeats: 1 }] },
      tolerance: null,
      padded: 17,
    })
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
    const oval = request({ bases: [base], wantedMm: 400, tolerance: 0.1 })
    const rounds = new Map(fitCounts(oval).map((fit) => [fit.count, fit.base!.rounds]))
    expect([72, 78, 84].map((count) => rounds.get(count))).toEqual([1, 2, 3])
    const rectangle = { kind: 'rect', first: 78, increase: RECTANGLE.increase, flat: 8 }
    const fits = allFits(request({ bases: [rectangle], bands: [band(60)], maxPad: 0 }))
    // 118 in round 6, and two more for a 60-stitch repeat.
    expect(fits.find(({ count }) => count === 118)).toMatchObject({
      base: { rounds: 6, last: 0, flatness: 1 },
      bands: [{ count: 120, added: 2, repeats: 2 }],
    })
  })
})

describe('a design’s fits', () => {
  const apply = (design = tote(), fit: Fit) =>
    fitEdits(design, fit).reduce(
      (history, edit) => commit(history, edit),
      historyOf(projectOf(design)),
    ).design

  it('come out as promised when applied', () => {
    const design = tote({
      parts: [base({ count: 50 }), ...partsOf(tote()).slice(1)],
      want: { ...tote().want, tolerance: 0.1 },
    })
    for (const fit of fitsOf(compiled(projectOf(design)))) {
      const made = apply(design, fit)
      const piece = compile(made).pieces[0]!
      const motif = piece.parts.find(({ id }) => id === 'motif')!
      expect(piece.columns.makes[motif.firstRow]).toBe(fit.bands[0]!.count)
      expect(fit.bands[0]!.count % motif.repeat!).toBe(0)
      if (fit.bands[0]!.padded === 0 && !fit.base!.other) expect(isInUse(made, fit)).toBe(true)
      expect(isInUse(design, fit)).toBe(false)
    }
  })

  it('leave no round behind that a fit before had put in', () => {
    const direct = tote({ parts: [base({ count: 50 }), motif()] })
    const changing = allFits(fitRequestOf(compiled(projectOf(direct)))).find(
      ({ bands }) => bands[0]!.added !== 0,
    )!
    const made = apply(direct, changing)
    expect(partsOf(made)).toHaveLength(3)
    const even = fitsOf(compiled(projectOf(made))).find(({ cost }) => cost === 0)!
    expect(partsOf(apply(made, even)).map(({ id }) => id)).toEqual(['base', 'motif'])
  })

  it('weigh another increase that lies flatter', () => {
    const cupped = tote({ parts: [base({ increase: 5, count: 50 }), ...partsOf(tote()).slice(1)] })
    const other = fitsOf(compiled(projectOf(cupped))).find(({ base }) => base!.other)!
    expect(other.base!.increase).toBe(6)
    const made = apply(cupped, other)
    expect(partsOf(made)[0]).toMatchObject({ increase: 6, count: other.count })
  })

  it('count both faces of a flat bag, with an offset where rows are flat', () => {
    const flat = motif({ balance: 1 })
    const panels = tote({ parts: [baseAs('two-panels'), plain(), flat] })
    const [best] = fitsOf(compiled(projectOf(panels)))
    expect(best).toMatchObject({ count: 25, sizeMm: 250, bands: [{ repeats: 4, offset: 1 }] })
    const tube = tote({ parts: [baseAs('tube'), plain(), flat] })
    expect(fitsOf(compiled(projectOf(tube)))[0]).toMatchObject({
      count: 48,
      bands: [{ repeats: 8, offset: 0 }],
    })
  })

  it('say how wide each band comes out at its own gauge', () => {
    const design = tote({
      swatches: [swatch(), swatch({ fabric: 'tapestry', stitchesOverMm: 110 })],
    })
    expect(fitsOf(compiled(projectOf(design)))[0]).toMatchObject({
      sizeMm: 240,
      bands: [{ count: 48, sizeMm: 264 }],
    })
  })

  it('are what compile then gives, in every construction: count, bands and size', () => {
    const wanted = fc.record({
      kind: fc.constantFrom(...baseKinds),
      aroundMm: fc.integer({ min: 180, max: 900 }),
      width: fc.integer({ min: 2, max: 9 }),
    })
    fc.assert(
      fc.property(wanted, ({ kind, aroundMm, width }) => {
        const chart = { width, colours: ['A'.repeat(width - 1) + 'B'] }
        const own = kind === 'round-base' ? base() : baseAs(kind)
        const design = tote({
          parts: [own, plain({ rounds: 3 }), motif({ chart })],
          want: { aroundMm, said: 'around', heightMm: 100, tolerance: 0.2 },
        })
        for (const fit of fitsOf(compiled(projectOf(design))).slice(0, 3)) {
          const made = apply(design, fit)
          expect(designFaults(made)).toEqual([])
          const ledger = compile(made)
          expect(baseOf(made).count).toBe(fit.count)
          const body = ledger.pieces.find(({ id }) => id === 'bag')!
          const part = body.parts.find(({ id }) => id === 'motif')!
          const stands = standsOn(body, part)
          for (const band of fit.bands) {
            expect([kind, stands]).toEqual([kind, band.count])
            expect((band.count - band.offset) % part.repeat!).toBe(0)
            expect((band.count - band.offset) / part.repeat!).toBe(band.repeats)
          }
          // Where nothing is added below the motif the bag is as wide (or, sideways, as tall) as was said.
          if (fit.bands.every(({ added }) => added === 0))
            expect(Math.abs(stitchesMm(made, ledger.sizes) - fit.sizeMm)).toBeLessThan(1e-6)
        }
      }),
      { numRuns: tries(30) },
    )
  })

  it('are none where bands do not stand on the base’s own stitches', () => {
    const discs = tote({
      parts: [baseAs('discs'), motif({ chart: { width: 5, colours: ['ABAAA'] } })],
    })
    expect(fitsOf(compiled(projectOf(discs))).every(({ bands }) => bands.length === 0)).toBe(true)
  })
})

describe('another yarn class', () => {
  // Published classes (Craft Yarn Council, from memory), middles: class 3 is 14.5 sc over four inches, class 4 12.5, on hooks of 5 and 6 mm.
  it('makes stitches wider by the published ranges, on the same hook', () => {
    const { wide, hooks, isUsualHook } = classChange({ hookMm: 5, yarnClass: 3 }, null, 4)
    expect(wide).toBeCloseTo((14.5 / 12.5) * (5 / 6) ** 0.6, 6)
    expect([hooks, isUsualHook]).toEqual([[5.5, 6.5], false])
    expect(classChange({ hookMm: 5, yarnClass: 3 }, 4, 4).wide).toBe(1)
  })
})
