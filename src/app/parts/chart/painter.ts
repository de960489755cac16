import type { Cell, Chart } from '@core/chart'
import { inkOn, showsThrough } from '@core/colour'
import { rasterCells } from './raster.ts'
import type { Sign } from './signs.ts'
import { stitchSprite } from './stitch-shapes.ts'
import {
  cellCorner,
  type ChartView,
  type CellRange,
  inChart,
  margin,
  visibleCells,
} from './view-model.ts'

/*
 * Paints the cells of a chart on a canvas of its own. A change of the chart repaints only the cells that differ, a change
 * of the view repaints what is seen; the stage then only copies the picture.
 */

export interface Look {
  /** Colour of each yarn letter. */
  readonly colours: ReadonlyMap<string, string>
  readonly background: string
  /** What stands in the cells. */
  readonly sign: Sign
  /** The stitch that cells are shown as, and how much it is aslant; null for squares. */
  readonly stitch: {
    readonly id: string
    readonly aslant: number
    /** Where they are not all alike: the shape of a cell. */
    readonly at?: (cell: Cell) => string
  } | null
}

/** Cells smaller than this have no gap between them; larger than the second, letters can be read. */
const GAP_FROM = 5
const LETTERS_FROM = 12
const DIMMED = 0.3
/** With more rows changed it is no stroke, and all is painted. */
const MANY_ROWS = 60
/** Smaller cells are too small for a stitch to be seen. */
const STITCHES_FROM = 3.5

export class CellPainter {
  readonly canvas = document.createElement('canvas')
  private readonly context = this.canvas.getContext('2d', { alpha: false })!
  private painted: { chart: Chart; view: ChartView; look: Look } | null = null

  /** Brings the picture up to date. */
  paint(chart: Chart, view: ChartView, look: Look): void {
    const before = this.painted
    this.painted = { chart, view, look }
    if (
      !before ||
      before.view !== view ||
      before.look !== look ||
      before.chart.width !== chart.width
    )
      this.paintAll(chart, view, look)
    else if (before.chart !== chart) {
      const many = changedRows(before.chart, chart) > MANY_ROWS
      if (many) this.paintAll(chart, view, look)
      else this.paintChanges(before.chart, chart, view, look)
    }
  }

  private paintAll(chart: Chart, view: ChartView, look: Look): void {
    const ratio = window.devicePixelRatio || 1
    const [width, height] = [Math.round(view.width * ratio), Math.round(view.height * ratio)]
    if (this.canvas.width !== width || this.canvas.height !== height)
      Object.assign(this.canvas, { width, height })
    const { context } = this
    context.setTransform(ratio, 0, 0, ratio, 0, 0)
    const { cellWidth } = view
    const drawn = look.stitch
      ? cellWidth >= STITCHES_FROM
      : look.sign.draw && cellWidth >= LETTERS_FROM
    if (!drawn) {
      const image = context.createImageData(width, height)
      const gap = cellWidth >= GAP_FROM ? 1 : 0
      rasterCells(image, ratio, chart, view, { ...look, gap, dimmed: DIMMED })
      return context.putImageData(image, 0, 0)
    }
    context.globalAlpha = 1
    context.fillStyle = look.background
    context.fillRect(0, 0, view.width, view.height)
    context.save()
    clipToCells(context, view)
    const range = visibleCells(view)
    for (let row = range.firstRow; row < range.endRow; row++)
      this.paintRow(chart, view, look, row, range)
    context.restore()
  }

  /** One row, run by run; the neighbouring repeats dimmed. */
  private paintRow(chart: Chart, view: ChartView, look: Look, row: number, range: CellRange): void {
    const text = chart.colours[row]
    if (text === undefined) return
    const { width } = chart
    const letterAt = (column: number) => text[((column % width) + width) % width]!
    let from = range.firstColumn
    while (from < range.endColumn) {
      const dim = from < 0 || from >= width
      const until = from < 0 ? 0 : from < width ? width : range.endColumn
      const end = Math.min(until, range.endColumn)
      let to = from + 1
      while (to < end && letterAt(to) === letterAt(from)) to++
      this.paintRun(view, look, { column: from, row }, to - from, letterAt(from), dim, text)
      from = to
    }
  }

  private paintRun(
    view: ChartView,
    look: Look,
    at: Cell,
    count: number,
    letter: string,
    dim: boolean,
    text: string,
  ): void {
    const { cellWidth } = view
    const colour = look.colours.get(letter) ?? '#888888'
    if (look.stitch && cellWidth >= STITCHES_FROM)
      this.paintStitches(view, look, at, count, colour, throughOf(letter, text, look))
    else this.paintSquares(view, at, count, colour, dim)
    if (look.sign.draw && cellWidth >= LETTERS_FROM && !dim)
      this.paintSigns(look.sign.draw, view, at, count, letter, colour)
  }

