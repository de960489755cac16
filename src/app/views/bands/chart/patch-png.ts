import { KEEPS, type Patch } from '@core/chart'

/** One pixel a stitch; where there is nothing of it, nothing. */
export function patchPng(
  { width, colours }: Patch,
  colourOf: ReadonlyMap<string, string>,
): Promise<Blob> {
  const canvas = new OffscreenCanvas(width, colours.length)
  const context = canvas.getContext('2d')!
  colours.toReversed().forEach((row, y) =>
    [...row].forEach((one, x) => {
      if (one === KEEPS) return
      context.fillStyle = colourOf.get(one) ?? '#888888'
      context.fillRect(x, y, 1, 1)
    }),
  )
  return canvas.convertToBlob({ type: 'image/png' })
}
