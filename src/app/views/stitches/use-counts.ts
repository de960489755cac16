import { useDebounceFn } from '@vueuse/core'
import { computed, onScopeDispose, type Ref, shallowRef, watch } from 'vue'
import { countsWords } from '@core/fit'
import type { OwnDraft } from '@core/texture'
import { latestOnly } from '@app/workers/client.ts'
import { checker } from '@app/workers/workers.ts'
import type { FoundCounts } from '@app/workers/check.worker.ts'

type Way = 'flat' | 'round'

const common = (a: number, b: number): number => (b === 0 ? a : common(b, a % b))

/** The one multiple and offset of a pattern, of what was found of its rows and its rounds. */
type Counts = Pick<OwnDraft, 'multiple' | 'offset' | 'roundOffset'>
function countsOf({ flat, round }: FoundCounts): Counts | null {
  const found = [flat, round].flatMap((one) => (one?.ok ? [one.value.multiple] : []))
  if (found.length === 0) return null
  const multiple = Math.min(
    200,
    found.reduce((all, one) => (all * one) / common(all, one)),
  )
  const offsetOf = (one: FoundCounts[Way]) => (one?.ok ? one.value.offset : 0)
  return { multiple, offset: offsetOf(flat), roundOffset: offsetOf(round) }
}

/** On which counts one's own pattern comes out, found as it is typed; and which row fails first on another. */
export function useCounts(
  draft: Readonly<Ref<OwnDraft>>,
  tried: Readonly<Ref<number>>,
  set: (counts: Counts) => void,
) {
  const found = shallowRef<FoundCounts | null>(null)
  const why = shallowRef<Readonly<Record<Way, string | null>>>({ flat: null, round: null })
  const asking = latestOnly(
    ({ rows, count }: { rows: OwnDraft; count: number }) =>
      checker.ask((api) => api.countsOf(rows, count)),
    (answer) => {
      if (!answer.ok) return
      found.value = answer.value.found
      why.value = answer.value.why
      const counts = countsOf(answer.value.found)
      const now: Counts = draft.value
      const isOther = (field: keyof Counts) => counts !== null && counts[field] !== now[field]
      if (counts && (['multiple', 'offset', 'roundOffset'] as const).some(isOther)) set(counts)
    },
  )
  onScopeDispose(asking.drop)
  watch(
    () => [draft.value.id, draft.value.flat, draft.value.round, draft.value.passes, tried.value],
    useDebounceFn(() => asking.ask({ rows: { ...draft.value }, count: tried.value }), 250),
    { immediate: true },
  )
  /** What is said of each way: where it comes out, or why it does not, and what is on the count that is tried. */
  const said = computed(() => {
    const of = (way: Way) => {
      const one = found.value?.[way]
      if (!one) return null
      if (!one.ok) return { good: false, text: one.problem, tried: '' }
      const { multiple, offset } = one.value
      const on = tried.value > 0 ? (why.value[way] ?? 'comes out') : ''
      return {
        good: true,
        text: `Adds up. It comes out on ${countsWords(multiple, offset)}.`,
        tried: on && `On ${tried.value}: ${on}`,
      }
    }
    return { flat: of('flat'), round: of('round') }
  })
  return { said }
}
