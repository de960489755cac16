import { useEventListener, useWakeLock } from '@vueuse/core'
import { onMounted } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'

/** The screen stays awake while one works; work is laid down when one leaves, or looks at something else. */
export function useWakeful(pause: () => void): void {
  const wake = useWakeLock()
  onMounted(() => void wake.request('screen').catch(() => {}))
  useEventListener(document, 'visibilitychange', () => {
    if (document.hidden) pause()
  })
  onBeforeRouteLeave(() => pause())
}
