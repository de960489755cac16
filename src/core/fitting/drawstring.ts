import { Amount, One, OneOf, Whole } from '../document/index.ts'
import { Spot, spotOn } from '../part/index.ts'
import { printLength } from '../units/index.ts'
import { Cord, cordBegin, cordFields, trimDrawn, trimOf } from './cord.ts'
import { cordOf, cordText, cordThickMm, cordWays, KNOT_MM } from './cord-making.ts'
import { type Field, optionsOf } from './fields.ts'
import { bareMade, type Fitting, type FittingSaid, inOneYarn, usualFitting } from './fitting.ts'
import { endsNeeded, trimCautions, trimText, trimWays, trimYarn } from './trims.ts'

/** A cord, or two from opposite sides, threaded over and under the stitches of a round, or through loops. */
export class DrawstringItem extends Cord {
  @OneOf(['drawstring']) readonly kind!: 'drawstring'
  @One(() => Spot) readonly round!: Spot
  /** Stitches it lies over, and those it goes under. */
  @Whole(1, 12) readonly over!: number
  @Whole(1, 12) readonly under!: number
  @OneOf([1, 2]) readonly cords!: 1 | 2
  /** It goes through stitches of the round, or through loops that stand on it. */
  @OneOf(['stitches', 'loops']) readonly through!: 'stitches' | 'loops'
  /** What hangs at each end with the bag open, without its knot. */
  @Amount(20, 2000) readonly hangMm!: number
}

/** How a cord goes around so many stitches. */
export interface Threading {
  /** Times it goes over, and under. */
  readonly passes: number
  /** Stitches left where it comes out: 0 where it closes evenly. */
  readonly left: number
  /** Stitches from where the first cord comes out to where the second does, and on to the first again; null for one cord. */
  readonly openings: readonly [number, number] | null
}

/**
 * A drawstring over and under so many stitches (common practice: by twos a multiple of 4 closes evenly, and of 8 with two cords from exactly
 * opposite sides; else the second comes out at the nearest gap to it).
 */
export function threadingOf(
  count: number,
  { over, under, cords }: Pick<DrawstringItem, 'over' | 'under' | 'cords'>,
): Threading {
  const period = over + under
  const whole = Math.floor(count / period)
  const half = Math.floor(whole / 2) * period
  return {
    passes: 2 * whole,
    left: count - whole * period,
    openings: cords === 2 ? [half, count - half] : null,
  }
}

const facts = (item: DrawstringItem, count: number) => {
  const { passes, left, openings } = threadingOf(count, item)
  const [one = 0, other = 0] = openings ?? []
  return { passes, left, one, other, count }
}

/** What is done with the ends when it is threaded. */
function endsKnotted({ ends, cords }: DrawstringItem): string {
  const knot = cords === 2 ? 'Knot the two ends of each cord together at its side' : 'Knot the ends'
  return {
    none: '',
    knot: `${knot}.`,
    tassel: `${knot}, and sew a tassel to each.`,
    pompom: `${knot}, and sew a pompom to each.`,
    bead: 'Thread a bead on each end, and knot it.',
  }[ends]
}

export const drawstring: Fitting<DrawstringItem> = {
  ...usualFitting,
  ...inOneYarn,
  spots: ({ round }) => [round],
  withSpots: (_, [round]) => ({ round: round! }),
  made: (item, { stitchWidthMm, rim }, [spot]) => {
    const { count, mm } = spot ?? rim
    const long = mm + 2 * item.hangMm + (item.ends === 'none' ? 0 : 2 * KNOT_MM)
    const { chains, lengthMm, cutMm, yarn } = cordOf(item, long, stitchWidthMm)
    const { inSc, metres, tails } = yarn
    const all = { inSc: inSc * item.cords, metres: metres * item.cords, tails: tails * item.cords }
    return bareMade(lengthMm, {
      counts: { chains, cutMm, ...facts(item, count) },
      yarns: [{ letter: item.yarn, ...all }, ...trimYarn(trimOf(item), 2 * item.cords)],
    })
  },
  drawn: (item, _, { stitchWidthMm }) =>
    Array.from({ length: item.cords }, (_, i) => i / 2).flatMap((from) => [
      {
        ...{ shape: 'threaded' as const, spot: 0, over: item.over, under: item.under, from },
        ...{ hangMm: item.hangMm, thickMm: cordThickMm(item, stitchWidthMm), ink: item.yarn },
      },
      ...[-1, 1].flatMap((end) => trimDrawn(item, 0, item.hangMm, from + end * 0.012)),
    ]),
  cautions: ({ ends }) => ['strangle', ...trimCautions(ends)],
}

