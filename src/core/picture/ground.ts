import { difference } from '../colour/index.ts'
import { besideOf, type Cells, colourAt } from './raster.ts'

/** What is behind: the colour most of the edge is in, and all that hangs together with the edge and looks like it. */
export interface Background {
  readonly colour: string
  /** 1 where a cell is behind, at row · width + column. */
  readonly cells: Uint8Array
}

/** Cells of the edge, each once. */
function edgeOf(width: number, height: number): number[] {
  const cells = new Set<number>()
  for (let column = 0; column < width; column++)
    cells.add(column).add((height - 1) * width + column)
  for (let row = 0; row < height; row++) cells.add(row * width).add(row * width + width - 1)
  return [...cells]
}

/**
 * What is behind what a picture shows.
 * @param most how far a cell may look from the colour behind (CIEDE2000)
 */
export function backgroundOf({ width, height, colours }: Cells, most: number): Background {
  const edge = edgeOf(width, height)
  const looks = edge.map((cell) => colourAt(colours, cell))
  const each = [...new Set(looks)]
  const like = (colour: string) => looks.filter((other) => difference(colour, other) <= most).length
  const colour = each.slice(0, 200).reduce(
    (best, one) => {
      const many = like(one)
      return many > best.many ? { one, many } : best
    },
    { one: each[0]!, many: -1 },
  ).one
  const known = new Map<string, boolean>()
  const isLike = (cell: number): boolean => {
    const own = colourAt(colours, cell)
    const is = known.get(own) ?? difference(colour, own) <= most
    known.set(own, is)
    return is
  }
  const cells = new Uint8Array(width * height)
  const next = edge.filter(isLike)
  for (const cell of next) cells[cell] = 1
  for (let cell = next.pop(); cell !== undefined; cell = next.pop()) {
    for (const one of besideOf(cell, width, cells.length))
      if (cells[one] === 0 && isLike(one)) {
        cells[one] = 1
        next.push(one)
      }
  }
  return { colour, cells }
}
