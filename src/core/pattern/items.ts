import { fittingOf } from '../fitting/index.ts'
import { type Spot } from '../part/index.ts'
import { type Ledger, type LedgerItem, type Piece, placeWords } from '../ledger/index.ts'
import type { Words } from '../stitch/index.ts'
import { edgeWords } from './joins.ts'
import { rowWord } from '../terms/index.ts'

/* Things beside the pieces in words. */

const byWords: Readonly<Record<Spot['by'], string | null>> = {
  stitch: null,
  length: null,
  front: 'the middle of the front',
  back: 'the middle of the back',
  side: 'one side',
  'other-side': 'the other side',
}

/** "one side of Base and body, between stitches 84 and 1 of round 44". */
export function spotWords(
  { pieces }: Pick<Ledger, 'pieces'>,
  spot: Spot,
  place: LedgerItem['places'][number],
): string {
  const piece = pieces.find(({ id }) => id === spot.piece)
  if (!piece || !place) return 'a place that is not there any more'
  const inside = spot.side === 'WS' ? ', on the wrong side' : ''
  const named = byWords[spot.by]
  const of = named ? `${named} of ${piece.name}` : piece.name
  if (place.of === 'row ends')
    return spot.on === 'up'
      ? `${of}, ${rowWords(piece, place.row)} at stitch ${Math.floor(place.at) + 1}${inside}`
      : `the ${edgeWords[spot.on as 'left']} of ${piece.name}, at ${rowWords(piece, Math.min(place.row, piece.rows - 1))}${inside}`
  return `${of}, ${between(piece, place.at, place.row)} of ${rowWords(piece, place.row)}${inside}`
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
  return fitting.text({
    ...{ item, made, words },
    places: spots.map((spot, i) => spotWords(ledger, spot, places[i]!)),
  })
}
