import { type Ledger, type Piece, placeColours } from '@core/ledger'

/* Fabric painted from the ledger: one pixel a stitch first, then drawn to size. */

/** The yarn colours a ledger's indices stand for, as packed pixels. */
export type Palette = Uint32Array

export function paletteOf(
  ledger: Ledger,
  yarns: readonly { readonly letter: string; readonly colour: string }[],
): Palette {
  return Uint32Array.from(ledger.yarns, (letter) => {
    const colour = yarns.find((yarn) => yarn.letter === letter)?.colour ?? '#888888'
    const rgb = Number.parseInt(colour.slice(1), 16)
    return 0xff000000 | ((rgb & 0xff) << 16) | (rgb & 0xff00) | (rgb >> 16)
  })
}

export interface FabricWindow {
  readonly firstRow: number
  readonly endRow: number
  /** Most stitches shown across, centred on the middle of the front. */
  readonly columns: number
  readonly hand: 'right' | 'left'
}

/** The middle of the front as a picture of one pixel a stitch, the last row on top; narrower rows are centred. */
export function fabricPixels(
  ledger: Ledger,
  piece: Piece,
  palette: Palette,
  { firstRow, endRow, columns, hand }: FabricWindow,
): HTMLCanvasElement {
  const canvas = document.createElement('canvas')
  canvas.width = columns
  canvas.height = Math.max(1, endRow - firstRow)
  const context = canvas.getContext('2d')!
  const image = context.createImageData(canvas.width, canvas.height)
  const pixels = new Uint32Array(image.data.buffer)
  for (let row = firstRow; row < endRow; row++) {
    const colours = placeColours(ledger, piece, row, hand)
    const shown = Math.min(columns, colours.length)
    // The join is at the back, so the middle of the front is half-way around.
    const from = Math.floor((colours.length - shown) / 2)
    const left = (columns - shown) >> 1
    const line = (endRow - 1 - row) * columns
    for (let i = 0; i < shown; i++) pixels[line + left + i] = palette[colours[from + i]!]!
  }
  context.putImageData(image, 0, 0)
  return canvas
}

/** A canvas made sharp for the screen, and its context in CSS pixels. */
export function sharpContext(
  canvas: HTMLCanvasElement,
  width: number,
  height: number,
): CanvasRenderingContext2D {
  const ratio = window.devicePixelRatio || 1
  canvas.width = Math.round(width * ratio)
  canvas.height = Math.round(height * ratio)
  const context = canvas.getContext('2d')!
  context.setTransform(ratio, 0, 0, ratio, 0, 0)
  return context
}
