import { groupsOf, meaningOf, passesIn, type Place, readWork } from '../notation/index.ts'
import { type StitchPattern, stitchesOf, writtenRows } from './pattern.ts'
import { tallOf } from './symbols.ts'

/** A stitch where it stands: its foot below and its top above, in units of which a stitch is COLUMN wide; y grows downward. */
export interface DrawnStitch {
  readonly word: string
  readonly row: number
  /** The yarn it is worked in. */
  readonly yarn: string
  readonly footX: number
  readonly footY: number
  readonly topX: number
  readonly topY: number
}

export interface StitchChart {
  /** The leftmost and rightmost of all feet and tops. */
  readonly left: number
  readonly right: number
  readonly height: number
  readonly rows: number
  /** The yarn each row begins in: A for the first of the pattern's. */
  readonly yarns: readonly string[]
  /** The rows each is worked into, -1 for the chain all stands on. */
  readonly onto: readonly (readonly number[])[]
  readonly stitches: readonly DrawnStitch[]
}

export const COLUMN = 20

const mean = (list: readonly number[]): number | null =>
  list.length > 0 ? list.reduce((sum, x) => sum + x, 0) / list.length : null

/** What a row leaves, as one on it finds it, and how high the drawing is there. */
interface Top {
  readonly places: readonly Place[]
  readonly xs: readonly number[]
  readonly groups: readonly number[] | null
  readonly y: number
}

/** The loops of two rows that lie side by side, from right to left; what stands between them is passed over. */
function sideBySide(tops: readonly Top[]): Top {
  const loops = tops
    .flatMap(({ places, xs }) => xs.flatMap((x, i) => (places[i] === 'ch' ? [x] : [])))
    .sort((a, b) => b - a)
  return {
    // Between loops there is a stitch, as there is between the places of one row.
    places: loops.flatMap((): Place[] => ['ch', 'st']),
    xs: loops.flatMap((x) => [x, x]),
    groups: null,
    y: tops.at(-1)!.y,
  }
}

interface Point {
  readonly x: number
  readonly y: number
}

/** The yarn of each stitch of a row that begins in one: a change holds until the next. */
function yarnsOf(made: readonly { readonly yarn: string | null }[], begun: string): string[] {
  let yarn = begun
  return made.map(({ yarn: said }) => (yarn = said ?? yarn))
}

/** How far each chain is lifted: three and more side by side arch over what they pass. */
function archesOf(words: readonly string[]): number[] {
  const lifts = words.map(() => 0)
  for (let from = 0; from < words.length; from++) {
    let to = from
    while (words[to] === 'ch') to++
    const length = to - from
    for (let i = 0; length >= 3 && i < length; i++) {
      const t = (i + 0.5) / length
      lifts[from + i] = Math.min(16, 3 * length) * 4 * t * (1 - t)
    }
    from = Math.max(from, to - 1)
  }
  return lifts
}

/** The chain all stands on, from right to left as right-side rows go; the chain skipped in flat work stands beside it. */
function chainOf(count: number, way: 'flat' | 'round'): Top {
  const beside = way === 'flat' ? 1 : 0
  const places = new Array<Place>(count + beside).fill('ch')
  const xs = places.map((_, i) => (count - (i - beside + 0.5)) * COLUMN)
  return { places, xs, groups: null, y: 0 }
}

/**
 * The pattern drawn over so many repeats, its base row lowest: every stitch leans from the place it goes into to the place it
 * leaves. `rows` of the pattern are drawn, by itself twice what repeats. Null when it is not worked that way or cannot be read.
 */
export function stitchChart(
  pattern: StitchPattern,
  way: 'flat' | 'round',
  repeats: number,
  rows?: number,
): StitchChart | null {
  const lines = writtenRows(pattern, way, repeats, 'row', rows)
  if (lines.length === 0) return null
  const count = stitchesOf(pattern, repeats, way)
  const width = count * COLUMN
  const stitches: DrawnStitch[] = []
  const left: Top[] = [chainOf(count, way)]
  /** Rounds begin further and further on: what has gone past the edge comes in at the other. */
  const around = (x: number) => (way === 'round' ? -Math.floor(x / width) * width : 0)
  const turns = way === 'flat' && pattern.passes !== 2
  const works = lines.slice(1)
  for (const [row, { work, onto, yarn: begun }] of works.entries()) {
    // Forward and back again it stands where its way forward does.
    const { items, unread } = readWork(passesIn(work)?.[0] ?? work)
    const tops = onto.map((at) => left[at]!)
    const { places: below, xs, groups } = tops.length > 1 ? sideBySide(tops) : tops[0]!
    // Where two yarns work beside one another each row has a strip of its own, in the order they are worked.
    const { y } = left.at(-1)!
    const { places, made, extras } = meaningOf(items, below, {
      groups,
      round: way === 'round',
    })
    if (unread.length > 0 || places === null || places.length === 0) return null
    const rightward = xs.at(-1)! > xs[0]!
    const step = width / places.length
    const even = places.map((_, i) => (rightward ? (i + 0.5) * step : width - (i + 0.5) * step))
    const feet = made.map(
      ({ into }, i) => (into ? mean(xs.slice(into.from, into.to)) : null) ?? even[i]!,
    )
    // A round goes on around: it stands over what it is worked into, wherever it begins.
    const apart = feet.flatMap((x, i) => (made[i]!.into ? [x - even[i]!] : []))
    const shift = way === 'round' ? (mean(apart) ?? 0) : 0
    const at = even.map((x) => x + shift)
    const tall = Math.max(...made.map(({ word }) => tallOf(word)))
    const lifts = archesOf(made.map(({ word }) => word))
    const inYarn = yarnsOf(made, begun)
    const push = (word: string, yarn: string, foot: Point, top: Point) =>
      stitches.push({
        ...{ word, row, yarn },
        ...{ footX: foot.x, footY: foot.y, topX: top.x, topY: top.y },
      })
    made.forEach(({ word, into }, i) => {
      const high = word === 'ch' ? tall + lifts[i]! : Math.max(tallOf(word), tall * 0.55)
      const by = around(at[i]!)
      const x = at[i]! + by
      push(word, inYarn[i]!, { x: into ? feet[i]! + by : x, y: -y }, { x, y: -y - high })
    })
    for (const { word, at: after } of extras) {
      const top = at[Math.max(0, after - 1)] ?? 0
      const x = top + around(top)
      push(word, begun, { x, y: -y - tall }, { x, y: -y - tall - tallOf(word) })
    }
    // A half loop is where the next round of its yarn begins; it lies before the others, as a round goes on around.
    const half = made.at(-1)!.word === 'half loop'
    const as = <T>(list: readonly T[]) =>
      half ? [list.at(-1)!, ...list.slice(0, -1)] : turns ? list.toReversed() : [...list]
    const ahead = as(at).map((x, i) => (half && i === 0 ? x + width : x))
    left.push({ places: as(places), xs: ahead, groups: as(groupsOf(made)), y: y + tall + 4 })
  }
  const all = stitches.flatMap(({ footX, topX }) => [footX, topX])
  return {
    left: Math.min(...all),
    right: Math.max(...all),
    height: left.at(-1)!.y,
    rows: works.length,
    yarns: works.map(({ yarn }) => yarn),
    onto: works.map(({ onto }) => onto.map((line) => line - 1)),
    stitches,
  }
}
