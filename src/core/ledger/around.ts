import type { Corner, PieceJoin } from '../design/index.ts'
import { type Program, type Step, work } from '../program/index.ts'
import type { Around, Piece } from './ledger.ts'

/* A round that is picked up all around a flat piece: along its last row, down one side, along its first row and up the other, with its corners. */

/** Stitches (or chains) in each corner. */
export const cornerOf: Readonly<Record<Corner, number>> = {
  none: 0,
  three: 3,
  'ch-1': 1,
  'ch-2': 2,
  'ch-3': 3,
}
const CORNERS = 4

const edgesOf = ({ columns, rows }: Piece) => ({
  last: columns.makes[rows - 1]!,
  first: columns.makes[0]!,
  upMm: columns.alongMm[rows - 1]!,
})

/** The way around a flat piece, in mm. */
export const wayAround = ({ columns, rows }: Piece): number =>
  columns.widthMm[rows - 1]! + columns.widthMm[0]! + 2 * columns.alongMm[rows - 1]!

/** The round that lies flat: one in each stitch, row ends by their length, and the corners. */
export function flatAround(piece: Piece, stitchMm: number, corner: Corner): number {
  const { last, first, upMm } = edgesOf(piece)
  return last + first + 2 * Math.round(upMm / stitchMm) + CORNERS * cornerOf[corner]
}

/** So many stitches around a flat piece: one in each stitch as far as there are, the sides share what is left. */
export function sharedAround(piece: Piece, count: number, said: Corner): Around {
  const { last, first, upMm } = edgesOf(piece)
  const corner = cornerOf[said]
  const left = count - CORNERS * corner
  const beside = left - last - first
  if (beside >= 2) {
    const down = Math.floor(beside / 2)
    return { last, left: down, first, right: beside - down, corner }
  }
  // Too few for that: by length.
  const { widthMm } = piece.columns
  const [one, other] = [widthMm[piece.rows - 1]!, widthMm[0]!]
  const all = one + other + 2 * upMm
  const share = (mm: number) => Math.max(0, Math.floor((Math.max(0, left) * mm) / all))
  const [a, b, c] = [share(one), share(upMm), share(other)]
  return { last: a, left: b, first: c, right: Math.max(0, left - a - b - c), corner }
}

/** Such a round as a program: its corners are chains, or three stitches in one place. */
export function aroundProgram(
  { last, left, first, right, corner }: Around,
  said: Corner,
  stitch: string,
  yarn: string,
): Program {
  const turn: Step[] =
    corner === 0
      ? []
      : said === 'three'
        ? [work(stitch, corner, { yarn })]
        : [{ do: 'chain', times: corner, yarn, stands: 'over' }]
  return [last, left, first, right].flatMap((many) => [
    ...(many > 0 ? [work(stitch, many, { yarn })] : []),
    ...turn,
  ])
}

/** The join by which a piece is picked up all around another. */
export const aroundIn = (joins: readonly PieceJoin[]): PieceJoin | null =>
  joins.find(({ edge, how, to }) => edge === 'first' && how === 'pick-up' && to.on === 'around') ??
  null
