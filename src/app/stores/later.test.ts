import { jest } from '@jest/globals'
import { useLater, usePace } from './later.ts'

beforeEach(() => void jest.useFakeTimers())
afterEach(() => void jest.useRealTimers())

describe('later', () => {
  it('is done once, no later than first asked for, and again when asked again', () => {
    const work = jest.fn()
    const later = useLater(work)
    later.within(100)
    jest.advanceTimersByTime(90)
    later.within(100)
    jest.advanceTimersByTime(10)
    expect(work).toHaveBeenCalledTimes(1)
    jest.advanceTimersByTime(500)
    expect(work).toHaveBeenCalledTimes(1)
    later.within(50)
    jest.advanceTimersByTime(50)
    expect(work).toHaveBeenCalledTimes(2)
  })

  it('is not done when it was called off, and can ask for itself again', () => {
    const seen: string[] = []
    const later = useLater(() => {
      seen.push('done')
      if (seen.length < 3) later.within(10)
    })
    later.within(10)
    later.cancel()
    jest.advanceTimersByTime(100)
    expect(seen).toEqual([])
    later.within(10)
    jest.advanceTimersByTime(100)
    expect(seen).toHaveLength(3)
  })
})

describe('a pace', () => {
  it('is kept: at once, then no more often, and the last of many is not lost', () => {
    const times: number[] = []
    const began = performance.now()
    const pace = usePace(() => times.push(Math.round(performance.now() - began)))
    for (let ms = 0; ms < 1000; ms += 10) {
      pace.apart(100)
      jest.advanceTimersByTime(10)
    }
    jest.advanceTimersByTime(200)
    expect(times[0]).toBe(0)
    for (let i = 1; i < times.length; i++)
      expect(times[i]! - times[i - 1]!).toBeGreaterThanOrEqual(100)
    expect(times.at(-1)).toBeGreaterThanOrEqual(990)
    expect(times.length).toBeGreaterThanOrEqual(10)
  })

  it('is broken by now, and forgets what was to come', () => {
    const work = jest.fn()
    const pace = usePace(work)
    pace.apart(100)
    pace.apart(100)
    pace.now()
    jest.advanceTimersByTime(300)
    expect(work).toHaveBeenCalledTimes(2)
    pace.apart(1000)
    pace.cancel()
    jest.advanceTimersByTime(2000)
    expect(work).toHaveBeenCalledTimes(2)
  })
})
