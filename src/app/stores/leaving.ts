/* What is done about unsaved work before it is stored: notes while one works, and a last word when the tab goes. */

import { usePace } from './later.ts'

/** A note is written at once, and while changes go on this often at most; of large bags less often. */
const APART_MS = 60
const SHARE = 150
const SLOWEST_MS = 250

/** Writes notes of what is not stored yet, no more often than the hand bears. */
export function useNoting(write: () => void) {
  let apartMs = APART_MS
  const pace = usePace(() => {
    const began = performance.now()
    write()
    apartMs = Math.min(SLOWEST_MS, Math.max(APART_MS, (performance.now() - began) * SHARE))
  })
  return { now: pace.now, cancel: pace.cancel, soon: () => pace.apart(apartMs) }
}

interface Leaving {
  /** Whether work would be lost that cannot be stored. */
  readonly unsaved: () => boolean
  readonly hide: () => unknown
  readonly leave: () => void
}

/** A hidden tab saves; one that closes has only time for a note; one that could not save asks before it closes. */
export function whenLeaving({ unsaved, hide, leave }: Leaving): void {
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') hide()
  })
  window.addEventListener('pagehide', leave)
  window.addEventListener('beforeunload', (event) => {
    if (unsaved()) event.preventDefault()
  })
}
