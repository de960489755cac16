import { LIMITS } from '../part/index.ts'
import { shortened } from '../units/index.ts'
import type { CheckOptions, CheckReport } from './checked.ts'
import { Checker } from './checker.ts'
import { linesOf, sizesIn } from './lines.ts'
import { mixedTerms, termsOf } from './mixed-terms.ts'
import { found } from './problem.ts'

/** A line that is longer is not read. */
const LONGEST_LINE = 10_000
const SHOWN = 160
/** The place of what concerns a pattern as a whole. */
const NOWHERE = { from: 0, to: 0 } as const

/**
 * Checks a written pattern, row by row: what each takes, what it leaves, and whether that is what it says. What cannot be read is
 * said, and reading goes on. Never throws.
 */
export function checkPattern(text: string, options: CheckOptions = {}): CheckReport {
  const read = text.slice(0, LIMITS.patternText)
  const lines = linesOf(read, options.size)
  const checker = new Checker(lines, options)
  for (const line of lines) {
    if (line.text.length > LONGEST_LINE) checker.unread.push({ line: line.line, text: line.text })
    else checker.take(line)
    if (checker.isFull) break
  }
  const { rows, problems, unread } = checker
  if (checker.isFull || read.length < text.length)
    problems.push(found('too-long', { rows: rows.length }, NOWHERE, 'warning'))
  return {
    terms: options.terms ?? termsOf(read),
    rows,
    problems: [...mixedTerms(read, options.terms), ...problems],
    unread: unread.map(({ line, text: said }) => ({ line, text: shortened(said, SHOWN) })),
    sizes: sizesIn(read)?.names ?? [],
  }
}
