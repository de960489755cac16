import { NTH_WORDS, NUMBER_WORDS, nthSaid, numberSaid } from '../manners/index.ts'

/*
 * What a line says it is: a row by its number or its name, several at once, a side, a yarn. Read from left to right, a step at a time.
 */

export type RowWord = 'row' | 'round' | 'pass'

export interface Label {
  readonly what: RowWord
  /** "R", of which it is not said whether it is a row or a round. */
  readonly open: boolean
  /** The rows it stands for, in order; empty where it has no number. */
  readonly numbers: readonly number[]
  /** "Next four rows": how many, where they have no numbers. */
  readonly many: number
  readonly side: 'RS' | 'WS' | null
  /** It stands for every second row after it too: "Row 2 and all even rows". */
  readonly everySecond: boolean
  readonly yarn: string | null
  /** The stitches it says before its number: "[6] Round 1". */
  readonly count: string | null
  /** A number alone, which may be of a list. */
  readonly bare: boolean
  /** Where what is worked begins. */
  readonly to: number
}

const WORD = 'rows?|rnds?|rds?|rounds?|r(?=\\s*\\d)'
const N = `(?:\\d{1,4}|${NUMBER_WORDS})`
const LEAD = /^(?:\s|[☐☑✓□▢»>•·◦▪–—-]|\*(?=\s))*/
const COUNT = new RegExp(`^[[(<]\\s*(\\d+)\\s*[\\])>]\\s*(?=(?:${WORD})\\b)`, 'i')
const NAMED = new RegExp(
  `^(?:set-?\\s?up |foundation |increase |decrease )?(${WORD})(?![a-z])\\s*[.#]?\\s*`,
  'i',
)
const ORDINAL = new RegExp(
  `^(?:the )?(\\d+(?:st|nd|rd|th)|first|${NTH_WORDS})(?:\\s*([-–—]|to|and|&)\\s*(?:the )?(\\d+(?:st|nd|rd|th)|${NTH_WORDS}))?\\s+(rows?|rnds?|rounds?)\\b`,
  'i',
)
const NEXT = new RegExp(
  `^(?:the )?(foundation|set-?up|next|last|final|following|another|return|forward)(?: (${N}))?(?: (rows?|rnds?|rounds?|pass)\\b|(?<=return|forward))`,
  'i',
)
const BARE = /^\(?(\d{1,3})\)?(?:\s*[-–—]\s*\(?(\d{1,3})\)?)?\s*(?=[):.\]])/
const NUMBER = new RegExp(`^(?:(?:${WORD})\\s*\\.?\\s*)?(${N})(?![a-z\\d])`, 'i')
const JOINER = /^\s*([-–—/,+]|to\b|and\b|&|through\b|thru\b)\s*(?:and\b\s*)?/i
const EVERY =
  /^\s*\(?(?:and |& )?(?:all |every )(?:(?:other|following|foll|even(?:-numbered)?|odd(?:-numbered)?|WS|RS) )+(?:rows?|rnds?|rounds?)\)?/i
const EVERY_ALONE =
  /^(?:all |every )?(?:(?:even|odd)(?:-numbered)? )(rows?|rnds?|rounds?)(?=\s*[:([])/i
const SIDE = /^\s*[([]?\s*(RS|WS|right side|wrong side)\b(?: facing)?\s*[)\]]?/i
const YARN = /^\s*[([]\s*(?:in |with |yarn |colou?r )?([A-Z]|MC|CC\d?)\s*[)\]]/
const REMARK =
  /^\s*(?:inclusive\b|incl\.|[([](?![^()[\]]*\b(?:sc|hdc|dc|tr|inc|dec|ch|sl st)\b)(?![^()[\]]*\d[^()[\]]*[)\]]\s*$)[^()[\]]*[)\]])/i
const STITCH =
  'chs?|chains?|sc|dc|hdc|htr|tr|dtr|sl st|ss|slst|inc|dec|blo|flo|puff|mr|magic|sk|skip|miss|fp[a-z]+|bp[a-z]+'
const ENDS = /^\s*(?:[:.)\]»«]+|[-–—=]+(?=\s|$)|\t)\s*/
const WORKS = new RegExp(`^\\s(?=\\s*(?:(?:${N}\\s*)?(?:${STITCH})\\b|[*[({]))`, 'i')
/** After one number and a dash with blanks: the work, not another number. */
const BEGINS = new RegExp(`^\\d+\\s*(?:${STITCH}|[A-Z])s?\\b`, 'i')

const numberOf = (said: string): number =>
  Number.parseInt(said, 10) || Number.parseInt(nthSaid(said) ?? '', 10) || numberSaid(said) || 1

const kindOf = (word: string): RowWord =>
  /^(?:forward|return|pass)/i.test(word) ? 'pass' : /^(?:rn?d|round)/i.test(word) ? 'round' : 'row'

const range = (from: number, to: number): number[] =>
  to - from > 999
    ? [from]
    : to < from
      ? [from, to]
      : Array.from({ length: to - from + 1 }, (_, i) => from + i)

/** A text that is read from its beginning. */
class Scan {
  at = 0
  constructor(private readonly text: string) {}
  get rest(): string {
    return this.text.slice(this.at)
  }
  take(pattern: RegExp): RegExpExecArray | null {
    const found = pattern.exec(this.rest)
    if (found) this.at += found[0].length
    return found
  }
}

