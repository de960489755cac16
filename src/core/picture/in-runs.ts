/*
 * Cells of a round in runs that are not too short: exact, by the best way to each cell (dynamic programming) for each way its first run
 * can begin. In the round the last run may go on into the first.
 */

interface Runs {
  /** At cell · yarns + yarn. */
  readonly costs: ArrayLike<number>
  readonly yarns: number
  /** Yarns the row may be in. */
  readonly set: readonly number[]
  /** Cells of a run, at least. */
  readonly shortest: number
  /** Worked in rows: its edges do not meet. */
  readonly flat: boolean
  /** Cells of the first and of the last run, at least, where they go on beyond the edges; else as all. */
  readonly ends?: readonly [first: number, last: number]
}

interface Way {
  readonly cost: number
  readonly chosen: Uint8Array
}

/** All of it in the one yarn that costs least. */
function inOne(costs: ArrayLike<number>, yarns: number, set: readonly number[]): Way {
  const cells = costs.length / yarns
  const ways = set.map((yarn) => {
    let cost = 0
    for (let cell = 0; cell < cells; cell++) cost += costs[cell * yarns + yarn]!
    return { yarn, cost }
  })
  const { yarn, cost } = ways.reduce((best, one) => (one.cost < best.cost ? one : best))
  return { cost, chosen: new Uint8Array(cells).fill(yarn) }
}

/** Each cell's yarn, as cheap as runs of so many cells allow; all of one yarn where there is no room for two. */
export function inRuns({ costs, yarns, set, shortest, flat, ends }: Runs): Uint8Array {
  const cells = costs.length / yarns
  const least = Math.max(1, shortest)
  const [leastFirst, leastLast] = ends ?? [least, least]
  const at = (cell: number, one: number) => costs[cell * yarns + set[one]!]!
  const states = set.length * least
  /** Cost of the best way to a cell in a yarn whose run is so long (up to `least`), and where it came from. */
  let best = new Float64Array(states)
  const from = new Int32Array(cells * states)
  let found = inOne(costs, yarns, set)

  /** Begins with so many cells of a yarn; shorter than `least` they are the end of the last run. */
  const begun = (first: number, long: number): void => {
    if (long >= cells) return
    best.fill(Infinity)
    let cost = 0
    for (let cell = 0; cell < long; cell++) cost += at(cell, first)
    best[first * least + Math.min(long, least) - 1] = cost
    const goesOn = long >= least
    for (let cell = long; cell < cells; cell++) {
      const next = new Float64Array(states).fill(Infinity)
      for (let one = 0; one < set.length; one++)
        for (let run = 0; run < least; run++) {
          const here = best[one * least + run]!
          if (here === Infinity) continue
          const isFirst = cell === long
          // The first run is as long as it was said to be.
          if (!isFirst || goesOn) {
            const to = one * least + Math.min(run + 1, least - 1)
            const on = here + at(cell, one)
            if (on < next[to]!) {
              next[to] = on
              from[cell * states + to] = one * least + run
            }
          }
          if (run < least - 1 && !(isFirst && !goesOn)) continue
          for (let other = 0; other < set.length; other++) {
            if (other === one) continue
            const turned = here + at(cell, other)
            if (turned < next[other * least]!) {
              next[other * least] = turned
              from[cell * states + other * least] = one * least + run
            }
          }
        }
      best = next
    }
    for (let one = 0; one < set.length; one++)
      for (let run = 0; run < least; run++) {
        const total = best[one * least + run]!
        const joins = !flat && one === first
        const isLong = joins ? run + 1 + long >= least : run + 1 >= (flat ? leastLast : least)
        if (total >= found.cost - 1e-9 || !isLong || (!flat && long < least && !joins)) continue
        found = { cost: total, chosen: traced(one * least + run, long, first) }
      }
  }
  const traced = (last: number, long: number, first: number): Uint8Array => {
    const chosen = new Uint8Array(cells).fill(set[first]!, 0, long)
    for (let cell = cells - 1, state = last; cell >= long; cell--) {
      chosen[cell] = set[Math.floor(state / least)]!
      state = from[cell * states + state]!
    }
    return chosen
  }
  for (let first = 0; first < set.length; first++)
    for (let long = flat ? leastFirst : 1; long <= least; long++) begun(first, long)
  return found.chosen
}

/** Cells of the shortest run of a row. */
export function shortestRun(row: ArrayLike<number>, flat: boolean): number {
  const width = row.length
  const starts = Array.from({ length: width }, (_, cell) => cell).filter((cell) =>
    flat && cell === 0 ? true : row[cell] !== row[(cell + width - 1) % width],
  )
  return starts.reduce((least, start, i) => {
    const next = starts[i + 1] ?? (flat ? width : starts[0]! + width)
    return Math.min(least, next - start)
  }, width)
}

/** The most stitches any yarn of a row is carried through between two of its own. */
export function longestCarry(row: ArrayLike<number>, flat: boolean): number {
  const cells = row.length
  const last = new Map<number, number>()
  const first = new Map<number, number>()
  let most = 0
  for (let cell = 0; cell < cells; cell++) {
    const yarn = row[cell]!
    const before = last.get(yarn)
    if (before === undefined) first.set(yarn, cell)
    else most = Math.max(most, cell - before - 1)
    last.set(yarn, cell)
  }
  if (!flat && last.size > 1)
    for (const [yarn, at] of last) most = Math.max(most, first.get(yarn)! + cells - at - 1)
  return most
}
