import type { Design } from '../design/index.ts'
import { type Stitch, stitchById } from '../stitch/index.ts'
import type { LedgerPart, Piece } from './ledger.ts'

/** Stitches a round that a vertical line moves on in plain rounds, in those of one loop only, and in split stitches (from memory). */
const LEAN = 0.25
const LEANS: Partial<Record<Stitch['family'], number>> = { loop: 0.12, split: 0 }

/**
 * Stitches a round by which a line that is straight on the chart leans on the bag, as seen on the right side: above 0 to the right.
 * Stitches do not stand quite above one another where rounds are never turned; what the swatch says goes before what is usual.
 */
export function leanOf(
  { swatches }: Pick<Design, 'swatches'>,
  { worked }: Pick<Piece, 'worked'>,
  { making, gauge }: Pick<LedgerPart, 'making' | 'gauge'>,
  hand: 'right' | 'left',
): number {
  if (worked === 'rows' || making.working === 'turned') return 0
  const measured = gauge.swatch === null ? null : swatches[gauge.swatch]?.lean
  const usual = LEANS[stitchById(gauge.stitch).family] ?? LEAN
  return (measured ?? usual) * (hand === 'right' ? 1 : -1)
}
