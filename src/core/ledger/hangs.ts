import type { Ledger, Piece } from './ledger.ts'

/**
 * Whether a row hangs upside down on the finished bag. Of a folded panel worked up from the front's edge, front and flap do; of one
 * begun with its flap, the back does.
 */
export function hangsTurned({ front, pieces }: Ledger, piece: Piece, row: number): boolean {
  if (front.kind !== 'folded' || piece !== pieces[0]) return false
  const { up, over, flap } = front
  const [first, last] = flap === 'last' ? [up, over] : [over, up]
  const inBack = row >= first && row < piece.rows - last
  return (flap === 'last') !== inBack
}
