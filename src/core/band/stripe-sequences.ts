import type { Stripe } from './stripes.ts'

/* Sequences of stripes, from others or from nothing: each so many rounds of one yarn, the lowest first. */

export type Stripes = readonly Stripe[]

const roundsIn = (stripes: Stripes): number => stripes.reduce((sum, { rounds }) => sum + rounds, 0)

/** Stripes of one yarn that lie on one another are one. */
export function merged(stripes: Stripes): Stripe[] {
  const list: Stripe[] = []
  for (const { yarn, rounds } of stripes) {
    const last = list.at(-1)
    if (last?.yarn === yarn) list[list.length - 1] = { yarn, rounds: last.rounds + rounds }
    else list.push({ yarn, rounds })
  }
  return list
}

/** The same upward and back again; the topmost is in the middle, and there once. */
export const mirrored = (stripes: Stripes): Stripe[] => [
  ...stripes,
  ...stripes.slice(0, -1).toReversed(),
]

/** All of it so many times; where one ends in the yarn the next begins with, they are one stripe. */
export const again = (stripes: Stripes, times: number): Stripe[] =>
  merged(Array.from({ length: Math.max(1, times) }, () => stripes).flat())

/**
 * The same stripes in so many rounds altogether, each as near to its share as whole rounds come, and one round at least. With fewer
 * rounds than stripes the lowest ones stay.
 */
export function scaledTo(stripes: Stripes, rounds: number): Stripe[] {
  const kept = stripes.slice(0, Math.max(1, rounds))
  const spare = Math.max(1, rounds) - kept.length
  const over = roundsIn(kept) - kept.length
  // One round each; what is left goes by share, whole rounds first and then to the largest rests.
  const shares = kept.map((stripe, i) => {
    const share = over === 0 ? spare / kept.length : (spare * (stripe.rounds - 1)) / over
    return { i, whole: Math.floor(share), rest: share - Math.floor(share) }
  })
  const left = spare - shares.reduce((sum, { whole }) => sum + whole, 0)
  const more = new Set(
    shares
      .toSorted((a, b) => b.rest - a.rest || a.i - b.i)
      .slice(0, left)
      .map(({ i }) => i),
  )
  return kept.map(({ yarn }, i) => ({
    yarn,
    rounds: 1 + shares[i]!.whole + (more.has(i) ? 1 : 0),
  }))
}

/** Numbers from 0 to 1 that look random and are the same for the same seed (mulberry32, in the public domain). */
function numbersFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** Stripes by chance, the same for the same seed: so many rounds in all, each of 1 to `most`, never two of one yarn side by side. */
export function byChance(
  yarns: readonly string[],
  rounds: number,
  most: number,
  seed: number,
): Stripe[] {
  const next = numbersFrom(seed)
  const pick = (from: number) => Math.floor(next() * from)
  const list: Stripe[] = []
  for (let left = rounds; left > 0;) {
    const others = yarns.filter((yarn) => yarn !== list.at(-1)?.yarn)
    const among = others.length > 0 ? others : yarns
    const many = Math.min(left, 1 + pick(most))
    list.push({ yarn: among[pick(among.length)]!, rounds: many })
    left -= many
  }
  return merged(list)
}

/** Two yarns by turns, the first in stripes that grow by a round from below, the second in stripes that shrink as much; in so many rounds. */
export function growing(first: string, second: string, rounds: number): Stripe[] {
  // Pairs of n stripes have 1 … n and n … 1 rounds: n (n + 1) in all.
  let pairs = 1
  while ((pairs + 1) * (pairs + 2) <= rounds) pairs++
  const stripes = Array.from({ length: pairs }, (_, i) => [
    { yarn: second, rounds: pairs - i },
    { yarn: first, rounds: i + 1 },
  ]).flat()
  return scaledTo(stripes, rounds)
}

/** A way to make other stripes of those there are; `rounds` it keeps to where it makes a whole new sequence. */
export interface StripeWay {
  readonly id: string
  readonly title: string
  readonly of: (stripes: Stripes, yarns: readonly string[], seed: number) => Stripe[]
}

const MOST = 4

/** Every way there is. One is added here and nowhere else. */
export const stripeWays: readonly StripeWay[] = [
  { id: 'mirror', title: 'Up and back again', of: mirrored },
  { id: 'twice', title: 'All of it twice', of: (stripes) => again(stripes, 2) },
  { id: 'upside', title: 'Upside down', of: (stripes) => stripes.toReversed() },
  {
    id: 'chance',
    title: 'By chance, in as many rounds',
    of: (stripes, yarns, seed) => byChance(yarns, roundsIn(stripes), MOST, seed),
  },
  {
    id: 'growing',
    title: 'Growing and shrinking, in as many rounds',
    of: (stripes, [first, second = first]) => growing(first!, second!, roundsIn(stripes)),
  },
]