/** "5", "5-8", "2, 3 & 4", "5 to 8": the numbers of a label. */
function numbersAt(scan: Scan): number[] | null {
  const first = scan.take(NUMBER)
  if (!first) return null
  const list = [numberOf(first[1]!)]
  for (;;) {
    const before = scan.at
    const joiner = scan.take(JOINER)
    const dashed = joiner && /^\s+[-–—]\s+$/.test(joiner[0])
    const begins = joiner && BEGINS.test(scan.rest) && (dashed || /^\s*,/.test(joiner[0]))
    const next = joiner && !begins ? scan.take(NUMBER) : null
    if (!next) {
      scan.at = before
      return list
    }
    const number = numberOf(next[1]!)
    const through = /^(?:[-–—/]|to|through|thru)$/i.test(joiner![1]!)
    if (through)
      list.push(
        ...range(list.at(-1)! + 1, number).filter((n) => n > list.at(-1)!),
        ...(number < list.at(-1)! ? [number] : []),
      )
    else list.push(number)
  }
}

/** The label a line begins with; null where it is no row. `own` is a word the pattern has for its rows. */
export function labelOf(line: string, own: string | null = null): Label | null {
  const scan = new Scan(line)
  scan.take(LEAD)
  const count = scan.take(COUNT)?.[1] ?? null
  const begun = beginning(scan, own)
  if (!begun) return null
  const more = { side: null as Label['side'], everySecond: false, yarn: null as string | null }
  for (;;) {
    const side = scan.take(SIDE)
    const every = side ? null : scan.take(EVERY)
    const yarn = side || every ? null : scan.take(YARN)
    if (side) more.side = /^r/i.test(side[1]!) ? 'RS' : 'WS'
    if (every) more.everySecond = true
    if (yarn) more.yarn = yarn[1]!
    if (!side && !every && !yarn && !scan.take(REMARK)) break
  }
  if (begun.many === 0) {
    scan.take(EVERY_ALONE)
    more.everySecond = true
  }
  const label = { ...begun, ...more, count }
  const ended = scan.take(ENDS)
  if (ended) {
    scan.take(/^\s*[:)]\s*/)
    return { ...label, to: scan.at }
  }
  if (begun.bare) return null
  const works = WORKS.test(scan.rest) || scan.rest.trim() === ''
  return works ? { ...label, to: scan.at + (/^\s*/.exec(scan.rest)?.[0].length ?? 0) } : null
}

type Begun = Pick<Label, 'what' | 'open' | 'numbers' | 'many' | 'bare'>

function beginning(scan: Scan, own: string | null): Begun | null {
  const usual = { open: false, numbers: [], many: 1, bare: false }
  const before = scan.at
  const named = scan.take(own ? new RegExp(`^(${WORD}|${own})(?![a-z])\\s*[.#]?\\s*`, 'i') : NAMED)
  if (named) {
    const numbers = numbersAt(scan)
    const word = named[1]!
    if (numbers) return { ...usual, what: kindOf(word), open: /^(?:r$|(?!r))/i.test(word), numbers }
    scan.at = before
  }
  const nth = scan.take(ORDINAL)
  if (nth) {
    const [, first, joiner, last, word] = nth
    const [from, to] = [numberOf(first!), numberOf(last ?? first!)]
    const numbers =
      joiner && /^(?:and|&)$/i.test(joiner) ? [...new Set([from, to])] : range(from, to)
    return { ...usual, what: kindOf(word!), numbers }
  }
  const next = scan.take(NEXT)
  if (next)
    return { ...usual, what: kindOf(next[3] ?? next[1]!), many: next[2] ? numberOf(next[2]) : 1 }
  // "All even rows", without a number: they come between the others.
  const every = EVERY_ALONE.exec(scan.rest)
  if (every) return { ...usual, what: kindOf(every[1]!), many: 0 }
  const bare = scan.take(BARE)
  if (!bare) return null
  const [from, to] = [Number(bare[1]), Number(bare[2] ?? bare[1])]
  return { ...usual, what: 'row', open: true, bare: true, numbers: range(from, to) }
}

/** Words before a number that do not name a row. */
const OTHERS =
  /^(?:sizes?|fig(?:ure)?|photo|picture|page|chart|note|part|piece|section|strap|pocket|side|panel|yarn|colou?r|skein|ball|hook|rows?|rnds?|rds?|rounds?|r|no|ch|chain|sc|dc|hdc|tr|htr|inc|dec|skip|sk|miss|mr|magic)$/i

/** A word of its own the pattern has for its rows: one that stands with 1, 2 and 3 at the beginning of lines. */
export function ownRowWord(lines: readonly string[]): string | null {
  const seen = new Map<string, number>()
  for (const line of lines) {
    const [, word, number] = /^\s*([a-z]{2,12})\s*#?\s*(\d{1,3})\s*[:.)]/i.exec(line) ?? []
    if (!word || OTHERS.test(word)) continue
    const low = word.toLowerCase()
    if (Number(number) === (seen.get(low) ?? 0) + 1) seen.set(low, Number(number))
  }
  const [best] = [...seen].sort((a, b) => b[1] - a[1])
  return best && best[1] >= 3 ? best[0] : null
}
