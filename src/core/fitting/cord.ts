import { Amount, One, OneOf, Text, Whole } from '../document/index.ts'
import { Id, Letter, LIMITS, Spot, spotOn } from '../part/index.ts'
import { printLength } from '../units/index.ts'
import { cordOf, cordText, cordThickMm, type CordWay, cordWays } from './cord-making.ts'
import { type Drawn, MATERIALS } from './drawn.ts'
import { type Field, optionsOf } from './fields.ts'
import {
  bareMade,
  type Fitting,
  type FittingSaid,
  inOneYarn,
  fromTo,
  usualFitting,
} from './fitting.ts'
import {
  endsNeeded,
  endWords,
  trimCautions,
  trimText,
  type TrimWay,
  trimWays,
  trimYarn,
} from './trims.ts'

/** What every cord of yarn has. */
export abstract class Cord {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Letter() readonly yarn!: string
  /** Held together. */
  @Whole(1, 3) readonly strands!: number
  @OneOf(Object.keys(cordWays)) readonly make!: CordWay
  /** What is at its ends, how large that is, and wraps of yarn where it is wound. */
  @OneOf(Object.keys(trimWays)) readonly ends!: TrimWay
  @Amount(5, 500) readonly endMm!: number
  @Whole(1, 500) readonly wraps!: number
}

/** A cord from one spot to another. */
export class CordItem extends Cord {
  @OneOf(['cord']) readonly kind!: 'cord'
  /** From spot to spot, as it is to be. */
  @Amount(20, LIMITS.lengthMm) readonly lengthMm!: number
  @One(() => Spot) readonly from!: Spot
  @One(() => Spot) readonly to!: Spot
}

/** The trim at its ends. */
export const trimOf = ({ ends, endMm, wraps, yarn }: Cord) =>
  ({ what: ends, sizeMm: endMm, wraps, yarn }) as const

export const cordBegin = { strands: 2, make: 'chain', ends: 'none', endMm: 60, wraps: 40 } as const

export const cordFields: readonly Field<Cord>[] = [
  { key: 'yarn', label: 'Yarn', kind: 'yarn' },
  { key: 'strands', label: 'Strands', kind: 'whole', min: 1, max: 3 },
  { key: 'make', label: 'How it is made', kind: 'choice', options: optionsOf(cordWays) },
  { key: 'ends', label: 'At its ends', kind: 'choice', options: optionsOf(trimWays) },
  { key: 'endMm', label: 'Size of that', kind: 'length', min: 5, max: 500 },
  { key: 'wraps', label: 'Wraps', kind: 'whole', min: 1, max: 500 },
]

const USUAL_MM = 600
const TAILS = 'Fasten off, leaving tails to tie.'

export const cord: Fitting<CordItem> = {
  ...usualFitting,
  ...inOneYarn,
  ...fromTo,
  made: (item, { stitchWidthMm }) => {
    const { chains, lengthMm, cutMm, yarn } = cordOf(item, item.lengthMm, stitchWidthMm)
    return bareMade(lengthMm, {
      counts: { chains, cutMm },
      yarns: [yarn, ...trimYarn(trimOf(item), 2)],
    })
  },
  drawn: (item, { lengthMm }, { stitchWidthMm }) => [
    {
      ...{ shape: 'arch', from: 0, to: 1, lengthMm },
      ...{ thickMm: cordThickMm(item, stitchWidthMm), ink: item.yarn },
    },
    ...[0, 1].flatMap((spot) => trimDrawn(item, spot, 10)),
  ],
  cautions: ({ ends }) => ['strangle', ...trimCautions(ends)],
}

export const cordSaid: FittingSaid<CordItem> = {
  name: 'Cord',
  hint: 'A cord of one to three strands, chained or twisted, tied to two places of the bag',
  group: 'edge',
  begin: ({ piece, letter }) => ({
    ...{ kind: 'cord', name: 'Cord', yarn: letter, ...cordBegin, lengthMm: USUAL_MM },
    from: spotOn(piece, { by: 'side' }),
    to: spotOn(piece, { by: 'other-side' }),
  }),
  fields: [
    ...(cordFields as readonly Field<CordItem>[]),
    { key: 'lengthMm', label: 'Length', kind: 'length', min: 20, max: LIMITS.lengthMm },
    { key: 'from', label: 'One end', kind: 'spot' },
    { key: 'to', label: 'The other end', kind: 'spot' },
  ],
  says: (
    { yarn, strands, make, ends, endMm, lengthMm },
    { yarn: name, words, places: [from, to] },
  ) => [
    'A cord ',
    ['make', cordWays[make]],
    ' of ',
    ['strands', strands === 1 ? 'one strand' : `${strands} strands`],
    ' of ',
    ['yarn', name(yarn)],
    ', ',
    ['lengthMm', printLength(lengthMm, words.units)],
    ', from ',
    ['from', from!],
    ' to ',
    ['to', to!],
    '; its ends have ',
    ['ends', trimWays[ends]],
    ...(ends === 'none' || ends === 'knot'
      ? []
      : ([' of ', ['endMm', printLength(endMm, words.units)]] as const)),
    '.',
  ],
  needs: ({ item, words }) => endsNeeded(item, 2, words.units),
  text: ({ item, made: { counts, lengthMm }, places: [from, to], words }) => {
    const { chains, cutMm } = counts as { chains: number; cutMm: number }
    return [
      `${cordText(item, { chains, lengthMm, cutMm }, words)}${item.make === 'twisted' ? '' : ` ${TAILS}`}`,
      trimText(trimOf(item), words, 2),
      `Tie one end to ${from}, the other to ${to}.`,
      endWords[item.ends],
    ]
      .filter(Boolean)
      .join(' ')
  },
}

/** What hangs at an end, so far below its spot. */
export function trimDrawn(
  { ends, endMm, yarn }: Pick<Cord, 'ends' | 'endMm' | 'yarn'>,
  spot: number,
  downMm: number,
  on = 0,
): readonly Drawn[] {
  if (ends === 'tassel') return [{ shape: 'tassel', spot, lengthMm: endMm, downMm, ink: yarn, on }]
  if (ends === 'pompom')
    return [{ shape: 'ball', spot, radiusMm: endMm / 2, downMm, ink: yarn, on }]
  if (ends === 'bead')
    return [{ shape: 'ball', spot, radiusMm: endMm / 2, downMm, ink: MATERIALS.wood, on }]
  return []
}
