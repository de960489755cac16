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

/** Of a letter that is no yarn's. */
const UNKNOWN = '#888888'

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
  // Letters are capitals: what they look like, and in a repeat beside, stands under their code.
  const [own, beside] = [new Uint32Array(128), new Uint32Array(128)]
  own.fill(packed(rgbOf(UNKNOWN)))
  beside.fill(packed(mixed(UNKNOWN, background, dimmed)))
  for (const [letter, colour] of colours) {
    own[letter.charCodeAt(0)] = packed(rgbOf(colour))
    beside[letter.charCodeAt(0)] = packed(mixed(colour, background, dimmed))
  }
  const at = (page: number) => Math.round(Math.round(page) * ratio)
  const [left, right] = [at(margin.left), at(view.width - margin.right)]
  const [top, foot] = [at(margin.top), at(view.height - margin.bottom)]
  const { firstColumn, endColumn, firstRow, endRow } = visibleCells(view)
  const { width } = chart
  const columns = Array.from({ length: endColumn - firstColumn }, (_, i) => {
    const column = firstColumn + i
    return ((column % width) + width) % width
  })
  const line = new Uint32Array(image.width)
  /** Pixels where columns begin, and where the last one ends. */
  const edges = new Int32Array(columns.length + 1)
  let edgesFrom = NaN
  let lineOf: string | null = null
  for (let row = firstRow; row < endRow; row++) {
    const text = chart.colours[row]
    if (text === undefined) continue
    const corner = cellCorner(view, { column: 0, row })
    const moved = corner.x !== edgesFrom
    if (moved) {
      edgesFrom = corner.x
      edges.forEach((_, i) => (edges[i] = at(corner.x + (firstColumn + i) * view.cellWidth)))
    }
    if (moved || text !== lineOf) {
      lineOf = text
      line.fill(ground)
      for (let i = 0; i < columns.length; i++) {
        const column = columns[i]!
        const inks = column === firstColumn + i ? own : beside
        const ink = inks[text.charCodeAt(column)]!
        const end = Math.min(right, edges[i + 1]! - gap * ratio)
        for (let x = Math.max(left, edges[i]!); x < end; x++) line[x] = ink
      }
    }
    const end = Math.min(foot, at(corner.y + view.cellHeight) - gap * ratio)
    for (let y = Math.max(top, at(corner.y)); y < end; y++)
      pixels.set(line, Math.round(y) * image.width)
  }
}
