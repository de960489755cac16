import { beadsSaid } from './beads.ts'
import { boughtSaid } from './bought.ts'
import { chainHandleSaid } from './chain-handle.ts'
import { closureSaid } from './closure.ts'
import { cordSaid } from './cord.ts'
import { drawstringSaid } from './drawstring.ts'
import { lineSaid } from './line.ts'
import { liningSaid } from './lining.ts'
import { loopSaid } from './loop.ts'
import { stiffenerSaid } from './stiffener.ts'
import { surfaceSaid } from './surface.ts'
import { trimSaid } from './trim.ts'
import type { FittingKind, Item } from './documents.ts'
import type { FittingSaid } from './fitting.ts'

/** How every kind of fitting is said. */
export const fittingsSaid = {
  'chain-handle': chainHandleSaid,
  cord: cordSaid,
  loop: loopSaid,
  bought: boughtSaid,
  drawstring: drawstringSaid,
  closure: closureSaid,
  lining: liningSaid,
  stiffener: stiffenerSaid,
  trim: trimSaid,
  surface: surfaceSaid,
  beads: beadsSaid,
  line: lineSaid,
} as const satisfies { readonly [K in FittingKind]: FittingSaid<Extract<Item, { kind: K }>> }

/** How an item is said: whoever words or changes one asks here. */
export const saidOf = (item: Pick<Item, 'kind'>): FittingSaid<Item> =>
  fittingsSaid[item.kind] as unknown as FittingSaid<Item>
