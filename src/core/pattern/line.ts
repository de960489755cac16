import type { Side } from '../program/index.ts'

/** One line of the written pattern: a round, or equal rounds taken together. */
export interface PatternLine {
  /** Printed numbers of the first and last round. */
  readonly from: number
  readonly to: number
  readonly row: 'Row' | 'Round'
  /** Which side faces; null where it is always the right one, and for rows of both taken together. */
  readonly side: Side | null
  readonly text: string
  /** Stitches each of these rounds leaves, and that as it is counted: "30 stars". */
  readonly count: number
  readonly total: string
  /** What to do before it, such as a change of yarn; null when nothing. */
  readonly note: string | null
}

/** "Round 7", "Rounds 21–25", "Row 3 (WS)". */
export function lineLabel({
  from,
  to,
  row,
  side,
}: Omit<PatternLine, 'text' | 'count' | 'total' | 'note'>) {
  const name = from === to ? row : `${row}s`
  return `${name} ${from === to ? from : `${from}–${to}`}${side ? ` (${side})` : ''}`
}
