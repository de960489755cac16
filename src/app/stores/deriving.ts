import { computed, type Ref, shallowRef, watch } from 'vue'
import { commit, type Design, type Edit, type History } from '@core/design'
import type { Derived } from '@core/plan'
import { deriver, latestOnly } from '@app/workers/derive-client.ts'
import type { Answer } from '@app/workers/derive.worker.ts'

type Hand = 'right' | 'left'

/** What the worker is asked for. */
interface Question {
  readonly design: Design
  readonly hand: Hand
}

/** All that follows from the design on the table, and from what an edit under the pointer would make of it. */
export function useDeriving(history: Readonly<Ref<History | null>>, hand: Readonly<Ref<Hand>>) {
  const derived = shallowRef<Derived | null>(null)
  const preview = shallowRef<{ readonly design: Design; readonly derived: Derived } | null>(null)
  let previewWanted = false

  const asking = (told: (value: Derived, design: Design) => void) =>
    latestOnly(
      async ({ design, hand: by }: Question): Promise<Answer<Derived>> =>
        await deriver.derive(design, { hand: by }),
      (answer, { design }) => {
        if (answer.ok) told(answer.value, design)
      },
    )
  const askDerived = asking((value) => {
    if (history.value) derived.value = value
  })
  const askPreview = asking((value, design) => {
    if (previewWanted) preview.value = { design, derived: value }
  })
  const design = computed(() => history.value?.design)
  watch([design, hand], ([now, by]) => {
    if (now) askDerived({ design: now, hand: by })
  })

  /** Shows what edits would make of it, without doing them. */
  function showPreview(edits: readonly Edit[]) {
    if (!history.value) return
    previewWanted = true
    const would = edits.reduce((state, one) => commit(state, one), history.value)
    askPreview({ design: would.design, hand: hand.value })
  }
  function endPreview() {
    previewWanted = false
    preview.value = null
  }
  function clear() {
    endPreview()
    derived.value = null
  }
  return { derived, preview, showPreview, endPreview, clear }
}
