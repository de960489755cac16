import type { Design, Edge, PieceJoin } from '../design/index.ts'
import { partOfId, placeOfId } from '../section/index.ts'
import type { JoinSide, ShapeJoin } from '../shape/index.ts'
import type { Join, Piece } from './ledger.ts'

const piecesOf = (sides: readonly [JoinSide, JoinSide]) => [
  ...new Set(sides.map(({ piece }) => piece)),
]

/** A join of the construction. As many pairs meet as there are on its shorter side. */
export const joinOf = ({ kind, place, sides, lengthMm }: ShapeJoin): Join => ({
  kind,
  place,
  pieces: piecesOf(sides),
  count: Math.min(sides[0].count, sides[1].count),
  sides,
  how: null,
  lengthMm,
  reachMm: null,
})

/** A stretch of a piece that another can meet: how much of it there is from where it begins, and how long that is. */
interface Stretch {
  readonly side: JoinSide
  readonly lengthMm: number
}

/** Along one row, from a stitch of it on; a round goes on around its beginning. */
function alongRow({ id, columns, worked }: Piece, row: number, at: number): Stretch {
  const all = columns.makes[row]!
  const count = worked === 'rounds' ? all : Math.max(0, all - at)
  return {
    side: { piece: id, of: 'stitches', count },
    lengthMm: all > 0 ? (columns.widthMm[row]! * count) / all : 0,
  }
}

/** Up the row ends, or the rows at a stitch, from a row on. */
function upRows({ id, rows, columns }: Piece, from: number): Stretch {
  const below = from > 0 ? columns.alongMm[Math.min(from, rows) - 1]! : 0
  return {
    side: { piece: id, of: 'row ends', count: Math.max(0, rows - from) },
    lengthMm: columns.alongMm[rows - 1]! - below,
  }
}

const stretchOf = (piece: Piece, edge: Edge, at: number): Stretch =>
  edge === 'left' || edge === 'right'
    ? upRows(piece, at)
    : alongRow(piece, edge === 'first' ? 0 : piece.rows - 1, at)

/** The index of a row by its id, or of the last its part has; null when the piece has no such part. */
export function rowById({ parts }: Piece, id: string): number | null {
  const part = parts.find((one) => one.id === partOfId(id))
  if (!part || part.endRow === part.firstRow) return null
  return Math.min(part.endRow, part.firstRow + placeOfId(id)) - 1
}

/** Where a join meets the other piece; null when that is not there any more. */
function metBy({ onto, row, at }: PieceJoin, other: Piece): Stretch | null {
  if (onto !== 'row' && onto !== 'up') return stretchOf(other, onto, at)
  const index = row === null ? other.rows - 1 : rowById(other, row)
  if (index === null) return null
  return onto === 'row' ? alongRow(other, index, at) : upRows(other, index)
}

/** The joins of what she added, over the pieces as they came out. One that ties what is not there is none. */
export function ownJoins(design: Design, pieces: readonly Piece[]): Join[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]))
  return design.pieces.flatMap(({ id, joins }) =>
    joins.flatMap((join) => {
      const [own, other] = [byId.get(id), byId.get(join.to)]
      return (own && other && ownJoin(own, other, join)) ?? []
    }),
  )
}

function ownJoin(piece: Piece, other: Piece, join: PieceJoin): Join | null {
  const { edge, onto, row, at, how } = join
  const { side, lengthMm } = stretchOf(piece, edge, 0)
  const met = metBy(join, other)
  if (!met) return null
  const count = Math.min(side.count, met.side.count)
  const sides = [side, { ...met.side, count }] as const
  return {
    kind: how === 'pick-up' ? 'pick-up' : 'sew-on',
    place: { edge, onto, row, at },
    pieces: piecesOf(sides),
    count,
    sides,
    how,
    lengthMm,
    reachMm: met.side.count > 0 ? (met.lengthMm * count) / met.side.count : 0,
  }
}
