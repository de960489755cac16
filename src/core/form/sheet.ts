import type { Piece } from '../ledger/index.ts'
import { cross, minus, plus, unit, type Vec } from './vector.ts'

/**
 * Fabric of a piece as it lies in space. Along a row `u` is the share of it from the left, as it is seen on its right side; `r` is the
 * rows from the start of the piece, a whole number at the top of a row.
 */
export interface Sheet {
  /** Index in the ledger's pieces, and which of those that are made alike. */
  readonly piece: number
  readonly copy: number
  readonly u: readonly [from: number, to: number]
  readonly r: readonly [from: number, to: number]
  /** It closes to a round. */
  readonly round: boolean
  readonly at: (u: number, r: number) => Vec
}

/** How far along the fabric rows reach: at the top of row `r`. */
export function alongAt({ columns: { alongMm } }: Pick<Piece, 'columns'>, r: number): number {
  const row = Math.min(alongMm.length, Math.max(0, r))
  const below = Math.floor(row)
  const from = below > 0 ? alongMm[below - 1]! : 0
  return below >= alongMm.length ? from : from + (alongMm[below]! - from) * (row - below)
}

/** The row at which the fabric reaches so far. */
export function rowAtMm({ columns: { alongMm } }: Pick<Piece, 'columns'>, mm: number): number {
  let row = 0
  while (row < alongMm.length && alongMm[row]! < mm) row++
  if (row >= alongMm.length) return alongMm.length
  const from = row > 0 ? alongMm[row - 1]! : 0
  return row + Math.max(0, mm - from) / Math.max(1e-9, alongMm[row]! - from)
}

/** How wide it is at the top of row `r`; of a first row at its foot as at its top, where it does not begin in a point. */
export function widthAt({ columns: { widthMm } }: Pick<Piece, 'columns'>, r: number): number {
  const last = widthMm.length - 1
  const row = Math.min(last, Math.max(0, r - 1))
  const below = Math.floor(row)
  const from = widthMm[below]!
  return from + (widthMm[Math.min(last, below + 1)]! - from) * (row - below)
}

const STEP = 1e-3
/** The way it faces on its right side, and the ways along and up it. */
export function facingAt(
  { at, u: [u0, u1], r: [r0, r1] }: Sheet,
  u: number,
  r: number,
): { readonly out: Vec; readonly along: Vec; readonly up: Vec } {
  const du = STEP * (u1 - u0)
  const dr = STEP * (r1 - r0)
  const [low, high] = [Math.max(r0, r - dr), Math.min(r1, r + dr)]
  const along = unit(minus(at(u + du, r), at(u - du, r)), [1, 0, 0])
  const up = unit(minus(at(u, high), at(u, low)))
  return { out: unit(cross(along, up), [0, 0, 1]), along, up }
}

/** The sheet moved off its fabric by so much, to its right side. */
export const offBy =
  (sheet: Sheet, mm: number) =>
  (u: number, r: number): Vec =>
    plus(sheet.at(u, r), facingAt(sheet, u, r).out, mm)
