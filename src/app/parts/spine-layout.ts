import type { Piece } from '@core/ledger'

/** A part on the strip: its place in pixels, y growing downward, and where its label stands. */
export interface SpinePart {
  readonly id: string
  readonly name: string
  readonly kind: string
  readonly rounds: number
  readonly firstRow: number
  readonly endRow: number
  readonly top: number
  readonly bottom: number
  readonly labelY: number
}

/** The mat, and where the strip and the picture of the whole bag lie on it. */
export const WIDTH = 176
export const STRIP = { x: 46, width: 56, top: 214, below: 30 } as const
export const PICTURE = { width: 108, height: 112, x: 40, top: 34 } as const

/** Labels of two lines stand at least this far apart. */
const LABEL_GAP = 29

/** Places the parts of a piece on a strip whose foot is at `foot`, so many pixels a millimetre. */
export function spineParts(piece: Piece, foot: number, pxPerMm: number): SpinePart[] {
  const { alongMm } = piece.columns
  const at = (row: number) => foot - (row > 0 ? alongMm[row - 1]! : 0) * pxPerMm
  const parts = piece.parts.map((part) => {
    const [bottom, top] = [at(part.firstRow), at(part.endRow)]
    return { ...part, rounds: part.endRow - part.firstRow, top, bottom, labelY: (top + bottom) / 2 }
  })
  return spread(parts, foot)
}

/** Moves labels apart, from the foot up and then back down where they ran out of room at the top. */
function spread(parts: SpinePart[], foot: number): SpinePart[] {
  const ys = parts.map(({ labelY }) => labelY)
  for (let i = 0, free = foot - LABEL_GAP / 2 + 6; i < ys.length; i++) {
    ys[i] = Math.min(ys[i]!, free)
    free = ys[i]! - LABEL_GAP
  }
  const top = parts.at(-1)?.top ?? 0
  for (let i = ys.length - 1, free = top + 8; i >= 0 && ys[i]! < free; i--) {
    ys[i] = free
    free += LABEL_GAP
  }
  return parts.map((part, i) => ({ ...part, labelY: ys[i]! }))
}
