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
  /** "Round A": a letter instead of a number. */
  readonly letter: string | null
  /** A number alone, which may be of a list. */
  readonly bare: boolean
  /** Where what is worked begins. */
  readonly to: number
}

const WORD = 'rows?|rnds?|rds?|rounds?|r(?=\\s*\\.?\\s*\\d)'
const N = `(?:\\d{1,4}|${NUMBER_WORDS})`
const LEAD = /^(?:\s|[☐☑✓□▢»>•·◦▪–—-]|\p{Extended_Pictographic}|\*(?=\s))*/u
const COUNT = new RegExp(`^[[(<]\\s*(\\d+)\\s*[\\])>]\\s*(?=(?:${WORD})\\b)`, 'i')
/** What a row is beside its number: "Step 2 (row 2)". */
const BESIDE = new RegExp(
  `^(?:step|stage|part|section|lesson|day|clue|photo|picture|fig(?:ure)?\\.?)\\s+\\d+\\s*[-–:.,]?\\s*\\(?(?=(?:${WORD})\\s*\\.?\\s*\\d)`,
  'i',
)
const NAMED = new RegExp(
  `^(?:(?:set-?\\s?up|foundation|increase|decrease|pattern|base|body|main|border|edging|handle|strap|flap|gusset|brim|neck|lace|mesh|rib|stripe|colou?r|chart)[ -])?(${WORD})(?![a-z])\\s*[.#]?\\s*`,
  'i',
)
const ORDINAL = new RegExp(
  `^(?:the )?(\\d+(?:st|nd|rd|th|d)|first|${NTH_WORDS})(?:\\s*([-–—]|to|and|&)\\s*(?:the )?(\\d+(?:st|nd|rd|th|d)|${NTH_WORDS}))?\\s+(rows?|rnds?|rds?|rounds?)\\b`,
  'i',
)
/** "5-6 rnd:" */
const BEFORE = new RegExp(
  `^(\\d{1,3})(?:\\s*(?:[-–—]|to)\\s*(\\d{1,3}))?\\.?\\s*(rows?|rnds?|rds?|rounds?|r)\\b(?=\\s*[:.)–=-])`,
  'i',
)
/** "2nd row and all rows to the 6th" */
const THROUGH =
  /^\s*(?:and|&) (?:all|every) (?:rows?|rnds?|rounds?) (?:up )?to (?:the )?(\d+(?:st|nd|rd|th))(?: (?:row|rnd|round))?/i
const NEXT = new RegExp(
  `^(?:the )?(foundation|set-?up|next|last|final|following|another|return|forward)(?: (${N}))?(?: (rows?|rnds?|rounds?|pass)\\b|(?<=return|forward))`,
  'i',
)
const BARE = /^\(?(\d{1,3})\)?(?:\s*[-–—]\s*\(?(\d{1,3})\)?)?\s*(?=[):.\]])/
const NUMBER = new RegExp(`^(?:(?:${WORD})\\s*\\.?\\s*)?(${N})(?![a-z\\d])`, 'i')
const JOINER = /^\s*([-–—,+]|\/(?=\S)|to\b|and\b|&|through\b|thru\b)\s*(?:and\b\s*)?/i
const EVERY =
  /^\s*\(?(?:and |& )?(?:all |every )(?:(?:other|following|foll|even(?:-numbered)?|odd(?:-numbered)?|WS|RS) )+(?:rows?|rnds?|rounds?)\)?/i
const EVERY_ALONE =
  /^(?:all |every )?(?:(?:even|odd)(?:-numbered)? )(rows?|rnds?|rounds?)(?: from (?:here|now)(?: on)?)?(?=\s*[:([])/i
const SIDE = /^\s*[([]?\s*(RS|WS|right side|wrong side)\b(?: facing)?\s*[)\]]?/i
const YARN = /^\s*[([]\s*(?:in |with |yarn |colou?r )?([A-Z]|MC|CC\d?)\s*[)\]]/
const REMARK =
  /^\s*(?:inclusive\b|of \d+(?=\s*[:.)-])|incl\.|[([](?![^()[\]]*\b(?:sc|hdc|dc|tr|inc|dec|ch|sl st)\b)(?![^()[\]]*\d[^()[\]]*[)\]]\s*$)[^()[\]]*[)\]])/i
const STITCH =
  'chs?|chains?|sc|dc|hdc|htr|tr|dtr|sl st|ss|slst|inc|dec|blo|flo|puff|mr|magic|sk|skip|miss|fp[a-z]+|bp[a-z]+'
