import { fittingOf, saidOf } from '../fitting/index.ts'
import { type Spot } from '../part/index.ts'
import { type Ledger, type LedgerItem, type Piece, placeWords } from '../ledger/index.ts'
import type { Words } from '../stitch/index.ts'
import { edgeWords } from './joins.ts'
import { rowWord } from '../terms/index.ts'
import { counted, printLength } from '../units/index.ts'

/* Things beside the pieces in words. */

const byWords: Readonly<Record<Spot['by'], string | null>> = {
  stitch: null,
  length: null,
  front: 'the middle of the front',
  back: 'the middle of the back',
  side: 'one side',
  'other-side': 'the other side',
}

/** What is flat and stands alone has no front: its places are those of its rows. */
const flatWords: typeof byWords = {
  ...byWords,
  front: 'the middle',
  back: 'the middle',
  side: 'the beginning',
  'other-side': 'the end',
}

/** "9 stitches (4.5 cm) before the middle of the front", "one side". */
function namedWords(
  { by, at, inMm }: Spot,
  { worked, across }: Piece,
  stitchMm: number,
  { units }: Words,
): string | null {
  const named = (worked === 'rows' && across === undefined ? flatWords : byWords)[by]
  if (!named || at === 0) return named
  const [mm, stitches] = inMm ? [at, at / stitchMm] : [at * stitchMm, at]
  const many = counted(Math.round(2 * Math.abs(stitches)) / 2, 'stitch')
  const far = printLength(Math.abs(mm), units)
  return `${inMm ? `${far} (${many})` : `${many} (${far})`} ${at > 0 ? 'on from' : 'before'} ${named}`
}

/** Which piece it is, where there are several; of two that are made alike the front is the one and the back the other. */
function pieceName(pieces: Ledger['pieces'], { name, times }: Piece, { by }: Spot): string {
  if (times === 1) return pieces.length > 1 ? name : ''
  return by === 'back' || by === 'other-side' ? `the other ${name}` : `one ${name}`
}

/** "one side, between stitches 84 and 1 of round 44"; of several pieces it says which. */
export function spotWords(
  { pieces }: Pick<Ledger, 'pieces'>,
  spot: Spot,
  place: LedgerItem['places'][number],
  words: Words,
): string {
  const piece = pieces.find(({ id }) => id === spot.piece)
  if (!piece || !place) return 'a place that is not there any more'
  const inside = spot.side === 'WS' ? ', on the wrong side' : ''
  const row = Math.min(place.row, piece.rows - 1)
  const { widthMm, makes, alongMm } = piece.columns
  const stitchMm = widthMm[row]! / Math.max(1, makes[row]!)
  const named = namedWords(spot, piece, stitchMm, words)
  const name = pieceName(pieces, piece, spot)
  const of = named && name ? `${named} of ${name}` : (named ?? name)
  const first = of ? `${of}, ` : ''
  if (place.of === 'row ends')
    return spot.on === 'up'
      ? `${first}${rowWords(piece, place.row)} at stitch ${Math.floor(place.at) + 1}${inside}`
      : `the ${edgeWords[spot.on as 'left']}${name ? ` of ${name}` : ''}, at ${rowWords(piece, row)} (${printLength(alongMm[row]!, words.units)} up)${inside}`
  const far =
    !named && place.at > 0
      ? ` (${printLength(place.at * stitchMm, words.units)} from where it begins)`
      : ''
  return `${first}${between(piece, place.at, place.row)} of ${rowWords(piece, place.row)}${far}${inside}`
}

/** "round 57", "row 12 of Flap". */
export function rowOfSpot(
  { pieces }: Pick<Ledger, 'pieces'>,
  place: LedgerItem['places'][number],
): string {
  const piece = place && pieces.find(({ id }) => id === place.piece)
  if (!place || !piece) return 'a row that is not there any more'
  const row = Math.min(place.row, piece.rows - 1)
  return `${rowWords(piece, row)}${pieces.length > 1 ? ` of ${piece.name}` : ''}`
}

/** Where a spot is, in few words: "the middle of the front", "9 stitches before it", "round 12". */
export function spotShort(
  ledger: Pick<Ledger, 'pieces'>,
  spot: Spot,
  place: LedgerItem['places'][number],
  words: Words,
): string {
  const piece = place && ledger.pieces.find(({ id }) => id === place.piece)
  if (!piece) return 'nowhere'
  const { widthMm, makes } = piece.columns
  const row = Math.min(place.row, piece.rows - 1)
  const named = namedWords(spot, piece, widthMm[row]! / Math.max(1, makes[row]!), words)
  const on = spot.on === 'last' || spot.on === 'first' ? '' : `${rowOfSpot(ledger, place)}`
  const own = piece.id !== 'bag' && ledger.pieces.length > 1 ? ` of ${piece.name}` : ''
  if (named) return `${named}${own}${on ? `, ${on}` : ''}`
  if (place.of === 'row ends') return `${on}${own}`
  return `stitch ${Math.round(place.at) + 1} of ${rowOfSpot(ledger, place)}`
}

const rowWords = ({ worked, columns }: Piece, row: number): string =>
  `${rowWord(worked)} ${columns.number[row]}`

/** A place of a row in words; at the ends of a row, and where a round begins, there is one stitch on the other side of it. */
function between({ worked, columns }: Piece, at: number, row: number): string {
  const count = columns.makes[row]!
  const near = Math.round(2 * at) / 2
  if (near > 0 && near < count) return placeWords(at)
  if (worked === 'rounds') return `between stitches ${count} and 1`
  return near <= 0 ? 'at the first stitch' : 'at the last stitch'
}

/** What is said of one thing beside the pieces. @throws RangeError when there is none of that id */
export function itemText(ledger: Ledger, id: string, words: Words): string {
  const found = ledger.items.find(({ item }) => item.id === id)
  if (!found) throw new RangeError(`no fitting ${id}`)
  const { item, places, ...made } = found
  const fitting = fittingOf(item)
  const spots = fitting.spots(item)
  return saidOf(item).text({
    ...{ item, made, words },
    places: spots.map((spot, i) => spotWords(ledger, spot, places[i]!, words)),
    rows: places.map((place) => rowOfSpot(ledger, place)),
  })
}

/** What must be there beside yarn for the things of a bag, bought or cut, each once. */
export const needsOf = ({ items }: Ledger, words: Words): string[] => [
  ...new Set(
    items.flatMap(({ item, ...made }) => saidOf(item).needs?.({ item, made, words }) ?? []),
  ),
]
