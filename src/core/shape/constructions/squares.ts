import { OneOf, Whole } from '../../document/index.ts'
import { Letter, LIMITS } from '../../part/index.ts'
import { Base } from '../base.ts'
import { asked, type Construction, stitchesOf, twoFaces } from '../construction.ts'
import { firstRowOf, flatRows } from '../shape-row.ts'

/** Squares in two yarns, sewn to two faces like a draughtboard; the top is then worked in rounds. Its count is that of one square. */
export class SquaresPart extends Base {
  @OneOf(['squares']) readonly kind!: 'squares'
  @Letter() readonly second!: string
  @Whole(1, LIMITS.squares) readonly across!: number
  @Whole(1, LIMITS.squares) readonly down!: number
}

/** Rows that make a square of so many stitches. */
export const squareRows = (count: number, stitchWidthMm: number, rowHeightMm: number): number =>
  Math.max(1, Math.round((count * stitchWidthMm) / rowHeightMm))

const rim = ({ count, across }: SquaresPart) => 2 * across * count

export const squares: Construction<SquaresPart> = {
  document: SquaresPart,
  begin: (kept, { second }) => ({ ...kept, kind: 'squares', second, across: 3, down: 3 }),
  name: 'Squares',
  hint: 'Squares in two yarns, sewn like a draughtboard',
  asked: [
    asked.count('A square'),
    { key: 'across', label: 'Across', min: 1, max: LIMITS.squares },
    { key: 'down', label: 'Down', min: 1, max: LIMITS.squares },
  ],
  front: ({ across, down }) => ({ kind: 'grid', across, down }),
  worked: 'rounds',
  begunWith: (count) => `squares of ${count} stitches`,
  growth: () => ({ first: 3, increase: 1 }),
  flat: null,
  around: ({ across }) => 2 * across,
  bandCount: rim,
  begins: ({ count, across, down }): Record<string, number> =>
    across * down > 1 ? { first: count, second: count } : { first: count },
  pieces: (base, { stitchWidthMm, rowHeightMm }) => {
    const rows = flatRows(base.count, squareRows(base.count, stitchWidthMm, rowHeightMm))
    const all = base.across * base.down
    const square = { worked: 'rows', rows } as const
    return [
      { ...square, id: 'first', name: 'Square 1', times: 2 * Math.ceil(all / 2) },
      ...(all > 1
        ? [
            {
              ...square,
              id: 'second',
              name: 'Square 2',
              times: 2 * Math.floor(all / 2),
              second: true as const,
            },
          ]
        : []),
      {
        id: 'bag',
        name: 'Top',
        times: 1,
        worked: 'rounds',
        rows: [firstRowOf('pick-up', rim(base))],
      },
    ]
  },
  joins: (base, _, { stitchWidthMm, rowHeightMm }) => {
    const { count, across, down } = base
    const rows = squareRows(count, stitchWidthMm, rowHeightMm)
    const other = across * down > 1 ? 'second' : 'first'
    const met = (pairs: number) => [stitchesOf('first', pairs), stitchesOf(other, pairs)] as const
    return [
      {
        kind: 'seam',
        text: 'Sew square to square, on both faces',
        sides: met(2 * (across * (down - 1) * count + down * (across - 1) * rows)),
        lengthMm:
          2 *
          (across * (down - 1) * count * stitchWidthMm + down * (across - 1) * rows * rowHeightMm),
      },
      {
        kind: 'seam',
        text: 'Sew face to face, along both sides and the bottom',
        sides: met(2 * down * rows + across * count),
        lengthMm: 2 * down * rows * rowHeightMm + across * count * stitchWidthMm,
      },
      {
        kind: 'pick-up',
        text: 'Pick up stitches around the top',
        sides: [stitchesOf(other, rim(base)), stitchesOf('bag', rim(base), 'first')],
        lengthMm: rim(base) * stitchWidthMm,
      },
    ]
  },
  sizes: ({ count, across, down }, { standingMm }, { stitchWidthMm, rowHeightMm }) =>
    twoFaces(
      across * count * stitchWidthMm,
      down * squareRows(count, stitchWidthMm, rowHeightMm) * rowHeightMm + standingMm,
    ),
}
