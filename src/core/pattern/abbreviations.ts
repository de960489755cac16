import { nameOf, abbrOf, stitches, type Words } from '../stitch/index.ts'
import { inUkTerms } from '../terms/index.ts'
import type { PatternPiece } from './written.ts'

/** An abbreviation the pattern uses, and what it stands for. */
export interface Abbreviation {
  readonly short: string
  readonly long: string
  /** The stitch it is, where that is worked in a way of its own. */
  readonly special?: string
}

/** What is no stitch of its own, and how it is seen in a text: in US terms. */
const others: readonly (Abbreviation & { readonly seen: RegExp })[] = [
  { short: 'inc', long: 'increase: 2 stitches in the next stitch', seen: /\binc\b/ },
  { short: 'blo', long: 'in the back loop only', seen: /\bblo\b/ },
  { short: 'flo', long: 'in the front loop only', seen: /\bflo\b/ },
  { short: 'sk', long: 'skip', seen: /\bsk\b/ },
  {
    short: 'ldc',
    long: 'linked double crochet: instead of the first yarn over the hook goes into the side of the stitch before',
    seen: /\bldc\b/,
  },
  {
    short: '3-dc cluster',
    long: '3 dc in one place, each left unfinished, yarn over and through all loops',
    seen: /\b3-dc cluster\b/,
  },
  {
    short: 'stacked',
    long: 'a first stitch without a chain: one stitch worked into the side of another in the same place, until it is as tall',
    seen: /\bstacked\b/,
  },
  {
    short: 'standing',
    long: 'a first stitch in a fresh yarn, begun with a slip knot on the hook',
    seen: /\bstanding\b/,
  },
  { short: 'st, sts', long: 'stitch, stitches', seen: /\bsts?\b/ },
  { short: 'ch-sp', long: 'chain space', seen: /\bch(?:-\d+)?[- ]sps?\b/ },
  { short: 'rep', long: 'repeat', seen: /\brep\b/ },
  { short: 'yo', long: 'yarn over', seen: /\byo\b/ },
  { short: 'RS, WS', long: 'right side, wrong side', seen: /\b[RW]S\b/ },
  { short: '[ ] × n', long: 'work what is in brackets n times', seen: /\] × \d/ },
]

const escaped = (text: string) => text.replace(/[-.*+?^${}()|[\]\\]/g, '\\$&')
/** A stitch as it stands in a text: by itself, or with what is said of two together. */
const seenAs = (short: string) => new RegExp(`(?<![A-Za-z])${escaped(short)}s?(?![A-Za-z0-9])`, 'i')

/** Stitches with a word of their own: not those of a loop, or of several in one place. */
const named = stitches.filter(
  ({ family, abbr }) =>
    ['basic', 'split', 'raised', 'looped', 'decrease'].includes(family) &&
    !/ [bf]lo$/.test(abbr.us),
)

/** The abbreviations a written pattern uses, each once, with the recipe of its special stitches, in the chosen terms. */
export function abbreviationsOf(
  pieces: readonly PatternPiece[],
  words: Words,
  finishing: readonly { readonly text: string }[] = [],
): Abbreviation[] {
  const say = (text: string) => (words.terms === 'uk' ? inUkTerms(text) : text)
  const said = pieces.flatMap(({ sections, joins, finish }) => [
    ...sections.flatMap(({ intro, notes, lines }) => [
      intro,
      ...notes,
      ...lines.flatMap(({ note, text, side }) => [note ?? '', text, side ?? '']),
    ]),
    ...joins,
    finish,
  ])
  const rows = said.join('\n')
  said.push(...finishing.map(({ text }) => text))
  // What is sewn on at the end may be called as a stitch is: a bead, a star.
  const special = named.filter(({ abbr, recipe }) =>
    seenAs(abbr[words.terms]).test(recipe ? rows : said.join('\n')),
  )
  const recipes = special.flatMap(({ recipe }) => recipe ?? [])
  const all = [...said, ...recipes.map(say)].join('\n')
  const list = named
    // Loops drawn up are a stitch in rows alone: any recipe pulls some up.
    .filter(({ abbr, family, recipe }) =>
      seenAs(abbr[words.terms]).test(
        family === 'looped' || (recipe && !recipes.includes(recipe)) ? rows : all,
      ),
    )
    .map((stitch) => ({
      short: abbrOf(stitch, words),
      long: nameOf(stitch, words) + (stitch.recipe ? `: ${say(stitch.recipe)}` : ''),
      ...(stitch.recipe ? { special: stitch.id } : {}),
    }))
  return [
    ...list,
    ...others
      .filter(({ seen, short }) => (short === 'sk' ? /\b(?:sk|miss)\b/ : seen).test(all))
      .map(({ short, long }) => ({ short: say(short), long: say(long) })),
    { short: '(n)', long: 'stitches at the end of the row or round' },
  ].filter(({ short }, i, of) => of.findIndex((one) => one.short === short) === i)
}
