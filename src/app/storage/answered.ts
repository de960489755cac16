/** Thrown when the browser’s storage has not answered for so long that it will not. */
export class NoAnswer extends Error {
  override name = 'NoAnswer'
}

const LONGEST_MS = 8000
/** For one that has just not answered, so that what is asked one after the other is not waited for each time. */
const AGAIN_MS = 1000
let isSilent = false

/** What storage answers; a storage that never answers is told from one that is slow. @throws NoAnswer */
export function answered<T>(asked: Promise<T>, longestMs = LONGEST_MS): Promise<T> {
  let timer: ReturnType<typeof setTimeout>
  const late = new Promise<never>((_, fail) => {
    timer = setTimeout(
      () => {
        isSilent = true
        fail(new NoAnswer('the storage does not answer'))
      },
      isSilent ? Math.min(AGAIN_MS, longestMs) : longestMs,
    )
  })
  const heard = () => void (isSilent = false)
  asked.then(heard, heard)
  return Promise.race([asked, late]).finally(() => clearTimeout(timer))
}

/** Why the browser keeps nothing: no room, no permission, or no answer. */
export type StorageFailure = 'full' | 'refused' | 'silent'

/** Thrown for a document that could not be opened again, with the reason. */
export class Unreadable extends Error {
  override name = 'Unreadable'
}

/** Thrown for what was asked of storage from outside, and not done. */
export class NotDone extends Error {
  override name = 'NotDone'
  constructor(readonly reason: StorageFailure) {
    super(reason)
  }
}

export function failureOf(error: unknown): StorageFailure {
  if (error instanceof NotDone) return error.reason
  if (error instanceof NoAnswer) return 'silent'
  const full = error instanceof DOMException && error.name === 'QuotaExceededError'
  return full ? 'full' : 'refused'
}

/** What is said of each, after what was not stored. */
export const failureWords: Readonly<Record<StorageFailure, string>> = {
  full: 'This browser has no room left',
  refused: 'This browser refuses to keep data (as in a private window)',
  silent: 'This browser’s storage does not answer',
}
