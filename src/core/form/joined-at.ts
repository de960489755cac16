import { type Join, type Ledger, rowById } from '../ledger/index.ts'
import type { JoinSide } from '../shape/index.ts'
import { maybeOn, shareAt, type Spot3 } from './attached.ts'
import { facingAt, type Sheet } from './sheet.ts'
import type { Vec } from './vector.ts'

/** Where a join lies in space, and the way the fabric faces there. */
export interface JoinedAt {
  readonly at: Vec
  readonly out: Vec
}

/** The middle of a side of a join on its piece; null where that is not seen. */
function maybeMiddle(
  ledger: Ledger,
  sheets: readonly Sheet[],
  { piece: id, of, count, spot }: JoinSide,
  hand: 'right' | 'left',
): Spot3 | null {
  const at = ledger.pieces.findIndex((one) => one.id === id)
  const piece = ledger.pieces[at]
  if (!piece || spot.on === 'around') return null
  const last = piece.rows - 1
  const half = Math.floor(count / 2)
  if (spot.on === 'left' || spot.on === 'right') {
    const row = Math.min(last, Math.round(spot.at) + half)
    return maybeOn(sheets, at, (spot.on === 'right') === (hand === 'right') ? 1 : 0, row + 1)
  }
  const met =
    spot.on === 'first' ? 0 : spot.row === null ? last : (rowById(piece, spot.row) ?? last)
  const up = of === 'row ends'
  const row = Math.min(last, met + (up ? half : 0))
  // Where a join is along its row has been worked out in stitches.
  const u = shareAt(piece, row, spot.at + (up ? 0 : count / 2), hand)
  const share = piece.worked === 'rounds' ? u - Math.floor(u) : Math.min(1, Math.max(0, u))
  return maybeOn(sheets, at, share, row + 1)
}

/** Where a join lies: on what is met, or on what is sewn to it. Null where neither is seen. */
export function maybeJoinedAt(
  { ledger, sheets }: { readonly ledger: Ledger; readonly sheets: readonly Sheet[] },
  { sides }: Pick<Join, 'sides'>,
  hand: 'right' | 'left',
): JoinedAt | null {
  const spot =
    maybeMiddle(ledger, sheets, sides[1], hand) ?? maybeMiddle(ledger, sheets, sides[0], hand)
  if (!spot) return null
  const { sheet, u, r } = spot
  return { at: sheet.at(u, r), out: facingAt(sheet, u, r).out }
}
