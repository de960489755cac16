import { type ChartView, cellCorner, margin, visibleCells } from './view-model.ts'

/** What a place across the chart is, by the columns to the left of it. */
export interface ChartMark {
  readonly column: number
  readonly kind: 'edge' | 'repeat' | 'join' | 'middle' | 'side'
  readonly title: string
}

/** A number at the edge of a chart. */
export interface AxisNumber {
  /** The row or column it is of. */
  readonly of: number
  readonly at: number
  readonly text: string
  readonly big: boolean
}

const stepFor = (cell: number, room: number, steps: readonly number[]): number =>
  steps.find((step) => step * cell >= room) ?? steps.at(-1)!

/** Printed numbers of the rounds that are seen, thinned out until they stand apart; a row of the chart may be several of them. */
export function roundNumbers(view: ChartView, firstRound: number, each = 1): AxisNumber[] {
  const { firstRow, endRow } = visibleCells(view)
  const step = stepFor(view.cellHeight, 13, [1, 5, 10, 20, 50, 100])
  const numbers: AxisNumber[] = []
  for (let row = firstRow; row < endRow; row++) {
    const round = firstRound + row * each
    const at = cellCorner(view, { column: 0, row }).y + view.cellHeight / 2
    const inside = at > margin.top + 4 && at < view.height - margin.bottom - 2
    if ((each > 1 ? row : round) % step === 0 && inside)
      numbers.push({
        of: row,
        at,
        text: String(round),
        big: step === 1 ? round % 5 === 0 : round % (step * 2) === 0,
      })
  }
  return numbers
}

/** Numbers of the stitches of one repeat, counted from where a round begins. */
export function stitchNumbers(view: ChartView, hand: 'right' | 'left'): AxisNumber[] {
  const step = stepFor(view.cellWidth, 30, [1, 2, 4, 5, 10, 20, 50, 100])
  const numbers: AxisNumber[] = []
  for (let n = step; n <= view.columns; n += step) {
    const column = hand === 'right' ? view.columns - n : n - 1
    const at = cellCorner(view, { column, row: 0 }).x + view.cellWidth / 2
    if (at > margin.left && at < view.width - margin.right)
      numbers.push({ of: column, at, text: String(n), big: false })
  }
  return numbers
}
