import type { Design } from '../design/index.ts'
import { sides } from '../program/index.ts'
import type { Middles } from '../shape/index.ts'
import { stitchById } from '../stitch/index.ts'
import {
  eachBlock,
  type Ledger,
  type LedgerPart,
  partOfRow,
  type Piece,
  type PieceColumns,
} from './ledger.ts'
import { leanOf } from './lean.ts'
import { firstBelow, longChains, overChains } from './long-chains.ts'

/*
 * Where the front is: decided here once, from the construction and the stitches above it, for everyone who asks: views, motifs,
 * pockets, straps, handles and words.
 */

/** The tables of a ledger that its rows are read by. */
export type Known = Pick<Ledger, 'hows' | 'stitches' | 'yarns'>

/** A place of the row below, in the row worked on it: as its stitches carry it up where they can be followed, else as far along. */
function carriedUp(ledger: Known, piece: Piece, row: number, place: number): number {
  const { makes, uses, onto, begin, side, runStitch, runCount, runHow } = piece.columns
  const below = onto[row]! < 0 ? makes[row]! : makes[onto[row]!]!
  const many = makes[row]!
  if (below === many) return place
  const far = (place * many) / Math.max(1, below)
  const chains = many > below ? longChains(ledger, piece, row) : []
  if (chains.length > 0) {
    const [first, rightSide] = [firstBelow(piece, row), side[row] === 0]
    const own = overChains(chains, around(rightSide ? place - first : first + 1 - place, below))
    return around(rightSide ? begin[row]! + own : begin[row]! + 1 - own, many)
  }
  if (begin[row] !== 0 || sides[side[row]!] !== 'RS' || uses[row] !== below) return far
  let [taken, made] = [0, 0]
  let found: number | null = null
  eachBlock(piece, row, (from, to, times) => {
    for (let n = 0; n < times && found === null; n++)
      for (let run = from; run < to && found === null; run++) {
        const how = ledger.hows[runHow[run]!]!
        const stitch = stitchById(ledger.stitches[runStitch[run]!]!)
        const count = runCount[run]!
        const each = how.do === 'work' && how.into ? 0 : how.do === 'chain' ? 0 : stitch.uses
        const leaves = how.do === 'pass' ? 0 : stitch.makes
        if (taken + each * count >= place && each > 0) {
          const whole = Math.floor((place - taken) / each)
          found = made + whole * leaves + ((place - taken - whole * each) / each) * leaves
        }
        taken += each * count
        made += leaves * count
      }
  })
  return found ?? far
}

/** What is known of the middles of every row: the columns of the same name. */
type MiddleColumns = Pick<PieceColumns, 'front' | 'back' | 'moved'>

/**
 * The middles of front and back in every row of a piece worked in rounds.
 * @param inBase those of a row of its base, which has so many rows
 */
export function middlesOfRows(
  design: Pick<Design, 'swatches'>,
  ledger: Known,
  piece: Piece,
  baseRows: number,
  inBase: (row: number) => Middles,
): MiddleColumns {
  const of = () => new Float64Array(piece.rows)
  const [front, back, moved] = [of(), of(), of()]
  const { onto, heightMm } = piece.columns
  for (const part of piece.parts) {
    const lean = leanOf(design, piece, part, 'right')
    for (let row = part.firstRow; row < part.endRow; row++) {
      const below = row === 0 ? 0 : Math.max(0, onto[row]!)
      const rises = row > 0 && heightMm[row]! > heightMm[row - 1]!
      moved[row] = row === 0 ? 0 : moved[row - 1]! + (rises ? lean : 0)
      const built = row < baseRows || row === 0 ? inBase(row) : null
      front[row] = built?.front ?? carriedUp(ledger, piece, row, front[below]!)
      back[row] = built?.back ?? carriedUp(ledger, piece, row, back[below]!)
    }
  }
  return { front, back, moved }
}

/**
 * Where front and back are in a row as it stands: the places of its plan, moved on by what leans below. Counted from where the piece
 * began, the way its right side is worked; null where the piece has no front (rows, pieces that are sewn on).
 */
export function maybeMiddles({ columns }: Piece, row: number): Middles | null {
  const { front, back, makes, moved } = columns
  if (front[row]! < 0) return null
  const on = (place: number) => around(place + moved[row]!, makes[row]!)
  return { front: on(front[row]!), back: on(back[row]!) }
}

/** The middles of a row as a maker counts them, from its own first stitch on; null where it has none. */
export function maybeMiddlesCounted(piece: Piece, row: number): Middles | null {
  const middles = maybeMiddles(piece, row)
  if (!middles) return null
  const { begin, side, makes } = piece.columns
  const count = makes[row]!
  const counted = (place: number) =>
    around(side[row] === 0 ? place - begin[row]! : begin[row]! + 1 - place, count)
  return { front: counted(middles.front), back: counted(middles.back) }
}

/** A place of a round, also where it is counted on around its beginning. */
export const around = (place: number, count: number): number => ((place % count) + count) % count

/** A place of a row as it is seen on the right side, from the left. */
export const seenFromLeft = (place: number, count: number, hand: 'right' | 'left'): number =>
  hand === 'right' ? count - place : place

/** The row half-way up a part: what stands on the front there is in the middle of it, however the rounds lean. */
const halfUp = ({ firstRow, endRow }: Pick<LedgerPart, 'firstRow' | 'endRow'>): number =>
  Math.max(firstRow, (firstRow + endRow - 1) >> 1)

/**
 * The middles of a row in the picture of its piece, from the left as it is seen on the right side: where it is drawn straight, a band
 * stands as it does half-way up; leaning, every row by itself. Of rows that have no front, half-way and at the end.
 */
export function middlesSeen(
  piece: Piece,
  row: number,
  hand: 'right' | 'left',
  leaning = false,
): Middles {
  const { front, back, makes, moved } = piece.columns
  const count = makes[row]!
  if (front[row]! < 0) return { front: count / 2, back: count }
  const by = moved[leaning ? row : halfUp(partOfRow(piece, row))]!
  const seen = (place: number) => seenFromLeft(around(place + by, count), count, hand)
  return { front: seen(front[row]!), back: seen(back[row]!) }
}

/**
 * The columns of a part's chart, as wide as the whole row, over which the middles lie half-way up: from the left. Of rows that have no
 * front, half-way and at the end.
 */
export function middlesOnChart(piece: Piece, part: LedgerPart, hand: 'right' | 'left'): Middles {
  const { side, makes } = piece.columns
  let row = halfUp(part)
  // A chart is drawn as the right side is worked.
  while (side[row] !== 0 && row > part.firstRow) row--
  const count = makes[row]!
  // Where rounds are turned a chart keeps to the places of the plan; else each round begins it anew.
  const middles = (part.making.working === 'turned' ? maybeMiddles : maybeMiddlesCounted)(
    piece,
    row,
  )
  if (!middles) return { front: count / 2, back: count }
  return {
    front: seenFromLeft(middles.front, count, hand),
    back: seenFromLeft(middles.back, count, hand),
  }
}

/** A place along a row in words: on a stitch, or between two. */
export function placeWords(place: number): string {
  const near = Math.round(2 * place) / 2
  return Number.isInteger(near)
    ? `between stitches ${near} and ${near + 1}`
    : `on stitch ${Math.ceil(near)}`
}