  private paintSquares(view: ChartView, at: Cell, count: number, colour: string, dim: boolean) {
    const { context } = this
    const { cellWidth } = view
    const gap = cellWidth >= GAP_FROM ? 1 : 0
    context.globalAlpha = dim ? DIMMED : 1
    context.fillStyle = colour
    const boxes =
      gap === 0
        ? [boxOf(view, at, count)]
        : Array.from({ length: count }, (_, i) =>
            boxOf(view, { column: at.column + i, row: at.row }, 1),
          )
    for (const { x, y, width, height } of boxes) context.fillRect(x, y, width - gap, height - gap)
  }

  private paintSigns(
    draw: NonNullable<Sign['draw']>,
    view: ChartView,
    at: Cell,
    count: number,
    letter: string,
    colour: string,
  ): void {
    const { context } = this
    const ink = inkOn(colour)
    Object.assign(context, { fillStyle: ink, strokeStyle: ink, globalAlpha: 0.75 })
    for (let i = 0; i < count; i++) {
      const { x, y, width, height } = boxOf(view, { column: at.column + i, row: at.row }, 1)
      draw(context, letter, x + (width - 1) / 2, y + (height - 1) / 2, view.cellWidth)
    }
  }

  /** The stitches of a run, each in its own shape, with what may show through from inside it. */
  private paintStitches(
    view: ChartView,
    look: Look,
    at: Cell,
    count: number,
    colour: string,
    through: string | null,
  ): void {
    const ratio = window.devicePixelRatio || 1
    const { id, aslant, at: shapeOf } = look.stitch!
    this.context.globalAlpha = 1
    for (let i = 0; i < count; i++) {
      const cell = { column: at.column + i, row: at.row }
      const box = boxOf(view, cell, 1)
      const [width, height] = [Math.round(box.width * ratio), Math.round(box.height * ratio)]
      const shape = shapeOf?.(cell) ?? id
      const sprite = stitchSprite(shape, colour, width, height, aslant, through)
      this.context.drawImage(sprite, box.x, box.y, box.width, box.height)
    }
  }

  private paintChanges(before: Chart, after: Chart, view: ChartView, look: Look): void {
    const { context } = this
    const range = visibleCells(view)
    context.save()
    clipToCells(context, view)
    for (let row = range.firstRow; row < range.endRow; row++) {
      const [was, is] = [before.colours[row], after.colours[row]]
      // What reaches down begins in the row above.
      const above =
        look.stitch?.at !== undefined && before.colours[row - 1] !== after.colours[row - 1]
      if ((was === is && !above) || is === undefined) continue
      // What is carried inside may change with any cell of the row.
      const whole = above || (look.stitch !== null && lettersIn(was ?? '') !== lettersIn(is))
      for (let column = range.firstColumn; column < range.endColumn; column++) {
        const at = inChart(view, { column, row }).column
        if (!whole && was?.[at] === is[at]) continue
        const { x, y, width, height } = boxOf(view, { column, row }, 1)
        context.globalAlpha = 1
        context.fillStyle = look.background
        context.fillRect(x, y, width, height)
        const dim = column < 0 || column >= after.width
        this.paintRun(view, look, { column, row }, 1, is[at]!, dim, is)
      }
    }
    context.restore()
  }
}

const letters = new Map<string, string>()
/** The letters of a row, each once. */
export function lettersIn(row: string): string {
  let found = letters.get(row)
  if (found === undefined) {
    if (letters.size > 4000) letters.clear()
    found = [...new Set(row)].sort().join('')
    letters.set(row, found)
  }
  return found
}

/** The colour of what is carried through a stitch and dark enough to show; null where nothing is. */
function throughOf(letter: string, row: string, look: Look): string | null {
  const own = look.colours.get(letter)
  if (own === undefined) return null
  for (const other of lettersIn(row)) {
    const colour = look.colours.get(other)
    if (other !== letter && colour !== undefined && showsThrough(colour, own)) return colour
  }
  return null
}

const changedRows = ({ colours }: Chart, { colours: next }: Chart): number =>
  next.reduce((sum, row, at) => sum + (row === colours[at] ? 0 : 1), 0)

/** The box of so many cells in a row, on whole pixels, so that cells meet without seams. */
function boxOf(view: ChartView, { column, row }: Cell, count: number) {
  const start = cellCorner(view, { column, row })
  const [x, y] = [Math.round(start.x), Math.round(start.y)]
  const width = Math.round(start.x + count * view.cellWidth) - x
  return { x, y, width, height: Math.round(start.y + view.cellHeight) - y }
}

/** Keeps what is painted inside the margins. */
export function clipToCells(
  context: {
    beginPath(): void
    rect(x: number, y: number, w: number, h: number): void
    clip(): void
  },
  view: ChartView,
): void {
  context.beginPath()
  context.rect(
    margin.left,
    margin.top,
    view.width - margin.left - margin.right,
    view.height - margin.top - margin.bottom,
  )
  context.clip()
}
