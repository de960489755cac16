import type { Design } from '../design/index.ts'
import { type Ledger, type LedgerPart, type Piece, ends } from '../ledger/index.ts'
import { abbrOf, nameOf, stitchById, type Words } from '../stitch/index.ts'
import { rowText } from './row-text.ts'

/** One line of the written pattern: a round, or equal rounds taken together. */
export interface PatternLine {
  /** Printed numbers of the first and last round. */
  readonly from: number
  readonly to: number
  readonly text: string
  /** Stitches each of these rounds leaves. */
  readonly count: number
  /** What to do before it, such as a change of yarn; null when nothing. */
  readonly note: string | null
}

export interface PatternSection {
  readonly part: string
  readonly name: string
  readonly intro: string
  readonly lines: readonly PatternLine[]
}

/** Parallel columns of two rows hold the same work. */
function sameRows(piece: Piece, a: number, b: number): boolean {
  const { runStart, runStitch, runYarn, runCount, uses, start } = piece.columns
  const [from, to] = [runStart[a]!, runStart[b]!]
  const length = runStart[a + 1]! - from
  if (length !== runStart[b + 1]! - to || uses[a] !== uses[b]) return false
  if (start[a] !== start[b]) return false
  for (let i = 0; i < length; i++)
    if (
      runStitch[from + i] !== runStitch[to + i] ||
      runYarn[from + i] !== runYarn[to + i] ||
      runCount[from + i] !== runCount[to + i]
    )
      return false
  return true
}

/** The written pattern, part by part from the base up. */
export function writtenPattern(
  design: Design,
  ledger: Ledger,
  piece: Piece,
  words: Words,
): PatternSection[] {
  return piece.parts.map((part) => ({
    part: part.id,
    name: part.name,
    intro: introOf(design, piece, part, words),
    lines: linesOf(design, ledger, piece, part, words),
  }))
}

function linesOf(
  design: Design,
  ledger: Ledger,
  piece: Piece,
  part: LedgerPart,
  words: Words,
): PatternLine[] {
  const { number, makes } = piece.columns
  const lines: PatternLine[] = []
  for (let row = part.firstRow; row < part.endRow;) {
    let next = row + 1
    const note = changeNote(design, ledger, piece, row)
    while (next < part.endRow && sameRows(piece, row, next) && !changesInto(piece, next)) next++
    lines.push({
      from: number[row]!,
      to: number[next - 1]!,
      text: rowText(ledger, piece, row, words),
      count: makes[row]!,
      note,
    })
    row = next
  }
  return lines
}

const firstYarn = (piece: Piece, row: number): number =>
  piece.columns.runYarn[piece.columns.runStart[row]!]!
const lastYarn = (piece: Piece, row: number): number =>
  piece.columns.runYarn[piece.columns.runStart[row + 1]! - 1]!

/** Whether a row begins in another yarn than the one below ended in. */
const changesInto = (piece: Piece, row: number): boolean =>
  row > 0 && firstYarn(piece, row) !== lastYarn(piece, row - 1)

function changeNote(design: Design, ledger: Ledger, piece: Piece, row: number): string | null {
  if (!changesInto(piece, row)) return null
  const yarn = ledger.yarns[firstYarn(piece, row)]!
  const below = piece.columns.number[row - 1]!
  return design.working === 'joined'
    ? `Close the join of round ${below} with ${yarn}.`
    : `Change to ${yarn} on the last yarn over of round ${below}.`
}

function introOf(design: Design, piece: Piece, part: LedgerPart, words: Words): string {
  if (part.kind.endsWith('-base'))
    return design.working === 'spiral'
      ? 'Work in a spiral without joining; move a marker up in the first stitch of every round.'
      : 'Join every round with a slip stitch into its first stitch; the starting chain does not count as a stitch.'
  if (part.kind !== 'tapestry') return ''
  const count = piece.columns.uses[part.firstRow]!
  const repeats = Math.floor(count / part.repeat!)
  const from = words.hand === 'right' ? 'right to left' : 'left to right'
  return `${repeats} repeats of ${part.repeat} stitches. Read every round of the chart from ${from}. Carry the yarns not in use inside the stitches, and change on the last yarn over of the stitch before.`
}

/** An abbreviation the pattern uses, and what it stands for. */
export interface Abbreviation {
  readonly short: string
  readonly long: string
}

/** The abbreviations a pattern needs, in the chosen terms. */
export function abbreviationsOf(ledger: Ledger, piece: Piece, words: Words): Abbreviation[] {
  const used = [...new Set(piece.columns.runStitch)].map((i) => stitchById(ledger.stitches[i]!))
  const basics = used.filter(({ family }) => family === 'basic' || family === 'loop')
  const joined = piece.columns.end.includes(ends.indexOf('join'))
  const extra = joined ? [stitchById('ch'), stitchById('sl-st')] : []
  const list = [...extra, ...basics, ...used.filter(({ family }) => family === 'decrease')].map(
    (stitch) => ({ short: abbrOf(stitch, words), long: nameOf(stitch, words) }),
  )
  const increases = used.some(({ family }) => family === 'increase')
  return [
    ...list,
    ...(increases ? [{ short: 'inc', long: 'increase: 2 stitches in the next stitch' }] : []),
    { short: 'st', long: 'stitch' },
    { short: '[ ] × n', long: 'work what is in brackets n times' },
    { short: '(n)', long: 'stitches at the end of the round' },
  ]
}

/** "Round 7", "Rounds 21–25". */
export const lineLabel = ({ from, to }: Pick<PatternLine, 'from' | 'to'>): string =>
  from === to ? `Round ${from}` : `Rounds ${from}–${to}`
