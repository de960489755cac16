import { EOF, type IToken, tokenMatcher } from 'chevrotain'
import * as t from './tokens.ts'
import { vocabulary } from './vocabulary.ts'
import type { Reach, StitchWord } from './work.ts'

/* What single tokens say, and where a clause of tokens begins and ends. */

export const END: Reach = { kind: 'end' }
export const times = (count: number): Reach => ({ kind: 'times', count })
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

/** A number as written; none that is worked is larger than this. */
export const numberOf = (token: IToken): number => Math.min(Number(token.image) || 0, 50_000)

export const low = (token: IToken) => token.image.toLowerCase().replace(/\s+/g, ' ')
/** A stitch by its word; a plural is the same. */
export const stitchWord = (text: string): StitchWord => vocabulary.get(text)!

export const nthOf = (hook: IToken): number =>
  ordinals[low(hook).split(' ')[0]!] ?? Number.parseInt(hook.image, 10)

/** The stitch before goes on elsewhere. */
export const plainStitch = {
  kind: 'stitch',
  stitch: { word: '', uses: 1, makes: 1 },
  count: 1,
  loop: null,
  yarn: null,
  times: 1,
  start: null,
  withStart: false,
} as const

/** "(counts as dc)", "(counts as dc and ch 1)", "(does not count as a st)". */
export function countsOf(token: IToken): { stitches: number; chains: number } {
  const text = low(token)
  if (/not |n[’']t /.test(text)) return { stitches: 0, chains: 0 }
  const chains = /\bch(?:ain)?[- ]?(\d+)/.exec(
    text.replace(/^[^a-z]*ch(?:ain)?[- ]?\d+ counts?/, ''),
  )
  return { stitches: 1, chains: chains ? Number(chains[1]) : 0 }
}
