/** What is decided about a base worked around both sides of a chain: an oval, or a rectangle with corners. */
export interface ChainBase {
  /** Stitches along one side of the chain. */
  readonly along: number
  /** Stitches in the last chain of each end in round 1: 3 as a rule, or 2. */
  readonly inEnd: number
}

/** Stitches of round 1 around a chain: both sides without their ends, and the ends. */
export const chainFirstRound = ({ along, inEnd }: ChainBase): number => 2 * (along - 2) + 2 * inEnd

/** A rectangle has 3 in each end in round 1, and then 3 in 1 at four corners: 8 more a round. */
export const RECTANGLE = { inEnd: 3, increase: 8 } as const

/** A rectangle lies flat when each round adds eight row heights: two at each corner. */
export const flatCornerIncrease = (stitchWidthMm: number, rowHeightMm: number): number =>
  (8 * rowHeightMm) / stitchWidthMm

/** Rounds until a base that begins with `first` stitches and adds `increase` a round has `count`; its last may add less. */
export const roundsTo = (first: number, increase: number, count: number): number =>
  1 + Math.max(0, Math.ceil((count - first) / increase))
