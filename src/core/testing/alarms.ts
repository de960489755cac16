import { checkPattern } from '../check/index.ts'
import type { Alarms } from './plant.ts'

/** The alarms the checker raises over a pattern; those it raised `before` as well left out. */
export function alarmsOf(text: string, before?: string): Alarms {
  const { rows, problems, unread } = checkPattern(text)
  const raised = rows.flatMap((row) => row.problems.map(({ code }) => ({ line: row.line, code })))
  const known = new Set(before === undefined ? [] : signsOf(before))
  return {
    lines: [
      ...raised.flatMap((one) => (known.has(signOf(one)) ? [] : [one.line])),
      ...unread.map(({ line }) => line).filter((line) => !known.has(`${line} line`)),
    ],
    whole: problems.some(({ severity }) => severity !== 'advice'),
    rows: rows.map(({ line }) => line),
  }
}

const signOf = ({ line, code }: { readonly line: number; readonly code: string }) =>
  `${line} ${code}`
function signsOf(text: string): string[] {
  const { rows, unread } = checkPattern(text)
  return [
    ...rows.flatMap((row) => row.problems.map(({ code }) => signOf({ line: row.line, code }))),
    ...unread.map(({ line }) => `${line} line`),
  ]
}
