import { type Spot, partOfId, placeOfId } from '../part/index.ts'
import { sidesBetween } from '../shape/index.ts'
import type { Piece, PlaceOfSpot } from './ledger.ts'
import { maybeMiddlesCounted } from './middles.ts'

/** The index of a row by its id, or of the last its part has; null when the piece has no such part. */
export function rowById({ parts }: Piece, id: string): number | null {
  const part = parts.find((one) => one.id === partOfId(id))
  if (!part || part.endRow === part.firstRow) return null
  return Math.min(part.endRow, part.firstRow + placeOfId(id)) - 1
}

/** Places a row has around the bag: of a strip those of all of them, the front's from the left and on over the back. */
export const placesAround = ({ across, columns }: Piece, row: number): number =>
  columns.makes[row]! * (across === undefined ? 1 : 2 * across)

/** Where along a row a place of the bag lies, from the row's own beginning; of rows that have no front, on their one face. */
function named(piece: Piece, row: number, by: Spot['by']): number {
  const count = placesAround(piece, row)
  const middles =
    piece.across === undefined
      ? maybeMiddlesCounted(piece, row)
      : { front: count / 4, back: (3 * count) / 4 }
  const { front, back } = middles ?? { front: count / 2, back: count / 2 }
  const [side, other] = middles ? sidesBetween(middles, count) : [0, count]
  const places = { stitch: 0, length: 0, front, back, side: side!, 'other-side': other! }
  return places[by]
}

/** The row a spot is along, or begins at. */
function rowOf(piece: Piece, { on, row }: Spot): number | null {
  if (on === 'first' || on === 'left' || on === 'right') return 0
  return on === 'last' || row === null ? piece.rows - 1 : rowById(piece, row)
}

/**
 * A spot on its piece; null when its row is not there any more.
 * @param wide stitches of what stands there: by a place of the bag its middle does, else its beginning
 */
export function maybePlace(piece: Piece, spot: Spot, wide = 0): PlaceOfSpot | null {
  const row = rowOf(piece, spot)
  if (row === null) return null
  const { by, on, at: by_ } = spot
  const { alongMm, widthMm } = piece.columns
  if (on === 'left' || on === 'right') {
    const from = by === 'length' ? alongMm.findIndex((mm) => mm >= by_ - 1e-9) : Math.max(0, by_)
    return { row: from < 0 ? piece.rows : from, at: 0, of: 'row ends' }
  }
  const count = placesAround(piece, row)
  const own = piece.columns.makes[row]!
  const measured = by === 'length' || spot.inMm === true
  const stitches = measured ? (by_ * own) / Math.max(1e-9, widthMm[row]!) : by_
  const isNamed = by !== 'stitch' && by !== 'length'
  const begin = named(piece, row, by) + stitches - (isNamed ? wide / 2 : 0)
  const whole = wide > 0 ? Math.round(begin) : begin
  const round = piece.worked === 'rounds' || piece.across !== undefined
  const at = round
    ? ((whole % count) + count) % count
    : Math.min(Math.max(0, whole), Math.max(0, isNamed ? count - wide : count))
  return { row, at, of: on === 'up' ? 'row ends' : 'stitches' }
}
