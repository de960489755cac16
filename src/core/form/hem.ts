import type { Ledger, Piece } from '../ledger/index.ts'
import { alongAt, facingAt, type Sheet } from './sheet.ts'
import { plus, type Vec } from './vector.ts'

/** A place at the edge of a flat piece, and the way out from it in the plane of the fabric. */
interface AtEdge {
  readonly u: number
  readonly r: number
  readonly out: 'up' | 'down' | 'left' | 'right'
}

/**
 * The way around a flat piece as an edge is worked: along its last row, down one side, along its first row, up the other; by the right hand
 * from right to left. @returns the place at a share of it
 */
export function aroundEdge(piece: Piece, hand: 'right' | 'left'): (share: number) => AtEdge {
  const { widthMm, alongMm } = piece.columns
  const up = alongMm[piece.rows - 1]!
  const long = [widthMm[piece.rows - 1]!, up, widthMm[0]!, up]
  const all = long.reduce((sum, mm) => sum + mm, 0)
  const seen = (u: number) => (hand === 'right' ? 1 - u : u)
  const sides = hand === 'right' ? (['left', 'right'] as const) : (['right', 'left'] as const)
  return (share) => {
    let mm = Math.min(1, Math.max(0, share)) * all
    let side = 0
    while (side < 3 && mm > long[side]!) mm -= long[side++]!
    const far = Math.min(1, mm / Math.max(1e-9, long[side]!))
    const places: readonly AtEdge[] = [
      { u: seen(far), r: piece.rows, out: 'up' },
      { u: seen(1), r: piece.rows * (1 - far), out: sides[0] },
      { u: seen(1 - far), r: 0, out: 'down' },
      { u: seen(0), r: piece.rows * far, out: sides[1] },
    ]
    return places[side]!
  }
}

/** An edge that is picked up all around a flat piece, and goes on from its edges in its plane; null where that is none of one sheet. */
export function maybeHem(
  { pieces, joins }: Ledger,
  sheets: readonly Sheet[],
  at: number,
  copy: number,
  hand: 'right' | 'left',
): Sheet | null {
  const piece = pieces[at]!
  const around = joins.find(
    ({ sides: [own, other] }) => own.piece === piece.id && other.spot.on === 'around',
  )
  const on = around && pieces.findIndex(({ id }) => id === around.sides[1].piece)
  if (on === undefined || on < 0) return null
  const of = pieces[on]!
  const flat = sheets.filter((sheet) => sheet.piece === on)
  const sheet = flat[Math.min(copy, flat.length - 1)]
  if (!sheet || sheet.round || sheet.r[1] - sheet.r[0] < of.rows - 1e-6) return null
  const edge = aroundEdge(of, hand)
  return {
    ...{ piece: at, copy, u: [0, 1], r: [0, piece.rows], round: false },
    at: (share, r): Vec => {
      // From the left as it is seen: the right hand works the other way.
      const { u, r: row, out } = edge(hand === 'right' ? 1 - share : share)
      const { along, up } = facingAt(sheet, u, row)
      const [way, sign] =
        out === 'up' || out === 'down' ? [up, out === 'up'] : [along, out === 'right']
      return plus(sheet.at(u, row), way, (sign ? 1 : -1) * alongAt(piece, r))
    },
  }
}
