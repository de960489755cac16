import {
  groundOfRow,
  type Ledger,
  type LedgerRun,
  partOfRow,
  type Piece,
  startingChainOf,
  startOfRow,
} from '../ledger/index.ts'
import { starts } from '../program/index.ts'
import { abbrOf, stitchById, type Words } from '../stitch/index.ts'
import { ordinal } from '../units/index.ts'
import { groundOf, inRuns, wholeRow } from './runs-text.ts'

/* How rows start, by their school. */

/** What a row is said with. */
export interface RowContext {
  readonly ledger: Ledger
  readonly piece: Piece
  readonly row: number
  readonly runs: readonly LedgerRun[]
  readonly words: Words
  /** "around" for a round, "across" for a row. */
  readonly way: 'around' | 'across'
  /** Its start is its first stitch. */
  readonly counts: boolean
}

/** What follows a start that is the first stitch. */
export function afterStart(
  runs: readonly LedgerRun[],
  words: Words,
  several: boolean,
  each: string,
): string {
  const { rest, aside } = withoutFirst(runs, words)
  const whole = aside === null && !several ? wholeRow(runs, words, each) : null
  return whole ?? [aside, inRuns(rest, words, several)].filter(Boolean).join(', ')
}

/** What a row that is not a spiral's begins with; `yarn` where its start is a stitch of one of several. */
export function openingWords(context: RowContext, yarn = ''): string {
  const { words, piece, ledger, row } = context
  const ground = groundOfRow(ledger, piece, row)
  const stitch = abbrOf(ground, words)
  const start = starts[piece.columns.start[row]!]!
  const way = startOfRow(ledger, piece, row)
  if (way !== 'chain') {
    // A standing stitch is joined by being made; a stacked one stands where its yarn is joined.
    const where = piece.columns.from[row]! > 0 ? ` in ${nthWords(context)}` : ''
    if (start === 'afresh' && way === 'stacked')
      return `join in ${nthWords(context)}, stacked ${stitch}${yarn}`
    return `${start === 'turn' ? 'turn, ' : ''}${way} ${stitch}${yarn}${where}`
  }
  const anew = start === 'afresh' ? `join in ${nthWords(context)}, ` : ''
  return `${anew}ch ${startingChainOf(ledger, piece, row)}${yarn}${countsWords(context)}${start === 'turn' ? ', turn' : ''}`
}

/** The place in which a yarn is joined anew: "first st", "7th st". */
function nthWords({ piece, row }: RowContext): string {
  const from = piece.columns.from[row]!
  return `${from === 0 ? 'first' : ordinal(from + 1)} st`
}

/** Whether a starting chain counts, where that is not said for all rows. */
function countsWords({ piece, ledger, row, words, counts }: RowContext): string {
  const ground = groundOfRow(ledger, piece, row)
  const { making } = partOfRow(piece, row)
  if (counts) return ` (counts as ${abbrOf(ground, words)})`
  // Where a spiral turns, or a chain is used though another start is the rule, nothing was said of starting chains.
  const unsaid = making.working === 'spiral' || making.start !== 'chain' || row === 0
  const inRounds = piece.worked === 'rounds' || row === 0
  return unsaid && startingChainOf(ledger, piece, row) >= 3 && inRounds
    ? ' (does not count as a st)'
    : ''
}

/** A row whose first stitch its start has made already: the rest, and what still goes into the same place. */
function withoutFirst(
  [first, ...more]: readonly LedgerRun[],
  words: Words,
): { readonly rest: readonly LedgerRun[]; readonly aside: string | null } {
  const stitch = stitchById(first!.stitch)
  const rest = first!.count > 1 ? [{ ...first!, count: first!.count - 1 }, ...more] : more
  const ground = abbrOf(groundOf(stitch.id), words)
  if (stitch.family === 'increase')
    return { rest, aside: `${stitch.makes - 1} ${ground} in same st` }
  if (stitch.family === 'decrease')
    return {
      rest,
      aside: `${ground} in next st (with the start it counts as ${abbrOf(stitch, words)})`,
    }
  return { rest, aside: null }
}
