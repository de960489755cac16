import { NUMBER_WORDS, numberSaid } from '../manners/index.ts'

/* "Rep Rows 3 and 4 five more times": which rows, and how often. */

export interface RowRepeat {
  /** The rows repeated, in order, by their numbers; none where they are the last so many. */
  readonly cycle: readonly number[]
  /** So many rows before it; 0 where they are said by their numbers. */
  readonly back: number
  /** How often, where it says so. */
  readonly times: number | null
  /** What stands after it. */
  readonly rest: string
}

const ROWS = '(?:rows?|rnds?|rounds?|r)'
const N = `(?:\\d+|${NUMBER_WORDS})`
const SAID = new RegExp(
  `^(?:then\\s+)?(?:rep(?:eat)?(?:ing)?|work(?:ed)?(?:\\s+as(?:\\s+(?:for|in))?)?|(?:the\\s+)?same\\s+as|as(?:\\s+(?:for|in|per))?|like)\\s+(?:the\\s+)?(?:(?:last|previous|prior)\\s+(?:(${N})\\s+)?${ROWS}\\b|${ROWS}\\s*(\\d+)(?:\\s*([-–—]|to|and|&|through)\\s*(?:${ROWS}\\s*)?(\\d+))?|(\\d+)(?:st|nd|rd|th)(?:\\s*([-–—]|to|and|&)\\s*(\\d+)(?:st|nd|rd|th))?\\s+${ROWS}|(?<=^(?:same as|as|like)\\s)(\\d+)\\b)(.*)$`,
  'is',
)
const MOST = 999

const numberIn = (text: string): number => numberSaid(text) ?? 0

function timesIn(rest: string): number | null {
  if (/\btwice\b/i.test(rest)) return 2
  if (/\bonce\b/i.test(rest)) return 1
  const found = new RegExp(`(${N})\\s+(?:more\\s+)?times\\b`, 'i').exec(rest)
  return found ? Math.min(numberIn(found[1]!), MOST) : null
}

/** The rows a text says to work again, if that is what it says. */
export function repeatOf(text: string): RowRepeat | null {
  const found = SAID.exec(text)
  if (!found) return null
  const [, many, named, between, until, nth, along, last, alone, rest = ''] = found
  const [one, joiner, other] = [named ?? nth ?? alone, between ?? along, until ?? last]
  const times = timesIn(rest)
  if (one === undefined)
    return { cycle: [], back: Math.min(many ? numberIn(many) : 1, MOST), times, rest }
  const [first, end] = [Number(one), Number(other ?? one)]
  const both = joiner !== undefined && /and|&/i.test(joiner) && end !== first + 1
  const length = Math.max(0, Math.min(MOST, end - first)) + 1
  const cycle = both ? [first, end] : Array.from({ length }, (_, i) => first + i)
  return { cycle, back: 0, times, rest }
}
