import { type Cell, type Chart, chartHeight } from './chart.ts'

/** How what is painted comes again within the repeat. */
export interface Symmetry {
  readonly id: string
  readonly title: string
  /** The other cells that are painted with one. */
  readonly with: (cell: Cell, chart: Chart) => readonly Cell[]
}

const across = ({ column, row }: Cell, { width }: Chart): Cell => ({
  column: width - 1 - column,
  row,
})
const up = ({ column, row }: Cell, chart: Chart): Cell => ({
  column,
  row: chartHeight(chart) - 1 - row,
})

/** Every symmetry there is, none first. */
export const symmetries: readonly Symmetry[] = [
  { id: 'none', title: 'As it is painted', with: () => [] },
  { id: 'across', title: 'Left and right alike', with: (cell, chart) => [across(cell, chart)] },
  { id: 'up', title: 'Top and bottom alike', with: (cell, chart) => [up(cell, chart)] },
  {
    id: 'both',
    title: 'All four quarters alike',
    with: (cell, chart) => [across(cell, chart), up(cell, chart), up(across(cell, chart), chart)],
  },
  {
    id: 'half-turn',
    title: 'Alike when turned half around',
    with: (cell, chart) => [up(across(cell, chart), chart)],
  },
]

/** Cells with all that a symmetry paints beside them, each once. */
export function withSymmetry(cells: readonly Cell[], symmetry: Symmetry, chart: Chart): Cell[] {
  const seen = new Map<number, Cell>()
  for (const cell of cells)
    for (const one of [cell, ...symmetry.with(cell, chart)])
      seen.set(one.row * chart.width + one.column, one)
  return [...seen.values()]
}
