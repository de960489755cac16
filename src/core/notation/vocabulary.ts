import { basicWords } from '../terms/index.ts'
import type { StitchWord } from './work-tree.ts'

/*
 * The trade's words for stitches, US and UK. Names and abbreviations: Craft Yarn Council, Standards and Guidelines for Crochet and
 * Knitting; the shorter forms beside them are common practice. A word that is a stitch in both vocabularies (dc, tr) counts alike.
 */

const counted = (word: string, uses = 1, makes = 1): StitchWord => ({ word, uses, makes })

const grounds = [...new Set(basicWords.flatMap(({ us, uk }) => [us, uk]))].filter(
  (word) => word !== 'sl st' && word !== 'ss',
)

/** Raised stitches around a post, spikes, and others that take one place and leave one. */
const singles = [
  'puff',
  'puff stitch',
  'puff st',
  'bobble',
  'popcorn',
  'pc',
  'cluster',
  'cl',
  'pebble',
  'bead',
  'bead stitch',
  'bead st',
  'spike',
  'spike stitch',
  'spike st',
  'double spike',
  'triple spike',
  'crab stitch',
  'reverse single crochet',
  'rsc',
  'rev sc',
]
const posts = ['fp', 'bp', 'front post ', 'back post ', 'FP ', 'BP ']

/** Several in one place, or several together. */
const several: readonly (readonly [string, StitchWord])[] = [
  ...['inc', 'increase', 'incs', 'increases'].map((form) => [form, counted('inc', 1, 2)] as const),
  ...['dec', 'decrease', 'invdec', 'inv dec', 'invisible decrease', 'decs', 'decreases'].map(
    (form) => [form, counted('dec', 2, 1)] as const,
  ),
  ...['v-stitch', 'v-st', 'v st', 'v stitch'].map(
    (form) =>
      [form, { ...counted('v-st', 1, 3), leaves: ['st', 'ch', 'st'] } as StitchWord] as const,
  ),
  // Foundation stitches make their own chain.
  ...['sc', 'hdc', 'dc'].flatMap((word) =>
    [`f${word}`, `foundation ${word}`].map((form) => [form, counted(`f${word}`, 0, 1)] as const),
  ),
  ...grounds.flatMap((word) =>
    [2, 3, 4, 5].map((n) => [`${word}${n}tog`, counted(`${word}${n}tog`, n, 1)] as const),
  ),
  ...grounds.flatMap((word) => [
    [`${word} inc`, counted('inc', 1, 2)] as const,
    [`${word} dec`, counted('dec', 2, 1)] as const,
  ]),
]

/** Loops of chain: one that hangs free takes no place and leaves one to go into; a ladder's stands off in front and leaves none. */
const loops: readonly (readonly [string, StitchWord])[] = [
  ...['long loop', 'half loop'].map(
    (form) => [form, { ...counted(form, 0, 1), leaves: ['ch'] } as StitchWord] as const,
  ),
  ['ladder loop', counted('ladder loop', 0, 0)],
]

const forms: readonly (readonly [string, StitchWord])[] = [
  ...basicWords.flatMap(({ us, uk, long }) =>
    [us, uk, ...long].map((form) => [form, counted(form === uk ? uk : us)] as const),
  ),
  ...singles.map((form) => [form, counted(form)] as const),
  ...posts.flatMap((post) =>
    grounds.map((word) => [post + word, counted(`${post.trim().toLowerCase()}${word}`)] as const),
  ),
  ...['star', 'star stitch', 'star st'].map((form) => [form, counted('star', 2, 1)] as const),
  ['picot', counted('picot', 0, 0)],
  ...loops,
  ...['spike', 'caught', 'split', 'drop', 'long'].flatMap((how) =>
    basicWords.flatMap(({ us, uk, long: names }) =>
      [us, uk, ...names].map(
        (form) => [`${how} ${form}`, counted(`${how} ${form === uk ? uk : us}`)] as const,
      ),
    ),
  ),
  ...grounds.map((word) => [`split ${word}2tog`, counted(`split ${word}2tog`, 2, 1)] as const),
  // A yarn over that stays on the hook, in work of two passes.
  ['yo loop', counted('yo loop', 0, 1)],
  ...['ldc', 'linked dc', 'linked double crochet'].map((form) => [form, counted('ldc')] as const),
  ...['tall loop', 'fp tall loop', 'bp tall loop'].map((form) => [form, counted(form)] as const),
  ['pull up a loop', counted('pull up a loop')],
  ['pull up loop', counted('pull up a loop')],
  ['pull through 1 loop', counted('pull through 1 loop')],
  ['pull through 2 loops', counted('pull through 2 loops')],
  ...several,
]

/** By its lower-case form; plurals of short forms too. */
export const vocabulary: ReadonlyMap<string, StitchWord> = new Map(
  forms.flatMap(([form, word]) => {
    const low = form.toLowerCase()
    return [
      [low, word],
      [low.endsWith('s') ? low : `${low}s`, word],
    ] as [string, StitchWord][]
  }),
)

/** "4-dc cluster" takes one place and leaves one; "5-dc shell" leaves five; "2 dc tog" takes two and leaves one. */
export function compound(text: string): StitchWord {
  const count = Number(/\d+/.exec(text)![0])
  const what = text.replace(/\d+/, '').replace(/^[-\s]+/, '')
  const together = /^(\w+?)[-\s]*tog/.exec(what)
  if (together) return counted(`${together[1]}${count}tog`, count, 1)
  return counted(`${count}-${what}`, 1, /shell|fan/i.test(what) ? count : 1)
}

/** Words that belong to one vocabulary only. */
export const only = {
  us: /\b(?:sc|hdc|sk|skip|sl st|gauge|sc\dtog|hdc\dtog|fpsc|single crochet|half double crochet)\b/i,
  uk: /\b(?:htr|trtr|miss|tension|htr\dtog|half treble|double treble|yoh|ss)\b/i,
} as const
