/** Something that is done once, a while after it was first asked for. */
export function useLater(work: () => void) {
  let timer: ReturnType<typeof setTimeout> | undefined
  function cancel() {
    clearTimeout(timer)
    timer = undefined
  }
  return {
    cancel,
    /** Asked for again before it is done it is done no later. */
    within(ms: number) {
      timer ??= setTimeout(() => {
        timer = undefined
        work()
      }, ms)
    },
  }
}

/** Something that is done again and again, but no more often than `apartMs` lets. */
export function usePace(work: () => void) {
  let last = -Infinity
  const later = useLater(now)
  function now() {
    later.cancel()
    last = performance.now()
    work()
  }
  return {
    now,
    cancel: later.cancel,
    /** Now, or as soon as the last time is so long ago. */
    apart(apartMs: number) {
      const wait = last + apartMs - performance.now()
      if (wait <= 0) now()
      else later.within(wait)
    },
  }
}
