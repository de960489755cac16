/* "Rep Rows 3 and 4 five more times": which rows, and how often. */

export interface RowRepeat {
  /** The rows repeated, in order. */
  readonly cycle: readonly number[]
  /** How often, where it says so. */
  readonly times: number | null
  /** What stands after it. */
  readonly rest: string
}

const ROWS = '(?:rows?|rnds?|rounds?|r)'
const SAID = new RegExp(
  `^(?:then\\s+)?(?:rep(?:eat)?|work(?:ed)?(?:\\s+as(?:\\s+for)?)?|same\\s+as|as(?:\\s+for)?)\\s+(?:the\\s+)?(?:(?:last|previous|prior)\\s+(?:(\\d+|two|three|four|five|six)\\s+)?${ROWS}\\b|${ROWS}\\s*(\\d+)(?:\\s*([-–—]|to|and|&|through)\\s*(?:${ROWS}\\s*)?(\\d+))?|(\\d+)(?:st|nd|rd|th)(?:\\s*([-–—]|to|and|&)\\s*(\\d+)(?:st|nd|rd|th))?\\s+${ROWS})(.*)$`,
  'is',
)
const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']
const MOST = 999

const numberIn = (text: string): number => Number(text) || NUMBERS.indexOf(text.toLowerCase()) + 1

function timesIn(rest: string): number | null {
  if (/\btwice\b/i.test(rest)) return 2
  if (/\bonce\b/i.test(rest)) return 1
  const found = new RegExp(`\\b(\\d+|${NUMBERS.join('|')})\\s+(?:more\\s+)?times\\b`, 'i').exec(
    rest,
  )
  return found ? Math.min(numberIn(found[1]!), MOST) : null
}

/** The rows a text says to work again, if that is what it says; `number` is that of the row it stands at. */
export function repeatOf(text: string, number: number): RowRepeat | null {
  const found = SAID.exec(text)
  if (!found) return null
  const [, back, named, between, until, nth, along, last, rest = ''] = found
  const [one, joiner, other] = [named ?? nth, between ?? along, until ?? last]
  const times = timesIn(rest)
  if (one === undefined) {
    const count = Math.min(back ? numberIn(back) : 1, MOST)
    return { cycle: Array.from({ length: count }, (_, i) => number - count + i), times, rest }
  }
  const [first, end] = [Number(one), Number(other ?? one)]
  const both = joiner !== undefined && /and|&/i.test(joiner) && end !== first + 1
  const length = Math.max(0, Math.min(MOST, end - first)) + 1
  const cycle = both ? [first, end] : Array.from({ length }, (_, i) => first + i)
  return { cycle, times, rest }
}
