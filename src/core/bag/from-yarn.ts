import { bandOf, type StripesPart, stripesFrom } from '../band/index.ts'
import { bandsOf, baseOf, type Design, unknownLot, withBody } from '../design/index.ts'
import { resized } from '../fit/index.ts'
import { projectOf } from '../project/index.ts'
import { derive, type Derived } from './derive.ts'
import { newDesign, type NewBag } from './new-design.ts'

/** What there is of each of a new bag's yarns, in their order. */
export interface InHand {
  readonly grams: number
  readonly metres: number
  readonly balls: number
}

/** The largest bag that the yarn gives, and what follows from it. */
export interface FromYarn {
  readonly design: Design
  readonly derived: Derived
  /** How much larger it is than was asked. */
  readonly scale: number
}

const metresOf = ({ metres, balls }: InHand): number => metres * balls
/** So many rounds of one yarn lie on one another in stripes. */
const EACH = 4
/** The search stops where a step changes the size by less than this. */
const STEPS = 12
const RANGE = [0.15, 4] as const

/** The band that makes it tall in stripes of all yarns, each with its share of what the base leaves. */
function inStripes(design: Design, hand: readonly InHand[]): Design {
  const [first, ...others] = bandsOf(design)
  if (!first) return design
  const rounds = bandOf(first).rounds(first)
  const { needs, tally } = derive(projectOf(design))
  const [plain] = needs
  if (!plain) return design
  // What its base takes is not there for stripes.
  const inBase = plain.parts.find(({ part }) => part === baseOf(design).id)?.metres ?? 0
  const left = hand.map((one, i) => Math.max(0, metresOf(one) - (i === 0 ? inBase * 1.1 : 0)))
  const all = left.reduce((sum, metres) => sum + metres, 0)
  if (all <= 0 || tally.rounds === 0) return design
  const shares = left.map((metres, i) => ({
    yarn: design.yarns[i]!.letter,
    rounds: Math.round((rounds * metres) / all),
  }))
  const { stripes } = stripesFrom(
    shares.filter((one) => one.rounds > 0),
    EACH,
  )
  if (stripes.length === 0) return design
  const band: StripesPart = {
    ...{ kind: 'stripes', id: first.id, name: 'Stripes', making: null },
    ...{ stitch: first.stitch, stripes },
  }
  return withBody(design, [baseOf(design), band, ...others])
}

/**
 * The largest bag of its proportions that the yarns in hand give, at the upper end of what they may take; in stripes where there are
 * several. Null where they give none.
 */
export function maybeLargest(bag: NewBag, hand: readonly InHand[]): FromYarn | null {
  const labelled = (design: Design): Design => ({
    ...design,
    yarns: design.yarns.map((yarn, i) => {
      const one = hand[i]
      return one && one.grams > 0
        ? {
            ...yarn,
            label: { grams: one.grams, metres: one.metres },
            lots: unknownLot(one.grams * one.balls),
          }
        : yarn
    }),
  })
  const at = (scale: number): FromYarn => {
    const plain = labelled(
      newDesign({ ...bag, aroundMm: bag.aroundMm * scale, heightMm: bag.heightMm * scale }),
    )
    const design =
      hand.filter((one) => metresOf(one) > 0).length > 1 ? inStripes(plain, hand) : plain
    return { design, derived: derive(projectOf(design)), scale }
  }
  const fits = ({ design, derived }: FromYarn) =>
    derived.needs.every(({ letter, high }) => {
      const i = design.yarns.findIndex((yarn) => yarn.letter === letter)
      return high <= (hand[i] ? metresOf(hand[i]) : 0)
    })
  return maybeLargestOf(at, fits)
}

/** The largest, by halving, of what there is at a scale that still fits; null where none does. */
function maybeLargestOf<T>(at: (scale: number) => T, fits: (one: T) => boolean): T | null {
  let best: T | null = null
  let [low, high] = RANGE as readonly [number, number] as [number, number]
  for (let i = 0; i < STEPS; i++) {
    const scale = Math.sqrt(low * high)
    const found = at(scale)
    if (fits(found)) {
      best = found
      low = scale
    } else high = scale
  }
  return best
}

/**
 * The largest this bag can be so that of some yarns there need be no more than so many metres, at the upper end of what they may take. Motifs
 * stay whole; what can be stretched takes up the change.
 * @returns null where even the smallest takes more
 */
export function maybeWithin(
  design: Design,
  ceilings: ReadonlyMap<string, number>,
): FromYarn | null {
  const { aroundMm, heightMm } = design.want
  return maybeLargestOf(
    (scale): FromYarn => {
      const next = resized(design, { aroundMm: aroundMm * scale, heightMm: heightMm * scale })
      return { design: next, derived: derive(projectOf(next)), scale }
    },
    ({ derived }) =>
      derived.needs.every(({ letter, high }) => high <= (ceilings.get(letter) ?? Infinity)),
  )
}
