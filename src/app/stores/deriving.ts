import { computed, type Ref, ref, shallowRef, watch } from 'vue'
import { type Edit, refusalText } from '@core/design'
import { type History, type Project, tryCommit } from '@core/project'
import type { Derived } from '@core/bag'
import { latestOnly } from '@app/workers/client.ts'
import { deriver } from '@app/workers/workers.ts'
import { usePace } from './later.ts'

type Hand = 'right' | 'left'

/**
 * While a gesture goes on, the worker is asked less often the longer it takes: what its answers cost the page stays a small
 * share of the time, and nothing holds up the hand. Answers that take little come at once.
 */
const PACE = 20
const SLOWEST_MS = 500

/** A project and all that follows from it, which are never seen apart: whoever shows what was derived reads the design here. */
export interface Table extends Project {
  readonly derived: Derived
  /** The revision of the history the design is of, and the hand that charts are read for. */
  readonly revision: number
  readonly hand: Hand
}

/** What the worker is asked for. */
interface Question extends Project {
  readonly revision: number
  readonly hand: Hand
}

/** All that follows from the design on the table, and from what an edit under the pointer would make of it. */
export function useDeriving(history: Readonly<Ref<History | null>>, hand: Readonly<Ref<Hand>>) {
  const table = shallowRef<Table | null>(null)
  const preview = shallowRef<Table | null>(null)
  /** Why the newest design could not be worked out; null when it was. */
  const failure = ref<string | null>(null)
  /** Why what is pointed at cannot be done; null when it can. */
  const cannot = ref<string | null>(null)

  const ask = ({ design, log, hand: by }: Question) =>
    deriver.ask((api) => api.derive({ design, log }, { hand: by }))
  let paceMs = 0
  const deriving = latestOnly(ask, (answer, { design, log, revision, hand: by }: Question) => {
    failure.value = answer.ok ? null : answer.problem
    if (!answer.ok) return
    paceMs = Math.min(SLOWEST_MS, answer.value.workMs * PACE)
    table.value = { design, log, revision, hand: by, derived: answer.value.value }
  })
  const previewing = latestOnly(ask, (answer, { design, log, revision, hand: by }: Question) => {
    if (answer.ok) preview.value = { design, log, revision, hand: by, derived: answer.value.value }
  })

  const asking = usePace(() => {
    if (!history.value) return
    const { design, log, revision } = history.value
    deriving.ask({ design, log, revision, hand: hand.value })
  })
  watch([() => history.value?.design, () => history.value?.log, hand], () => {
    const inGesture = history.value?.past.at(-1)?.gesture != null
    asking.apart(inGesture ? paceMs : 0)
  })

  /** Shows what edits would make of it, without doing them; or says why they cannot be done. */
  function showPreview(edits: readonly Edit[]) {
    if (!history.value) return
    const would = tryCommit(history.value, edits)
    cannot.value = would.ok ? null : refusalText(history.value.design, would.problem)
    if (would.ok)
      previewing.ask({
        ...{ design: would.value.design, log: would.value.log },
        revision: would.value.revision,
        hand: hand.value,
      })
  }
  function endPreview() {
    previewing.drop()
    preview.value = null
    cannot.value = null
  }
  function clear() {
    endPreview()
    asking.cancel()
    deriving.drop()
    table.value = null
    failure.value = null
  }
  return {
    table,
    preview,
    /** What is seen: the preview while there is one. */
    shown: computed(() => preview.value ?? table.value),
    failure,
    cannot,
    showPreview,
    endPreview,
    askAgain: asking.now,
    clear,
  }
}
