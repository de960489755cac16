import fc from 'fast-check'
import {
  again,
  byChance,
  growing,
  merged,
  mirrored,
  scaledTo,
  type Stripes,
  stripeWays,
} from './stripe-sequences.ts'

const S = (text: string): Stripes =>
  text.split(' ').map((one) => ({ yarn: one[0]!, rounds: Number(one.slice(1)) }))
const said = (stripes: Stripes) => stripes.map(({ yarn, rounds }) => `${yarn}${rounds}`).join(' ')
const total = (stripes: Stripes) => stripes.reduce((sum, { rounds }) => sum + rounds, 0)
const anyStripes = fc.array(
  fc.record({ yarn: fc.constantFrom('A', 'B', 'C'), rounds: fc.integer({ min: 1, max: 9 }) }),
  { minLength: 1, maxLength: 8 },
)

describe('sequences of stripes', () => {
  it('go up and back again around the topmost', () => {
    expect(said(mirrored(S('A2 B1 C3')))).toBe('A2 B1 C3 B1 A2')
    expect(said(mirrored(S('A2')))).toBe('A2')
  })
  it('come again, as one stripe where two of a yarn meet', () =>
    expect(said(again(S('A2 B1 A1'), 2))).toBe('A2 B1 A3 B1 A1'))

  it.each([
    // Six rounds on twelve: all double. Seven on ten: shares of 2 more by hand.
    ['A1 B2 A3', 12, 'A1 B4 A7'],
    ['A2 B2 A2', 12, 'A4 B4 A4'],
    ['A2 B2', 5, 'A3 B2'],
    ['A5 B1', 3, 'A2 B1'],
    ['A1 B1 C1', 2, 'A1 B1'],
    ['A1 B1', 7, 'A4 B3'],
  ])('%s in %i rounds: %s', (from, rounds, to) => expect(said(scaledTo(S(from), rounds))).toBe(to))

  it('scaled are just as many rounds as asked for, none without a round, and themselves in their own', () => {
    fc.assert(
      fc.property(anyStripes, fc.integer({ min: 1, max: 200 }), (stripes, rounds) => {
        const scaled = scaledTo(stripes, rounds)
        expect(total(scaled)).toBe(rounds)
        expect(Math.min(...scaled.map((one) => one.rounds))).toBeGreaterThanOrEqual(1)
        expect(scaledTo(stripes, total(stripes))).toEqual(stripes)
      }),
    )
  })

  it('by chance are as many rounds as asked for, never two of a yarn side by side, the same for the same seed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 120 }),
        fc.integer({ min: 1, max: 6 }),
        fc.integer(),
        (rounds, most, seed) => {
          const stripes = byChance(['A', 'B', 'C'], rounds, most, seed)
          expect(total(stripes)).toBe(rounds)
          expect(stripes.every((one) => one.rounds <= most)).toBe(true)
          expect(stripes.every((one, i) => one.yarn !== stripes[i - 1]?.yarn)).toBe(true)
          expect(byChance(['A', 'B', 'C'], rounds, most, seed)).toEqual(stripes)
        },
      ),
    )
    expect(said(byChance(['A'], 5, 2, 1))).toBe('A5')
    const many = new Set(
      Array.from({ length: 20 }, (_, seed) => said(byChance(['A', 'B'], 20, 4, seed))),
    )
    expect(many.size).toBeGreaterThan(15)
  })

  it('growing: one yarn from 1 round up, the other as much down', () => {
    // 3 · 4 = 12: 3 1, 2 2, 1 3.
    expect(said(growing('A', 'B', 12))).toBe('B3 A1 B2 A2 B1 A3')
    expect(said(growing('A', 'B', 2))).toBe('B1 A1')
    for (const rounds of [3, 7, 19, 50]) expect(total(growing('A', 'B', rounds))).toBe(rounds)
  })

  it('of every way are stripes there can be', () => {
    fc.assert(
      fc.property(anyStripes, fc.integer(), (stripes, seed) => {
        for (const way of stripeWays) {
          const made = way.of(merged(stripes), ['A', 'B'], seed)
          expect(made.length).toBeGreaterThan(0)
          for (const { rounds } of made) expect(rounds).toBeGreaterThanOrEqual(1)
        }
      }),
    )
  })
})
