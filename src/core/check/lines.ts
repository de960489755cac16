/*
 * A written pattern as lines: rows with their numbers and stated totals, and what stands between them.
 */

/** A labelled row as it is written: one line may stand for several rows. */
export interface RowLine {
  readonly kind: 'row'
  readonly line: number
  readonly what: 'row' | 'round' | 'pass'
  /** First and last number; null when it has none. */
  readonly from: number | null
  readonly to: number | null
  readonly side: 'RS' | 'WS' | null
  /** It stands for every second row after it too: "Row 2 and all even rows". */
  readonly everySecond: boolean
  /** What is worked, with its total; and where the total begins in it. */
  readonly text: string
  readonly work: string
  readonly stated: number | null
  readonly said: readonly Stated[]
}

export interface OtherLine {
  readonly kind: 'heading' | 'prose'
  readonly line: number
  readonly text: string
}
export type Line = RowLine | OtherLine

const ROW = '(?:rows?|rnds?|rounds?|r)'
const NUMBERED = `(${ROW})\\s*[.#]?\\s*(\\d+)(?:\\s*(?:[-–—/]|to|and|&|through|thru)\\s*(?:${ROW}\\s*\\.?\\s*)?(\\d+))?`
const ORDINAL =
  '(\\d+)(?:st|nd|rd|th)(?:\\s*(?:[-–—]|to|and|&)\\s*(\\d+)(?:st|nd|rd|th))?\\s+(rows?|rnds?|rounds?)'
const NAMED =
  '(foundation row|set-up row|setup row|forward(?: pass)?|return(?: pass)?|(?:next|last) (?:row|rnd|round))'
const EVERY =
  '(\\(?(?:and )?(?:all|every) (?:other |following |foll |even(?:-numbered)? |odd(?:-numbered)? |WS |RS )+(?:rows?|rnds?|rounds?)\\)?)?'
const LABEL = new RegExp(
  `^\\s*(?:[*•·-]\\s+)?(?:${NUMBERED}|${ORDINAL}|${NAMED})\\s*${EVERY}\\s*(?:\\(?\\b(RS|WS|right side|wrong side)\\b\\)?)?\\s*(?:[([](?![^()[\\]]*\\d[^()[\\]]*[)\\]]\\s*$)[^()[\\]]*[)\\]])?\\s*(?:[:.)]|[-–—]\\s|(?=\\s(?:(?:\\d+\\s*)?(?:ch|sc|dc|hdc|tr|sl st|inc|dec|blo|flo|puff)\\b|[*[({])))\\s*`,
  'i',
)

/**
 * "Round 1 - 8 sc in ring" is round 1, and "Rnd 6-8 sc in each" rounds 6 to 8: after one round, a dash with blanks around it and a
 * number with a stitch after it begin the work.
 */
