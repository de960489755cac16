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

/** Cells of one colour side by side, from a column to before another. */
type Stretch = readonly [from: number, to: number]

/** The stretches of a letter in a row, from left to right. */
function stretchesOf(row: string, letter: string): Stretch[] {
  const list: Stretch[] = []
  for (let from = row.indexOf(letter); from >= 0;) {
    let to = from + 1
    while (row[to] === letter) to++
    list.push([from, to])
    from = row.indexOf(letter, to)
  }
  return list
}

/** The first of them that ends behind a column. */
function firstBehind(list: readonly Stretch[], column: number): number {
  let [low, high] = [0, list.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (list[middle]![1] > column) high = middle
    else low = middle + 1
  }
  return low
}

/**
 * The stretches of one colour that hang together with `start` by their sides, row by row. In the round the left and right edges
 * touch, since the repeat goes on into its neighbour.
 */
function flooded({ width, colours }: Chart, start: Cell): ReadonlyMap<number, readonly Stretch[]> {
  const letter = colours[start.row]![start.column]!
  const rows = new Map<number, { all: Stretch[]; seen: boolean[] }>()
  const rowOf = (row: number) => {
    let known = rows.get(row)
    if (!known) {
      const all = stretchesOf(colours[row]!, letter)
      rows.set(row, (known = { all, seen: all.map(() => false) }))
    }
    return known
  }
  const waiting: { row: number; at: number }[] = []
  const take = (row: number, at: number) => {
    const { seen } = rowOf(row)
    if (seen[at] !== false) return
    seen[at] = true
    waiting.push({ row, at })
  }
  take(start.row, firstBehind(rowOf(start.row).all, start.column))
  while (waiting.length > 0) {
    const { row, at } = waiting.pop()!
    const { all } = rowOf(row)
    const [from, to] = all[at]!
    if (from === 0 && all.at(-1)![1] === width) take(row, all.length - 1)
    if (to === width && all[0]![0] === 0) take(row, 0)
    for (const next of [row - 1, row + 1]) {
      if (colours[next] === undefined) continue
      const there = rowOf(next).all
      for (let i = firstBehind(there, from); i < there.length && there[i]![0] < to; i++)
        take(next, i)
    }
  }
  return new Map([...rows].map(([row, { all, seen }]) => [row, all.filter((_, i) => seen[i])]))
}

/** The cells of one colour that hang together with `start` by their sides, also around the seam. */
export function floodCells(chart: Chart, start: Cell): Cell[] {
  if (maybeLetterAt(chart, start) === null) return []
  const cells: Cell[] = []
  for (const [row, stretches] of flooded(chart, start))
    for (const [from, to] of stretches)
      for (let column = from; column < to; column++) cells.push({ column, row })
  return cells
}

/** Rows of a chart by number, in other letters. */
export type Redrawn = (readonly [row: number, letters: string])[]

/** The rows that filling what hangs together with a cell would give. */
export function floodRows(chart: Chart, start: Cell, letter: string): Redrawn {
  if (maybeLetterAt(chart, start) === null) return []
  const rows: Redrawn = []
  for (const [row, stretches] of flooded(chart, start)) {
    const text = chart.colours[row]!
    let [next, done] = ['', 0]
    for (const [from, to] of stretches) {
      next += text.slice(done, from) + letter.repeat(to - from)
      done = to
    }
    if (done > 0) rows.push([row, next + text.slice(done)])
  }
  return rows.sort(([a], [b]) => a - b)
}

/** The rows that another letter wherever that of a cell is would give. */
export function sameRows({ colours }: Chart, { column, row }: Cell, letter: string): Redrawn {
  const own = colours[row]?.[column]
  if (own === undefined) return []
  return colours.flatMap((text, at) =>
    text.includes(own) ? [[at, text.replaceAll(own, letter)] as const] : [],
  )
}
