import { checkPattern } from '../check/index.ts'
import type { Alarms } from './plant.ts'

/** The alarms the checker raises over a pattern. */
export function alarmsOf(text: string): Alarms {
  const { rows, problems, unread } = checkPattern(text)
  return {
    lines: [
      ...rows.flatMap((row) => (row.problems.length > 0 ? [row.line] : [])),
      ...unread.map(({ line }) => line),
    ],
    whole: problems.some(({ severity }) => severity !== 'advice'),
    rows: rows.map(({ line }) => line),
  }
}
