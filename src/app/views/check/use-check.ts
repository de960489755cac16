import { useDebounceFn } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { AboutBag, Adopted } from '@core/adopt'
import type { RowsWanted } from '@core/shorthand'
import type { CheckOptions, WordedReport } from '@core/check'
import type { OwnDraft } from '@core/texture'
import type { Result } from '@core/units'
import { leaveOnDesk, onDesk } from '@app/storage/desk.ts'
import { latestOnly } from '@app/workers/client.ts'
import { checker } from '@app/workers/workers.ts'
import { examplePattern } from './example.ts'

/** A pattern being checked as it is typed: its text is kept, and the answer to the newest is shown; while there is none, an example. */
export function useCheck() {
  const text = ref('')
  const terms = ref<'found' | 'us' | 'uk'>('found')
  const startingChain = ref<NonNullable<CheckOptions['startingChain']>>('text')
  /** Which of its sizes is counted. */
  const size = ref(0)
  const report = shallowRef<WordedReport | null>(null)
  const read = computed(() => (text.value.trim() === '' ? examplePattern : text.value))
  const isExample = computed(() => read.value !== text.value)
  const failed = ref<string | null>(null)
  /** What lay on the desk was seen: only then is something put in its place. */
  let looked = false
  const checking = latestOnly(
    ({ pattern, options }: { pattern: string; options: CheckOptions }) =>
      checker.ask((api) => api.check(pattern, options)),
    (answer) => {
      failed.value = answer.ok ? null : answer.problem
      if (answer.ok) report.value = answer.value
    },
  )
  onScopeDispose(checking.drop)
  const options = computed((): CheckOptions => ({
    startingChain: startingChain.value,
    size: size.value,
    ...(terms.value === 'found' ? {} : { terms: terms.value }),
  }))
  watch(
    [text, options],
    useDebounceFn(() => {
      checking.ask({ pattern: read.value, options: options.value })
      if (looked) void leaveOnDesk('check-text', text.value.slice(0, 200_000))
    }, 150),
  )
  void onDesk<string>('check-text')
    .then((kept) => {
      looked = true
      text.value ||= kept ?? ''
    })
    .catch(() => {})
    .then(() => {
      if (isExample.value) checking.ask({ pattern: examplePattern, options: options.value })
    })
  /** The pattern as a bag; refused in words while its rows do not count through. */
  const toDesign = async (about: AboutBag): Promise<Result<Adopted>> => {
    const made = await checker.ask((api) => api.toDesign(text.value, options.value, about))
    return made.ok ? made.value : made
  }
  /** Rows of it as a stitch pattern. */
  const toPattern = async (wanted: RowsWanted): Promise<Result<Omit<OwnDraft, 'id'>>> => {
    const made = await checker.ask((api) => api.patternOfRows(text.value, options.value, wanted))
    return made.ok ? made.value : made
  }
  return {
    ...{ text, isExample, terms, startingChain, size, report, failed },
    ...{ toDesign, toPattern },
  }
}
