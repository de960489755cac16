import { useEventListener } from '@vueuse/core'

/** What takes keys of its own; the text's own root hides what is in it. */
const OWN =
  'input, textarea, select, [role=dialog], [role=combobox], [contenteditable], .pattern-editor'

/** N goes to the next fault and P to the one before, wherever one is but in a field. */
export function useFaultKeys(step: (by: 1 | -1) => void): void {
  useEventListener('keydown', (event: KeyboardEvent) => {
    const { key, ctrlKey, metaKey, altKey, target } = event
    if (ctrlKey || metaKey || altKey) return
    if (target instanceof Element && target.closest(OWN)) return
    const by = ({ n: 1, p: -1 } as const)[key.toLowerCase()]
    if (!by) return
    event.preventDefault()
    step(by)
  })
}
