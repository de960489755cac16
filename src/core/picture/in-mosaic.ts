import { inTurns, lentTo, mended, type School, USUAL_RUN } from '../mosaic/index.ts'
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
  if (!first || !second || (more.length > 0 && !wanted.rows)) return 'two-yarns'
  const rows = wanted.rows ?? inTurns(first.letter, second.letter, height)
  const places = new Map(yarns.map(({ letter }, at) => [letter, at]))
  const placeOf = (row: number) => places.get(rows[row]!)!
  const apart = weighed(cells, costs, wanted)
  /** A cell shows the yarn of its row, or that of the row it is lent to; so far it looks from both. */
  const both = (cell: number) => {
    const row = Math.floor(cell / width)
    const pair = [placeOf(row), places.get(lentTo(rows, row))!] as const
    const [own, next] = pair.map((yarn) => apart[cell * yarns.length + yarn]!) as [number, number]
    return { nearer: own <= next ? pair[0] : pair[1], far: Math.abs(own - next) }
  }
  const colours = Array.from({ length: height }, (_, row) =>
    Array.from(
      { length: width },
      (__, column) => yarns[both(row * width + column).nearer]!.letter,
    ).join(''),
  )
  // Another yarn than the nearer one costs what it is farther away.
  const weights = Int32Array.from({ length: width * height }, (_, cell) =>
    Math.max(1, Math.round(FINE * both(cell).far)),
  )
  const { chart, cost, bound } = mended(
    { width, colours, rows },
    { school, flat, run: USUAL_RUN },
    { weights, ...(now ? { now } : {}), ...(limitMs === undefined ? {} : { limitMs }) },
  )
  const chosen = Uint8Array.from(chart.colours.join(''), (letter) => places.get(letter)!)
  const metres = new Float64Array(yarns.length)
  // A row is worked in its own yarn; overlay one row a row of the chart, inset two.
  const often = school === 'inset' ? 2 : 1
  for (let row = 0; row < height; row++)
    metres[placeOf(row)] = metres[placeOf(row)]! + often * width * yarns[placeOf(row)]!.stitch
  const { mean } = likenessOf(costs, chosen)
  const perRound = [...rows].map((letter) => [letter])
  // Of more than two yarns a mended cell may be in one that was not weighed.
  const least = more.length > 0 ? null : mean * chosen.length - (cost - bound) / FINE
  return { chosen, perRound, metres, bound: least }
}
