import { beads } from './beads.ts'
import { bought } from './bought.ts'
import { chainHandle } from './chain-handle.ts'
import { closure } from './closure.ts'
import { cord } from './cord.ts'
import type { FittingKind, Item } from './documents.ts'
import { drawstring } from './drawstring.ts'
import type { Fitting } from './fitting.ts'
import { line } from './line.ts'
import { lining } from './lining.ts'
import { loop } from './loop.ts'
import { stiffener } from './stiffener.ts'
import { surface } from './surface.ts'
import { trim } from './trim.ts'

/** The definition of every kind of fitting there is. One is added here and to the documents, and nowhere else. */
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
  surface,
  beads,
  line,
} as const satisfies { readonly [K in FittingKind]: Fitting<Extract<Item, { kind: K }>> }

/** The definition of an item: whoever asks anything of one asks it here. */
export const fittingOf = (item: Pick<Item, 'kind'>): Fitting<Item> =>
  fittings[item.kind] as unknown as Fitting<Item>

/** Of a kind of item, for what only that kind has. */
export const isItemOf = <K extends FittingKind>(
  kind: K,
  item: Pick<Item, 'kind'>,
): item is Extract<Item, { kind: K }> => item.kind === kind
