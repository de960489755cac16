import type { Drawn } from '../fitting/index.ts'
import type { LedgerItem } from '../ledger/index.ts'
import { archOf } from './arch.ts'
import { type Bag3, LIFT_MM, maybeOn, shareAt, type Spot3 } from './attached.ts'
import { facingAt } from './sheet.ts'
import { gridded, type Surface } from './surface.ts'
import { cross, minus, plus, unit, type Vec } from './vector.ts'

/* Things without rows as they hang on the bag: cords, loops, handles that are bought, tassels, beads. */

const AROUND = 10
/** So far above the ground lies what lies on it. */
const GROUND_MM = 2
const NONE: Vec = [0, 0, 0]
const UP: Vec = [0, 1, 0]

/** How a surface is named: the thing it is of, and what it is drawn in. */
interface Of {
  readonly item: number
  readonly ink: string
}

const shares = (steps: number): number[] => Array.from({ length: steps + 1 }, (_, i) => i / steps)

/** A tube along a way, so thick at each share of it. */
function tube(
  of: Of,
  way: (share: number) => Vec,
  thickMm: (share: number) => number,
  steps = 60,
): Surface {
  return gridded(-1, { copy: 0, round: true, ...of }, shares(AROUND), shares(steps), (u, r) => {
    const tangent = unit(minus(way(Math.min(1, r + 0.01)), way(Math.max(0, r - 0.01))))
    const side = unit(cross(tangent, [0, 0, 1]), unit(cross(tangent, [1, 0, 0]), [1, 0, 0]))
    const other = cross(tangent, side)
    const turn = 2 * Math.PI * u
    const out = plus(plus(NONE, side, Math.cos(turn)), other, Math.sin(turn))
    return plus(way(r), out, thickMm(r))
  })
}

function ball(of: Of, middle: Vec, radiusMm: number): Surface {
  return gridded(-1, { copy: 0, round: true, ...of }, shares(16), shares(10), (u, r) => {
    const [turn, up] = [2 * Math.PI * u, Math.PI * (r - 0.5)]
    const flat = Math.cos(up) * radiusMm
    return plus(middle, [Math.cos(turn) * flat, Math.sin(up) * radiusMm, -Math.sin(turn) * flat])
  })
}

/** A spot of a thing, or one so far around from it, as a share of the way; null where it is on nothing. */
function maybeSpot(
  { ledger, sheets, hand }: Bag3,
  { places }: LedgerItem,
  spot: number,
  on = 0,
): Spot3 | null {
  const place = places[spot]
  if (!place) return null
  const piece = ledger.pieces.findIndex(({ id }) => id === place.piece)
  const { rows, worked } = ledger.pieces[piece]!
  const row = Math.min(place.row, rows - 1)
  const u = shareAt(ledger.pieces[piece]!, row, place.at, hand) + on
  const round = worked === 'rounds'
  return maybeOn(sheets, piece, round ? u - Math.floor(u) : Math.min(1, Math.max(0, u)), row + 1)
}

const outside = ({ sheet, u, r }: Spot3, off = LIFT_MM): Vec =>
  plus(sheet.at(u, r), facingAt(sheet, u, r).out, off)
const outOf = ({ sheet, u, r }: Spot3): Vec => facingAt(sheet, u, r).out

/** Down from a place on the outside of the bag, and off it as it bulges. */
function down(from: Vec, out: Vec, mm: number): Vec {
  // What is longer than the bag is high lies on the ground before it.
  const hangs = Math.min(mm, Math.max(0, from[1] - GROUND_MM))
  return plus(plus(from, UP, -hangs), out, 4 + hangs * 0.06 + (mm - hangs))
}

/** A cord along a row: out over stitches, in under them, and down at both ends. */
function threaded(
  bag: Bag3,
  one: LedgerItem,
  drawn: Extract<Drawn, { shape: 'threaded' }>,
  of: Of,
) {
  const { over, under, from, hangMm, thickMm } = drawn
  const start = maybeSpot(bag, one, drawn.spot, from)
  if (!start) return []
  const { sheet, r } = start
  const place = one.places[drawn.spot]!
  const piece = bag.ledger.pieces.find(({ id }) => id === place.piece)!
  const count = piece.columns.makes[Math.min(place.row, piece.rows - 1)]!
  const [lowU, highU] = sheet.round ? [start.u, start.u + 1] : sheet.u
  const passes = count / (over + under)
  const way = (share: number): Vec => {
    const u = lowU + (highU - lowU) * share
    const at = (share * passes) % 1
    const isOver = under === 0 || at < over / (over + under)
    const far = isOver ? Math.sin((Math.PI * at * (over + under)) / over) : -1
    const on = Math.min(highU, Math.max(lowU, u))
    return plus(
      sheet.at(on, r),
      facingAt(sheet, on, r).out,
      thickMm * (isOver ? 0.4 + far : far * 0.9),
    )
  }
  const hang = (hangMm > 0 ? [-0.012, 0.012] : []).flatMap((side) => {
    const begin = maybeSpot(bag, one, drawn.spot, from + side)
    if (!begin) return []
    const [at, out] = [outside(begin, thickMm), outOf(begin)]
    return [
      tube(
        of,
        (share) => down(at, out, hangMm * share),
        () => thickMm,
        12,
      ),
    ]
  })
  return [
    tube(of, way, () => thickMm, Math.min(600, Math.max(120, Math.round(passes * 10)))),
    ...hang,
  ]
}

