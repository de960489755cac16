import { type Measured, usualLeading } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { yarnPaths } from '../paths/index.ts'
import { stitchById, yarnClasses } from '../stitch/index.ts'
import { base, plain, tote } from '../testing/tote.ts'
import { packsFor, yarnModel, yarnNeeds } from './index.ts'
import { gaussianOf, standardDraws } from './gaussian.ts'
import { OFF } from './model.ts'

const pulled = (stitch: string, metres: number, yarn: string | null = null): Measured => ({
  ...{ how: 'unravelled', stitch, yarn },
  ...{ stitches: 20, amount: metres * 20 * 1000 },
})
const weighed = (stitch: string, grams: number, yarn: string | null): Measured => ({
  ...{ how: 'weighed', stitch, yarn },
  ...{ stitches: 100, amount: grams * 100 },
})
const ALL = ['sc', 'hdc', 'dc', 'ch']
const model = (measured: readonly Measured[]) => yarnModel(tote({ measured }), ALL)

describe('what stitches take', () => {
  // 9.5 hook diameters a sc, relative to that dc 1.8: from memory. A hook of 3.5 mm: 3.325 cm.
  it('is said by the hook alone where nothing is measured', () => {
    const plainly = model([])
    expect(plainly.metresOf('A', 'sc')).toBeCloseTo(0.03325, 9)
    expect(plainly.metresOf('A', 'dc')).toBeCloseTo(0.03325 * 1.8, 9)
    expect(plainly.sourceOf('A')).toBe('model')
  })

  it('is what was measured; one measured stitch scales the rest', () => {
    const one = model([pulled('dc', 0.072)])
    expect(one.metresOf('A', 'dc')).toBeCloseTo(0.072, 9)
    expect(one.metresOf('B', 'sc')).toBeCloseTo(0.04, 9)
    // 2.5 m a gram: 50 g are 125 m.
    const light = model([weighed('sc', 0.016, 'A')])
    expect(light.metresOf('A', 'sc')).toBeCloseTo(0.04, 9)
    expect([light.sourceOf('A'), one.sourceOf('A')]).toEqual(['weighed', 'unravelled'])
  })

  it('cannot weigh what has no label', () => {
    expect(model([weighed('sc', 0.016, 'C')]).sourceOf('C')).toBe('model')
  })

  // By hand: the mean of the logarithms, each by one over the square of what it is read to.
  it('brings several measurements of one stitch together, each with its weight', () => {
    const [a, b] = [1 / OFF.unravelled ** 2, 1 / OFF.weighed ** 2]
    const both = model([pulled('sc', 0.036), weighed('sc', 0.0128, null)])
    const mean = Math.exp((a * Math.log(0.036) + b * Math.log(0.032)) / (a + b))
    expect(both.metresOf('A', 'sc')).toBeCloseTo(mean, 9)
    expect(both.sourceOf('A')).toBe('unravelled')
  })

  /*
   * By hand: sc 10 % above the hook's figure and dc as much below; what they have in common lies in the midst, and each is pulled
   * towards it by how sure the measurement is against how much stitches differ: 0.08² in 0.08² + 0.03² of the way out.
   */
  it('brings stitches that disagree together by least squares, and others go by the midst', () => {
    const off = model([pulled('sc', 0.03325 * 1.1), pulled('dc', (0.03325 * 1.8) / 1.1)])
    const out = Math.log(1.1) * (0.08 ** 2 / (0.08 ** 2 + 0.03 ** 2))
    expect(off.metresOf('A', 'hdc')).toBeCloseTo(0.03325 * 1.35, 9)
    expect(off.metresOf('A', 'sc')).toBeCloseTo(0.03325 * Math.exp(out), 9)
    expect(off.metresOf('A', 'dc')).toBeCloseTo(0.03325 * 1.8 * Math.exp(-out), 9)
  })

  it('is surer of what was measured than of what goes by it', () => {
    const spread = (measured: readonly Measured[], stitch: string) => {
      const logs = yarnModel(tote({ measured }), ALL)
        .draws()
        .map((draw) => draw.stitch('A', stitch))
      const mean = logs.reduce((sum, x) => sum + x, 0) / logs.length
      return Math.sqrt(logs.reduce((sum, x) => sum + (x - mean) ** 2, 0) / logs.length)
    }
    // By hand: what is off by itself adds up by its squares.
    expect(spread([], 'sc')).toBeCloseTo(Math.hypot(0.09, 0.08, 0.02), 2)
    expect(spread([pulled('sc', 0.04, 'A')], 'sc')).toBeCloseTo(0.03, 2)
    expect(spread([pulled('sc', 0.04, 'A')], 'dc')).toBeCloseTo(Math.hypot(0.03, 0.08, 0.08), 2)
    const other = tote().yarns.map((yarn) => ({ ...yarn, yarnClass: 5 }))
    const thick = yarnModel(tote({ yarns: other }), ALL).draws()
    const most = Math.max(...thick.map((draw) => draw.stitch('A', 'sc')))
    expect(most).toBeGreaterThan(
      Math.max(
        ...yarnModel(tote(), ALL)
          .draws()
          .map((draw) => draw.stitch('A', 'sc')),
      ),
    )
  })
})

