import { useEventListener } from '@vueuse/core'
import { onMounted } from 'vue'
import type { Stride } from '@core/make'
import { takeEarly } from '@app/stores/early-keys.ts'
import { keyAsks } from './strides.ts'

/** What takes keys of its own. */
const OWN =
  'input, textarea, select, button, a, summary, [role=dialog], [role=combobox], [role=option], [contenteditable], [tabindex="0"]'
const isElsewhere = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest(OWN) !== null

/** The whole page takes the keys, but for what takes keys of its own: hands and feet find it blind. */
export function useMakeKeys(
  isOn: () => boolean,
  does: {
    readonly go: (by: Stride) => void
    readonly tap: () => void
    readonly back: () => void
    readonly count: () => void
  },
): void {
  /** Whether the key asked for something. */
  function press(key: string, repeat: boolean): boolean {
    const asks = keyAsks(key)
    if (asks === null) return false
    if (repeat && asks !== 'back') return true
    if (asks === 'tap' || asks === 'back' || asks === 'count') does[asks]()
    else does.go(asks)
    return true
  }
  onMounted(() => {
    for (const key of takeEarly()) if (isOn()) press(key, false)
  })
  useEventListener('keydown', (event: KeyboardEvent) => {
    const held = event.ctrlKey || event.metaKey || event.altKey
    if (!isOn() || held || isElsewhere(event.target)) return
    if (press(event.key, event.repeat)) event.preventDefault()
  })
}
