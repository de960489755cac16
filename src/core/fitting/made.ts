import type { CutPiece } from './cutting.ts'

/** Yarn an item takes of one letter: that of so many sc, metres that are of no stitch, and so many tails. */
export interface ItemYarn {
  readonly letter: string
  readonly inSc: number
  readonly metres: number
  readonly tails: number
}

/** An item as it comes out. */
export interface ItemMade {
  /** How long it is; 0 where it has no length. */
  readonly lengthMm: number
  /** What is counted of it: chains, passes, wraps. */
  readonly counts: Readonly<Record<string, number>>
  readonly yarns: readonly ItemYarn[]
  /** What is cut for it of cloth or board; nothing for most. */
  readonly cut: readonly CutPiece[]
}

/** Nothing but a length, or nothing at all. */
export const bareMade = (lengthMm = 0, over: Partial<ItemMade> = {}): ItemMade => ({
  ...{ lengthMm, counts: {}, yarns: [], cut: [] },
  ...over,
})
