import { bandOf, type Looks } from '../band/index.ts'
import { fittingOf, type Item } from '../fitting/index.ts'
import { type Spot, partOfId, placeOfId, rowId } from '../part/index.ts'
import type { Design, Part } from './documents.ts'
import type { Draw } from './draft.ts'
import { isBase, partsOf } from './parts-of.ts'

/* What is said of a row by its id stays with the row, also when others are put in or taken out below it. */

/** How many entries two lists have in common from their beginning. */
function alike(one: readonly string[], other: readonly string[]): number {
  let n = 0
  while (n < one.length && n < other.length && one[n] === other[n]) n++
  return n
}

/** Where a row is among others, of those there were, from 0; null when it was taken out. */
export function rowMoved(before: Looks, after: Looks, row: number): number | null {
  if (row < before.below) return row
  const [were, are] = [before.rows, after.rows]
  const [repeat, at] = [
    Math.floor((row - before.below) / were.length),
    (row - before.below) % were.length,
  ]
  const same = alike(were, are)
  const above = Math.min(
    alike(were.toReversed(), are.toReversed()),
    Math.min(were.length, are.length) - same,
  )
  const more = are.length - were.length
  const isAbove = at >= were.length - above
  if (!isAbove && at >= are.length - above) return null
  return after.below + repeat * are.length + at + (isAbove ? more : 0)
}

const looksOf = (part: Part | undefined): Looks | null =>
  part && !isBase(part) ? bandOf(part).looks(part) : null

/** For the ids of rows: what a row is called after the edit; null when it was taken out. */
function renamer(before: Design, after: Design): (id: string) => string | null {
  const [were, are] = [before, after].map(
    (design) => new Map(partsOf(design).map((part) => [part.id, part])),
  ) as [Map<string, Part>, Map<string, Part>]
  return (id) => {
    const part = partOfId(id)
    if (were.get(part) === are.get(part)) return id
    const [old, now] = [looksOf(were.get(part)), looksOf(are.get(part))]
    if (!old || !now) return id
    const row = rowMoved(old, now, placeOfId(id) - 1)
    return row === null ? null : rowId(part, row + 1)
  }
}

/** Whether anything is said of a row by its id. */
const speaksOfRows = ({ items, pieces, ways }: Design): boolean =>
  items.some((item) =>
    fittingOf(item)
      .spots(item)
      .some(({ row }) => row !== null),
  ) ||
  pieces.some(({ joins }) => joins.some(({ to }) => to.row !== null)) ||
  ways.some(({ after }) => after !== null)

/**
 * Has joins, things beside the pieces and ways of yarns go with the rows they are at. What was at a row that was taken out is at the one
 * in its place now; a way of a yarn that began after it is forgotten.
 */
export function followRows(design: Draw, before: Design): void {
  if (!speaksOfRows(before)) return
  const renamed = renamer(before, design as Design)
  const moved = <S extends Spot>(spot: S): S => {
    const row = spot.row === null ? null : (renamed(spot.row) ?? spot.row)
    return row === spot.row ? spot : { ...spot, row }
  }
  for (const item of design.items as Item[]) {
    const { spots, withSpots } = fittingOf(item)
    const now = spots(item).map(moved)
    if (now.some(({ row }, i) => row !== spots(item)[i]!.row))
      Object.assign(item, withSpots(item, now))
  }
  // What an edit brought may be frozen: nothing of it is changed where it is.
  for (const piece of design.pieces) {
    const joins = piece.joins.map((join) => {
      const to = moved(join.to)
      return to === join.to ? join : { ...join, to }
    })
    if (joins.some((join, i) => join !== piece.joins[i])) piece.joins = joins
  }
  const ways = design.ways.flatMap((way) => {
    const after = way.after === null ? null : renamed(way.after)
    if (after === way.after) return [way]
    return after === null ? [] : [{ ...way, after }]
  })
  if (ways.length !== design.ways.length || ways.some((way, i) => way !== design.ways[i]))
    design.ways = ways
}
