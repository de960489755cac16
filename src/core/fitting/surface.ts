import { One, OneOf, Text } from '../document/index.ts'
import { Id, Letter, Spot, spotOn } from '../part/index.ts'
import { abbrOf, stitchById } from '../stitch/index.ts'
import { counted, printLength } from '../units/index.ts'
import {
  atOneSpot,
  bareMade,
  type Fitting,
  type FittingSaid,
  inOneYarn,
  usualFitting,
} from './fitting.ts'

/** Slip stitches that are worked on, on the fabric, along a row: over a fold they keep it sharp. */
export class SurfaceItem {
  @Id() readonly id!: string
  @OneOf(['surface']) readonly kind!: 'surface'
  @Text(60) readonly name!: string
  @Letter() readonly yarn!: string
  /** The row they go along. */
  @One(() => Spot) readonly at!: Spot
}

export const surface: Fitting<SurfaceItem> = {
  ...usualFitting,
  ...inOneYarn,
  ...atOneSpot,
  made: ({ yarn }, { rim }, [spot]) => {
    const { count, mm } = spot ?? rim
    // Each goes through the fabric and back: as much as a slip stitch, and its way through once more (from memory).
    const inSc = count * 2 * stitchById('sl-st').yarn
    return bareMade(mm, {
      counts: { count },
      yarns: [{ letter: yarn, inSc, metres: 0, tails: 2 }],
    })
  },
  drawn: ({ yarn }, _, { stitchWidthMm }) => [
    {
      ...{ shape: 'threaded', spot: 0, over: 1, under: 0, hangMm: 0, from: 0 },
      ...{ thickMm: stitchWidthMm * 0.3, ink: yarn },
    },
  ],
}

export const surfaceSaid: FittingSaid<SurfaceItem> = {
  name: 'Slip stitches on',
  hint: 'On the fabric along a row: over the bottom fold they keep it sharp',
  group: 'more',
  begin: ({ piece, letter }) => ({
    ...{ kind: 'surface', name: 'Slip stitches on', yarn: letter, at: spotOn(piece) },
  }),
  fields: [
    { key: 'yarn', label: 'Yarn', kind: 'yarn' },
    { key: 'at', label: 'The row they go along', kind: 'spot' },
  ],
  says: ({ yarn: letter }, { made, yarn, places: [at] }) => [
    `${counted(made.counts['count'] ?? 0, 'slip stitch')} of `,
    ['yarn', yarn(letter)],
    ' on the fabric, along the row of ',
    ['at', at!],
    '.',
  ],
  text: ({ item, made: { counts, lengthMm }, rows: [row], words }) => {
    const sl = abbrOf(stitchById('sl-st'), words)
    return `With ${item.yarn} held inside, ${sl} on the outside along ${row}, one in each of its ${counts['count']} stitches (${printLength(lengthMm, words.units)}): hook in from outside, draw the loop through, loosely. Fasten off inside.`
  },
}
