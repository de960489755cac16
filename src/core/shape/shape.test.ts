import fc from 'fast-check'
import { flatIncrease, lieOf, type RoundBase, roundBaseRows } from './index.ts'

const base = (over: Partial<RoundBase>): RoundBase => ({
  increase: 6,
  count: 120,
  stagger: 'staggered',
  plainFrom: null,
  plainRounds: 0,
  ...over,
})
const total = (spec: RoundBase) => roundBaseRows(spec).reduce((sum, { makes }) => sum + makes, 0)

describe('roundBaseRows', () => {
  it('adds k every round', () => {
    const rows = roundBaseRows(base({}))
    expect(rows).toHaveLength(20)
    expect(rows.map(({ makes }) => makes)).toEqual(
      Array.from({ length: 20 }, (_, i) => 6 * (i + 1)),
    )
    expect(total(base({}))).toBe(1260)
  })

  // Common practice without a source: +8 in rounds 1–7, round 8 plain, then increasing and plain in turn to 120 in
  // rounds 23 and 24, which is 1,752 sc in all.
  it('counts the base of 1,752 stitches', () => {
    const spec = base({ increase: 8, count: 120, plainFrom: 7, plainRounds: 1 })
    const rows = roundBaseRows(spec)
    expect(total(spec)).toBe(1752)
    expect(rows).toHaveLength(24)
    expect(rows.slice(6, 9).map(({ makes }) => makes)).toEqual([56, 56, 64])
    expect([rows[22]!.makes, rows[23]!.makes]).toEqual([120, 120])
  })

  it('tops the last round up to the wanted count', () => {
    const last = roundBaseRows(base({ count: 116 })).at(-1)!
    expect([last.uses, last.makes, last.doubled.length]).toEqual([114, 116, 2])
  })

  it('balances for any base', () => {
    const specs = fc.record({
      increase: fc.integer({ min: 3, max: 18 }),
      count: fc.integer({ min: 18, max: 400 }),
      stagger: fc.constantFrom('staggered' as const, 'stacked' as const),
      plainFrom: fc.option(fc.integer({ min: 1, max: 10 })),
      plainRounds: fc.integer({ min: 0, max: 3 }),
    })
    fc.assert(
      fc.property(specs, (spec) => {
        const rows = roundBaseRows(spec)
        rows.forEach((row, i) => {
          expect(row.uses).toBe(i === 0 ? 0 : rows[i - 1]!.makes)
          if (row.kind !== 'ring') expect(row.makes).toBe(row.uses + row.doubled.length)
          for (const place of row.doubled) expect(place).toBeLessThan(row.uses)
          expect(new Set(row.doubled).size).toBe(row.doubled.length)
        })
        expect(rows.at(-1)!.makes).toBe(spec.count)
      }),
    )
  })

  it('stacks increases at the end of each group, or staggers them', () => {
    const places = (stagger: RoundBase['stagger']) =>
      roundBaseRows(base({ stagger, count: 30 })).map(({ doubled }) => doubled[0])
    expect(places('stacked')).toEqual([undefined, 0, 1, 2, 3])
    expect(new Set(places('staggered').slice(2)).size).toBeGreaterThan(1)
    expect(() => roundBaseRows(base({ count: 4 }))).toThrow(RangeError)
  })
})

describe('flatness', () => {
  // k = 2π·h/w is geometry: a disc r rounds deep is 2πrh around. Figures for heights 1, 1.4, 2 and 2.8: common practice.
  it.each([
    [1, 6.3],
    [1.4, 8.8],
    [2, 12.6],
    [2.8, 17.6],
  ])('wants the known increase for height %s', (height, k) => {
    expect(flatIncrease(5, 5 * height)).toBeCloseTo(k, 1)
  })

  // Common practice: sc 6–8, hdc 8–10, dc 10–15 are all in use; those near the flat increase lie flat.
  it('says how it lies', () => {
    expect(lieOf(6 / flatIncrease(1, 1))).toBe('flat')
    expect(lieOf(8 / flatIncrease(1, 1))).toBe('ruffles')
    expect(lieOf(6 / flatIncrease(1, 1.4))).toBe('cups')
  })
})
