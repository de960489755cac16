import { jest } from '@jest/globals'
import { expose } from 'comlink'
import { GIVEN_UP, latestOnly, workerClient } from './client.ts'

/* A worker over a message channel of its own, which works only when it is let. */
const api = {
  double: (n: number) => 2 * n,
  fail: () => {
    throw new RangeError('no such thing')
  },
  never: () => new Promise<number>(() => {}),
}
const made: { terminate: jest.Mock; onerror?: (event: Partial<ErrorEvent>) => void }[] = []
const ports: MessagePort[] = []
function worker(): Worker {
  const { port1, port2 } = new MessageChannel()
  ports.push(port1, port2)
  expose(api, port1)
  port2.start()
  const one = Object.assign(port2, { terminate: jest.fn() })
  made.push(one as never)
  return one as unknown as Worker
}
beforeEach(() => (made.length = 0))
afterAll(() => ports.forEach((port) => port.close()))

describe('the client of a worker', () => {
  it('answers with values, or with the words of what went wrong, and begins when first asked', async () => {
    const client = workerClient<typeof api>(worker)
    expect(made).toHaveLength(0)
    expect(await client.ask((of) => of.double(21))).toEqual({ ok: true, value: 42 })
    expect(await client.ask((of) => of.fail())).toEqual({ ok: false, problem: 'no such thing' })
    expect(await client.ask((of) => of.double(2))).toEqual({ ok: true, value: 4 })
    expect(made).toHaveLength(1)
    client.end()
  })

  it('gives up what takes too long, and asks again what waited behind it', async () => {
    const client = workerClient<typeof api>(worker)
    const late = client.ask((of) => of.never(), { limitMs: 30 })
    const behind = client.ask((of) => of.double(3))
    expect((await late).ok).toBe(false)
    expect(await behind).toEqual({ ok: true, value: 6 })
    expect(made[0]!.terminate).toHaveBeenCalledTimes(1)
    client.end()
  })

  it('is stopped by a signal, and by its end', async () => {
    const client = workerClient<typeof api>(worker)
    const stop = new AbortController()
    const one = client.ask((of) => of.never(), { signal: stop.signal })
    stop.abort()
    expect(await one).toEqual({ ok: false, problem: GIVEN_UP })
    expect(await client.ask((of) => of.double(1), { signal: stop.signal })).toEqual({
      ok: false,
      problem: GIVEN_UP,
    })
    const other = client.ask((of) => of.never())
    client.end()
    expect(await other).toEqual({ ok: false, problem: GIVEN_UP })
  })

  it('is begun again when its worker dies, and says so when that does not help', async () => {
    const client = workerClient<typeof api>(worker)
    const one = client.ask((of) => of.never())
    made.at(-1)!.onerror!({})
    made.at(-1)!.onerror!({})
    expect(await one).toMatchObject({ ok: false, problem: expect.stringContaining('loaded') })
    expect(await client.ask((of) => of.double(4))).toEqual({ ok: true, value: 8 })
    client.end()
  })
})

describe('the latest question', () => {
  const settle = async () => {
    for (let i = 0; i < 6; i++) await Promise.resolve()
  }
  it('is always answered, those in between are not asked, and no failure ends it', async () => {
    const reported = jest.fn()
    Object.assign(globalThis, { reportError: reported })
    const asked: number[] = []
    const told: number[] = []
    let answer: (n: number) => void = () => {}
    let refuse: (error: Error) => void = () => {}
    const latest = latestOnly(
      (n: number) => {
        asked.push(n)
        return new Promise<number>((done, fail) => {
          answer = done
          refuse = fail
        })
      },
      (n) => told.push(n),
    )
    for (const n of [1, 2, 3]) latest.ask(n)
    refuse(new Error('lost'))
    await settle()
    expect([asked, told, reported.mock.calls.length]).toEqual([[1, 3], [], 1])
    answer(30)
    await settle()
    expect(told).toEqual([30])
    latest.ask(4)
    latest.drop()
    answer(40)
    await settle()
    latest.ask(5)
    answer(50)
    await settle()
    expect(told).toEqual([30, 50])
  })
})
