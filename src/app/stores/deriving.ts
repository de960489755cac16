import { computed, type Ref, shallowRef, watch } from 'vue'
import { commit, type Design, type Edit, type History } from '@core/design'
import type { Derived } from '@core/plan'
import { deriver, latestOnly } from '@app/workers/derive-client.ts'
import type { Answer } from '@app/workers/derive.worker.ts'

type Hand = 'right' | 'left'

/**
 * While a gesture goes on, the worker is asked less often the longer it takes: what its answers cost the page stays a small
 * share of the time, and nothing holds up the hand. Answers that take little come at once.
 */
const PACE = 20
const SLOWEST_MS = 500

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

  const asking = (told: (value: Derived, design: Design, workMs: number) => void) =>
    latestOnly(
      async ({ design, hand: by }: Question): Promise<Answer<Derived>> =>
        await deriver.derive(design, { hand: by }),
      (answer, { design }) => {
        if (answer.ok) told(answer.value, design, answer.workMs)
      },
    )
  let paceMs = 0
  const askDerived = asking((value, _, workMs) => {
    paceMs = Math.min(SLOWEST_MS, workMs * PACE)
    if (history.value) derived.value = value
  })
  const askPreview = asking((value, design) => {
    if (previewWanted) preview.value = { design, derived: value }
  })
  const design = computed(() => history.value?.design)
  let timer: ReturnType<typeof setTimeout> | undefined
  let askedAt = 0
  function askNow() {
    clearTimeout(timer)
    timer = undefined
    askedAt = performance.now()
    if (design.value) askDerived({ design: design.value, hand: hand.value })
  }
  watch([design, hand], () => {
    const inGesture = history.value?.past.at(-1)?.gesture != null
    const wait = askedAt + paceMs - performance.now()
    if (!inGesture || wait <= 0) askNow()
    else timer ??= setTimeout(askNow, wait)
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
