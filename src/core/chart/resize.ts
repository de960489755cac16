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

/** The share of the columns that come or go which do so left of a place: at `at` of the width, a half on either side of it. */
const beside =
  (at: number) =>
  (width: number, wanted: number): number[] => {
    const more = wanted - width
    const place = Math.round(width * at)
    if (more >= 0)
      return Array.from({ length: wanted }, (_, i) =>
        i < place ? i : i < place + more ? -1 : i - more,
      )
    const from = Math.round((width + more) * at)
    return Array.from({ length: wanted }, (_, i) => (i < from ? i : i - more))
  }

/** Where a repeat becomes wider or narrower: which column of the old one each of the new one is, -1 for a blank one. */
export const widenings = [
  { id: 'right', title: 'At its right', columns: beside(1) },
  { id: 'left', title: 'At its left', columns: beside(0) },
  {
    id: 'both',
    title: 'On both sides',
    columns: (width: number, wanted: number) => {
      const left = (wanted - width) >> 1
      return Array.from({ length: wanted }, (_, i) => {
        const from = i - left
        return from >= 0 && from < width ? from : -1
      })
    },
  },
  { id: 'middle', title: 'In its middle', columns: beside(0.5) },
  {
    id: 'spread',
    title: 'Spread over it',
    // The same from either side, so that what is symmetric stays so.
    columns: (width: number, wanted: number) =>
      Array.from({ length: wanted }, (_, i) => {
        const from = ((i + 0.5) * width) / wanted
        return 2 * i < wanted ? Math.floor(from) : Math.ceil(from) - 1
      }),
  },
] as const
export type WideningId = (typeof widenings)[number]['id']
export const wideningIds: readonly WideningId[] = widenings.map(({ id }) => id)

/**
 * The chart cut or grown to this size: its columns as asked, on the right by itself; its rows at the top. What is new is of `letter`,
 * which may be another in every row. The same reference at the same size.
 */
export function withSize(
  chart: Chart,
  width: number,
  height: number,
  letter: string | ((row: number) => string),
  where: WideningId = 'right',
): Chart {
  if (width === chart.width && height === chart.colours.length) return chart
  const columns = widenings.find(({ id }) => id === where)!.columns(chart.width, width)
  return {
    width,
    colours: Array.from({ length: height }, (_, row) => {
      const text = chart.colours[row] ?? ''
      const blank = typeof letter === 'string' ? letter : letter(row)
      return columns.map((column) => text[column] ?? blank).join('')
    }),
  }
}

/** The chart with every cell of one letter given another. */
export function withLetterFor(chart: Chart, from: string, to: string): Chart {
  if (!chart.colours.some((row) => row.includes(from))) return chart
  return { ...chart, colours: chart.colours.map((row) => row.replaceAll(from, to)) }
}
