import localforage from 'localforage'
import { nanoid } from 'nanoid'
import { found, refused, type Result } from '@core/units'
import { answered, failureOf, failureWords } from './answered.ts'

/* Pictures that were taken of a bag, as JPEG, each under the id of its bag and its own. The log says when and where they were taken. */

const photos = localforage.createInstance({ name: 'ample-motif', storeName: 'photos' })
const keyOf = (bag: string, photo: string) => `${bag}/${photo}`

/** @throws when storage refuses or does not answer */
export const keepPhoto = (bag: string, photo: string, jpeg: Blob): Promise<unknown> =>
  answered(photos.setItem(keyOf(bag, photo), jpeg))

/** Keeps a picture under an id of its own: what the log has of it; or why it is not kept, in words. */
export async function pictureKept(
  bag: string,
  jpeg: Blob,
): Promise<Result<{ readonly kind: 'photo'; readonly photo: string }>> {
  const photo = nanoid(10)
  try {
    await keepPhoto(bag, photo, jpeg)
    return found({ kind: 'photo', photo })
  } catch (error) {
    return refused(`${failureWords[failureOf(error)]}, so the picture was not kept.`)
  }
}

/** Null when it is not here: a bag may have come without its pictures. */
export const maybePhoto = async (bag: string, photo: string): Promise<Blob | null> => {
  const kept = await answered(photos.getItem<unknown>(keyOf(bag, photo))).catch(() => null)
  return kept instanceof Blob ? kept : null
}

/** All pictures of a bag, by their ids. @throws when storage refuses or does not answer */
export async function photosOf(bag: string): Promise<ReadonlyMap<string, Blob>> {
  const of = new Map<string, Blob>()
  await answered(
    photos.iterate<unknown, void>((jpeg, key) => {
      if (jpeg instanceof Blob && key.startsWith(`${bag}/`)) of.set(key.slice(bag.length + 1), jpeg)
    }),
  )
  return of
}

/** Takes away what is of bags that are gone; where storage refuses, it stays. */
export async function forgetPhotos(bags: ReadonlySet<string>): Promise<void> {
  try {
    for (const key of await answered(photos.keys()))
      if (!bags.has(key.slice(0, key.indexOf('/')))) await answered(photos.removeItem(key))
  } catch {
    // The next time.
  }
}
