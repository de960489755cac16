import { baseOf, BODY, type Design } from '../design/index.ts'
import { type BasePart, constructionOf, type Front, middlesIn } from '../shape/index.ts'
import type { Piece } from './ledger.ts'
import { around, type Known, middlesOfRows } from './middles.ts'

/** What is seen of a bag whose body has so many rows. */
export const frontOf = (base: BasePart, rows: number): Front =>
  constructionOf(base).front?.(base, rows) ?? { kind: 'standing' }

/** The body of a bag in rounds with the middles of its front and back; any other piece as it is. */
export function withMiddles(design: Design, tables: Known, piece: Piece): Piece {
  const base = baseOf(design)
  if (piece.id !== BODY || piece.worked !== 'rounds') return piece
  if (frontOf(base, piece.rows).kind !== 'standing') return piece
  const { endRow } = piece.parts[0]!
  const { makes, begin, side } = piece.columns
  const built = (row: number) =>
    middlesIn(constructionOf(base), base, makes[row]!, begin[row]! + (side[row] === 0 ? 0 : 1))
  const last = Math.max(0, endRow - 1)
  const { frontAfter } = design
  // Counted from the first stitch of that round, on the side it is worked on.
  const wanted = (after: number) =>
    side[last] === 0 ? begin[last]! + after : begin[last]! + 1 - after
  const turned = frontAfter === null ? 0 : (wanted(frontAfter) - built(last).front) / makes[last]!
  const inBase = (row: number) => {
    const on = (place: number) => around(place + turned * makes[row]!, makes[row]!)
    const { front, back } = built(row)
    return { front: on(front), back: on(back) }
  }
  const middles = middlesOfRows(design, tables, piece, endRow, inBase)
  return { ...piece, columns: { ...piece.columns, ...middles } }
}
