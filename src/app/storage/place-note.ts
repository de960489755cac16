/*
 * Where the hook is, written down at every stitch: the log has it when a row is done or work is laid down, and a tab may be gone before that.
 * One small note a bag, which every tab of the browser reads.
 */

export interface PlaceNote {
  readonly piece: string
  readonly copy: number
  /** The id of the row that is made last; null before the first. */
  readonly row: string | null
  readonly stitches: number
}

const keyOf = (bag: string) => `ample-motif-place-${bag}`

/** Notes where the hook is. Where the browser keeps nothing, only that is lost. */
export function leavePlace(bag: string, place: PlaceNote): void {
  try {
    globalThis.localStorage?.setItem(keyOf(bag), JSON.stringify(place))
  } catch {
    // The log has the row.
  }
}

/** What was noted; null when there is nothing of use. */
export function maybePlace(bag: string): PlaceNote | null {
  try {
    return read(globalThis.localStorage?.getItem(keyOf(bag)) ?? null)
  } catch {
    return null
  }
}

function read(text: string | null): PlaceNote | null {
  const { piece, copy, row, stitches } = (JSON.parse(text ?? 'null') ?? {}) as Partial<PlaceNote>
  const isNote =
    typeof piece === 'string' &&
    Number.isInteger(copy) &&
    (row === null || typeof row === 'string') &&
    Number.isInteger(stitches) &&
    stitches! >= 0
  return isNote ? { piece, copy: copy!, row: row ?? null, stitches: stitches! } : null
}

/** Calls back when another tab notes a place of a bag. */
export function onPlace(listen: (bag: string, place: PlaceNote) => void): () => void {
  const prefix = keyOf('')
  const heard = ({ key, newValue }: StorageEvent) => {
    if (!key?.startsWith(prefix)) return
    const place = (() => {
      try {
        return read(newValue)
      } catch {
        return null
      }
    })()
    if (place) listen(key.slice(prefix.length), place)
  }
  globalThis.addEventListener?.('storage', heard)
  return () => globalThis.removeEventListener?.('storage', heard)
}

/** What was seen last at the place, to be seen again before the bag is worked out. */
export interface LastSeen {
  readonly title: string
  readonly about: string
  readonly here: number
  readonly of: number
  readonly runs: readonly { readonly text: string; readonly colour: string; readonly is: string }[]
}

const seenKeyOf = (bag: string) => `ample-motif-seen-${bag}`

/** Notes what is seen. Where the browser keeps nothing, one waits a moment longer the next time. */
export function leaveSeen(bag: string, seen: LastSeen): void {
  try {
    globalThis.localStorage?.setItem(seenKeyOf(bag), JSON.stringify(seen))
  } catch {
    // It is worked out again.
  }
}

/** Null when there is nothing of use. */
export function maybeSeen(bag: string): LastSeen | null {
  try {
    const seen = JSON.parse(globalThis.localStorage?.getItem(seenKeyOf(bag)) ?? 'null') as LastSeen
    return typeof seen?.title === 'string' && Array.isArray(seen.runs) ? seen : null
  } catch {
    return null
  }
}
