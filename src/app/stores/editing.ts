import { ref, type Ref } from 'vue'
import { type Edit, refusalText, partsOf } from '@core/design'
import { LIMITS } from '@core/part'
import {
  cancelGesture,
  type History,
  type LogEntry,
  logFaults,
  noted,
  redo,
  tryCommit,
  undo,
} from '@core/project'

/** Edits of the design on the table, with the selection going along. What cannot be is refused in words and changes nothing. */
export function useEditing(
  history: Ref<History | null>,
  selectedPart: Ref<string | null>,
  before: () => void,
) {
  /** Why the last edit was not done; null when it was. */
  const refusal = ref<string | null>(null)
  const has = (id: string | null) => partsOf(history.value!.design).some((part) => part.id === id)

  /** The selected part may be gone after a step; then the topmost is selected. */
  function step(change: (now: History) => History) {
    if (!history.value) return
    refusal.value = null
    try {
      const next = change(history.value)
      const kept = next.design.yarns === history.value.design.yarns
      const lost = kept ? [] : logFaults(next.design, next.log)
      if (lost.length > 0) refusal.value = refusalText(history.value.design, lost)
      else history.value = next
    } catch (error) {
      // Steps that were kept of another state of it.
      console.error(error)
      history.value = { ...history.value, past: [], future: [] }
      refusal.value = 'That step cannot be taken any more. The bag is as it was.'
    }
    if (!has(selectedPart.value)) selectedPart.value = partsOf(history.value.design).at(-1)!.id
  }

  return {
    refusal,
    /** Does edits as one entry that undo takes back, or none of them. Whether they were done. */
    edit(edits: Edit | readonly Edit[], gesture: string | null = null): boolean {
      before()
      if (!history.value) return false
      const result = tryCommit(history.value, edits, { gesture, selection: selectedPart.value })
      step((now) => (result.ok ? result.value : now))
      if (!result.ok) refusal.value = refusalText(history.value.design, result.problem)
      return result.ok
    },
    /** What was made or weighed goes into the log, which nothing takes back. */
    note(entries: readonly LogEntry[]) {
      if ((history.value?.log.length ?? 0) + entries.length <= LIMITS.log)
        return step((now) => noted(now, entries))
      refusal.value = 'The log of this bag is full: begin a copy of it to go on.'
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
