import { type Join, type Ledger, type Piece, rowById } from '../ledger/index.ts'
import type { Edge } from '../part/index.ts'
import type { JoinSide } from '../shape/index.ts'
import { counted } from '../units/index.ts'
import { rowWord } from '../terms/index.ts'

/** Where one piece meets another, beside its edges. */
export const meetingWords = { row: 'one of its rows', up: 'up its rows' } as const
export const edgeWords = {
  first: 'first row',
  last: 'last row',
  left: 'left side',
  right: 'right side',
} as const
/** How two edges are sewn together. */
export const seamWords = {
  whip: 'Whip-stitch',
  mattress: 'Sew with mattress stitch',
  slip: 'Join with slip stitches',
  single: 'Join with single crochet',
  'pick-up': 'Pick up',
} as const

/** "Sew front to back along the bottom: 60 pairs." */
export function joinText({ kind, text, sides, how, count }: Join, ledger: Ledger): string {
  const [one, other] = sides
  if (text === null)
    return `${seamWords[how!]} the ${edgeWords[one.spot.on as Edge]} of ${pieceOf(one, ledger).name} to ${metWords(other, ledger)}: ${counted(count, 'pair')}.`
  if (kind === 'pick-up') return `${text}: ${count}.`
  const open = kind === 'sew-on' ? Math.max(0, other.count - count) : 0
  return `${text}: ${counted(count, 'pair')}${open > 0 ? `; ${counted(open, 'stitch')} ${open === 1 ? 'stays' : 'stay'} open` : ''}.`
}

/** "the last row of Body from stitch 31 on", "row 12 of Body", "Body from row 12 up at stitch 5". */
export function metWords(side: JoinSide, ledger: Ledger): string {
  const { on, row, at } = side.spot
  const piece = pieceOf(side, ledger)
  const from = at > 0 ? ` from ${unit(side.of)} ${at + 1} on` : ''
  if (on !== 'row' && on !== 'up') return `the ${edgeWords[on]} of ${piece.name}${from}`
  const index = row === null ? piece.rows - 1 : (rowById(piece, row) ?? piece.rows - 1)
  const said = `${rowWord(piece.worked)} ${piece.columns.number[index]}`
  return on === 'row'
    ? `${said} of ${piece.name}${from}`
    : `${piece.name} from ${said} up at stitch ${at + 1}`
}

const pieceOf = ({ piece }: JoinSide, { pieces }: Ledger): Piece =>
  pieces.find(({ id }) => id === piece)!
const unit = (of: 'stitches' | 'row ends') => (of === 'stitches' ? 'stitch' : 'row end')
