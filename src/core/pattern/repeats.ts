import type { PatternLine } from './line.ts'

/* Rows that are worked again in the same order are said once (common practice): "repeat rows 2–5 five times more". */

/** Longest stretch of lines that is looked for again. */
const LONGEST = 40

const TIMES = [
  ...['', 'once', 'twice', 'three times', 'four times', 'five times', 'six times', 'seven times'],
  ...['eight times', 'nine times', 'ten times', 'eleven times', 'twelve times'],
]
const timesWords = (times: number): string => TIMES[times] ?? `${times} times`

/** What a line says, its rows and those its note names counted from its own first. */
const sayingOf = ({ from, to, side, text, total, note }: PatternLine): string => {
  const relative = (words: string) =>
    words.replace(/\b(rows?|rounds?|Rnds?|and) (\d+)/gi, (_, of: string, n: string) => {
      return `${of} ${Number(n) - from}`
    })
  return JSON.stringify([to - from, side, relative(text), total, note && relative(note)])
}

/** How often the lines from `at` on come again at once, so many at a time. */
function againAt(sayings: readonly string[], at: number, period: number): number {
  let times = 0
  for (;;) {
    const next = at + (times + 1) * period
    if (next + period > sayings.length) return times
    for (let i = 0; i < period; i++) if (sayings[at + i] !== sayings[next + i]) return times
    times++
  }
}

/** Lines with what comes again said once. */
export function withRepeatsOnce(lines: readonly PatternLine[]): PatternLine[] {
  const sayings = lines.map(sayingOf)
  const out: PatternLine[] = []
  for (let at = 0; at < lines.length;) {
    let best = { period: 1, times: 0 }
    for (let period = 2; period <= LONGEST && at + 2 * period <= lines.length; period++) {
      const times = againAt(sayings, at, period)
      if (times * period > best.times * best.period) best = { period, times }
    }
    const { period, times } = best
    if (times === 0) {
      out.push(lines[at++]!)
      continue
    }
    const [first, last] = [lines[at]!, lines[at + period - 1]!]
    const end = lines[at + period * (times + 1) - 1]!
    out.push(...lines.slice(at, at + period), {
      ...{ from: last.to + 1, to: end.to, row: first.row, side: null },
      text: `repeat ${first.row.toLowerCase()}s ${first.from}–${last.to} ${timesWords(times)} more`,
      ...{ count: end.count, total: end.total, note: null },
    })
    at += period * (times + 1)
  }
  return out
}
