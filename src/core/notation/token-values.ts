import { EOF, type IToken, tokenMatcher } from 'chevrotain'
import * as t from './tokens.ts'
import { vocabulary } from './vocabulary.ts'
import type { NthPlace, Span, StitchWord } from './work-tree.ts'

/* What single tokens say, and where a clause of tokens begins and ends. */

export const STRUCTURE = [t.Separator, t.Open, t.Close, t.Star, t.RepFrom, EOF]
export const ordinals: Readonly<Record<string, number>> = {
  second: 2,
  third: 3,
  fourth: 4,
  fifth: 5,
}

/** What can stand where a clause begins. */
export const WORK = 'a stitch, a number, “ch”, “sk” or a bracket'

export const isStructure = (token: IToken | undefined) =>
  token === undefined || STRUCTURE.some((type) => tokenMatcher(token, type))

/** Tokens of the clause around one, as a half-open range; of the last open bracket when the text ended too early. */
export function clauseAt(tokens: readonly IToken[], at: number): { from: number; to: number } {
  if (at < 0) {
    const open = tokens.findLastIndex(({ tokenType }) => tokenType === t.Open)
    const from = open >= 0 ? open : tokens.length - 1
    return { from, to: from + 1 }
  }
  if (isStructure(tokens[at]) && (at === 0 || isStructure(tokens[at - 1])))
    return { from: at, to: at + 1 }
  let from = isStructure(tokens[at]) ? at - 1 : at
  let to = from + 1
  while (from > 0 && !isStructure(tokens[from - 1])) from--
  while (to < tokens.length && !isStructure(tokens[to])) to++
  return { from, to }
}

/** Where a token ends, half-open. */
export const endOf = ({ endOffset, startOffset, image }: IToken): number =>
  endOffset === undefined ? startOffset + image.length : endOffset + 1

/** Where the words of a text were written that was put in other words. */
export interface Written {
  readonly from: readonly number[]
  readonly to: readonly number[]
}

/** A number as written; none that is worked is larger than this. */
export const numberOf = (token: IToken): number => Math.min(Number(token.image) || 0, 50_000)

/** The first number a token says. */
export const firstNumber = ({ image }: IToken): number => Number(/\d+/.exec(image)?.[0] ?? 0)

export const low = (token: IToken) => token.image.toLowerCase().replace(/\s+/g, ' ')
/** A stitch by its word; a plural is the same. */
export const stitchWord = (text: string): StitchWord => vocabulary.get(text)!

export const nthOf = (hook: IToken): number =>
  ordinals[low(hook).split(' ')[0]!] ?? Number.parseInt(hook.image, 10)

