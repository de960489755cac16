import { NTH_WORDS, nthSaid, NUMBER_WORDS, numberSaid } from '../manners/index.ts'

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

const ROWS = '(?:rows?|rnds?|rds?|rounds?|r)\\.?'
const N = `(?:\\d+|${NUMBER_WORDS})`
const SAID = new RegExp(
  `^(?:ch \\d+,? ?)?(?:turn,? ?)?(?:then\\s+)?(?:(?=rows? 1\\d{3})|rep(?:eat)?(?:ing)?|(?:continue|cont\\.?|work(?:ed|ing)?)(?:\\s+(?:even|straight))?(?:\\s+in\\s+(?:the\\s+)?(?:pattern|patt|same way))?,?(?:\\s+as(?:\\s+(?:for|in|per))?|\\s+repeating)?|(?:the\\s+)?same\\s+as|as(?:\\s+(?:for|in|per))?|like)\\s*(?:the\\s+)?(?:(?:pattern|main|body|base)\\s+)?(?:(?:last|previous|prior)\\s+(?:(${N})\\s+)?${ROWS}\\b|${ROWS}\\s*(\\d+)(?:\\s*([-–—]|to|and|&|through)\\s*(?:${ROWS}\\s*)?(\\d+))?|(\\d+)(?:st|nd|rd|th|d)(?:\\s*([-–—]|to|and|&)\\s*(\\d+)(?:st|nd|rd|th|d))?(?:\\s+${ROWS}|(?=\\s*[,.;]|\\s*$))|(?<=^(?:same as|as|like)\\s)(\\d+)\\b)(.*)$`,
  'is',
)
/** As the row before was: "work in pattern as set". */
const AS_SET =
  /^(?:ch \d+,? ?)?(?:turn,? ?)?(?:work|continue|cont\.?|keep)(?: (?:even|straight|on|going|working))* in (?:(?:the )?(?:same |established )?(?:pattern|patt\.?|way)|(?:\w+ ){1,2}(?=as (?:set|established)))(?: ?as (?:set|established|before|given))?\s*(?:[.;,]|$|[([=–—-])/i
const MOST = 999

const numberIn = (text: string): number => numberSaid(text) ?? 0

function timesIn(rest: string): number | null {
  if (/\btwice\b/i.test(rest)) return 2
  if (/\bonce\b/i.test(rest)) return 1
  const found = new RegExp(`(${N})\\s+(?:more\\s+)?times\\b`, 'i').exec(rest)
  return found ? Math.min(numberIn(found[1]!), MOST) : null
}

const NTHS = new RegExp(`\\b(?:first|${NTH_WORDS})(?= (?:row|rnd|round)s?\\b)`, 'gi')
const CALLED =
  /\b(?:[Rr]ows?|[Rr]ounds?|[Rr]n?ds?|[Pp]att(?:ern)?|alternate) ([A-Z])\b((?:(?:,|\/|\s?&|\s?and|\s?then)+ ?(?:(?:[Rr]ow|[Rr]ound|[Rr]nd)s? )?[A-Z]\b)*)/g
/** Rows that are called by a letter have numbers of their own. */
export const numberOfLetter = (letter: string): number => 1000 + letter.charCodeAt(0)
/** A text with the letters of rows as their numbers: “work Round A and Round B alternately”. */
const inNumbers = (text: string): string =>
  text
    .replace(NTHS, (nth) => (/first/i.test(nth) ? '1st' : nthSaid(nth)!))
    .replace(CALLED, (all) =>
      all
        .replace(/^(?:patt(?:ern)?|alternate)/i, 'rows')
        .replace(/\b[A-Z]\b/g, (one) => String(numberOfLetter(one))),
    )
/** Letters that rows are called by where they are to be worked. */
export const lettersCalled = (text: string): string[] =>
  [...text.matchAll(CALLED)].flatMap(([all]) => all.match(/\b[A-Z]\b/g) ?? [])

/** The rows a text says to work again, if that is what it says. */
export function repeatOf(said: string): RowRepeat | null {
  const text = inNumbers(said)
  if (AS_SET.test(text)) return { cycle: [], back: 1, times: null, rest: '' }
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
