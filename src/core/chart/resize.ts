import { type Chart, commonestLetter } from './chart.ts'

/** The chart with blank columns beside the motif, half on each side, in each row's own ground. */
export function withPadding(chart: Chart, columns: number): Chart {
  if (!Number.isInteger(columns) || columns < 0) throw new RangeError(`cannot pad by ${columns}`)
  if (columns === 0) return chart
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
