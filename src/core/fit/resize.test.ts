import fc from 'fast-check'
import { type BandPart } from '../band/index.ts'
import { baseOf, designFaults, roundsOf, partsOf } from '../design/index.ts'
import { compile, compiled } from '../ledger/index.ts'
import { baseKinds } from '../shape/index.ts'
import { baseAs, motif, plain, stripes, tote } from '../testing/tote.ts'
import { allFits, type Fit, fitAnswer, type FitRequest, fitRequestOf, resized } from './index.ts'
import { projectOf } from '../project/index.ts'
import { tries } from '../testing/tries.ts'

const sizesOf = (design: ReturnType<typeof tote>) => compile(design).sizes

/** How near a height can be had: a round or two, or half a square where there are only squares to change. */
function leastStep(design: ReturnType<typeof tote>): number {
  const base = baseOf(design)
  return base.kind === 'squares' ? Math.max(13, (base.count * 5) / 2 + 16) : 13
}

/** Those of any count: rounds that are written out have theirs. */
const sizable = baseKinds.filter((kind) => kind !== 'written-base')

describe('resized', () => {
  it('is the wanted size by its plain body, while stripes, motifs and edges keep their rounds', () => {
    const bag = tote({
      parts: [...partsOf(tote()).slice(0, 3), stripes(), plain({ id: 'rim', rounds: 8 })],
    })
    const big = resized(bag, { aroundMm: 480, heightMm: 150 })
    expect(sizesOf(big)).toMatchObject({ aroundMm: 480, heightMm: 150 })
    expect(baseOf(big).count).toBe(96)
    const rounds = (design: typeof bag) =>
      partsOf(design)
        .slice(1)
        .map((part) => roundsOf(part as BandPart))
    // The rim has the most rounds.
    expect(rounds(big).slice(0, 3)).toEqual(rounds(bag).slice(0, 3))
    expect(rounds(big)[3]).toBeGreaterThan(rounds(bag)[3]!)
    expect(designFaults(big)).toEqual([])
    // Where it cannot give so much the others do too.
    const low = resized(bag, { aroundMm: 240, heightMm: 35 })
    expect(sizesOf(low).heightMm).toBeCloseTo(35, -1)
    expect(rounds(low)[1]).toBe(rounds(bag)[1])
    expect(rounds(low)[0]).toBeLessThan(rounds(bag)[0]!)
  })

  it('changes nothing where the size is what it is', () => {
    for (const kind of baseKinds) {
      const bag = tote({ parts: [baseAs(kind), stripes(), motif(), plain({ rounds: 7 })] })
      const { aroundMm, heightMm } = sizesOf(bag)
      expect(partsOf(resized(bag, { aroundMm, heightMm }))).toEqual(partsOf(bag))
    }
  })

  it('comes near any size, in every construction, and stays a bag that can be made', () => {
    const size = fc.record({
      aroundMm: fc.integer({ min: 200, max: 900 }),
      heightMm: fc.integer({ min: 80, max: 400 }),
    })
    fc.assert(
      fc.property(size, fc.constantFrom(...sizable), (wanted, kind) => {
        const bag = tote({ parts: [baseAs(kind), plain({ rounds: 12 }), motif()] })
        const next = resized(bag, wanted)
        expect(designFaults(next)).toEqual([])
        const { aroundMm, heightMm } = sizesOf(next)
        // Round faces are as tall as their width makes them: both cannot be had.
        if (kind === 'half-round') return void expect(heightMm).toBeCloseTo(aroundMm / 4, 6)
        // A step of a base that grows by whole stitches, and one row of its faces.
        expect(Math.abs(aroundMm - wanted.aroundMm)).toBeLessThan(
          Math.max(45, 0.06 * wanted.aroundMm),
        )
        if (kind === 'discs') expect(heightMm).toBeCloseTo(aroundMm / Math.PI, 6)
        else expect(Math.abs(heightMm - wanted.heightMm)).toBeLessThan(leastStep(next))
      }),
      { numRuns: tries(38) },
    )
  })

  it('keeps the flap of a folded panel in proportion', () => {
    const folded = tote({ parts: [baseAs('folded-panel', { flapRows: 6 }), plain({ rounds: 29 })] })
    const { heightMm } = sizesOf(folded)
    const twice = resized(folded, { aroundMm: 240, heightMm: 2 * heightMm })
    // Twelve rows, or one more or less where front and back are equal.
    const { flapRows } = baseOf(twice) as unknown as { flapRows: number }
    expect(Math.abs(flapRows - 12)).toBeLessThanOrEqual(1)
    expect(compile(twice).unequal).toBeNull()
  })
})

