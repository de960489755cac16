import type { Cell } from '@core/chart'

/** What of a chart is seen, and where: sizes in CSS pixels of the canvas, y downward. */
export interface ChartView {
  readonly width: number
  readonly height: number
  /** Columns and rows of the chart itself; columns to the left and right of it are its repeats. */
  readonly columns: number
  readonly rows: number
  /** It is all there is across: nothing repeats beside it. */
  readonly alone?: boolean
  /** Columns a row by which each row stands further to the right than the one below it. */
  readonly lean?: number
  /** Width of a cell, and its height: the gauge's true shape. */
  readonly cellWidth: number
  readonly cellHeight: number
  /** Where the left edge of column 0 and the lower edge of row 0 are. */
  readonly left: number
  readonly foot: number
}

/** Half-open range of cells. */
export interface CellRange {
  readonly firstColumn: number
  readonly endColumn: number
  readonly firstRow: number
  readonly endRow: number
}

/** Room around the cells: stitch numbers above, round numbers where a round begins, tapes at the other side and below. */
export const margin = { left: 42, right: 42, top: 34, bottom: 50 } as const

const SMALLEST = 1.2
const LARGEST = 60
/** Columns of the neighbouring repeats that are shown on each side, when there is room. */
const NEIGHBOURS = 4

interface Frame {
  readonly width: number
  readonly height: number
  readonly columns: number
  readonly rows: number
  /** Height of a cell for a width of 1. */
  readonly aspect: number
  readonly alone?: boolean
  readonly lean?: number
}

/** The whole repeat with some of its neighbours, as large as fits. */
export function fittedView({
  width,
  height,
  columns,
  rows,
  aspect,
  alone = false,
  lean = 0,
}: Frame): ChartView {
  const [wide, high] = [width - margin.left - margin.right, height - margin.top - margin.bottom]
  const leaning = Math.abs(lean) * rows
  const across = columns + (alone ? leaning : 2 * NEIGHBOURS)
  const cellWidth = Math.max(SMALLEST, Math.min(26, wide / across, high / (rows * aspect)))
  const cellHeight = cellWidth * aspect
  return {
    width,
    height,
    columns,
    rows,
    alone,
    lean,
    cellWidth,
    cellHeight,
    left: margin.left + (wide - (columns + lean * rows) * cellWidth) / 2,
    foot: margin.top + (high + rows * cellHeight) / 2,
  }
}

/** The cell under a point; columns outside the chart are those of its repeats, rows outside give null. */
export function maybeCellAt(view: ChartView, x: number, y: number): Cell | null {
  const inside =
    x >= margin.left &&
    x < view.width - margin.right &&
    y >= margin.top &&
    y < view.height - margin.bottom
  const row = Math.floor((view.foot - y) / view.cellHeight)
  const column = Math.floor((x - view.left) / view.cellWidth - (view.lean ?? 0) * row)
  const beside = view.alone && (column < 0 || column >= view.columns)
  return !inside || beside || row < 0 || row >= view.rows ? null : { column, row }
}

/** The cell of the chart that a column of a repeat shows. */
export const inChart = (view: Pick<ChartView, 'columns'>, { column, row }: Cell): Cell => ({
  column: ((column % view.columns) + view.columns) % view.columns,
  row,
})

/** The cells that are seen, repeats included. */
export function visibleCells(view: ChartView): CellRange {
  const [first, end] = view.alone ? [0, view.columns] : [-Infinity, Infinity]
  const leaning = (view.lean ?? 0) * view.rows
  const [right, left] = [Math.max(0, leaning), Math.min(0, leaning)]
  return {
    firstColumn: Math.max(first, Math.floor((margin.left - view.left) / view.cellWidth - right)),
    endColumn: Math.min(
      end,
      Math.ceil((view.width - margin.right - view.left) / view.cellWidth - left),
    ),
    firstRow: Math.max(
      0,
      Math.floor((view.foot - (view.height - margin.bottom)) / view.cellHeight),
    ),
    endRow: Math.min(view.rows, Math.ceil((view.foot - margin.top) / view.cellHeight)),
  }
}

/** Upper left corner of a cell. */
export const cellCorner = (view: ChartView, { column, row }: Cell) => ({
  x: view.left + (column + (view.lean ?? 0) * row) * view.cellWidth,
  y: view.foot - (row + 1) * view.cellHeight,
})

/** The view moved by so many pixels; a part of the chart always stays in sight. */
export function panned(view: ChartView, dx: number, dy: number): ChartView {
  const keep = 40
  const wide = view.columns * view.cellWidth
  const high = view.rows * view.cellHeight
  return {
    ...view,
    left: clamp(view.left + dx, margin.left - wide + keep, view.width - margin.right - keep),
    foot: clamp(view.foot + dy, margin.top + keep, view.height - margin.bottom + high - keep),
  }
}

/** The view made larger or smaller; the point stays where it is. */
export function zoomed(view: ChartView, factor: number, x: number, y: number): ChartView {
  const cellWidth = clamp(view.cellWidth * factor, SMALLEST, LARGEST)
  const by = cellWidth / view.cellWidth
  if (by === 1) return view
  const next = {
    ...view,
    cellWidth,
    cellHeight: view.cellHeight * by,
    left: x - (x - view.left) * by,
    foot: y - (y - view.foot) * by,
  }
  return panned(next, 0, 0)
}

/** The view moved as little as brings a cell into sight. */
export function showing(view: ChartView, cell: Cell): ChartView {
  const { x, y } = cellCorner(view, cell)
  const dx =
    Math.max(0, margin.left - x) - Math.max(0, x + view.cellWidth - (view.width - margin.right))
  const dy =
    Math.max(0, margin.top - y) - Math.max(0, y + view.cellHeight - (view.height - margin.bottom))
  return dx || dy ? panned(view, dx, dy) : view
}

const clamp = (value: number, low: number, high: number) =>
  Math.min(Math.max(value, Math.min(low, high)), Math.max(low, high))
