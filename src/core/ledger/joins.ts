import type { Design, PieceJoin } from '../design/index.ts'
import { type Edge, type Spot, spotOn } from '../part/index.ts'
import type { JoinSide, ShapeJoin } from '../shape/index.ts'
import type { Join, Piece } from './ledger.ts'
import { sharedAround, wayAround } from './around.ts'
import { maybePlace, placesAround } from './spots.ts'

const piecesOf = (sides: readonly [JoinSide, JoinSide]) => [
  ...new Set(sides.map(({ piece }) => piece)),
]

/** A join of the construction. As many pairs meet as there are on its shorter side. */
export const joinOf = ({ kind, text, sides, lengthMm }: ShapeJoin): Join => ({
  kind,
  text,
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
function alongRow(piece: Piece, row: number, at: number, spot: Spot): Stretch {
  const { id, columns, worked, across } = piece
  const own = columns.makes[row]!
  const all = placesAround(piece, row)
  const count =
    worked === 'rounds' || across !== undefined ? all : Math.max(0, Math.floor(all - at))
  return {
    side: { piece: id, of: 'stitches', count, spot },
    lengthMm: own > 0 ? (columns.widthMm[row]! * count) / own : 0,
  }
}

/** Up the row ends, or the rows at a stitch, from a row on. */
function upRows({ id, rows, columns }: Piece, from: number, spot: Spot): Stretch {
  const below = from > 0 ? columns.alongMm[Math.min(from, rows) - 1]! : 0
  return {
    side: { piece: id, of: 'row ends', count: Math.max(0, rows - from), spot },
    lengthMm: columns.alongMm[rows - 1]! - below,
  }
}

/** An edge of a piece, whole. */
function edgeOf(piece: Piece, edge: Edge): Stretch {
  const spot = spotOn(piece.id, { on: edge })
  return edge === 'left' || edge === 'right'
    ? upRows(piece, 0, spot)
    : alongRow(piece, edge === 'first' ? 0 : piece.rows - 1, 0, spot)
}

/** The joins of what she added, over the pieces as they came out. One that ties what is not there is none. */
export function ownJoins(design: Design, pieces: readonly Piece[]): Join[] {
  const byId = new Map(pieces.toReversed().map((piece) => [piece.id, piece]))
  return design.pieces.flatMap(({ id, joins }) =>
    joins.flatMap((join) => {
      const [own, other] = [byId.get(id), byId.get(join.to.piece)]
      return (own && other && ownJoin(own, other, join)) ?? []
    }),
  )
}

/** Stitches that are picked up along row ends go by length: so many in so many of them, not one in each. */
function pickedAlong(own: Stretch, met: Stretch, over: number | null): Join {
  const count = Math.min(over ?? met.side.count, met.side.count)
  const sides = [own.side, { ...met.side, count }] as const
  return {
    ...{ kind: 'pick-up', how: 'pick-up', text: null, sides },
    pieces: piecesOf(sides),
    count: own.side.count,
    lengthMm: own.lengthMm,
    reachMm: met.side.count > 0 ? (met.lengthMm * count) / met.side.count : 0,
  }
}

/** A round that is picked up all around a flat piece: its corners are of no length. */
function pickedAround(piece: Piece, other: Piece, { to, corner }: PieceJoin): Join {
  const count = piece.columns.makes[0]!
  const shared = sharedAround(other, count, corner)
  const beside = count - 4 * shared.corner
  const sides = [
    edgeOf(piece, 'first').side,
    { piece: other.id, of: 'row ends', count: 2 * other.rows, spot: { ...to, at: 0 } },
  ] as const
  return {
    ...{ kind: 'pick-up', how: 'pick-up', text: null, sides, count },
    pieces: piecesOf(sides),
    lengthMm: beside * piece.parts[0]!.gauge.stitchWidthMm,
    reachMm: wayAround(other),
    around: { ...shared, in: corner },
  }
}

/** Sides that differ by more than this share and by more than so much pucker when they are sewn one to one (from memory). */
const PUCKERS = { share: 0.08, mm: 10 } as const

/** Stitches that are sewn to row ends by their lengths, where one to one would pucker and there is room; else null. */
function maybeByLength(own: Stretch, met: Stretch): Omit<Join, 'how'> | null {
  if (own.side.of === met.side.of || met.side.count === 0 || own.side.count === 0) return null
  const each = met.lengthMm / met.side.count
  const off = Math.abs(own.side.count * each - own.lengthMm)
  const count = Math.round(own.lengthMm / each)
  if (off <= PUCKERS.mm || off <= own.lengthMm * PUCKERS.share) return null
  if (count < 1 || count > met.side.count) return null
  const sides = [own.side, { ...met.side, count }] as const
  return {
    ...{ kind: 'sew-on', text: null, pieces: piecesOf(sides), sides, byLength: true },
    count: Math.min(own.side.count, count),
    lengthMm: own.lengthMm,
    reachMm: count * each,
  }
}

function ownJoin(piece: Piece, other: Piece, join: PieceJoin): Join | null {
  const { edge, to, how, over } = join
  if (to.on === 'around')
    return piece.worked === 'rounds' &&
      other.worked === 'rows' &&
      how === 'pick-up' &&
      edge === 'first'
      ? pickedAround(piece, other, join)
      : null
  const { side, lengthMm } = edgeOf(piece, edge)
  // What is named by a place of the bag has its middle there.
  const place = maybePlace(other, to, to.on === 'up' ? 0 : side.count)
  if (!place) return null
  const { row } = place
  // Along the ends of rows it is counted in them.
  const at = to.on === 'left' || to.on === 'right' ? row : Math.round(place.at)
  const spot: Spot = { ...to, by: 'stitch', at }
  const met = place.of === 'row ends' ? upRows(other, row, spot) : alongRow(other, row, at, spot)
  if (how === 'pick-up' && met.side.of === 'row ends')
    return pickedAlong({ side, lengthMm }, met, over)
  const more = {
    to,
    ...(join.lapMm === undefined ? {} : { lapMm: join.lapMm }),
    ...(join.together === undefined ? {} : { together: join.together }),
  }
  const matched = maybeByLength({ side, lengthMm }, met)
  if (matched && how !== 'pick-up') return { ...matched, how, ...more }
  const count = Math.min(side.count, met.side.count)
  const sides = [side, { ...met.side, count }] as const
  return {
    ...more,
    kind: how === 'pick-up' ? 'pick-up' : 'sew-on',
    text: null,
    pieces: piecesOf(sides),
    count,
    sides,
    how,
    lengthMm,
    reachMm: met.side.count > 0 ? (met.lengthMm * count) / met.side.count : 0,
  }
}