/** "(counts as dc)", "(counts as dc and ch 1)", "(does not count as a st)". */
export function countsOf(token: IToken): { stitches: number; chains: number } {
  const text = low(token)
  if (/not |n[’']t /.test(text)) return { stitches: 0, chains: 0 }
  // A chain named before "counts" is the one that counts.
  const chains = /\bch(?:ain)?[- ]?(\d+)/.exec(text.replace(/^.*?\bcount(?:s|ed|ing)?\b/, ''))
  return { stitches: 1, chains: chains ? Number(chains[1]) : 0 }
}

/** A yarn's letter, or the name of its colour. */
export const yarnName = ({ image }: IToken): string => (image ?? '').replace(/^yarn-/, '')

/** Rows a stitch goes down: "1 row below", "two rounds further down", "the row below". */
export function rowsDown(token: IToken): number {
  const [first] = low(token).split(' ') as [string]
  return Number.parseInt(first, 10) || { two: 2, three: 3 }[first] || 1
}

/** The number a note says: how many it leaves unworked, or adds (below 0 takes away) evenly; 0 when it says none. */
export function noteCount(token: IToken): number {
  const count = Number(/\d+/.exec(token.image)?.[0] ?? 0)
  return /^dec/i.test(token.image) ? -count : count
}

const WORKED = [
  t.Stitch,
  t.Compound,
  t.Chain,
  t.Skip,
  t.Start,
  t.Letter,
  t.Join,
  t.Turn,
  t.RepFrom,
  t.Hook,
  t.Integer,
  t.Star,
  t.Counts,
  t.Open,
]

/** Without the brackets that hold no work: "(increase round)", "(right side facing)". */
export function withoutRemarks(tokens: readonly IToken[], specials: ReadonlyMap<string, unknown>) {
  const kept: IToken[] = []
  const works = (one: IToken) =>
    WORKED.some((type) => tokenMatcher(one, type)) || specials.has(low(one))
  // A name before a colon, such as "Increase round:", is a remark too.
  const colon = tokens.findIndex(({ image }) => image === ':')
  const begin =
    colon > 0 && !tokens.slice(0, colon).some((one) => works(one) || tokenMatcher(one, t.With))
      ? colon + 1
      : 0
  for (const token of tokens.slice(begin)) {
    const open = tokenMatcher(token, t.Close)
      ? kept.findLastIndex((one) => tokenMatcher(one, t.Open))
      : -1
    const inner = open >= 0 ? kept.slice(open + 1) : []
    const remark =
      inner.length > 0 && !inner.some(works) && !inner.some((one) => tokenMatcher(one, t.Close))
    if (remark) kept.length = open
    else kept.push(token)
  }
  return kept
}

/** A token of a text that was put in other words, where it was written. */
export const placedAt = (token: IToken, { from, to }: Written): IToken => ({
  ...token,
  startOffset: from[token.startOffset]!,
  endOffset: to[endOf(token) - 1]! - 1,
})

/** Without words that nothing is known of, but for names of yarns; those are told, side by side as one. */
export function withoutUnknown(
  tokens: readonly IToken[],
  specials: ReadonlyMap<string, unknown>,
  past: Span[],
): IToken[] {
  let named = false
  return tokens.filter((token) => {
    const isName = named && tokenMatcher(token, t.Unknown)
    named = isName || tokenMatcher(token, t.With)
    const known = !tokenMatcher(token, t.Unknown) || specials.has(low(token)) || isName
    if (!known) {
      const [from, to] = [token.startOffset, endOf(token)]
      const last = past.at(-1)
      if (last && from - last.to <= 1) past[past.length - 1] = { from: last.from, to }
      else past.push({ from, to })
    }
    return known
  })
}

/** Names of several words that a text defines as a stitch are one word. */
export function withNames(
  text: string,
  tokens: readonly IToken[],
  specials: ReadonlyMap<string, unknown>,
): IToken[] {
  const found = [...specials.keys()]
    .filter((name) => /[^a-z]/.test(name))
    .sort((a, b) => b.length - a.length)
    .flatMap((name) => {
      const pattern = new RegExp(
        `(?<![a-zA-Z_-])${name.replace(/[^\w\s]/g, '\\$&').replace(/\s+/g, '\\s+')}(?![\\w])`,
        'gi',
      )
      return [...text.matchAll(pattern)].map(({ index, 0: match }) => ({ index, match }))
    })
  if (found.length === 0) return [...tokens]
  const list: IToken[] = []
  let covered = 0
  for (const token of tokens) {
    if (token.startOffset < covered) continue
    const name = found.find(({ index }) => index === token.startOffset)
    if (name) covered = name.index + name.match.length
    list.push(
      name
        ? {
            ...token,
            image: name.match,
            endOffset: covered - 1,
            tokenType: t.Unknown,
            tokenTypeIdx: t.Unknown.tokenTypeIdx!,
          }
        : token,
    )
  }
  return list
}

const NTH =
  /\b(?:in(?:to)?|at|to|around)\s+(?:the\s+)?(\d+(?:st|nd|rd|th)|second|third|fourth|fifth)\s+(?!ch(?:ain)?s?\b(?![-\s]*\d*[-\s]*(?:sp|space|lo?o?p)))([a-z][a-z-]*(?:[-\s]*\d*[-\s]*(?:sps?|spaces?|loops?|lps?)\b)?)/i
const BETWEEN = /\bbetween\s+(?:the\s+)?(\d+)(?:st|nd|rd|th)\s+and\s/i

/** Where a yarn is joined: "join B in 7th st", "in the 2nd ch-sp", "between the 6th and 7th V"; null where it does not say. */
export function joinedAt({ image }: IToken): NthPlace | null {
  const between = BETWEEN.exec(image)
  if (between) return { kind: 'nth', nth: Number(between[1]), unit: 'gap' }
  const [all, nth, what] = NTH.exec(image) ?? []
  if (all === undefined) return null
  const word = what!.toLowerCase()
  const unit = /sp|loop|lp|^v(?:-?st)?$/.test(word) || vocabulary.get(word)?.leaves ? 'sp' : 'any'
  return { kind: 'nth', nth: ordinals[nth!.toLowerCase()] ?? Number.parseInt(nth!, 10), unit }
}

const JOINED_YARN =
  /^(?:[Rr]e)?[Jj]oin(?:ing)?\s+(?:(?:yarn|colou?r)\s+|yarn-)?(MC|CC\d?|[A-Z]|[A-Z][a-z]+)(?=\s+(?:with|in|into|to|at|between|around)\b|\s*$)/

/** The yarn that is joined: "join B in 7th st", "Join Oat with a standing dc"; null where it does not say. */
export const joinedYarn = ({ image }: IToken): string | null => JOINED_YARN.exec(image)?.[1] ?? null
