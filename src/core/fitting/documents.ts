import { BeadsItem } from './beads.ts'
import { BoughtItem } from './bought.ts'
import { ChainHandleItem } from './chain-handle.ts'
import { ClosureItem } from './closure.ts'
import { CordItem } from './cord.ts'
import { DrawstringItem } from './drawstring.ts'
import { LineItem } from './line.ts'
import { LiningItem } from './lining.ts'
import { LoopItem } from './loop.ts'
import { StiffenerItem } from './stiffener.ts'
import { SurfaceItem } from './surface.ts'
import { TrimItem } from './trim.ts'

/** The document of each kind of fitting, in the order they are offered: all that is needed to read and keep them. */
export const itemDocuments = {
  'chain-handle': ChainHandleItem,
  cord: CordItem,
  loop: LoopItem,
  bought: BoughtItem,
  drawstring: DrawstringItem,
  closure: ClosureItem,
  lining: LiningItem,
  stiffener: StiffenerItem,
  trim: TrimItem,
  surface: SurfaceItem,
  beads: BeadsItem,
  line: LineItem,
} as const

export type FittingKind = keyof typeof itemDocuments
export type Item = InstanceType<(typeof itemDocuments)[FittingKind]>
export const fittingKinds = Object.keys(itemDocuments) as FittingKind[]

/** The letters of its yarns: that of its one yarn, or none. */
export const itemYarns = (item: Item): readonly string[] => ('yarn' in item ? [item.yarn] : [])
