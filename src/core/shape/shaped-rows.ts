import { OrNull, Whole, Wholes } from '../document/index.ts'
import { LIMITS } from '../part/index.ts'
import { evenPlaces } from '../solver/index.ts'
import { found, refused, type Result } from '../units/index.ts'
import { decreaseRow, doubled, firstRowOf, plainRow, type ShapeRow } from './shape-row.ts'

/** One row of a piece that is shaped row by row: its stitches, and in which of the row below it increases. */
export class ShapedRow {
  @Whole(2, LIMITS.count) readonly count!: number
  /** Stitches of the row below that take two, from 1, in ascending order; null: evenly spread. */
  @OrNull() @Wholes(1, LIMITS.count, LIMITS.count) readonly at!: readonly number[] | null
}

/** A first row of more stitches than go into a ring is worked across a chain (from memory). */
const MOST_IN_RING = 20

/** The rows of a piece as they were given, the later ones upon one another. */
export function shapedRows(list: readonly ShapedRow[], afresh: boolean): ShapeRow[] {
  const [first, ...more] = list
  const rows = [firstRowOf(first!.count > MOST_IN_RING ? 'across' : 'ring', first!.count)]
  let now = first!.count
  for (const { count, at } of more) {
    rows.push({ ...shapedRow(now, count, at), ...(afresh ? { afresh: true } : {}) })
    now = count
  }
  return rows
}

function shapedRow(now: number, count: number, at: readonly number[] | null): ShapeRow {
  if (count === now) return plainRow(now)
  if (count < now) return decreaseRow(now, count)
  const places = at ? at.map((stitch) => stitch - 1) : evenPlaces(now, count - now)
  return { kind: 'increase', uses: now, makes: count, marks: doubled(places) }
}

/** What cannot be worked in such rows; null when all can. */
export function shapedFault(list: readonly ShapedRow[]): string | null {
  for (let i = 1; i < list.length; i++) {
    const [now, { count, at }] = [list[i - 1]!.count, list[i]!]
    const row = `row ${i + 1}`
    if (count > 2 * now)
      return `${row} cannot have ${count} on ${now}: each stitch takes two at most`
    if (count < now - Math.floor(now / 2))
      return `${row} cannot have ${count} on ${now}: two in one at most`
    if (at === null) continue
    if (at.length !== count - now)
      return `${row} increases by ${count - now}, in ${at.length} places`
    if (at.some((place, n) => place > now || place <= (at[n - 1] ?? 0)))
      return `${row} must name stitches from 1 to ${now}, each after the one before`
  }
  return null
}

/** Reads "91, 99 at 10 21 32 43 54 65 76 87, 99": the stitches of each row, and where it increases when that is not evenly. */
export function parseShapedRows(text: string): Result<ShapedRow[]> {
  const rows: ShapedRow[] = []
  for (const [i, one] of text.split(/[,;\n]/).entries()) {
    const match = /^\s*(\d+)\s*(?:at\s+([\d\s]+))?$/i.exec(one)
    if (!match) return refused(`Row ${i + 1} is a number of stitches, as in 91, 99, 99.`)
    const at = match[2] ? match[2].trim().split(/\s+/).map(Number) : null
    rows.push({ count: Number(match[1]), at })
  }
  const fault = shapedFault(rows)
  return fault ? refused(`${fault[0]!.toUpperCase()}${fault.slice(1)}.`) : found(rows)
}

export const printShapedRows = (rows: readonly ShapedRow[]): string =>
  rows.map(({ count, at }) => (at ? `${count} at ${at.join(' ')}` : `${count}`)).join(', ')
