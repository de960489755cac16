import { difference } from '../colour/index.ts'
import { type Cells, colourAt } from './raster.ts'

/*
 * A repeat whose ends meet: what lies beyond its end is laid over its beginning up to a line along which both look most alike. The line
 * goes from row to row by a cell at the most; the best is found exactly (minimum error boundary cut, Efros and Freeman 2001).
 */

function turnedOver({ width, height, colours }: Cells): Cells {
  const turned = new Uint8Array(colours.length)
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      const from = 3 * (row * width + column)
      turned.set(colours.subarray(from, from + 3), 3 * (column * height + row))
    }
  return { width: height, height: width, colours: turned }
}

/** Where the line lies in each row: so many cells are taken from beyond the end. */
function lineOf({ width, height, colours }: Cells, more: number): number[] {
  const repeat = width - more
  const known = new Map<string, number>()
  const unlike = (row: number, column: number): number => {
    const [a, b] = [column, column + repeat].map((one) => colourAt(colours, row * width + one))
    const key = `${a}${b}`
    const far = known.get(key) ?? difference(a!, b!)
    known.set(key, far)
    return far
  }
  // A line between two cells costs what both look unlike beside it.
  const here = (row: number, at: number) =>
    (at > 0 ? unlike(row, at - 1) : 0) + (at < more ? unlike(row, at) : 0)
  const sums: Float64Array[] = []
  for (let row = 0; row < height; row++) {
    const below = sums[row - 1]
    sums.push(
      Float64Array.from({ length: more + 1 }, (_, at) => {
        const before = below
          ? Math.min(...[at - 1, at, at + 1].map((one) => below[one] ?? Infinity))
          : 0
        return before + here(row, at)
      }),
    )
  }
  const line = Array<number>(height)
  for (let row = height - 1; row >= 0; row--) {
    const sum = sums[row]!
    const last = line[row + 1]
    let best = -1
    for (let at = 0; at <= more; at++) {
      if (last !== undefined && Math.abs(at - last) > 1) continue
      if (best < 0 || sum[at]! < sum[best]! - 1e-12) best = at
    }
    line[row] = best
  }
  return line
}

/** A repeat so many columns narrower than what was seen, its left edge going on from its right one. */
export function metAround(cells: Cells, more: number): Cells {
  const { width, height, colours } = cells
  const repeat = width - more
  if (more < 1 || repeat < more) return cells
  const line = lineOf(cells, more)
  const met = new Uint8Array(3 * repeat * height)
  for (let row = 0; row < height; row++)
    for (let column = 0; column < repeat; column++) {
      const from = 3 * (row * width + column + (column < line[row]! ? repeat : 0))
      met.set(colours.subarray(from, from + 3), 3 * (row * repeat + column))
    }
  return { width: repeat, height, colours: met }
}

/** So many rows lower than what was seen, its lowest row going on from its highest. */
export const metUp = (cells: Cells, more: number): Cells =>
  turnedOver(metAround(turnedOver(cells), more))
