import { evenPlaces } from '../solver/index.ts'
import type { Middles, StitchSize } from './construction.ts'
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

/** A round of an oval, and the ends its places belong to. */
interface OvalRound {
  readonly row: ShapeRow
  readonly zones: Zones
}

/**
 * The rounds of an oval: each further round adds half of its increase in each end, staggered; the last takes what is left. The
 * odd one of an odd increase goes to one end and the other in turn.
 * @throws RangeError when the count is below round 1
 */
function ovalRounds(base: OvalBase): OvalRound[] {
  let zones = firstZones(base)
  const rounds: OvalRound[] = [{ row: firstRow(base), zones }]
  if (base.count < zones.length)
    throw new RangeError(`no oval of ${base.count} stitches around a chain of ${base.along}`)
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
    const row: ShapeRow = {
      ...{ kind: 'increase', marks },
      ...{ uses: zones.length, makes: zones.length + add },
    }
    zones = zones.flatMap((zone, place) => (marked.has(place) ? [zone, zone] : [zone]))
    rounds.push({ row, zones })
  }
  return rounds
}
export const ovalBaseRows = (base: OvalBase): ShapeRow[] => ovalRounds(base).map(({ row }) => row)

/** How many rounds of a base there are up to one of so many stitches: the nearest below, where none has them. */
const roundsUpTo = (rounds: readonly { readonly row: ShapeRow }[], count: number): number =>
  Math.max(1, rounds.findLastIndex(({ row }) => row.makes <= count) + 1)

/** Half-way along a side from the increase before it to the one after it, as a maker counts it; null where an end has none. */
function betweenIncreases(
  { zones: below }: OvalRound,
  { row: { marks }, zones }: OvalRound,
  side: number,
): number | null {
  const inEnd = (end: 1 | 2) => marks.filter(({ place }) => below[place] === end)
  if (inEnd(1).length === 0 || inEnd(2).length === 0) return null
  // Where the two stitches of each increase begin.
  const at = marks.map(({ place }, i) => place + i)
  const before = at.findLast((place) => place < side) ?? at.at(-1)! - zones.length
  const after = at.find((place) => place > side) ?? at[0]! + zones.length
  return (before + 2 + after) / 2
}

/** A place of the round below in a round that increases. */
const carried = (place: number, { marks }: ShapeRow): number =>
  place + marks.filter((mark) => mark.place < place).length

/**
 * The middles of the long sides of an oval's round: half-way between the increases at their two ends, of that round, or of the last
 * one below it that increases in both ends.
 */
export function ovalMiddles(base: OvalBase, count: number): Middles {
  const all = ovalRounds(base)
  const rounds = all.slice(0, roundsUpTo(all, count))
  const sides = [0, 1].map((nth) => {
    let middle = 0
    rounds.forEach((round, i) => {
      const first = round.zones.indexOf(null)
      const side = nth === 0 ? first : round.zones.indexOf(null, round.zones.indexOf(1))
      middle =
        i === 0
          ? side + (base.along - 2) / 2
          : (betweenIncreases(rounds[i - 1]!, round, side) ?? carried(middle, round.row))
    })
    return middle
  })
  return { front: sides[0]!, back: sides[1]! }
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

/** A round of a rectangle, and the places of its corners. */
interface CorneredRound {
  readonly row: ShapeRow
  readonly corners: readonly number[]
}

/**
 * The rounds of a rectangle: three in one at each of four corners, which then lie in the middle of the three; the last round
 * takes what is left, at corners that lie opposite one another first.
 * @throws RangeError when the count is below round 1
 */
function rectangleRounds({ along, count, inFirst, rest }: RectangleBase): CorneredRound[] {
  const base = { along, inEnd: RECTANGLE.inEnd, ...(inFirst ? { inFirst } : {}) }
  const first = firstRow(base)
  let now = first.makes
  if (count < now) throw new RangeError(`no rectangle of ${count} stitches around ${along}`)
  const ends = ([1, 2] as const).map((end) => placesOf(firstZones(base), end))
  let corners = ends.flatMap((places) => [places[0]!, places.at(-1)!]).sort((a, b) => a - b)
  const rounds: CorneredRound[] = [{ row: first, corners }]
  while (now < count) {
    const add = Math.min(RECTANGLE.increase, count - now)
    const inEnds = rest === 'ends' && add < RECTANGLE.increase && add % 2 === 0
    const marks = inEnds ? endMarks(corners, now, add / 2) : cornerMarks(corners, add)
    const row: ShapeRow = { kind: 'increase', uses: now, makes: now + add, marks }
    // Each corner moves on by what is added before it, and to the middle of what is added in it.
    corners = corners.map((place) =>
      marks.reduce(
        (at, mark) =>
          at +
          (mark.place < place ? mark.together - 1 : 0) +
          (mark.place === place ? (mark.together - 1) / 2 : 0),
        place,
      ),
    )
    rounds.push({ row, corners })
    now += add
  }
  return rounds
}
export const rectangleBaseRows = (base: RectangleBase): ShapeRow[] =>
  rectangleRounds(base).map(({ row }) => row)

/** The middles of the long sides of a rectangle's round, each half-way between its two corners. */
export function rectangleMiddles(base: RectangleBase, count: number): Middles {
  const rounds = rectangleRounds(base)
  const { corners } = rounds[roundsUpTo(rounds, count) - 1]!
  const [a, b, c, d] = corners as [number, number, number, number]
  return { front: (a + b + 1) / 2, back: (c + d + 1) / 2 }
}
