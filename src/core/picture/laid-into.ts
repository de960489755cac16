import type { Chart } from '../chart/index.ts'
import { byteAt, type Cells } from './raster.ts'

/** Where a picture lies in a larger chart: its lower left cell there; columns go on around. */
export interface Onto {
  readonly chart: Chart
  readonly column: number
  readonly row: number
}

/** What is said of single cells, at row · width + column. */
export interface Marks {
  /** How much a cell matters; 1 by itself. */
  readonly weights: Float64Array
  /** The yarn it must be in, by its place; -1 where that is open. */
  readonly kept: Int8Array
}

/** Nothing said of any cell. */
export const unmarked = ({ width, height }: Pick<Cells, 'width' | 'height'>): Marks => ({
  weights: new Float64Array(width * height).fill(1),
  kept: new Int8Array(width * height).fill(-1),
})

/**
 * A picture laid into a chart: all that is beside it is kept in its yarns.
 * @throws RangeError when it is larger than the chart, or a letter there is no yarn
 */
export function laidInto(
  cells: Cells,
  marks: Marks,
  { chart, column: left, row: low }: Onto,
  yarns: readonly { readonly letter: string; readonly colour: string }[],
): { readonly cells: Cells; readonly marks: Marks } {
  const [width, height] = [chart.width, chart.colours.length]
  if (cells.width > width || low < 0 || low + cells.height > height)
    throw new RangeError('a picture larger than its chart')
  const place = new Map(yarns.map(({ letter }, at) => [letter, at]))
  const colours = new Uint8Array(3 * width * height)
  const whole = unmarked({ width, height })
  chart.colours.forEach((letters, row) =>
    [...letters].forEach((letter, column) => {
      const at = row * width + column
      const across = (((column - left) % width) + width) % width
      const inside = across < cells.width && row >= low && row < low + cells.height
      const own = (row - low) * cells.width + across
      const yarn = place.get(letter)
      if (!inside && yarn === undefined) throw new RangeError(`no yarn “${letter}”`)
      for (let i = 0; i < 3; i++)
        colours[3 * at + i] = inside ? cells.colours[3 * own + i]! : byteAt(yarns[yarn!]!.colour, i)
      whole.kept[at] = inside ? marks.kept[own]! : yarn!
      whole.weights[at] = inside ? marks.weights[own]! : 1
    }),
  )
  return { cells: { width, height, colours }, marks: whole }
}
