import { changesInto, type Ledger, partOfRow, type Piece, yarnAt } from '../ledger/index.ts'
import { eventsAt, type How, type YarnPaths } from '../paths/index.ts'
import { ends, starts } from '../program/index.ts'
import { rowWord } from '../terms/index.ts'

/* What is said of the yarns before a row: which is joined, taken up, left hanging or cut. All of it is read off their ways. */

/** Names of yarns in a sentence: "A", "A and B", "A, B and C". */
export const named = ({ yarns }: Pick<Ledger, 'yarns'>, list: readonly number[]): string => {
  const names = list.map((yarn) => yarns[yarn]!)
  return names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names.join('')
}

/** What a yarn does in a row beside being worked; null where it is not on its way. */
const stateIn = ({ ways }: YarnPaths, yarn: number, row: number): How | null =>
  ways[yarn]!.spans.find(({ from, to, how }) => how !== 'worked' && from <= row && row < to)?.how ??
  null

/** Where a row begins in another yarn, how that one comes there. */
function entering(ledger: Ledger, piece: Piece, paths: YarnPaths, row: number): string | null {
  // A yarn that is joined anew with its row is said there.
  if (!changesInto(piece, row) || starts[piece.columns.start[row]!] === 'afresh') return null
  const yarn = yarnAt(piece, row, 'first')
  const letter = ledger.yarns[yarn]!
  const below = piece.columns.number[row - 1]!
  const end = ends[piece.columns.end[row - 1]!]
  const joined = eventsAt(paths, row, 'joined').includes(yarn)
  // Begun elsewhere: with a yarn that hangs there, or one that the row says is joined.
  if (piece.columns.from[row]! > 0) {
    const { texts, firstRow } = partOfRow(piece, row)
    if (!joined) return `Take up ${letter} where it hangs.`
    return /\bjoin/i.test(texts?.[row - firstRow] ?? '')
      ? null
      : `Join ${letter} where ${rowWord(piece.worked)} ${piece.columns.number[row]} begins.`
  }
  if (stateIn(paths, yarn, row - 1) === 'parked') return `Take up the loop of ${letter}.`
  if (end === 'held') return `Join ${letter}.`
  const how = stateIn(paths, yarn, row - 1)
  if (end === 'join') {
    if (joined) return `Join ${letter}, and close the join of round ${below} with it.`
    const from = how === 'trailed' ? ', brought up loosely inside' : ''
    return `Close the join of round ${below} with ${letter}${from}.`
  }
  const which = rowWord(piece.worked)
  if (joined) return `Join ${letter} on the last yarn over of ${which} ${below}.`
  const from =
    how === 'waiting'
      ? ', brought up loosely from this edge'
      : how === 'trailed'
        ? ', brought up loosely inside'
        : ''
  return `Change to ${letter} on the last yarn over of ${which} ${below}${from}.`
}

/** Yarns that are joined within a row, where they are first worked. */
function joining(ledger: Ledger, piece: Piece, paths: YarnPaths, row: number): string | null {
  const first = row > 0 && changesInto(piece, row) ? yarnAt(piece, row, 'first') : -1
  const begun = row === 0 ? yarnAt(piece, 0, 'first') : first
  const list = eventsAt(paths, row, 'joined').filter((yarn) => yarn !== begun)
  const anew = starts[piece.columns.start[row]!] === 'afresh'
  return list.length > 0 && !anew
    ? `Join ${named(ledger, list)} where ${list.length > 1 ? 'each is' : 'it is'} first worked.`
    : null
}

/** Yarns that the row below was the last of, and those that wait from there on. */
function leaving(ledger: Ledger, piece: Piece, paths: YarnPaths, row: number): string[] {
  const { columns } = piece
  if (row === 0 || starts[columns.start[row]!] === 'afresh') return []
  // A round that closes over the loops of two yarns says itself which is done.
  const over = columns.also[row]! >= 0
  const isClosed = (yarn: number) => over && parkedBefore(paths, yarn, row)
  const cut = eventsAt(paths, row - 1, 'cut').filter((yarn) => !isClosed(yarn))
  const last = yarnAt(piece, row - 1, 'last')
  const hangs = stateIn(paths, last, row)
  const waits = changesInto(piece, row) && (hangs === 'trailed' || hangs === 'waiting')
  return [
    ...(waits ? [`Let ${ledger.yarns[last]!} hang.`] : []),
    ...(cut.length > 0 ? [`Cut ${named(ledger, cut)}.`] : []),
  ]
}
const parkedBefore = (paths: YarnPaths, yarn: number, row: number): boolean =>
  paths.ways[yarn]!.events.some((event) => event.what === 'cut' && event.row < row)

/** What is said of the yarns before a row; nothing where they go on as they did. */
export const yarnNotes = (
  ledger: Ledger,
  piece: Piece,
  paths: YarnPaths,
  row: number,
): readonly string[] =>
  [
    entering(ledger, piece, paths, row),
    joining(ledger, piece, paths, row),
    ...leaving(ledger, piece, paths, row),
  ].filter((note) => note !== null)
