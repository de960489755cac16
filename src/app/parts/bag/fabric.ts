import type { Yarn } from '@core/design'
import { type FrontPicture, NO_STITCH, runsIn } from '@core/ledger'

/* Fabric painted from the picture of the front: one pixel a stitch first, then drawn to size. */

/** The yarn colours that indices stand for, those of yarns that stripe by themselves after them, as packed pixels; none for no stitch. */
export type Palette = Uint32Array

export function paletteOf(
  letters: readonly string[],
  yarns: readonly Pick<Yarn, 'letter' | 'colour' | 'run'>[],
): Palette {
  const palette = new Uint32Array(NO_STITCH + 1)
  const own = letters.map(
    (letter) => yarns.find((yarn) => yarn.letter === letter)?.colour ?? '#888888',
  )
  const all = [...own, ...runsIn(letters, yarns).colours.map(({ colour }) => colour)]
  all.slice(0, NO_STITCH).forEach((colour, i) => {
    const rgb = Number.parseInt(colour.slice(1), 16)
    palette[i] = 0xff000000 | ((rgb & 0xff) << 16) | (rgb & 0xff00) | (rgb >> 16)
  })
  return palette
}

export interface FabricWindow {
  readonly firstRow: number
  readonly endRow: number
  /** Stitches shown across, around the middle of the front. */
  readonly columns: number
  /** Pixels there are for the rows: where rows are more, only every so many-th is painted. */
  readonly pixelsHigh: number
}

const scratch = document.createElement('canvas')
const context = scratch.getContext('2d', { willReadFrequently: true })!

/**
 * A window of the front as a picture of one pixel a stitch, the last row on top.
 * @returns a canvas that is used again by the next call, and how much of it is this picture
 */
export function fabricPixels(
  front: FrontPicture,
  palette: Palette,
  { firstRow, endRow, columns, pixelsHigh }: FabricWindow,
): { readonly canvas: HTMLCanvasElement; readonly columns: number; readonly lines: number } {
  const rows = Math.max(1, endRow - firstRow)
  const lines = Math.max(1, Math.min(rows, Math.ceil(pixelsHigh)))
  const across = Math.max(1, Math.min(columns, front.columns))
  const left = (front.columns - across) >> 1
  if (scratch.width < across) scratch.width = across
  if (scratch.height < lines) scratch.height = lines
  const image = context.createImageData(across, lines)
  const pixels = new Uint32Array(image.data.buffer)
  for (let line = 0; line < lines; line++) {
    const row = endRow - 1 - Math.floor((line * rows) / lines)
    const start = row * front.columns + left
    for (let i = 0; i < across; i++) pixels[line * across + i] = palette[front.yarns[start + i]!]!
  }
  context.putImageData(image, 0, 0)
  return { canvas: scratch, columns: across, lines }
}

/** A canvas made sharp for the screen, and its context in CSS pixels. */
export function sharpContext(
  canvas: HTMLCanvasElement,
  width: number,
  height: number,
): CanvasRenderingContext2D {
  const ratio = window.devicePixelRatio || 1
  const [wide, high] = [Math.round(width * ratio), Math.round(height * ratio)]
  if (canvas.width !== wide || canvas.height !== high)
    Object.assign(canvas, { width: wide, height: high })
  const sharp = canvas.getContext('2d')!
  sharp.setTransform(ratio, 0, 0, ratio, 0, 0)
  sharp.clearRect(0, 0, width, height)
  return sharp
}
