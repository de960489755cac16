import { OneOf, Whole } from '../../fields/index.ts'
import { Base } from '../base.ts'
import { asked, type Construction, type StitchSize, twoFaces } from '../construction.ts'
import { evenPlaces } from '../../solver/index.ts'
import { doubled, firstRowOf, type ShapeRow } from '../shape-row.ts'

/** Two half-round panels, increased in set places of each row, sewn along their curve. */
export class HalfRoundPart extends Base {
  @OneOf(['half-round']) readonly kind!: 'half-round'
  /** Stitches of the first row, and added in each further one. */
  @Whole(2, 20) readonly increase!: number
}

/** Half of what a disc takes: each row adds π row heights to the curve. */
export const flatHalfIncrease = ({ stitchWidthMm, rowHeightMm }: StitchSize): number =>
  (Math.PI * rowHeightMm) / stitchWidthMm

/** The increases of a row stand in the middle of equal shares, above each other from row to row. */
export function halfRoundRows({
  increase,
  count,
}: Pick<HalfRoundPart, 'increase' | 'count'>): ShapeRow[] {
  const rows = [firstRowOf('ring', increase)]
  for (let now = increase; now < count;) {
    const add = Math.min(increase, count - now)
    rows.push({
      kind: 'increase',
      uses: now,
      makes: now + add,
      marks: doubled(evenPlaces(now, add)),
    })
    now += add
  }
  return rows
}

export const halfRound: Construction<HalfRoundPart> = {
  document: HalfRoundPart,
  begin: (kept) => ({ ...kept, kind: 'half-round', increase: 3 }),
  name: 'Half-round panels',
  hint: 'Two half-round panels in rows, sewn along the curve',
  asked: [asked.increase(2, 20, 'Every row'), asked.count('Last row')],
  front: () => ({ kind: 'arc', half: true }),
  anyIncrease: true,
  worked: 'rows',
  growth: ({ increase }) => ({ first: increase, increase }),
  flat: flatHalfIncrease,
  // Twice the straight edge, which is the curve's diameter.
  around: () => 4 / Math.PI,
  // Bands lie around the curve: each adds to the radius, and four radii go around.
  bandsAdd: (bandsMm) => 4 * bandsMm,
  pieces: (base) => [
    {
      id: 'bag',
      name: 'Panel',
      times: 2,
      worked: 'rows',
      rows: halfRoundRows(base),
      holdsBands: true,
    },
  ],
  joins: (_, { rim }, { stitchWidthMm }) => [
    {
      kind: 'seam',
      pieces: ['bag'],
      count: rim,
      lengthMm: rim * stitchWidthMm,
      where: 'along the curve, the straight edges stay open',
    },
  ],
  sizes: ({ count }, { baseMm, bodyMm }, { stitchWidthMm }) => {
    // The curve of the base, and an edge all around it when bands go on.
    const radiusMm = (count * stitchWidthMm) / Math.PI + (bodyMm - baseMm)
    return twoFaces(2 * radiusMm, radiusMm)
  },
}
