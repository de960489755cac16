import jsQR from 'jsqr'

/** Codes are looked for in no more pixels than this, either way. */
const LONGEST = 1400

let canvas: HTMLCanvasElement | null = null

/** What a code in a picture carries; null where there is none. */
export function parcelIn(
  image: CanvasImageSource,
  width: number,
  height: number,
): Uint8Array | null {
  if (width === 0 || height === 0) return null
  canvas ??= document.createElement('canvas')
  const by = Math.min(1, LONGEST / Math.max(width, height))
  const [wide, high] = [Math.round(width * by), Math.round(height * by)]
  canvas.width = wide
  canvas.height = high
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  context.drawImage(image, 0, 0, wide, high)
  const found = jsQR(context.getImageData(0, 0, wide, high).data, wide, high)
  return found ? Uint8Array.from(found.binaryData) : null
}

/** The same of a picture in a file. */
export async function parcelInPicture(file: Blob): Promise<Uint8Array | null> {
  const bitmap = await createImageBitmap(file).catch(() => null)
  if (!bitmap) return null
  const parcel = parcelIn(bitmap, bitmap.width, bitmap.height)
  bitmap.close()
  return parcel
}
