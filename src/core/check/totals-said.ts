import { NUMBER_WORDS, numberSaid } from '../manners/index.ts'

/* The total a row states, wherever and however it is said; some of it may as well be work. */

/** One part of a stated total: so many of a unit; the unit is empty when it is not said. */
export interface Stated {
  readonly count: number
  readonly unit: string
}

export interface Total {
  /** By what it is told from the work. */
  readonly manner: 'bracket' | 'sign' | 'word' | 'sentence' | 'colon' | 'comma'
  /** The work without it; within the text it leaves blanks. */
  readonly work: string
  readonly stated: number
  readonly said: readonly Stated[]
}

// Every repeat below is bounded and begins with what the one before cannot hold: no text makes them try long.
const N = `(?:\\d{1,5}|${NUMBER_WORDS}\\b)`
const SPACES = '\\d{1,2}-?ch[- ]?(?:sps?|spaces?|loops?|lps?)'
const UNIT = `(?:${SPACES}|(?!and\\b)[a-z]+(?:[- ]?\\d{1,3})?(?:[- ](?!and\\b)[a-z]+(?:[- ]?\\d{1,3})?){0,4})`
const PART = `${N}(?:\\s?${UNIT})?`
const PARTS = `${PART}(?:\\s{0,3}(?:[,;:+&—–]|and)\\s{0,3}${N}\\s?${UNIT}){0,8}`
/** "24 + 4 + 12 = 40": what it comes to. */
const SUM = '(?:\\d{1,5}\\s?(?:[a-z]{1,4}\\s?)?\\+\\s?){1,6}\\d{1,5}(?:\\s?[a-z]{1,4})?\\s?=\\s?'
const WORD =
  '(?:sts?|stitch(?:es)?|sc|dc|hdc|tr|htr|dtr|sl sts?|chs?|chains?|loops?|holes?|puffs?|shells?|blocks?|ch-\\d+ sps?)'
