import type { BasePart } from '@core/design'
import { bodyOf, type Piece } from '@core/ledger'
import type { Derived } from '@core/plan'
import { foldsOf } from '@core/shape'

/*
 * What of a bag is seen from the front, laid flat: which rows of which piece lie where. Lengths in mm, from the top left
 * corner of what is seen.
 */

/** Rows of a piece, the last one on top; turned half around when the panel is folded over. */
export interface RowsFace {
  readonly kind: 'rows'
  readonly piece: number
  readonly firstRow: number
  readonly endRow: number
  readonly leftMm: number
  readonly topMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly turned: boolean
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

type Look = Omit<Derived, 'gauge'>

/** Rows from `firstRow` on as they stand above one another, centred in a box so wide and ending at its foot. */
function rowsFace(
  look: Look,
  piece: number,
  [firstRow, endRow]: readonly [number, number],
  box: { readonly leftMm: number; readonly topMm: number; readonly widthMm: number },
  turned = false,
): RowsFace {
  const { alongMm } = look.ledger.pieces[piece]!.columns
  const heightMm =
    endRow > firstRow ? alongMm[endRow - 1]! - (firstRow > 0 ? alongMm[firstRow - 1]! : 0) : 0
  return { kind: 'rows', piece, firstRow, endRow, ...box, heightMm, turned }
}

type Layout = (look: Look, base: BasePart) => readonly Face[]

/** What stands: the rounds above the base. */
const standing: Layout = (look) => {
  const { pieces, sizes } = look.ledger
  const at = pieces.indexOf(bodyOf(look.ledger))
  const { columns, rows } = pieces[at]!
  const first = columns.heightMm.findIndex((mm) => mm > 0)
  const box = { leftMm: 0, topMm: 0, widthMm: sizes.flatMm }
  return first < 0 ? [] : [rowsFace(look, at, [first, rows], box)]
}

const onePanel: Layout = (look) => {
  const [{ rows }] = look.ledger.pieces as [Piece]
  return [rowsFace(look, 0, [0, rows], { leftMm: 0, topMm: 0, widthMm: look.ledger.sizes.flatMm })]
}

/** The front edge is the first row and lies on top; the flap comes over from the back and hides some of it. */
const folded: Layout = (look, base) => {
  if (base.kind !== 'folded-panel') return []
  const { sizes, pieces } = look.ledger
  const { rows } = pieces[0]!
  const { front } = foldsOf(rows, base.flapRows)
  const box = { leftMm: 0, topMm: 0, widthMm: sizes.flatMm }
  return [
    rowsFace(look, 0, [0, front], box, true),
    rowsFace(look, 0, [Math.max(0, rows - base.flapRows), rows], box, true),
  ]
}

const squares: Layout = (look, base) => {
  if (base.kind !== 'squares') return []
  const { pieces } = look.ledger
  const { columns, rows } = pieces[0]!
  const [wide, high] = [columns.widthMm[0]!, columns.alongMm[rows - 1]!]
  const top = pieces.length - 1
  const topMm = pieces[top]!.columns.alongMm.at(-1)!
  const grid = Array.from({ length: base.across * base.down }, (_, i) => {
    const [column, row] = [i % base.across, Math.floor(i / base.across)]
    const piece = pieces.length > 2 ? (column + row) % 2 : 0
    const box = { leftMm: column * wide, topMm: topMm + row * high, widthMm: wide }
    return rowsFace(look, piece, [0, rows], box)
  })
  const rim = { leftMm: 0, topMm: 0, widthMm: look.ledger.sizes.flatMm }
  return [rowsFace(look, top, [0, pieces[top]!.rows], rim), ...grid]
}

const arc =
  (half: boolean): Layout =>
  ({ ledger }) => [{ kind: 'arc', piece: 0, half, radiusMm: ledger.sizes.flatMm / 2 }]

const layouts: Readonly<Record<BasePart['kind'], Layout>> = {
  'round-base': standing,
  'oval-base': standing,
  'rectangle-base': standing,
  'flat-base': standing,
  tube: standing,
  'folded-panel': folded,
  'two-panels': onePanel,
  squares,
  discs: arc(false),
  'half-round': arc(true),
}

/** What is seen of a bag from the front. */
export function facesOf(base: BasePart, derived: Look): Faces {
  const { flatMm, heightMm } = derived.ledger.sizes
  return { widthMm: flatMm, heightMm, faces: layouts[base.kind](derived, base) }
}
