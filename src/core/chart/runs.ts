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
