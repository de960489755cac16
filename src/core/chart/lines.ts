import { type Cell, type Chart, groundOf } from './chart.ts'

/** What is done to one row or column. */
export type LineChange = 'insert' | 'double' | 'remove'

/** A list with its one entry changed: a blank before it, itself twice, or it gone (never the last there is). */
function changed<T>(list: readonly T[], at: number, change: LineChange, blank: T): readonly T[] {
  if (at < 0 || at >= list.length) return list
  if (change === 'remove') return list.length > 1 ? list.toSpliced(at, 1) : list
  return list.toSpliced(at, 0, change === 'double' ? list[at]! : blank)
}

/** Cells that were chosen, where they are after that: those of a line that is gone are not, those of one that is twice go with the first. */
export function cellsAfter(
  cells: readonly Cell[],
  along: 'row' | 'column',
  at: number,
  change: LineChange,
): Cell[] {
  const by = change === 'remove' ? -1 : 1
  const from = change === 'insert' ? at : at + 1
  return cells
    .filter((cell) => change !== 'remove' || cell[along] !== at)
    .map((cell) => (cell[along] >= from ? { ...cell, [along]: cell[along] + by } : cell))
}

/**
 * A chart with one row or column more, twice, or fewer. A blank one is of the ground. Row 0 is the lowest, column 0 the left one; the
 * same chart where there is no such line, or it is the only one.
 */
export function withLine(
  chart: Chart,
  along: 'row' | 'column',
  at: number,
  change: LineChange,
): Chart {
  const ground = groundOf(chart)
  if (along === 'row') {
    const colours = changed(chart.colours, at, change, ground.repeat(chart.width))
    return colours === chart.colours ? chart : { ...chart, colours }
  }
  const columns = changed([...chart.colours[0]!], at, change, ground)
  if (columns.length === chart.width) return chart
  return {
    width: columns.length,
    colours: chart.colours.map((row) => changed([...row], at, change, ground).join('')),
  }
}
