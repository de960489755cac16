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
  /** Blank columns beside its motif, which it can lose; none unless said. */
  readonly blank?: number
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
  /** What it is begun with, where that is not rounds that grow. */
  readonly begunWith?: ((count: number) => string) | undefined
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
  /** Columns by which a motif may be narrowed beyond its blank ones: it must then be drawn again. None unless said. */
  readonly redraw?: number
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
  /** Columns given to its motif; below 0 taken from it. */
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
    /** What it is begun with, in words; null for rounds that grow. */
    readonly begunWith: string | null
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
 * hides it, and 1.5 for doing it at all; a motif that is padded or narrowed 5, more than two stitches anywhere, and 0.4 a column;
 * a base whose last round adds fewer 1; another increase 0.5.
 */
const COST = {
  once: 1.5,
  stitch: 1,
  shown: 1.5,
  motif: 5,
  column: 0.4,
  lastRound: 1,
  other: 0.5,
} as const
/** Being this far off the wanted size weighs as much as one stitch added; a base this share off flat likewise. */
const WEIGHS = { mm: 10, flatness: 0.1 } as const

const addedCost = (added: number, hidden: boolean | undefined) =>
  added === 0 ? 0 : COST.once + (hidden ? COST.stitch : COST.shown) * Math.abs(added)
const paddedCost = (columns: number) =>
  columns === 0 ? 0 : COST.motif + COST.column * Math.abs(columns)

/** Bands whose motifs are padded in one fit at most; with as many padded columns in all it stops being her motif. */
const MOST_PADDED = 8
/** Counts that are looked at; nobody works more stitches a round than the last. */
const COUNTS = { bands: 8000, least: 60, last: 4000 } as const

/**
 * The least change of a motif's width with which the band is whole on this count; null when there is none. It is never padded by
 * as much as it is wide, and loses no more than its blank columns, unless it may be drawn again.
 */
function maybePadding(
  { multiple, offset, whole, blank = 0 }: FitBand,
  count: number,
  { maxPad, redraw = 0 }: Pick<FitRequest, 'maxPad' | 'redraw'>,
): number | null {
  const rest = count - offset
  const fits = (wide: number) => wide >= 1 && rest >= wide && rest % wide === 0
  if (fits(multiple)) return 0
  if (whole) return null
  const loses = Math.min(multiple - 2, blank + redraw)
  for (let by = 1; by <= Math.max(maxPad, redraw); by++) {
    if (by <= maxPad && by < multiple && fits(multiple + by)) return by
    if (by <= loses && fits(multiple - by)) return -by
  }
  return null
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
    const padded = maybePadding(band, count, request)!
    const added = count - below
    below = count
    // Field by field: there are very many of them.
    const { id, multiple, offset, whole, blank, hidden, stitchMm } = band
    return {
      id,
      multiple,
      offset,
      whole,
      blank,
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
    begunWith: base.begunWith?.(count) ?? null,
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
    weights: counts.map((count) => {
      const padded = maybePadding(band, count, request)
      return padded === null ? -1 : Math.abs(padded)
    }),
    step: (from, to) => addedCost(to - from, band.hidden),
    least: (distance) => addedCost(distance, band.hidden),
  }))
  const ways = cheapestWays(
    counts.length,
    layers,
    Math.max(request.maxPad, request.redraw ?? 0) * Math.min(layers.length, MOST_PADDED),
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
    bands.reduce((sum, { padded }) => sum + Math.abs(padded), 0),
    base ? Math.abs(base.flatness - 1) : 0,
    base?.other ? 1 : 0,
  ]
}

const rank = ({ cost, errorMm, base }: Fit): number =>
  cost +
  Math.abs(errorMm) / WEIGHS.mm +
  (base ? Math.max(0, Math.abs(base.flatness - 1) / WEIGHS.flatness - 1) : 0)

/** Whether every band comes out by itself, with no stitch and no column changed; without bands, whether the base does. */
const isClean = ({ bands, cost }: Fit): boolean =>
  bands.length > 0 ? bands.every(({ added, padded }) => added === 0 && padded === 0) : cost === 0

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
  return all.filter((fit) => front.has(fit) || isClean(fit))
}

