import type { Design } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { lineLabel, writtenPattern } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'

/* Correct patterns as text, in several writing styles, for checking the checker. */

type Restyle = (work: string) => string

const long: readonly (readonly [RegExp, string])[] = [
  [/\bsl st to join\b/g, 'join with slip stitch in first stitch'],
  [/\bhdc\b/g, 'half double crochet'],
  [/\bdc\b/g, 'double crochet'],
  [/\bsc\b/g, 'single crochet'],
  [/\bin each st (around|across)\b/g, 'in each stitch $1'],
  [/\bch (\d+)/g, 'chain $1'],
]

/** A repeat that is all of the row, as a star to the end. */
const starred: Restyle = (work) =>
  work
    .replace(
      /^((?:ch \d+(?: \([^)]*\))?(?:, turn)?, )?)\[([^[\]]*)\] × \d+((?:, in [A-Z])?(?:, sl st to join)?)$/,
      '$1*$2; rep from * around$3',
    )
    .replace(/(\d+) sc(?=,|;|$)/g, 'sc in next $1 sts')

/** Ways people write the same row. */
export const styles: Readonly<
  Record<string, { readonly terms: 'us' | 'uk'; readonly of: Restyle }>
> = {
  own: { terms: 'us', of: (work) => work },
  uk: { terms: 'uk', of: (work) => work },
  star: { terms: 'us', of: starred },
  long: {
    terms: 'us',
    of: (work) => long.reduce((text, [from, to]) => text.replace(from, to), work),
  },
}

/** The written pattern of a bag in one of the styles, with what stands between its rows. */
export function writtenIn(design: Design, style: string): string {
  const { terms, of } = styles[style]!
  const words = { ...defaultWords, terms }
  return writtenPattern(compile(design), words)
    .flatMap((piece) => [
      piece.name.toUpperCase(),
      ...piece.sections.flatMap((section) => [
        '',
        section.name,
        section.intro,
        ...section.notes,
        ...section.lines.flatMap((line) => [
          ...(line.note ? [line.note] : []),
          `${lineLabel(line)}: ${of(line.text)} (${line.total})`,
        ]),
      ]),
      ...piece.joins,
    ])
    .join('\n')
}
