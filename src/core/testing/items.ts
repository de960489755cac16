import { baseOf, type Design } from '../design/index.ts'
import { type FittingKind, fittingsSaid, type Item } from '../fitting/index.ts'
import { compile, fittingBag, gaugeIn } from '../ledger/index.ts'
import { tote } from './tote.ts'

/** What a new thing begins from on a bag. */
export const fittingFrom = (design: Design = tote()) => {
  const ledger = compile(design)
  const bag = fittingBag(design, ledger, gaugeIn(ledger, baseOf(design).id))
  return { piece: 'bag', letter: 'A', bag }
}

/** A thing as it is begun, with what is said of it otherwise. */
export const itemBegun = <K extends FittingKind>(
  kind: K,
  over: Partial<Extract<Item, { kind: K }>> = {},
  design: Design = tote(),
): Extract<Item, { kind: K }> =>
  ({ id: 'f1', ...fittingsSaid[kind].begin(fittingFrom(design)), ...over }) as Extract<
    Item,
    { kind: K }
  >
