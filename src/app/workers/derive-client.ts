import { wrap } from 'comlink'
import type { Design } from '@core/design'
import type { CompileOptions } from '@core/ledger'
import type { Derived } from '@core/plan'
import type { DeriveApi } from './derive.worker.ts'

export const deriver = wrap<DeriveApi>(
  new Worker(new URL('./derive.worker.ts', import.meta.url), { type: 'module' }),
)

/** What a design comes to, computed in the worker. @throws with the worker's words */
export async function derived(design: Design, options: CompileOptions = {}): Promise<Derived> {
  const answer = await deriver.derive(design, options)
  if (!answer.ok) throw new Error(answer.problem)
  return answer.value
}

/**
 * Keeps one question in the worker at a time. While it works newer questions replace each other, so that the last one is
 * always answered and none in between hold it up.
 */
export function latestOnly<Question, Value>(
  ask: (question: Question) => Promise<Value>,
  told: (value: Value, question: Question) => void,
): (question: Question) => void {
  let waiting: { question: Question } | null = null
  let busy = false
  const work = async () => {
    busy = true
    while (waiting) {
      const { question } = waiting
      waiting = null
      const value = await ask(question)
      told(value, question)
    }
    busy = false
  }
  return (question) => {
    waiting = { question }
    if (!busy) void work()
  }
}
