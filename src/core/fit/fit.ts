import { roundsTo } from '../shape/index.ts'
import { cheapestWays, type Layer, paretoSet, type Way } from '../solver/index.ts'

/*
 * Counts that come out even. For each count the base could have, all ways up through the bands that no other way beats are
 * found exactly; a band is worked over whole repeats, on a count changed in the plain round below it, or with its motif
 * padded by blank columns. Of all counts and ways those stay that no other beats in size, stitches, motif and base.
 */

export interface FitBand {
  readonly id: string
  readonly multiple: number
  readonly offset: number
  /** It cannot be padded. */
  readonly whole?: true
  /** A plain round lies just below it, where a change of count hides. */
  readonly hidden?: boolean
  /** Its own way around a stitch, when its gauge is another than the base's. */
  readonly stitchMm?: number
}

/** A base: the stitches of its first round, those each further round adds, and how many would lie flat (null: always flat). */
export interface FitBase {
  readonly kind: string
  readonly first: number
  readonly increase: number
  readonly flat: number | null
}

export interface FitRequest {
  /** Way around (or width) that one stitch comes to. */
  readonly stitchWidthMm: number
  /** What is around beside the stitches; 0 unless said. */
  readonly extraMm?: number
  readonly wantedMm: number
  /** 0.05 = ±5 % of the wanted size. */
  readonly tolerance: number
  readonly bands: readonly FitBand[]
  /** Blank columns a motif may be given at most. */
  readonly maxPad: number
  /** Bases below the bands that may be used, the one preferred first; none without one. */
  readonly bases: readonly FitBase[]
  /** Counts above this are not offered. */
  readonly mostCount?: number
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
  readonly sizeMm: number
}

export interface Fit {
  readonly count: number
  readonly sizeMm: number
  /** Made − wanted. */
  readonly errorMm: number
  readonly base: {
    readonly kind: string
    readonly increase: number
    readonly rounds: number
    /** Stitches the last round adds when that is fewer than the others add; 0 when it is not. */
    readonly last: number
    readonly flatness: number
    /** Another base than the one preferred. */
    readonly other: boolean
  } | null
  readonly bands: readonly BandFit[]
  /** How much is changed to get there: 0 when everything comes out even by itself. */
  readonly cost: number
}

/**
 * What changing costs, from memory of what shows: a stitch added or taken away 1, half as much again where no plain round
 * hides it, a column padded 0.4, and 1.5 for doing either at all; a base whose last round adds fewer 1; another increase 0.5.
 */
const COST = { once: 1.5, stitch: 1, shown: 1.5, column: 0.4, lastRound: 1, other: 0.5 } as const
/** Being this far off the wanted size weighs as much as one stitch added; a base this share off flat likewise. */
const WEIGHS = { mm: 10, flatness: 0.1 } as const

const addedCost = (added: number, hidden: boolean | undefined) =>
  added === 0 ? 0 : COST.once + (hidden ? COST.stitch : COST.shown) * Math.abs(added)
const paddedCost = (columns: number) => (columns === 0 ? 0 : COST.once + COST.column * columns)

/** Bands whose motifs are padded in one fit at most; with as many padded columns in all it stops being her motif. */
const MOST_PADDED = 8
/** Counts that are looked at; nobody works more stitches a round than the last. */
const COUNTS = { bands: 8000, least: 60, last: 4000 } as const

/** The least padding with which the band is whole on this count; −1 when there is none. */
function paddingFor(band: FitBand, count: number, maxPad: number): number {
  for (let pad = 0; pad <= (band.whole ? 0 : maxPad); pad++) {
    const rest = count - band.offset
    if (rest >= band.multiple + pad && rest % (band.multiple + pad) === 0) return pad
  }
  return -1
}

/**
 * Every count within the tolerance, from below, and the one asked for. Of more than can be weighed against each other, which
 * no honest size has, those nearest to the wanted size.
 */
function countsOf({
  wantedMm,
  stitchWidthMm,
  tolerance,
  count,
  extraMm = 0,
  bands,
  mostCount = COUNTS.last,
}: FitRequest): number[] {
  const exact = (mm: number) => (mm - extraMm) / stitchWidthMm
  const middle = count ?? Math.round(exact(wantedMm))
  const reach = Math.max(COUNTS.least, Math.floor(COUNTS.bands / Math.max(1, bands.length))) >> 1
  const low = Math.ceil(exact(wantedMm * (1 - tolerance)) - 1e-9)
  const high = Math.floor(exact(wantedMm * (1 + tolerance)) + 1e-9)
  const from = Math.max(1, Math.min(low, count ?? low), middle - reach)
  const to = Math.min(mostCount, Math.max(high, count ?? high), middle + reach)
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i)
}

/** The bands of a way, with all that is said of them. */
function bandFits(
  request: FitRequest,
  counts: readonly number[],
  ground: number,
  way: Way,
): BandFit[] {
  let below = ground
  return request.bands.map((band, b) => {
    const count = counts[way.nodes[b]!]!
    const padded = paddingFor(band, count, request.maxPad)
    const added = count - below
    below = count
    // Field by field: there are very many of them.
    const { id, multiple, offset, whole, hidden, stitchMm } = band
    return {
      id,
      multiple,
      offset,
      whole,
      hidden,
      stitchMm,
      count,
      added,
      padded,
      repeats: (count - offset) / (multiple + padded),
      sizeMm: count * (stitchMm ?? request.stitchWidthMm),
    }
  })
}

