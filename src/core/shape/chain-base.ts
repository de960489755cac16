import { evenPlaces } from '../solver/index.ts'
import type { StitchSize } from './construction.ts'
import { staggerPhase } from './round-base.ts'
import { doubled, type Mark, type ShapeRow } from './shape-row.ts'

/** What is decided about a base worked around both sides of a chain: an oval, or a rectangle with corners. */
export interface ChainBase {
  /** Stitches along one side of the chain. */
  readonly along: number
  /** Stitches in the last chain of each end in round 1: 3 as a rule, or 2. */
  readonly inEnd: number
  /** How many of those of the end it begins in come first; the others close the round. 1 unless said. */
  readonly inFirst?: number
}

export interface OvalBase extends ChainBase {
  /** Stitches added each further round, half of them in each end; at most every end stitch is doubled. */
  readonly increase: number
  readonly count: number
}

export interface RectangleBase {
  readonly along: number
  readonly count: number
  readonly inFirst?: number
  /** Where a last round that adds less than the others has its increases: at corners, or in the middles of the short ends. */
  readonly rest?: 'corners' | 'ends'
}

/** Stitches of round 1 around a chain: both sides without their ends, and the ends. */
export const chainFirstRound = ({ along, inEnd }: ChainBase): number => 2 * (along - 2) + 2 * inEnd

/** A rectangle has 3 in each end in round 1, and then 3 in 1 at four corners: 8 more a round. */
export const RECTANGLE = { inEnd: 3, increase: 8 } as const

/** In which order the corners, as they come, take one stitch more: the second is opposite the first. */
const OPPOSITE = [0, 2, 1, 3] as const

/** A rectangle lies flat when each round adds eight row heights: two at each corner. */
export const flatCornerIncrease = ({ stitchWidthMm, rowHeightMm }: StitchSize): number =>
  (8 * rowHeightMm) / stitchWidthMm

/** Rounds until a base that begins with `first` stitches and adds `increase` a round has `count`; its last may add less. */
export const roundsTo = (first: number, increase: number, count: number): number =>
  1 + Math.max(0, Math.ceil((count - first) / increase))

/**
 * Round 1 begins with `inFirst` in the first chain, goes up one side, `inEnd` into the last chain, down the other side, and the rest
 * of the end into the chain it began in, if any is left.
 */
function firstRow(base: ChainBase): ShapeRow {
  const { along, inEnd, inFirst = 1 } = base
  const marks: Mark[] = [
    { place: 0, together: inFirst },
    { place: along - 1, together: inEnd },
    { place: 2 * along - 2, together: inEnd - inFirst },
  ]
  return {
    kind: 'chain',
    uses: 0,
    makes: chainFirstRound(base),
    units: 2 * along - (inFirst < inEnd ? 1 : 2),
    marks: marks.filter(({ together }) => together > 1),
  }
}

/** Places of one round, in working order, by the end they belong to; sides belong to none. */
type Zones = readonly (1 | 2 | null)[]

const firstZones = ({ along, inEnd, inFirst = 1 }: ChainBase): Zones => {
  const side = new Array<null>(along - 2).fill(null)
  const ends = <E extends 1 | 2>(end: E, count: number) => new Array<E>(count).fill(end)
  return [...ends(2, inFirst), ...side, ...ends(1, inEnd), ...side, ...ends(2, inEnd - inFirst)]
}

/** The places of an end, in working order: the second end goes on over the start of the round. */
function placesOf(zones: Zones, end: 1 | 2): number[] {
  const places = zones.flatMap((zone, place) => (zone === end ? [place] : []))
  if (end === 1) return places
  const half = zones.length / 2
  return [...places.filter((place) => place > half), ...places.filter((place) => place <= half)]
}

/**
 * The rounds of an oval: each further round adds half of its increase in each end, staggered; the last takes what is left. The
 * odd one of an odd increase goes to one end and the other in turn.
 * @throws RangeError when the count is below round 1
 */
export function ovalBaseRows(base: OvalBase): ShapeRow[] {
  const rows = [firstRow(base)]
  if (base.count < rows[0]!.makes)
    throw new RangeError(`no oval of ${base.count} stitches around a chain of ${base.along}`)
  let zones = firstZones(base)
  for (let nth = 1; zones.length < base.count; nth++) {
    const add = Math.min(base.increase, base.count - zones.length)
    const marks = ([1, 2] as const)
      .flatMap((end) => {
        const places = placesOf(zones, end)
        const more = end === (nth % 2 === 1 ? 1 : 2)
        const share = more ? Math.ceil(add / 2) : Math.floor(add / 2)
        return evenPlaces(places.length, share, staggerPhase(nth)).map((i) => places[i]!)
      })
      .sort((a, b) => a - b)
      .map((place) => ({ place, together: 2 }))
    const marked = new Set(marks.map(({ place }) => place))
    rows.push({ kind: 'increase', uses: zones.length, makes: zones.length + add, marks })
    zones = zones.flatMap((zone, place) => (marked.has(place) ? [zone, zone] : [zone]))
  }
  return rows
}

/** So many more at four corners: two at each at most, and fewer at those that lie opposite one another first. */
const cornerMarks = (corners: readonly number[], add: number): Mark[] =>
  corners
    .map((place, i) => ({
      place,
      together: 1 + Math.min(2, Math.floor(add / 4) + (OPPOSITE[i]! < add % 4 ? 1 : 0)),
    }))
    .filter(({ together }) => together > 1)

/** So many more in the middle of each short end, between its two corners; the second end goes on over the start of the round. */
function endMarks(
  [start, one, other, last]: readonly number[],
  count: number,
  each: number,
): Mark[] {
  const between = (from: number, to: number) =>
    evenPlaces(to - from - 1, each).map((place) => (from + 1 + place) % count)
  return doubled(
    [...between(one!, other!), ...between(last!, start! + count)].sort((a, b) => a - b),
  )
}

/**
 * The rounds of a rectangle: three in one at each of four corners, which then lie in the middle of the three; the last round
 * takes what is left, at corners that lie opposite one another first.
 * @throws RangeError when the count is below round 1
 */
export function rectangleBaseRows({ along, count, inFirst, rest }: RectangleBase): ShapeRow[] {
  const base = { along, inEnd: RECTANGLE.inEnd, ...(inFirst ? { inFirst } : {}) }
  const rows = [firstRow(base)]
  let now = rows[0]!.makes
  if (count < now) throw new RangeError(`no rectangle of ${count} stitches around ${along}`)
  const ends = ([1, 2] as const).map((end) => placesOf(firstZones(base), end))
  let corners = ends.flatMap((places) => [places[0]!, places.at(-1)!]).sort((a, b) => a - b)
  while (now < count) {
    const add = Math.min(RECTANGLE.increase, count - now)
    const inEnds = rest === 'ends' && add < RECTANGLE.increase && add % 2 === 0
    const marks = inEnds ? endMarks(corners, now, add / 2) : cornerMarks(corners, add)
    rows.push({ kind: 'increase', uses: now, makes: now + add, marks })
    // Each corner moves on by what the corners before it added, and to the middle of its own three.
    corners = corners.map((place, i) => place + 2 * i + 1)
    now += add
  }
  return rows
}
