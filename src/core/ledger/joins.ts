import type { Design, Edge, PieceJoin } from '../design/index.ts'
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
})

/** Stitches or row ends of an edge, and how long it is. */
function edgeOf({ id, rows, columns }: Piece, edge: Edge): { side: JoinSide; lengthMm: number } {
  if (edge === 'left' || edge === 'right')
    return {
      side: { piece: id, of: 'row ends', count: rows },
      lengthMm: columns.alongMm[rows - 1]!,
    }
  const row = edge === 'first' ? 0 : rows - 1
  return {
    side: { piece: id, of: 'stitches', count: columns.makes[row]! },
    lengthMm: columns.widthMm[row]!,
  }
}

/** The joins of what she added, over the pieces as they came out. One that ties what is not there is none. */
export function ownJoins(design: Design, pieces: readonly Piece[]): Join[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]))
  return design.pieces.flatMap(({ id, joins }) =>
    joins.flatMap((join) => {
      const [own, other] = [byId.get(id), byId.get(join.to)]
      return own && other ? [ownJoin(own, other, join)] : []
    }),
  )
}

function ownJoin(piece: Piece, other: Piece, { edge, onto, at, how }: PieceJoin): Join {
  const { side, lengthMm } = edgeOf(piece, edge)
  const room = edgeOf(other, onto)
  const sides = [
    side,
    { ...room.side, count: Math.max(0, Math.min(side.count, room.side.count - at)) },
  ] as const
  return {
    kind: 'sew-on',
    place: { edge, onto, at },
    pieces: piecesOf(sides),
    count: sides[1].count,
    sides,
    how,
    lengthMm,
  }
}
