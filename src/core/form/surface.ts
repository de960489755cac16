import type { Sheet } from './sheet.ts'
import type { Vec } from './vector.ts'

/**
 * Fabric as a mesh: (columns + 1) × (lines + 1) places, line by line from the first row up. Of each its x, y and z in mm, and where it is
 * in the fabric: `u` along the row from the left as seen on its right side, a share that goes on beyond 1 where the row goes around;
 * `v` in rows from the start of the piece.
 */
export interface Surface {
  /** Index in the ledger's pieces; of a thing without rows −1, and which of the ledger's things it is. */
  readonly piece: number
  readonly item: number
  /** What a thing is drawn in: the letter of its yarn, or a colour; null for a piece. */
  readonly ink: string | null
  readonly copy: number
  readonly columns: number
  readonly lines: number
  readonly at: Float32Array
  readonly uv: Float32Array
  readonly round: boolean
}

/** No more places than this across and up: so a piece stays below 60,000 triangles. */
const MOST = { columns: 132, lines: 220 } as const

/** As many parts as there are, or an equal share of them. */
function steps(from: number, to: number, most: number): number[] {
  const all = Math.max(1, Math.ceil(to - from))
  const many = Math.min(all, most)
  return Array.from({ length: many + 1 }, (_, i) => from + ((to - from) * i) / many)
}

/** A sheet as a mesh. `stitches`: how many its rows have, at the most. */
export function meshed(sheet: Sheet, stitches: number): Surface {
  const { u, r, round } = sheet
  const columns = Math.min(
    MOST.columns,
    Math.max(round ? 64 : 10, Math.ceil(stitches * (u[1] - u[0]))),
  )
  const us = Array.from({ length: columns + 1 }, (_, i) => u[0] + ((u[1] - u[0]) * i) / columns)
  return gridded(sheet.piece, { ...sheet, item: -1 }, us, steps(r[0], r[1], MOST.lines), sheet.at)
}

/** Places of a grid of shares and rows. */
export function gridded(
  piece: number,
  of: {
    readonly copy: number
    readonly round: boolean
    readonly item: number
    readonly ink?: string
  },
  us: readonly number[],
  rs: readonly number[],
  at: (u: number, r: number) => Vec,
): Surface {
  const many = us.length * rs.length
  const [places, uv] = [new Float32Array(3 * many), new Float32Array(2 * many)]
  let i = 0
  for (const r of rs)
    for (const u of us) {
      places.set(at(u, r), 3 * i)
      uv.set([u, r], 2 * i)
      i++
    }
  const { copy, round, item, ink = null } = of
  return {
    ...{ piece, item, ink, copy, round, columns: us.length - 1, lines: rs.length - 1 },
    ...{ at: places, uv },
  }
}
