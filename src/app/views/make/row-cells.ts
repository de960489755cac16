import { eachPlaces, eachSeen, type Ledger, partOfRow, type Piece } from '@core/ledger'
import { stitchById } from '@core/stitch'

/*
 * What lies about the stitch one is at, as it is seen on the right side: a few rows below it and above. Rows that are longer or shorter
 * lie with the stitch under or over it in the same column; a round goes on around its join.
 */

/** One stitch as it is drawn. */
export interface RowCell {
  readonly column: number
  /** Index of the yarn in the ledger. */
  readonly yarn: number
  /** The symbol of its stitch, where that is not the plain one of its row. */
  readonly symbol: string | null
  readonly made: boolean
}

export interface ChartRow {
  readonly row: number
  readonly number: number
  readonly cells: readonly RowCell[]
  readonly here: boolean
}

export interface RowsSeen {
  readonly rows: readonly ChartRow[]
  readonly columns: number
  /** Where the hook is, in columns from the left: between what is made of the row and what is to come. */
  readonly here: number
}

export interface RowsAsked {
  readonly row: number
  /** Places of the row that are made. */
  readonly left: number
  readonly columns: number
  readonly below: number
  readonly above: number
  readonly hand: 'right' | 'left'
}

const turn = (at: number, count: number): number => ((at % count) + count) % count

/** Where a place of a row is seen, from the left. */
function seenAt(piece: Piece, row: number, place: number, hand: 'right' | 'left'): number {
  const { makes, side, begin } = piece.columns
  const count = makes[row]!
  const on = turn(side[row] !== 0 ? begin[row]! - place : begin[row]! + place, count)
  return hand === 'right' ? count - 1 - on : on
}

interface Seen {
  readonly yarns: Uint8Array
  readonly stitches: Uint8Array
}
function seenOf(
  ledger: Ledger,
  piece: Piece,
  row: number,
  hand: 'right' | 'left',
  upTo: number,
): Seen {
  const { runYarn, runStitch, makes } = piece.columns
  const count = makes[row]!
  const [yarns, stitches] = [new Uint8Array(count), new Uint8Array(count)]
  // What rows to come reach over is not covered yet.
  const seen = row + 1 < upTo ? eachSeen : eachPlaces
  seen(ledger, piece, row, hand, (run, first, many) =>
    yarns.fill(runYarn[run]!, first, first + many),
  )
  eachPlaces(ledger, piece, row, hand, (run, first, many) =>
    stitches.fill(runStitch[run]!, first, first + many),
  )
  return { yarns, stitches }
}

/** The stitch most of a row is made of. */
function usualOf(stitches: Uint8Array): number {
  const counts = new Map<number, number>()
  for (const stitch of stitches) counts.set(stitch, (counts.get(stitch) ?? 0) + 1)
  return [...counts].reduce((a, b) => (b[1] > a[1] ? b : a), [0, 0])[0]
}

/** The first column shown, so that the place lies well within: it moves on by whole repeats, and else stays. */
function firstColumn(piece: Piece, { row, columns }: RowsAsked, at: number): number {
  const count = piece.columns.makes[row]!
  if (count <= columns) return -Math.floor((columns - count) / 2)
  const repeat = partOfRow(piece, row).repeat ?? 0
  const page = repeat > 0 && repeat <= columns - 4 ? repeat : Math.max(1, columns - 8)
  return Math.floor(at / page) * page - Math.floor((columns - page) / 2)
}

/** The rows about a place. */
export function rowsSeen(ledger: Ledger, piece: Piece, asked: RowsAsked): RowsSeen {
  const { row, left, columns, hand } = asked
  const { makes, number } = piece.columns
  const rounds = piece.worked === 'rounds'
  const count = makes[row]!
  const at = seenAt(piece, row, Math.min(left, count - 1), hand)
  const first = firstColumn(piece, asked, at)
  const middle = first + columns / 2
  const isMade = new Uint8Array(count)
  for (let place = 0; place < left; place++) isMade[seenAt(piece, row, place, hand)] = 1
  const rows: ChartRow[] = []
  const lowest = Math.max(
    0,
    Math.min(row - asked.below, piece.rows - asked.below - asked.above - 1),
  )
  for (
    let one = lowest;
    one <= Math.min(piece.rows - 1, lowest + asked.below + asked.above);
    one++
  ) {
    const { yarns, stitches } = seenOf(ledger, piece, one, hand, row)
    const own = makes[one]!
    const by = Math.round((middle * own) / count - middle)
    const usual = usualOf(stitches)
    const cells: RowCell[] = []
    for (let column = 0; column < columns; column++) {
      const place = first + column + by
      if ((!rounds || own <= columns) && (place < 0 || place >= own)) continue
      const seen = turn(place, own)
      const stitch = stitches[seen]!
      cells.push({
        ...{ column, yarn: yarns[seen]! },
        symbol: stitch === usual ? null : stitchById(ledger.stitches[stitch]!).symbol,
        made: one < row || (one === row && isMade[seen] === 1),
      })
    }
    rows.push({ row: one, number: number[one]!, cells, here: one === row })
  }
  const toLeft = (piece.columns.side[row] === 0) === (hand === 'right')
  const cell = at - first
  const atEnd = left >= count
  return { rows, columns, here: toLeft ? (atEnd ? cell : cell + 1) : atEnd ? cell + 1 : cell }
}
