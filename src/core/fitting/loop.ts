import { Amount, One, OneOf, Text, Whole } from '../document/index.ts'
import { Id, Letter, Spot, spotOn } from '../part/index.ts'
import { abbrOf, stitchById } from '../stitch/index.ts'
import { counted, printLength } from '../units/index.ts'
import { optionsOf } from './fields.ts'
import {
  bareMade,
  type Fitting,
  type FittingSaid,
  inOneYarn,
  atOneSpot,
  usualFitting,
} from './fitting.ts'

const uses = {
  wrist: 'to carry it by the wrist',
  hang: 'to hang it by',
  thread: 'for a cord to go through',
} as const
type Use = keyof typeof uses
const makes = { chain: 'chained', slip: 'chained, with slip stitches back' } as const
type Make = keyof typeof makes

/** Loops of chain at a spot, or evenly around from it. */
export class LoopItem {
  @Id() readonly id!: string
  @OneOf(['loop']) readonly kind!: 'loop'
  @Text(60) readonly name!: string
  @Letter() readonly yarn!: string
  @OneOf(Object.keys(uses)) readonly use!: Use
  @OneOf(Object.keys(makes)) readonly make!: Make
  /** Of the chain, from its foot around to its foot. */
  @Amount(10, 2000) readonly lengthMm!: number
  @Whole(1, 60) readonly times!: number
  @One(() => Spot) readonly at!: Spot
}

export const loop: Fitting<LoopItem> = {
  ...usualFitting,
  ...inOneYarn,
  ...atOneSpot,
  made: ({ lengthMm, make, times, yarn }, { stitchWidthMm }, [spot]) => {
    const chains = Math.max(1, Math.round(lengthMm / stitchWidthMm))
    const [ch, slip] = [stitchById('ch').yarn, stitchById('sl-st').yarn]
    const each = chains * (ch + (make === 'slip' ? slip : 0)) + slip
    const count = spot?.round ? spot.count : 0
    return bareMade(chains * stitchWidthMm, {
      counts: {
        chains,
        apart: times > 1 ? Math.floor(count / times) : 0,
        more: times > 1 ? count % times : 0,
      },
      yarns: [{ letter: yarn, inSc: times * each, metres: 0, tails: 2 * times }],
    })
  },
  drawn: ({ times, use, yarn }, { lengthMm }, { stitchWidthMm }) =>
    Array.from({ length: times }, (_, i) => ({
      ...{ shape: 'ring' as const, spot: 0, radiusMm: lengthMm / (2 * Math.PI), on: i / times },
      ...{
        thickMm: stitchWidthMm * 0.4,
        ink: yarn,
        ...(use === 'thread' ? {} : { hangs: true as const }),
      },
    })),
  cautions: ({ use }) => ['trap', ...(use === 'thread' ? [] : (['strangle'] as const))],
}

export const loopSaid: FittingSaid<LoopItem> = {
  name: 'Loop',
  hint: 'A loop of chain for the wrist or a hook, or several around for a cord to go through',
  group: 'edge',
  begin: ({ piece, letter }) => ({
    ...{ kind: 'loop', name: 'Loop', yarn: letter, use: 'wrist', make: 'slip', lengthMm: 350 },
    ...{ times: 1, at: spotOn(piece, { by: 'side' }) },
  }),
  fields: [
    { key: 'yarn', label: 'Yarn', kind: 'yarn' },
    { key: 'use', label: 'What it is for', kind: 'choice', options: optionsOf(uses) },
    { key: 'make', label: 'How it is made', kind: 'choice', options: optionsOf(makes) },
    { key: 'lengthMm', label: 'Length around', kind: 'length', min: 10, max: 2000 },
    { key: 'times', label: 'How many, evenly around', kind: 'whole', min: 1, max: 60 },
    { key: 'at', label: 'At', kind: 'spot' },
  ],
  says: (item, { made, yarn, words, places: [at] }) => [
    ['times', counted(item.times, 'loop')],
    ' of ',
    ['yarn', yarn(item.yarn)],
    ', ',
    ['make', makes[item.make]],
    ', ',
    ['lengthMm', printLength(made.lengthMm, words.units)],
    ` (${made.counts['chains']} chains) `,
    ['use', uses[item.use]],
    ', at ',
    ['at', at!],
    '.',
  ],
  text: ({ item, made: { counts }, places: [at], words }) => {
    const { chains, apart, more } = counts as { chains: number; apart: number; more: number }
    const [ch, sl] = ['ch', 'sl-st'].map((id) => abbrOf(stitchById(id), words))
    const back = item.make === 'slip' ? `, turn, ${sl} in each of the ${chains} ${ch}` : ''
    const one = `Join ${item.yarn} at ${at}, ${ch} ${chains}, ${sl} in the same place${back}; fasten off.`
    if (item.times === 1) return one
    const evenly =
      more === 0
        ? `every ${apart} stitches`
        : `every ${apart} stitches, ${more} of the gaps one more`
    return `${one} Make ${item.times} of them evenly around: ${evenly}.`
  },
}
