import { LIMITS } from '../part/index.ts'
import { shortened } from '../units/index.ts'
import type { CheckOptions, CheckReport } from './checked.ts'
import { Checker } from './checker.ts'
import { type Line, linesOf, sizesIn } from './lines.ts'
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
  const asSaid = gone(lines, options)
  const { rows, problems, unread, isFull } = otherSchool(lines, options, asSaid) ?? asSaid
  if (isFull || read.length < text.length)
    problems.push(found('too-long', { rows: rows.length }, NOWHERE, 'warning'))
  return {
    terms: options.terms ?? termsOf(read),
    rows,
    problems: [...mixedTerms(read, options.terms), ...problems],
    unread: unread.map(({ line, text: said }) => ({ line, text: shortened(said, SHOWN) })),
    sizes: sizesIn(read)?.names ?? [],
  }
}

/** Goes through the lines, by one school. */
function gone(lines: readonly Line[], options: CheckOptions): Checker {
  const checker = new Checker(lines, options)
  for (const line of lines) {
    if (line.text.length > LONGEST_LINE) checker.unread.push({ line: line.line, text: line.text })
    else checker.take(line)
    if (checker.isFull) break
  }
  checker.finish()
  return checker
}

/** Rows that do not add up, and would with their starting chain counted the other way. */
const otherwise = ({ rows }: Checker, counts: boolean): number =>
  rows.filter((row) => row.problems.some((one) => one.startingChain?.counts === counts)).length
const faults = ({ rows }: Checker): number =>
  rows.filter(({ state }) => state === 'wrong' || state === 'not-understood').length

/**
 * A pattern that says nothing of its starting chains, and adds up where they are counted the other way throughout: that is how it is
 * meant. One row of it that does not add up is a fault. Null where nothing speaks for it.
 */
function otherSchool(
  lines: readonly Line[],
  options: CheckOptions,
  asSaid: Checker,
): Checker | null {
  if ((options.startingChain ?? 'text') !== 'text') return null
  for (const school of ['not', 'counts'] as const) {
    if (otherwise(asSaid, school === 'counts') < LEAST_ROWS) continue
    const other = gone(lines, { ...options, startingChain: school })
    if (faults(other) >= faults(asSaid)) continue
    other.problems.push(found('starting-chains', { counts: school === 'counts' }, NOWHERE))
    return other
  }
  return null
}
/** So many rows speak for another school. */
const LEAST_ROWS = 2
