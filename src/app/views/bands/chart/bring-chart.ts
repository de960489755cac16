import { fileOpen } from 'browser-fs-access'
import type { Chart } from '@core/chart'
import { askOf, type CellYarn, chartFromCsv, chartFromPixels, type ColoursAsked } from '@core/file'
import { found, refused, type Result } from '@core/units'

/** Larger files are no charts. */
const MOST_BYTES = 8_000_000
const MOST_PIXELS = 4_000_000

/** The pixels of a picture, as they are in the file. */
async function pixelsOf(file: Blob): Promise<ImageData | null> {
  const picture = await createImageBitmap(file, {
    colorSpaceConversion: 'none',
    premultiplyAlpha: 'none',
  }).catch(() => null)
  if (!picture || picture.width * picture.height > MOST_PIXELS) return null
  const canvas = new OffscreenCanvas(picture.width, picture.height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) return null
  context.drawImage(picture, 0, 0)
  return context.getImageData(0, 0, picture.width, picture.height)
}

/** A chart as it comes in, and what is to be said of it. */
export interface Brought {
  readonly chart: Chart
  readonly note: string
  /** What is to be decided before it is drawn: colours that look like no yarn there is, or share one; null where each has its own. */
  readonly asks: ColoursAsked | null
}

/** A chart from a file: CSV of letters or colours, or a picture with one pixel a stitch, or several. */
export async function chartIn(file: File, yarns: readonly CellYarn[]): Promise<Result<Brought>> {
  if (file.size > MOST_BYTES) return refused('That file is larger than any chart.')
  if (!file.type.startsWith('image/') && !/\.(?:png|gif|bmp|webp)$/i.test(file.name)) {
    const chart = chartFromCsv(await file.text(), yarns)
    return chart.ok
      ? found({ chart: chart.value.chart, note: '', asks: askOf(chart.value.colours) })
      : chart
  }
  const pixels = await pixelsOf(file)
  if (!pixels) return refused('That picture could not be read.')
  const read = chartFromPixels(pixels, yarns)
  if (!read.ok) return read
  const { chart, pixels: each, colours } = read.value
  return found({ chart, asks: askOf(colours), note: each > 1 ? `${each} pixels a stitch.` : '' })
}

/** Asks for a file; null where none is chosen. */
export const askForChart = (): Promise<File | null> =>
  fileOpen({
    mimeTypes: ['text/csv', 'image/png'],
    extensions: ['.csv', '.png'],
  }).catch(() => null)
