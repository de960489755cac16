import { Amount, OneOf, Text, Whole } from '../document/index.ts'
import { Id, Letter } from '../part/index.ts'
import { outlineAt, perimeterOf } from '../shape/index.ts'
import { counted, printLength } from '../units/index.ts'
import { type CutPiece, plate } from './cutting.ts'
import {
  bareMade,
  type Fitting,
  type FittingSaid,
  type FittingBag,
  inOneYarn,
  usualFitting,
} from './fitting.ts'

/** A plate that keeps the base flat. */
export class StiffenerItem {
  @Id() readonly id!: string
  @OneOf(['stiffener']) readonly kind!: 'stiffener'
  @Text(60) readonly name!: string
  /** Smaller than the base all round, so that it goes in. */
  @Amount(0, 60) readonly insetMm!: number
  /** Holes along its edge, one for every so many stitches of the base's last round; 0 for none. */
  @Whole(0, 50) readonly holesEvery!: number
  /** The yarn it is sewn in with. */
  @Letter() readonly yarn!: string
}

/** How far the holes are from its edge (from memory). */
const EDGE_MM = 6
const CORNER_MM = 8

/** The plate of a base, with its holes; null where there is no base to stiffen. */
export function maybePlate(
  { insetMm, holesEvery }: Pick<StiffenerItem, 'insetMm' | 'holesEvery'>,
  { form, sizes, rim }: FittingBag,
): CutPiece | null {
  const { lengthMm, widthMm } = sizes.footprint
  const [long, wide] = [lengthMm - 2 * insetMm, widthMm - 2 * insetMm]
  if (form.kind !== 'standing' || !form.outline || wide < 20) return null
  const cornered = form.outline === 'rectangle' || form.outline === 'rows'
  const corner = cornered ? CORNER_MM : wide / 2
  const many = holesEvery > 0 ? Math.floor(rim.count / holesEvery) : 0
  const shape = {
    length: long - 2 * EDGE_MM,
    width: wide - 2 * EDGE_MM,
    corner: Math.max(1, corner - EDGE_MM),
  }
  const holes = Array.from({ length: perimeterOf(shape) > 0 ? many : 0 }, (_, i) => {
    const { x, z } = outlineAt(shape, i / many)
    return { x: long / 2 + x, y: wide / 2 + z }
  })
  return { ...plate(long, wide, corner), holes, name: 'Plate', times: 1 }
}

export const stiffener: Fitting<StiffenerItem> = {
  ...usualFitting,
  ...inOneYarn,
  made: (item, bag) => {
    const cut = maybePlate(item, bag)
    const sewn =
      cut && cut.holes.length > 0 ? (3 * bag.sizes.footprint.lengthMm * Math.PI) / 1000 : 0
    return bareMade(0, {
      cut: cut ? [cut] : [],
      yarns: sewn > 0 ? [{ letter: item.yarn, inSc: 0, metres: sewn, tails: 2 }] : [],
    })
  },
  cautions: () => ['glue'],
}

export const stiffenerSaid: FittingSaid<StiffenerItem> = {
  name: 'Base plate',
  hint: 'A plate of board or plastic canvas under the lining, with holes at the stitches it is sewn to',
  group: 'inside',
  begin: ({ letter }) => ({
    ...{ kind: 'stiffener', name: 'Base plate', insetMm: 4, holesEvery: 4, yarn: letter },
  }),
  fields: [
    { key: 'insetMm', label: 'Smaller all round', kind: 'length', min: 0, max: 60 },
    { key: 'holesEvery', label: 'A hole every … stitches', kind: 'whole', min: 0, max: 50 },
    { key: 'yarn', label: 'Sewn in with', kind: 'yarn' },
  ],
  says: (item, { made, yarn, words: { units } }) => [
    'A plate ',
    ['insetMm', `${printLength(item.insetMm, units)} smaller`],
    ' than the base all round, ',
    [
      'holesEvery',
      item.holesEvery === 0
        ? 'without holes'
        : `a hole every ${counted(item.holesEvery, 'stitch')}`,
    ],
    ...(item.holesEvery === 0
      ? []
      : ([
          ` (${made.cut[0]?.holes.length ?? 0}), sewn in with `,
          ['yarn', yarn(item.yarn)],
        ] as const)),
    '.',
  ],
  needs: ({ made: { cut }, words: { units } }) =>
    cut.map(
      ({ widthMm, heightMm }) =>
        `Stiff board or plastic canvas, ${printLength(widthMm, units)} × ${printLength(heightMm, units)}`,
    ),
  text: ({ item, made: { cut }, words: { units } }) => {
    const [one] = cut
    if (!one) return 'This bag stands on no base that a plate would fit.'
    const holes = one.holes.length
    const sewn =
      holes > 0
        ? ` Pierce ${holes} holes ${printLength(EDGE_MM, units)} from its edge, and sew it in with ${item.yarn} where the base ends, a hole to every ${item.holesEvery === 1 ? 'stitch' : `${item.holesEvery} stitches`}.`
        : ' Lay it in under the lining.'
    return `Cut of stiff board or plastic canvas: ${printLength(one.widthMm, units)} × ${printLength(one.heightMm, units)}, its edge like that of the base.${sewn}`
  },
}
