import { expose } from 'comlink'
import {
  type Cells,
  coloursIn,
  type Corners,
  costsOfRules,
  detailsOf,
  evenLight,
  type Looked,
  lookedAt,
  middlesOf,
  MOST_PIXELS,
  pictured,
  type PictureWanted,
  placed,
  type Placed,
  sheetIn,
  snapped,
  squaresIn,
  squaresRead,
  WHOLE,
} from '@core/picture'

/** The picture that was opened last, as its pixels: it is read once. */
let opened: { readonly of: string; readonly pixels: ImageData } | null = null

async function pixelsOf(file: Blob): Promise<ImageData> {
  if (opened?.of === keyOf(file)) return opened.pixels
  const bitmap = await createImageBitmap(file).catch(() => null)
  if (!bitmap || bitmap.width * bitmap.height > MOST_PIXELS) {
    bitmap?.close()
    throw new Error(UNREAD)
  }
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) throw new Error(UNREAD)
  context.drawImage(bitmap, 0, 0)
  bitmap.close()
  const pixels = context.getImageData(0, 0, canvas.width, canvas.height)
  // What it was drawn on is given back at once: a large one takes as much as its pixels.
  canvas.width = canvas.height = 1
  opened = { of: keyOf(file), pixels }
  return pixels
}
/** A file that comes over anew is another object each time. */
const keyOf = (file: Blob): string =>
  `${file.size} ${file.type} ${file instanceof File ? `${file.name} ${file.lastModified}` : ''}`

const UNREAD = 'That picture could not be read, or has more than 24 megapixels.'
/** Cells the details of a picture are looked for in, along its width at the most. */
const FINE = 240

/** The cells of a picture as it was looked at last. */
let seen: { readonly of: string; readonly cells: Cells } | null = null
async function cellsOf(file: Blob, looked: Looked): Promise<Cells> {
  const of = `${keyOf(file)} ${JSON.stringify(looked)}`
  if (seen?.of !== of) seen = { of, cells: lookedAt(await pixelsOf(file), looked) }
  return seen.cells
}

type Wanted = Omit<PictureWanted, 'progress' | 'now' | 'weights' | 'kept'>
async function worked(file: Blob, looked: Looked, place: Placed, wanted: Wanted) {
  const own = await cellsOf(file, looked)
  const { cells, marks } = placed(own, place, wanted.yarns)
  const isMarked = marks.kept.some((one) => one >= 0) || marks.weights.some((one) => one !== 1)
  const asked: PictureWanted = {
    ...{ ...wanted, now: () => performance.now() },
    ...(isMarked ? marks : {}),
  }
  return { cells, asked, made: pictured(cells, asked) }
}

const api = {
  /** A picture as a chart; beside it what its cells look like, three bytes each from the lowest row on. */
  async chart(file: Blob, looked: Looked, place: Placed, wanted: Wanted) {
    const { cells, made } = await worked(file, looked, place, wanted)
    return made.ok ? { ...made.value, before: cells.colours } : made.why
  },
  /** What each rule costs it, and saves. */
  async rules(file: Blob, looked: Looked, place: Placed, wanted: Wanted) {
    const { cells, asked, made } = await worked(file, looked, place, wanted)
    return made.ok ? costsOfRules(cells, asked, made.value) : []
  },
  /** How wide its parts are that stand out, in shares of its width. */
  async details(file: Blob, { corners, columns, rows, light }: Looked) {
    const high = Math.max(1, Math.round((FINE * rows) / columns))
    const meets = { around: false, up: false }
    return detailsOf(
      lookedAt(await pixelsOf(file), { ...{ corners, light, meets }, columns: FINE, rows: high }),
    )
  },
  /** So many colours found in it. */
  colours: async (file: Blob, looked: Looked, many: number) =>
    coloursIn(await cellsOf(file, looked), many),
  /** The corners of a squared chart on it, and its squares; with corners that were set by hand, drawn to those that are seen. */
  async squares(file: Blob, byHand: Corners | null) {
    const pixels = await pixelsOf(file)
    const found = byHand ? snapped(pixels, byHand) : sheetIn(pixels)
    return found
      ? { isSeen: true, ...squaresIn(pixels, found) }
      : { isSeen: false, corners: WHOLE, columns: 0, rows: 0 }
  },
  /** What each square is in, in even light; and as which colour it is seen. */
  async read(file: Blob, corners: Corners, columns: number, rows: number, many?: number) {
    const cells = evenLight(middlesOf(await pixelsOf(file), corners, columns, rows))
    return { ...squaresRead(cells, many), before: cells.colours }
  },
}
export type PictureApi = typeof api

expose(api)