const DASHED =
  /^(\s*(?:[*•·-]\s+)?(?:row|rnd|round|r)\s*[.#]?\s*\d+)\s+[-–—]\s+(?=\d+\s*(?:ch|sc|dc|hdc|htr|tr|sl st|ss|inc|dec|blo|flo|puff)s?\b)/i

/** One part of a stated total: so many of a unit; the unit is empty when it is not said. */
export interface Stated {
  readonly count: number
  readonly unit: string
}

// Every repeat below is bounded and begins with what the one before cannot hold: no text makes them try long.
const UNIT = '(?!and\\b)[a-z]+(?:[- ]?\\d{1,3})?(?:[- ](?!and\\b)[a-z]+(?:[- ]?\\d{1,3})?){0,4}'
const PART = `\\d{1,5}(?:\\s?${UNIT})?`
const PARTS = `${PART}(?:\\s{0,3}(?:[,;:+&—–]|and)\\s{0,3}\\d{1,5}\\s?${UNIT}){0,8}`
const WORD = '(?:sts?|stitches|sc|dc|hdc|tr|htr|dtr|chs?|loops?|puffs?|shells?)'
/** What may stand after a total, clause by clause: how the row ends. */
const END =
  /^(?:ch(?:ain)? ?\d{1,3}(?: and turn)?|turn(?: work)?|join(?:ed)?\b.*|do not (?:turn|join)\b.*|fasten off\b.*|(?:sl st|ss) (?:to|in)\b.*|(?:place|move) marker.*)$/i
const ends = (rest: string): boolean =>
  !/[()[\]]/.test(rest) &&
  rest
    .split(/[.,;]/)
    .map((clause) => clause.trim())
    .every((clause) => clause === '' || END.test(clause))
const TOTALS = [
  new RegExp(
    `\\s{0,4}[([<{【]\\s{0,2}=?\\s{0,2}(?:(?:total|st(?:itch)? count)(?: of)?:?\\s*)?(${PARTS})\\s{0,2}(?:total|made|in total|remain(?:ing)?)?\\s{0,2}[)\\]>}】]`,
    'gi',
  ),
  new RegExp(
    `(?:\\s{0,3}[—–=]|\\s-)\\s{0,3}(${PART})(?=\\s{0,2}[.,]?\\s{0,2}(?:$|turn|join|fasten))`,
    'gi',
  ),
  new RegExp(`\\s{0,3}:\\s{0,3}(\\d{1,5}\\s?(?!ch)${WORD})\\b`, 'gi'),
  // A sentence at the end: "…, join. 48 sc", "Total: 48", "You should have 48 stitches".
  new RegExp(
    `(?<=\\b(?:around|across|join|turn|end|ring|round|row|sts?|chs?|sp|sc|dc|hdc|tr)\\s?)[.;]\\s{0,3}(?:total:?\\s{0,3})?(\\d{1,5}(?:\\s?${WORD})?)\\b(?:\\s+total)?`,
    'gi',
  ),
  new RegExp(
    `[.;,]?\\s{0,3}[([]?(?:you (?:should |will )?(?:now )?have|(?:for )?a total of|leaving(?: you with)?|giving(?: you)?)\\s(?:a total of\\s)?(\\d{1,5}(?:\\s?${WORD}\\b)?)(?:\\s(?:left|remaining|total|in total|now)){0,3}[)\\]]?`,
    'gi',
  ),
]

const partsOf = (text: string): Stated[] =>
  text.split(/[,;:+&—–]|\s-\s|\band\b/i).map((part) => ({
    count: Number(/\d+/.exec(part)?.[0] ?? 0),
    unit: part
      .replace(/\d+/, '')
      .replace(/\b(?:total|in all|made)\b/i, '')
      .trim()
      .toLowerCase(),
  }))

/** Whether a unit is any stitch. */
export const isAnyStitch = (unit: string): boolean => /^(?:|sts?|stitch(?:es)?)$/.test(unit)
/** A unit that is a space of chains: how many there are in each where it says so; null for another unit. */
export function chainsIn(unit: string): number | null {
  const found =
    /^(?:ch(?:ain)?)?[- ]?(\d+)?[- ]*(?:ch[- ]*)?(?:sps?|spaces?|loops?|lps?|arch(?:es)?)$/.exec(
      unit,
    )
  return found ? Number(found[1] ?? 1) : null
}

/** Places a total states: "32 dc, 16 ch-1 sps" is 48, and "60 sts, 12 puffs" is 60. */
function placesOf(parts: readonly Stated[]): number {
  const all = parts.find(({ unit }) => isAnyStitch(unit))
  return all
    ? all.count
    : parts.reduce((sum, { count, unit }) => sum + count * (chainsIn(unit) ?? 1), 0)
}

/** Work and total of a row's text; a total within the text leaves blanks in the work. */
export function splitTotal(text: string): {
  readonly work: string
  readonly stated: number | null
  readonly said: readonly Stated[]
} {
  for (const pattern of TOTALS) {
    const found = [...text.matchAll(pattern)].at(-1)
    if (!found) continue
    const { index, 0: all } = found
    const rest = text.slice(index + all.length)
    if (!ends(rest)) continue
    const said = partsOf(found[1] ?? found[2]!)
    const work = text.slice(0, index) + (/[a-z]/i.test(rest) ? ' '.repeat(all.length) + rest : '')
    return { work, stated: placesOf(said), said }
  }
  return { work: text, stated: null, said: [] }
}

const kindOf = (label: string): RowLine['what'] =>
  /^(?:rnd|round|next r(?:n|ou)|last r(?:n|ou))/i.test(label)
    ? 'round'
    : /^(?:forward|return)/i.test(label)
      ? 'pass'
      : 'row'

/** Without a box to tick, what makes a label bold, and marks before signs that would mean something there: a line of Markdown. */
const unmarked = (line: string): string =>
  line
    .replace(/^(\s*)(?:[-*+]\s+)?\[[ xX]\]\s+/, '$1')
    .replace(/^(\s*)-\s+(?=[A-Z(*])/, '$1')
    .replace(/^(\s*(?:[-*+]\s+)?)\*\*([^*]+)\*\*/, '$1$2')
    .replace(/\\([\\`*_[\]<>#])/g, '$1')

/** Headings of what is no work. */
const ASIDE =
  /^(?:abbreviations?(?: used)?|short for|key|special stitch(?:es)?(?: used)?|materials?|supplies|notions|what you (?:will )?need|you (?:will )?need|gauge|tension|(?:gauge|tension) swatch|finished sizes?|sizes?|finishing|to mind|cutting plan|how to read it)$/i
export const isAside = (heading: string): boolean => ASIDE.test(heading.trim())
/** A chain that a piece begins in, though it stands where other things are said. */
export const CHAIN_ALONE = /^(?:(?:with|using) \w+(?: \w+)?, )?(?:ch|chain) \d+\.?$/i

/** A row that goes on in the next line: it ends in a comma, or its star waits for its “rep from”. */
const goesOn = (text: string): boolean =>
  /[,;]\s*$|\band\s*$/i.test(text) ||
  (/(?:^|[^*])\*(?!\*)/.test(text) && !/rep(?:eat)?\s+from/i.test(text) && !/[)\].]\s*$/.test(text))

/** A heading without its marks: "## Body", "**Handle (make 2):**". */
const titled = (words: string): string =>
  words.replace(/^[#*=_~\s-]+|[#*=_~:\s-]+$/g, '').trim() || words
/** Without what a heading may hold beside its words. */
const bare = (words: string): string => words.replace(/·.*$/, '').replace(/\(make \d+\)/i, '')

/** The lines of a text, in order; empty ones left out, rows that were wrapped put together. */
export function linesOf(text: string): Line[] {
  const lines: Line[] = []
  const raw = text.split(/\r\n?|\n/)
  // “R1” is a row or a round: of what begins in a ring and is never turned it is a round.
  const around = /\bmagic\b|\bMR\b|\bin (?:the )?ring\b/i.test(text) && !/\bturn/i.test(text)
  for (let i = 0; i < raw.length; i++) {
    let body = unmarked(raw[i]!).replace(DASHED, '$1: ')
    const line = i + 1
    if (!body.trim()) continue
    const label = LABEL.exec(body)
    if (!label) {
      const words = body.trim()
      const heading = words.length <= 48 && !/[.,;]$/.test(words) && !/\d/.test(bare(words))
      lines.push({
        kind: heading ? 'heading' : 'prose',
        line,
        text: heading ? titled(words) : words,
      })
      continue
    }
    while (
      i + 1 < raw.length &&
      raw[i + 1]!.trim() &&
      goesOn(body) &&
      !LABEL.test(unmarked(raw[i + 1]!).replace(DASHED, '$1: '))
    )
      body = `${body.trimEnd()} ${raw[++i]!.trim()}`
    const row = body.slice(label[0].length).trim()
    const [, name, first, end, nth, until, kind, named, every, faces] = label
    const from = first ?? nth
    const to = end ?? until
    lines.push({
      kind: 'row',
      line,
      what: around && /^r\.?$/i.test(name ?? '') ? 'round' : kindOf(name ?? kind ?? named!),
      from: from === undefined ? null : Number(from),
      to: from === undefined ? null : Number(to ?? from),
      everySecond: every !== undefined,
      side: faces ? (/^r/i.test(faces) ? 'RS' : 'WS') : null,
      text: row,
      ...splitTotal(row),
    })
  }
  return lines
}
