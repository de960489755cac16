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
  /** Begins the worker, so that it is there before it is asked. */
  readonly begin: () => void
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

const NOT_LOADED = 'The part of the program that works this out could not be loaded.'

/** A worker that is begun at its first question. */
class Client<Api> implements WorkerClient<Api> {
  private readonly pending = new Set<Pending>()
  private running: { readonly worker: Worker; readonly api: Remote<Api> } | null = null

  constructor(private readonly make: () => Worker) {}

  ask = <Asked>(
    question: (api: Remote<Api>) => Asked,
    { limitMs = LIMIT_MS, signal }: AskOptions = {},
  ): Promise<Result<Awaited<Asked>>> =>
    new Promise((done) => {
      const giveUp = (why: string) => () => {
        if (!this.pending.has(one)) return
        one.settle(refused(why))
        this.restart(why)
      }
      const stop = giveUp(GIVEN_UP)
      const seconds = Math.round(limitMs / 1000)
      const late = setTimeout(
        giveUp(`It took longer than ${seconds} seconds and was stopped.`),
        limitMs,
      )
      const one: Pending = {
        send: question as unknown as Pending['send'],
        tries: 0,
        settle: (answer) => {
          if (!this.pending.delete(one)) return
          clearTimeout(late)
          signal?.removeEventListener('abort', stop)
          done(answer.ok ? found(answer.value as Awaited<Asked>) : answer)
        },
      }
      this.pending.add(one)
      signal?.addEventListener('abort', stop)
      if (signal?.aborted) stop()
      else this.send(one)
    })

  begin = (): void => void this.api()

  end = (): void => {
    this.drop()
    for (const one of [...this.pending]) one.settle(refused(GIVEN_UP))
  }

  private send(one: Pending): void {
    one.tries++
    one.send(this.api() as Remote<unknown>).then(
      (value) => one.settle({ ok: true, value }),
      (error: unknown) => one.settle(refused(messageOf(error))),
    )
  }

  private api(): Remote<Api> {
    if (this.running) return this.running.api
    const worker = this.make()
    // A worker that cannot be loaded, or dies, answers nothing more.
    worker.onerror = (event) => {
      event.preventDefault?.()
      if (this.running?.worker === worker) this.restart(NOT_LOADED)
    }
    this.running = { worker, api: wrap<Api>(worker) }
    return this.running.api
  }

  private drop(): void {
    this.running?.api[releaseProxy]()
    this.running?.worker.terminate()
    this.running = null
  }

  /** A new worker is asked what the old one has not answered. */
  private restart(why: string): void {
    this.drop()
    for (const one of [...this.pending])
      if (one.tries >= TRIES) one.settle(refused(why))
      else this.send(one)
  }
}

export const workerClient = <Api>(make: () => Worker): WorkerClient<Api> => new Client<Api>(make)

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
