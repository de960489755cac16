import type { RowWants } from './band.ts'

/* What a row that is kept as it was written says of how it is worked, beside its stitches. */

const TURNED_FIRST = /^(?:ch \d+(?: \([^)]*\))?, )?turn\b/i
const TURNED_LAST = /[,;]? *\bturn(?:ed|ing)?$/i
const JOINED = /\bjoin\b|\b(?:sl st|ss) (?:in|to) (?:the )?(?:first|1st|top|beg)/i
/** Its yarn is joined before anything is worked, and it says where: "join B in 7th st", "B, join in first st". */
const ANEW =
  /^(?:(?:with |in )?[A-Z][a-z ]*, *)?(?:re)?join(?:ing)?\b(?! (?:with|to|and)\b)[^,;.]*\b(?:in|at|to|around|between)\b/i

/** It begins elsewhere with a yarn that is there already: "beginning in the 7th st". */
const GOES_ON = /\b(?:beginning|starting)\b/i

/** Forward, and back again. */
const TWO_PASSES = /\breturn(?: pass)?\s*:/i

interface SaidRow {
  readonly text?: string
  readonly from?: number | null
}

/** How such a row wants to be worked: turned, joined, begun anew where it says so. Rows are turned as any where none of them says it. */
export function wantsOfText(rows: readonly SaidRow[], nth: number): RowWants {
  const { text = '', from = null } = rows[nth - 1]!
  const said = rows.flatMap((row) => row.text ?? [])
  const turns = said.some((one) => TURNED_FIRST.test(one) || TURNED_LAST.test(one))
  return {
    ...(TWO_PASSES.test(text) ? { passes: 2 as const } : {}),
    ...(JOINED.test(text) ? { joins: true } : {}),
    ...(from !== null ? { from } : {}),
    ...((from !== null && !GOES_ON.test(text)) || ANEW.test(text) ? { afresh: 'always' } : {}),
    ...(turns && (nth > 1 || TURNED_FIRST.test(text)) ? { turned: TURNED_FIRST.test(text) } : {}),
    ...(TURNED_LAST.test(text) ? { turnsAfter: true } : {}),
  }
}

/** A row without its turn at the end: that is said where the next one begins. */
export const withoutTurn = (text: string): string => text.replace(TURNED_LAST, '') || text
