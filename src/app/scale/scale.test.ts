import { SimulatedScale } from './scale.ts'

/** A scale whose time stands where it is set. */
function scaleAt(step: 1 | 0.1) {
  let time = 0
  let state = 11
  const chance = () => (state = (state * 48271) % 2147483647) / 2147483647
  const scale = new SimulatedScale(step, chance, () => time)
  return { scale, wait: (ms: number) => (time += ms) }
}

describe('a kitchen scale that is not there', () => {
  it('reads what lies on it in its steps, once it has come to rest', () => {
    const { scale, wait } = scaleAt(1)
    scale.put(62.3)
    expect(scale.read().steady).toBe(false)
    wait(1000)
    const { grams, steady } = scale.read()
    expect([grams, steady]).toEqual([62, true])
    const fine = scaleAt(0.1)
    fine.scale.put(62.34)
    fine.wait(1000)
    expect(Math.abs(fine.scale.read().grams - 62.34)).toBeLessThan(0.5)
    expect(Number.isInteger(Math.round(fine.scale.read().grams * 10))).toBe(true)
  })

  it('takes what lies on it for nothing when it is tared, and drifts by less than half a gram', () => {
    const { scale, wait } = scaleAt(0.1)
    scale.put(40)
    wait(1000)
    scale.tare()
    expect(Math.abs(scale.read().grams)).toBeLessThan(0.15)
    scale.put(100)
    const read = Array.from({ length: 60 }, () => {
      wait(10_000)
      return scale.read().grams
    })
    expect(Math.max(...read.map((grams) => Math.abs(grams - 60)))).toBeLessThan(0.95)
    expect(new Set(read).size).toBeGreaterThan(2)
  })
})
