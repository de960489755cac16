import type { CheckedRow } from './checked.ts'

/** The rows of a pattern that come again, one after the other: the numbers of the first and the last; null where none do. */
export function maybeRepeated(
  rows: readonly Pick<CheckedRow, 'row' | 'text'>[],
): readonly [number, number] | null {
  for (let first = 0; first < rows.length; first++)
    for (let many = 1; many <= MOST && first + 2 * many <= rows.length; many++) {
      const cycle = rows.slice(first, first + many)
      const again = cycle.every(({ text }, i) => text === rows[first + many + i]!.text)
      // One row that stays as it is, is a plain stretch.
      const differs = many > 1 && new Set(cycle.map(({ text }) => text)).size > 1
      const [from, to] = [cycle[0]!.row, cycle.at(-1)!.row]
      if (again && differs && from !== null && to !== null) return [from, to]
    }
  return null
}
/** No pattern repeats more rows. */
const MOST = 40
