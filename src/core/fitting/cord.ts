import { Amount, One, OneOf, Text, Whole } from '../document/index.ts'
import { Id, Letter, LIMITS, Spot, spotOn } from '../part/index.ts'
import { abbrOf, stitchById } from '../stitch/index.ts'
import { counted, printLength } from '../units/index.ts'
import type { Fitting } from './fitting.ts'

/** A cord of chain from one spot to another. */
export class CordItem {
  @Id() readonly id!: string
  @OneOf(['cord']) readonly kind!: 'cord'
  @Text(60) readonly name!: string
  @Letter() readonly yarn!: string
  /** Held together. */
  @Whole(1, 3) readonly strands!: number
  /** From spot to spot, as it is to be. */
  @Amount(20, LIMITS.lengthMm) readonly lengthMm!: number
  @One(() => Spot) readonly from!: Spot
  @One(() => Spot) readonly to!: Spot
}

/** A chain is as long as the stitch is wide; of several strands longer as their thickness is (from memory). */
const chainMm = ({ strands }: Pick<CordItem, 'strands'>, stitchWidthMm: number): number =>
  stitchWidthMm * Math.sqrt(strands)

const chainsOf = (item: CordItem, stitchWidthMm: number): number =>
  Math.max(1, Math.round(item.lengthMm / chainMm(item, stitchWidthMm)))

const USUAL_MM = 600

export const cord: Fitting<CordItem> = {
  document: CordItem,
  name: 'Cord',
  hint: 'A chained cord of one to three strands, tied to two places of the bag',
  begin: ({ piece, letter }) => ({
    kind: 'cord',
    name: 'Cord',
    yarn: letter,
    strands: 2,
    lengthMm: USUAL_MM,
    from: spotOn(piece, { by: 'side' }),
    to: spotOn(piece, { by: 'other-side' }),
  }),
  spots: ({ from, to }) => [from, to],
  withSpots: (_, [from, to]) => ({ from: from!, to: to! }),
  yarns: ({ yarn }) => [yarn],
  withYarn: ({ yarn }, from, to) => (yarn === from ? { yarn: to } : {}),
  made: (item, stitchWidthMm) => {
    const chains = chainsOf(item, stitchWidthMm)
    const each = stitchById('ch').yarn * Math.sqrt(item.strands)
    return {
      lengthMm: chains * chainMm(item, stitchWidthMm),
      chains,
      yarns: [{ letter: item.yarn, inSc: chains * each * item.strands, tails: 2 * item.strands }],
    }
  },
  text: ({ item, made, places: [from, to], words }) => {
    const held =
      item.strands > 1
        ? `${counted(item.strands, 'strand')} of ${item.yarn} held together`
        : item.yarn
    return `With ${held}, ${abbrOf(stitchById('ch'), words)} ${made.chains}: ${printLength(made.lengthMm, words.units)}. Fasten off, leaving tails to tie. Tie one end to ${from}, the other to ${to}.`
  },
  cautions: [
    'A long cord can catch around a neck: not for small children; where the bag is used or sold, the safety rules there go first.',
  ],
}
