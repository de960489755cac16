import { OneOf, Whole } from '../../fields/index.ts'
import { LIMITS } from '../../section/index.ts'
import { Disc, usualDisc } from '../base.ts'
import { asked, type Construction } from '../construction.ts'
import { flatIncrease } from '../flatness.ts'
import { roundBaseRows } from '../round-base.ts'
import { firstRowOf } from '../shape-row.ts'

/** Two discs and a strip sewn between them; where there is no strip the bag is open. Its count is that of a disc's edge. */
export class DiscsPart extends Disc {
  @OneOf(['discs']) readonly kind!: 'discs'
  /** Stitches the strip is wide. */
  @Whole(2, LIMITS.strip) readonly strip!: number
}

/** Stitches of the disc that the strip leaves open: one row of the strip is sewn to each of the others. */
export const openingOf = (count: number, stripRows: number): number => count - stripRows

export const discs: Construction<DiscsPart> = {
  document: DiscsPart,
  begin: (kept) => ({ ...kept, ...usualDisc, kind: 'discs', strip: 12 }),
  name: 'Two discs',
  hint: 'Two discs with a strip sewn between them',
  asked: [
    asked.increase(3, 40),
    asked.count('Last round'),
    { key: 'strip', label: 'Strip wide', min: 2, max: LIMITS.strip },
  ],
  plan: 'round',
  front: () => ({ kind: 'arc', half: false }),
  ring: true,
  anyIncrease: true,
  worked: 'rows',
  growth: ({ increase }) => ({ first: increase, increase }),
  flat: flatIncrease,
  around: () => 1,
  // As tall as its discs.
  rowsARise: null,
  bandCount: ({ strip }) => strip,
  pieces: (base) => [
    { id: 'disc', name: 'Disc', times: 2, worked: 'rounds', rows: roundBaseRows(base), lies: true },
    {
      id: 'bag',
      name: 'Strip',
      times: 1,
      worked: 'rows',
      rows: [firstRowOf('across', base.strip)],
      holdsBands: true,
    },
  ],
  joins: (base, { bodyRows, bodyMm }) =>
    ['one disc', 'the other disc'].map((disc) => ({
      kind: 'sew-on',
      pieces: ['bag', 'disc'],
      count: Math.min(bodyRows, base.count),
      lengthMm: bodyMm,
      where: `one row end to one stitch of ${disc}; ${Math.max(0, openingOf(base.count, bodyRows))} stitches stay open`,
    })),
  sizes: ({ count, strip }, _, { stitchWidthMm }) => {
    const diameterMm = (count * stitchWidthMm) / Math.PI
    return {
      aroundMm: count * stitchWidthMm,
      flatMm: diameterMm,
      heightMm: diameterMm,
      footprint: { lengthMm: diameterMm, widthMm: strip * stitchWidthMm },
    }
  },
  // A strip as long as the edge leaves no way in.
  unequal: ({ count }, { bodyRows }) =>
    openingOf(count, bodyRows) >= Math.min(6, count / 8)
      ? null
      : { what: 'opening', one: bodyRows, other: count },
}
