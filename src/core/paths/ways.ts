import type { WayChoice } from '../design/index.ts'
import { type Ledger, type LedgerPart, partOfRow, type Piece, runsOfRow } from '../ledger/index.ts'
import { ends, starts } from '../program/index.ts'
import { partOfId, placeOfId } from '../part/index.ts'

/** What decides how yarns are led: schools, and her choices. */
export type Led = Pick<Ledger, 'ways' | 'leading'>

/**
 * What a yarn does in a row: it is worked; it lies inside the other stitches, or loosely behind them; it is trailed up inside at the
 * join, hangs at the edge of flat rows until it is taken up, or its loop waits on a marker; or it is cut and not there.
 */
export type How = 'worked' | 'carried' | 'floated' | 'trailed' | 'waiting' | 'parked' | 'cut'

/** A gap: the row a yarn was last worked in, and the one it is worked in next. */
export interface Gap {
  readonly letter: string
  readonly last: number
  readonly next: number
}

/** How much a choice says of what it is about: one gap, a yarn in a band, a yarn, a band, the bag. */
const rank = ({ after, yarn, part }: WayChoice): number =>
  (after === null ? 0 : 4) + (yarn === null ? 0 : 2) + (part === null ? 0 : 1)

const isRow = (piece: Piece, row: number, id: string): boolean => {
  const { id: part, firstRow } = partOfRow(piece, row)
  return part === partOfId(id) && row - firstRow + 1 === placeOfId(id)
}

/** The choice of hers that holds in a row for a yarn, of several the one that says most; null where she has made none. */
function choiceAt(
  choices: readonly WayChoice[],
  piece: Piece,
  row: number,
  letter: string,
): WayChoice | null {
  if (choices.length === 0) return null
  const holds = choices.filter(
    ({ part, yarn, after }) =>
      (part === null || part === partOfRow(piece, row).id) &&
      (yarn === null || yarn === letter) &&
      (after === null || isRow(piece, row, after)),
  )
  return holds.reduce<WayChoice | null>(
    (best, one) => (best && rank(best) > rank(one) ? best : one),
    null,
  )
}

/** What a yarn does where others are worked in the same row. */
export type Within = 'carried' | 'floated' | 'bobbin' | 'snipped'
const withins = { carry: 'carried', float: 'floated', bobbin: 'bobbin', snip: 'snipped' } as const
const isWithin = (how: WayChoice['how']): how is keyof typeof withins => how in withins

/** Bobbins go back over their fields, so that rows must be turned: in rounds that are not, they would hang at the wrong end. */
export const canHaveBobbins = (piece: Piece, { making }: Pick<LedgerPart, 'making'>): boolean =>
  piece.worked === 'rows' || making.working === 'turned'

export function withinRow(
  choices: readonly WayChoice[],
  piece: Piece,
  row: number,
  letter: string,
): Within {
  if (choices.length === 0) return 'carried'
  const turned = canHaveBobbins(piece, partOfRow(piece, row))
  const within = choices.filter(({ how }) => isWithin(how) && (how !== 'bobbin' || turned))
  const how = choiceAt(within, piece, row, letter)?.how
  return how && isWithin(how) ? withins[how] : 'carried'
}

/** How the yarns of a row of several lie where another is worked, by their letters. */
export function lyingIn(
  ledger: Ledger,
  piece: Piece,
  row: number,
): Readonly<Record<Within, readonly string[]>> {
  const letters = [...new Set(runsOfRow(ledger, piece, row).map(({ yarn }) => yarn))]
  const lies = (how: Within) =>
    letters.length > 1
      ? letters.filter((letter) => withinRow(ledger.ways, piece, row, letter) === how)
      : []
  return {
    carried: lies('carried'),
    floated: lies('floated'),
    bobbin: lies('bobbin'),
    snipped: lies('snipped'),
  }
}

/**
 * What a yarn does in the rows of a gap: by her choice where that can be, else by the usual rules. A loop that is held waits where it
 * is, a row that is fastened off leaves none. Worked flat, a yarn waits at the edge where it was left: after an odd number of rows it is not there, and where a row begins
 * with its yarn joined anew nothing is brought up.
 */
export function inGap({ ways: choices, leading }: Led, piece: Piece, gap: Gap): How {
  const { columns, worked } = piece
  const { letter, last, next } = gap
  const end = ends[columns.end[last]!]
  if (end === 'held') return 'parked'
  // A row that is fastened off leaves nothing to be brought up.
  if (end === 'fasten-off') return 'cut'
  const between = next - last - 1
  const anew = starts[columns.start[next]!] === 'afresh'
  const away = worked === 'rows' && between % 2 === 1
  const brought = worked === 'rows' ? 'waiting' : 'trailed'
  const hows =
    anew || choices.length === 0
      ? []
      : choices.filter(({ how }) => how === 'trail' || how === 'cut' || how === 'along')
  const chosen = choiceAt(hows, piece, last, letter)?.how ?? null
  if (chosen === 'cut') return between > 0 ? 'cut' : brought
  if (chosen === 'along') return 'carried'
  if (chosen === 'trail' && !away) return brought
  return between > leading.cutAfter || away || anew ? 'cut' : brought
}
