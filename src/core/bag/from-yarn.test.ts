import { baseOf, bandsOf } from '../design/index.ts'
import { bodyOf, maybeMiddlesCounted } from '../ledger/index.ts'
import { projectOf } from '../project/index.ts'
import { derive } from './derive.ts'
import { maybeLargest, maybeWithin, newDesign } from './index.ts'

const asked = {
  name: 'From yarn',
  said: 'flat',
  aroundMm: 500,
  heightMm: 220,
  hookMm: 4,
  yarnClass: 4,
} as const
const balls = (many: number) => ({ grams: 100, metres: 200, balls: many })

describe('the largest bag from what is in hand', () => {
  it('takes no more than there is, and would not go a tenth larger', () => {
    const found = maybeLargest(asked, [balls(2)])!
    const [need] = found.derived.needs
    expect(need!.high).toBeLessThanOrEqual(400)
    expect(need!.high).toBeGreaterThan(330)
    const { aroundMm, heightMm } = found.design.want
    expect(aroundMm / heightMm).toBeCloseTo(500 / 220, 6)
    const larger = newDesign({ ...asked, aroundMm: aroundMm * 1.1, heightMm: heightMm * 1.1 })
    expect(derive(projectOf(larger)).needs[0]!.high).toBeGreaterThan(400)
  })
  it('is larger with more, by the root of it', () => {
    const [one, four] = [maybeLargest(asked, [balls(1)])!, maybeLargest(asked, [balls(4)])!]
    expect(four.scale / one.scale).toBeGreaterThan(1.8)
    expect(four.scale / one.scale).toBeLessThan(2.2)
  })
  it('goes in stripes of all that there are, each within its own', () => {
    const hand = [balls(2), balls(1), { grams: 50, metres: 90, balls: 2 }]
    const yarns = [
      { name: 'One', colour: '#22406b' },
      { name: 'Two', colour: '#d39a2d' },
      { name: 'Three', colour: '#efe9dc' },
    ]
    const { design, derived } = maybeLargest({ ...asked, yarns }, hand)!
    expect(bandsOf(design)[0]!.kind).toBe('stripes')
    expect(derived.needs).toHaveLength(3)
    derived.needs.forEach(({ high }, i) => {
      expect(high).toBeLessThanOrEqual(hand[i]!.metres * hand[i]!.balls)
      expect(high).toBeGreaterThan(0)
    })
  })
  it('is none of no yarn, and of next to none', () => {
    expect(maybeLargest(asked, [balls(0)])).toBeNull()
    expect(maybeLargest(asked, [{ grams: 1, metres: 1, balls: 1 }])).toBeNull()
  })
})

describe('a new bag', () => {
  it('has the yarns, the flap and the handles that are asked for', () => {
    const yarns = ['#7c2f35', '#efe9dc', '#d39a2d'].map((colour, i) => ({ name: `Y${i}`, colour }))
    const handles = { many: 2, lengthMm: 360 } as const
    const round = newDesign({ ...asked, yarns, handles })
    expect(round.yarns.map(({ letter }) => letter)).toEqual(['A', 'B', 'C'])
    expect(round.pieces.map(({ name }) => name)).toEqual([null, 'Handle 1', 'Handle 2'])
    const { ledger } = derive(projectOf(round))
    const [, one, other] = ledger.pieces
    for (const handle of [one!, other!])
      expect(Math.abs(handle.columns.alongMm.at(-1)! - 360)).toBeLessThan(8)
    // One stands on the front, the other on the back, their ends as far from the middle.
    const ends = ledger.joins.map(({ sides: [own, met] }) => [
      own.piece,
      met.spot.at + met.count / 2,
    ])
    const { front, back } = { front: middle(ledger, 'front'), back: middle(ledger, 'back') }
    for (const [piece, middleAt] of [
      [one!.id, front],
      [other!.id, back],
    ] as const) {
      const at = ends.filter(([id]) => id === piece).map(([, place]) => place as number)
      expect(Math.abs((at[0]! + at[1]!) / 2 - middleAt)).toBeLessThan(1)
      expect(Math.abs(at[1]! - at[0]!)).toBeGreaterThan(8)
    }
    const folded = newDesign({ ...asked, kind: 'folded-panel', flapMm: 90 })
    const { flapRows } = baseOf(folded) as unknown as { flapRows: number }
    expect(flapRows).toBeGreaterThan(10)
  })
})
const middle = (ledger: ReturnType<typeof derive>['ledger'], side: 'front' | 'back'): number => {
  const body = bodyOf(ledger)
  return maybeMiddlesCounted(body, body.rows - 1)![side]
}

describe('one ball must do', () => {
  it('is the largest size at which it does, and the next larger one takes more', () => {
    const design = newDesign(asked)
    const { letter, high } = derive(projectOf(design)).needs[0]!
    const ceiling = high / 2
    const found = maybeWithin(design, new Map([[letter, ceiling]]))!
    const [need] = found.derived.needs
    expect(need!.high).toBeLessThanOrEqual(ceiling)
    expect(need!.high).toBeGreaterThan(ceiling * 0.85)
    // By area: half the yarn is 0.71 of the size.
    expect(found.scale).toBeGreaterThan(0.6)
    expect(found.scale).toBeLessThan(0.8)
    expect(found.design.name).toBe(design.name)
    expect(maybeWithin(design, new Map([[letter, 0.01]]))).toBeNull()
  })
})
