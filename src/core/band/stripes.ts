import { Many, OneOf, Optional, Whole } from '../document/index.ts'
import { work } from '../program/index.ts'
import { type Band, usual, within } from './band.ts'
import { PLAIN } from './fabric.ts'
import { Letter, LIMITS, Section } from '../part/index.ts'

export class Stripe {
  @Letter() readonly yarn!: string
  @Whole(1, LIMITS.rounds) readonly rounds!: number
}

export class StripesPart extends Section {
  @OneOf(['stripes']) readonly kind!: 'stripes'
  @Many(() => Stripe, LIMITS.stripes)
  readonly stripes!: readonly Stripe[]
  /** Rounds of every other yarn begin opposite, half a round on, so that their steps and joins do not lie on one another. */
  @Optional() @OneOf([true]) readonly opposite?: true
}

/** The yarn of a row, from 1, and of the one below it in the band; undefined where there is none. */
function yarnAt({ stripes }: StripesPart, row: number): string | undefined {
  let left = row
  for (const { yarn, rounds } of stripes)
    if ((left -= rounds) <= 0) return left + rounds > 0 ? yarn : undefined
  return undefined
}

/** Yarns that begin opposite are every other one, as they come. */
const isOpposite = (part: StripesPart, yarn: string | undefined): boolean =>
  yarn !== undefined &&
  [...new Set(part.stripes.map((stripe) => stripe.yarn))].indexOf(yarn) % 2 === 1

const roundsOf = ({ stripes }: StripesPart) => stripes.reduce((sum, { rounds }) => sum + rounds, 0)

/** Stripes so many rounds tall: they grow and shrink at their top, and one round stays. */
function cutTo(part: StripesPart, wanted: number): Stripe[] {
  const stripes: Stripe[] = []
  let left = within(wanted, 1, LIMITS.rounds)
  for (const stripe of part.stripes) {
    if (left === 0) break
    const rounds = Math.min(stripe.rounds, left)
    stripes.push(rounds === stripe.rounds ? stripe : { ...stripe, rounds })
    left -= rounds
  }
  const top = stripes.pop()!
  const rounds = Math.min(LIMITS.rounds, top.rounds + left)
  return [...stripes, rounds === top.rounds ? top : { ...top, rounds }]
}

/** Rounds of one stitch whose yarn changes every few. */
export const stripes: Band<StripesPart> = {
  ...usual,
  document: StripesPart,
  title: 'Stripes',
  heading: 'Stripes in',
  begin: ({ stitch, letters: [first, second = first] }) => ({
    kind: 'stripes',
    name: 'Stripes',
    making: null,
    stitch,
    stripes: [second!, first!, second!].map((yarn) => ({ yarn, rounds: 2 })),
  }),
  rounds: roundsOf,
  withRounds: (part, rounds) => ({ stripes: cutTo(part, rounds) }),
  stretched: (part, by) => ({
    stripes: part.stripes.map((stripe) => ({
      ...stripe,
      rounds: within(stripe.rounds * by, 1, LIMITS.rounds),
    })),
  }),
  yarns: (part) => [...new Set(part.stripes.map(({ yarn }) => yarn))],
  withYarn: (part, from, to) => ({
    stripes: part.stripes.map((stripe) =>
      stripe.yarn === from ? { ...stripe, yarn: to } : stripe,
    ),
  }),
  wants(part, row, count) {
    if (!part.opposite) return {}
    const [below, here] = [row - 1, row].map((at) => isOpposite(part, yarnAt(part, at)))
    const half = Math.floor(count / 2)
    return {
      ...(here === below ? {} : { fromUnturned: here ? half : count - half }),
      // What comes next begins where the others do.
      ...(here && row === roundsOf(part) ? { fromAfter: count - half } : {}),
    }
  },
  lastYarn: (part) => part.stripes.at(-1)!.yarn,
  gaugeYarn: () => null,
  fabric: () => PLAIN,
  looks: ({ stripes }) => ({
    below: 0,
    rows: stripes.flatMap(({ yarn, rounds }) => Array.from({ length: rounds }, () => yarn)),
  }),
  *rows(part) {
    for (const { yarn, rounds } of part.stripes) {
      const row = [work(part.stitch, 'fits', { yarn })]
      for (let i = 0; i < rounds; i++) yield row
    }
  },
}
