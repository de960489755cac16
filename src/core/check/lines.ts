import { inSize, sizesOf, type Sizes } from '../manners/index.ts'
import { labelOf, type Label, ownRowWord } from './labels.ts'
import { untabled } from './tables.ts'
import { isSure, seriesIn, type Stated, type Total, totalsIn } from './totals-said.ts'

/*
 * A written pattern as lines: rows with their numbers and stated totals, and what stands between them.
 */

/** A labelled row as it is written: one line may stand for several rows. */
export interface RowLine {
  readonly kind: 'row'
  readonly line: number
  /** Where its text begins in that line. */
  readonly column: number
  readonly what: 'row' | 'round' | 'pass'
  /** First and last number; null when it has none. */
  readonly from: number | null
  readonly to: number | null
  /** All of its numbers, in order; none where it has none, and then how many rows it is. */
  readonly numbers: readonly number[]
  readonly many: number
  /** "Round A": what it is called instead. */
  readonly letter: string | null
  readonly side: 'RS' | 'WS' | null
  /** It stands for every second row after it too: "Row 2 and all even rows". */
  readonly everySecond: boolean
  /** What it is labelled with, as it stands. */
  readonly label: string
  readonly yarn: string | null
  /** What is worked, with its total; and where the total begins in it. */
  readonly text: string
  readonly work: string
  readonly stated: number | null
  readonly said: readonly Stated[]
  /** A total for each of its rows. */
  readonly series: readonly number[] | null
  /** By what its total is told from its work; other ways to tell them apart, where that is not sure. */
  readonly manner: Total['manner'] | null
  readonly others: readonly Parted[]
}
/** Work and total, told apart. */
export type Parted = Pick<RowLine, 'work' | 'stated' | 'said'>

export interface OtherLine {
  readonly kind: 'heading' | 'prose'
  readonly line: number
  readonly text: string
}
export type Line = RowLine | OtherLine

