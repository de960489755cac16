import { type Chart, chartHeight } from './chart.ts'

/** One way a whole repeat is turned, mirrored or moved on. */
export interface Turn {
  readonly id: string
  readonly title: string
  readonly of: (chart: Chart) => Chart
}

const backward = (row: string): string => [...row].reverse().join('')

export const mirroredAcross = (chart: Chart): Chart => ({
  ...chart,
  colours: chart.colours.map(backward),
})
export const mirroredUp = (chart: Chart): Chart => ({
  ...chart,
  colours: chart.colours.toReversed(),
})
export const halfTurned = (chart: Chart): Chart => mirroredUp(mirroredAcross(chart))
/** A quarter turn to the right: what was its left column, from below, is its top row, from the left. */
export const quarterTurned = ({ width, colours }: Chart): Chart => ({
  width: colours.length,
  colours: Array.from({ length: width }, (_, row) =>
    colours.map((text) => text[width - 1 - row]).join(''),
  ),
})

/** Moved on by so many columns to the right and rows up, around the seam and over the top: what goes out comes in opposite. */
export function shifted(chart: Chart, columns: number, rows: number): Chart {
  const { width, colours } = chart
  const wrap = (by: number, length: number) => ((by % length) + length) % length
  const right = wrap(columns, width)
  const up = wrap(rows, chartHeight(chart))
  const moved = colours.map((row) => row.slice(width - right) + row.slice(0, width - right))
  return {
    ...chart,
    colours: [...moved.slice(moved.length - up), ...moved.slice(0, moved.length - up)],
  }
}

/** Every row moved back around the seam by as much as it leans, so that what is straight on the chart is straight on the bag. */
export const straightened = (chart: Chart, lean: number): Chart => ({
  ...chart,
  colours: chart.colours.map(
    (row, at) => shifted({ ...chart, colours: [row] }, -Math.round(lean * at), 0).colours[0]!,
  ),
})

/** Every turn there is. One is added here and nowhere else. */
export const turns: readonly Turn[] = [
  { id: 'across', title: 'Mirror it left to right', of: mirroredAcross },
  { id: 'up', title: 'Mirror it top to bottom', of: mirroredUp },
  { id: 'half', title: 'Turn it half around', of: halfTurned },
  { id: 'quarter', title: 'Turn it a quarter to the right', of: quarterTurned },
  { id: 'left', title: 'Move it left around the seam', of: (chart) => shifted(chart, -1, 0) },
  { id: 'right', title: 'Move it right around the seam', of: (chart) => shifted(chart, 1, 0) },
  { id: 'higher', title: 'Move it one row up', of: (chart) => shifted(chart, 0, 1) },
  { id: 'lower', title: 'Move it one row down', of: (chart) => shifted(chart, 0, -1) },
]
