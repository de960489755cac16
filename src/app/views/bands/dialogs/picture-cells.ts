import type { Chart } from '@core/chart'
import { difference as apart } from '@core/colour'
import { colourAt } from '@core/picture'

/* A picture's cells, those of its chart, and how far they look apart: three bytes a cell, the lowest row first. */

const bytesOf = (hex: string): readonly [number, number, number] => [
  Number.parseInt(hex.slice(1, 3), 16),
  Number.parseInt(hex.slice(3, 5), 16),
  Number.parseInt(hex.slice(5, 7), 16),
]
/** The cells of a chart in the colours of its yarns. */
export function inks(
  { colours }: Chart,
  yarns: readonly { readonly letter: string; readonly colour: string }[],
): Uint8Array {
  const known = new Map(yarns.map(({ letter, colour }) => [letter, bytesOf(colour)]))
  return Uint8Array.from(
    colours.flatMap((row) =>
      [...row].flatMap((letter) => [...(known.get(letter) ?? [136, 136, 136])]),
    ),
  )
}

/** More apart than this is as dark as it gets. */
const FAR = 30
/** Light where both look the same, darker the farther they look apart. */
export function difference(one: Uint8Array, other: Uint8Array): Uint8Array {
  const known = new Map<string, number>()
  const grey = new Uint8Array(one.length)
  for (let cell = 0; cell < one.length / 3; cell++) {
    const [a, b] = [colourAt(one, cell), colourAt(other, cell)]
    const far = known.get(a + b) ?? apart(a, b)
    known.set(a + b, far)
    grey.fill(Math.round(245 - 205 * Math.min(1, far / FAR)), 3 * cell, 3 * cell + 3)
  }
  return grey
}

/** Pixels a cell is wide. */
const CELL = 4
/** Paints cells as seen, each as high for its width as a row is for a stitch. */
export function paintCells(
  canvas: HTMLCanvasElement,
  bytes: Uint8Array,
  width: number,
  aspect: number,
): void {
  const height = bytes.length / 3 / width
  const high = CELL * aspect
  canvas.width = width * CELL
  canvas.height = Math.max(1, Math.round(height * high))
  const context = canvas.getContext('2d')
  if (!context) return
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      context.fillStyle = colourAt(bytes, row * width + column)
      const top = Math.round((height - 1 - row) * high)
      context.fillRect(column * CELL, top, CELL, Math.round((height - row) * high) - top)
    }
}

const WHY: Readonly<Record<string, string>> = {
  unread: 'That picture could not be read, or has more than 24 megapixels.',
  'two-yarns':
    'A picture is made in two yarns by turns; the rows of this band are in more. Say two for its rows first.',
  'too-little-yarn': 'There is too little yarn.',
}
/** Why there is no chart, in words. */
export const whyNot = (answer: string): string => WHY[answer] ?? answer