/** One or two words for what was made, such as none of the usual. */
const THINGS = `${WORD}(?:\\s{0,2}(?:,|and|\\+)\\s{0,2}\\d{1,5}\\s(?:${SPACES}|ch-?\\d*[- ]?(?:sps?|spaces?|loops?)|${WORD})){0,3}`
/** What may stand after a total, clause by clause: how the row ends. */
const END =
  /^(?:ch(?:ain)? ?\d{1,3}(?: and turn)?|turn(?: work)?|join(?:ed)?\b.*|do not (?:turn|join|cut)\b.*|don't (?:turn|join|cut)\b.*|fasten off\b.*|break off\b.*|f\.?o\.?|cut\b.*|weave\b.*|(?:sl st|ss) (?:to|in)\b.*|(?:place|move|mark)\b.*)$/i
const ends = (rest: string): boolean =>
  !/[()[\]]/.test(rest) &&
  rest
    .split(/[.,;]/)
    .map((clause) => clause.trim())
    .every((clause) => clause === '' || END.test(clause))

const AFTER = '(?=\\s{0,2}[.,~»|]?\\s{0,2}(?:$|turn|join|fasten|break|place|move|do not|[.,;]))'
const MANNERS: readonly (readonly [Total['manner'], RegExp])[] = [
  [
    'bracket',
    new RegExp(
      `\\s{0,4}\\*?[([<{【«]\\s{0,24}=?\\s{0,2}(?:(?:total|st(?:itch)? count)(?: of)?:?\\s*|you (?:should |will )?(?:now )?have\\s|(?:sts|stitches):\\s*)?(?:${SUM})?(${PARTS})\\s{0,2}(?:total|made|in total|remain(?:ing)?)?\\s{0,2}[)\\]>}】»]\\*?`,
      'gi',
    ),
  ],
  [
    'word',
    new RegExp(
      `[.;,]?\\s{0,3}[([]?(?:you (?:should |will )?(?:now )?have|(?:for )?a total of|total(?: sts| stitches)?:?|(?:sts|stitches|st(?:itch)? count|count)\\s?:|leaving(?: you with)?|giving(?: you)?|making)\\s(?:a total of\\s)?(${PARTS})(?:\\s(?:left|remaining|total|in total|now)){0,3}[)\\]]?`,
      'gi',
    ),
  ],
  [
    'sign',
    new RegExp(
      `(?:\\s{0,3}[—–=→~|]|\\s-|\\s{0,3}(?:->|=>|\\.{2,40}|…))\\s{0,3}(${PARTS})${AFTER}~?`,
      'gi',
    ),
  ],
  [
    'colon',
    new RegExp(
      `\\s{0,3}:\\s{0,3}(\\d{1,5}(?:\\s?${THINGS})?)(?!\\w)(?!\\s(?:in|st|sc|dc)\\b)`,
      'gi',
    ),
  ],
  [
    'sentence',
    new RegExp(
      `(?<=[\\w)\\]*]\\s?)[.;!?]\\s{1,24}(?:total:?\\s{0,3})?(${N}(?:\\s?${THINGS})?)(?![\\w,])(?:\\s+total)?(?:\\s?\\([^()]{1,40}\\))?`,
      'gi',
    ),
  ],
  ['comma', new RegExp(`,\\s{0,3}(\\d{1,5}\\s?(?:sts?|stitch(?:es)?))(?!\\w)`, 'gi')],
]
/** Those that cannot be work. */
const SURE = new Set<Total['manner']>(['bracket', 'word', 'sign'])
export const isSure = ({ manner }: Total): boolean => SURE.has(manner)

const partsOf = (text: string): Stated[] =>
  text.split(/[,;:+&—–]|\s-\s|\band\b/i).map((part) => {
    const number = new RegExp(N, 'i').exec(part)?.[0] ?? ''
    return {
      count: numberSaid(number) ?? 0,
      unit: part
        .replace(number, '')
        .replace(/\b(?:total|in all|made)\b/i, '')
        .trim()
        .toLowerCase(),
    }
  })

/** Whether a unit is any stitch. */
export const isAnyStitch = (unit: string): boolean => /^(?:|sts?|stitch(?:es)?)$/.test(unit)
/** A unit that is a space of chains: how many there are in each where it says so; null for another unit. */
export function chainsIn(unit: string): number | null {
  const found =
    /^(?:ch(?:ain)?)?[- ]?(\d+)?[- ]*(?:ch[- ]*)?(?:sps?|spaces?|loops?|lps?|arch(?:es)?|holes?)$/.exec(
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

/** Every total a row's text may state, the surest first. */
export function totalsIn(text: string): Total[] {
  const totals: Total[] = []
  for (const [manner, pattern] of MANNERS) {
    const found = [...text.matchAll(pattern)].at(-1)
    if (!found) continue
    const { index, 0: all } = found
    const rest = text.slice(index + all.length)
    if (!ends(rest)) continue
    const said = partsOf(found[1]!)
    if (said.some(({ count }) => count === 0)) continue
    const work = text.slice(0, index) + (/[a-z]/i.test(rest) ? ' '.repeat(all.length) + rest : '')
    totals.push({ manner, work, stated: placesOf(said), said })
    if (SURE.has(manner)) break
  }
  return totals
}

/** Work and total of a text by itself: the surest total, if it has one. */
export function splitTotal(text: string): {
  readonly work: string
  readonly stated: number | null
  readonly said: readonly Stated[]
} {
  const [total] = totalsIn(text)
  return total ?? { work: text, stated: null, said: [] }
}

/** "(20, 18, 16)": the totals of so many rows, one after the other; null where it says no such list. */
export function seriesIn(text: string, rows: number): { work: string; totals: number[] } | null {
  const found = /\s*[([]\s*(\d+(?:\s*[,/]\s*\d+)+)(?:\s*[a-z]+)?\s*[)\]]\s*\.?\s*$/i.exec(text)
  const totals = found?.[1]!.split(/[,/]/).map(Number)
  return found && totals!.length === rows && rows > 1
    ? { work: text.slice(0, found.index), totals: totals! }
    : null
}
