import type { Design, Lot } from '../design/index.ts'
import type { LotInHand, YarnInHand } from './workshop.ts'

/* What of the yarns in hand is kept aside for bags. A bag says so itself, so that what it has is never promised twice. */

/** So much of one lot that a bag keeps aside. */
export interface Promised {
  readonly of: string
  readonly lot: string | null
  readonly grams: number
  readonly bag: string
}

/** All that a bag keeps aside, strands too. */
export const promisedBy = ({ name, yarns }: Pick<Design, 'name' | 'yarns'>): Promised[] =>
  yarns
    .flatMap(({ lots, strands }) => [lots, ...strands.map((strand) => strand.lots)].flat())
    .flatMap(({ of, lot, grams }: Lot) => (of === null ? [] : [{ of, lot, grams, bag: name }]))

/** Grams of a lot that are not promised; below 0 where more is promised than there is. */
export const freeOf = (
  { id }: Pick<YarnInHand, 'id'>,
  { lot, grams }: LotInHand,
  promised: readonly Promised[],
): number =>
  promised.reduce(
    (left, one) => (one.of === id && one.lot === lot ? left - one.grams : left),
    grams,
  )
