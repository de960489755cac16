/**
 * A chart of one layer: each cell is the letter of a yarn. Rows are strings, the lowest first, as they are worked; column 0
 * is the left one as seen. An edit replaces only the rows it touches, so an equal row is an equal string.
 */
export interface Chart {
  readonly width: number
  readonly colours: readonly string[]
}

/** A cell: column from the left, row from the bottom, both from 0. */
export interface Cell {
  readonly column: number
  readonly row: number
}

export const chartHeight = (chart: Chart): number => chart.colours.length

/** @throws RangeError unless both sizes are whole and above 0 */
export function blankChart(width: number, height: number, letter: string): Chart {
  if (!(Number.isInteger(width) && Number.isInteger(height) && width > 0 && height > 0))
    throw new RangeError(`no chart of ${width} × ${height}`)
  return { width, colours: Array.from({ length: height }, () => letter.repeat(width)) }
}

/** The letter in the cell; null outside the chart. */
export const maybeLetterAt = (chart: Chart, { column, row }: Cell): string | null =>
  chart.colours[row]?.[column] ?? null

/** The chart with these rows (by number) instead of its own. The same reference when nothing differs. */
export function withRows(chart: Chart, rows: ReadonlyMap<number, string>): Chart {
  const changed = [...rows].some(([row, text]) => chart.colours[row] !== text)
  if (!changed) return chart
  return { ...chart, colours: chart.colours.map((text, row) => rows.get(row) ?? text) }
}

/** The rows that painting these cells would give; cells outside the chart are left out. */
export function paintedRows(
  chart: Chart,
  cells: readonly Cell[],
  letter: string,
): Map<number, string> {
  const columns = new Map<number, Set<number>>()
  for (const cell of cells) {
    const before = maybeLetterAt(chart, cell)
    if (before === null || before === letter) continue
    const set = columns.get(cell.row) ?? new Set<number>()
    columns.set(cell.row, set.add(cell.column))
  }
  const rows = new Map<number, string>()
  for (const [row, set] of columns) {
    const letters = [...chart.colours[row]!]
    for (const column of set) letters[column] = letter
    rows.set(row, letters.join(''))
  }
  return rows
}

const FIRST_LETTER = 65
const ALPHABET = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ']

/** How often each letter stands in a row, kept by the row: an edit changes few rows, and the others are asked again. */
const countsByRow = new Map<string, Uint16Array>()
const MOST_KEPT = 4000

function countsOf(row: string): Uint16Array {
  let counts = countsByRow.get(row)
  if (!counts) {
    counts = new Uint16Array(ALPHABET.length)
    for (let i = 0; i < row.length; i++) counts[row.charCodeAt(i) - FIRST_LETTER]!++
    if (countsByRow.size >= MOST_KEPT) countsByRow.clear()
    countsByRow.set(row, counts)
  }
  return counts
}

/** The letters of a row with how often they come, the most frequent first, of equals by the alphabet. */
export function lettersOfRow(row: string): [letter: string, count: number][] {
  const counts = countsOf(row)
  return ALPHABET.flatMap((letter, i): [string, number][] =>
    counts[i]! > 0 ? [[letter, counts[i]!]] : [],
  ).sort((a, b) => b[1] - a[1])
}

/** Counts of rows that stay as they are: a chart is not changed but replaced. */
const known = new WeakMap<readonly string[], Uint32Array>()

function letterCounts(rows: readonly string[]): Uint32Array {
  const before = known.get(rows)
  if (before) return before
  const sums = new Uint32Array(ALPHABET.length)
  known.set(rows, sums)
  for (const row of rows) {
    const counts = countsOf(row)
    for (let i = 0; i < sums.length; i++) sums[i]! += counts[i]!
  }
  return sums
}

/** The letter that most cells of these rows have; the first of the alphabet among equals. */
export const commonestLetter = (...rows: readonly string[]): string => mostIn(letterCounts(rows))

const mostIn = (counts: Uint32Array): string => ALPHABET[counts.indexOf(Math.max(...counts))]!

/** The ground of a chart: the letter most of its cells have. */
export const groundOf = (chart: Chart): string => mostIn(letterCounts(chart.colours))

/** The letters of the chart, each once, in the order of the alphabet. */
export function lettersOf(chart: Pick<Chart, 'colours'>): string[] {
  const counts = letterCounts(chart.colours)
  return ALPHABET.filter((_, i) => counts[i]! > 0)
}
