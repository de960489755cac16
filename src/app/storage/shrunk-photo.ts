/** Longest side of a picture that is kept, in pixels. */
const LONGEST = 1600
const QUALITY = 0.82
/** Larger files than this are not opened. */
const MOST_BYTES = 60 * 1024 * 1024

/**
 * A picture as it is kept: no larger than it is looked at, drawn anew, so that nothing of what the camera wrote beside it (place,
 * device, moment) stays.
 * @throws Error with what is wrong, in words
 */
export async function shrunkPhoto(file: Blob): Promise<Blob> {
  if (file.size > MOST_BYTES) throw new Error('The picture is larger than 60 MB.')
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error('This is no picture that can be opened here.')
  })
  const by = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(bitmap.width * by))
  canvas.height = Math.max(1, Math.round(bitmap.height * by))
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
  if (!jpeg) throw new Error('The picture could not be made smaller.')
  return jpeg
}
