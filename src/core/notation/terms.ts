import { basicWords } from './vocabulary.ts'

/** US words and what they are in UK terms; the published list's stitches, their compounds, and what else is said otherwise. */
const pairs: readonly (readonly [string, string])[] = [
  ...basicWords.flatMap(({ us, uk }) => [
    [us, uk] as const,
    ...['fp', 'bp', 'FP', 'BP'].map((post) => [`${post}${us}`, `${post}${uk}`] as const),
  ]),
  ['ldc', 'ltr'],
  ['sk', 'miss'],
  ['skip', 'miss'],
  ['gauge', 'tension'],
  ['yo', 'yoh'],
]
const toUk = new Map(pairs)
const ANY = new RegExp(
  `\\b(?:${[...toUk.keys()].sort((a, b) => b.length - a.length).join('|')})(?=\\d?(?:tog)?s?\\b)`,
  'g',
)

/** A text in US shorthand said in UK terms: every word at once, so that none is changed twice. */
export const inUkTerms = (text: string): string => text.replace(ANY, (word) => toUk.get(word)!)