/** Without a box to tick, what makes words bold, and marks before signs that would mean something: blanks where they stood. */
const blank = (all: string) => ' '.repeat(all.length)
const unmarked = (line: string): string =>
  line
    .replace(/^\s*(?:[-*+]\s+)?\[[ xX]?\]\s+/, blank)
    .replace(/^(\s*)-\s+(?=[A-Z(*])/, blank)
    .replace(/^\s*\*\s+(?=[A-Z][^*]*$)/, blank)
    .replace(/\*\*(?=[^*\s])([^*]+)\*\*/, (_, words: string) => `  ${words}  `)
    .replace(/(?<=\s)\*(\([^()*]*\)|\[[^[\]*]*\])\*(?=\s*$)/, ' $1 ')
    .replace(/^(\s*)-{2,}\s(.*?)\s-{2,}\s*$/, (all, lead: string, words: string) =>
      `${lead}${words}`.padEnd(all.length),
    )
    .replace(/\\([\\`*_[\]<>#])/g, ' $1')

/** Whether a pattern writes its abbreviations with points: "d.c.", "sl.st.", "ch. 3". */
const POINTED = /\b(?:[sdt]\.c\.|sl\. ?st\.|rep\.|ea\.|rnds?\.\s*\d+[:.])/i
const unpointed = (line: string): string =>
  line
    .replace(/\b(?:[a-z]\.){2,}/gi, (all) => all.replace(/\./g, '').padEnd(all.length))
    .replace(
      /\b(?:sl|st|sts|ch|chs|ea|rep|rnd|rd|beg|sk|sp|sps|tog|foll|inc|dec)\.(?=\s?[a-z0-9*;,()[])/gi,
      (all) => all.replace('.', ' '),
    )

/** Headings of what is no work. */
const ASIDE =
  /^(?:abbreviations?(?: used)?|short for|key|special stitch(?:es)?(?: used)?|materials?|supplies|notions|what you (?:will )?need|you (?:will )?need|gauge|tension|(?:gauge|tension) swatch|finished sizes?|sizes?|finishing|to mind|cutting plan|how to read it|stitch guide)$/i
export const isAside = (heading: string): boolean => ASIDE.test(heading.trim())
/** A chain that a piece begins in, though it stands where other things are said. */
export const CHAIN_ALONE =
  /^(?:(?:with|using) \w+(?: \w+)?,? )?(?:ch|chain) \d+\b(?: (?:sts?|stitches|with \w+|in \w+|using \w+))?[^:]{0,40}$/i

/** A row that goes on in the next line: it ends in a comma, or its star waits for its “rep from”. */
const goesOn = (text: string): boolean =>
  /[,;]\s*$|\band\s*$/i.test(text) ||
  (/(?:^|[^*])\*(?!\*|\s?\d)/.test(text) &&
    !/\*[^*]+\*/.test(text) &&
    !/rep(?:eat)?\s+from/i.test(text) &&
    !/[)\].\d]\s*$/.test(text))

/** A line that was broken within a sentence. */
const isWrapped = (body: string, next: string): boolean =>
  /[a-z,;*\d]\s*$/.test(body) &&
  /^\s*(?:[a-z]{2,}\b(?!\s*[:=])|\d+ (?:sc|hdc|dc|tr|sts?|ch|times)\b)/.test(next) &&
  totalsIn(body).length === 0

/** A heading without its marks: "## Body", "**Handle (make 2):**". */
const titled = (words: string): string =>
  words.replace(/^[#*=_~\s-]+|[#*=_~:\s-]+$/g, '').trim() || words
/** Without what a heading may hold beside its words. */
const bare = (words: string): string => words.replace(/·.*$/, '').replace(/\(make \d+\)/i, '')

/** A line that is nothing but the total of the row above it. */
const TOTAL_ALONE =
  /^\s*(?:[([=→~<«]|total\b|st(?:itche)?s?:|you (?:should |will )?(?:now )?have\b)[^a-z]{0,3}.{0,50}$/i
const isTotal = (line: string): boolean =>
  TOTAL_ALONE.test(line) &&
  totalsIn(`.  ${line}`).some((total) => isSure(total) && !/\w/.test(total.work))
/** What a card says before its work. */
const CARD = /^\s*(?:work|do|instructions?|pattern|what to do)\s*:\s*/i
/** "x 7" and "6 times" on a line of their own: all of what stands before. */
const OFTEN = /^\s*(?:[-–•]\s*)?(x ?\d+|\d+ ?(?:x|times))\s*[.,;]?\s*$/i
function withNext(body: string, next: string): string {
  const often = OFTEN.exec(next)?.[1]
  return often && !/[)\]}*]\s*$/.test(body)
    ? `(${body.trim().replace(/[,;]$/, '')}) ${often}`
    : `${body.trimEnd()}${joined(next)}`
}
/** What goes on in a line of its own; a point of a list is a clause. */
function joined(line: string): string {
  const words = line.replace(CARD, '').trim()
  const [point] = /^[-–•·*]\s+/.exec(words) ?? []
  return point && !/^\*/.test(point) ? `, ${words.slice(point.length)}` : ` ${words}`
}
/** Another row within a line. */
const WITHIN =
  /(?<=[.)\]]\s{0,2}[/|;•]?\s{1,3}|\d (?:sts?|sc|dc|hdc)\.?\s{1,3})(?=(?:Rows?|Rnds?|Rounds?|R)\s*\.?\s*\d+\s*(?:[-–&]\s*\d+\s*)?[:.])|(?<=[)\]][;,.]?\s{1,3}|^\s*[A-Z][a-z]+:\s)(?=R(?:ow|nd|ound)?\s?\d+(?:\s?[-–]\s?\d+)?\s+(?:\d|[([*]|(?:blo|flo|sc|hdc|dc|tr|inc|dec|sl st|ch)\b))/g

/** A part's name with the chain it begins in: "Strap. Ch 5." Three words and a colon may as well say what a word of its own is. */
const NAMED_CHAIN =
  /^\s*(?!(?:rows?|rnds?|rounds?|step|note|start|begin|foundation)\b)[A-Z][A-Za-z]{2,}(?: [A-Za-z]+){0,2}(?: ?\((?:make|work) \w+\))?\s*(?:\.|\s[–—-]|:(?=[^.]*\b\d{2,}))\s+(?=(?:(?:with|using|in) [\w ]{1,24},? )?(?:make |work )?(?:ch(?:ain)?\s?\d|\d+\s?ch))/i

interface Raw {
  readonly line: number
  readonly column: number
  readonly text: string
}

/** A part's name before the first of its rows, or before each: "Border, round 1:". */
const NAMED_ROW =
  /^\s*(?!(?:step|then|next|repeat|rep|as|work|from|for|in|after|of)\b)([A-Z][A-Za-z]+(?: [A-Za-z]+){0,2})\s*[,:–-]\s+(?=(?:rows?|rnds?|rounds?)\s*\d+\s*[:.)–-])/i
/** A row whose number stands after it: "Ch 1, sc in each sc (row 2: 15 sc)." */
const LATE =
  /^\s*((?!(?:rows?|rnds?|rounds?)\b)(?:[^()]|\([^()]*\))*\b(?:sc|hdc|dc|tr|sts?|ch)\b(?:[^()]|\([^()]*\))*)\((row|rnd|round) (\d{1,3})(?:\s*[:,–-]\s*([^()]*))?\)\.?\s*$/i
/** Lines with a part's name before their rows: the name once, as a line of its own. */
function namesApart(raw: readonly Raw[]): Raw[] {
  let name = ''
  return raw.flatMap((one) => {
    const late = LATE.exec(one.text)
    if (late) {
      const [, work, row, number, total] = late
      const label = `${row} ${number}: `
      const text = `${label}${work}${total ? `(${total})` : ''}`
      return [{ ...one, column: one.column - label.length, text }]
    }
    const [all, said] = NAMED_ROW.exec(one.text) ?? []
    if (!all || !said) return [one]
    const row = { ...one, column: one.column + all.length, text: one.text.slice(all.length) }
    if (said === name) return [row]
    name = said
    return [{ ...one, text: said }, row]
  })
}

/** The lines as they are read: tables and marks put aside, rows that stand in one line apart. */
function rawLines(text: string): Raw[] {
  const points = POINTED.test(text)
  return untabled(text.replace(/[\ufe0f\u200d]/g, ' ').split(/\r\n?|\n/)).flatMap(
    ({ text: said, cut }, i) => {
      const whole = points ? unpointed(said) : said
      const begins = NAMED_CHAIN.exec(whole)?.[0].length
      const within = [...whole.matchAll(WITHIN)].map(({ index }) => index)
      if (begins !== undefined) within.unshift(begins)
      const marks = [0, ...within.filter((at) => /[a-z]{2}/i.test(whole.slice(0, at)))]
      return marks.map((from, at) => ({
        line: i + 1,
        column: from + (from === 0 ? cut : 0),
        text: unmarked(whole.slice(from, marks[at + 1])).replace(/\s*[/|•;]\s*$/, ''),
      }))
    },
  )
}

/** The labels of the lines; those that are a number alone only where they count rows, and not the steps of a list. */
function labelsOf(raw: readonly Raw[]): (Label | null)[] {
  const own = ownRowWord(raw.map(({ text }) => text))
  const labels = raw.map(({ text }) => labelOf(text, own))
  const worded = labels.some((label) => label && !label.bare && label.numbers.length > 0)
  const run = new Set<number>()
  let last = 0
  let held: number[] = []
  labels.forEach((label, i) => {
    if (!label?.bare) return
    const [first] = label.numbers
    if (first !== last + 1) held = []
    held.push(i)
    last = label.numbers.at(-1)!
    if (held.length >= 3) for (const at of held) run.add(at)
  })
  return labels.map((label, i) =>
    label?.bare && (worded || !run.has(i) || !looksWorked(raw[i]!.text.slice(label.to)))
      ? null
      : label,
  )
}
const looksWorked = (text: string): boolean =>
  /[([{*]|(?<![a-z])(?:(?:[fb]p)?(?:sc|hdc|dc|tr|htr)|ch|sl st|inc|dec|st|sts|stitch(?:es)?|single|double|half|mr|magic|rep|like|same)(?![a-z])|\d+\s?[A-Z]{1,2}\b/i.test(
    text,
  )

/** The lines of a text, in order; empty ones left out, rows that were wrapped put together. */
export function linesOf(text: string, size = 0): Line[] {
  const sizes = sizesOf(text)
  const raw = namesApart(rawLines(sizes ? inSize(text, sizes, size) : text))
  const labels = labelsOf(raw)
  // “R1” is a row or a round: of what begins in a ring and is never turned it is a round.
  const around =
    /\bmagic\b|\bMR\b|\bring\b|\baround\b|\b(?:other|second) side of (?:the )?(?:\w+ )?ch|\bother side\b/i.test(
      text,
    ) && !/\bturn/i.test(text)
  const lines: Line[] = []
  for (let i = 0; i < raw.length; i++) {
    const { line, text: whole, column } = raw[i]!
    if (!whole.trim()) continue
    const label = labels[i]
    if (!label) {
      const words = whole.trim()
      const heading = words.length <= 48 && !/[.,;]$/.test(words) && !/\d/.test(bare(words))
      lines.push({
        kind: heading ? 'heading' : 'prose',
        line,
        text: heading ? titled(words) : words,
      })
      continue
    }
    let body = whole.slice(label.to)
    const alone = body.trim() === ''
    const next = () => (labels[i + 1] || !raw[i + 1]?.text.trim() ? null : raw[i + 1]!.text)
    // “Rows 1–3, in A:” heads rows that have labels of their own.
    if (alone && next() === null) {
      lines.push({ kind: 'heading', line, text: titled(whole.trim()) })
      continue
    }
    while (
      next() !== null &&
      (alone || goesOn(body) || isWrapped(body, next()!) || isTotal(next()!))
    )
      body = withNext(body, raw[++i]!.text)
    const lead = body.length - body.trimStart().length
    lines.push({
      ...rowOf(label, body.trim(), around),
      label: whole.slice(0, label.to),
      ...{ line, column: column + label.to + lead },
    })
  }
  return inOneManner(closed(lines, text))
}

/** Rows that are closed one by one, in a ring and never turned, are rounds whatever they are called. */
function closed(lines: readonly Line[], text: string): readonly Line[] {
  const rows = lines.filter((line) => line.kind === 'row')
  const joined = rows.filter((row) => CLOSES.test(row.work)).length
  if (/\bturn/i.test(text) || !/\bring\b|\bmagic\b/i.test(text) || joined < 0.6 * rows.length)
    return lines
  return lines.map((line) =>
    line.kind === 'row' && line.what === 'row' ? { ...line, what: 'round' } : line,
  )
}
const CLOSES =
  /(?:[,;.]\s*(?:join|clos(?:e|ing))\b|\b(?:sl st|slip stitch|ss) (?:to|into|in)\b)[^,;]*$/i

function rowOf(
  label: Label,
  text: string,
  around: boolean,
): Omit<RowLine, 'line' | 'column' | 'label'> {
  const { what, open, numbers, many, letter, side, everySecond, yarn, count } = label
  const series = seriesIn(text, numbers.length || many)
  const whole: Parted = { work: text, stated: null, said: [] }
  const sized = Number(count)
  const totals = series || count !== null ? [] : totalsIn(text)
  const [first = null, ...others] = totals
  const parted: Parted = series
    ? { ...whole, work: series.work }
    : count !== null
      ? { ...whole, stated: sized, said: [{ count: sized, unit: '' }] }
      : { work: first?.work ?? text, stated: first?.stated ?? null, said: first?.said ?? [] }
  return {
    kind: 'row',
    what: open && around ? 'round' : what,
    ...{ from: numbers[0] ?? null, to: numbers.at(-1) ?? null, numbers, many, letter },
    ...{ side, everySecond, yarn, text, series: series?.totals ?? null },
    ...parted,
    manner: first?.manner ?? null,
    others: first && !isSure(first) ? [...others, whole] : [],
  }
}

/** Rows that may state a total do, where most of the pattern's do so in that manner. */
function inOneManner(lines: readonly Line[]): Line[] {
  const rows = lines.filter((line) => line.kind === 'row')
  const open = rows.filter(({ stated, others }) => stated === null || others.length > 0).length
  return lines.map((line) => {
    if (line.kind !== 'row' || line.others.length === 0) return line
    const alike = rows.filter(
      ({ manner, others }) => others.length > 0 && manner === line.manner,
    ).length
    return alike >= 2 && alike >= 0.6 * open ? { ...line, others: [] } : line
  })
}

/** The sizes a pattern is written in, for a choice. */
export const sizesIn = (text: string): Sizes | null => sizesOf(text)
