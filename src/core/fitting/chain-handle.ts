import { Amount, Flag, One, OneOf, Text, Whole } from '../document/index.ts'
import { Id, Letter, LIMITS, Spot, spotOn } from '../part/index.ts'
import { abbrOf, stitchById } from '../stitch/index.ts'
import { counted, printLength } from '../units/index.ts'
import { optionsOf } from './fields.ts'
import { bareMade, type Fitting, type FittingSaid, inOneYarn, usualFitting } from './fitting.ts'
import { maybeOpposite } from './opposite.ts'

const ways = {
  once: 'chained once',
  back: 'there and back through the same two places',
  slip: 'with slip stitches back along it',
} as const
type Way = keyof typeof ways

/** A handle of chain on the edge: joined at one spot, chained to another. */
export class ChainHandleItem {
  @Id() readonly id!: string
  @OneOf(['chain-handle']) readonly kind!: 'chain-handle'
  @Text(60) readonly name!: string
  @Letter() readonly yarn!: string
  @Whole(1, 4) readonly strands!: number
  @OneOf(Object.keys(ways)) readonly way!: Way
  @Amount(20, LIMITS.lengthMm) readonly lengthMm!: number
  @One(() => Spot) readonly from!: Spot
  @One(() => Spot) readonly to!: Spot
  /** The same on the other face. */
  @Flag() readonly pair!: boolean
}

const APART = 0.075
/** As thick as its strands lie side by side; a doubled one twice. */
const thickOf = ({ strands, way }: ChainHandleItem, stitchWidthMm: number): number =>
  stitchWidthMm * 0.55 * Math.sqrt(strands * (way === 'once' ? 1 : 2))

const pairOf = ({ from, to, pair }: ChainHandleItem): readonly Spot[] => {
  const across = pair ? [maybeOpposite(from), maybeOpposite(to)] : []
  return across.every((one) => one !== null) ? (across as Spot[]) : []
}

export const chainHandle: Fitting<ChainHandleItem> = {
  ...usualFitting,
  ...inOneYarn,
  spots: (item) => [item.from, item.to, ...pairOf(item)],
  withSpots: (_, [from, to]) => ({ from: from!, to: to! }),
  mirrored: () => [0, 1],
  made: (item, { stitchWidthMm }) => {
    const { strands, way, yarn } = item
    const each = stitchWidthMm * Math.sqrt(strands)
    const chains = Math.max(1, Math.round(item.lengthMm / each))
    const [ch, slip] = [stitchById('ch').yarn, stitchById('sl-st').yarn]
    const often = pairOf(item).length > 0 ? 2 : 1
    const per = { once: ch, back: 2 * ch, slip: ch + slip }[way] * Math.sqrt(strands) * strands
    return bareMade(chains * each, {
      counts: { chains, handles: often },
      yarns: [{ letter: yarn, inSc: often * chains * per, metres: 0, tails: often * 2 * strands }],
    })
  },
  drawn: (item, { lengthMm }, { stitchWidthMm }) =>
    [0, 2].slice(0, pairOf(item).length > 0 ? 2 : 1).map((from) => ({
      ...{ shape: 'arch' as const, from, to: from + 1, lengthMm },
      ...{ thickMm: thickOf(item, stitchWidthMm), ink: item.yarn },
    })),
  cautions: ({ lengthMm }) => ['trap', 'load', ...(lengthMm > 400 ? (['strangle'] as const) : [])],
}

export const chainHandleSaid: FittingSaid<ChainHandleItem> = {
  name: 'Chain handle',
  hint: 'A chain from one marked stitch of the edge to another, plain, doubled or slip-stitched back',
  group: 'edge',
  begin: ({ piece, letter, bag }) => {
    const aside = Math.max(2, Math.round(bag.rim.count * APART))
    const spot = (at: number) => spotOn(piece, { by: 'front', at })
    return {
      ...{ kind: 'chain-handle', name: 'Handles', yarn: letter, strands: 1, way: 'slip' },
      ...{ lengthMm: 350, from: spot(-aside), to: spot(aside), pair: true },
    }
  },
  fields: [
    { key: 'yarn', label: 'Yarn', kind: 'yarn' },
    { key: 'strands', label: 'Strands', kind: 'whole', min: 1, max: 4 },
    { key: 'way', label: 'How it is made', kind: 'choice', options: optionsOf(ways) },
    { key: 'lengthMm', label: 'Length', kind: 'length', min: 20, max: LIMITS.lengthMm },
    { key: 'from', label: 'Joined at', kind: 'spot' },
    { key: 'to', label: 'Chained to', kind: 'spot' },
    { key: 'pair', label: 'The same on the other face', kind: 'flag' },
  ],
  says: (item, { made, yarn, words, places: [from, to] }) => [
    ['pair', item.pair ? 'Two handles' : 'One handle'],
    ' of ',
    ['strands', item.strands === 1 ? 'one strand' : `${item.strands} strands`],
    ' of ',
    ['yarn', yarn(item.yarn)],
    ', ',
    ['way', ways[item.way]],
    ', ',
    ['lengthMm', printLength(made.lengthMm, words.units)],
    ` (${made.counts['chains']} chains), `,
    ...(item.from.by === item.to.by && item.from.at === -item.to.at && item.from.at < 0
      ? ([['from', from!.replace(' before ', ' on either side of ')]] as const)
      : (['from ', ['from', from!], ' to ', ['to', to!]] as const)),
    '.',
  ],
  text: ({ item, made: { counts, lengthMm }, places: [from, to, otherFrom, otherTo], words }) => {
    const { chains } = counts as { chains: number }
    const { strands, yarn, way } = item
    const held = strands > 1 ? `${counted(strands, 'strand')} of ${yarn} held together` : yarn
    const [ch, sl] = ['ch', 'sl-st'].map((id) => abbrOf(stitchById(id), words))
    const back = {
      once: '',
      back: ` ${ch} ${chains} again and ${sl} where it was joined, through the same two places.`,
      slip: ` Turn, ${sl} in each of the ${chains} ${ch}, and ${sl} where it was joined.`,
    }[way]
    const again = otherFrom && otherTo ? ` Make the same from ${otherFrom} to ${otherTo}.` : ''
    return `Join ${held} at ${from}, ${ch} ${chains} (${printLength(lengthMm, words.units)}), ${sl} at ${to}.${back} Mind that it does not twist. Fasten off.${again}`
  },
}