describe('fitAnswer', () => {
  const asked = (over: Partial<FitRequest>): FitRequest => ({
    ...{ stitchWidthMm: 5, wantedMm: 600, tolerance: 0.05, bands: [], maxPad: 6, bases: [] },
    ...over,
  })
  const of = (...multiples: number[]) =>
    multiples.map((multiple, i) => ({ id: String(i + 1), multiple, offset: 0 }))
  const counts = (fits: readonly Fit[]) => fits.map(({ count }) => count)

  it('has one line for a count that comes out, and the next such counts each way, though they be outside', () => {
    // 60 cm of 2 stitches a cm: 120 is 15 × 8; 112 is 6.7 % less, 128 as much more.
    const { fits, beyond } = fitAnswer(asked({ bands: of(8), maxPad: 0, tolerance: 0.06 }))
    expect(beyond.map(({ count, errorMm }) => [count, Math.round(errorMm)])).toEqual([
      [112, -40],
      [128, 40],
    ])
    expect(new Set(counts(fits)).size).toBe(fits.length)
    const one = fitAnswer(asked({ bands: of(24) }))
    expect([counts(one.fits), counts(one.beyond)]).toEqual([[120], [96, 144]])
  })

  it('never hides a count that comes out behind one that is merely nearer', () => {
    // 54 cm: 104 is nearer by its error alone where a stitch is changed; 112 = 14 × 8 comes out by itself at + 3.7 %.
    const { fits } = fitAnswer(asked({ wantedMm: 540, bands: of(8, 14) }))
    expect(counts(fits)).toContain(112)
    expect(fits.find(({ count }) => count === 112)!.cost).toBe(0)
  })

  it('changes one or two stitches in a plain round rather than a motif', () => {
    const near = { ...of(24)[0]!, hidden: true }
    const [best] = fitAnswer(asked({ count: 118, wantedMm: 590, bands: [near] })).fits
    expect(best!.bands[0]).toMatchObject({ count: 120, added: 2, padded: 0 })
    const shown = fitAnswer(asked({ count: 118, wantedMm: 590, bands: of(24) })).fits[0]!
    expect(shown.bands[0]).toMatchObject({ added: 2, padded: 0 })
  })

  it('never pads a motif by as much as its own width, and takes its blank columns as well as giving it some', () => {
    const all = allFits(asked({ bands: of(5) }))
    expect(all.some(({ bands }) => bands[0]!.padded >= 5)).toBe(false)
    const blank = [{ ...of(26)[0]!, blank: 3 }]
    const [best] = fitAnswer(asked({ wantedMm: 600, tolerance: 0.001, bands: blank })).fits
    expect(best!.bands[0]).toMatchObject({ padded: -2, repeats: 5, count: 120 })
    expect(allFits(asked({ bands: of(26) })).every(({ bands }) => bands[0]!.padded >= 0)).toBe(true)
  })

  it('says which narrower motif would fit where none does: 45 cm of 2 stitches a cm with a motif of 60', () => {
    const { fits, nearest } = fitAnswer(asked({ wantedMm: 450, bands: of(60) }))
    expect(fits).toEqual([])
    expect(nearest).toMatchObject({
      redrawn: true,
      fit: { count: 90, bands: [{ padded: -15, repeats: 2 }] },
    })
  })

  it('fills up a short list where no count comes out by itself, and says how many there are', () => {
    const { fits, total, nearest } = fitAnswer(asked({ bands: of(7, 11), tolerance: 0.06 }))
    expect(fits.length).toBeGreaterThanOrEqual(Math.min(7, total))
    expect(nearest).toBeNull()
  })

  // Common practice without a source: 15 a round to 90, on which 18 chain loops over 5 stand.
  it('finds 18 loops over 5 on a base of 15 a round', () => {
    const base = { kind: 'round', first: 15, increase: 15, flat: 12.6 }
    const { fits } = fitAnswer({
      stitchWidthMm: 5,
      wantedMm: 450,
      tolerance: 0.05,
      bands: [{ id: 'loops', multiple: 5, offset: 0 }],
      maxPad: 0,
      bases: [base],
    })
    expect(fits[0]).toMatchObject({
      count: 90,
      base: { rounds: 6, last: 0 },
      bands: [{ repeats: 18 }],
    })
  })

  it('says the nearest miss when nothing fits', () => {
    const never = {
      ...fitRequestOf(compiled(projectOf(tote()))),
      maxPad: 0,
      bands: [{ id: 'm', multiple: 61, offset: 0 }],
    }
    expect(fitAnswer(never)).toMatchObject({ fits: [], total: 0, nearest: { fit: { count: 61 } } })
  })
})
