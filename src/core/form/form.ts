import { maybeBaseOf } from '../design/index.ts'
import type { Compiled, Piece } from '../ledger/index.ts'
import { attachedSheets } from './attached.ts'
import { bodySheets, type Ways } from './body.ts'
import type { Sheet } from './sheet.ts'
import { meshed, type Surface } from './surface.ts'
import { thingSurfaces } from './things.ts'
import type { Vec } from './vector.ts'

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

const widest = ({ columns: { makes } }: Piece): number =>
  makes.reduce((most, n) => Math.max(most, n), 1)

/** The bag in space. Pure; finite for any bag. */
export function formOf(compiled: Compiled, ways: Ways): Form {
  const { ledger } = compiled
  const sheets = sheetsOf(compiled, ways)
  const surfaces = sheets.map((sheet) => meshed(sheet, widest(ledger.pieces[sheet.piece]!)))
  const things = thingSurfaces({ ledger, sheets, hand: ways.hand })
  const all = [...surfaces, ...things]
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
