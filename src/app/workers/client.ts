import { releaseProxy, type Remote, wrap } from 'comlink'
import { found, refused, type Result } from '@core/units'

/*
 * The one way to a worker. A question is answered with a value or with words that say why not; it never throws, and no failure
 * of one keeps the next from being asked. A question that takes too long, or is given up, ends the worker: those that were
 * waiting behind it are asked again of a new one.
 */

export interface AskOptions {
  /** Longest wait; the question is then given up in words. */
  readonly limitMs?: number
  /** Gives the question up. */
  readonly signal?: AbortSignal
}

export interface WorkerClient<Api> {
  readonly ask: <Asked>(
    question: (api: Remote<Api>) => Asked,
    options?: AskOptions,
  ) => Promise<Result<Awaited<Asked>>>
  /** Ends the worker; what was not answered yet is not any more. */
  readonly end: () => void
}

const LIMIT_MS = 60_000
/** What went wrong in the page rather than in the answer is tried once more. */
const TRIES = 2

interface Pending {
  readonly send: (api: Remote<unknown>) => Promise<unknown>
  readonly settle: (answer: Result<never> | { ok: true; value: unknown }) => void
  tries: number
}

export const GIVEN_UP = 'It was stopped.'

/** A worker that is begun at its first question. */
export function workerClient<Api>(make: () => Worker): WorkerClient<Api> {
  const pending = new Set<Pending>()
  let running: { readonly worker: Worker; readonly api: Remote<Api> } | null = null

  function api(): Remote<Api> {
    if (running) return running.api
    const worker = make()
    // A worker that cannot be loaded, or dies, answers nothing more.
    worker.onerror = (event) => {
      event.preventDefault?.()
      if (running?.worker === worker)
        restart('The part of the program that works this out could not be loaded.')
    }
    running = { worker, api: wrap<Api>(worker) }
    return running.api
  }

  function drop() {
    running?.api[releaseProxy]()
    running?.worker.terminate()
    running = null
  }

  function restart(why: string) {
    drop()
    for (const one of [...pending])
      if (one.tries >= TRIES) one.settle(refused(why))
      else send(one)
  }

  function send(one: Pending) {
    one.tries++
    const asked = api()
    one.send(asked as Remote<unknown>).then(
      (value) => one.settle({ ok: true, value }),
      (error: unknown) => one.settle(refused(messageOf(error))),
    )
  }

  function ask<Asked>(
    question: (api: Remote<Api>) => Asked,
    { limitMs = LIMIT_MS, signal }: AskOptions = {},
  ): Promise<Result<Awaited<Asked>>> {
    return new Promise((done) => {
      const giveUp = (why: string) => () => {
        if (!pending.has(one)) return
        one.settle(refused(why))
        restart(why)
      }
      const stop = giveUp(GIVEN_UP)
      const late = setTimeout(
        giveUp(`It took longer than ${Math.round(limitMs / 1000)} seconds and was stopped.`),
        limitMs,
      )
      const one: Pending = {
        send: question as unknown as Pending['send'],
        tries: 0,
        settle: (answer) => {
          if (!pending.delete(one)) return
          clearTimeout(late)
          signal?.removeEventListener('abort', stop)
          done(answer.ok ? found(answer.value as Awaited<Asked>) : answer)
        },
      }
      pending.add(one)
      signal?.addEventListener('abort', stop)
      if (signal?.aborted) stop()
      else send(one)
    })
  }

  return {
    ask,
    end: () => {
      drop()
      for (const one of [...pending]) one.settle(refused(GIVEN_UP))
    },
  }
}

const messageOf = (error: unknown): string =>
  error instanceof Error ? error.message : String(error)

/**
 * Keeps one question asked at a time. While it is worked on newer ones replace each other, so that the last one is always
 * answered and none in between hold it up. An answer whose question was dropped meanwhile is not told.
 */
export function latestOnly<Question, Value>(
  ask: (question: Question) => Promise<Value>,
  told: (value: Value, question: Question) => void,
): { readonly ask: (question: Question) => void; readonly drop: () => void } {
  let waiting: { question: Question } | null = null
  let busy = false
  let epoch = 0
  async function work() {
    busy = true
    while (waiting) {
      const { question } = waiting
      const of = epoch
      waiting = null
      try {
        const value = await ask(question)
        if (of === epoch) told(value, question)
      } catch (error) {
        // What is told must not keep the next from being asked; it is still an error of the page.
        reportError(error)
      }
    }
    busy = false
  }
  return {
    ask: (question) => {
      waiting = { question }
      if (!busy) void work()
    },
    drop: () => {
      waiting = null
      epoch++
    },
  }
}
