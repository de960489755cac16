import type { DesignPiece, PieceJoin } from '../design/index.ts'
import { idOfRow, type Ledger, maybePlace, type Piece, rowById } from '../ledger/index.ts'
import { type Spot, spotOn } from '../part/index.ts'
import { shareAt } from './attached.ts'

/** A place on a piece of the bag: which piece, the row, and the share along it from the left as its right side is seen. */
export interface Place {
  readonly piece: number
  readonly row: number
  readonly share: number
}

/** Rows from the rim down that count as on it. */
const NEAR_RIM = 3

/** The ends of a strap, one of which is moved by itself; null where a pocket or a flap is moved as a whole. */
function maybeEnds({ joins }: DesignPiece): readonly [PieceJoin, PieceJoin] | null {
  const of = (edge: PieceJoin['edge']) => joins.find((join) => join.edge === edge)
  const [first, last] = [of('first'), of('last')]
  return first && last ? [first, last] : null
}

/** Whether a piece can be taken by the hand and put elsewhere: one of her own that is sewn to a place, and not all around. */
export const canBeDragged = (piece: DesignPiece): boolean =>
  piece.joins.length > 0 && piece.joins.every(({ to }) => to.on !== 'around')

/** Where the middle of what is sewn to a spot lies. */
function maybeMiddle(piece: Piece, spot: Spot, wide: number, hand: 'right' | 'left') {
  const place = maybePlace(piece, spot, wide)
  if (!place) return null
  return { row: place.row, share: shareAt(piece, place.row, place.at + wide / 2, hand) }
}

/** A spot, so much further along its row from the left and so many rows further up, in whole stitches. */
function moved(piece: Piece, spot: Spot, share: number, up: number, hand: 'right' | 'left'): Spot {
  const { makes, side, widthMm } = piece.columns
  if (spot.on === 'left' || spot.on === 'right')
    return { ...spot, at: Math.max(0, Math.min(piece.rows - 1, spot.at + up)) }
  const inside = spot.on === 'row' || spot.on === 'up'
  const was =
    spot.on === 'first'
      ? 0
      : ((spot.row === null ? null : rowById(piece, spot.row)) ?? piece.rows - 1)
  const row = inside ? Math.max(0, Math.min(piece.rows - 1, was + up)) : was
  const count = makes[was]!
  // A row is worked from the right by the right hand; on the wrong side it is counted the other way.
  const onward = (hand === 'right') === (side[was] === 0) ? -1 : 1
  const stitches = Math.round(share * count) * onward
  const by = spot.by === 'length' ? (stitches * widthMm[was]!) / Math.max(1, count) : stitches
  const isNamed = spot.by !== 'stitch' && spot.by !== 'length'
  const round = piece.worked === 'rounds'
  const all = spot.by === 'length' ? widthMm[was]! : count
  const on = spot.at + by
  const at = isNamed
    ? round
      ? on - all * Math.round(on / all)
      : on
    : round
      ? ((on % all) + all) % all
      : Math.max(0, Math.min(all, on))
  return { ...spot, row: inside ? idOfRow(piece, row) : spot.row, at }
}

/** A drag over the bag: where the hand began, and where it ended. */
export interface Dragged {
  readonly from: Place
  readonly to: Place
  readonly hand: 'right' | 'left'
}

/**
 * The joins of a piece that was taken at a row of it and let go. The end of a strap goes where it is let go; what lies on the fabric goes as far
 * along it, and up, as the hand went.
 * @param of the piece that was taken
 * @param on what it is sewn to
 * @returns null where the hand did not go over that, or nothing is moved
 */
export function maybeDraggedJoins(
  own: DesignPiece,
  { of, row }: { readonly of: Piece; readonly row: number },
  on: Piece,
  { from, to, hand }: Dragged,
): readonly PieceJoin[] | null {
  if (!canBeDragged(own)) return null
  const ends = maybeEnds(own)
  const end = ends?.[row < of.rows / 2 ? 0 : 1]
  const which = new Set(end ? [end] : own.joins)
  if ([...which].some((join) => join.to.piece !== on.id)) return null
  const began = end ? maybeMiddle(on, end.to, of.columns.makes[0]!, hand) : from
  if (!began || (!end && from.piece !== to.piece)) return null
  const far = to.share - began.share
  const share = on.worked === 'rounds' ? far - Math.round(far) : far
  const joins = own.joins.map((join) =>
    which.has(join) ? { ...join, to: moved(on, join.to, share, to.row - began.row, hand) } : join,
  )
  const same = joins.every(
    ({ to: spot }, i) => spot.at === own.joins[i]!.to.at && spot.row === own.joins[i]!.to.row,
  )
  return same ? null : joins
}

/** A spot put where the bag was pointed at; which of several goes there is the one that is nearest. */
export function maybeSpotUnder(
  { pieces }: Pick<Ledger, 'pieces'>,
  place: Place,
  spots: readonly Spot[],
  hand: 'right' | 'left',
): { readonly which: number; readonly spot: Spot } | null {
  const on = pieces[place.piece]
  if (!on || spots.length === 0) return null
  const far = (spot: Spot): number => {
    if (spot.piece !== on.id) return Infinity
    const middle = maybeMiddle(on, spot, 0, hand)
    if (!middle) return Infinity
    const by = place.share - middle.share
    return Math.abs(on.worked === 'rounds' ? by - Math.round(by) : by)
  }
  const distances = spots.map(far)
  const which = distances.indexOf(Math.min(...distances))
  const spot = spots[which]!
  const middle = spot.piece === on.id ? maybeMiddle(on, spot, 0, hand) : null
  if (!middle) return { which, spot: spotOn(on.id, { on: 'row', row: idOfRow(on, place.row) }) }
  const by = place.share - middle.share
  const share = on.worked === 'rounds' ? by - Math.round(by) : by
  // What stands on the rim stays on it where it is pointed at near there.
  const near = place.row >= on.rows - NEAR_RIM
  const own = { ...spot, on: near ? ('last' as const) : ('row' as const) }
  const row = near ? null : idOfRow(on, place.row)
  return { which, spot: { ...moved(on, { ...own, row: spot.row }, share, 0, hand), row } }
}
