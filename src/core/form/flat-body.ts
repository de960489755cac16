import { outlineAt } from '../shape/index.ts'
import { type Face, type Faces, type RowsFace, seenMm } from './faces.ts'
import type { Ledger, Piece } from '../ledger/index.ts'
import { alongAt, type Sheet, widthAt } from './sheet.ts'
import { GIVES, planOf } from './round-body.ts'
import type { Vec } from './vector.ts'

/*
 * Bodies of flat pieces: two faces that are closed along sides and foot and open at the rim, a flap over them, discs with their strip,
 * half rounds. What lies on a face is told by how it lies flat; here it is laid on the face in space.
 */

/** How deep a bag of faces is held open, as a share of its width: at its rim, and where it is deepest. */
const OPEN = { deepest: 0.2, rim: 0.1 } as const
/** As thick as two layers of fabric, where nothing is in it. */
const THICK_MM = 4
/** How far a flap has come over: in radians of the whole turn. */
const FLAP_TURN = 2.35
/** How far discs and half rounds bulge, as a share of their radius. */
const BULGE = 0.16

interface Pocket {
  readonly widthMm: number
  readonly heightMm: number
  readonly soft: boolean
  /** One face alone: nothing is behind it. */
  readonly open: boolean
}

const depthOf = ({ widthMm, soft }: Pocket, t: number): number => {
  if (!soft) return THICK_MM
  const rises = Math.sin((Math.min(1, t / 0.6) * Math.PI) / 2)
  const at = OPEN.deepest + (OPEN.rim - OPEN.deepest) * Math.max(0, (t - 0.6) / 0.4)
  return Math.max(THICK_MM, widthMm * at * rises)
}

/** A place of a face, from its middle and its rim down. */
function onPocket(pocket: Pocket, facing: 'front' | 'back', x: number, down: number): Vec {
  const { widthMm, heightMm, open, soft } = pocket
  const y = heightMm - down
  if (open) return [x, y, soft ? 0.05 * widthMm * Math.cos((Math.PI * x) / widthMm) : 0]
  const t = Math.min(1, Math.max(0, y / heightMm))
  const plan = planOf('tube', 2 * widthMm, 0, { soft, deep: depthOf(pocket, t) })
  const share = (facing === 'front' ? 0.5 : 0) + x / (2 * widthMm)
  const at = outlineAt(plan, share)
  return [at.x, y, at.z]
}

/** A place of a flap, from the back of the rim over to the front: around in an arc, then on as it hangs. */
function onFlap(pocket: Pocket, x: number, way: number): Vec {
  const depth = depthOf(pocket, 1)
  const radius = pocket.soft ? Math.max(9, 0.75 * depth) : depth / 2
  const turn = pocket.soft ? FLAP_TURN : Math.PI
  const bend = radius * turn
  const a = Math.min(way, bend) / radius
  const rest = Math.max(0, way - bend)
  const [y, z] = [
    radius * Math.sin(a) + rest * Math.cos(a),
    radius * (1 - Math.cos(a)) + rest * Math.sin(a),
  ]
  return [x, pocket.heightMm + y, -depth / 2 + z]
}

/** Where a place of its rows lies on the face: from the left, and from the rim down. */
function onFace(ledger: Ledger, face: RowsFace, u: number, r: number): readonly [number, number] {
  const piece = ledger.pieces[face.piece]!
  const from = alongAt(piece, face.firstRow)
  const up = alongAt(piece, r) - from
  const all = Math.max(1e-9, alongAt(piece, face.endRow) - from)
  const row = Math.min(piece.rows - 1, Math.max(0, Math.ceil(r) - 1))
  const own = widthAt(piece, Math.max(1, r)) * (seenMm(piece, row) / piece.columns.widthMm[row]!)
  const { leftMm, topMm, widthMm, heightMm, turns, seen } = face
  const [a, b] = seen ?? [0, 1]
  const share = (u - a) / Math.max(1e-9, b - a)
  if (turns % 2 === 0) {
    const across = (turns === 0 ? 1 : -1) * (share - 0.5) * own
    return [leftMm + widthMm / 2 + across, topMm + (turns === 0 ? heightMm - up : up)]
  }
  const along = (up / all) * widthMm
  return turns === 1
    ? [leftMm + widthMm - along, topMm + (1 - share) * heightMm]
    : [leftMm + along, topMm + share * heightMm]
}

/** Where rows of a face lie, from the left as they are seen on their right side: shares are counted from the first stitch. */
const fromLeft = (face: RowsFace, hand: 'right' | 'left'): RowsFace =>
  face.seen && hand === 'right' ? { ...face, seen: [1 - face.seen[1], 1 - face.seen[0]] } : face

const rowsOf = (faces: readonly Face[]): readonly RowsFace[] =>
  faces.filter((face): face is RowsFace => face.kind === 'rows')