export const drawstringSaid: FittingSaid<DrawstringItem> = {
  name: 'Drawstring',
  hint: 'One cord, or two from opposite sides, over and under the stitches of a round',
  group: 'drawstring',
  begin: ({ piece, letter, bag }) => ({
    ...{ kind: 'drawstring', name: 'Drawstring', yarn: letter, ...cordBegin, ends: 'knot' },
    ...{ over: 2, under: 2, cords: bag.rim.count % 8 === 0 ? 2 : 1, hangMm: 150 },
    through: 'stitches',
    round: spotOn(piece, { by: 'side' }),
  }),
  fields: [
    ...(cordFields as readonly Field<DrawstringItem>[]),
    {
      key: 'cords',
      label: 'Cords',
      kind: 'choice',
      options: [
        { value: 1, label: 'one' },
        { value: 2, label: 'two, from opposite sides' },
      ],
    },
    { key: 'round', label: 'The round it is threaded through', kind: 'spot' },
    {
      key: 'through',
      label: 'It goes through',
      kind: 'choice',
      options: optionsOf({ stitches: 'stitches of the round', loops: 'loops on it' }),
    },
    { key: 'over', label: 'Over', kind: 'whole', min: 1, max: 12 },
    { key: 'under', label: 'Under', kind: 'whole', min: 1, max: 12 },
    { key: 'hangMm', label: 'Hangs at each end', kind: 'length', min: 20, max: 2000 },
  ],
  says: (item, { made, yarn, words, places: [round] }) => [
    ['cords', item.cords === 1 ? 'One cord' : 'Two cords from opposite sides'],
    ', ',
    ['make', cordWays[item.make]],
    ', of ',
    ['strands', item.strands === 1 ? 'one strand' : `${item.strands} strands`],
    ' of ',
    ['yarn', yarn(item.yarn)],
    ', ',
    ['through', item.through === 'loops' ? 'through the loops' : 'over and under stitches'],
    ...(item.through === 'loops'
      ? []
      : ([
          ' (over ',
          ['over', String(item.over)],
          ', under ',
          ['under', String(item.under)],
          `, ${made.counts['passes'] ?? 0} passes)`,
        ] as const)),
    ' from ',
    ['round', round!],
    '; ',
    ['hangMm', printLength(item.hangMm, words.units)],
    ' hang at each end, with ',
    ['ends', trimWays[item.ends]],
    '.',
  ],
  needs: ({ item, words }) => endsNeeded(item, 2 * item.cords, words.units),
  text: ({ item, made: { counts, lengthMm }, places: [round], words }) => {
    const { chains, cutMm, passes, left, one, other } = counts as ReturnType<typeof facts> & {
      chains: number
      cutMm: number
    }
    const { over, under, cords, make } = item
    return [
      cordText(item, { chains, lengthMm, cutMm }, words),
      make === 'twisted' ? '' : 'Fasten off.',
      cords === 2 ? 'Make two.' : '',
      item.through === 'loops'
        ? `Begin at ${round}, and draw it through the loops all around.`
        : `Begin at ${round}: thread it over ${over} and under ${under} stitches all around, ${passes} passes${left > 0 ? `, with ${left} left where it comes out` : ''}.`,
      cords === 2
        ? item.through === 'loops'
          ? 'The second goes the same way from the opposite side.'
          : one === other
            ? `The second goes the same way from exactly opposite, ${one} stitches on.`
            : `The second goes the same way from as nearly opposite as the passes allow: ${one} stitches on one side and ${other} on the other.`
        : '',
      trimText(trimOf(item), words, 2 * cords),
      endsKnotted(item),
    ]
      .filter(Boolean)
      .join(' ')
  },
}
