import { difference } from '../colour/index.ts'
import { inSet } from './sets.ts'
import { costsOf } from './likeness.ts'
import { coloursIn } from './palette.ts'
import { besideOf, type Cells } from './raster.ts'

/*
 * How fine a picture is: parts of one colour that stand out from what is around them, each by how wide it is where it is widest (twice
 * the way to its edge). A part that is narrower than a stitch is lost.
 */

/** Colours a picture is parted into, how far a part must look from what is around it, and cells it has at least. */
const COLOURS = 8
const STANDS_OUT = 14
const LEAST = 3
/** Of what is around it, a share that is a side; and how far beyond the straight way between both sides is still between them. */
const BOTH = 0.15
const BLEND = 1.6

/** What hangs together in one colour; and of each cell which of these it is in. */
function partsOf(all: Uint8Array, beside: (cell: number) => readonly number[]) {
  const part = new Int32Array(all.length).fill(-1)
  const parts: number[][] = []
  for (let start = 0; start < all.length; start++) {
    if (part[start]! >= 0) continue
    const own = [start]
    part[start] = parts.length
    for (let i = 0; i < own.length; i++)
      for (const next of beside(own[i]!))
        if (part[next]! < 0 && all[next] === all[start]) {
          part[next] = parts.length
          own.push(next)
        }
    parts.push(own)
  }
  return { parts, part }
}

/** How wide each part that stands out is at its widest, in shares of the picture's width, the finest first. */
export function detailsOf(cells: Cells): number[] {
  const { width } = cells
  const colours = coloursIn(cells, COLOURS)
  const { apart } = costsOf(cells, colours)
  const all = inSet(
    apart,
    colours.length,
    colours.map((_, yarn) => yarn),
  )
  const beside = (cell: number) => besideOf(cell, width, all.length)
  const { parts, part } = partsOf(all, beside)
  const unlike = (one: number, other: number) => difference(colours[one]!, colours[other]!)
  /** Looks unlike what is around it, and is no blend of what lies to both sides, as at an edge that is soft. */
  const standsOut = (own: readonly number[], at: number) => {
    const around = new Map<number, number>()
    for (const cell of own)
      for (const next of beside(cell))
        if (part[next] !== at) around.set(all[next]!, (around.get(all[next]!) ?? 0) + 1)
    const yarn = all[own[0]!]!
    const list = [...around].sort((a, b) => b[1] - a[1])
    const sides = list.reduce((sum, [, many]) => sum + many, 0)
    const mean = list.reduce((sum, [other, many]) => sum + many * unlike(yarn, other), 0) / sides
    const [first, second] = list
    if (!first || mean < STANDS_OUT) return false
    const isBlend =
      second !== undefined &&
      second[1] >= BOTH * sides &&
      unlike(first[0], yarn) + unlike(yarn, second[0]) < BLEND * unlike(first[0], second[0])
    return !isBlend
  }
  /** Twice the way from its middle to its edge, in cells: peeled off layer by layer. */
  const wide = (own: readonly number[], at: number): number => {
    const isIn = new Set(own)
    let layers = 0
    let last = 0
    while (isIn.size > 0) {
      last = isIn.size
      const edge = [...isIn].filter((cell) => {
        const near = beside(cell)
        return near.length < 4 || near.some((next) => part[next] !== at || !isIn.has(next))
      })
      for (const cell of edge) isIn.delete(cell)
      layers++
    }
    // A last layer of one row of cells is half as wide as one of two.
    return last > 0 ? 2 * layers - 1 : 0
  }
  const found = parts.flatMap((own, at) =>
    own.length >= LEAST && own.length < all.length / 8 && standsOut(own, at)
      ? [wide(own, at) / width]
      : [],
  )
  return found.sort((a, b) => a - b)
}

/** Stitches at which the parts that stand out least wide are so many stitches wide; those narrower than at that are lost. */
export interface Fineness {
  /** At so many stitches the finest part is one, or two, stitches wide. */
  readonly one: number
  readonly two: number
  /** Parts that are narrower than a stitch as it is. */
  readonly lost: number
  readonly parts: number
}

/** What a picture's details become at so many stitches; null where it has none. */
export function finenessAt(details: readonly number[], stitches: number): Fineness | null {
  const [finest] = details
  if (finest === undefined) return null
  return {
    one: Math.ceil(1 / finest - 1e-9),
    two: Math.ceil(2 / finest - 1e-9),
    lost: details.filter((wide) => wide * stitches < 1 - 1e-9).length,
    parts: details.length,
  }
}
