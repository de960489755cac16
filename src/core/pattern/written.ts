import type { Making, Working } from '../part/index.ts'
import {
  chainsBelow,
  changesInto,
  eachBlock,
  type Join,
  type Ledger,
  type LedgerPart,
  maybeMiddlesCounted,
  onlyYarn,
  partOfRow,
  type Piece,
  placeWords,
  sameWork,
  standsOn,
  startCounts,
  startOfRow,
  yarnAt,
} from '../ledger/index.ts'
import { type YarnPaths, yarnPaths } from '../paths/index.ts'
import { ends, sides, starts } from '../program/index.ts'
import type { Words } from '../stitch/index.ts'
import { inUkTerms, rowWord } from '../terms/index.ts'
import { counted, ordinal } from '../units/index.ts'
import { linesBefore } from './finishing.ts'
import { joinText, seamText } from './joins.ts'
import type { PatternLine } from './line.ts'
import { withRepeatsOnce } from './repeats.ts'
import { stepNotes } from './steps.ts'
import { totalWords } from './totals.ts'
import { leadNotes, leadWords } from './leading.ts'
import { yarnNotes } from './yarn-notes.ts'
import { finishWords, layoutWords } from './finish.ts'
import { pickedNote } from './picked-up.ts'
import { rowWords } from './row-text.ts'

export interface PatternSection {
  readonly part: string
  readonly name: string
  readonly intro: string
  /** What is said of it beside its rows, each a line. */
  readonly notes: readonly string[]
  readonly lines: readonly PatternLine[]
}

/** Whether two rows are begun and worked alike. */
function sameRows(ledger: Ledger, piece: Piece, a: number, b: number): boolean {
  const { uses, start, side } = piece.columns
  // Where turning is not the rule, a round that turns and the one that turns back are two.
  const turns = piece.worked === 'rows' || partOfRow(piece, a).making.working === 'turned'
  const alike =
    (turns || side[a] === side[b]) &&
    uses[a] === uses[b] &&
    start[a] === start[b] &&
    startOfRow(ledger, piece, a) === startOfRow(ledger, piece, b) &&
    chainsBelow(ledger, piece, a) === chainsBelow(ledger, piece, b) &&
    endOf(piece, a) === endOf(piece, b)
  return alike && sameWork(piece, a, b)
}
/** How a row ends, where that is said with it: its loop is held, or its yarn is cut before the last. */
function endOf({ columns, rows }: Piece, row: number): 'held' | 'fasten-off' | null {
  const end = ends[columns.end[row]!]
  return end === 'held' || (end === 'fasten-off' && row < rows - 1) ? end : null
}

/** A piece in words: how often it is made, its sections from its start on, and how it is put together with the others. */
export interface PatternPiece {
  readonly id: string
  readonly name: string
  /** Null when it is made once. */
  readonly times: string | null
  readonly sections: readonly PatternSection[]
  /** How its last row ends. */
  readonly finish: string
  readonly joins: readonly string[]
  /** Those of them that are sewn, each with its facts. */
  readonly sewn: readonly { readonly join: Join; readonly text: string }[]
}

/** The written pattern, piece by piece in working order; joins stand after the last piece they tie. */
export function writtenPattern(ledger: Ledger, words: Words): PatternPiece[] {
  const layout = layoutWords(ledger)
  return ledger.pieces.map((piece, at): PatternPiece => {
    // Nothing is sewn where there is nothing to meet: a snag says so.
    const joins = ledger.joins.filter(
      ({ kind, pieces, count }) => kind !== 'pick-up' && count > 0 && lastOf(ledger, pieces) === at,
    )
    const own = joins.some(({ how }) => how === null)
    const paths = yarnPaths(ledger, piece)
    const sewn = joins.map((join) => ({ join, text: joinWords(join, ledger, words) }))
    return {
      id: piece.id,
      name: piece.name,
      times: piece.times === 1 ? null : `Make ${piece.times}.`,
      sections: piece.parts
        .filter(hasRows)
        .map((part) => sectionOf(ledger, piece, paths, part, words)),
      finish: finishWords(ledger, piece, paths, words),
      joins: [
        ...(isLoose(ledger, piece) ? [`${piece.name} is not sewn to anything yet.`] : []),
        ...(own && layout ? [layout] : []),
        ...sewn.map(({ text }) => text),
      ],
      sewn,
    }
  })
}

