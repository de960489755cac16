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

/** Columns of a row whose stitch has none of its yarn around it. */
function loneIn(
  text: string,
  below: string | undefined,
  above: string | undefined,
  round: boolean,
) {
  const lone: number[] = []
  const end = text.length - 1
  for (let column = 0; column <= end; column++) {
    const letter = text.charCodeAt(column)
    const left = column > 0 ? column - 1 : round ? end : -1
    const right = column < end ? column + 1 : round ? 0 : -1
    // Most stitches have one of their own beside them, and are done with that.
    if (left >= 0 && text.charCodeAt(left) === letter) continue
    if (right >= 0 && text.charCodeAt(right) === letter) continue
    const near = (line: string | undefined) =>
      line !== undefined &&
      (line.charCodeAt(column) === letter ||
        (left >= 0 && line.charCodeAt(left) === letter) ||
        (right >= 0 && line.charCodeAt(right) === letter))
    if (!near(below) && !near(above)) lone.push(column)
  }
  return lone
}

/** What was found of charts by their size: a stroke changes few rows, and the others are not looked at again. */
const known = new Map<string, { colours: readonly string[]; lone: number[][] }>()
const MOST_KNOWN = 12

/** Stitches that touch none of their own yarn, not even by a corner. */
export function loneCells({ width, colours }: Chart, round: boolean): Cell[] {
  const key = `${width} ${colours.length} ${round}`
  const before = known.get(key)
  const same = (row: number) => before?.colours[row] === colours[row]
  const lone = colours.map((text, row) =>
    before && same(row) && same(row - 1) && same(row + 1)
      ? before.lone[row]!
      : loneIn(text, colours[row - 1], colours[row + 1], round),
  )
  if (known.size >= MOST_KNOWN) known.clear()
  known.set(key, { colours: [...colours], lone })
  return lone.flatMap((columns, row) => columns.map((column) => ({ column, row })))
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
      const own = maybeLetterAt(chart, cell)!
      const first = letters[0] ?? own
      const most = letters.reduce((best, one) => (often(one) > often(best) ? one : best), first)
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

/** What can be done with them. */
export const loneMends = {
  absorb: { title: 'Absorb lone stitches', of: absorbed },
  'join-up': { title: 'Move lone stitches', of: joinedUp },
} as const
export type LoneMend = keyof typeof loneMends
