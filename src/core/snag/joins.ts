import { bandOf, type BandPart } from '../band/index.ts'
import { bandsIn, blockOf, BODY, type Design, type Edit, roundsOf } from '../design/index.ts'
import { type Join, maybePlace, type Piece } from '../ledger/index.ts'
import { fittingOf } from '../fitting/index.ts'
import { type Spot, spotOn } from '../part/index.ts'
import type { Finder } from './finder.ts'
import { asMeant, type Mend, type Snag } from './snag.ts'

/** Sides whose lengths differ by more than this share, and by more than so much, pucker when they are sewn one to one (from memory). */
const PUCKERS = { share: 0.08, mm: 10 } as const

/** What makes a piece so many rows longer (or, below 0, shorter): its longest plain band takes them. */
export function moreRows(design: Design, piece: Piece, by: number): Mend[] {
  const own = design.pieces.find(({ id }) => id === piece.id)
  const plain = (own ? bandsIn(own) : [])
    .filter((part) => bandOf(part).change(part) !== null && !blockOf(own!, part.id))
    .reduce<BandPart | null>(
      (most, part) => (most && roundsOf(most) >= roundsOf(part) ? most : part),
      null,
    )
  if (!plain || by === 0 || roundsOf(plain) + by < 1) return []
  const rowMm = piece.parts.find(({ id }) => id === plain.id)!.gauge.rowHeightMm
  return [
    {
      kind: 'rounds',
      facts: {
        name: plain.name,
        by,
        madeMm: piece.columns.alongMm[piece.rows - 1]! + by * rowMm,
        worked: piece.worked,
      },
      edits: [{ name: 'setRounds', args: { id: plain.id, rounds: roundsOf(plain) + by } }],
    },
  ]
}

/** Whether stitches are picked up along row ends: they go by length, and not one in each. */
const isPickedAlong = ({ kind, sides }: Join): boolean =>
  kind === 'pick-up' && sides[1].of === 'row ends' && sides[0].of === 'stitches'

/** A piece that is picked up along row ends in clearly more or fewer stitches than lie flat there. */
export const unevenPicks: Finder = ({ design, ledger }) =>
  ledger.joins.filter(isPickedAlong).flatMap((join) => {
    const { sides, lengthMm, reachMm } = join
    const [own, along] = sides
    const piece = ledger.pieces.find(({ id }) => id === own.piece)!
    const off = Math.abs(reachMm! - lengthMm)
    if (off <= PUCKERS.mm || off <= lengthMm * PUCKERS.share) return []
    const corners = 4 * (join.around?.corner ?? 0)
    const flat = Math.max(3, Math.round(((own.count - corners) * reachMm!) / lengthMm) + corners)
    const { id } = piece.parts[0]!
    const snag: Snag = {
      code: 'picked-uneven',
      severity: 'warning',
      where: { part: id, round: null },
      facts: {
        name: piece.name,
        onto: ledger.pieces.find((one) => one.id === along.piece)!.name,
        stitches: own.count,
        ends: along.count,
        flat,
      },
      mends: [
        {
          kind: 'picked',
          facts: { count: flat, by: flat - own.count },
          edits: [{ name: 'setBase', args: { piece: piece.id, values: { count: flat } } }],
        },
      ],
    }
    return [{ ...snag, mends: [...snag.mends, asMeant(design, snag)] }]
  })

/** A piece that is sewn to another and has more stitches (or row ends) than there is room for, or is clearly longer or shorter. */
export const unevenJoins: Finder = ({ design, ledger }) =>
  ledger.joins.flatMap((join, at) => {
    const { reachMm: reach } = join
    if (reach === null || isPickedAlong(join) || join.byLength) return []
    const [side, other] = join.sides
    const [piece, onto] = [side, other].map(({ piece: id }) =>
      ledger.pieces.find((one) => one.id === id)!,
    ) as [Piece, Piece]
    const short = other.count < side.count
    const off = Math.abs(reach - join.lengthMm)
    if (!short && (off <= PUCKERS.mm || off <= join.lengthMm * PUCKERS.share)) return []
    return [
      {
        code: 'join-uneven' as const,
        severity: short ? ('error' as const) : ('warning' as const),
        where: { part: piece.parts[0]!.id, round: null, of: String(at) },
        facts: {
          name: piece.name,
          onto: onto.name,
          one: side.count,
          other: other.count,
          lengthMm: join.lengthMm,
          reachMm: reach,
        },
        mends:
          short && side.of === 'row ends' ? moreRows(design, piece, other.count - side.count) : [],
      },
    ]
  })

/** Things and pieces that are tied or sewn to a row which is not there any more. */
export const lostSpots: Finder = ({ design, ledger }) => {
  const pieceOf = (spot: Spot) => ledger.pieces.find(({ id }) => id === spot.piece)
  const isLost = (spot: Spot) => {
    const piece = pieceOf(spot)
    return !piece || maybePlace(piece, spot) === null
  }
  function atEdge(spot: Spot): Spot {
    const { by, at, side } = spot
    return isLost(spot) ? spotOn(pieceOf(spot)?.id ?? BODY, { by, at, side }) : spot
  }
  const snag = (name: string, of: string, part: string | null, edit: Edit): Snag => ({
    code: 'spot-gone',
    severity: 'warning',
    where: { part, round: null, of },
    facts: { name },
    mends: [{ kind: 'edge', facts: {}, edits: [edit] }],
  })
  const items = design.items.flatMap((item) => {
    const fitting = fittingOf(item)
    const spots = fitting.spots(item)
    const values = fitting.withSpots(item, spots.map(atEdge))
    const { id, name } = item
    return spots.some(isLost)
      ? [snag(name, id, null, { name: 'setItem', args: { id, values } })]
      : []
  })
  const pieces = design.pieces.flatMap(({ id, name, joins, parts }) => {
    const values = { joins: joins.map((join) => ({ ...join, to: atEdge(join.to) })) }
    return joins.some(({ to }) => isLost(to))
      ? [snag(name ?? id, id, parts[0]?.id ?? null, { name: 'setPiece', args: { id, values } })]
      : []
  })
  return [...items, ...pieces]
}
