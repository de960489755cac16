import { type Join, type Ledger, type Piece, rowById } from '../ledger/index.ts'
import type { Edge, Spot } from '../part/index.ts'
import type { JoinSide } from '../shape/index.ts'
import { SEAM_LENGTHS, seamMm, TAIL_METRES } from '../yarn/index.ts'
import type { Words } from '../stitch/index.ts'
import { counted, listed, ordinal, printLength } from '../units/index.ts'
import { rowWord } from '../terms/index.ts'
import { capital } from './finish.ts'
import { rhythmWords } from './rhythm.ts'

type SeamKind = keyof typeof seamWords

/** Where one piece meets another, beside its edges. */
export const meetingWords = {
  row: 'one of its rows',
  up: 'up its rows',
  around: 'all around it',
} as const
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
  flat: 'Sew flat',
  'pick-up': 'Pick up',
} as const

/** Which sides face in a kind of seam, and what it is called where that is not said (common practice). */
const facing: Readonly<Record<SeamKind, string>> = {
  whip: 'wrong sides together',
  mattress: 'right sides up, edge to edge',
  slip: 'right sides together, through the near loop of the one and the far loop of the other',
  single: 'wrong sides together, so that the ridge shows',
  flat: 'right sides up, edge to edge, through the outer loops alone',
  'pick-up': '',
}
const called: Readonly<Partial<Record<SeamKind, string>>> = {
  whip: 'Whip stitch, ',
  mattress: 'Mattress stitch, ',
}
/** Row ends are sewn so that the seam is not seen; what meets stitches is whipped. */
const usualSeam = ([one, other]: Join['sides']): SeamKind =>
  one.of === 'row ends' && other.of === 'row ends' ? 'mattress' : 'whip'

/** Lengths of yarn are left in steps of these. */
const STEPS = { metric: { mm: 50, is: 5, unit: 'cm' }, imperial: { mm: 50.8, is: 2, unit: 'in' } }

/** How a join is sewn: the seam, which sides face, and the yarn to leave for it. Null for stitches that are picked up. */
export function seamText(join: Join, words: Words): string | null {
  const { kind, how, sides, together } = join
  if (kind === 'pick-up') return null
  const seam = how ?? usualSeam(sides)
  const yarn = seamMm(join) * SEAM_LENGTHS + TAIL_METRES * 1000
  const { mm, is, unit: of } = STEPS[words.units]
  const face = together ? `${together} sides together` : facing[seam]
  const said = join.lapMm
    ? 'Small stitches through both'
    : capital(`${how ? '' : (called[seam] ?? '')}${face}`)
  return `${said}; leave about ${Math.ceil(yarn / mm) * is} ${of} of yarn for it.`
}

/** Worked with the other hand a piece is its own mirror image. */
const forHand = (text: string, { hand }: Words): string =>
  hand === 'right'
    ? text
    : text.replace(/\b(left|right)(?= (?:side|edge)\b)/g, (side) =>
        side === 'left' ? 'right' : 'left',
      )

/** "Sew front to back along the bottom: 60 pairs." */
export const joinText = (join: Join, ledger: Ledger, words: Words): string =>
  forHand(plainJoin(join, ledger, words), words)

/** "Lay the first 2.5 cm of Strap over the last row of Body from stitch 18 on (9.0 cm on from one side), and sew it down around its edges: 7 stitches wide." */
function lapWords(join: Join, lapMm: number, ledger: Ledger, words: Words): string {
  const [one, other] = join.sides
  const { name, times } = pieceOf(one, ledger)
  const end = one.spot.on === 'first' ? 'first' : one.spot.on === 'last' ? 'last' : 'outer'
  const inside = other.spot.side === 'WS' ? ' on the wrong side' : ''
  return `Lay the ${end} ${printLength(lapMm, words.units)} of ${name} over ${metWords(other, ledger, times)}${besideWords(join, words)}${inside}, and sew it down around its edges: ${counted(join.count, 'stitch')} wide.`
}

const namedPlaces: Readonly<Partial<Record<Spot['by'], string>>> = {
  front: 'the middle of the front',
  back: 'the middle of the back',
  side: 'one side',
  'other-side': 'the other side',
}
/** " (9.0 cm on from one side)", where that is how it was placed. */
function besideWords({ to }: Join, { units }: Words): string {
  const named = to && namedPlaces[to.by]
  if (!named) return ''
  if (to.at === 0) return ` (its middle at ${named})`
  const far = to.inMm ? printLength(Math.abs(to.at), units) : counted(Math.abs(to.at), 'stitch')
  return ` (its middle ${far} ${to.at > 0 ? 'on from' : 'before'} ${named})`
}

/** "12 pairs"; "58 stitches along 77 row ends, 3 stitches to every 4 of them". */
function matchWords({ count, sides: [one, other], byLength }: Join): string {
  if (!byLength) return counted(count, 'pair')
  const [own, met] = [one, other].map(({ count: many, of }) => counted(many, unit(of)))
  const [stitches, ends] = one.of === 'stitches' ? [one, other] : [other, one]
  return `${own} along ${met}, ${rhythmWords(stitches.count, ends.count)}`
}

