import { useDebounceFn } from '@vueuse/core'
import { wrap } from 'comlink'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { AboutBag, CheckOptions, CheckReport } from '@core/check'
import type { Design } from '@core/design'
import type { Result } from '@core/units'
import { keepSetting, readSetting } from '@app/storage/workshop-store.ts'
import { latestOnly } from '@app/workers/derive-client.ts'
import type { CheckApi } from '@app/workers/check.worker.ts'

/** A pattern being checked as it is typed: its text is kept, and the answer to the newest is shown. */
export function useCheck() {
  const worker = new Worker(new URL('@app/workers/check.worker.ts', import.meta.url), {
    type: 'module',
  })
  const checker = wrap<CheckApi>(worker)
  onScopeDispose(() => worker.terminate())

  const text = ref('')
  const terms = ref<'found' | 'us' | 'uk'>('found')
  const startingChain = ref<NonNullable<CheckOptions['startingChain']>>('text')
  const report = shallowRef<CheckReport | null>(null)
  const ask = latestOnly(
    async ({ pattern, options }: { pattern: string; options: CheckOptions }) =>
      (await checker.check(pattern, options)) as CheckReport,
    (answer) => (report.value = answer),
  )
  const options = computed((): CheckOptions => ({
    startingChain: startingChain.value,
    ...(terms.value === 'found' ? {} : { terms: terms.value }),
  }))
  watch(
    [text, options],
    useDebounceFn(() => {
      ask({ pattern: text.value, options: options.value })
      void keepSetting('check-text', text.value.slice(0, 200_000)).catch(() => {})
    }, 150),
  )
  void readSetting<string>('check-text')
    .then((kept) => (text.value ||= kept ?? ''))
    .catch(() => {})
  const wrong = computed(() => report.value?.rows.filter(({ ok }) => !ok).length ?? 0)
  /** The pattern as a bag; refused in words while its rows do not count through. */
  const toDesign = async (about: AboutBag) =>
    (await checker.toDesign(text.value, options.value, about)) as Result<Design>
  return { text, terms, startingChain, report, wrong, toDesign }
}
