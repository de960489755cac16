import { groupsOf, meaningOf, type Place, readWork } from '../notation/index.ts'
import { type StitchPattern, stitchesOf, writtenRows } from './pattern.ts'
import { tallOf } from './symbols.ts'

/** A stitch where it stands: its foot below and its top above, in units of which a stitch is COLUMN wide; y grows downward. */
export interface DrawnStitch {
  readonly word: string
  readonly row: number
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
  readonly stitches: readonly DrawnStitch[]
}

export const COLUMN = 20

const mean = (list: readonly number[]): number | null =>
  list.length > 0 ? list.reduce((sum, x) => sum + x, 0) / list.length : null

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
  let below: readonly Place[] = new Array<Place>(way === 'flat' ? count + 1 : count).fill('ch')
  // Right-side rows go from right to left.
  // The chain skipped at the start of a flat row stands beside it.
  const beside = below.length - count
  let xs = below.map((_, i) => width - (i - beside + 0.5) * COLUMN)
  let y = 0
  let groups: readonly number[] | null = null
  /** Rounds begin further and further on: what has gone past the edge comes in at the other. */
  const around = (x: number) => (way === 'round' ? -Math.floor(x / width) * width : 0)
  const works = lines.flatMap(({ text }) => text ?? [])
  for (const [row, work] of works.entries()) {
    const { items, unread } = readWork(work)
    const { places, made, extras } = meaningOf(items, below, { groups })
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
    const tops = even.map((x) => x + shift)
    const tall = Math.max(...made.map(({ word }) => tallOf(word)))
    made.forEach(({ word, into }, i) => {
      const topX = tops[i]!
      const high = word === 'ch' ? tall : Math.max(tallOf(word), tall * 0.55)
      const footX = into ? feet[i]! : topX
      const by = around(topX)
      stitches.push({ word, row, footX: footX + by, footY: -y, topX: topX + by, topY: -y - high })
    })
    for (const { word, at } of extras) {
      const top = tops[Math.max(0, at - 1)] ?? 0
      const x = top + around(top)
      stitches.push({
        word,
        row,
        footX: x,
        footY: -y - tall,
        topX: x,
        topY: -y - tall - tallOf(word),
      })
    }
    y += tall + 4
    const together = groupsOf(made)
    groups = way === 'flat' ? together.toReversed() : together
    below = way === 'flat' ? places.toReversed() : places
    xs = way === 'flat' ? tops.toReversed() : tops
  }
  const all = stitches.flatMap(({ footX, topX }) => [footX, topX])
  return {
    left: Math.min(...all),
    right: Math.max(...all),
    height: y,
    rows: works.length,
    stitches,
  }
}
