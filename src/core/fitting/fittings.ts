import { beads, type BeadsItem } from './beads.ts'
import { bought, type BoughtItem } from './bought.ts'
import { chainHandle, type ChainHandleItem } from './chain-handle.ts'
import { closure, type ClosureItem } from './closure.ts'
import { cord, type CordItem } from './cord.ts'
import { drawstring, type DrawstringItem } from './drawstring.ts'
import type { Fitting } from './fitting.ts'
import { line, type LineItem } from './line.ts'
import { lining, type LiningItem } from './lining.ts'
import { loop, type LoopItem } from './loop.ts'
import { stiffener, type StiffenerItem } from './stiffener.ts'
import { trim, type TrimItem } from './trim.ts'

/** Every kind of fitting there is. One is added here and nowhere else. */
export const fittings = {
  'chain-handle': chainHandle,
  cord,
  loop,
  bought,
  drawstring,
  closure,
  lining,
  stiffener,
  trim,
  beads,
  line,
} as const
type Kinds = typeof fittings

export type Item =
  | ChainHandleItem
  | CordItem
  | LoopItem
  | BoughtItem
  | DrawstringItem
  | ClosureItem
  | LiningItem
  | StiffenerItem
  | TrimItem
  | BeadsItem
  | LineItem
export type FittingKind = keyof Kinds

/** The definition of an item: whoever asks anything of one asks it here. */
export const fittingOf = (item: Pick<Item, 'kind'>): Fitting<Item> =>
  fittings[item.kind] as unknown as Fitting<Item>
export const fittingKinds = Object.keys(fittings) as FittingKind[]

/** Of a kind of item, for what only that kind has. */
export const isItemOf = <K extends FittingKind>(
  kind: K,
  item: Pick<Item, 'kind'>,
): item is Extract<Item, { kind: K }> => item.kind === kind
