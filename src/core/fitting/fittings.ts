import { cord, type CordItem } from './cord.ts'
import type { Fitting } from './fitting.ts'

/** Every kind of fitting there is. One is added here and nowhere else. */
export const fittings = { cord } as const
type Kinds = typeof fittings

export type Item = CordItem
export type FittingKind = keyof Kinds

/** The definition of an item: whoever asks anything of one asks it here. */
export const fittingOf = (item: Pick<Item, 'kind'>): Fitting<Item> => fittings[item.kind]
export const fittingKinds = Object.keys(fittings) as FittingKind[]
