import { type Cell, type Chart, maybeLetterAt } from './chart.ts'
import type { Lettered } from './patch.ts'

/** The eight cells around one; in the round the left and right edges touch. */
function around({ width }: Chart, { column, row }: Cell, round: boolean): Cell[] {
  const cells: Cell[] = []
  for (let up = -1; up <= 1; up++)
    for (let across = -1; across <= 1; across++) {
      if (up === 0 && across === 0) continue
      const to = column + across
      cells.push({ column: round ? (to + width) % width : to, row: row + up })
    }
  return cells
}
const touches = ({ column, row }: Cell, at: Cell, width: number): boolean =>
  column === at.column || row === at.row || Math.abs(column - at.column) === width

/** Stitches that touch none of their own yarn, not even by a corner. */
export function loneCells(chart: Chart, round: boolean): Cell[] {
  const { width, colours } = chart
  const lone: Cell[] = []
  colours.forEach((text, row) => {
    for (let column = 0; column < width; column++) {
      const letter = text[column]!
      const [left, right] = [text[column - 1], text[column + 1]]
      if (left === letter || right === letter) continue
      const near = around(chart, { column, row }, round)
      if (near.every((cell) => maybeLetterAt(chart, cell) !== letter)) lone.push({ column, row })
    }
  })
  return lone
}

const byLetter = (list: readonly (readonly [letter: string, cell: Cell])[]): Lettered[] =>
  [...new Set(list.map(([letter]) => letter))].map((letter) => ({
    letter,
    cells: list.flatMap(([one, cell]) => (one === letter ? [cell] : [])),
  }))

/** Each such stitch in the yarn most of those beside, above and below it have: it goes into what is around it. */
export const absorbed = (chart: Chart, cells: readonly Cell[], round: boolean): Lettered[] =>
  byLetter(
    cells.map((cell) => {
      const near = around(chart, cell, round).filter((one) => touches(one, cell, chart.width))
      const letters = near.flatMap((one) => maybeLetterAt(chart, one) ?? [])
      const often = (letter: string) => letters.filter((one) => one === letter).length
      const most = letters.reduce((best, one) => (often(one) > often(best) ? one : best))
      return [most, cell] as const
    }),
  )

/**
 * Each such stitch one further, to where it touches others of its yarn; where it stood goes what was there. Only those that such a
 * place is beside.
 */
export function joinedUp(chart: Chart, cells: readonly Cell[], round: boolean): Lettered[] {
  const moves = cells.flatMap((cell) => {
    const letter = maybeLetterAt(chart, cell)!
    const to = around(chart, cell, round).find((place) => {
      const there = maybeLetterAt(chart, place)
      if (there === null || there === letter) return false
      return around(chart, place, round).some(
        (one) =>
          (one.column !== cell.column || one.row !== cell.row) &&
          maybeLetterAt(chart, one) === letter,
      )
    })
    if (!to) return []
    return [[maybeLetterAt(chart, to)!, cell] as const, [letter, to] as const]
  })
  return byLetter(moves)
}