function baseFit(base: FitBase, count: number, other: boolean): NonNullable<Fit['base']> {
  return {
    kind: base.kind,
    increase: base.increase,
    rounds: roundsTo(base.first, base.increase, count),
    last: (count - base.first) % base.increase,
    flatness: base.flat === null ? 1 : base.increase / base.flat,
    other,
  }
}

/** Every count within the tolerance with every way that none from the same count beats. */
export function allFits(request: FitRequest): Fit[] {
  const sizeOf = (count: number) => count * request.stitchWidthMm + (request.extraMm ?? 0)
  const counts = countsOf(request)
  const layers = request.bands.map((band): Layer => ({
    weights: counts.map((count) => paddingFor(band, count, request.maxPad)),
    step: (from, to) => addedCost(to - from, band.hidden),
    least: (distance) => addedCost(distance, band.hidden),
  }))
  const ways = cheapestWays(
    counts.length,
    layers,
    request.maxPad * Math.min(layers.length, MOST_PADDED),
  )
  const bases = request.bases.length > 0 ? request.bases : [null]
  return counts.flatMap((count, i): Fit[] => {
    if (request.count !== undefined && count !== request.count) return []
    return bases.flatMap((base, b): Fit[] => {
      if (base && count < base.first) return []
      return ways[i]!.map((way): Fit => {
        const bands = bandFits(request, counts, count, way)
        const made = base && baseFit(base, count, b > 0)
        const pads = bands.reduce((sum, { padded }) => sum + paddedCost(padded), 0)
        const below = made && made.last > 0 ? COST.lastRound : 0
        return {
          count,
          sizeMm: sizeOf(count),
          errorMm: sizeOf(count) - request.wantedMm,
          base: made,
          bands,
          cost: way.cost + pads + below + (made?.other ? COST.other : 0),
        }
      })
    })
  })
}

/** What a fit is judged by, each the less the better: size, stitches changed, motif changed, base off flat, base as it was. */
export function objectivesOf({ errorMm, bands, base }: Fit): readonly number[] {
  return [
    Math.round(Math.abs(errorMm) * 1e6) / 1e6,
    bands.reduce((sum, { added, hidden }) => sum + addedCost(added, hidden), 0) +
      (base && base.last > 0 ? COST.lastRound : 0),
    bands.reduce((sum, { padded }) => sum + padded, 0),
    base ? Math.abs(base.flatness - 1) : 0,
    base?.other ? 1 : 0,
  ]
}

const rank = ({ cost, errorMm, base }: Fit): number =>
  cost +
  Math.abs(errorMm) / WEIGHS.mm +
  (base ? Math.max(0, Math.abs(base.flatness - 1) / WEIGHS.flatness - 1) : 0)

/** Whether it comes out by itself, with nothing changed. */
const isEven = ({ cost }: Fit): boolean => cost === 0

/**
 * The fits no other beats, and every count that comes out by itself, since another size may suit as well. Best first.
 * Empty when there is none within the tolerance.
 */
export const fitCounts = (request: FitRequest): Fit[] => unbeaten(ranked(request))

/** Every fit, best first. */
const ranked = (request: FitRequest): Fit[] =>
  allFits(request).sort((a, b) => rank(a) - rank(b) || a.count - b.count)

function unbeaten(all: readonly Fit[]): Fit[] {
  const front = new Set(paretoSet(all, objectivesOf))
  return all.filter((fit) => front.has(fit) || isEven(fit))
}

/** The best fit; undefined when there is none. */
export const bestFit = (request: FitRequest): Fit | undefined => ranked(request)[0]

/** What is shown of the fits: those no other beats, and the next best counts when these are few. */
export interface FitAnswer {
  readonly fits: readonly Fit[]
  /** Counts within the tolerance that come out in some way. */
  readonly total: number
  /** What comes nearest when nothing fits. */
  readonly nearest: Nearest | null
}

/** Answers a request for people to choose from: at least `least` counts where there are as many. */
export function fitAnswer(request: FitRequest, least = 7): FitAnswer {
  const all = ranked(request)
  const fits = unbeaten(all)
  const counts = new Set(fits.map(({ count }) => count))
  for (const fit of all) {
    if (fits.length >= least) break
    if (counts.has(fit.count)) continue
    counts.add(fit.count)
    fits.push(fit)
  }
  return {
    fits,
    total: new Set(all.map(({ count }) => count)).size,
    nearest: fits.length > 0 ? null : maybeNearest(request),
  }
}

/** How far the tolerance is widened to find the nearest miss. */
const WIDER = [2, 4, 8, 16, 32, 64] as const
/** Columns of padding that are tried beyond the usual. */
const MORE_PADDING = 24

/** What comes nearest when nothing fits, and which limit would have to give for it. */
export interface Nearest {
  readonly fit: Fit
  /** The tolerance it takes; null when more padding alone is enough. */
  readonly tolerance: number | null
  /** The columns of padding it takes. */
  readonly padded: number
}

/** What comes nearest when nothing fits: with more padding within the tolerance, or the best within a wider one. */
export function maybeNearest(request: FitRequest): Nearest | null {
  const most = (fit: Fit) => Math.max(0, ...fit.bands.map(({ padded }) => padded))
  const [padded] = fitCounts({ ...request, maxPad: MORE_PADDING })
  if (padded) return { fit: padded, tolerance: null, padded: most(padded) }
  for (const times of WIDER) {
    const [best] = fitCounts({ ...request, tolerance: Math.min(0.9, request.tolerance * times) })
    if (best)
      return {
        fit: best,
        tolerance: Math.abs(best.errorMm) / request.wantedMm,
        padded: most(best),
      }
  }
  return null
}
