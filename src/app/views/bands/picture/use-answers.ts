import { proxy } from 'comlink'
import { onScopeDispose, ref, shallowRef } from 'vue'
import type { Onto } from '@core/picture'
import { latestOnly } from '@app/workers/client.ts'
import type { PictureApi } from '@app/workers/picture.worker.ts'
import { depicter } from '@app/workers/workers.ts'
import { type Question, whyNot } from './picture-asked.ts'

/** What comes of it, where something does, and of what that is: the picture's own cells, and where they lie in a larger chart. */
interface Answer extends Exclude<Awaited<ReturnType<PictureApi['chart']>>, string> {
  readonly onto: Onto | null
  readonly wide: number
  readonly high: number
}
type Costs = Awaited<ReturnType<PictureApi['rules']>>

/** Answers about a picture, the newest question first: its chart, then what each rule costs; apart from them its details. */
export function useAnswers(question: () => Question | string) {
  /** Why there is no chart. */
  const words = ref('')
  const found = shallowRef<Answer | null>(null)
  const costs = shallowRef<Costs>([])
  const details = shallowRef<readonly number[]>([])
  /** How far a chart is that is on its way, and can be stopped; null while none is. */
  const stage = ref<string | null>(null)
  const told = proxy((now: string) => {
    if (stage.value !== null) stage.value = now
  })
  let stopping = new AbortController()
  const stop = () => stopping.abort()
  const asking = latestOnly(
    ({ file, looked, placed, wanted }: Question) => {
      stopping = new AbortController()
      stage.value = 'Opening the picture'
      return depicter.ask((api) => api.chart(file, looked, placed, wanted, told), {
        signal: stopping.signal,
      })
    },
    (answer, one) => {
      stage.value = null
      const value = answer.ok ? answer.value : answer.problem
      const { onto } = one.placed
      const size = { wide: one.looked.columns, high: one.looked.rows }
      found.value = typeof value === 'string' ? null : { ...value, onto, ...size }
      words.value = typeof value === 'string' ? whyNot(value) : ''
      if (found.value) costing.ask(one)
    },
  )
  const costing = latestOnly(
    ({ file, looked, placed, wanted }: Question) =>
      depicter.ask((api) => api.rules(file, looked, placed, wanted)),
    (answer, { wanted }) => {
      const now = question()
      // A newer question has other rules.
      const isNow = typeof now !== 'string' && JSON.stringify(now.wanted) === JSON.stringify(wanted)
      costs.value = answer.ok && isNow ? answer.value : []
    },
  )
  const looking = latestOnly(
    ({ file, looked }: Question) => depicter.ask((api) => api.details(file, looked)),
    (answer) => (details.value = answer.ok ? answer.value : []),
  )
  onScopeDispose(() => {
    for (const one of [asking, costing, looking]) one.drop()
    // A large picture is not kept in memory when nobody looks at it.
    depicter.end()
  })
  const ask = {
    chart() {
      const one = question()
      costs.value = []
      if (typeof one !== 'string') return asking.ask(one)
      found.value = null
      words.value = one
    },
    details() {
      const one = question()
      if (typeof one !== 'string') looking.ask(one)
    },
  }
  return { words, found, costs, details, stage, stop, ask }
}
