import type { Construction } from '../construction.ts'
import { discs } from './discs.ts'
import { flatBase } from './flat-base.ts'
import { foldedPanel } from './folded-panel.ts'
import { halfRound } from './half-round.ts'
import { openRing } from './open-ring.ts'
import { oval } from './oval.ts'
import { panel } from './panel.ts'
import { rectangle } from './rectangle.ts'
import { round } from './round.ts'
import { sidewaysPanel } from './sideways-panel.ts'
import { squares } from './squares.ts'
import { strips } from './strips.ts'
import { tube } from './tube.ts'
import { twoPanels } from './two-panels.ts'
import { writtenBase } from './written-base.ts'

/** Every construction there is, by the kind of its base. One is added here and nowhere else in this folder. */
export const constructions = {
  'round-base': round,
  'oval-base': oval,
  'rectangle-base': rectangle,
  'flat-base': flatBase,
  tube,
  'open-ring': openRing,
  'folded-panel': foldedPanel,
  'sideways-panel': sidewaysPanel,
  'two-panels': twoPanels,
  panel,
  squares,
  strips,
  discs,
  'half-round': halfRound,
  'written-base': writtenBase,
} as const

export type BaseKind = keyof typeof constructions
export const baseKinds = Object.keys(constructions) as BaseKind[]

/** A base as it stands in a design. */
export type BasePart = InstanceType<(typeof constructions)[BaseKind]['document']>

/** The construction of a base, ready to be asked about that base. */
export const constructionOf = (base: BasePart): Construction<BasePart> =>
  constructionOfKind(base.kind)
export const constructionOfKind = (kind: BaseKind): Construction<BasePart> =>
  constructions[kind] as unknown as Construction<BasePart>

export { flatHalfIncrease, halfRoundRows } from './half-round.ts'
export { foldsOf } from './folded-panel.ts'
export { openingOf } from './discs.ts'
export { pickedUpAlong, rowsForEnds } from './flat-base.ts'
export { squareRows } from './squares.ts'

/** Whether a bag has two faces and nothing between them to stand on. */
export const isFlat = (kind: BaseKind): boolean => constructionOfKind(kind).plan === undefined
