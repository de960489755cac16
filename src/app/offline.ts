import { ref } from 'vue'
import type { Workbox } from 'workbox-window'

/*
 * Once visited all of the program is kept by the browser, and works with no server. A newer one is fetched beside it and waits until she
 * takes it; nothing changes under the hands.
 */

/** A newer version is here and waits. */
export const newerWaits = ref(false)
/** One is amid a round: nothing is asked now. */
export const amidWork = ref(false)

const LOOK_AGAIN_MS = 60 * 60_000
let worker: Workbox | null = null

/** Keeps the program for when there is no server. Where the browser cannot, it works as before. */
export async function keepProgram(): Promise<void> {
  if (!('serviceWorker' in navigator) || !import.meta.env.PROD) return
  const { Workbox } = await import('workbox-window')
  worker = new Workbox('/sw.js')
  worker.addEventListener('waiting', () => (newerWaits.value = true))
  try {
    await worker.register()
  } catch {
    // A private window, or a server that is gone: there is nothing to keep it from.
    return
  }
  setInterval(() => void worker?.update().catch(() => {}), LOOK_AGAIN_MS)
}

/** Takes the version that waits, and loads the page anew with it. */
export function takeNewer(): void {
  worker?.addEventListener('controlling', () => location.reload())
  worker?.messageSkipWaiting()
}
