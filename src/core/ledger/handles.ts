import { type Ledger, type Piece } from './ledger.ts'
import { firstBelow, longChains, type LongChain } from './long-chains.ts'
import { around, maybeMiddles } from './middles.ts'

/** A handle of a round, and where it lies. */
export interface HandleInRow extends LongChain {
  /** The middle it lies on, and by how many stitches it lies beside it, above 0 further on; null where the round has no front. */
  readonly lies: { readonly on: 'front' | 'back'; readonly off: number } | null
}

/** The handles that a round chains in the edge; none where it chains none. */
export function handlesInRow(ledger: Ledger, piece: Piece, row: number): HandleInRow[] {
  const { onto, makes, side } = piece.columns
  if (onto[row]! < 0) return []
  const found = longChains(ledger, piece, row)
  const below = makes[onto[row]!]!
  const middles = found.length > 0 ? maybeMiddles(piece, onto[row]!) : null
  const first = firstBelow(piece, row)
  return found.map((one) => {
    const middle = one.at + one.gap / 2
    const place = around(side[row] === 0 ? first + middle : first + 1 - middle, below)
    const beside = (to: number) => around(place - to + below / 2, below) - below / 2
    if (!middles) return { ...one, lies: null }
    const on = Math.abs(beside(middles.front)) <= Math.abs(beside(middles.back)) ? 'front' : 'back'
    return { ...one, lies: { on, off: beside(middles[on]) } }
  })
}

/** The round that chains handles in the edge; null where the piece has none. The rounds above it go over them. */
export function maybeHandleRow(ledger: Ledger, piece: Piece): number | null {
  const { handle } = piece.columns
  const over = handle.indexOf(1)
  const row = over > 0 ? over - 1 : piece.rows - 1
  if (row < 1 || (over < 0 && !ledger.hows.some((how) => how.do === 'chain'))) return null
  return handlesInRow(ledger, piece, row).length > 0 ? row : null
}
