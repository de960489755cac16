import { type Join, type Ledger, type Piece, rowById } from '../ledger/index.ts'
import { counted } from '../units/index.ts'

type Placed = Exclude<Join['place'], object>

/** What each join of a construction does, and where. */
const places: Readonly<Record<Placed, string>> = {
  'around-base': 'Pick up stitches all around the base',
  'around-top': 'Pick up stitches around the top',
  'left-side': 'Sew the left side',
  'right-side': 'Sew the right side',
  bottom: 'Sew the bottom',
  'fold-left': 'Sew front to back along the left side',
  'fold-right': 'Sew front to back along the right side',
  'tube-bottom': 'Sew front to back along the bottom',
  curve: 'Sew along the curve; the straight edges stay open',
  'one-disc':
    'Sew the strip to one disc, from one of its increase lines on, one row end to one stitch',
  'other-disc':
    'Sew the strip to the other disc, from the same increase line on, so that the opening lies alike on both, one row end to one stitch',
  'square-to-square': 'Sew square to square, on both faces',
  'face-to-face': 'Sew face to face, along both sides and the bottom',
  'strip-to-strip': 'Sew strip to strip',
}

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
export function joinText(join: Join, ledger: Ledger): string {
  const { kind, place, sides, how, count } = join
  const [one, other] = sides
  if (typeof place === 'object') {
    const name = (id: string) => ledger.pieces.find((piece) => piece.id === id)!.name
    return `${seamWords[how!]} the ${edgeWords[place.edge]} of ${name(one.piece)} to ${metWords(
      place,
      other.of,
      ledger.pieces.find(({ id }) => id === other.piece)!,
    )}: ${counted(count, 'pair')}.`
  }
  if (kind === 'pick-up') return `${places[place]}: ${count}.`
  const open = kind === 'sew-on' ? Math.max(0, other.count - count) : 0
  return `${places[place]}: ${counted(count, 'pair')}${open > 0 ? `; ${counted(open, 'stitch')} ${open === 1 ? 'stays' : 'stay'} open` : ''}.`
}

/** "the last row of Body from stitch 31 on", "row 12 of Body", "Body from row 12 up at stitch 5". */
export function metWords(
  { onto, row, at }: Exclude<Join['place'], string>,
  of: 'stitches' | 'row ends',
  piece: Piece,
): string {
  const from = at > 0 ? ` from ${unit(of)} ${at + 1} on` : ''
  if (onto !== 'row' && onto !== 'up') return `the ${edgeWords[onto]} of ${piece.name}${from}`
  const index = row === null ? piece.rows - 1 : (rowById(piece, row) ?? piece.rows - 1)
  const said = `${piece.worked === 'rounds' ? 'round' : 'row'} ${piece.columns.number[index]}`
  return onto === 'row'
    ? `${said} of ${piece.name}${from}`
    : `${piece.name} from ${said} up at stitch ${at + 1}`
}

const unit = (of: 'stitches' | 'row ends') => (of === 'stitches' ? 'stitch' : 'row end')
