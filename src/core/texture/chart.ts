import { meaningOf, type Place, readWork } from '../notation/index.ts'
import { type StitchPattern, stitchesOf, writtenOver } from './pattern.ts'
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
  readonly width: number
  readonly height: number
  readonly rows: number
  readonly stitches: readonly DrawnStitch[]
}

export const COLUMN = 20

/** The work of each row of a written pattern, without labels and totals. */
const worksOf = (text: string): string[] =>
  text
    .split('\n')
    .slice(1)
    .map((line) => line.replace(/^[A-Za-z]+ \d+: /, ''))

/**
 * The pattern drawn over so many repeats, its base row lowest: every stitch leans from the place it goes into to the place it
 * leaves. Null when it is not worked that way or cannot be read.
 */
export function stitchChart(
  pattern: StitchPattern,
  way: 'flat' | 'round',
  repeats: number,
): StitchChart | null {
  const text = writtenOver(pattern, way, repeats)
  if (text === null) return null
  const count = stitchesOf(pattern, repeats, way)
  const width = count * COLUMN
  const stitches: DrawnStitch[] = []
  let below: readonly Place[] = new Array<Place>(way === 'flat' ? count + 1 : count).fill('ch')
  // Right-side rows go from right to left.
  let xs = below.map((_, i) => width - (i + 0.5) * (width / below.length))
  let y = 0
  const works = worksOf(text)
  for (const [row, work] of works.entries()) {
    const { items, unread } = readWork(work)
    const { places, made, extras } = meaningOf(items, below)
    if (unread.length > 0 || places === null || places.length === 0) return null
    const rightward = xs.at(-1)! > xs[0]!
    const step = width / places.length
    const tops = places.map((_, i) => (rightward ? (i + 0.5) * step : width - (i + 0.5) * step))
    const tall = Math.max(...made.map(({ word }) => tallOf(word)))
    made.forEach(({ word, into }, i) => {
      const topX = tops[i]!
      const feet = into ? xs.slice(into.from, into.to) : [topX]
      const footX = feet.reduce((sum, x) => sum + x, 0) / Math.max(1, feet.length)
      const high = word === 'ch' ? tall : Math.max(tallOf(word), tall * 0.55)
      stitches.push({
        word,
        row,
        footX: feet.length > 0 ? footX : topX,
        footY: -y,
        topX,
        topY: -y - high,
      })
    })
    for (const { word, at } of extras) {
      const x = tops[Math.max(0, at - 1)] ?? 0
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
    below = way === 'flat' ? places.toReversed() : places
    xs = way === 'flat' ? tops.toReversed() : tops
  }
  return { width, height: y, rows: works.length, stitches }
}
