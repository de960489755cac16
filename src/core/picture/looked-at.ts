import { backgroundOf } from './ground.ts'
import { laidInto, type Marks, type Onto, unmarked } from './laid-into.ts'
import type { Cells, Raster } from './raster.ts'
import { metAround, metUp } from './seams.ts'
import { cellsIn, type Corners, inLight, type Light } from './view.ts'
import type { PictureWanted } from './wanted.ts'

/** How a picture is looked at: what is taken of it, on how many cells, in which light. */
export interface Looked {
  readonly corners: Corners
  readonly columns: number
  readonly rows: number
  readonly light: Light
  /** Its ends meet, around and up. */
  readonly meets: { readonly around: boolean; readonly up: boolean }
}

/** Of a repeat, how much is seen beyond its end to make it meet; at least so many cells. */
const BEYOND = 1 / 6
const LEAST_BEYOND = 2
const beyond = (cells: number, meets: boolean): number =>
  meets && cells > 2 * LEAST_BEYOND ? Math.max(LEAST_BEYOND, Math.round(cells * BEYOND)) : 0

/** The cells of a picture as it is looked at. */
export function lookedAt(raster: Raster, { corners, columns, rows, light, meets }: Looked): Cells {
  const [across, up] = [beyond(columns, meets.around), beyond(rows, meets.up)]
  const cells = inLight(cellsIn(raster, corners, columns + across, rows + up), light)
  const around = across > 0 ? metAround(cells, across) : cells
  return up > 0 ? metUp(around, up) : around
}

/** What is asked of a picture beside the rules: what is behind, marks, and where it lies. */
export interface Placed {
  /** What is behind is all in one yarn, by its place; so far it may look from the colour behind (CIEDE2000). */
  readonly background: { readonly yarn: number; readonly most: number } | null
  readonly marks: Marks | null
  /** The chart it is laid into; null where it is all of it. */
  readonly onto: Onto | null
}

/** The cells that are worked, and what is kept and weighed of them. */
export function placed(
  cells: Cells,
  { background, marks, onto }: Placed,
  yarns: PictureWanted['yarns'],
): { readonly cells: Cells; readonly marks: Marks } {
  const fits = marks?.kept.length === cells.width * cells.height
  const own = fits ? { ...marks, kept: Int8Array.from(marks.kept) } : unmarked(cells)
  if (background) {
    const behind = backgroundOf(cells, background.most).cells
    // What was said of a cell goes before.
    for (let cell = 0; cell < behind.length; cell++)
      if (behind[cell] === 1 && own.kept[cell]! < 0) own.kept[cell] = background.yarn
  }
  return onto ? laidInto(cells, own, onto, yarns) : { cells, marks: own }
}
