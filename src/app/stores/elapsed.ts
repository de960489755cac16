import { readonly, type Ref, shallowRef, watch } from 'vue'

const TICK_MS = 500

/** Seconds since something began, while it goes on. */
export function useElapsed(going: Readonly<Ref<unknown>>) {
  const seconds = shallowRef(0)
  watch(going, (now, _, onCleanup) => {
    seconds.value = 0
    if (now === null) return
    const ticking = setInterval(() => (seconds.value += TICK_MS / 1000), TICK_MS)
    onCleanup(() => clearInterval(ticking))
  })
  return readonly(seconds)
}
