import { Amount, OneOf, Text } from '../document/index.ts'
import { Id } from '../part/index.ts'
import { printLength, type System } from '../units/index.ts'
import {
  type Allowance,
  boxed,
  circle,
  type CutPiece,
  halfCircle,
  rectangle,
  stadium,
} from './cutting.ts'
import {
  bareMade,
  type BagForm,
  type Fitting,
  type FittingSaid,
  type FittingBag,
  usualFitting,
} from './fitting.ts'

/** A lining of cloth: its allowances, and a pocket on it. */
export class LiningItem {
  @Id() readonly id!: string
  @OneOf(['lining']) readonly kind!: 'lining'
  @Text(60) readonly name!: string
  /** Seam allowance all round, and what is turned in at the top. */
  @Amount(6, 40) readonly seamMm!: number
  @Amount(6, 80) readonly hemMm!: number
  /** Wider than the bag by so much around; below 0 narrower. */
  @Amount(-60, 60) readonly easeMm!: number
  /** It ends so far below the rim. */
  @Amount(0, 300) readonly belowMm!: number
  /** A pocket of one layer; 0 for none. */
  @Amount(0, 800) readonly pocketWideMm!: number
  @Amount(0, 800) readonly pocketHighMm!: number
}

type Figures = Omit<LiningItem, 'id' | 'kind' | 'name'>
const FOLD = 'fold'

const standing = (
  { outline }: Extract<BagForm, { kind: 'standing' }>,
  { sizes }: FittingBag,
  item: Figures,
  allowance: Allowance,
): readonly CutPiece[] => {
  const { aroundMm, heightMm, footprint } = sizes
  const high = Math.max(10, heightMm - item.belowMm)
  const around = aroundMm + item.easeMm
  const { lengthMm, widthMm } = footprint
  // What is sewn around the base is as long as its edge: the base gives way, as long and as deep as it is.
  const straight = Math.max(0, lengthMm - widthMm)
  const ends = Math.max(20, (around - 2 * straight) / Math.PI)
  const [long, wide] = [straight + ends, ends]
  const side = (): CutPiece => ({ ...rectangle(around, high, allowance), name: 'Side', times: 1 })
  if (outline === 'round')
    return [{ ...circle(long / 2, item.seamMm), name: 'Base', times: 1 }, side()]
  if (outline === 'oval')
    return [{ ...stadium(long, wide, item.seamMm), name: 'Base', times: 1 }, side()]
  if (outline)
    return [
      {
        ...boxed(Math.max(20, around / 2 - widthMm), widthMm, high, allowance),
        name: 'Face',
        times: 2,
      },
    ]
  return [
    {
      ...rectangle(around / 2, 2 * high, { ...allowance, bottom: allowance.top }, [
        { y: high, text: FOLD },
      ]),
      name: 'Lining',
      times: 1,
    },
  ]
}

const flat = (
  { widthMm, lengthMm, folds }: Extract<BagForm, { kind: 'flat' }>,
  item: Figures,
  { side, top }: Allowance,
): readonly CutPiece[] => [
  {
    ...rectangle(
      widthMm + item.easeMm / 2,
      lengthMm - item.belowMm,
      { side, top, bottom: top },
      folds.filter((y) => y < lengthMm - item.belowMm).map((y) => ({ y, text: FOLD })),
    ),
    name: 'Lining',
    times: 1,
  },
]

function disc(
  { acrossMm, half, strip }: Extract<BagForm, { kind: 'disc' }>,
  item: Figures,
  allowance: Allowance,
): readonly CutPiece[] {
  const radius = acrossMm / 2
  const face = half ? halfCircle(radius, allowance) : circle(radius, item.seamMm)
  return [
    { ...face, name: 'Face', times: 2 },
    ...(strip
      ? [
          {
            ...rectangle(strip.wideMm, strip.longMm, { ...allowance, bottom: allowance.top }),
            name: 'Strip',
            times: 1,
          },
        ]
      : []),
  ]
}

/** What is cut for a lining, as large as the bag is washed and not stretched, and its allowances more. */
export function liningCut(item: Figures, bag: FittingBag): readonly CutPiece[] {
  const allowance: Allowance = { side: item.seamMm, top: item.hemMm, bottom: item.seamMm }
  const { form } = bag
  const body =
    form.kind === 'standing'
      ? standing(form, bag, item, allowance)
      : form.kind === 'flat'
        ? flat(form, item, allowance)
        : disc(form, item, allowance)
  const { pocketWideMm, pocketHighMm } = item
  const pocket: CutPiece[] =
    pocketWideMm > 0 && pocketHighMm > 0
      ? [{ ...rectangle(pocketWideMm, pocketHighMm, allowance), name: 'Pocket', times: 1 }]
      : []
  return [...body, ...pocket]
}

