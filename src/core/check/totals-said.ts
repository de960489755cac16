import { NUMBER_WORDS, numberSaid } from '../manners/index.ts'
import type { Place } from '../notation/index.ts'

/* The total a row states, wherever and however it is said; some of it may as well be work. */

/** One part of a stated total: so many of a unit; the unit is empty when it is not said. */
export interface Stated {
  readonly count: number
  readonly unit: string
}

export interface Total {
  /** By what it is told from the work. */
  readonly manner:
    'all' | 'bare' | 'how' | 'bracket' | 'sign' | 'word' | 'sentence' | 'colon' | 'comma'
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
/** One space needs no number: "8 sc, ch-4 sp". */
const ONE_SPACE = '(?:(?:an? )?ch[- ]?\\d{1,2}(?: (?:sp|space|loop))?|an? \\d{1,2}-ch [a-z]{2,12})'
const PARTS = `${PART}(?:\\s{0,3}(?:[,;:+&—–]|and)\\s{0,24}(?:${N}\\s?${UNIT}|${ONE_SPACE})){0,8}`
/** "24 + 4 + 12 = 40": what it comes to. */
const SUM = '(?:\\d{1,5}\\s?(?:[a-z]{1,4}\\s?)?\\+\\s?){1,6}\\d{1,5}(?:\\s?[a-z]{1,4})?\\s?=\\s?'
const WORD =
  '(?:sts?|stitch(?:es)?|sc|dc|hdc|tr|htr|dtr|sl sts?|chs?|chains?|loops?|holes?|puffs?|shells?|blocks?|ch-\\d+ sps?)'
/** Words that say where or how, and name nothing that was made. */
const NO_THING =
  '(?:in|into|to|from|of|on|at|and|with|over|around|across|along|between|times?|more|each|every|all|rows?|rnds?|rounds?|cm|mm|inch(?:es)?|turn|join|even|straight|then|until|tog|together|evenly|or|as|for|is|the|left|ch|sk|skip|miss)\\b'
/** What was made, in words of the pattern's own too: "4 corner spaces". */
const THING = `(?:${SPACES}|ch-?\\d*[- ]?(?:sps?|spaces?|loops?)|(?!${NO_THING})[a-z]+(?:[- ](?!${NO_THING})[a-z]+){0,2}(?:s|st|sp)|${WORD})`
const THINGS = `${THING}(?: remain(?:ing)?| left)?(?:\\s{0,2}(?:,|and|\\+|&)\\s{0,24}${N}\\s${THING}){0,3}`
/** What may stand after a total, clause by clause: how the row ends. */
const END =
  /^(?:ch(?:ain)? ?\d{1,3}(?: and turn)?|turn(?: work)?|join(?:ed)?\b.*|do not (?:turn|join|cut)\b.*|don't (?:turn|join|cut)\b.*|fasten off\b.*|break off\b.*|f\.?o\.?|cut\b.*|weave\b.*|(?:sl st|ss) (?:to|in)\b.*|(?:place|move|mark)\b.*|the (?:starting |beginning )?ch \d+ (?:does|do|counts?)\b.*)$/i
/** Words of work; a clause after a total without any of them is a remark. */
const OF_WORK =
  /\*|\b(?:\d*(?:sc|hdc|htr|dc|tr|dtr)|sl st|ss|inc\w*|dec\w*|ch|chain|sts?|stitch(?:es)?|each|every|around|across|rep(?:eat)?|times|next|last|skip|sk|miss)\b/i
const ends = (rest: string, sure = false): boolean =>
  !/[()[\]]/.test(rest) &&
  rest
    .split(/[.,;]/)
    .map((clause) => clause.trim())
    .every((clause) => clause === '' || END.test(clause) || (sure && !OF_WORK.test(clause)))

const AFTER = '(?=\\s{0,2}[.,~»|]?\\s{0,2}(?:$|turn|join|fasten|break|place|move|do not|[.,;]))'
const MANNERS: readonly (readonly [Total['manner'], RegExp])[] = [
  [
    'bracket',
    new RegExp(
      `\\s{0,4}\\*?[([<{【«]\\s{0,24}=?\\s{0,2}(?:(?:total|st(?:itch)? count)(?: of)?:?\\s*|you (?:should |will )?(?:now )?have\\s|(?:sts|stitches):\\s*|\\d{1,5}\\s?(?:→|->|to|>)\\s?|\\d{1,4} ?[a-z]{1,8} (?:per|on each|for each|in each) [a-z]{2,9} ?= ?)?(?:${SUM})?(${PARTS})\\s{0,2}(?:total|made|in total|remain(?:ing)?|=\\s?\\d{1,3} (?:pattern )?rep(?:eat)?s?|=(?:\\s?\\d{1,4}\\s?\\+){1,6}\\s?\\d{1,4})?\\.?\\s{0,2}[)\\]>}】»]\\*?`,
      'gi',
    ),
  ],
  [
    'word',
    new RegExp(
      `[.;,–—-]?\\s{0,3}[([]?(?:(?:so (?:that )?)?you (?:should |will )?(?:now )?have|(?:you (?:are|will be|should be) )?left with|until you have|which (?:makes|gives)|(?:still|now)(?=\\s\\d+ (?:sts?|stitch))|for(?=\\s\\d+ \\w+ (?:altogether|in all|in total))|(?:for )?a total of|total(?: sts| stitches)?:?|(?:sts|stitches|st(?:itch)? count|count)\\s?:|leaving(?: you with)?|giving(?: you)?|making)\\s(?:a total of\\s)?(${PARTS})(?:\\s(?:left|remaining|total|in total|now|altogether|in all)){0,3}[)\\]]?`,
      'gi',
    ),
  ],
  [
    'all',
    new RegExp(
      `[,.;–—-]?\\s{1,3}(${N}(?:\\s?${THING})?)\\s(?:in all|in total|altogether|all told)(?=\\s*[.,;]?\\s*$)`,
      'gi',
    ),
  ],
  [
    'sign',
    new RegExp(
      `(?:\\s{0,3}[—–=→➡~|•·←]|\\s{1,3}(?:[/#]|<-{1,3})|\\s-|\\s{0,3}(?:->|=>|\\.{2,40}|…))\\s{0,24}(${PARTS})${AFTER}~?`,
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
  // "14 sc (inc in each)": how many, and how.
  [
    'how',
    /^\s*(\d{1,5} ?(?:sts?|stitch(?:es)?|sc|hdc|dc|tr|htr))(?=\s*\([^()]*[a-z]{2}[^()]*\)\s*[.;]?\s*$)/gi,
  ],
  // "2 sc in every stitch 12": a number alone at the end, where nothing goes on with it.
  [
    'bare',
    /(?<=[a-z)\]*])(?<!\b(?:next|last|first|each|of|in|x|ch|skip|sk|miss|over|by|rnd|row|(?<!way |all )round|rows|rounds|like|as|same|rep|repeat|to|and|times|from|yarn|colou?r))\s{1,3}(\d{1,5})(?=\s*$)/gi,
  ],
  ['comma', new RegExp(`,\\s{0,3}(\\d{1,5}\\s?(?:sts?|stitch(?:es)?))(?!\\w)`, 'gi')],
]
/** Words of work beside chains. */
const WORKED =
  /[*([{]|\d[A-Z]|\d (?!ch)[a-z]{2}|\b(?:\d*(?:sc|hdc|htr|dc|tr|dtr)|sl st|slst|ss|inc\w*|dec\w*|crochets?|treble|sts?|stitch(?:es)?|rep(?:eat)?|as|same|like|around|across|round|each|every|puff|bobble|popcorn|shell|v|spike|\w+tog|[fb]p\w+)\b/i
/** Those that cannot be work. */
const SURE = new Set<Total['manner']>(['all', 'bracket', 'word', 'sign'])
export const isSure = ({ manner }: Total): boolean => SURE.has(manner)

const partsOf = (text: string): Stated[] =>
  text.split(/[,;:+&—–]|\s-\s|\band\b/i).map((part) => {
    if (new RegExp(`^\\s*${ONE_SPACE}\\s*$`, 'i').test(part))
      return { count: 1, unit: `ch-${/\d+/.exec(part)![0]} sp` }
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
    /^(?:corner )?(?:ch(?:ain)?)?[- ]?(\d+)?[- ]*(?:ch[- ]*)?(?:sps?|spaces?|loops?|lps?|arch(?:es)?|holes?|corners?|squares?|windows?|meshes|mesh|eyelets?|gaps?)$/.exec(
      unit,
    )
  return found ? Number(found[1] ?? 1) : Number(/^ch[- ]?(\d+)$/.exec(unit)?.[1]) || null
}

/** Places a total states: "32 dc, 16 ch-1 sps" is 48, and "60 sts, 12 puffs" is 60. */
function placesOf(parts: readonly Stated[]): number {
  const all = parts.find(({ unit }) => isAnyStitch(unit))
  return all
    ? all.count
    : parts.reduce((sum, { count, unit }) => sum + count * (chainsIn(unit) ?? 1), 0)
}

/** Most places a stated total stands for. */
const MOST = 6000
/** What a total says is left, stitches shared out between its spaces: "6 sc, 6 ch-5 loops". */
export function placesSaid({ stated, said }: Pick<Total, 'stated' | 'said'>): Place[] {
  const [space, ...more] = said.filter(({ unit }) => chainsIn(unit) !== null)
  const loose = said.some(({ unit }) => isAnyStitch(unit))
  if (!space || more.length > 0 || loose || stated > MOST)
    return new Array<Place>(Math.min(stated, MOST)).fill('st')
  const long = chainsIn(space.unit)!
  const stitches = stated - space.count * long
  return Array.from({ length: space.count }, (_, i) => [
    ...new Array<Place>(
      Math.floor(((i + 1) * stitches) / space.count) - Math.floor((i * stitches) / space.count),
    ).fill('st'),
    ...new Array<Place>(long).fill('ch'),
  ]).flat()
}

/** A total before another: "15 sts (5 buds)". */
const BEFORE = /(?<=[\w)\]*])[.;–—]\s+(\d{1,5} (?:sts?|stitches|sc|hdc|dc|tr))$/i
/** Every total a row's text may state, the surest first. */
export function totalsIn(text: string): Total[] {
  const totals: Total[] = []
  for (const [manner, pattern] of MANNERS) {
    const found = [...text.matchAll(pattern)].at(-1)
    if (!found) continue
    const rest = text.slice(found.index + found[0].length)
    if (
      manner !== 'how' &&
      !ends(rest, manner === 'bracket' && /^\s*[.!]?\s+[A-Z][a-z]/.test(rest))
    )
      continue
    const own = partsOf(found[1]!)
    // Things beside the stitches, whose total stands before.
    const beside = manner === 'bracket' && own.every(({ unit }) => !isAnyStitch(unit))
    const before = beside ? BEFORE.exec(text.slice(0, found.index)) : null
    const index = before?.index ?? found.index
    const all = text.slice(index, found.index + found[0].length)
    const said = [...(before ? partsOf(before[1]!) : []), ...own]
    if (said.some(({ count }) => count === 0)) continue
    const work = text.slice(0, index) + (/[a-z]/i.test(rest) ? ' '.repeat(all.length) + rest : '')
    // Before it something is worked: "Turn. Ch 1. 8 sc." says no total.
    if (!SURE.has(manner) && !WORKED.test(work)) continue
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
