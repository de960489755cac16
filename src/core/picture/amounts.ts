import { bestSet, inSet } from './sets.ts'

/*
 * Yarns there is only so much of. Each metre of such a yarn is given a price (a multiplier, after Lagrange) that is just high enough;
 * rounds are then taken one by one as they would be at a lower price, where they gain most for a metre, as long as there is some left.
 * What the prices prove is the least it could cost.
 */

/** What a yarn takes: metres of a stitch, of a place it is carried through, and the most there is; null where there is enough. */
export interface Amount {
  readonly stitch: number
  readonly carried: number
  readonly most: number | null
}

/** A round: its yarns, and the yarn of each of its cells. */
export interface Round {
  readonly set: readonly number[]
  readonly cells: Uint8Array
  /** How far its cells look from the picture, together. */
  readonly apart: number
  /** Metres of each yarn. */
  readonly metres: Float64Array
}

export interface Rounds {
  readonly rounds: readonly Round[]
  /** No other choice looks nearer than this, all cells together. */
  readonly bound: number
}

export interface RoundsWanted {
  /** How far each cell looks from each yarn, round by round, at cell · yarns + yarn. */
  readonly costs: readonly Float64Array[]
  readonly amounts: readonly Amount[]
  /** Yarns in one round, at the most; and those a round is in in any case, all of them where they are more. */
  readonly most: number
  readonly always?: (round: number) => readonly number[]
  /** Told now and then which share is done; what it throws ends it. */
  readonly progress?: (done: number) => void
}

/** Prices tried for one yarn, and how often all of several are gone through. */
const STEPS = 18
const PASSES = 3

/** One round at prices for a metre of each yarn. */
function roundAt(
  costs: Float64Array,
  amounts: readonly Amount[],
  most: number,
  always: readonly number[],
  prices: Float64Array,
): Round {
  const yarns = amounts.length
  const cells = costs.length / yarns
  const priced = prices.some((price) => price > 0)
  const joining = Float64Array.from(amounts, ({ carried }, yarn) => prices[yarn]! * carried * cells)
  const all = priced
    ? costs.map((cost, at) => {
        const { stitch, carried } = amounts[at % yarns]!
        return cost + prices[at % yarns]! * (stitch - carried)
      })
    : costs
  const { set } = bestSet(all, yarns, Math.max(most, always.length), joining, always)
  const chosen = inSet(all, yarns, set)
  let apart = 0
  const metres = new Float64Array(yarns)
  for (const yarn of set) metres[yarn] = amounts[yarn]!.carried * cells
  chosen.forEach((yarn, cell) => {
    apart += costs[cell * yarns + yarn]!
    metres[yarn] = metres[yarn]! + amounts[yarn]!.stitch - amounts[yarn]!.carried
  })
  return { set, cells: chosen, apart, metres }
}

const usedOf = (rounds: readonly Round[], yarn: number): number =>
  rounds.reduce((sum, { metres }) => sum + metres[yarn]!, 0)

/** Rounds that look nearest, in at most so many yarns each, with no yarn beyond what there is; null where there is too little of all. */
export function roundsOf(wanted: RoundsWanted): Rounds | null {
  const { costs, amounts, most, always = () => [], progress } = wanted
  const at = (prices: Float64Array) =>
    costs.map((row, i) => roundAt(row, amounts, most, always(i), prices))
  const scarce = amounts.flatMap((amount, yarn) => (amount.most === null ? [] : [yarn]))
  const fits = (rounds: readonly Round[]) =>
    scarce.every((yarn) => usedOf(rounds, yarn) <= amounts[yarn]!.most! + 1e-9)
  const free = at(new Float64Array(amounts.length))
  const sum = (rounds: readonly Round[]) => rounds.reduce((all, { apart }) => all + apart, 0)
  if (fits(free)) return { rounds: free, bound: sum(free) }
  const passes = scarce.length > 1 ? PASSES : 1
  const prices = new Float64Array(amounts.length)
  let bound = sum(free)
  let steps = 0
  /** At the prices: what comes of it, and what it proves. */
  const tried = () => {
    const rounds = at(prices)
    const paid = scarce.reduce(
      (all, yarn) => all + prices[yarn]! * (usedOf(rounds, yarn) - amounts[yarn]!.most!),
      0,
    )
    bound = Math.max(bound, sum(rounds) + paid)
    progress?.(Math.min(1, ++steps / (STEPS * passes * scarce.length)))
    return rounds
  }
  for (let pass = 0; pass < passes; pass++)
    for (const yarn of scarce) {
      let [low, high] = [0, 1]
      const enough = () => usedOf(tried(), yarn) <= amounts[yarn]!.most! + 1e-9
      for (prices[yarn] = high; !enough() && high < 1e6; prices[yarn] = high) high *= 4
      for (let step = 0; step < STEPS; step++) {
        prices[yarn] = (low + high) / 2
        if (enough()) high = prices[yarn]
        else low = prices[yarn]
      }
      prices[yarn] = high
    }
  const good = at(prices)
  if (!fits(good)) return null
  return { rounds: filled(good, free, amounts, scarce), bound }
}

/** Rounds as they would be if there were enough, one by one where they gain most for a metre, as long as there is enough. */
function filled(
  good: readonly Round[],
  free: readonly Round[],
  amounts: readonly Amount[],
  scarce: readonly number[],
): readonly Round[] {
  const rounds = [...good]
  const left = new Map(scarce.map((yarn) => [yarn, amounts[yarn]!.most! - usedOf(good, yarn)]))
  const gains = good
    .map((one, row) => {
      const other = free[row]!
      const more = scarce.map((yarn) => Math.max(0, other.metres[yarn]! - one.metres[yarn]!))
      return { row, gain: (one.apart - other.apart) / (1e-9 + Math.max(...more)) }
    })
    .filter(({ gain }) => gain > 0)
    .sort((a, b) => b.gain - a.gain)
  for (const { row } of gains) {
    const more = scarce.map((yarn) => free[row]!.metres[yarn]! - good[row]!.metres[yarn]!)
    if (scarce.some((yarn, i) => more[i]! > left.get(yarn)! + 1e-9)) continue
    scarce.forEach((yarn, i) => left.set(yarn, left.get(yarn)! - more[i]!))
    rounds[row] = free[row]!
  }
  return rounds
}
