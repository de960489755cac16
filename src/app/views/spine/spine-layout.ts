import type { Piece } from '@core/ledger'

/** A part on the strip: its place in pixels, y growing downward, and where its line in the list is. */
export interface SpinePart {
  readonly id: string
  readonly kind: string
  readonly rounds: number
  /** How often it is worked where it is of a block: 1 where it is not, 0 of a later time, which has no line of its own. */
  readonly again: number
  readonly firstRow: number
  readonly endRow: number
  readonly top: number
  readonly bottom: number
  /** The room of its line, which is never so thin that it cannot be read and hit; all lines lie on one another without gaps. */
  readonly slot: { readonly top: number; readonly bottom: number }
}

/** Where the strip lies on the mat, and how much room is above and below it. */
export const STRIP = { x: 36, width: 62, pad: 14 } as const
/** Lines of two rows of words are at least this high. */
export const LINE = 34

/** How high the strip is: as high as there is room, and at least as high as its lines want. */
export const stripHeight = (lines: number, room: number): number =>
  Math.max(room, lines * LINE + 2 * STRIP.pad)

/** Places the parts of a piece on a strip of this height, so many pixels a millimetre, from below. */
export function spineParts(
  { parts, columns: { alongMm } }: Pick<Piece, 'parts' | 'columns'>,
  height: number,
  pxPerMm: number,
  againOf: (id: string) => number = () => 1,
): SpinePart[] {
  const foot = height - STRIP.pad
  const y = (row: number) => foot - (row > 0 ? alongMm[row - 1]! : 0) * pxPerMm
  const list = parts.map(({ id, kind, firstRow, endRow }) => ({
    ...{ id, kind, firstRow, endRow, again: againOf(id), rounds: endRow - firstRow },
    ...{ top: y(endRow), bottom: y(firstRow) },
  }))
  const lines = list.filter(({ again }) => again > 0)
  const edges = edgesOf(
    lines.map(({ top }) => top),
    height,
  )
  const slots = new Map(
    lines.map(({ id }, i) => [id, { top: edges[i + 1]!, bottom: edges[i]! }] as const),
  )
  const none = { top: 0, bottom: 0 }
  return list.map((part) => ({ ...part, slot: slots.get(part.id) ?? none }))
}

/**
 * Where one line ends and the next begins, from below: at the tops of the parts, moved apart where they are too near.
 * @param tops of the parts, from below
 */
function edgesOf(tops: readonly number[], height: number): number[] {
  const edges = [height, ...tops.slice(0, -1), 0]
  for (let i = 1; i < edges.length - 1; i++) edges[i] = Math.min(edges[i]!, edges[i - 1]! - LINE)
  for (let i = edges.length - 2; i > 0; i--) edges[i] = Math.max(edges[i]!, edges[i + 1]! + LINE)
  return edges
}