function sectionOf(
  ledger: Ledger,
  piece: Piece,
  paths: YarnPaths,
  part: LedgerPart,
  words: Words,
): PatternSection {
  return {
    part: part.id,
    name: headingOf(piece, part),
    intro: introOf(ledger, piece, part, words),
    notes: part.notes.map((note) => (words.terms === 'uk' ? inUkTerms(note) : note)),
    lines: linesOf(ledger, piece, paths, part, words),
  }
}

/** One part of a piece in words; null where it has no rows. */
export function maybeSection(
  ledger: Ledger,
  pieceId: string,
  partId: string,
  words: Words,
): PatternSection | null {
  const piece = ledger.pieces.find(({ id }) => id === pieceId)
  const part = piece?.parts.find(({ id }) => id === partId)
  if (!piece || !part || !hasRows(part)) return null
  return sectionOf(ledger, piece, yarnPaths(ledger, piece), part, words)
}

/** Whether a piece of several is tied to none. */
const isLoose = ({ pieces, joins }: Ledger, { id }: Piece): boolean =>
  pieces.length > 1 &&
  id !== 'bag' &&
  !joins.some(({ pieces: tied, how }) => tied.includes(id) && (tied.length > 1 || how === null))

/** A join and how it is sewn. */
export const joinWords = (join: Join, ledger: Ledger, words: Words): string =>
  [joinText(join, ledger, words), seamText(join, words)].filter(Boolean).join(' ')

/** The first row of a panel is no base. */
const headingOf = ({ worked, id }: Piece, { name, firstRow }: LedgerPart): string =>
  worked === 'rows' && id !== 'base' && firstRow === 0 && name === 'Base' ? 'Foundation' : name

/** A base whose bands begin at once has none. */
const hasRows = ({ firstRow, endRow }: LedgerPart): boolean => endRow > firstRow

const lastOf = ({ pieces }: Ledger, ids: readonly string[]): number =>
  Math.max(...ids.map((id) => pieces.findIndex((piece) => piece.id === id)))

function linesOf(
  ledger: Ledger,
  piece: Piece,
  paths: YarnPaths,
  part: LedgerPart,
  words: Words,
): PatternLine[] {
  const { number, makes, side } = piece.columns
  const turns = side.includes(1)
  const lines: PatternLine[] = []
  for (let row = part.firstRow; row < part.endRow;) {
    let next = row + 1
    const own = (at: number) => linesBefore(ledger, piece.id, at, words)
    const note = changeNote(ledger, piece, paths, row, words)
    const { setup, text } = rowWords(ledger, piece, row, words)
    const same = (other: number) =>
      sameRows(ledger, piece, row, other) &&
      part.texts?.[other - part.firstRow] === part.texts?.[row - part.firstRow]
    while (next < part.endRow && same(next) && !changesInto(piece, next) && own(next).length === 0)
      next++
    lines.push({
      from: number[row]!,
      to: number[next - 1]!,
      row: piece.worked === 'rows' ? 'Row' : 'Round',
      side: next === row + 1 && turns ? sides[side[row]!]! : null,
      text,
      count: makes[row]!,
      total: totalWords(ledger, piece, row, text, words),
      note: [setup, note, ...own(row)].filter((one) => one !== null).join(' ') || null,
    })
    row = next
  }
  return withRepeatsOnce(lines)
}

/** How a first row is picked up along row ends. */
const pickNote = (ledger: Ledger, piece: Piece): string | null =>
  starts[piece.columns.start[0]!] === 'pick-up' ? pickedNote(ledger, piece) : null

function changeNote(
  ledger: Ledger,
  piece: Piece,
  paths: YarnPaths,
  row: number,
  words: Words,
): string | null {
  const notes = [
    turnNote(piece, row),
    ...(row === 0 ? [pickNote(ledger, piece)] : stepNotes(ledger, piece, row, words)),
    ...yarnNotes(ledger, piece, paths, row),
    goneNote(ledger, piece, row),
  ].filter((note) => note !== null)
  return notes.length > 0 ? notes.join(' ') : null
}

