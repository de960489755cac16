import { roundsTo } from '../shape/index.ts'

/*
 * Counts that come out even. For each count the last base round could have, the cheapest way up through the bands is
 * found exactly (shortest path, from the rim down); a band is worked over whole repeats, on a count changed in the plain
 * round below it, or with its motif padded by blank columns.
 */

export interface FitBand {
  readonly id: string
  readonly multiple: number
  readonly offset: number
}

/** A base: the stitches of its first round, those each further round adds, and how many would lie flat. */
export interface FitBase {
  readonly kind: string
  readonly first: number
  readonly increase: number
  readonly flat: number
}

export interface FitRequest {
  readonly stitchWidthMm: number
  readonly wantedMm: number
  /** 0.05 = ±5 % of the wanted size. */
  readonly tolerance: number
  readonly bands: readonly FitBand[]
  /** Blank columns a motif may be given at most. */
  readonly maxPad: number
  /** The base below the bands; null without one. */
  readonly base: FitBase | null
  /** Only this count: "I have this many on the hook". */
  readonly count?: number
}

export interface BandFit extends FitBand {
  /** Stitches the band is worked on. */
  readonly count: number
  /** Stitches added (or, below 0, taken away) just below it. */
  readonly added: number
  readonly padded: number
  readonly repeats: number
}

export interface Fit {
  readonly count: number
  readonly sizeMm: number
  /** Made − wanted. */
  readonly errorMm: number
  readonly base: {
    readonly kind: string
    readonly rounds: number
    /** Stitches the last round adds when that is fewer than the others add; 0 when it is not. */
    readonly last: number
    readonly flatness: number
  } | null
  readonly bands: readonly BandFit[]
  /** How much is changed to get there: 0 when everything comes out even by itself. */
  readonly cost: number
}

/** What changing costs, from memory of what shows: a stitch added 1, a column padded 0.4, and 1.5 for doing either at all. */
const COST = { once: 1.5, stitch: 1, column: 0.4, lastRound: 1 } as const
/** Being this far off the wanted size weighs as much as one stitch added. */
const MM_PER_COST = 10

interface Step {
  readonly cost: number
  readonly fits: readonly BandFit[]
}

const addedCost = (added: number) => (added === 0 ? 0 : COST.once + COST.stitch * Math.abs(added))
const paddedCost = (columns: number) => (columns === 0 ? 0 : COST.once + COST.column * columns)

/** The cheapest padding with which the band is whole on this count; null when there is none. */
function maybePadding(band: FitBand, count: number, maxPad: number): number | null {
  for (let pad = 0; pad <= maxPad; pad++) {
    const rest = count - band.offset
    if (rest >= band.multiple + pad && rest % (band.multiple + pad) === 0) return pad
  }
  return null
}

/** The cheapest way through the bands from each count of the window, found from the last band down. */
function cheapestWays(
  bands: readonly FitBand[],
  counts: readonly number[],
  maxPad: number,
): Step[] {
  let above: Step[] = counts.map(() => ({ cost: 0, fits: [] }))
  for (const band of [...bands].reverse()) {
    const places = counts.flatMap((count, i) => {
      const padded = maybePadding(band, count, maxPad)
      return padded === null ? [] : [{ count, padded, step: above[i]! }]
    })
    above = counts.map((count) => {
      let best: Step = { cost: Infinity, fits: [] }
      for (const { count: on, padded, step } of places) {
        const cost = step.cost + addedCost(on - count) + paddedCost(padded)
        if (cost >= best.cost) continue
        const repeats = (on - band.offset) / (band.multiple + padded)
        best = {
          cost,
          fits: [{ ...band, count: on, added: on - count, padded, repeats }, ...step.fits],
        }
      }
      return best
    })
  }
  return above
}

/**
 * Counts within the tolerance at which every band comes out, the best first: little changed and near the wanted size.
 * Empty when there is none.
 */
export function fitCounts(request: FitRequest): Fit[] {
  const { wantedMm, stitchWidthMm, tolerance, base } = request
  const low = Math.max(
    base?.first ?? 1,
    Math.ceil((wantedMm * (1 - tolerance)) / stitchWidthMm - 1e-9),
  )
  const high = Math.floor((wantedMm * (1 + tolerance)) / stitchWidthMm + 1e-9)
  const from = Math.min(low, request.count ?? low)
  const to = Math.max(high, request.count ?? high)
  const counts = Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i)
  const ways = cheapestWays(request.bands, counts, request.maxPad)
  return counts
    .flatMap((count, i): Fit[] => {
      if (ways[i]!.cost === Infinity) return []
      if (request.count !== undefined && count !== request.count) return []
      if (base && count < base.first) return []
      const sizeMm = count * stitchWidthMm
      const left = base ? (count - base.first) % base.increase : 0
      return [
        {
          count,
          sizeMm,
          errorMm: sizeMm - wantedMm,
          base: base && {
            kind: base.kind,
            rounds: roundsTo(base.first, base.increase, count),
            last: left,
            flatness: base.increase / base.flat,
          },
          bands: ways[i]!.fits,
          cost: ways[i]!.cost + (left === 0 ? 0 : COST.lastRound),
        },
      ]
    })
    .sort((a, b) => rank(a) - rank(b) || a.count - b.count)
}

/** How far the tolerance is widened to find the nearest miss. */
const WIDER = [2, 4, 8, 16, 32, 64] as const

/** What comes nearest when nothing fits: the best within a wider tolerance; null when there is none there either. */
export function maybeNearest(request: FitRequest): Fit | null {
  for (const times of WIDER) {
    const [best] = fitCounts({ ...request, tolerance: Math.min(0.9, request.tolerance * times) })
    if (best) return best
  }
  return null
}

const rank = (fit: Fit): number => fit.cost + Math.abs(fit.errorMm) / MM_PER_COST
