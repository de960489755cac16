/** So many cells in a row of one letter. */
export interface Run {
  readonly letter: string
  readonly count: number
}

/** A chart row as it is worked: from the right for a right-handed crocheter, from the left for a left-handed one. */
export function runsOf(row: string, from: 'right' | 'left'): Run[] {
  const runs: Run[] = []
  const step = from === 'right' ? -1 : 1
  let at = from === 'right' ? row.length - 1 : 0
  while (at >= 0 && at < row.length) {
    const letter = row[at]!
    let count = 0
    while (row[at] === letter) {
      count++
      at += step
    }
    runs.push({ letter, count })
  }
  return runs
}

/** The run a stitch is in, by numbers counted from where the row begins, from 1. */
export interface RunAt {
  readonly letter: string
  readonly count: number
  readonly from: number
  readonly to: number
}

/** The run around column `at` of a row that begins at that side. */
export function runAt(row: string, at: number, from: 'right' | 'left'): RunAt | null {
  const letter = row[at]
  if (letter === undefined) return null
  let [first, last] = [at, at]
  while (row[first - 1] === letter) first--
  while (row[last + 1] === letter) last++
  const count = last - first + 1
  const before = from === 'right' ? row.length - 1 - last : first
  return { letter, count, from: before + 1, to: before + count }
}
