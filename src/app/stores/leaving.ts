/* What is done about unsaved work before it is stored: notes while one works, and a last word when the tab goes. */

/** A note is written at once, and while changes go on this often at most; large bags a little less often. */
const APART_MS = 120
const SHARE = 25
const SLOWEST_MS = 250

/** Writes notes of what is not stored yet, no more often than the hand bears. */
export function useNoting(write: () => void) {
  let timer: ReturnType<typeof setTimeout> | undefined
  let last = -Infinity
  let apartMs = APART_MS
  function now() {
    clearTimeout(timer)
    timer = undefined
    const began = performance.now()
    write()
    last = performance.now()
    apartMs = Math.min(SLOWEST_MS, Math.max(APART_MS, (last - began) * SHARE))
  }
  return {
    now,
    /** Now, or as soon as the last one is long enough ago. */
    soon() {
      const wait = last + apartMs - performance.now()
      if (wait <= 0) now()
      else timer ??= setTimeout(now, wait)
    },
    cancel() {
      clearTimeout(timer)
      timer = undefined
    },
  }
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
