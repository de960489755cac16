import { type Stripes, merged } from './stripe-sequences.ts'

/* Stripes from what there is of each yarn. */

/** What there is of a yarn, and what a round of the band takes of it, in metres. */
export interface Amount {
  readonly yarn: string
  readonly metres: number
  readonly perRound: number
}

/** Whole rounds a yarn gives, and what is left of it, in metres. @param ends metres that stay at its first and last end */
export function roundsFrom(
  { metres, perRound }: Amount,
  ends: number,
): { readonly rounds: number; readonly left: number } {
  const rounds = Math.max(0, Math.floor((metres - ends) / perRound + 1e-9))
  return { rounds, left: metres - rounds * perRound }
}

/** Stripes of so many rounds and what they leave over. */
export interface FromAmounts {
  readonly stripes: Stripes
  /** The last stripe of a yarn that has fewer rounds than the others. */
  readonly short: readonly { readonly yarn: string; readonly rounds: number }[]
  /** Yarns of which stripes would lie on one another and were put together: there is too much of them. */
  readonly together: readonly string[]
}

/**
 * Stripes of `each` rounds, so many of each yarn as its rounds give, spread so that no two of one yarn lie on one another: always the
 * yarn with most left, but not the last one again. Where one yarn is more than all others that cannot be.
 */
export function stripesFrom(
  rounds: readonly { readonly yarn: string; readonly rounds: number }[],
  each: number,
): FromAmounts {
  const left = rounds.map(({ yarn, rounds: all }) => ({
    yarn,
    stripes: Array.from({ length: Math.ceil(all / each) }, (_, i) =>
      Math.min(each, all - i * each),
    ),
  }))
  const list: { yarn: string; rounds: number }[] = []
  const together = new Set<string>()
  for (let more = left.reduce((sum, { stripes }) => sum + stripes.length, 0); more > 0; more--) {
    const open = left.filter(({ stripes }) => stripes.length > 0)
    const others = open.filter(({ yarn }) => yarn !== list.at(-1)?.yarn)
    if (others.length === 0) together.add(open[0]!.yarn)
    const among = others.length > 0 ? others : open
    const next = among.reduce((most, one) =>
      one.stripes.length > most.stripes.length ? one : most,
    )
    list.push({ yarn: next.yarn, rounds: next.stripes.shift()! })
  }
  const short = rounds.flatMap(({ yarn, rounds: all }) =>
    all % each > 0 ? [{ yarn, rounds: all % each }] : [],
  )
  return { stripes: merged(list), short, together: [...together] }
}