function plainJoin(join: Join, ledger: Ledger, words: Words): string {
  const { kind, text, sides, how, count } = join
  const [one, other] = sides
  if (text === null && one.piece === other.piece && kind !== 'pick-up')
    return `${foldWords(one, other, ledger)} ${counted(count, 'pair')}.`
  if (join.around)
    return `Pick up the first round of ${pieceOf(one, ledger).name} all around ${metWords(other, ledger, pieceOf(one, ledger).times)}: ${counted(count, 'stitch')}.`
  if (text === null && kind === 'pick-up')
    return `Pick up the ${edgeWords[one.spot.on as Edge]} of ${pieceOf(one, ledger).name} along ${metWords(other, ledger, pieceOf(one, ledger).times)}: ${counted(count, 'stitch')} along ${counted(other.count, unit(other.of))}.`
  if (text === null && join.lapMm) return lapWords(join, join.lapMm, ledger, words)
  if (text === null)
    return `${seamWords[how!]} the ${edgeWords[one.spot.on as Edge]} of ${pieceOf(one, ledger).name} to ${metWords(other, ledger, pieceOf(one, ledger).times)}${other.spot.side === 'WS' ? ', on the wrong side' : ''}: ${matchWords(join)}.`
  if (kind === 'pick-up') return `${text}: ${count}.`
  const open = kind === 'sew-on' ? Math.max(0, other.count - count) : 0
  return `${text}: ${counted(count, 'pair')}${open > 0 ? openWords(open, pieceOf(other, ledger), words) : ''}.`
}

/** "; 41 stitches stay open over 20.5 cm": of what is sewn on, the rest is the opening and no fault. */
function openWords(open: number, { columns, rows }: Piece, { units }: Words): string {
  const mm = (open * columns.widthMm[rows - 1]!) / Math.max(1, columns.makes[rows - 1]!)
  return `; ${counted(open, 'stitch')} ${open === 1 ? 'stays' : 'stay'} open over ${printLength(mm, units)}`
}

/** "Fold Strap along its length, and whip-stitch its left side to its right side": a piece that is sewn to itself. */
function foldWords(one: JoinSide, other: JoinSide, ledger: Ledger): string {
  const { name } = pieceOf(one, ledger)
  const [own, met] = [one.spot.on as Edge, other.spot.on]
  const sides = ['left', 'right']
  const how =
    sides.includes(own) && sides.includes(met)
      ? `Fold ${name} along its length`
      : met === 'row' || met === 'up' || met === 'around'
        ? `Fold ${name} in`
        : `Close ${name} to a ring`
  const { edge, from } = placeOn(other, ledger)
  const itself = edge === null ? 'itself' : `its ${edge.replace(/^the /, '')}`
  return `${how}, and sew its ${edgeWords[own]} to ${itself}${from}:`
}

/** "stitch 31", "row end 3"; of strips that lie side by side "stitch 5 of strip 2 of the front". */
function fromWords({ of, spot }: JoinSide, { across, columns, rows }: Piece): string {
  const { at } = spot
  if (across === undefined || of === 'row ends') return `${unit(of)} ${at + 1}`
  const count = columns.makes[rows - 1]!
  const strip = Math.floor(at / count) % (2 * across)
  const face = strip < across ? 'front' : 'back'
  return `${unit(of)} ${(at % count) + 1} of strip ${(strip % across) + 1} of the ${face}`
}

/** Of a piece that is made several times and meets one round the others stand as far around from one another. */
export function copiesWords(
  { of, spot }: JoinSide,
  { columns, rows, worked, times }: Piece,
  made: number,
): string {
  if (made < 2 || worked !== 'rounds' || times > 1 || of !== 'stitches') return ''
  const count = columns.makes[rows - 1]!
  const others = Array.from({ length: made - 1 }, (_, i) => {
    const at = Math.round(spot.at + ((i + 1) * count) / made) % count
    return `the ${ordinal(i + 2)} from ${unit(of)} ${at + 1} on`
  })
  return others.length > 5
    ? `the others every ${Math.floor(count / made)} stitches`
    : listed(others)
}

const withCopies = (side: JoinSide, piece: Piece, times: number): string => {
  const others = copiesWords(side, piece, times)
  return others && `, ${others}`
}

/** A side that is met: the edge or row, or (up its rows) none, and where on it. */
function placeOn(side: JoinSide, ledger: Ledger, times = 1) {
  const { on, row, at } = side.spot
  const piece = pieceOf(side, ledger)
  const from =
    at > 0 || piece.across !== undefined || times > 1
      ? ` from ${fromWords(side, piece)} on${times > 1 ? withCopies(side, piece, times) : ''}`
      : ''
  if (on === 'around') return { edge: null, from: '' }
  if (piece.across !== undefined && (on === 'first' || on === 'last'))
    return { edge: on === 'last' ? 'the upper edge' : 'the lower edge', from }
  if (on !== 'row' && on !== 'up') return { edge: `the ${edgeWords[on]}`, from }
  const index = row === null ? piece.rows - 1 : (rowById(piece, row) ?? piece.rows - 1)
  const said = `${rowWord(piece.worked)} ${piece.columns.number[index]}`
  return on === 'row'
    ? { edge: said, from }
    : { edge: null, from: ` from ${said} up at ${fromWords({ ...side, of: 'stitches' }, piece)}` }
}

/**
 * "the last row of Body from stitch 31 on", "row 12 of Body", "Body from row 12 up at stitch 5".
 * @param times how often the piece is made that meets it: of what is made several times it goes to one, or one to each
 */
export function metWords(side: JoinSide, ledger: Ledger, times = 1): string {
  const piece = pieceOf(side, ledger)
  const { edge, from } = placeOn(side, ledger, times)
  const name =
    piece.across !== undefined
      ? 'the strips'
      : piece.times === 1
        ? piece.name
        : `${times > 1 ? 'each' : 'one'} ${piece.name}`
  return `${edge === null ? '' : `${edge} of `}${name}${from}`
}

const pieceOf = ({ piece }: JoinSide, { pieces }: Ledger): Piece =>
  pieces.find(({ id }) => id === piece)!
const unit = (of: 'stitches' | 'row ends') => (of === 'stitches' ? 'stitch' : 'row end')
