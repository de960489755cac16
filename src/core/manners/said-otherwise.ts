import { beside, repeats } from './again.ts'
import { counts, loops, shapes, starts } from './amounts.ts'
import { asWritten, type Mapped, replaced } from './mapped.ts'
import { names, numbers } from './names.ts'
import { into } from './places.ts'
import type { Rule } from './rule.ts'
import { blanks, past, signs, unsaid } from './signs.ts'
import { meantBy } from './slips.ts'

/*
 * The ways things are said, and how the shorthand says them: gone through from the first to the last. What the shorthand knows stays as
 * it is. One way is added in these lists and nowhere else.
 */

const WORD = /(?<![\w'-])[a-z]{2,}(?![\w'-])/gi
const slips: readonly Rule[] = [[WORD, (word) => meantBy(word)]]

const table: readonly (readonly Rule[])[] = [
  ...[
    signs,
    past,
    blanks,
    slips,
    names,
    numbers,
    unsaid,
    starts,
    shapes,
    loops,
    into,
    counts,
    repeats,
    beside,
  ],
]

const LONGEST = 3000

/** Words of the pattern: names in letters alone with what they are read as, and which words are no slips. */
export interface Own {
  readonly letters: ReadonlyMap<string, string>
  readonly isOwn: (word: string) => boolean
  /** Names of its yarns. */
  readonly yarns?: readonly string[]
}
const NONE: Own = { letters: new Map(), isOwn: () => false }

/** Work in the shorthand, each character with where it was written. */
export function inShorthand(text: string, { letters, isOwn, yarns = [] }: Own = NONE): Mapped {
  let mapped = asWritten(text)
  // What is longer is no row, and is not read as one.
  if (text.length > LONGEST) return mapped
  for (const [name, word] of letters)
    mapped = replaced(mapped, new RegExp(`(?<![A-Za-z-])${name}(?![A-Za-z])`, 'g'), word)
  if (yarns.length > 0)
    mapped = replaced(
      mapped,
      // Where it says “with”, any name is one.
      new RegExp(
        `(?<![\\w-])(?<!\\b(?:[Ww]ith|[Uu]sing|[Tt]o|[Jj]oin(?:ing)?|[Aa]ttach|yarn) )(?:colou?r )?(${yarns.join('|')})(\\s?:)?(?![\\w-])`,
        'g',
      ),
      (_, name, colon) => `yarn-${name}${colon ? ',' : ''}`,
    )
  for (const rules of table)
    for (const [pattern, becomes] of rules)
      mapped = replaced(
        mapped,
        pattern,
        rules === slips ? (word) => (isOwn(word!.toLowerCase()) ? null : meantBy(word!)) : becomes,
      )
  return mapped
}
