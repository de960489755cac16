import { type Chart, commonestLetter } from './chart.ts'

/** Blank columns at the left and the right edge: each of their cells is the ground of its row. */
function blankEdges({ width, colours }: Chart): { readonly left: number; readonly right: number } {
  const grounds = colours.map((row) => commonestLetter(row))
  const isBlank = (column: number) => colours.every((row, r) => row[column] === grounds[r])
  let left = 0
  while (left < width && isBlank(left)) left++
  let right = 0
  while (right < width - left && isBlank(width - 1 - right)) right++
  return { left, right }
}

/** Columns that can be taken from beside a motif; one at least stays of a chart that is all ground. */
export function blankColumns(chart: Chart): number {
  const { left, right } = blankEdges(chart)
  return Math.min(left + right, chart.width - 1)
}

/** The chart without so many of its blank columns, as many from either side as there are. */
function withoutBlanks(chart: Chart, columns: number): Chart {
  if (columns > blankColumns(chart)) throw new RangeError(`no ${columns} blank columns to take`)
  const { left, right } = blankEdges(chart)
  const fromLeft = Math.min(left, Math.max(columns >> 1, columns - right))
  const from = (row: string) => row.slice(fromLeft, chart.width - (columns - fromLeft))
  return { width: chart.width - columns, colours: chart.colours.map(from) }
}

/**
 * The chart with blank columns beside the motif, half on each side, in each row's own ground; below 0 without so many of those it has.
 * @throws RangeError when it has not so many to lose
 */
export function withPadding(chart: Chart, columns: number): Chart {
  if (!Number.isInteger(columns)) throw new RangeError(`cannot pad by ${columns}`)
  if (columns === 0) return chart
  if (columns < 0) return withoutBlanks(chart, -columns)
  const left = columns >> 1
  return {
    width: chart.width + columns,
    colours: chart.colours.map((row) => {
      const ground = commonestLetter(row)
      return ground.repeat(left) + row + ground.repeat(columns - left)
    }),
  }
}

/** The chart cut, or grown on the right and at the top with `letter`, to this size. The same reference at the same size. */
export function withSize(chart: Chart, width: number, height: number, letter: string): Chart {
  if (width === chart.width && height === chart.colours.length) return chart
  const blank = letter.repeat(width)
  return {
    width,
    colours: Array.from({ length: height }, (_, row) => {
      const text = chart.colours[row]
      return text === undefined ? blank : text.slice(0, width).padEnd(width, letter)
    }),
  }
}

/** The chart with every cell of one letter given another. */
export function withLetterFor(chart: Chart, from: string, to: string): Chart {
  if (!chart.colours.some((row) => row.includes(from))) return chart
  return { ...chart, colours: chart.colours.map((row) => row.replaceAll(from, to)) }
}
