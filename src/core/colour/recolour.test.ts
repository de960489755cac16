import { figuresOf, type Meetings, recolourings } from './index.ts'

const [DARK, LIGHT, MIDDLE] = ['#101010', '#f4f4f4', '#777777']
const meet: Meetings = {
  touch: [
    { a: 0, b: 1, count: 90 },
    { a: 1, b: 2, count: 10 },
  ],
  inside: [{ over: 1, carried: 0, count: 50 }],
}

describe('other colours', () => {
  it('are told by those that touch, and by what shows through', () => {
    const same = figuresOf([DARK, DARK, LIGHT], meet)
    expect([same.least, same.shows]).toEqual([0, 0])
    const apart = figuresOf([DARK, LIGHT, DARK], meet)
    expect(apart.least).toBeGreaterThan(40)
    expect(apart.apart).toBeCloseTo(40, 6)
    // Dark inside light shows; light inside dark does not.
    expect(apart.shows).toBe(1)
    expect(figuresOf([LIGHT, DARK, LIGHT], meet).shows).toBe(0)
  })

  // By hand: 0 and 1 meet nine times as often as 1 and 2, and 0 lies inside 1: light beside dark, the dark one around it.
  it('are ranked: of three greys the order that tells apart and hides what is carried comes first', () => {
    const candidates = [DARK, LIGHT, MIDDLE].map((colour) => ({ colour }))
    const [best, ...others] = recolourings(['#a00000', '#00a000', '#0000a0'], candidates, meet, {
      ...{ keep: new Set<number>(), most: 9 },
    })
    expect(best!.of.map((one) => one!.colour).slice(0, 2)).toEqual([LIGHT, DARK])
    // Two orders of one set of colours at most.
    expect(others).toHaveLength(1)
  })

  it('leave those that are kept, and give no colour to two yarns', () => {
    const candidates = ['#faf6ec', '#22406b', '#7c2f35', '#d39a2d', '#2f5d46'].map((colour) => ({
      colour,
    }))
    const found = recolourings([DARK, '#b8423f', '#4f79ae'], candidates, meet, {
      ...{ keep: new Set([0]), most: 6 },
    })
    expect(found.length).toBeGreaterThan(3)
    for (const { of } of found) {
      expect(of[0]).toBeNull()
      expect(new Set(of.slice(1)).size).toBe(2)
    }
    expect(recolourings([DARK], candidates, meet, { keep: new Set([0]), most: 6 })).toEqual([])
  })
})
