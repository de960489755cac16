import { BODY } from '../design/index.ts'
import { type Ledger, type Piece, rowById, seenFromLeft } from '../ledger/index.ts'
import { maybeHem } from './hem.ts'
import { archOf } from './arch.ts'
import { alongAt, facingAt, rowAtMm, type Sheet, widthAt } from './sheet.ts'
import { apart, between, cross, dot, minus, plus, unit, type Vec } from './vector.ts'

/*
 * What is added to the body: straps from place to place, pockets on it, flaps over it, cords; and beside it on the ground what is sewn to
 * nothing. All as long as it is.
 */

/** A sheet of the bag, and a place on it. */
export interface Spot3 {
  readonly sheet: Sheet
  readonly u: number
  readonly r: number
}

/** A place so many stitches from a row's own beginning, as a share of the row from the left. */
export function shareAt(piece: Piece, row: number, at: number, hand: 'right' | 'left'): number {
  const { begin, side, makes } = piece.columns
  const count = Math.max(1, makes[row]!)
  const place = side[row] === 0 ? begin[row]! + at : begin[row]! - at
  return seenFromLeft(place, count, hand) / count
}

/** Where a row is on the sheets: that which has it, of the copies the one that is asked for. */
export function maybeOn(
  sheets: readonly Sheet[],
  piece: number,
  u: number,
  r: number,
  copy = 0,
): Spot3 | null {
  // A round that is cut at its handles may be cut where it begins.
  const near = (sheet: Sheet) =>
    [u, u + 1, u - 1].find((one) => one >= sheet.u[0] - 1e-6 && one <= sheet.u[1] + 1e-6)
  const fits = sheets.filter(
    (sheet) =>
      sheet.piece === piece &&
      r >= sheet.r[0] - 1e-6 &&
      r <= sheet.r[1] + 1e-6 &&
      (sheet.round || near(sheet) !== undefined),
  )
  const sheet = fits[Math.min(copy, fits.length - 1)]
  return sheet ? { sheet, u: sheet.round ? u : near(sheet)!, r } : null
}

/** The edges of a piece that are sewn to others, and where each of those is met. */
interface Tie {
  readonly edge: string
  readonly count: number
  readonly row: number
  readonly at: number
  readonly on: string
  readonly piece: number
}
function tiesOf({ pieces, joins }: Ledger, id: string): readonly Tie[] {
  return joins.flatMap(({ sides: [own, other], text }) => {
    if (text !== null || own.piece !== id) return []
    const piece = pieces.findIndex((one) => one.id === other.piece)
    if (piece < 0 || other.spot.on === 'around') return []
    const { on, row, at } = other.spot
    const { rows } = pieces[piece]!
    const met =
      on === 'first'
        ? 0
        : on === 'left' || on === 'right'
          ? Math.round(at)
          : row === null
            ? rows - 1
            : (rowById(pieces[piece]!, row) ?? -1)
    if (met < 0) return []
    return [{ edge: own.spot.on, count: own.count, row: Math.min(met, rows - 1), at, on, piece }]
  })
}

export interface Bag3 {
  readonly ledger: Ledger
  readonly sheets: readonly Sheet[]
  readonly hand: 'right' | 'left'
}

/** A tie's middle on the bag. Of a piece that is made several times, the others are met as far around from one another. */
function maybeMet(
  { ledger, sheets, hand }: Bag3,
  tie: Tie,
  copy: number,
  times: number,
): Spot3 | null {
  const piece = ledger.pieces[tie.piece]!
  const { makes } = piece.columns
  const count = Math.max(1, makes[tie.row]!)
  const turn = times > 1 && piece.worked === 'rounds' ? (copy * count) / times : 0
  if (tie.on === 'left' || tie.on === 'right') {
    const right = (tie.on === 'right') === (hand === 'right')
    return maybeOn(sheets, tie.piece, right ? 1 : 0, tie.row + 1, copy)
  }
  const u = shareAt(piece, tie.row, tie.at + tie.count / 2 + turn, hand)
  const share = piece.worked === 'rounds' ? u - Math.floor(u) : Math.min(1, Math.max(0, u))
  return maybeOn(sheets, tie.piece, share, tie.row + 1, copy)
}

const SEWN_MM = 12
export const LIFT_MM = 2.5

/** A band of fabric along a way, as wide as it is; across it lies as the bag does where it is sewn. */
function ribbon(piece: Piece, at: number, copy: number, [a, b]: readonly [Spot3, Spot3]): Sheet {
  const [one, other] = [facingAt(a.sheet, a.u, a.r), facingAt(b.sheet, b.u, b.r)]
  const from = plus(plus(a.sheet.at(a.u, a.r), one.out, LIFT_MM), one.up, -SEWN_MM)
  const to = plus(plus(b.sheet.at(b.u, b.r), other.out, LIFT_MM), other.up, -SEWN_MM)
  const long = alongAt(piece, piece.rows)
  const way = archOf(from, to, long, unit(plus(one.out, other.out), [0, 0, 0]))
  // What lies along the rim at one end goes on to lie so at the other.
  const end = dot(one.along, other.along) < 0 ? minus([0, 0, 0], other.along) : other.along
  return {
    ...{ piece: at, copy, u: [0, 1], r: [0, piece.rows], round: false },
    at: (u, r) => {
      const share = alongAt(piece, r) / Math.max(1e-9, long)
      const here = way(share)
      const tangent = unit(minus(way(Math.min(1, share + 0.01)), way(Math.max(0, share - 0.01))))
      const flat = between(one.along, end, share)
      const side = unit(cross(cross(tangent, flat), tangent), one.along)
      return plus(here, side, (u - 0.5) * widthAt(piece, Math.max(1, r)))
    },
  }
}

