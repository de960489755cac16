import type { Cell, Chart, Lettered } from '@core/chart'
import { cellCorner, type ChartView, margin, visibleCells } from './view-model.ts'

/* What lies over the cells of a chart: what would be painted, what is chosen, the round that is read out, the caret. */

export interface Inks {
  readonly ink: string
  readonly marker: string
}

/** Cells in a colour. */
export function paintCells(
  context: CanvasRenderingContext2D,
  view: ChartView,
  cells: readonly Cell[],
  colour: string,
): void {
  context.fillStyle = colour
  for (const cell of cells) {
    const { x, y } = cellCorner(view, cell)
    context.fillRect(x, y, view.cellWidth, view.cellHeight)
  }
}

/** The boxes of those cells that are in sight. */
function* boxesOf(view: ChartView, cells: readonly Cell[]) {
  const { firstColumn, endColumn, firstRow, endRow } = visibleCells(view)
  for (const cell of cells)
    if (
      cell.row >= firstRow &&
      cell.row < endRow &&
      cell.column >= firstColumn &&
      cell.column < endColumn
    )
      yield { ...cellCorner(view, cell), row: cell.row }
}

/** Smaller cells have no room for lines: there they are marked whole. */
const LEAST_LINED = 6

/** Stretches of cells side by side that are so, of those in sight, row by row. */
function* stretches(
  view: ChartView,
  { width, colours }: Pick<Chart, 'width' | 'colours'>,
  is: (cell: Cell) => boolean,
): Generator<{ readonly row: number; readonly from: number; readonly to: number }> {
  const seen = visibleCells(view)
  const end = Math.min(width, seen.endColumn)
  for (let row = Math.max(0, seen.firstRow); row < Math.min(colours.length, seen.endRow); row++)
    for (let from = Math.max(0, seen.firstColumn); from < end; from++) {
      let to = from
      while (to < end && is({ column: to, row })) to++
      if (to > from) yield { row, from, to }
      from = to
    }
}

/** Hatching over cells that cannot be as they are drawn: light on dark, so that it is seen on any yarn. */
export function paintHatched(
  context: CanvasRenderingContext2D,
  view: ChartView,
  chart: Pick<Chart, 'width' | 'colours'>,
  is: ((cell: Cell) => boolean) | null,
  { marker }: Pick<Inks, 'marker'>,
): void {
  if (!is) return
  const { cellWidth: wide, cellHeight: high } = view
  const lined = Math.min(wide, high) >= LEAST_LINED
  context.beginPath()
  for (const { row, from, to } of stretches(view, chart, is)) {
    if (!lined) {
      const { x, y } = cellCorner(view, { column: from, row })
      context.rect(x, y, (to - from) * wide, high)
      continue
    }
    for (let column = from; column < to; column++) {
      const { x, y } = cellCorner(view, { column, row })
      for (const share of [0.5, 1]) {
        context.moveTo(x, y + high * share)
        context.lineTo(x + wide * share, y)
      }
      context.moveTo(x + wide * 0.5, y + high)
      context.lineTo(x + wide, y + high * 0.5)
    }
  }
  if (!lined) {
    context.globalAlpha = 0.5
    context.fillStyle = marker
    context.fill()
    context.globalAlpha = 1
    return
  }
  for (const [colour, width] of [
    ['#ffffff', 3],
    [marker, 1.5],
  ] as const) {
    context.lineWidth = width
    context.strokeStyle = colour
    context.stroke()
  }
}

/** Stitches that reach down: a stem in the yarn of their row over the cell below, its foot in the one under that. */
export function paintDrops(
  context: CanvasRenderingContext2D,
  view: ChartView,
  cells: readonly Cell[],
  colourOf: (row: number) => string,
): void {
  const { cellWidth: wide, cellHeight: high } = view
  for (const { x, y, row } of boxesOf(view, cells)) {
    const middle = x + wide / 2
    const [top, foot] = [y + high * 0.5, y + high * 2.15]
    for (const [colour, width] of [
      ['#ffffff', wide * 0.34 + 2],
      [colourOf(row), wide * 0.34],
    ] as const) {
      context.strokeStyle = colour
      context.lineWidth = width
      context.lineCap = 'round'
      context.beginPath()
      context.moveTo(middle, top)
      context.lineTo(middle, foot)
      context.stroke()
    }
  }
  context.lineCap = 'butt'
}

