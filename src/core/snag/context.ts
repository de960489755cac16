import type { YarnPaths } from '../colour/index.ts'
import type { Compiled, DesignGauge, Piece } from '../ledger/index.ts'
import type { YarnNeed } from '../yarn/index.ts'
import type { Snag } from './snag.ts'

/** What a finder may look at. */
export interface SnagContext extends Compiled {
  readonly gauge: DesignGauge
  /** The piece the bands stand on, and the ways of its yarns. */
  readonly piece: Piece
  readonly paths: YarnPaths
  readonly needs: readonly YarnNeed[]
}

/** Looks for one kind of thing that does not work out. */
export type Finder = (context: SnagContext) => readonly Snag[]
