import { useEventListener } from '@vueuse/core'
import type { Stride } from '@core/make'
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
  useEventListener('keydown', (event: KeyboardEvent) => {
    const held = event.ctrlKey || event.metaKey || event.altKey
    if (!isOn() || held || isElsewhere(event.target)) return
    const asks = keyAsks(event.key)
    if (asks === null) return
    event.preventDefault()
    if (event.repeat && asks !== 'back') return
    if (asks === 'tap' || asks === 'back' || asks === 'count') does[asks]()
    else does.go(asks)
  })
}