describe('figures that are off together', () => {
  // Two figures of 1 each way whose sum was measured as 2, exactly but for 0.001: each is 1, and what one is more the other is less.
  it('are the least squares of what was measured', () => {
    const { mean, root } = gaussianOf(
      [1, 1],
      [
        {
          of: new Map([
            [0, 1],
            [1, 1],
          ]),
          value: 2,
          sd: 0.001,
        },
      ],
    )
    expect(mean[0]).toBeCloseTo(1, 5)
    expect(mean[1]).toBeCloseTo(1, 5)
    const variance = (i: number, j: number) =>
      root[i]!.reduce((sum, x, k) => sum + x * root[j]![k]!, 0)
    expect(variance(0, 0)).toBeCloseTo(0.5, 5)
    expect(variance(0, 1)).toBeCloseTo(-0.5, 5)
  })

  it('are drawn as standard normal figures', () => {
    const draws = standardDraws(3, 1000).map(([x]) => x!)
    const mean = draws.reduce((sum, x) => sum + x, 0) / 1000
    const variance = draws.reduce((sum, x) => sum + x * x, 0) / 1000
    expect(mean).toBeCloseTo(0, 9)
    expect(variance).toBeGreaterThan(0.9)
    expect(variance).toBeLessThan(1.1)
    // Within 1.96 of the middle nineteen of twenty lie (standard normal tables).
    const inside = draws.filter((x) => Math.abs(x) < 1.96).length / 1000
    expect(inside).toBeGreaterThan(0.93)
    expect(inside).toBeLessThan(0.97)
  })
})

/** Numbers as if by chance for what is simulated here, other than the program's own. */
function luck(seed: number) {
  let state = seed
  const uniform = () => {
    state = (state * 48271) % 2147483647
    return state / 2147483647
  }
  return {
    uniform,
    normal: () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform()),
  }
}

describe('nine bags in ten', () => {
  const parts = [base(), plain({ stitch: 'dc', rounds: 6 }), plain({ id: 'top', rounds: 3 })]
  const ledger = compile(tote({ parts }))
  const paths = ledger.pieces.map((piece) => yarnPaths(ledger, piece))
  const needOf = (measured: readonly Measured[]) =>
    yarnNeeds(tote({ parts, measured }), ledger, paths)[0]!
  /**
   * The share of bags whose yarn lies within what is said. What is true of them is not the model: what all stitches have in common
   * is skewed (a yarn is sooner thicker than thinner than its hook), dc are 15 % off, stitches of a kind go together with their neighbours.
   */
  function covered(measure: boolean): number {
    const { normal, uniform } = luck(20261130)
    let inside = 0
    const bags = 400
    const plainly = needOf([])
    for (let bag = 0; bag < bags; bag++) {
      // A skewed share: chi-square with eight degrees, about as wide as ±20 %.
      const chi = Array.from({ length: 8 }, normal).reduce((sum, x) => sum + x * x, 0)
      const common = (chi / 8 - 1) * 0.2 + 0.01
      const tall = common * 0.3 + (uniform() < 0.5 ? 0.15 : -0.05)
      const off = (id: string) =>
        stitchById(id).of === 'dc' ? common + tall : common + 0.02 * normal()
      const truth = plainly.parts
        .flatMap(({ terms }) => terms)
        .reduce(
          (sum, { stitch, metres }) =>
            sum + metres * Math.exp(stitch ? off(stitch) : 0.2 * normal()),
          0,
        )
      const read = 0.03 * normal()
      const need = measure ? needOf([pulled('sc', 0.03325 * Math.exp(common + read))]) : plainly
      if (truth >= need.low && truth <= need.high) inside++
    }
    return inside / bags
  }

  it('lie within what is said of a bag, whose truth is not the model', () => {
    expect(covered(false)).toBeGreaterThanOrEqual(0.85)
    expect(covered(false)).toBeLessThanOrEqual(0.95)
  })
  it('and of one of which a stitch was measured', () => {
    expect(covered(true)).toBeGreaterThanOrEqual(0.85)
    expect(covered(true)).toBeLessThanOrEqual(0.95)
  })
})

