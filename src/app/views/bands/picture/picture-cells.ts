import type { Chart } from '@core/chart'
import { difference as apart } from '@core/colour'
import { byteAt, colourAt, MOST_PIXELS } from '@core/picture'

/* A picture's cells, those of its chart, and how far they look apart: three bytes a cell, the lowest row first. */

const bytesOf = (hex: string): readonly number[] => [0, 1, 2].map((i) => byteAt(hex, i))
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

/** Cells of a part of a larger chart: so many values each. */
export function partOf<T extends Uint8Array | Int8Array>(
  all: T,
  each: number,
  whole: number,
  { column: left, row: low }: { readonly column: number; readonly row: number },
  { wide, high }: { readonly wide: number; readonly high: number },
): T {
  const part = all.slice(0, each * wide * high) as T
  for (let row = 0; row < high; row++)
    for (let column = 0; column < wide; column++) {
      const from = each * ((row + low) * whole + ((column + left) % whole))
      part.set(all.subarray(from, from + each), each * (row * wide + column))
    }
  return part
}

/** Doubtful cells, marked with a stroke across. */
export function crossOut(canvas: HTMLCanvasElement, cells: Uint8Array, width: number): void {
  const context = canvas.getContext('2d')
  if (!context) return
  const height = cells.length / width
  const [wide, high] = [canvas.width / width, canvas.height / height]
  context.strokeStyle = '#d3261a'
  context.lineWidth = 1.5
  cells.forEach((is, cell) => {
    if (!is) return
    const [x, y] = [(cell % width) * wide, (height - 1 - Math.floor(cell / width)) * high]
    context.beginPath()
    context.moveTo(x, y)
    context.lineTo(x + wide, y + high)
    context.stroke()
  })
}

/** Pixels along the longer side of a drawing that is made one. */
const LONGEST = 1600
const isDrawing = ({ type, name }: File) => type === 'image/svg+xml' || /\.svg$/i.test(name)

/**
 * A picture that can be opened: a drawing of lines as an image element draws it (nothing in it runs), any other as it is.
 * @throws Error in words, also where it is larger than is opened: that is known before its pixels are there
 */
export async function pictureOf(file: File): Promise<File> {
  const url = URL.createObjectURL(file)
  try {
    const image = new Image()
    await new Promise((done, fail) => {
      image.onload = done
      image.onerror = () => fail(new Error('That picture could not be read.'))
      image.src = url
    })
    const { naturalWidth: width, naturalHeight: height } = image
    if (isDrawing(file)) return await drawnOf(image, file)
    if (width * height > MOST_PIXELS) throw new Error('That picture has more than 24 megapixels.')
    return file
  } finally {
    URL.revokeObjectURL(url)
  }
}

async function drawnOf(image: HTMLImageElement, { name, lastModified }: File): Promise<File> {
  const [width, height] = [image.naturalWidth || LONGEST, image.naturalHeight || LONGEST]
  const by = LONGEST / Math.max(width, height)
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(width * by))
  canvas.height = Math.max(1, Math.round(height * by))
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  const png = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))
  if (!png) throw new Error('That drawing could not be read.')
  return new File([png], name, { type: 'image/png', lastModified })
}
