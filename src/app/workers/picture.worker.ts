import { expose } from 'comlink'
import { cellsOf, MOST_PIXELS, pictured, type PictureWanted, roundsFor } from '@core/picture'

/** The picture that was opened last, as its pixels: it is read once. */
let opened: { readonly file: Blob; readonly pixels: ImageData } | null = null

async function pixelsOf(file: Blob): Promise<ImageData | null> {
  if (opened?.file === file) return opened.pixels
  const bitmap = await createImageBitmap(file).catch(() => null)
  if (!bitmap || bitmap.width * bitmap.height > MOST_PIXELS) return null
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) return null
  context.drawImage(bitmap, 0, 0)
  const pixels = context.getImageData(0, 0, bitmap.width, bitmap.height)
  bitmap.close()
  opened = { file, pixels }
  return pixels
}

const api = {
  /** A picture as a chart so many stitches wide: beside it what its cells look like, three bytes each from the lowest row on. */
  async chart(
    file: Blob,
    stitches: number,
    gauge: Parameters<typeof roundsFor>[2],
    wanted: Omit<PictureWanted, 'progress' | 'now'>,
  ) {
    const pixels = await pixelsOf(file)
    if (!pixels) return 'unread' as const
    const rounds = roundsFor(pixels, stitches, gauge)
    const cells = cellsOf(pixels, stitches, rounds)
    const found = pictured(cells, { ...wanted, now: () => performance.now() })
    return found.ok ? { ...found.value, before: cells.colours, rounds } : found.why
  },
}
export type PictureApi = typeof api

expose(api)
