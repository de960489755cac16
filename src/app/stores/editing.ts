import type { Ref } from 'vue'
import { cancelGesture, commit, type Edit, type History, redo, undo } from '@core/design'

/** Edits of the design on the table, with the selection going along. */
export function useEditing(
  history: Ref<History | null>,
  selectedPart: Ref<string | null>,
  before: () => void,
) {
  const has = (id: string | null) => history.value!.design.parts.some((part) => part.id === id)

  /** The selected part may be gone after a step; then the topmost is selected. */
  function step(change: (now: History) => History) {
    if (!history.value) return
    history.value = change(history.value)
    if (!has(selectedPart.value)) selectedPart.value = history.value.design.parts.at(-1)!.id
  }

  return {
    /** Does edits as one entry that undo takes back. */
    edit(edits: Edit | readonly Edit[], gesture?: string) {
      before()
      const list = Array.isArray(edits) ? (edits as readonly Edit[]) : [edits as Edit]
      const together = gesture ?? (list.length > 1 ? crypto.randomUUID() : null)
      const options = { gesture: together, selection: selectedPart.value }
      step((now) => list.reduce((state, one) => commit(state, one, options), now))
    },
    undo() {
      const selection = history.value?.past.at(-1)?.selection ?? null
      step(undo)
      if (selection && history.value && has(selection)) selectedPart.value = selection
    },
    redo: () => step(redo),
    cancel: (gesture: string) => step((now) => cancelGesture(now, gesture)),
  }
}