/** A round that is turned where rounds are not, for a side it wants, and the way back; rows that are not turned where others are. */
function turnNote(piece: Piece, row: number): string | null {
  const { start, side, number } = piece.columns
  const { working } = partOfRow(piece, row).making
  const turns = (at: number) => at > 0 && starts[start[at]!] === 'turn'
  if (piece.worked === 'rows' || working === 'turned') {
    const stays = (at: number) => at > 0 && at < piece.rows && starts[start[at]!] === 'chain'
    if (!stays(row) || stays(row - 1)) return null
    let last = row
    while (stays(last + 1)) last++
    const which = rowWord(piece.worked)
    return last === row
      ? `Do not turn for this ${which}.`
      : `Do not turn up to ${which} ${number[last]!}.`
  }
  if (!turns(row)) return null
  // Where every round is turned it has been said.
  if (turns(row - 1) && turns(row - 2)) return null
  return side[row] === 1
    ? 'Turn: the wrong side faces now.'
    : 'Turn back: the right side faces again.'
}

/** Whether a yarn works in a row. */
function worksIn(piece: Piece, row: number, yarn: number): boolean {
  let found = false
  eachBlock(piece, row, (from, to) => {
    for (let i = from; i < to; i++) found ||= piece.columns.runYarn[i] === yarn
  })
  return found
}

/** A yarn whose loop was held and that is not worked again is cut. */
function goneNote({ yarns }: Ledger, piece: Piece, row: number): string | null {
  const { also, onto } = piece.columns
  if (also[row]! < 0) return null
  const own = yarnAt(piece, row, 'first')
  const gone = [onto[row]!, also[row]!]
    .map((at) => yarnAt(piece, at, 'last'))
    .filter((yarn) => {
      if (yarn === own) return false
      for (let above = row; above < piece.rows; above++)
        if (worksIn(piece, above, yarn)) return false
      return true
    })
  return gone.length > 0
    ? `Fasten off ${gone.map((yarn) => yarns[yarn]!).join(' and ')}: this round closes over its loops too.`
    : null
}

const goesOn: Readonly<Record<Working, string>> = {
  spiral: 'Work in a spiral without joining; move a marker up in the first stitch of every round.',
  joined: 'Join every round with a slip stitch into its first stitch.',
  turned: 'Join every round with a slip stitch into its first stitch, and turn.',
  'turn-once':
    'Turn for the first round, and back after it; join every round with a slip stitch into its first stitch.',
}

const JOINED_HERE =
  'Join these rounds with a slip stitch into their first stitch, though the others go on in a spiral.'

const ANEW = 'Do not turn: cut the yarn after every row, and join it where the row began.'

const beginsAnew = (at: number): string =>
  `Begin every round anew: cut the yarn when it is joined, and join it again in the ${at === 1 ? 'first' : ordinal(at)} stitch of that round.`

const firstStitch: Readonly<Record<Making['first'], string>> = {
  same: 'The first stitch goes into the same stitch as the start.',
  next: 'The first stitch goes into the next stitch, the last into the one the start stands in.',
  second: 'The first stitch goes into the second stitch, and the last one is doubled.',
}

