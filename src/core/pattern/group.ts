/** A stretch of a row: single things, or a group worked several times, which may hold groups itself. */
export type Grouped<T> =
  | { readonly times: 1; readonly item: T }
  | { readonly times: number; readonly items: readonly Grouped<T>[] }

/** Longest repeat and longest lead-in that are looked for. */
const LONGEST = 80

/**
 * Writes a list as lead-in, one group repeated, and rest, so that the fewest things are written; within the group likewise.
 * Unfolded, the result is the list again.
 */
export function grouped<T>(list: readonly T[], same: (a: T, b: T) => boolean): Grouped<T>[] {
  const { lead, period, times } = bestRepeat(list, same)
  const single = (item: T): Grouped<T> => ({ times: 1, item })
  if (times < 2) return list.map(single)
  return [
    ...list.slice(0, lead).map(single),
    { times, items: grouped(list.slice(lead, lead + period), same) },
    ...list.slice(lead + period * times).map(single),
  ]
}

function bestRepeat<T>(list: readonly T[], same: (a: T, b: T) => boolean) {
  let best = { lead: 0, period: list.length, times: 1 }
  let fewest = list.length
  for (let period = 1; period <= Math.min(LONGEST, list.length >> 1) && period < fewest; period++) {
    for (let lead = 0; lead <= Math.min(period, list.length - 2 * period); lead++) {
      let end = lead + period
      while (end < list.length && same(list[end]!, list[end - period]!)) end++
      const times = Math.floor((end - lead) / period)
      const written = list.length - period * (times - 1)
      if (times >= 2 && written < fewest) {
        fewest = written
        best = { lead, period, times }
      }
    }
  }
  return best
}
