/** A thing that must go in, and the room around it; all in mm. */
export interface Contents {
  readonly widthMm: number
  readonly thicknessMm: number
  readonly tallMm: number
  readonly easeMm: number
}

/**
 * The bag that holds a thing standing in it: the way around is its own way around with room on both faces and both sides,
 * and the bag is taller by the same room.
 */
export const sizeFor = ({ widthMm, thicknessMm, tallMm, easeMm }: Contents) => ({
  aroundMm: 2 * (widthMm + thicknessMm) + 2 * easeMm,
  heightMm: tallMm + easeMm,
})
