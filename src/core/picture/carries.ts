import { NEVER } from './weighed.ts'

/*
 * A yarn that is carried through many stitches shows through and pulls: after so many it is worked again, where that looks least, or it
 * is left out of the round if that looks less. Where it is worked again is exact for each yarn (dynamic programming); yarns are gone
 * through one after the other.
 */

export interface Carried {
  /** At cell · yarns + yarn. */
  readonly costs: ArrayLike<number>
  readonly yarns: number
  readonly chosen: Uint8Array
  /** Stitches a yarn is carried through, at the most. */
  readonly longest: number
  /** Cells of a run, at least. */
  readonly shortest: number
  /** Its edges do not meet: a yarn begins and ends where it is worked. */
  readonly flat: boolean
  /** The other half is as this one: it lies beyond the last cell, or around it where that is its own; in the round also before the first. */
  readonly half?: { readonly middleCell: boolean } | undefined
}

/** A row opened at a stitch of the yarn, and how far it may be from the edges to the first and the last of it. */
interface Path {
  readonly chosen: Uint8Array
  readonly cost: (cell: number, yarn: number) => number
  readonly lead: number
  readonly trail: number
}
interface Change {
  readonly cost: number
  /** Cells in the order of the path, and their yarns. */
  readonly cells: readonly (readonly [cell: number, yarn: number])[]
}

/** Where a stretch without the yarn is broken by it: the cheapest places, or null where there is none. */
function broken(
  { chosen, cost }: Path,
  yarn: number,
  { longest, shortest }: Pick<Carried, 'longest' | 'shortest'>,
  [before, after]: readonly [before: number, after: number],
): Change | null {
  const [from, to] = [Math.max(0, before), Math.min(chosen.length, after)]
  const counts = new Map<number, number>()
  for (const one of chosen) counts.set(one, (counts.get(one) ?? 0) + 1)
  /** Cells of its run before and after a cell. */
  const pieces = (cell: number) => {
    let [left, right] = [0, 0]
    while (cell - left > from && chosen[cell - left - 1] === chosen[cell]) left++
    while (cell + right + 1 < to && chosen[cell + right + 1] === chosen[cell]) right++
    return { left, right }
  }
  const isRun = (long: number) => long === 0 || long >= shortest
  /** What so many cells from here on cost in the yarn; Infinity where they would leave another none, or too short a run. */
  const costAt = (start: number): number => {
    const end = start + shortest
    if (end > to) return Infinity
    let sum = 0
    const lost = new Map<number, number>()
    for (let cell = start; cell < end; cell++) {
      sum += cost(cell, yarn) - cost(cell, chosen[cell]!)
      lost.set(chosen[cell]!, (lost.get(chosen[cell]!) ?? 0) + 1)
    }
    for (const [other, many] of lost) if (many >= counts.get(other)!) return Infinity
    const fits = isRun(pieces(start).left) && isRun(pieces(end - 1).right)
    return fits ? sum : Infinity
  }
  const best = new Map<number, { readonly cost: number; readonly by: number | null }>()
  let found: { cost: number; by: number | null } | null = null
  for (let start = from; start < to; start++) {
    const own = costAt(start)
    if (own === Infinity) continue
    let way = start - before <= longest ? { cost: own, by: null as number | null } : null
    for (const [other, { cost: so }] of best) {
      const apart = start - other - shortest
      if (apart < 0 || apart > longest || (apart > 0 && apart < shortest)) continue
      if (!way || so + own < way.cost) way = { cost: so + own, by: other }
    }
    if (!way) continue
    best.set(start, way)
    if (after - start - shortest <= longest && (!found || way.cost < found.cost))
      found = { cost: way.cost, by: start }
  }
  if (!found) return null
  const cells: (readonly [number, number])[] = []
  for (let start: number | null = found.by; start !== null; start = best.get(start)!.by)
    for (let cell = start; cell < start + shortest; cell++) cells.push([cell, yarn])
  return { cost: found.cost, cells }
}

