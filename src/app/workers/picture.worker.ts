import { expose, transfer } from 'comlink'
import {
  type Cells,
  cellsOf,
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
  type Raster,
  sheetIn,
  snapped,
  squaresIn,
  squaresRead,
  WHOLE,
} from '@core/picture'

/** A picture as it is kept: with no more pixels than charts are made of. */
interface Opened {
  readonly of: string
  /** As it was before. */
  readonly width: number
  readonly height: number
  readonly pixels: Raster
}
/** The picture that was opened last: it is read once. */
let opened: Opened | null = null
/** Pixels of a picture that are kept; of larger ones some are put together. */
const KEPT = 3_000_000
/** Rows that are put together at a time. */
const STRIP = 64

async function openedOf(file: Blob): Promise<Opened> {
  if (opened?.of === keyOf(file)) return opened
  opened = null
  const bitmap = await createImageBitmap(file).catch(() => null)
  if (!bitmap || bitmap.width * bitmap.height > MOST_PIXELS) {
    bitmap?.close()
    throw new Error(UNREAD)
  }
  const { width, height } = bitmap
  const pixels = shrunk(bitmap)
  bitmap.close()
  return (opened = { of: keyOf(file), width, height, pixels })
}

/** The pixels of a picture, of a large one the mean light of so many together: read strip by strip, so that it is never there twice. */
function shrunk(bitmap: ImageBitmap): Raster {
  const by = Math.max(1, Math.ceil(Math.sqrt((bitmap.width * bitmap.height) / KEPT)))
  const [width, height] = [bitmap.width, bitmap.height].map((one) =>
    Math.max(1, Math.floor(one / by)),
  ) as [number, number]
  const strip = new OffscreenCanvas(width * by, STRIP * by)
  const context = strip.getContext('2d', { willReadFrequently: true })
  if (!context) throw new Error(UNREAD)
  const data = new Uint8ClampedArray(4 * width * height).fill(255)
  for (let top = 0; top < height; top += STRIP) {
    const rows = Math.min(STRIP, height - top)
    context.clearRect(0, 0, strip.width, strip.height)
    context.drawImage(bitmap, 0, -top * by)
    const seen = context.getImageData(0, 0, width * by, rows * by)
    const { colours } = cellsOf(seen, width, rows)
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < width; column++) {
        const [from, to] = [
          3 * ((rows - 1 - row) * width + column),
          4 * ((top + row) * width + column),
        ]
        for (let i = 0; i < 3; i++) data[to + i] = colours[from + i]!
      }
  }
  return { width, height, data }
}
const pixelsOf = async (file: Blob): Promise<Raster> => (await openedOf(file)).pixels

/** Pixels along the longer side of a picture as it is looked at. */
const LOOKED_AT = 700
/** A picture to look at, no larger than that. */
function preview({ pixels }: Opened): Promise<ImageBitmap> {
  const { width, height, data } = pixels
  const by = Math.min(1, LOOKED_AT / Math.max(width, height))
  const size = {
    resizeWidth: Math.max(1, Math.round(width * by)),
    resizeHeight: Math.max(1, Math.round(height * by)),
  }
  const image = new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height)
  return createImageBitmap(image, { ...size, resizeQuality: 'medium' })
}
/** A file that comes over anew is another object each time. */
const keyOf = (file: Blob): string =>
  `${file.size} ${file.type} ${file instanceof File ? `${file.name} ${file.lastModified}` : ''}`

const UNREAD = 'That picture could not be read, or has more than 24 megapixels.'
/** Cells the details of a picture are looked for in, along its width at the most. */
const FINE = 240

/** The cells of a picture as it was looked at last. */
let seen: { readonly of: string; readonly cells: Cells } | null = null
async function seenCells(file: Blob, looked: Looked): Promise<Cells> {
  const of = `${keyOf(file)} ${JSON.stringify(looked)}`
  if (seen?.of !== of) seen = { of, cells: lookedAt(await pixelsOf(file), looked) }
  return seen.cells
}

type Wanted = Omit<PictureWanted, 'progress' | 'now' | 'weights' | 'kept'>
/** How often it is told how far it is. */
const TOLD_MS = 100
async function worked(
  file: Blob,
  looked: Looked,
  place: Placed,
  wanted: Wanted,
  told: (stage: string) => void = () => {},
) {
  told('Reading the picture')
  const own = await seenCells(file, looked)
  told('Choosing yarns')
  const { cells, marks } = placed(own, place, wanted.yarns)
  const isMarked = marks.kept.some((one) => one >= 0) || marks.weights.some((one) => one !== 1)
  let last = performance.now()
  const asked: PictureWanted = {
    ...{ ...wanted, now: () => performance.now() },
    progress(done) {
      if (performance.now() - last < TOLD_MS) return
      last = performance.now()
      told(`Choosing yarns, ${Math.round(100 * done)} %`)
    },
    ...(isMarked ? marks : {}),
  }
  return { cells, asked, made: pictured(cells, asked) }
}

const api = {
  /** How large a picture is, and as it is looked at. */
  async open(file: Blob) {
    const one = await openedOf(file)
    const seen = await preview(one)
    return transfer({ width: one.width, height: one.height, preview: seen }, [seen])
  },
  /** A picture as a chart, telling on the way how far it is; beside it what its cells look like, three bytes each from the lowest row on. */
  async chart(
    file: Blob,
    looked: Looked,
    place: Placed,
    wanted: Wanted,
    told: (stage: string) => void,
  ) {
    const { cells, made } = await worked(file, looked, place, wanted, told)
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
    coloursIn(await seenCells(file, looked), many),
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
