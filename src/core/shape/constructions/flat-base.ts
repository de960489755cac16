import { OneOf, Whole } from '../../document/index.ts'
import { LIMITS } from '../../part/index.ts'
import { Base } from '../base.ts'
import { asked, type Construction, standing, stitchesOf } from '../construction.ts'
import { firstRowOf, flatRows } from '../shape-row.ts'

/** A rectangle in rows; its count is picked up around all four sides: twice a row, and the rest along both row ends. */
export class FlatBasePart extends Base {
  @OneOf(['flat-base']) readonly kind!: 'flat-base'
  /** Stitches of a row. */
  @Whole(3, LIMITS.along) readonly along!: number
}

/** Rows whose ends take so many stitches: one a row height, in stitch widths. */
export const rowsForEnds = (stitches: number, stitchWidthMm: number, rowHeightMm: number): number =>
  Math.max(1, Math.round((stitches * stitchWidthMm) / rowHeightMm))

/** Stitches picked up along so many row ends: h/w of them a row. */
export const pickedUpAlong = (rows: number, stitchWidthMm: number, rowHeightMm: number): number =>
  Math.round((rows * rowHeightMm) / stitchWidthMm)

const rowsOf = ({ along, count }: FlatBasePart, stitchWidthMm: number, rowHeightMm: number) =>
  rowsForEnds((count - 2 * along) / 2, stitchWidthMm, rowHeightMm)

export const flatBase: Construction<FlatBasePart> = {
  document: FlatBasePart,
  begin: (kept, { along }) => ({ ...kept, kind: 'flat-base', along }),
  name: 'Flat, in rows',
  hint: 'A rectangle in rows, with stitches picked up around it',
  asked: [asked.along('Across'), asked.count('Picked up')],
  plan: 'rows',
  worked: 'rounds',
  begunWith: (count) => `${count} picked up around the base`,
  growth: ({ along }) => ({ first: 2 * along + 2, increase: 2 }),
  flat: null,
  around: () => 1,
  // Picked up from a corner on: along one long side, a short one, the other long side, a short one.
  middles: ({ along, count }) => ({ front: along / 2, back: count / 2 + along / 2 }),
  begins: ({ along }) => ({ base: along }),
  pieces: (base, { stitchWidthMm, rowHeightMm }) => [
    {
      id: 'base',
      name: 'Base',
      times: 1,
      worked: 'rows',
      lies: true,
      rows: flatRows(base.along, rowsOf(base, stitchWidthMm, rowHeightMm)),
    },
    {
      id: 'bag',
      name: 'Body',
      times: 1,
      worked: 'rounds',
      rows: [firstRowOf('pick-up', base.count)],
    },
  ],
  joins: ({ count }, _, { stitchWidthMm }) => [
    {
      kind: 'pick-up',
      text: 'Pick up stitches all around the base',
      sides: [stitchesOf('base', count), stitchesOf('bag', count, 'first')],
      lengthMm: count * stitchWidthMm,
    },
  ],
  sizes: (base, made, { stitchWidthMm, rowHeightMm }) =>
    standing(
      made,
      base.along * stitchWidthMm,
      rowsOf(base, stitchWidthMm, rowHeightMm) * rowHeightMm,
      false,
    ),
}