/** The best fit; undefined when there is none. */
export const bestFit = (request: FitRequest): Fit | undefined => ranked(request)[0]

/** What is shown of the fits. */
export interface FitAnswer {
  /** One for each count of the body, in its best way, best first. */
  readonly fits: readonly Fit[]
  /** Counts that come out by themselves next below and above what is wanted, outside the tolerance. */
  readonly beyond: readonly Fit[]
  /** Counts within the tolerance that come out in some way. */
  readonly total: number
  /** What comes nearest when nothing fits. */
  readonly nearest: Nearest | null
}

/** Stitches of the body: most that its bands are worked on, or of the base where there is none with a repeat. */
const bodyCount = ({ bands, count }: Fit): number =>
  bands.length > 0 ? Math.max(...bands.map((band) => band.count)) : count

/** The first of each count of the body. */
function byBody(fits: readonly Fit[]): Fit[] {
  const seen = new Set<number>()
  return fits.filter((fit) => {
    const count = bodyCount(fit)
    return !seen.has(count) && seen.add(count)
  })
}

/**
 * Answers a request for people to choose from: one line for each count of the body. Where one comes out by itself, the other lines
 * are those no other beats, and the next such counts each way, though they be outside the tolerance; else there are at least
 * `least` where there are as many.
 */
export function fitAnswer(request: FitRequest, least = 7): FitAnswer {
  const all = ranked(request)
  const fits = byBody(unbeaten(all))
  // Without repeats any count will do.
  const clean = request.bands.length > 0 && fits.some(isClean)
  const more = clean ? [] : byBody([...fits, ...all]).slice(fits.length)
  const shown = [...fits, ...more.slice(0, Math.max(0, least - fits.length))]
  return {
    fits: shown,
    beyond: clean || request.count !== undefined ? beyondOf(request) : [],
    total: new Set(all.map(bodyCount)).size,
    nearest: shown.length > 0 ? null : maybeNearest(request),
  }
}

/** How much further than the tolerance clean counts are looked for. */
const BEYOND = 0.3

/** The next clean counts below and above the tolerance, or what is on the hook. */
function beyondOf({ count, ...request }: FitRequest): Fit[] {
  if (request.bands.length === 0) return []
  const wider = Math.min(0.9, request.tolerance + BEYOND)
  const clean = ranked({ ...request, tolerance: wider, maxPad: 0, redraw: 0 }).filter(isClean)
  const outside = (fit: Fit) =>
    count === undefined
      ? Math.abs(fit.errorMm) > request.tolerance * request.wantedMm + 1e-6
      : fit.count !== count
  const off = (fit: Fit) => (count === undefined ? fit.errorMm : fit.count - count)
  const next = (side: number) =>
    clean
      .filter((fit) => outside(fit) && Math.sign(off(fit)) === side && !fit.base?.other)
      .reduce<Fit | null>(
        (near, fit) => (near && Math.abs(off(near)) <= Math.abs(off(fit)) ? near : fit),
        null,
      )
  return [next(-1), next(1)].filter((fit) => fit !== null)
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
  /** A motif must be drawn narrower than its blank columns allow. */
  readonly redrawn: boolean
}

/**
 * What comes nearest when nothing fits: with more padding or a motif drawn narrower within the tolerance, or the best within a
 * wider one.
 */
export function maybeNearest(request: FitRequest): Nearest | null {
  const near = (fit: Fit, tolerance: number | null): Nearest => ({
    fit,
    tolerance,
    padded: Math.max(0, ...fit.bands.map(({ padded }) => padded)),
    redrawn: fit.bands.some(({ padded, blank = 0 }) => -padded > blank),
  })
  const { maxPad } = request
  const redraw = maxPad > 0 ? MORE_PADDING : 0
  const [padded] = fitCounts({ ...request, maxPad: MORE_PADDING, redraw })
  if (padded) return near(padded, null)
  for (const times of WIDER) {
    const [best] = fitCounts({ ...request, tolerance: Math.min(0.9, request.tolerance * times) })
    if (best) return near(best, Math.abs(best.errorMm) / request.wantedMm)
  }
  return null
}
