import type { RowLine } from './lines.ts'
import type { Mend, Problem } from './problem.ts'

/*
 * What would put a row right, found by trying: a repeat more or fewer, a stitch more or fewer, a first stitch skipped, another total.
 * Only what then adds up is told.
 */

/** Whether a row adds up that is written so. */
type Tries = (line: RowLine) => boolean

const REPEATS = /(?<=[x×*]\s?)\d+(?!\s*(?:sc|dc|hdc|tr|htr|st|ch)\b)|\d+(?=\s*(?:more\s)?times\b)/gi
const COUNTS =
  /(?<![\d-]|ch |chain |× |x |row |rnd |round )\b\d+\b(?!\s*(?:times|more|(?:st|nd|rd|th)\b|ch\b|-|rows?|rnds?)|\d)/gi
const STARTED = /^\s*(?:ch|chain) \d+[^,;]*[,;](?:\s*turn[,;])?/i
/** More are not tried, nor told. */
const MOST_TRIED = 60
const MOST_TOLD = 3
const NEAR = [1, -1, 2, -2, 3, -3]

/** The few words of a text that stand around a place. */
function around(text: string, from: number, to: number): string {
  const before = /[^,;:.*[\](){}]*$/.exec(text.slice(0, from))![0]
  const after = /^[^,;:.*[\](){}]*/.exec(text.slice(to))![0]
  return (before + text.slice(from, to) + after).trim()
}

interface Tried extends Mend {
  readonly line: RowLine
}

/** A line with a part of its work written otherwise. */
function rewritten(line: RowLine, from: number, to: number, text: string): Tried {
  const put = (all: string) => all.slice(0, from) + text + all.slice(to)
  const whole = put(line.text)
  return {
    ...{ from, to, text, label: `“${around(whole, from, from + text.length)}”` },
    line: { ...line, text: whole, work: put(line.work), others: [] },
  }
}

function* candidates(line: RowLine): Generator<Tried & { readonly repeats?: Mend['repeats'] }> {
  const { work } = line
  for (const by of NEAR)
    for (const { index, 0: said } of work.matchAll(REPEATS)) {
      const [written, fit] = [Number(said), Number(said) + by]
      if (fit < 1) continue
      const tried = rewritten(line, index, index + said.length, String(fit))
      yield { ...tried, repeats: { written, fit } }
    }
  const started = STARTED.exec(work)
  if (started) yield rewritten(line, started[0].length, started[0].length, ' sk first st,')
  for (const by of NEAR)
    for (const { index, 0: said } of work.matchAll(COUNTS)) {
      const number = Number(said) + by
      if (number >= 1) yield rewritten(line, index, index + said.length, String(number))
    }
}

/** Another total: the number that is wrong, as it is written. */
function otherTotal(line: RowLine, problem: Problem): Mend[] {
  if (problem.code !== 'total-misstated') return []
  const { made, stated } = problem.facts
  const begin = line.work.trimEnd().length
  const at = line.text.slice(begin).search(new RegExp(`(?<!\\d)${stated}(?!\\d)`))
  if (at < 0) return []
  const from = begin + at
  return [
    { from, to: from + String(stated).length, text: String(made), label: `a total of ${made}` },
  ]
}

/** What puts a row right, the likeliest first. */
export function mendsOf(line: RowLine, problems: readonly Problem[], adds: Tries): Mend[] {
  const mends: Mend[] = []
  let tried = 0
  for (const { line: other, ...mend } of candidates(line)) {
    if (++tried > MOST_TRIED || mends.length >= MOST_TOLD) break
    if (adds(other)) mends.push(mend)
  }
  const total = problems.flatMap((problem) => otherTotal(line, problem))
  // A row that takes up all there is has its total wrong before its work.
  const alone = problems.every(
    ({ code, severity }) => code === 'total-misstated' || severity !== 'error',
  )
  return alone ? [...total, ...mends] : [...mends, ...total]
}
