import { changesInto, type Ledger, partOfRow, type Piece, yarnAt } from '../ledger/index.ts'
import { eventsAt, type How, lyingIn, type YarnPaths } from '../paths/index.ts'
import { ends, starts } from '../program/index.ts'
import { rowWord } from '../terms/index.ts'
import { counted, listed, plural } from '../units/index.ts'

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
      : texts
        ? `Join ${letter} where ${rowWord(piece.worked)} ${piece.columns.number[row]} begins.`
        : `Join ${letter} after stitch ${piece.columns.from[row]} of ${rowWord(piece.worked)} ${below}, where ${rowWord(piece.worked)} ${piece.columns.number[row]} begins.`
  }
  if (stateIn(paths, yarn, row - 1) === 'parked') return `Take up the loop of ${letter}.`
  if (end === 'held') return `Join ${letter}.`
  const how = stateIn(paths, yarn, row - 1)
  if (end === 'join') {
    const from = how === 'trailed' ? ', brought up loosely inside' : ''
    if (ledger.leading.closeIn === 'old') {
      const own = ledger.yarns[yarnAt(piece, row - 1, 'last')]!
      return `Close the join of round ${below} with ${own}, then ${joined ? 'join' : 'take up'} ${letter}${from}.`
    }
    if (joined) return `Join ${letter}, and close the join of round ${below} with it.`
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
  if (anew || list.length === 0) return null
  const lies = lyingIn(ledger, piece, row)
  const isBobbin = (yarn: number) => lies.bobbin.includes(ledger.yarns[yarn]!)
  const plain = list.filter((yarn) => !isBobbin(yarn))
  return [
    ...(plain.length > 0
      ? [
          `Join ${named(ledger, plain)} where ${plain.length > 1 ? 'each is' : 'it is'} first worked.`,
        ]
      : []),
    ...list.filter(isBobbin).map((yarn) => bobbinWords(ledger, paths, yarn, row)),
  ].join(' ')
}

/** Bobbins of a yarn that are joined in a row, each where its field begins. */
function bobbinWords({ yarns }: Ledger, { ways }: YarnPaths, yarn: number, row: number): string {
  const after = ways[yarn]!.events.filter(
    (event) => event.row === row && event.what === 'joined',
  ).map(({ stitch }) => stitch)
  const where = after[0] === 0 ? after.slice(1) : after
  const places = [
    ...(after[0] === 0 ? ['at the start'] : []),
    ...(where.length > 0 ? [`after ${plural(where.length, 'stitch')} ${listed(where)}`] : []),
  ].join(' and ')
  return `Join ${after.length === 1 ? 'a bobbin' : `${after.length} bobbins`} of ${yarns[yarn]!} ${places}.`
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
    ...cutWords(ledger, piece, paths, row, cut),
  ]
}
/** What is cut after the row below: a yarn, or the bobbins of fields that end there. */
function cutWords(
  ledger: Ledger,
  piece: Piece,
  { ways }: YarnPaths,
  row: number,
  cut: readonly number[],
): string[] {
  const lies = lyingIn(ledger, piece, row - 1)
  const many = (yarn: number) =>
    ways[yarn]!.events.filter((event) => event.row === row - 1 && event.what === 'cut').length
  const isBobbin = (yarn: number) => lies.bobbin.includes(ledger.yarns[yarn]!)
  const plain = cut.filter((yarn) => !isBobbin(yarn))
  return [
    ...(plain.length > 0 ? [`Cut ${named(ledger, plain)}.`] : []),
    ...cut
      .filter(isBobbin)
      .map(
        (yarn) =>
          `Cut ${counted(many(yarn), 'bobbin')} of ${ledger.yarns[yarn]!}, whose ${many(yarn) === 1 ? 'field ends' : 'fields end'} there.`,
      ),
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