/** What would be laid down, letter by letter. */
export function paintStamp(
  context: CanvasRenderingContext2D,
  view: ChartView,
  list: readonly Lettered[],
  colourOf: (letter: string) => string,
): void {
  context.globalAlpha = 0.85
  for (const { letter, cells } of list) paintCells(context, view, cells, colourOf(letter))
  context.globalAlpha = 1
}

/** A frame around the round that is read out. */
export function paintRound(
  context: CanvasRenderingContext2D,
  view: ChartView,
  row: number,
  { marker }: Inks,
): void {
  const { y } = cellCorner(view, { column: 0, row })
  context.lineWidth = 2
  context.strokeStyle = marker
  const wide = view.width - margin.left - margin.right - 2
  context.strokeRect(margin.left + 1, y - 1, wide, view.cellHeight + 2)
}

/** A frame around a cell: light on dark, so that it is seen on any yarn. */
export function paintCaret(
  context: CanvasRenderingContext2D,
  view: ChartView,
  at: Cell,
  { ink }: Inks,
): void {
  const { x, y } = cellCorner(view, at)
  for (const [colour, width] of [
    [ink, 3.5],
    ['#ffffff', 1.5],
  ] as const) {
    context.lineWidth = width
    context.strokeStyle = colour
    context.strokeRect(x - 0.5, y - 0.5, view.cellWidth, view.cellHeight)
  }
}

/** Lines around cells: those of their sides that lie beside none of them. */
export function outlineOfCells(
  cells: readonly Cell[],
): (readonly [column: number, row: number, side: 'left' | 'right' | 'top' | 'foot'])[] {
  const key = ({ column, row }: Cell) => `${column},${row}`
  const all = new Set(cells.map(key))
  const sides = [
    ['left', -1, 0],
    ['right', 1, 0],
    ['top', 0, 1],
    ['foot', 0, -1],
  ] as const
  return cells.flatMap(({ column, row }) =>
    sides.flatMap(([side, across, up]) =>
      all.has(key({ column: column + across, row: row + up }))
        ? []
        : [[column, row, side] as const],
    ),
  )
}

/** A broken line around what is chosen. */
export function paintChosen(
  context: CanvasRenderingContext2D,
  view: ChartView,
  cells: readonly Cell[],
  { ink }: Inks,
): void {
  if (cells.length === 0) return
  context.beginPath()
  for (const [column, row, side] of outlineOfCells(cells)) {
    const { x, y } = cellCorner(view, { column, row })
    const [right, foot] = [x + view.cellWidth, y + view.cellHeight]
    context.moveTo(side === 'right' ? right : x, side === 'foot' ? foot : y)
    context.lineTo(side === 'left' ? x : right, side === 'top' ? y : foot)
  }
  for (const [colour, dash] of [
    ['#ffffff', []],
    [ink, [5, 4]],
  ] as const) {
    context.setLineDash([...dash])
    context.lineWidth = 2
    context.strokeStyle = colour
    context.stroke()
  }
  context.setLineDash([])
}

/** Where the round begins, and which way it is worked. */
export function paintArrow(
  context: CanvasRenderingContext2D,
  view: ChartView,
  row: number,
  from: 'left' | 'right',
  { marker }: Inks,
): void {
  const y = cellCorner(view, { column: 0, row }).y + view.cellHeight / 2
  if (y < margin.top || y > view.height - margin.bottom) return
  const [tip, back] = from === 'right' ? [view.width - 14, view.width - 7] : [14, 7]
  context.fillStyle = marker
  context.beginPath()
  context.moveTo(tip, y)
  context.lineTo(back, y - 4)
  context.lineTo(back, y + 4)
  context.fill()
}
