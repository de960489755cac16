import { bandsIn, type Design, type DesignPiece } from '../design/index.ts'
import type { YarnPaths } from '../paths/index.ts'
import type { Compiled, DesignGauge, Piece } from '../ledger/index.ts'
import type { Lasts, YarnNeed } from '../yarn/index.ts'
import type { Snag } from './snag.ts'

/** What a finder may look at. */
export interface SnagContext extends Compiled {
  readonly gauge: DesignGauge
  /** The piece that is looked at (the body where a finder looks at the whole bag), and the ways of its yarns. */
  readonly piece: Piece
  readonly paths: YarnPaths
  /** Every piece of the bag. */
  readonly all: readonly Pick<SnagContext, 'piece' | 'paths'>[]
  readonly needs: readonly YarnNeed[]
  readonly lasts: readonly Lasts[]
}

/** Looks for one kind of thing that does not work out. */
export type Finder = (context: SnagContext) => readonly Snag[]

/** Looks for it in each piece. */
export const inEveryPiece =
  (find: Finder): Finder =>
  (context) =>
    context.all.flatMap((one) => find({ ...context, ...one }))

/** The bands of a piece of the ledger. */
export function bandsOn({ pieces }: Design, { id }: Pick<DesignPiece, 'id'>) {
  const piece = pieces.find((one) => one.id === id)
  return piece ? bandsIn(piece) : []
}
