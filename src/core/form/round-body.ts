import type { Ledger, Piece } from '../ledger/index.ts'
import { middlesSeen } from '../ledger/index.ts'
import { outlineAt, type Outline, perimeterOf, type PlanShape } from '../shape/index.ts'
import { alongAt, type Sheet, widthAt } from './sheet.ts'
import { between, type Vec } from './vector.ts'

/*
 * A body in rounds: every round is an outline from above, as long around as the round is, at its height. What grows as fast as it lies
 * flat lies; what grows slower rises; what grows faster lies in waves.
 */

/** How its rounds lie: about a point, a line or a rectangle; or flat at the foot, where nothing lies below. */
export type RoundKind = Outline | 'tube' | 'ring'

/** So much of its length a round gives or takes where fabric settles: a base lies flat though its stitches are a little few. */
export const GIVES = 0.07
/** Waves around a ruffle. */
const WAVES = 9
/** Of the whole height: where the body turns in at its foot, and by how much; and how far it bulges half-way up. */
const SOFT = { foot: 0.08, turnsIn: 0.05, bulge: 0.02 } as const
/** How deep a tube is held open, as a share of its way around; at its rim and where it is deepest. */
const OPEN = { deepest: 0.12, rim: 0.09, flat: 0.004 } as const

/** An outline from above that is so long around. */
export function planOf(
  outline: RoundKind,
  around: number,
  longer: number,
  { soft, deep }: { readonly soft: boolean; readonly deep: number },
): PlanShape {
  if (outline === 'tube') {
    const width = Math.min(deep, around / Math.PI)
    return { length: (around - Math.PI * width) / 2 + width, width, corner: width / 2 }
  }
  // Less than twice around the line it is begun on lies flat against it.
  const line = Math.min(longer, Math.max(0, (around - Math.PI) / 2))
  const rounded = (around - 2 * line) / Math.PI
  if (outline !== 'rectangle' && outline !== 'rows')
    return { length: rounded + line, width: rounded, corner: rounded / 2 }
  const corner = soft ? Math.max(6, 0.12 * rounded) : 6
  const square = (around - 2 * line + (8 - 2 * Math.PI) * corner) / 4
  return square < 2 * corner
    ? { length: rounded + line, width: rounded, corner: rounded / 2 }
    : { length: square + line, width: square, corner }
}

/** A round of the body, at its top. */
interface Ring {
  readonly plan: PlanShape
  readonly y: number
  /** How high and low it waves, where it is longer than its outline. */
  readonly wave: number
  /** Where the middle of the front lies in it, as a share from the left. */
  readonly front: number
}

/** The rings of a body, from its beginning up; one at the foot of its first round too. */
function ringsOf(
  piece: Piece,
  { outline, longer, pointed, hand, soft }: RoundBody,
): { readonly rings: readonly Ring[]; readonly high: number } {
  const { makes, heightMm } = piece.columns
  const standing = (heightMm.at(-1) ?? 0) || 1
  const rings: Ring[] = []
  let [y, wide] = [0, 0]
  for (let r = 0; r <= piece.rows; r++) {
    const begins = r === 0
    const own = begins && pointed ? 0 : widthAt(piece, r)
    const row = Math.max(0, r - 1)
    const front = middlesSeen(piece, row, hand).front / Math.max(1, makes[row]!)
    const lies = heightMm[row]! === 0
    const ds = begins ? 0 : alongAt(piece, r) - alongAt(piece, r - 1)
    const t = lies || begins ? 0 : heightMm[row]! / standing
    const depth = outline === 'tube' ? depthAt(own, t, soft) : 0
    const give = soft && !lies ? softened(t) : 1
    const plan = (around: number) => planOf(outline, around, longer, { soft, deep: depth })
    let shape = plan(own * give)
    let wave = 0
    if (begins) wide = shape.width
    else {
      const reach = wide + 2 * ds
      if (outline !== 'tube' && shape.width > reach) {
        // Longer than it can lie: as far out as the fabric reaches, the rest of it in waves.
        const flat = plan(own * (lies && soft ? 1 - GIVES : 1))
        const held = flat.width > reach ? reach : flat.width
        shape = widened(shape, held)
        const q = own / Math.max(1e-9, perimeterOf(shape))
        wave =
          flat.width > reach
            ? (Math.sqrt(Math.max(0, q - 1)) * perimeterOf(shape)) / (Math.PI * WAVES)
            : 0
      } else if (lies && soft && outline !== 'tube')
        shape = plan(Math.min(own * (1 + GIVES), aroundWith(shape, reach)))
      const out = (shape.width - wide) / 2
      y += Math.sqrt(Math.max(0, ds * ds - out * out))
      wide = shape.width
    }
    rings.push({ plan: shape, y, wave, front })
  }
  return { rings, high: y }
}
/** As long around as the outline is where it is so wide. */
const aroundWith = ({ length, width }: PlanShape, wide: number): number =>
  2 * (length - width) + Math.PI * wide
/** The outline with another width, its line as long as before. */
const widened = ({ length, width, corner }: PlanShape, wide: number): PlanShape => ({
  length: length - width + wide,
  width: wide,
  corner: Math.min(corner, wide / 2),
})
const softened = (t: number): number =>
  1 +
  SOFT.bulge * Math.sin(Math.PI * t) -
  (t < SOFT.foot ? SOFT.turnsIn * (1 - t / SOFT.foot) ** 2 : 0)
function depthAt(around: number, t: number, soft: boolean): number {
  if (!soft) return Math.max(2, OPEN.flat * around)
  const rises = Math.sin((Math.min(1, t / 0.7) * Math.PI) / 2)
  const deep = OPEN.deepest + (OPEN.rim - OPEN.deepest) * Math.max(0, (t - 0.7) / 0.3)
  return Math.max(3, around * deep * rises)
}

export interface RoundBody {
  readonly outline: RoundKind
  /** By how much its outline is longer than wide. */
  readonly longer: number
  /** It begins in a point or line, not in a ring. */
  readonly pointed: boolean
  readonly hand: 'right' | 'left'
  readonly soft: boolean
}

/** A body in rounds as one sheet, standing on the ground. */
export function roundSheet(ledger: Ledger, at: number, body: RoundBody): Sheet {
  const piece = ledger.pieces[at]!
  const { rings } = ringsOf(piece, body)
  const ground = Math.min(...rings.map(({ y }) => y))
  const on = ({ plan, y, wave, front }: Ring, u: number): Vec => {
    const share = u - front
    const { x, z } = outlineAt(plan, 0.5 + share)
    return [x, y - ground + wave * Math.sin(2 * Math.PI * WAVES * share), z]
  }
  return {
    ...{ piece: at, copy: 0, u: [0, 1], r: [0, piece.rows], round: true },
    at: (u, r) => {
      const below = Math.min(piece.rows, Math.max(0, Math.floor(r)))
      const low = on(rings[below]!, u)
      return below >= piece.rows ? low : between(low, on(rings[below + 1]!, u), r - below)
    },
  }
}
