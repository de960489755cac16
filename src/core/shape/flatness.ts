import type { StitchSize } from './construction.ts'

/** Within this much of the flat increase a base lies flat (from memory): below it cups, above it ruffles. */
export const FLAT_WITHIN = 0.1

/** The increase a round at which a disc lies dead flat: each round adds 2π row heights to the way around, so k = 2π·h/w. */
export const flatIncrease = ({ stitchWidthMm, rowHeightMm }: StitchSize): number =>
  (2 * Math.PI * rowHeightMm) / stitchWidthMm

export type Lie = 'cups' | 'flat' | 'ruffles'

/** How a base lies whose increase is so many times the flat one. */
export function lieOf(flatness: number): Lie {
  if (flatness < 1 - FLAT_WITHIN) return 'cups'
  return flatness > 1 + FLAT_WITHIN ? 'ruffles' : 'flat'
}
