import type { Chart } from '@core/chart'
import { cellCorner, type ChartView, margin, visibleCells } from './view-model.ts'

/* Squares as pixels: however many cells there are, a picture costs as much as it has pixels, so that moving about is free. */

export interface RasterLook {
  readonly colours: ReadonlyMap<string, string>
  readonly background: string
  /** How much of its colour a cell of a neighbouring repeat keeps. */
  readonly dimmed: number
  /** Pixels of the page between cells. */
  readonly gap: number
}

const rgbOf = (colour: string): number => Number.parseInt(colour.slice(1), 16)
const packed = (rgb: number): number =>
  (0xff000000 | ((rgb & 255) << 16) | (rgb & 0xff00) | (rgb >> 16)) >>> 0

/** So much of one colour over another. */
export function mixed(over: string, under: string, share: number): number {
  const [a, b] = [rgbOf(over), rgbOf(under)]
  const part = (shift: number) =>
    Math.round(((a >> shift) & 255) * share + ((b >> shift) & 255) * (1 - share)) << shift
  return part(16) | part(8) | part(0)
}

/** Draws what is seen of a chart on a picture of `ratio` pixels to one of the page, between the margins. */
export function rasterCells(
  image: { readonly width: number; readonly height: number; readonly data: Uint8ClampedArray },
  ratio: number,
  chart: Chart,
  view: ChartView,
  { colours, background, dimmed, gap }: RasterLook,
): void {
  const pixels = new Uint32Array(image.data.buffer)
  const ground = packed(rgbOf(background))
  pixels.fill(ground)
  const letters = new Map<number, readonly [own: number, beside: number]>()
  const inks = (code: number) => {
    const known = letters.get(code)
    if (known) return known
    const colour = colours.get(String.fromCharCode(code)) ?? '#888888'
    const both = [packed(rgbOf(colour)), packed(mixed(colour, background, dimmed))] as const
    letters.set(code, both)
    return both
  }
  const at = (page: number) => Math.round(Math.round(page) * ratio)
  const [left, right] = [at(margin.left), at(view.width - margin.right)]
  const [top, foot] = [at(margin.top), at(view.height - margin.bottom)]
  const range = visibleCells(view)
  const line = new Uint32Array(image.width)
  const { width } = chart
  for (let row = range.firstRow; row < range.endRow; row++) {
    const text = chart.colours[row]
    if (text === undefined) continue
    line.fill(ground)
    const corner = cellCorner(view, { column: 0, row })
    let from = at(corner.x + range.firstColumn * view.cellWidth)
    for (let column = range.firstColumn; column < range.endColumn; column++) {
      const to = at(corner.x + (column + 1) * view.cellWidth)
      const own = ((column % width) + width) % width
      const ink = inks(text.charCodeAt(own))[own === column ? 0 : 1]
      line.fill(ink, Math.max(left, from), Math.max(left, Math.min(right, to - gap * ratio)))
      from = to
    }
    const end = Math.min(foot, at(corner.y + view.cellHeight) - gap * ratio)
    for (let y = Math.max(top, at(corner.y)); y < end; y++)
      pixels.set(line, Math.round(y) * image.width)
  }
}