const ENDS = /^\s*(?:[:.)\]»«•·→➡⇒]+|[,/;](?=\s)|[-–—=]+(?=\s|$)|\t)\s*/
const WORKS = new RegExp(`^\\s(?=\\s*(?:(?:${N}\\s*)?(?:${STITCH})\\b|[*[({]))`, 'i')
/** Words after a number that belong to the label. */
const MORE_WORDS = /^\s+[a-z][a-z ]{1,28}:\s*/i
/** Words of work, not of a heading. */
const SAYS = new RegExp(`\\b(?:${STITCH}|rep(?:eat)?|as|like|same|stitch)\\b|\\d`, 'i')
/** After one number and a dash with blanks: the work, not another number. */
const BEGINS = new RegExp(`^\\d+[\\s-]*(?:${STITCH}|[A-Z])s?\\b`, 'i')

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
    const dashed = joiner && /^\s*[-–—]\s+$/.test(joiner[0])
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
  scan.take(BESIDE)
  const count = scan.take(COUNT)?.[1] ?? null
  const begun = beginning(scan, own)
  if (!begun) return null
  const more: More = { side: null, everySecond: false, yarn: null, sized: null }
  for (;;) {
    if (bracket(scan, more)) continue
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
  const { sized, ...said } = more
  const label = { ...begun, ...said, count: count ?? sized }
  const ended = scan.take(ENDS)
  // "Rnds 1-5, the circle:" heads what comes.
  if (ended && /^\s*[,/;]/.test(ended[0]) && !SAYS.test(scan.rest)) return null
  if (ended) {
    scan.take(/^\s*[:)—–-]\s*/)
    // "Rnd 2: [16] 2 hdc in each st"
    const after =
      label.count === null
        ? scan.take(/^\s*[[(<{]\s*(\d+)(?: ?sts?)?\s*[\])>}]\s*[:–-]?\s*(?=\S)/)
        : null
    return { ...label, count: label.count ?? after?.[1] ?? null, to: scan.at }
  }
  if (begun.bare) return null
  // "Row one begins in the second chain: …"
  if (/^\s*(?:begins|starts) [^:;.]{1,40}:/.test(scan.rest)) return { ...label, to: scan.at }
  // "Round 3 of the body: …"
  const words = MORE_WORDS.exec(scan.rest)?.[0]
  if (words && !SAYS.test(words)) return { ...label, to: scan.at + words.length }
  const works = WORKS.test(scan.rest) || scan.rest.trim() === ''
  return works ? { ...label, to: scan.at + (/^\s*/.exec(scan.rest)?.[0].length ?? 0) } : null
}

/** What a label says beside its number. */
interface More {
  side: Label['side']
  everySecond: boolean
  yarn: string | null
  sized: string | null
}

const OF_ROW =
  /^(?:(RS|WS|right side|wrong side)|(?:yarn |colou?r )?([A-Z]|MC|CC\d?)|(\d+) ?(?:sts?|stitches|sc|dc|hdc|tr)?)$/i
/** "(RS, A, 20 sts)": side, yarn and count in one bracket; whether it is one. */
function bracket(scan: Scan, more: More): boolean {
  const [all, inside] = /^\s*[([]([^()[\]]{3,40})[)\]]/.exec(scan.rest) ?? []
  const parts = inside?.split(/[,;/]/).map((part) => OF_ROW.exec(part.trim())) ?? []
  if (parts.length < 2 || parts.some((part) => !part)) return false
  for (const [, side, yarn, count] of parts as RegExpExecArray[]) {
    if (side) more.side = /^r/i.test(side) ? 'RS' : 'WS'
    if (yarn) more.yarn = yarn
    if (count) more.sized = count
  }
  scan.at += all!.length
  return true
}

type Begun = Pick<Label, 'what' | 'open' | 'numbers' | 'many' | 'letter' | 'bare'>

function beginning(scan: Scan, own: string | null): Begun | null {
  const usual = { open: false, numbers: [], many: 1, letter: null, bare: false }
  const before = scan.at
  const named = scan.take(own ? new RegExp(`^(${WORD}|${own})(?![a-z])\\s*[.#]?\\s*`, 'i') : NAMED)
  if (named) {
    const numbers = numbersAt(scan)
    const word = named[1]!
    if (numbers) return { ...usual, what: kindOf(word), open: /^(?:r$|(?!r))/i.test(word), numbers }
    const letter = scan.take(/^([A-Z])(?![A-Za-z0-9])/)?.[1]
    if (letter) return { ...usual, what: kindOf(word), letter }
    scan.at = before
  }
  const called = scan.take(/^(?:pattern|patt\.?) ([A-Z])(?=\s*[:=–-])/i)?.[1]
  if (called) return { ...usual, what: 'row', letter: called }
  const nth = scan.take(ORDINAL)
  if (nth) {
    const [, first, joiner, last, word] = nth
    const until = scan.take(THROUGH)?.[1]
    if (until)
      return { ...usual, what: kindOf(word!), numbers: range(numberOf(first!), numberOf(until)) }
    const [from, to] = [numberOf(first!), numberOf(last ?? first!)]
    const numbers =
      joiner && /^(?:and|&)$/i.test(joiner) ? [...new Set([from, to])] : range(from, to)
    return { ...usual, what: kindOf(word!), numbers }
  }
  const counted = scan.take(BEFORE)
  if (counted) {
    const [, first, last, word] = counted
    return { ...usual, what: kindOf(word!), numbers: range(Number(first), Number(last ?? first)) }
  }
  const next = scan.take(NEXT)
  if (next)
    return { ...usual, what: kindOf(next[3] ?? next[1]!), many: next[2] ? numberOf(next[2]) : 1 }
  // "All even rows", without a number: they come between the others.
  const every = EVERY_ALONE.exec(scan.rest)
  if (every) return { ...usual, what: kindOf(every[1]!), many: 0 }
  const hash = scan.take(/^#(\d{1,3})(?:\s?[-–]\s?#?(\d{1,3})(?=\s*[-–—:.)]))?(?=\s*[-–—:.)])/)
  if (hash)
    return {
      ...usual,
      what: 'row',
      open: true,
      numbers: range(Number(hash[1]), Number(hash[2] ?? hash[1])),
    }
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