/** "Base: a circle of radius 9.5 cm, cut 10.5 cm", "2 × Face: 30.0 × 25.0 cm". */
export function cutWords(
  { name, times, finished, widthMm, heightMm }: CutPiece,
  units: System,
): string {
  const many = times > 1 ? `${times} × ${name}` : name
  const long = (mm: number) => printLength(mm, units)
  const { radiusMm } = finished
  if (radiusMm !== undefined && finished.widthMm === finished.heightMm)
    return `${many}: a circle of radius ${long(widthMm / 2)} (${long(radiusMm)} when sewn)`
  if (radiusMm !== undefined && finished.heightMm === radiusMm)
    return `${many}: half a circle of radius ${long(widthMm / 2)} (${long(radiusMm)} when sewn)`
  const shape = radiusMm !== undefined ? 'with round ends, ' : ''
  return `${many}: ${shape}${long(widthMm)} × ${long(heightMm)} (${long(finished.widthMm)} × ${long(finished.heightMm)} when sewn)`
}

/** How the pieces are sewn to one another, by what there is. */
function sewnWords(made: readonly CutPiece[], units: System): string {
  const names = made.map(({ name }) => name)
  if (names.includes('Base'))
    return 'Close the side to a ring, right sides together, and sew the base in: mark both in quarters, pin quarter to quarter, and clip the allowance of the side where it rounds.'
  const { notchMm } = made[0]!
  if (notchMm)
    return `Sew the two faces along sides and bottom, right sides together; then press each lower corner flat, seam on seam, and sew across it: the squares that are cut out make the depth of the base, ${printLength(2 * notchMm, units)}.`
  if (names.includes('Strip'))
    return 'Sew the strip around one face and then the other, right sides together.'
  if (names.includes('Face')) return 'Sew the faces along their curve, right sides together.'
  return 'Fold it where it is marked, right sides together, and sew its sides.'
}
export const lining: Fitting<LiningItem> = {
  ...usualFitting,
  made: (item, bag) => bareMade(0, { cut: liningCut(item, bag) }),
  cautions: () => ['heat'],
}

export const liningSaid: FittingSaid<LiningItem> = {
  name: 'Lining',
  hint: 'Cut to the size of the bag washed and not stretched: it is what stops the stretch',
  group: 'inside',
  begin: () => ({
    ...{ kind: 'lining', name: 'Lining', seamMm: 10, hemMm: 15, easeMm: 0, belowMm: 15 },
    ...{ pocketWideMm: 0, pocketHighMm: 0 },
  }),
  fields: [
    { key: 'seamMm', label: 'Seam allowance', kind: 'length', min: 6, max: 40 },
    { key: 'hemMm', label: 'Turned in at the top', kind: 'length', min: 6, max: 80 },
    { key: 'easeMm', label: 'Wider around', kind: 'length', min: -60, max: 60 },
    { key: 'belowMm', label: 'Ends below the rim', kind: 'length', min: 0, max: 300 },
    { key: 'pocketWideMm', label: 'Pocket, width', kind: 'length', min: 0, max: 800 },
    { key: 'pocketHighMm', label: 'Pocket, height', kind: 'length', min: 0, max: 800 },
  ],
  says: (item, { words: { units } }) => {
    const long = (mm: number) => printLength(mm, units)
    const { pocketWideMm: wide, pocketHighMm: high } = item
    return [
      'A lining that ends ',
      ['belowMm', `${long(item.belowMm)} below the rim`],
      ', with seams of ',
      ['seamMm', long(item.seamMm)],
      ', ',
      ['hemMm', long(item.hemMm)],
      ' turned in, ',
      [
        'easeMm',
        item.easeMm === 0
          ? 'as wide as the bag'
          : `${long(Math.abs(item.easeMm))} ${item.easeMm > 0 ? 'wider' : 'narrower'} around`,
      ],
      ', ',
      ['pocketWideMm', wide > 0 && high > 0 ? `a pocket ${long(wide)}` : 'no pocket'],
      ...(wide > 0 && high > 0 ? ([' × ', ['pocketHighMm', long(high)]] as const) : []),
      '.',
    ]
  },
  needs: ({ made: { cut }, words: { units } }) => [
    `Cloth for the lining: ${cut.map((one) => cutWords(one, units)).join('; ')}; sewing thread, a needle and pins`,
  ],
  text: ({ item, made: { cut }, words: { units } }) => {
    const pocket = cut.find(({ name }) => name === 'Pocket')
    const body = cut.filter((one) => one !== pocket)
    return [
      `Cut of cloth: ${body.map((one) => cutWords(one, units)).join('; ')}.`,
      pocket
        ? `${cutWords(pocket, units)}: hem its top, turn in the other three edges, and sew it to the lining first.`
        : '',
      sewnWords(body, units),
      `Turn in ${printLength(item.hemMm, units)} at the top, hang it in, wrong sides together, and hem it to the bag ${printLength(item.belowMm, units)} below the rim, with small stitches that do not show outside. Measure the bag washed, dry and not stretched before you cut.`,
    ]
      .filter(Boolean)
      .join(' ')
  },
}
