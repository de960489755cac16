/** A stretch of a row: single things, or a group worked several times, which may hold groups itself. */
export type Grouped<T> =
  | { readonly times: 1; readonly item: T }
  | { readonly times: number; readonly items: readonly Grouped<T>[] }

/** Longest repeat that is looked for. */
const LONGEST = 80
/** A group within another is written so only when it comes so often: a short run is easier read spelled out. */
const WORTH_NESTING = 3

/**
 * Writes a list as groups that are repeated and what stands between them, so that few things are written; within a group likewise.
 * Unfolded, the result is the list again.
 */
export function grouped<T>(
  list: readonly T[],
  same: (a: T, b: T) => boolean,
  least = 2,
): Grouped<T>[] {
  const best = bestRepeat(list, same, least)
  if (!best) return list.map((item): Grouped<T> => ({ times: 1, item }))
  const { from, period, times } = best
  const to = from + period * times
  return [
    ...grouped(list.slice(0, from), same, least),
    { times, items: grouped(list.slice(from, from + period), same, WORTH_NESTING) },
    ...grouped(list.slice(to), same, least),
  ]
}

/** The repeat that spares the most; of several the shortest, and the first. */
function bestRepeat<T>(list: readonly T[], same: (a: T, b: T) => boolean, least: number) {
  let best: { from: number; period: number; times: number } | null = null
  let most = 0
  for (let period = 1; period <= Math.min(LONGEST, list.length >> 1); period++) {
    // How far the list has been the same as one period before.
    let alike = 0
    for (let i = period; i <= list.length; i++) {
      if (i < list.length && same(list[i]!, list[i - period]!)) {
        alike++
        continue
      }
      const times = Math.floor(alike / period) + 1
      const spared = period * (times - 1) - 1
      if (times >= least && spared > most) {
        most = spared
        best = { from: i - alike - period, period, times }
      }
      alike = 0
    }
  }
  return best
}
