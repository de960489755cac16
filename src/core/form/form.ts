import { maybeBaseOf } from '../design/index.ts'
import type { Compiled, Piece } from '../ledger/index.ts'
import { attachedSheets, maybeCord } from './attached.ts'
import { bodySheets, type Ways } from './body.ts'
import type { Sheet } from './sheet.ts'
import { gridded, meshed, type Surface } from './surface.ts'
import { cross, minus, plus, unit, type Vec } from './vector.ts'

/** A bag as it is in space: its pieces as meshes, each in its place. In mm; it stands on the ground, at y = 0. */
export interface Form {
  readonly surfaces: readonly Surface[]
  /** The box it is in. */
  readonly low: Vec
  readonly high: Vec
}

/** All of a bag as sheets: the pieces of its construction, and hers in their places. */
export function sheetsOf(compiled: Compiled, ways: Ways): readonly Sheet[] {
  const { design, ledger } = compiled
  const body = bodySheets(compiled, ways)
  const own = new Set(
    design.pieces
      .slice(1)
      .filter(maybeBaseOf)
      .map(({ id }) => id),
  )
  return [...body, ...attachedSheets({ ledger, sheets: body, hand: ways.hand }, own)]
}

const AROUND = 10
const THICK = 0.55
/** A cord as a tube along its way. */
function cordSurface(item: number, way: (share: number) => Vec, thickMm: number): Surface {
  const us = Array.from({ length: AROUND + 1 }, (_, i) => i / AROUND)
  const rs = Array.from({ length: 61 }, (_, i) => i)
  return gridded(-1, { copy: 0, round: true, item }, us, rs, (u, r) => {
    const share = r / 60
    const tangent = unit(minus(way(Math.min(1, share + 0.01)), way(Math.max(0, share - 0.01))))
    const side = unit(cross(tangent, [0, 0, 1]), unit(cross(tangent, [1, 0, 0]), [1, 0, 0]))
    const other = cross(tangent, side)
    const turn = 2 * Math.PI * u
    const off = plus(
      [side[0] * Math.cos(turn), side[1] * Math.cos(turn), side[2] * Math.cos(turn)],
      other,
      Math.sin(turn),
    )
    return plus(way(share), off, thickMm)
  })
}

const widest = ({ columns: { makes } }: Piece): number =>
  makes.reduce((most, n) => Math.max(most, n), 1)

/** The bag in space. Pure; finite for any bag. */
export function formOf(compiled: Compiled, ways: Ways): Form {
  const { ledger } = compiled
  const sheets = sheetsOf(compiled, ways)
  const surfaces = sheets.map((sheet) => meshed(sheet, widest(ledger.pieces[sheet.piece]!)))
  const cords = ledger.items.flatMap((item, i) => {
    const cord = maybeCord({ ledger, sheets, hand: ways.hand }, item)
    const { stitchWidthMm } = ledger.pieces[0]!.parts[0]!.gauge
    return cord ? [cordSurface(i, cord.way, THICK * stitchWidthMm)] : []
  })
  const all = [...surfaces, ...cords]
  const [low, high] = boxOf(all)
  return { surfaces: all, low, high }
}

function boxOf(surfaces: readonly Surface[]): readonly [Vec, Vec] {
  const [low, high] = [
    [Infinity, Infinity, Infinity],
    [-Infinity, -Infinity, -Infinity],
  ] as [[number, number, number], [number, number, number]]
  for (const { at } of surfaces)
    for (let i = 0; i < at.length; i++) {
      const axis = i % 3
      low[axis] = Math.min(low[axis]!, at[i]!)
      high[axis] = Math.max(high[axis]!, at[i]!)
    }
  return surfaces.length > 0
    ? [low, high]
    : [
        [0, 0, 0],
        [0, 0, 0],
      ]
}
