import type { Drawing } from '@core/paper'

/** A picture as it is printed: on white, which takes a tenth of the room. */
export async function onWhite(picture: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(picture)
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
  const context = canvas.getContext('2d')
  if (!context) throw new Error('the picture is too large for this browser')
  context.fillStyle = '#ffffff'
  context.fillRect(0, 0, canvas.width, canvas.height)
  context.drawImage(bitmap, 0, 0)
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })
}

/** A drawing painted at so many pixels for each of its units, on white. @throws when it is too large to be painted */
export function pictureOf(
  { width, height, paths, texts }: Drawing,
  scale: number,
): OffscreenCanvas {
  const canvas = new OffscreenCanvas(Math.round(width * scale), Math.round(height * scale))
  const context = canvas.getContext('2d')
  if (!context) throw new Error('the picture is too large for this browser')
  context.fillStyle = '#ffffff'
  context.fillRect(0, 0, canvas.width, canvas.height)
  context.scale(scale, scale)
  for (const { d, fill, stroke } of paths) {
    const path = new Path2D(d)
    if (fill) {
      context.fillStyle = fill
      context.fill(path)
    }
    if (!stroke) continue
    context.globalAlpha = stroke.opacity
    context.strokeStyle = stroke.colour
    context.lineWidth = stroke.width
    context.stroke(path)
    context.globalAlpha = 1
  }
  for (const { text, xs, y, size, anchor, ink } of texts) {
    context.font = `${size}px sans-serif`
    context.textAlign = anchor === 'middle' ? 'center' : anchor
    context.fillStyle = ink
    if (xs.length === 1) context.fillText(text, xs[0]!, y)
    else [...text].forEach((sign, i) => context.fillText(sign, xs[i]!, y))
  }
  return canvas
}
