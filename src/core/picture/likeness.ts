import { difference } from '../colour/index.ts'
import { type Cells, colourAt } from './raster.ts'

/** How far each cell looks from each yarn (CIEDE2000), at cell · yarns + yarn. */
export interface Costs {
  readonly cells: number
  readonly yarns: number
  readonly apart: Float64Array
}

/** @param colours of the yarns, as hex */
export function costsOf(
  { width, height, colours: bytes }: Cells,
  colours: readonly string[],
): Costs {
  const [cells, yarns] = [width * height, colours.length]
  const apart = new Float64Array(cells * yarns)
  // Cells that look the same are looked at once.
  const known = new Map<string, number>()
  for (let cell = 0; cell < cells; cell++) {
    const colour = colourAt(bytes, cell)
    const like = known.get(colour)
    if (like === undefined) {
      known.set(colour, cell)
      for (let yarn = 0; yarn < yarns; yarn++)
        apart[cell * yarns + yarn] = difference(colour, colours[yarn]!)
    } else apart.copyWithin(cell * yarns, like * yarns, (like + 1) * yarns)
  }
  return { cells, yarns, apart }
}

/** How far a chart looks from its picture: on the mean of its cells, and at its worst. */
export interface Likeness {
  readonly mean: number
  readonly worst: number
}

/** @param counts whether a cell is looked at; all are by themselves */
export function likenessOf(
  { yarns, apart }: Costs,
  chosen: ArrayLike<number>,
  counts: (cell: number) => boolean = () => true,
): Likeness {
  let [sum, worst, many] = [0, 0, 0]
  for (let cell = 0; cell < chosen.length; cell++) {
    if (!counts(cell)) continue
    many++
    const one = apart[cell * yarns + chosen[cell]!]!
    sum += one
    worst = Math.max(worst, one)
  }
  return { mean: many > 0 ? sum / many : 0, worst }
}
