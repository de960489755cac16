import {
  handlesInRow,
  type Ledger,
  maybeHandleRow,
  partOfRow,
  type Piece,
  seenFromLeft,
} from '../ledger/index.ts'
import { archOf } from './arch.ts'
import { alongAt, facingAt, type Sheet } from './sheet.ts'
import { cross, dot, minus, plus, unit, type Vec } from './vector.ts'

/*
 * Handles in the edge: from the round that chains them on, the edge stands in stretches between them, and they stand up as bands of
 * their own, as long as their chains.
 */

/** A stretch of the handle round: shares of it from the left, and of the round below, over which it stands. */
interface Stretch {
  readonly own: readonly [number, number]
  readonly below: readonly [number, number]
  /** Chains, where it is a handle; 0 where it is the edge. */
  readonly chain: number
}

function stretchesOf(
  ledger: Ledger,
  piece: Piece,
  row: number,
  hand: 'right' | 'left',
): readonly Stretch[] {
  const { begin, side, makes, onto } = piece.columns
  const [many, fewer] = [makes[row]!, makes[onto[row]!]!]
  const first = (begin[row]! * fewer) / many
  const along = side[row] === 0 ? 1 : -1
  const seen = (from: number, to: number, start: number, count: number) => {
    const [a, b] = [from, to].map((at) => seenFromLeft(start + along * at, count, hand) / count)
    return [a!, b!] as const
  }
  const handles = handlesInRow(ledger, piece, row)
  return handles.flatMap((handle, i): Stretch[] => {
    const ends = { at: handle.at + handle.gap, from: handle.from + handle.chain }
    // The last stretch of edge goes on around the beginning of the round.
    const next = handles[i + 1] ?? { at: handles[0]!.at + fewer, from: handles[0]!.from + many }
    return [
      {
        own: seen(handle.from, ends.from, begin[row]!, many),
        below: seen(handle.at, ends.at, first, fewer),
        chain: handle.chain,
      },
      {
        own: seen(ends.from, next.from, begin[row]!, many),
        below: seen(ends.at, next.at, first, fewer),
        chain: 0,
      },
    ]
  })
}

/** A stretch of fabric above the cut: `t` goes over it from its one end to the other, `mm` up from the round below it. */
function stretchSheet(
  body: Sheet,
  piece: Piece,
  row: number,
  { own, below }: Stretch,
  at: (t: number, mm: number) => Vec,
): Sheet {
  const [low, high] = own[0] < own[1] ? own : [own[1], own[0]]
  return {
    ...{ piece: body.piece, copy: body.copy, u: [low, high], r: [row, piece.rows], round: false },
    at: (u, r) => {
      const share = (u - own[0]) / (own[1] - own[0])
      return at(below[0] + (below[1] - below[0]) * share, alongAt(piece, r) - alongAt(piece, row))
    },
  }
}

/** The body with its handles standing up; as it is where it has none. */
export function withHandles(ledger: Ledger, body: Sheet, hand: 'right' | 'left'): readonly Sheet[] {
  const piece = ledger.pieces[body.piece]!
  const row = maybeHandleRow(ledger, piece)
  if (row === null) return [body]
  const { stitchWidthMm } = partOfRow(piece, row).gauge
  const stretches = stretchesOf(ledger, piece, row, hand)
  const rim = (u: number) => body.at(u, row)
  return [
    { ...body, r: [0, row] },
    ...stretches.map((stretch): Sheet => {
      const [a, b] = stretch.below
      if (stretch.chain === 0)
        return stretchSheet(body, piece, row, stretch, (u, mm) => plus(rim(u), [0, 1, 0], mm))
      const middle = (a + b) / 2
      const { out } = facingAt(body, middle, row)
      const way = archOf(rim(a), rim(b), stretch.chain * stitchWidthMm, out)
      const centre = way(0.5)
      const inside: Vec = [rim(middle)[0], (rim(middle)[1] + centre[1]) / 2, rim(middle)[2]]
      const plane = unit(cross(minus(rim(b), rim(a)), [0, 1, 0]), out)
      return stretchSheet(body, piece, row, stretch, (u, mm) => {
        const t = (u - a) / (b - a)
        const tangent = minus(way(Math.min(1, t + 0.01)), way(Math.max(0, t - 0.01)))
        const off = unit(cross(plane, unit(tangent)))
        const away = dot(off, minus(way(t), inside)) < 0 ? -1 : 1
        return plus(way(t), off, away * mm)
      })
    }),
  ]
}