/** A pocket: on the fabric, off it by a little more in its middle. */
function patch(piece: Piece, at: number, copy: number, foot: Spot3, on: Piece): Sheet {
  const wide = widthAt(on, foot.r)
  const from = alongAt(on, foot.r)
  const long = Math.max(1e-9, alongAt(piece, piece.rows))
  return {
    ...{ piece: at, copy, u: [0, 1], r: [0, piece.rows], round: false },
    at: (u, r) => {
      const up = alongAt(piece, r)
      const along = foot.u + ((u - 0.5) * widthAt(piece, Math.max(1, r))) / wide
      const row = Math.min(foot.sheet.r[1], rowAtMm(on, from + up))
      const middle = Math.sin(Math.PI * u) * Math.min(1, (2 * up) / long)
      const { out } = facingAt(foot.sheet, along, row)
      return plus(foot.sheet.at(along, row), out, LIFT_MM + 5 * middle)
    },
  }
}

/** A piece that is sewn by its first row to a rim: over it in an arc, and down in front of what lies across from there. */
function flapOver(piece: Piece, at: number, copy: number, rim: Spot3, on: Piece): Sheet {
  const { out } = facingAt(rim.sheet, rim.u, rim.r)
  const inwards = unit([-out[0], 0, -out[2]], [0, 0, 1])
  const middle = rim.sheet.at(rim.u, rim.r)
  const across = rim.sheet.at(rim.u + 0.5, rim.r)
  const radius = Math.max(10, rim.sheet.round ? apart(middle, across) * 0.55 : 12)
  const [bend, turn] = [radius * 2.3, 2.3]
  const wide = widthAt(on, rim.r)
  return {
    ...{ piece: at, copy, u: [0, 1], r: [0, piece.rows], round: false },
    at: (u, r) => {
      const way = alongAt(piece, r)
      const foot = rim.sheet.at(rim.u + ((u - 0.5) * widthAt(piece, Math.max(1, r))) / wide, rim.r)
      const a = Math.min(way, bend) / radius
      const rest = Math.max(0, way - bend)
      const rise = radius * Math.sin(a) + rest * Math.cos(turn)
      const over = radius * (1 - Math.cos(a)) + rest * Math.sin(turn)
      // A rim that is round gives way to what hangs straight.
      const straight = Math.min(1, way / bend)
      const off = minus(foot, middle)
      const back = dot(off, inwards) * straight
      return plus(plus(plus(foot, inwards, -back), [0, 1, 0], rise), inwards, over)
    },
  }
}

/** A piece that is sewn to nothing, on the ground beside the bag. */
function beside(piece: Piece, at: number, copy: number, fromX: number): Sheet {
  const long = alongAt(piece, piece.rows)
  const round = piece.worked === 'rounds'
  const wide = Math.max(...piece.columns.widthMm)
  return {
    ...{ piece: at, copy, u: [0, 1], r: [0, piece.rows], round },
    at: (u, r) =>
      round
        ? [
            fromX + long + alongAt(piece, r) * Math.sin(2 * Math.PI * u),
            0,
            alongAt(piece, r) * Math.cos(2 * Math.PI * u),
          ]
        : [
            fromX + wide / 2 + (u - 0.5) * widthAt(piece, Math.max(1, r)),
            0,
            long / 2 - alongAt(piece, r),
          ],
  }
}

/** The pieces that are not of the construction, in their places. */
export function attachedSheets(bag: Bag3, own: ReadonlySet<string>): Sheet[] {
  const { ledger, sheets } = bag
  let right = Math.max(...sheets.flatMap((sheet) => edgesOf(sheet).map(([x]) => x)), 0) + 30
  return ledger.pieces.flatMap((piece, at) => {
    if (!own.has(piece.id) || piece.id === BODY || piece.rows === 0) return []
    const ties = tiesOf(ledger, piece.id)
    return Array.from({ length: piece.times }, (_, i): Sheet => {
      const copy = piece.copy - 1 + i
      const met = (edge: string) => {
        const tie = ties.find((one) => one.edge === edge)
        return tie ? maybeMet(bag, tie, copy, piece.times) : null
      }
      const [first, last] = [met('first'), met('last')]
      if (first && last) return ribbon(piece, at, copy, [first, last])
      const hem = maybeHem(ledger, sheets, at, copy, bag.hand)
      if (hem) return hem
      const tie = ties.find(({ edge }) => edge === 'first')
      const on = tie && ledger.pieces[tie.piece]!
      if (first && on)
        return first.r >= on.rows - 1e-6
          ? flapOver(piece, at, copy, first, on)
          : patch(piece, at, copy, first, on)
      const sheet = beside(piece, at, copy, right)
      right += Math.max(...piece.columns.widthMm) + 20
      return sheet
    })
  })
}
const edgesOf = ({ at, u, r }: Sheet): Vec[] =>
  [0, 0.25, 0.5, 0.75, 1].flatMap((share) =>
    [r[0], r[1]].map((row) => at(u[0] + (u[1] - u[0]) * share, row)),
  )