type Shapes = {
  readonly [Shape in Drawn['shape']]: (
    bag: Bag3,
    one: LedgerItem,
    drawn: Extract<Drawn, { shape: Shape }>,
    of: Of,
  ) => readonly Surface[]
}

const shapes: Shapes = {
  arch(bag, one, { from, to, lengthMm, thickMm }, of) {
    const [a, b] = [maybeSpot(bag, one, from), maybeSpot(bag, one, to)]
    if (!a || !b) return []
    const leans = unit(plus(outOf(a), outOf(b)), NONE)
    return [tube(of, archOf(outside(a), outside(b), lengthMm, leans), () => thickMm)]
  },
  bow(bag, one, { spot, wideMm, lengthMm, thickMm }, of) {
    const at = maybeSpot(bag, one, spot)
    if (!at) return []
    const { along, out } = facingAt(at.sheet, at.u, at.r)
    const middle = outside(at, thickMm / 2)
    const [a, b] = [-1, 1].map((side) => plus(plus(middle, along, (side * wideMm) / 2), UP, -8))
    return [tube(of, archOf(a!, b!, lengthMm, out), () => thickMm / 2)]
  },
  threaded,
  ball(bag, one, { spot, radiusMm, downMm, on }, of) {
    const at = maybeSpot(bag, one, spot, on)
    if (!at) return []
    const from = outside(at, downMm > 0 ? LIFT_MM : radiusMm * 0.7)
    return [ball(of, downMm > 0 ? down(from, outOf(at), downMm + radiusMm) : from, radiusMm)]
  },
  tassel(bag, one, { spot, lengthMm, downMm, on }, of) {
    const at = maybeSpot(bag, one, spot, on)
    if (!at) return []
    const [from, out] = [outside(at), outOf(at)]
    const wide = Math.max(4, lengthMm * 0.12)
    return [
      tube(
        of,
        (share) => down(from, out, downMm + lengthMm * share),
        (share) =>
          share < 0.16 ? wide * 0.75 : share < 0.24 ? wide * 0.45 : wide * (0.6 + share * 0.5),
        24,
      ),
    ]
  },
  strand(bag, one, { spot, lengthMm, thickMm, on }, of) {
    const at = maybeSpot(bag, one, spot, on)
    if (!at) return []
    const [from, out] = [outside(at, thickMm), outOf(at)]
    return [
      tube(
        of,
        (share) => down(from, out, lengthMm * share),
        () => thickMm,
        16,
      ),
    ]
  },
  ring(bag, one, { spot, radiusMm, thickMm, on, hangs }, of) {
    const at = maybeSpot(bag, one, spot, on)
    if (!at) return []
    const { along, out } = facingAt(at.sheet, at.u, at.r)
    const foot = outside(at)
    const middle = hangs
      ? plus(plus(foot, UP, -radiusMm), out, radiusMm * 0.1)
      : plus(foot, UP, radiusMm * 0.8)
    const way = (share: number): Vec => {
      const turn = 2 * Math.PI * share
      return plus(plus(middle, along, radiusMm * Math.sin(turn)), UP, radiusMm * Math.cos(turn))
    }
    return [tube(of, way, () => thickMm, 40)]
  },
  disc(bag, one, { spot, radiusMm, thickMm }, of) {
    const at = maybeSpot(bag, one, spot)
    if (!at) return []
    const { along, up, out } = facingAt(at.sheet, at.u, at.r)
    const middle = outside(at, 1)
    return [
      gridded(-1, { copy: 0, round: true, ...of }, shares(20), shares(4), (u, r) => {
        const turn = 2 * Math.PI * u
        const [far, off] = r < 0.5 ? [1, r * 2 * thickMm] : [2 - 2 * r, thickMm]
        const flat = plus(
          plus(middle, along, radiusMm * far * Math.cos(turn)),
          up,
          radiusMm * far * Math.sin(turn),
        )
        return plus(flat, out, off)
      }),
    ]
  },
}

/** Everything that hangs on the bag. */
export const thingSurfaces = (bag: Bag3): readonly Surface[] =>
  bag.ledger.items.flatMap((one, item) =>
    one.drawn.flatMap((drawn) => {
      const draw = shapes[drawn.shape] as (
        bag: Bag3,
        one: LedgerItem,
        drawn: Drawn,
        of: Of,
      ) => readonly Surface[]
      return draw(bag, one, drawn, { item, ink: drawn.ink })
    }),
  )