/** A bag of flat faces: each row of a face in its place, a flap half over them. */
export function pocketSheets(
  ledger: Ledger,
  front: Faces,
  back: Faces | null,
  { soft, hand }: { readonly soft: boolean; readonly hand: 'right' | 'left' },
): Sheet[] {
  const { widthMm, heightMm } = front
  const pocket: Pocket = { widthMm, heightMm, soft, open: back === null }
  const flaps = ledger.front.kind === 'folded' || ledger.front.kind === 'sideways'
  const sides = [
    ['front', rowsOf(front.faces)],
    ['back', rowsOf(back?.faces ?? [])],
  ] as const
  return sides.flatMap(([facing, faces]) =>
    faces.flatMap((given, i): Sheet[] => {
      if (given.endRow <= given.firstRow) return []
      const face = fromLeft(given, hand)
      const isFlap = flaps && facing === 'front' && i === faces.length - 1 && faces.length > 1
      return [
        {
          ...{ piece: face.piece, copy: copyOf(sides, facing, i) },
          ...{ u: face.seen ?? [0, 1], r: [face.firstRow, face.endRow], round: false },
          at: (u, r) => {
            const [x, down] = onFace(ledger, face, u, r)
            return isFlap
              ? onFlap(pocket, x - widthMm / 2, down)
              : onPocket(pocket, facing, x - widthMm / 2, down)
          },
        },
      ]
    }),
  )
}
/** Of faces that are alike, which one it is. */
const copyOf = (
  sides: readonly (readonly ['front' | 'back', readonly RowsFace[]])[],
  facing: 'front' | 'back',
  at: number,
): number => (facing === 'front' ? 0 : sides[0]![1].length) + at

/** How rows about a point lie: how far out each reaches, and how high it stands over the outermost. */
function domeOf(
  piece: Piece,
  half: boolean,
  soft: boolean,
): { readonly far: number[]; readonly high: number[] } {
  const far = [0]
  const rise = [0]
  for (let r = 1; r <= piece.rows; r++) {
    const ds = alongAt(piece, r) - alongAt(piece, r - 1)
    const own = widthAt(piece, r) / (half ? Math.PI : 2 * Math.PI)
    const reach = far[r - 1]! + ds
    const wanted = soft ? Math.min(own * (1 + GIVES), Math.max(own, reach)) : own
    far.push(Math.min(wanted, reach))
    rise.push(rise[r - 1]! + Math.sqrt(Math.max(0, ds * ds - (far[r]! - far[r - 1]!) ** 2)))
  }
  return { far, high: rise.map((now) => rise.at(-1)! - now) }
}
const inRows = (list: readonly number[], r: number): number => {
  const below = Math.min(list.length - 1, Math.max(0, Math.floor(r)))
  const from = list[below]!
  return from + ((list[below + 1] ?? from) - from) * (r - below)
}

/** Two discs or half rounds, and the strip between discs, which leaves the way in open at the top. */
export function arcSheets(
  ledger: Ledger,
  { half, second }: { readonly half: boolean; readonly second: number },
  { soft }: { readonly soft: boolean },
): Sheet[] {
  const domes = ledger.pieces.map((piece) => domeOf(piece, half, soft))
  const radius = Math.max(...domes[0]!.far)
  const thick = half ? THICK_MM / 2 : Math.max(THICK_MM, ledger.sizes.footprint.widthMm) / 2
  const face = (at: number, side: 1 | -1): Sheet => {
    const { far, high } = domes[at]!
    return {
      ...{ piece: at, copy: at === second && second > 0 ? 0 : side === 1 ? 0 : 1, u: [0, 1] },
      ...{ r: [0, ledger.pieces[at]!.rows], round: !half },
      at: (u, r) => {
        const out = inRows(far, r)
        const turn = half ? Math.PI / 2 + Math.PI * u : Math.PI + 2 * Math.PI * u
        // What is flat bulges a little; what is not does so by itself.
        const bulge = soft ? Math.max(0, BULGE * radius - high[0]!) : 0
        const z = thick + inRows(high, r) + bulge * (1 - (out / radius) ** 2)
        return [side * out * Math.sin(turn), radius + out * Math.cos(turn), side * z]
      },
    }
  }
  const faces = [face(0, 1), face(second, -1)]
  const strip = ledger.pieces.findIndex(({ id }) => id === 'bag')
  if (half || strip < 1) return faces
  const { rows } = ledger.pieces[strip]!
  const long = alongAt(ledger.pieces[strip]!, rows)
  const span = Math.min(long / radius, 2 * Math.PI)
  return [
    ...faces,
    {
      ...{ piece: strip, copy: 0, u: [0, 1], r: [0, rows], round: false },
      at: (u, r) => {
        const turn = Math.PI - span / 2 + (span * alongAt(ledger.pieces[strip]!, r)) / long
        return [radius * Math.sin(turn), radius + radius * Math.cos(turn), (u - 0.5) * 2 * thick]
      },
    },
  ]
}
