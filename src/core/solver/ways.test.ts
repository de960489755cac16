import fc from 'fast-check'
import { cheapestWays, type Layer, paretoSet } from './index.ts'

/** Every way up from a node, one by one. */
function allWays(layers: readonly Layer[], from: number): { cost: number; weight: number }[] {
  const [first, ...rest] = layers
  if (!first) return [{ cost: 0, weight: 0 }]
  return first.weights.flatMap((own, to) =>
    own < 0
      ? []
      : allWays(rest, to).map(({ cost, weight }) => ({
          cost: cost + first.step(from, to),
          weight: weight + own,
        })),
  )
}

describe('cheapestWays', () => {
  it('finds the cheapest way of every weight (against trying them all)', () => {
    const size = 5
    const layer = fc
      .record({
        weights: fc.array(fc.integer({ min: -1, max: 3 }), { minLength: size, maxLength: size }),
        costs: fc.array(fc.integer({ min: 0, max: 9 }), {
          minLength: size * size,
          maxLength: size * size,
        }),
      })
      .map(({ weights, costs }) => ({
        weights,
        step: (from: number, to: number) => costs[from * size + to]!,
      }))
    fc.assert(
      fc.property(
        fc.array(layer, { maxLength: 4 }),
        fc.integer({ min: 0, max: 8 }),
        (layers, most) => {
          cheapestWays(size, layers, most).forEach((ways, from) => {
            const all = allWays(layers, from).filter(({ weight }) => weight <= most)
            const wanted = paretoSet(all, ({ cost, weight }) => [cost, weight])
            const seen = ways.map(({ cost, weight }) => `${cost} ${weight}`).sort()
            expect(seen).toEqual(wanted.map(({ cost, weight }) => `${cost} ${weight}`).sort())
            // Each way stands where it says, and costs and weighs what it says.
            for (const { nodes, cost, weight } of ways) {
              const steps = nodes.map((to, at) => layers[at]!.step(nodes[at - 1] ?? from, to))
              expect(steps.reduce((sum, one) => sum + one, 0)).toBe(cost)
              const weights = nodes.map((to, at) => layers[at]!.weights[to]!)
              expect(weights.reduce((sum, one) => sum + one, 0)).toBe(weight)
            }
          })
        },
      ),
    )
  })
})

describe('paretoSet', () => {
  it('keeps what none beats, the first of equals, in order (by its definition)', () => {
    const items = fc.array(
      fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 3, maxLength: 3 }),
      {
        maxLength: 40,
      },
    )
    fc.assert(
      fc.property(items, (list) => {
        const beats = (a: number[], b: number[]) =>
          a.every((cost, i) => cost <= b[i]!) && a.some((cost, i) => cost < b[i]!)
        const wanted = list.filter(
          (one, i) =>
            !list.some((other) => beats(other, one)) &&
            list.findIndex((other) => other.join() === one.join()) === i,
        )
        expect(paretoSet(list, (item) => item)).toEqual(wanted)
      }),
    )
  })
})
