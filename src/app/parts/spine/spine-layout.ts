import type { Ledger, Piece } from '@core/ledger'

/** A part on the strip: its place in pixels, y growing downward, and where its label stands. */
export interface SpinePart {
  readonly id: string
  /** Unlike any other: a base has rows in several pieces. */
  readonly key: string
  readonly name: string
  readonly kind: string
  readonly worked: Piece['worked']
  readonly rounds: number
  /** How often its piece is made. */
  readonly times: number
  /** How often it is worked where it is of a block: 1 where it is not, 0 of a later time, which has no label of its own. */
  readonly again: number
  /** Index of its piece, and its rows there. */
  readonly piece: number
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
export const LABEL = { width: 66, height: 27 } as const

/** Room between two pieces, where their join is drawn. */
export const PIECE_GAP = 9

/** Which pieces lie on the mat; all unless it is said. */
type Shown = (piece: Piece) => boolean
const all: Shown = () => true

/** How much of the strip the pieces take, in mm. */
export const stripMm = ({ pieces }: Ledger, shown = all): number =>
  pieces.filter(shown).reduce((sum, { columns }) => sum + columns.alongMm.at(-1)!, 0)

/** Places the parts of the pieces on a strip whose foot is at `foot`, so many pixels a millimetre, in working order. */
export function spineParts(
  ledger: Ledger,
  foot: number,
  pxPerMm: number,
  shown = all,
  againOf: (id: string) => number = () => 1,
): SpinePart[] {
  const list: SpinePart[] = []
  let from = foot
  ledger.pieces.forEach((piece, at) => {
    if (!shown(piece)) return
    const { alongMm } = piece.columns
    const y = (row: number) => from - (row > 0 ? alongMm[row - 1]! : 0) * pxPerMm
    piece.parts.forEach(({ id, kind, name, firstRow, endRow }, i) => {
      const [bottom, top] = [y(firstRow), y(endRow)]
      list.push({
        id,
        key: `${piece.id} ${id}`,
        kind,
        // Where there are several pieces, a part they share is called by the piece.
        name: i === 0 && ledger.pieces.filter(shown).length > 1 ? piece.name : name,
        times: piece.times,
        again: againOf(id),
        worked: piece.worked,
        rounds: endRow - firstRow,
        piece: at,
        firstRow,
        endRow,
        top,
        bottom,
        labelY: (top + bottom) / 2,
      })
    })
    from -= alongMm.at(-1)! * pxPerMm + PIECE_GAP
  })
  const labelled = new Map(
    spread(
      list.filter(({ again }) => again > 0),
      foot,
    ).map((part) => [part.key, part]),
  )
  return list.map((part) => labelled.get(part.key) ?? part)
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
