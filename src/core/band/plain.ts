import { Whole, OneOf } from '../document/index.ts'
import { type Program, work } from '../program/index.ts'
import { evenPlaces } from '../solver/index.ts'
import { decreaseFor, increaseFor } from '../stitch/index.ts'
import { type Band, type Sides, usual, within } from './band.ts'
import { markedRow } from './marked-row.ts'
import { PLAIN } from './fabric.ts'
import { Letter, LIMITS, Section } from '../part/index.ts'

export class PlainPart extends Section {
  @OneOf(['plain']) readonly kind!: 'plain'
  @Letter() readonly yarn!: string
  @Whole(1, LIMITS.rounds) readonly rounds!: number
  /** Stitches added (or, below 0, taken away) evenly over it. */
  @Whole(-LIMITS.count, LIMITS.count) readonly adjust!: number
  /** Rounds that share the change: the last, or several evenly apart, which tapers. */
  @Whole(1, LIMITS.rounds) readonly steps!: number
}

/** Stitches a row can add, or take away, of those it is asked to. */
const possible = (count: number, adjust: number): number =>
  adjust >= 0 ? Math.min(adjust, count) : -Math.min(-adjust, Math.floor(count / 2), count - 1)

/** One change at the side away from the join, or one at each side; none stands on the join itself. */
function sidePlaces(units: number, many: number, [one, other]: Sides): number[] {
  const at = (share: number) => Math.min(units - 1, Math.max(1, Math.round(share * units)))
  const both = [at(one), at(other)].sort((a, b) => a - b)
  const places = many === 1 ? [at(other)] : many === 2 ? both : []
  return places.length === 2 && places[0] === places[1] ? evenPlaces(units, many) : places
}

/** One row in one colour that adds (or takes away) stitches evenly; as many as there is room for. */
export function evenedRow(
  count: number,
  adjust: number,
  stitch: string,
  yarn: string,
  sides?: Sides,
): Program {
  const by = possible(count, adjust)
  // A decrease takes two places, so fewer units are worked.
  const units = by >= 0 ? count : count + by
  const changed = (adjust >= 0 ? increaseFor(stitch) : decreaseFor(stitch)).id
  const many = Math.abs(by)
  const at = sides && many <= 2 ? sidePlaces(units, many, sides) : inHalves(units, many)
  const places = at.map((place) => ({ place, stitch: changed }))
  return markedRow(units, places, stitch, yarn)
}

/** Spread evenly; the same in both halves where that can be, so that they can be sewn to one another. */
function inHalves(units: number, many: number): number[] {
  if (units % 2 === 1 || many % 2 === 1) return evenPlaces(units, many)
  const half = evenPlaces(units / 2, many / 2)
  return [...half, ...half.map((place) => place + units / 2)]
}

/** A row that is sewn up afterwards: each half is shares that end in their change, so that it is one short repeat. */
export function closingRow(count: number, adjust: number, stitch: string, yarn: string): Program {
  const by = possible(count, adjust)
  const units = count + Math.min(0, by)
  const changed = (adjust >= 0 ? increaseFor(stitch) : decreaseFor(stitch)).id
  const many = Math.abs(by)
  const halves = units % 2 === 0 && many % 2 === 0 ? 2 : 1
  const [wide, marks] = [units / halves, many / halves]
  const places = Array.from({ length: many }, (_, i) => {
    const inHalf = Math.ceil((((i % marks) + 1) * wide) / marks) - 1
    return { place: Math.floor(i / marks) * wide + inHalf, stitch: changed }
  })
  return markedRow(units, places, stitch, yarn)
}

/** Rows that carry the change: `steps` of them evenly apart, the last one the last; what each adds. */
function sharesOf({ rounds, adjust, steps }: PlainPart): ReadonlyMap<number, number> {
  const shares = new Map<number, number>()
  for (let i = 1; i <= steps; i++) {
    const before = Math.trunc((adjust * (i - 1)) / steps)
    shares.set(Math.round((rounds * i) / steps), Math.trunc((adjust * i) / steps) - before)
  }
  return shares
}

/** Rounds of one stitch in one yarn, which may add or take away stitches on the way. */
export const plain: Band<PlainPart> = {
  ...usual,
  document: PlainPart,
  title: 'Plain',
  heading: 'Plain in',
  begin: ({ stitch, letters }) => ({
    kind: 'plain',
    name: 'Plain',
    making: null,
    stitch,
    yarn: letters[0]!,
    rounds: 4,
    adjust: 0,
    steps: 1,
  }),
  rounds: ({ rounds }) => rounds,
  withRounds: ({ steps }, wanted) => {
    const rounds = within(wanted, 1, LIMITS.rounds)
    return { rounds, steps: Math.min(steps, rounds) }
  },
  stretched: (part, by) => plain.withRounds(part, part.rounds * by),
  settled: ({ steps, rounds }) => ({ steps: Math.min(steps, rounds) }),
  yarns: ({ yarn }) => [yarn],
  withYarn: ({ yarn }, from, to) => (yarn === from ? { yarn: to } : {}),
  lastYarn: ({ yarn }) => yarn,
  gaugeYarn: ({ yarn }) => yarn,
  fabric: () => PLAIN,
  change: ({ adjust }) => adjust,
  withChange: ({ rounds }, adjust, inEveryRow) =>
    inEveryRow ? { adjust, steps: rounds } : { adjust },
  leaves: (part, count) =>
    [...sharesOf(part)]
      .sort(([a], [b]) => a - b)
      .reduce((now, [, share]) => now + possible(now, share), count),
  faults: ({ steps, rounds }, say) => {
    if (steps > rounds) say('steps', `there are only ${rounds} rounds to share the change`)
  },
  *rows(part, { count, sides }) {
    const shares = sharesOf(part)
    const plainly = [work(part.stitch, 'fits', { yarn: part.yarn })]
    let now = count
    for (let i = 1; i <= part.rounds; i++) {
      const share = possible(now, shares.get(i) ?? 0)
      yield share === 0 ? plainly : evenedRow(now, share, part.stitch, part.yarn, sides)
      now += share
    }
  },
}
