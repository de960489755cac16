import { Flag, OneOf, OrNull, Several, Whole } from '../../document/index.ts'
import { Letter } from '../../part/index.ts'
import { Base } from '../base.ts'
import {
  asked,
  bothFaces,
  type Construction,
  type StitchSize,
  stitchesOf,
  twoFaces,
  unlikeFaces,
} from '../construction.ts'
import { evenPlaces } from '../../solver/index.ts'
import { doubled, firstRowOf, plainRow, type ShapeRow } from '../shape-row.ts'
import {
  asWritten,
  BaseRound,
  MOST_WRITTEN,
  writtenCount,
  writtenFaults,
  writtenGrowth,
  writtenShape,
} from '../written-rounds.ts'
import { shapedFault, ShapedRow, shapedRows } from '../shaped-rows.ts'

/** Two half-round panels, increased in set places of each row, sewn along their curve. */
export class HalfRoundPart extends Base {
  @OneOf(['half-round']) readonly kind!: 'half-round'
  /** Stitches of the first row, and added in each further one. */
  @Whole(2, 20) readonly increase!: number
  /** Rows without increase after each that has some. */
  @Whole(0, 10) readonly plainRows!: number
  /** Its rows one by one, the last of them `count`; null where the increase says them. */
  @OrNull() @Several(() => ShapedRow, 300) readonly rows!: readonly ShapedRow[] | null
  /** Its rows as they are written; null where they are not. */
  @OrNull() @Several(() => BaseRound, MOST_WRITTEN) readonly rounds!: readonly BaseRound[] | null
  /** Each row is begun anew at the same edge, not turned. */
  @Flag() readonly afresh!: boolean
  /** Both panels alike, made twice; or each with bands of its own. */
  @OneOf(['alike', 'differ']) readonly faces!: 'alike' | 'differ'
  /** Yarn of the back's base. */
  @Letter() readonly second!: string
}

/** Half of what a disc takes: each row adds π row heights to the curve. */
export const flatHalfIncrease = ({ stitchWidthMm, rowHeightMm }: StitchSize): number =>
  (Math.PI * rowHeightMm) / stitchWidthMm

type Shaped = Pick<HalfRoundPart, 'increase' | 'count' | 'plainRows' | 'rows' | 'afresh' | 'rounds'>

/** As they are given; else the increases of a row stand in the middle of equal shares, above each other from row to row. */
export function halfRoundRows({
  increase,
  count,
  plainRows,
  rows: given,
  afresh,
  rounds,
}: Shaped): ShapeRow[] {
  if (rounds) return writtenShape(rounds)
  if (given) return shapedRows(given, afresh)
  const rows = [firstRowOf('ring', increase)]
  const anew = afresh ? ({ afresh: true } as const) : {}
  for (let now = increase; now < count;) {
    const add = Math.min(increase, count - now)
    rows.push({
      kind: 'increase',
      uses: now,
      makes: now + add,
      marks: doubled(evenPlaces(now, add)),
      ...anew,
    })
    now += add
    for (let i = 0; i < plainRows; i++) rows.push({ ...plainRow(now), ...anew })
  }
  return rows
}

export const halfRound: Construction<HalfRoundPart> = {
  document: HalfRoundPart,
  begin: (kept) => ({
    ...kept,
    kind: 'half-round',
    increase: 3,
    plainRows: 0,
    rows: null,
    rounds: null,
    afresh: false,
    faces: 'alike',
    second: kept.yarn,
  }),
  settled: ({ faces, yarn, second, rows, rounds, count }) => ({
    second: faces === 'alike' ? yarn : second,
    count: rounds ? writtenCount(rounds) : (rows?.at(-1)?.count ?? count),
  }),
  written: ({ rounds }) => rounds,
  toWords: (base) => asWritten(halfRoundRows({ ...base, rounds: null }), base.stitch, 'across'),
  faults: ({ rows, rounds, count }) => {
    if (rounds) return writtenFaults(rounds, count)
    if (rows?.length === 0) return [['rows', 'must have one row at least']]
    const fault = rows && shapedFault(rows)
    return fault ? [['rows', fault]] : []
  },
  rowByRow: true,
  fixed: ({ rows, rounds }) => rows !== null || rounds !== null,
  name: 'Half-round panels',
  hint: 'Two half-round panels in rows, sewn along the curve',
  asked: [
    asked.increase(2, 20, 'Every row'),
    { key: 'plainRows', label: 'Plain between', min: 0, max: 10 },
    asked.count('Last row'),
  ],
  front: () => ({ kind: 'arc', half: true }),
  anyIncrease: true,
  worked: 'rows',
  begunWith: (count) => `half rounds of ${count} stitches at the edge`,
  growth: ({ increase, rows, rounds }) => {
    if (rounds) return writtenGrowth(rounds)
    if (!rows) return { first: increase, increase }
    const [first, last] = [rows[0]!.count, rows.at(-1)!.count]
    return { first, increase: Math.max(1, (last - first) / Math.max(1, rows.length - 1)) }
  },
  flat: flatHalfIncrease,
  // Twice the straight edge, which is the curve's diameter.
  around: () => 4 / Math.PI,
  // Rows that do not grow make it no larger, but a bowl.
  tied: (_, rows) => rows,
  // Bands lie around the curve: each adds to the radius, and four radii go around.
  bandsAdd: (bandsMm) => 4 * bandsMm,
  begins: ({ faces, count }): Record<string, number> => (faces === 'differ' ? { back: count } : {}),
  pieces: (base) => {
    const rows = halfRoundRows(base)
    const half = { worked: 'rows', rows } as const
    return base.faces === 'alike'
      ? [{ ...half, id: 'bag', name: 'Panel', times: 2 }]
      : [
          { ...half, id: 'bag', name: 'Front', times: 1 },
          { ...half, id: 'back', name: 'Back', times: 1, second: true },
        ]
  },
  joins: (base, { rim, of }, { stitchWidthMm }) => [
    {
      kind: 'seam',
      text: 'Sew along the curve; the straight edges stay open',
      sides: bothFaces(base, (piece) => stitchesOf(piece, of(piece).rim)),
      lengthMm: rim * stitchWidthMm,
    },
  ],
  unequal: (base, { of }) => unlikeFaces(base, (piece) => of(piece).rim),
  sizes: ({ count }, { baseMm, mm }, { stitchWidthMm }) => {
    // The curve of the base, and an edge all around it when bands go on.
    const radiusMm = (count * stitchWidthMm) / Math.PI + (mm - baseMm)
    return twoFaces(2 * radiusMm, radiusMm)
  },
}
