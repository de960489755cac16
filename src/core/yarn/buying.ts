import type { Lot, Pack, Strand } from '../design/index.ts'

/** What is to be bought of a yarn beside what is in hand, in whole balls; null where the label is not known. */
export interface Buying {
  /** Balls of a lot that is in hand: null where none is, or no more is needed. */
  readonly more: { readonly lot: string | null; readonly balls: number } | null
  /** All of it of one new lot, where what is in hand does not do. */
  readonly anew: number
  /** What that costs, the lesser way; null where no price is known. */
  readonly price: number | null
  /** Metres left over, as likely as not, when the lesser way is bought. */
  readonly leftMetres: number
}

const upTo = (figure: number): number => Math.max(0, Math.ceil(figure - 1e-9))

/** What is to be bought so that the high figure is there; dye lots differ, so that what is bought is of the lot there is, or all of one new one. */
export function buyingOf(
  { label, lots }: Pick<Strand, 'label' | 'lots'>,
  { metres, high }: { readonly metres: number; readonly high: number },
): Buying | null {
  if (!label) return null
  const perGram = label.metres / label.grams
  const metresIn = (list: readonly Lot[]) =>
    list.reduce((sum, { grams }) => sum + grams * perGram, 0)
  const there = metresIn(lots)
  const anew = upTo(high / label.metres)
  const price = (balls: number) => (label.price === undefined ? null : label.price * balls)
  if (there >= high - 1e-9)
    return { more: null, anew: 0, price: price(0), leftMetres: there - metres }
  const [most] = [...lots].sort((a, b) => b.grams - a.grams)
  if (!most)
    return { more: null, anew, price: price(anew), leftMetres: anew * label.metres - metres }
  const balls = upTo((high - there) / label.metres)
  return {
    more: { lot: most.lot, balls },
    ...{ anew, price: price(balls) },
    leftMetres: there + balls * label.metres - metres,
  }
}

/** How many of a pack there must be for so many balls of each yarn, and what is left of it; null where it has none of what is wanted. */
export function packsFor({ balls }: Pack, wanted: ReadonlyMap<string, number>) {
  const has = new Map<string, number>()
  for (const letter of balls) has.set(letter, (has.get(letter) ?? 0) + 1)
  const each = [...has].map(([letter, n]) => Math.ceil((wanted.get(letter) ?? 0) / n))
  const packs = Math.max(0, ...each)
  if (packs === 0) return null
  const beside = [...wanted].filter(([letter, n]) => n > 0 && !has.has(letter))
  const over = [...has].map(
    ([letter, n]) => [letter, packs * n - (wanted.get(letter) ?? 0)] as const,
  )
  return { packs, beside, over: over.filter(([, n]) => n > 0) }
}
