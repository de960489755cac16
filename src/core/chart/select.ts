import { type Cell, type Chart, maybeLetterAt } from './chart.ts'

/** The cells on a straight line from one cell to another, ends included (Bresenham). */
export function lineCells(from: Cell, to: Cell): Cell[] {
  const steps = Math.max(Math.abs(to.column - from.column), Math.abs(to.row - from.row))
  return Array.from({ length: steps + 1 }, (_, i) => ({
    column: Math.round(from.column + ((to.column - from.column) * i) / (steps || 1)),
    row: Math.round(from.row + ((to.row - from.row) * i) / (steps || 1)),
  }))
}

/** The cells of the rectangle with these opposite corners. */
export function rectangleCells(a: Cell, b: Cell): Cell[] {
  const [left, right] = [Math.min(a.column, b.column), Math.max(a.column, b.column)]
  const [low, high] = [Math.min(a.row, b.row), Math.max(a.row, b.row)]
  const cells: Cell[] = []
  for (let row = low; row <= high; row++)
    for (let column = left; column <= right; column++) cells.push({ column, row })
  return cells
}

/** The rim of the ellipse that just fits the rectangle with these opposite corners: in each row and column the nearest cells. */
export function ellipseCells(a: Cell, b: Cell): Cell[] {
  const [left, right] = [Math.min(a.column, b.column), Math.max(a.column, b.column)]
  const [low, high] = [Math.min(a.row, b.row), Math.max(a.row, b.row)]
  const [across, up] = [(right - left + 1) / 2, (high - low + 1) / 2]
  // Half of a line through it, so far from the middle; at its ends never less than the one or two cells there.
  const half = (reach: number, far: number, along: number) =>
    Math.max(along % 1 === 0 ? 1 : 0.5, along * Math.sqrt(Math.max(0, 1 - (far / reach) ** 2)))
  const inside = (column: number, row: number) => {
    const x = Math.abs(column + 0.5 - left - across)
    const y = Math.abs(row + 0.5 - low - up)
    return (y < up && x <= half(up, y, across)) || (x < across && y <= half(across, x, up))
  }
  return rectangleCells(a, b).filter(
    ({ column, row }) =>
      inside(column, row) &&
      !(
        inside(column - 1, row) &&
        inside(column + 1, row) &&
        inside(column, row - 1) &&
        inside(column, row + 1)
      ),
  )
}

/** Every cell of the colour of one. */
export function sameCells(chart: Chart, at: Cell): Cell[] {
  const letter = maybeLetterAt(chart, at)
  if (letter === null) return []
  return chart.colours.flatMap((text, row) =>
    [...text].flatMap((one, column) => (one === letter ? [{ column, row }] : [])),
  )
}

/** The cells a brush so many stitches wide and high covers on its way, each once. */
export function thickened(cells: readonly Cell[], size: number): Cell[] {
  if (size === 1) return [...cells]
  const back = (size - 1) >> 1
  const seen = new Map<string, Cell>()
  for (const { column, row } of cells)
    for (let i = 0; i < size; i++)
      for (let j = 0; j < size; j++) {
        const cell = { column: column - back + i, row: row - back + j }
        seen.set(`${cell.column},${cell.row}`, cell)
      }
  return [...seen.values()]
}

/**
 * The places of one colour that hang together with `start` by their sides, marked at row · width + column. In the round the left
 * and right edges touch, since the repeat goes on into its neighbour.
 */
function flooded({ width, colours }: Chart, start: Cell): Uint8Array {
  const height = colours.length
  const letter = colours[start.row]!.charCodeAt(start.column)
  const seen = new Uint8Array(width * height)
  const waiting = [start.row * width + start.column]
  seen[waiting[0]!] = 1
  const look = (row: number, column: number) => {
    const at = row * width + column
    if (seen[at] || colours[row]!.charCodeAt(column) !== letter) return
    seen[at] = 1
    waiting.push(at)
  }
  while (waiting.length > 0) {
    const at = waiting.pop()!
    const row = Math.floor(at / width)
    const column = at - row * width
    look(row, column + 1 < width ? column + 1 : 0)
    look(row, column > 0 ? column - 1 : width - 1)
    if (row > 0) look(row - 1, column)
    if (row < height - 1) look(row + 1, column)
  }
  return seen
}

/** The cells of one colour that hang together with `start` by their sides, also around the seam. */
export function floodCells(chart: Chart, start: Cell): Cell[] {
  if (maybeLetterAt(chart, start) === null) return []
  const { width } = chart
  const cells: Cell[] = []
  flooded(chart, start).forEach((there, at) => {
    if (there) cells.push({ column: at % width, row: Math.floor(at / width) })
  })
  return cells
}

/** Rows of a chart by number, in other letters. */
export type Redrawn = (readonly [row: number, letters: string])[]

/** The rows that filling what hangs together with a cell would give. */
export function floodRows(chart: Chart, start: Cell, letter: string): Redrawn {
  if (maybeLetterAt(chart, start) === null) return []
  const { width, colours } = chart
  const seen = flooded(chart, start)
  const rows: Redrawn = []
  colours.forEach((text, row) => {
    let [next, from] = ['', 0]
    for (let column = 0; column < width;) {
      if (!seen[row * width + column]) {
        column++
        continue
      }
      let end = column + 1
      while (end < width && seen[row * width + end]) end++
      next += text.slice(from, column) + letter.repeat(end - column)
      from = column = end
    }
    if (from > 0) rows.push([row, next + text.slice(from)])
  })
  return rows
}

/** The rows that another letter wherever that of a cell is would give. */
export function sameRows({ colours }: Chart, { column, row }: Cell, letter: string): Redrawn {
  const own = colours[row]?.[column]
  if (own === undefined) return []
  return colours.flatMap((text, at) =>
    text.includes(own) ? [[at, text.replaceAll(own, letter)] as const] : [],
  )
}