/** A row whose start is one chain, or none that it says. */
const ONE_CHAIN = /^(?:(?:sl st|ss) [^,(]*, )*(?:ch 1,|\*|\d|[a-z]+ in )/i

/** Where chains were said to count, and one of sc in this part does not, as by most schools. */
function shorterChain(
  ledger: Ledger,
  piece: Piece,
  part: LedgerPart,
  below: readonly LedgerPart[],
): string[] {
  const said = below.find((one) => one.making === part.making && !one.texts)
  const { making, startBySchool, texts } = part
  if (!said || making.start !== 'chain' || making.working === 'spiral') return []
  const counted = startCounts(ledger, piece, Math.min(said.firstRow + 1, said.endRow - 1))
  const isExtra = texts
    ? startBySchool && !making.oneCounts && texts.some((text) => ONE_CHAIN.test(text))
    : !startCounts(ledger, piece, part.firstRow)
  return counted && isExtra ? ['Here a starting chain of 1 does not count as a stitch.'] : []
}

/** How rounds go on and begin, where that is new. */
function makingWords(ledger: Ledger, piece: Piece, part: LedgerPart): string[] {
  const at = piece.parts.indexOf(part)
  const { making } = part
  const below = piece.parts.slice(0, at).filter(hasRows)
  const isSaid = below.at(-1)?.making === making
  // Rows that are kept as they were written say their chains themselves, and nothing of those above them.
  const isChainSaid = isSaid && below.some((one) => one.making === making && !one.texts)
  const joins = making.working === 'spiral' && ends[piece.columns.end[part.firstRow]!] === 'join'
  if (joins && part.texts && piece.worked === 'rounds') return [JOINED_HERE]
  if (isSaid && (isChainSaid || part.texts)) return shorterChain(ledger, piece, part, below)
  const row = Math.min(part.firstRow + 1, part.endRow - 1)
  const counts = startCounts(ledger, piece, row)
  const chain = `The starting chain ${counts ? 'counts' : 'does not count'} as a stitch.`
  const anew = starts[piece.columns.start[row]!] === 'afresh'
  if (piece.worked === 'rows')
    return [
      ...(isSaid ? [] : [anew ? ANEW : 'Turn after every row.']),
      ...(part.texts ? [] : [chain]),
    ]
  const on = isSaid ? [] : [making.anew === null ? goesOn[making.working] : beginsAnew(making.anew)]
  if ((making.working === 'spiral' && making.anew === null) || part.texts) return on
  return [
    ...on,
    ...(making.start === 'chain' ? [chain] : []),
    ...(counts ? [] : [firstStitch[making.first]]),
  ]
}

/** Where the front is, to be marked when the base is done. */
function middleWords(piece: Piece, part: LedgerPart): string[] {
  if (part !== piece.parts.find(hasRows)) return []
  const last = part.endRow - 1
  const middles = maybeMiddlesCounted(piece, last)
  if (!middles) return []
  const at = `round ${piece.columns.number[last]}`
  return [
    `The middle of the front is ${placeWords(middles.front)} of ${at}, of the back ${placeWords(middles.back)}: mark both.`,
  ]
}

/** Whether a row of it is worked in more than one yarn. */
const hasTwoInARow = (piece: Piece, { firstRow, endRow }: LedgerPart): boolean =>
  Array.from({ length: endRow - firstRow }, (_, i) => firstRow + i).some(
    (row) => onlyYarn(piece, row) === null,
  )

function introOf(ledger: Ledger, piece: Piece, part: LedgerPart, words: Words): string {
  const making = [
    ...makingWords(ledger, piece, part),
    ...(part.firstRow === 0 ? stepNotes(ledger, piece, 0, words) : []),
    ...(part.firstRow === 0 && ledger.pieces[0] === piece ? leadNotes(ledger) : []),
    ...middleWords(piece, part),
  ]
  if (part.chartRows === null) return making.join(' ')
  const count = standsOn(piece, part)
  const repeats = Math.floor(count / part.repeat!)
  const [from, back] =
    words.hand === 'right' ? ['right to left', 'left to right'] : ['left to right', 'right to left']
  const turned =
    part.chartRows > 1 &&
    piece.columns.side[part.firstRow] !== piece.columns.side[part.firstRow + 1]
  const read = turned
    ? `Read right-side rows of the chart from ${from} and wrong-side rows from ${back}.`
    : `Read every round of the chart from ${from}.`
  const rest = count - repeats * part.repeat!
  const reading =
    part.reading ??
    (hasTwoInARow(piece, part)
      ? `${read} ${leadWords(ledger, piece, part.firstRow, part.endRow)}, and change on the last yarn over of the stitch before.`
      : read)
  return [
    ...making,
    `${counted(repeats, 'repeat')} of ${counted(part.repeat!, 'stitch')}${rest > 0 ? `, and ${rest} more` : ''}.`,
    words.terms === 'uk' ? inUkTerms(reading) : reading,
  ].join(' ')
}