describe('what the program says of a stitch', () => {
  /*
   * Published weight classes (Craft Yarn Council, Standards and Guidelines, from memory): a stitch of the class's gauge must hold more yarn
   * than it is wide three times over (a sc is four legs and two loops), and less than fifteen.
   */
  it.each(yarnClasses.map((one) => [one.number, one] as const))(
    'goes with class %i: a stitch holds between three and fifteen times its width',
    (_, { scOverFourInches: [few, many], hookMm: [small, large] }) => {
      const width = 101.6 / ((few + many) / 2)
      const metres = yarnModel({ ...tote(), hookMm: (small + large) / 2 }, ['sc']).metresOf(
        'A',
        'sc',
      )
      expect((metres * 1000) / width).toBeGreaterThan(3)
      expect((metres * 1000) / width).toBeLessThan(15)
    },
  )
})

describe('balls to buy', () => {
  const needsOf = (over: Partial<ReturnType<typeof tote>['yarns'][number]>, rounds = 60) => {
    const yarns = tote().yarns.map((yarn, i) => (i === 0 ? { ...yarn, ...over } : yarn))
    const design = tote({ yarns, parts: [base(), plain({ rounds })], leading: usualLeading })
    const ledger = compile(design)
    return yarnNeeds(
      design,
      ledger,
      ledger.pieces.map((piece) => yarnPaths(ledger, piece)),
    )[0]!
  }
  const label = { grams: 50, metres: 50, price: 3.5 }

  // About 103 m, at most about 125: three balls of 50 m, or one beside 80 g of a lot that is there.
  it('are of the lot that is in hand, or all of one new lot', () => {
    const anew = needsOf({ label })
    expect([anew.balls, anew.buying!.anew, anew.buying!.price]).toEqual([3, 3, 10.5])
    expect(anew.buying!.leftMetres).toBeCloseTo(150 - anew.metres, 9)
    const lots = [
      { lot: '12', grams: 50, of: null },
      { lot: '9', grams: 30, of: null },
    ]
    const some = needsOf({ label, lots })
    expect(some.buying).toMatchObject({ more: { lot: '12', balls: 1 }, anew: 3, price: 3.5 })
    expect(some.buying!.leftMetres).toBeCloseTo(130 - some.metres, 9)
    const all = needsOf({ label, lots: [{ lot: null, grams: 140, of: null }] })
    expect(all.buying).toMatchObject({ more: null, anew: 0, price: 0 })
    expect(needsOf({ label: null }).buying).toBeNull()
  })

  // Two of A and one of B in a pack: five of A and one of B want three packs, which leave one of A and two of B.
  it('come in packs', () => {
    const pack = { name: 'Trio', price: null, balls: ['A', 'A', 'B'] }
    const wanted = new Map([
      ['A', 5],
      ['B', 1],
      ['C', 2],
    ])
    expect(packsFor(pack, wanted)).toEqual({
      packs: 3,
      beside: [['C', 2]],
      over: [
        ['A', 1],
        ['B', 2],
      ],
    })
    expect(packsFor(pack, new Map())).toBeNull()
  })
})
