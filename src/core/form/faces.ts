import { bodyOf, type FrontPicture, hangsTurned, type Ledger, type Piece } from '../ledger/index.ts'
import type { Front } from '../shape/index.ts'

/*
 * What of a bag is seen from the front, laid flat: which rows of which piece lie where. Lengths in mm, from the top left
 * corner of what is seen.
 */

/** Rows of a piece as they lie: the last one on top, or turned. */
export interface RowsFace {
  readonly kind: 'rows'
  readonly piece: number
  readonly firstRow: number
  readonly endRow: number
  readonly leftMm: number
  readonly topMm: number
  readonly widthMm: number
  readonly heightMm: number
  /** Quarter turns against the clock. */
  readonly turns: 0 | 1 | 2 | 3
  /** The stretch of each row that is seen, as shares of it from its first stitch; all of it where it is not said. */
  readonly seen?: readonly [number, number]
}

/** Rows around a point: a disc, or the lower half of one. */
export interface ArcFace {
  readonly kind: 'arc'
  readonly piece: number
  readonly half: boolean
  readonly radiusMm: number
}
export type Face = RowsFace | ArcFace

export interface Faces {
  readonly widthMm: number
  readonly heightMm: number
  readonly faces: readonly Face[]
}

/** Millimetres of a row that are seen: half of a round, all of a row. */
export const seenMm = ({ worked, columns }: Piece, row: number): number =>
  columns.widthMm[row]! / (worked === 'rounds' ? 2 : 1)

interface Look {
  readonly ledger: Ledger
  /** Pictures of its pieces, in one hand. */
  readonly fronts: readonly Pick<FrontPicture, 'hand'>[]
}

/** Rows from `firstRow` on as they stand above one another, centred in a box so wide and ending at its foot. */
function rowsFace(
  look: Look,
  piece: number,
  [firstRow, endRow]: readonly [number, number],
  box: { readonly leftMm: number; readonly topMm: number; readonly widthMm: number },
): RowsFace {
  const { alongMm } = look.ledger.pieces[piece]!.columns
  const turns = hangsTurned(look.ledger, look.ledger.pieces[piece]!, firstRow) ? 2 : 0
  const heightMm =
    endRow > firstRow ? alongMm[endRow - 1]! - (firstRow > 0 ? alongMm[firstRow - 1]! : 0) : 0
  return { kind: 'rows', piece, firstRow, endRow, ...box, heightMm, turns }
}

/** The face of a bag that is looked at. */
export type Facing = 'front' | 'back'

type Layouts = {
  readonly [Kind in Front['kind']]: (
    look: Look,
    front: Extract<Front, { kind: Kind }>,
    facing: Facing,
  ) => readonly Face[]
}

/** Where each part of what is seen lies. */
const layouts: Layouts = {
  standing(look) {
    const { pieces, sizes } = look.ledger
    const at = pieces.indexOf(bodyOf(look.ledger))
    const { columns, rows } = pieces[at]!
    const first = columns.heightMm.findIndex((mm) => mm > 0)
    const box = { leftMm: 0, topMm: 0, widthMm: sizes.flatMm }
    return first < 0 ? [] : [rowsFace(look, at, [first, rows], box)]
  },
  // Of two panels that differ the second is the back; what she added is none.
  panel(look, _, facing) {
    const { pieces, sizes } = look.ledger
    const back = pieces.findIndex(({ id }) => id === 'back')
    const at = facing === 'back' && back > 0 ? back : 0
    const box = { leftMm: 0, topMm: 0, widthMm: sizes.flatMm }
    return [rowsFace(look, at, [0, pieces[at]!.rows], box)]
  },
  // Worked last, the flap comes over from the back; worked first, the front is the end.
  folded(look, { up, over, flap }, facing) {
    const { sizes, pieces } = look.ledger
    const { rows } = pieces[0]!
    const box = { leftMm: 0, topMm: 0, widthMm: sizes.flatMm }
    const first: [number, number] = [0, flap === 'last' ? up : Math.min(rows, over)]
    const last: [number, number] = [Math.max(0, rows - (flap === 'last' ? over : up)), rows]
    // The back is what lies between them.
    if (facing === 'back') return [rowsFace(look, 0, [first[1], last[0]], box)]
    const shown = flap === 'last' ? [first, last] : [last, first]
    return shown.map((rows) => rowsFace(look, 0, rows, box))
  },
  // Rows run from one side to the other: the front from its rim down, the flap over it the same way, the back up.
  sideways(look, { up, over }, facing) {
    const { sizes, pieces } = look.ledger
    const { columns, rows } = pieces[0]!
    const count = columns.makes[0]!
    const stitchMm = columns.widthMm[0]! / count
    const right = look.fronts[0]!.hand === 'right'
    const [down, upwards] = right ? ([1, 3] as const) : ([3, 1] as const)
    const lies = (from: number, to: number, turns: 1 | 3): RowsFace => ({
      ...{ kind: 'rows', piece: 0, firstRow: 0, endRow: rows, leftMm: 0, topMm: 0, turns },
      ...{ widthMm: sizes.flatMm, heightMm: (to - from) * stitchMm },
      seen: [from / count, to / count],
    })
    if (facing === 'back') return [lies(count - over - up, count - over, upwards)]
    return [lies(0, up, down), ...(over > 0 ? [lies(count - over, count, down)] : [])]
  },
  grid(look, { across, down }) {
    const { pieces } = look.ledger
    const { columns, rows } = pieces[0]!
    const [wide, high] = [columns.widthMm[0]!, columns.alongMm[rows - 1]!]
    const top = pieces.length - 1
    const topMm = pieces[top]!.columns.alongMm.at(-1)!
    const grid = Array.from({ length: across * down }, (_, i) => {
      const [column, row] = [i % across, Math.floor(i / across)]
      const piece = pieces.length > 2 ? (column + row) % 2 : 0
      const box = { leftMm: column * wide, topMm: topMm + row * high, widthMm: wide }
      return rowsFace(look, piece, [0, rows], box)
    })
    const rim = { leftMm: 0, topMm: 0, widthMm: look.ledger.sizes.flatMm }
    return [rowsFace(look, top, [0, pieces[top]!.rows], rim), ...grid]
  },
  strips(look, { across, turned }, facing) {
    const widthMm = look.ledger.sizes.flatMm / across
    const first = facing === 'back' ? across : 0
    return Array.from({ length: across }, (_, i) => ({
      ...rowsFace(look, 0, [0, look.ledger.pieces[0]!.rows], {
        leftMm: i * widthMm,
        topMm: 0,
        widthMm,
      }),
      turns: turned.includes(first + i + 1) ? 2 : 0,
    }))
  },
  arc({ ledger }, { half }, facing) {
    const back = facing === 'back' ? ledger.pieces.findIndex(({ id }) => id === 'back') : 0
    return [{ kind: 'arc', piece: Math.max(0, back), half, radiusMm: ledger.sizes.flatMm / 2 }]
  },
}

/** What is seen of a bag from the front, or from the back. */
export function facesOf(derived: Look, facing: Facing = 'front'): Faces {
  const { sizes, front } = derived.ledger
  const layout = layouts[front.kind] as (
    look: Look,
    front: Front,
    facing: Facing,
  ) => readonly Face[]
  const faces = layout(derived, front, facing)
  return { widthMm: sizes.flatMm, heightMm: sizes.heightMm, faces }
}