/** The yarn worked again in every stretch that is too long; null where none is, `Infinity` where it cannot be. */
function workedAgain(path: Path, yarn: number, rules: Carried): Change | null {
  const { chosen, lead, trail } = path
  const { longest } = rules
  const uses = [...chosen.keys()].filter((cell) => chosen[cell] === yarn)
  const edges = [lead - longest, ...uses.flatMap((cell) => [cell, cell + 1])]
  edges.push(chosen.length + longest - trail)
  const all: Change[] = []
  for (let i = 0; i < edges.length; i += 2) {
    const [before, after] = [edges[i]!, edges[i + 1]!]
    if (after - before <= longest) continue
    const change = broken(path, yarn, rules, [before, after]) ?? { cost: Infinity, cells: [] }
    // Where what is kept lies between, it is carried as far as that is.
    const [from, to] = [Math.max(0, before), Math.min(chosen.length, after)]
    const isKept = chosen.subarray(from, to).some((_, i) => path.cost(from + i, yarn) >= NEVER)
    if (change.cost < NEVER || !isKept) all.push(change)
  }
  if (all.length === 0) return null
  return {
    cost: all.reduce((sum, { cost }) => sum + cost, 0),
    cells: all.flatMap(({ cells }) => cells),
  }
}

/** The yarn left out: each run of it goes into what is beside it. */
function leftOut({ chosen, cost }: Pick<Path, 'chosen' | 'cost'>, yarn: number): Change {
  const cells: (readonly [number, number])[] = []
  let sum = 0
  for (let start = 0; start < chosen.length;) {
    let end = start
    while (chosen[end] === chosen[start]) end++
    if (chosen[start] === yarn) {
      const beside = [chosen[start - 1], chosen[end]].filter((one) => one !== undefined)
      const costOf = (other: number) => {
        let all = 0
        for (let cell = start; cell < end; cell++) all += cost(cell, other) - cost(cell, yarn)
        return all
      }
      const to = beside.length > 0 ? beside.reduce((a, b) => (costOf(b) < costOf(a) ? b : a)) : yarn
      sum += costOf(to)
      for (let cell = start; cell < end; cell++) cells.push([cell, to])
    }
    start = end
  }
  return { cost: sum, cells }
}

const PASSES = 4

/** A row with no yarn carried through more than so many stitches. */
export function caught(of: Carried): Uint8Array {
  const broken = brokenUp(of)
  if (broken === of.chosen) return broken
  const { costs, yarns, chosen } = of
  const costOf = (row: Uint8Array) =>
    row.reduce((sum, yarn, cell) => sum + costs[cell * yarns + yarn]!, 0)
  // Without one of its yarns at all it may look nearer still.
  const without = [...new Set(chosen)].map((yarn) => {
    const next = Uint8Array.from(chosen)
    const path = { chosen, cost: (cell: number, one: number) => costs[cell * yarns + one]! }
    for (const [cell, other] of leftOut(path, yarn).cells) next[cell] = other
    return caught({ ...of, chosen: next })
  })
  return [broken, ...without].reduce((best, one) => (costOf(one) < costOf(best) ? one : best))
}

/** Each yarn in turn worked again or left out, until none is carried too far; the same row where none is. */
function brokenUp(of: Carried): Uint8Array {
  const { costs, yarns, flat, half, longest } = of
  const cells = of.chosen.length
  let chosen = of.chosen
  const used = () => [...new Set(chosen)]
  /** The row from a stitch of the yarn on: all around, or from edge to edge. */
  const pathOf = (yarn: number): Path & { readonly from: number } => {
    const from = flat || half ? 0 : chosen.indexOf(yarn)
    const at = (cell: number) => (cell + from) % cells
    return {
      from,
      chosen: Uint8Array.from(chosen, (_, cell) => chosen[at(cell)]!),
      cost: (cell, one) => costs[at(cell) * yarns + one]!,
      lead: flat ? Infinity : half ? Math.floor(longest / 2) : longest,
      trail: half
        ? Math.floor((longest + (half.middleCell ? 1 : 0)) / 2)
        : flat
          ? Infinity
          : longest,
    }
  }
  const take = (from: number, { cells: changed }: Change) => {
    const next = Uint8Array.from(chosen)
    for (const [cell, yarn] of changed) next[(cell + from) % cells] = yarn
    chosen = next
  }
  for (let pass = 0; pass <= PASSES; pass++) {
    let rested = true
    for (const yarn of used()) {
      if (used().length < 2 || !chosen.includes(yarn)) continue
      const path = pathOf(yarn)
      const again = workedAgain(path, yarn, of)
      if (!again) continue
      rested = false
      const out = leftOut(path, yarn)
      // What still goes to and fro between two yarns is ended by leaving one out.
      take(path.from, pass < PASSES && again.cost <= out.cost ? again : out)
    }
    if (rested) break
  }
  return chosen
}
