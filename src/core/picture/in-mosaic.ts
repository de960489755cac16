import { inTurns, mended, type School, USUAL_RUN } from '../mosaic/index.ts'
import { type Costs, likenessOf } from './likeness.ts'
import type { Chosen, NoPicture, PictureWanted } from './wanted.ts'
import type { Cells } from './raster.ts'
import { weighed } from './weighed.ts'

/** What a mosaic cell costs is taken in hundredths. */
const FINE = 100

/** A picture in two yarns by turns, as near as the school of mosaic allows. */
export function inMosaic(
  cells: Cells,
  costs: Costs,
  wanted: PictureWanted,
  school: School,
): Chosen | NoPicture {
  const { width, height } = cells
  const { yarns, flat = false, now, limitMs } = wanted
  const [first, second, ...more] = yarns
  if (!first || !second || more.length > 0) return 'two-yarns'
  const apart = weighed(cells, costs, wanted)
  const isFirst = (cell: number) => apart[2 * cell]! <= apart[2 * cell + 1]!
  const colours = Array.from({ length: height }, (_, row) =>
    Array.from({ length: width }, (_, column) =>
      isFirst(row * width + column) ? first.letter : second.letter,
    ).join(''),
  )
  // Another yarn than the nearer one costs what it is farther away.
  const weights = Int32Array.from({ length: width * height }, (_, cell) =>
    Math.max(1, Math.round(FINE * Math.abs(apart[2 * cell]! - apart[2 * cell + 1]!))),
  )
  const rows = inTurns(first.letter, second.letter, height)
  const { chart, cost, bound } = mended(
    { width, colours, rows },
    { school, flat, run: USUAL_RUN },
    { weights, ...(now ? { now } : {}), ...(limitMs === undefined ? {} : { limitMs }) },
  )
  const chosen = Uint8Array.from(chart.colours.join(''), (letter) =>
    letter === first.letter ? 0 : 1,
  )
  const metres = new Float64Array(2)
  // A row is worked in its own yarn; overlay one row a row of the chart, inset two.
  const often = school === 'inset' ? 2 : 1
  for (let row = 0; row < height; row++)
    metres[row % 2] = metres[row % 2]! + often * width * yarns[row % 2]!.stitch
  const { mean } = likenessOf(costs, chosen)
  const perRound = [...rows].map((letter) => [letter])
  return { chosen, perRound, metres, bound: mean * chosen.length - (cost - bound) / FINE }
}
