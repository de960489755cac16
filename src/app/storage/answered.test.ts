import { jest } from '@jest/globals'

jest.useFakeTimers()
afterAll(() => jest.useRealTimers())
const { answered } = await import('./answered.ts')

const never = () => new Promise<never>(() => {})
/** After how long it is given up. */
async function waited(asked: Promise<unknown>): Promise<number> {
  const began = Date.now()
  const given = answered(asked).then(
    () => -1,
    () => Date.now() - began,
  )
  await jest.advanceTimersByTimeAsync(20_000)
  return given
}

describe('storage that is asked', () => {
  it('is waited for long once, and shortly after that, until it answers again', async () => {
    expect(await answered(Promise.resolve(3))).toBe(3)
    expect(await waited(never())).toBe(8000)
    expect(await waited(never())).toBe(1000)
    // It was slow: what comes late counts too.
    expect(await waited(new Promise((done) => setTimeout(done, 5000)))).toBe(1000)
    expect(await waited(never())).toBe(8000)
  })
})
