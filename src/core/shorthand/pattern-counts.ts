import type { Repeat } from '../band/index.ts'
import { rowsHigh, type StitchPattern, usualRows } from '../texture/index.ts'
import { found, refused, type Result } from '../units/index.ts'
import { countedOnce } from './written-rows.ts'

/*
 * On which counts a stitch pattern comes out: each of its rows may have a multiple of its own, and what a row leaves is what the next
 * stands on, so that all of them are counted, on one number after the other.
 */

/** Counts that are tried, and how many in equal steps are taken for a rule. */
const MOST = 150
const SURE = 4

/** Nothing when all rows of a pattern come out on so many stitches and can be worked again on what they leave; else which does not. */
export function whyNotOn(
  pattern: StitchPattern,
  way: 'flat' | 'round',
  count: number,
): string | null {
  const program = pattern[way]
  if (!program) return 'There are no rows yet.'
  const stack = rowsHigh(program, usualRows(program))
  const counted = countedOnce(
    stack.map(({ text }) => text),
    count,
    way === 'flat' ? 'rows' : 'rounds',
    {
      ...{ ground: pattern.passes === 2 ? 'drawn-loop' : 'sc', yarn: 'A' },
      letterOf: (said) => said,
    },
    stack,
  )
  const [begin, rows] = [program.begin.length, program.rows.length]
  if (!counted.ok) return inRepeats(counted.problem, begin, rows)
  const [once, twice] = [begin + rows, begin + 2 * rows].map((n) => counted.value.left[n - 1])
  return once === twice
    ? null
    : `After its rows ${once} stitches are left, and worked again ${twice}: it cannot go on from there.`
}

/** A row of the second time that what repeats is worked is called by what it is. */
function inRepeats(problem: string, begin: number, rows: number): string {
  const [said, number] = /^Row (\d+): /.exec(problem) ?? []
  const at = Number(number) - 1 - begin
  if (!said || at < rows) return problem
  const which =
    at < 2 * rows
      ? `Row ${begin + at - rows + 1}, the second time`
      : `Row ${at - 2 * rows + 1} of the end`
  return `${which}: ${problem.slice(said.length)}`
}

/** The multiple and the offset on which a pattern comes out; refused in words when no rule is found, or it does not come out. */
export function countsFound(pattern: StitchPattern, way: 'flat' | 'round'): Result<Repeat> {
  const hits: number[] = []
  let [problem, furthest] = ['', -1]
  for (let count = 1; count <= MOST; count++) {
    const why = whyNotOn(pattern, way, count)
    if (why === null) hits.push(count)
    else if (reachOf(why) > furthest)
      [problem, furthest] = [`On ${count} stitches: ${why}`, reachOf(why)]
    // The fewest may come out by chance.
    const last = hits.slice(-SURE)
    const multiple = stepOf(last)
    if (multiple !== null && last.length === SURE && count >= last.at(-1)! + multiple - 1)
      return found({ multiple, offset: last[0]! % multiple })
  }
  if (hits.length === 0) return refused(problem)
  return refused(
    hits.length === 1
      ? `It comes out on ${hits[0]} stitches alone.`
      : `It comes out on ${hits.slice(0, 6).join(', ')}, which is no multiple.`,
  )
}

/** How far rows came before they did not: what fails last tells most. */
const reachOf = (why: string): number =>
  why.startsWith('After')
    ? Infinity
    : Number(/^Row (\d+)/.exec(why)?.[1] ?? 0) + (/^Row \d+, the second/.test(why) ? 1000 : 0)

/** The step between numbers, where it is always the same. */
function stepOf(numbers: readonly number[]): number | null {
  const [first, second] = numbers
  if (second === undefined) return null
  const step = second - first!
  return numbers.every((n, i) => n === first! + i * step) ? step : null
}
