/*
 * Which few yarns a round is worked in: the set that costs least, each cell in the nearest of it. Exact: sets are gone through depth
 * first, and one is left where even the nearest of all yarns that could still join it would not make it better.
 */

export interface BestSet {
  /** Yarns, in ascending order. */
  readonly set: readonly number[]
  readonly cost: number
}

/** How far each cell looks from the nearest of some yarns. */
const nearestOf = (costs: Float64Array, yarns: number, set: readonly number[]) =>
  Float64Array.from({ length: costs.length / yarns }, (_, cell) =>
    set.reduce((least, yarn) => Math.min(least, costs[cell * yarns + yarn]!), Infinity),
  )

/** Yarns that help most by themselves, one after the other: a first set to beat. */
function greedy(
  costs: Float64Array,
  yarns: number,
  most: number,
  joining: ArrayLike<number>,
  always: readonly number[],
): BestSet {
  const cells = costs.length / yarns
  const best = nearestOf(costs, yarns, always)
  const set = [...always]
  let joined = set.reduce((sum, yarn) => sum + joining[yarn]!, 0)
  let total = set.length > 0 ? best.reduce((sum, one) => sum + one, joined) : Infinity
  while (set.length < most) {
    let [next, least] = [-1, total]
    for (let yarn = 0; yarn < yarns; yarn++) {
      let cost = joined + joining[yarn]!
      for (let cell = 0; cell < cells; cell++)
        cost += Math.min(best[cell]!, costs[cell * yarns + yarn]!)
      if (cost < least) [next, least] = [yarn, cost]
    }
    if (next < 0) break
    set.push(next)
    joined += joining[next]!
    total = least
    for (let cell = 0; cell < cells; cell++)
      best[cell] = Math.min(best[cell]!, costs[cell * yarns + next]!)
  }
  return { set: set.sort((a, b) => a - b), cost: total }
}

/**
 * The best set of at most so many yarns.
 * @param joining what a yarn costs beside its cells: that is carried through a round
 * @param always yarns that are in it in any case
 * @param costs at cell · yarns + yarn; not negative, Infinity where a yarn must not be
 */
export function bestSet(
  costs: Float64Array,
  yarns: number,
  most: number,
  joining: ArrayLike<number> = new Float64Array(yarns),
  always: readonly number[] = [],
): BestSet {
  const cells = costs.length / yarns
  let found = greedy(costs, yarns, Math.min(most, yarns), joining, always)
  // The nearest of the yarns from each one on, cell by cell.
  const rest = Array.from({ length: yarns + 1 }, () => new Float64Array(cells).fill(Infinity))
  for (let yarn = yarns - 1; yarn >= 0; yarn--)
    for (let cell = 0; cell < cells; cell++)
      rest[yarn]![cell] = Math.min(rest[yarn + 1]![cell]!, costs[cell * yarns + yarn]!)
  const nearest = Array.from({ length: most + 1 }, () => new Float64Array(cells).fill(Infinity))
  const set = [...always]
  nearest[set.length] = nearestOf(costs, yarns, set)
  const deeper = (from: number, joined: number): void => {
    const here = nearest[set.length]!
    let [own, bound] = [joined, joined]
    for (let cell = 0; cell < cells; cell++) {
      own += here[cell]!
      bound += Math.min(here[cell]!, rest[from]![cell]!)
    }
    if (set.length > 0 && own < found.cost - 1e-9) found = { set: [...set], cost: own }
    if (set.length >= most || from >= yarns || bound >= found.cost - 1e-9) return
    const next = nearest[set.length + 1]!
    for (let yarn = from; yarn < yarns; yarn++) {
      if (always.includes(yarn)) continue
      for (let cell = 0; cell < cells; cell++)
        next[cell] = Math.min(here[cell]!, costs[cell * yarns + yarn]!)
      set.push(yarn)
      deeper(yarn + 1, joined + joining[yarn]!)
      set.pop()
    }
  }
  deeper(
    0,
    always.reduce((sum, yarn) => sum + joining[yarn]!, 0),
  )
  return { ...found, set: found.set.toSorted((a, b) => a - b) }
}

/** Each cell in the nearest yarn of a set. */
export function inSet(costs: Float64Array, yarns: number, set: readonly number[]): Uint8Array {
  const cells = costs.length / yarns
  return Uint8Array.from({ length: cells }, (_, cell) =>
    set.reduce((best, yarn) =>
      costs[cell * yarns + yarn]! < costs[cell * yarns + best]! ? yarn : best,
    ),
  )
}
