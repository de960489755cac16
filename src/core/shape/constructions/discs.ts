import { OneOf, Whole } from '../../document/index.ts'
import { LIMITS, spotOn } from '../../part/index.ts'
import { Disc, usualDisc } from '../base.ts'
import { asked, type Construction, rowEndsOf, stitchesOf } from '../construction.ts'
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

const sewnToDisc = {
  left: 'Sew the strip to one disc, from one of its increase lines on, one row end to one stitch',
  right:
    'Sew the strip to the other disc, from the same increase line on, so that the opening lies alike on both, one row end to one stitch',
} as const

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
  // As tall as its discs; the strip about two thirds of their edge, so that there is a way in (common practice).
  tied: ({ count }) => Math.round((2 * count) / 3),
  bandCount: ({ strip }) => strip,
  begins: ({ count }) => ({ disc: count }),
  pieces: (base) => [
    { id: 'disc', name: 'Disc', times: 2, worked: 'rounds', rows: roundBaseRows(base), lies: true },
    {
      id: 'bag',
      name: 'Strip',
      times: 1,
      worked: 'rows',
      inBands: true,
      rows: [firstRowOf('across', base.strip)],
    },
  ],
  joins: (_, { rows, mm, of }) =>
    (['left', 'right'] as const).map((edge) => ({
      kind: 'sew-on',
      text: sewnToDisc[edge],
      sides: [rowEndsOf('bag', rows, edge), stitchesOf('disc', of('disc').rim)],
      lengthMm: mm,
    })),
  sizes: ({ strip }, { of }, { stitchWidthMm }) => {
    const aroundMm = of('disc').widestMm
    const diameterMm = aroundMm / Math.PI
    return {
      aroundMm,
      flatMm: diameterMm,
      heightMm: diameterMm,
      hangingMm: null,
      footprint: { lengthMm: diameterMm, widthMm: strip * stitchWidthMm },
    }
  },
  // From one end of the strip to the other, over the opening.
  strapAt: ({ strip }) => [
    spotOn('bag', { on: 'first', at: strip / 2 }),
    spotOn('bag', { on: 'last', at: strip / 2 }),
  ],
  // A strip as long as the edge leaves no way in.
  unequal: (_, { rows, of }) => {
    const { rim } = of('disc')
    return openingOf(rim, rows) >= Math.min(6, rim / 8)
      ? null
      : { what: 'opening', one: rows, other: rim }
  },
}
