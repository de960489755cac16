import fc from 'fast-check'
import { handWritten } from './hand-rows.ts'
import { manners } from './manners/index.ts'

const words = fc.constantFrom(
  ...'sc dc hdc inc dec ch sk next st sts in each around across * ; , . ( ) [ ] × x rep from to last more times turn ring magic same and the of 1 2 3 12 999999999 A B blo puff ch-sp hook 2nd until once twice Rnd Row : – - counts as \n fasten off join'.split(
    ' ',
  ),
)
const soup = fc.array(words, { maxLength: 60 }).map((list) => list.join(' '))
const lines = [...handWritten, ...manners.map(({ text }) => text)].flatMap((text) =>
  text.split('\n'),
)

/** A line that people wrote, with a piece of it put elsewhere, doubled, or replaced. */
const mutated = fc
  .record({
    line: fc.constantFrom(...lines),
    at: fc.nat({ max: 80 }),
    length: fc.nat({ max: 12 }),
    by: fc.oneof(words, fc.string({ maxLength: 8 }), fc.constant('')),
    times: fc.integer({ min: 1, max: 3 }),
  })
  .map(({ line, at, length, by, times }) => {
    const from = Math.min(at, line.length)
    return (line.slice(0, from) + by + line.slice(from + length)).repeat(times)
  })

/** The same few words again and again, as no one writes: what makes careless patterns try for ever. */
const again = fc
  .record({
    start: fc.constantFrom('Rnd 1: sc around (24) ', 'Row 1: sc (', 'Rnd 1: ', 'Row 1 ', ''),
    words: fc.array(
      fc.oneof(
        words,
        fc.constantFrom(
          'sl st to',
          'you have',
          'and',
          'working',
          'along',
          'every',
          'leaving',
          'fold',
          'multiple of',
          '**',
          '((',
          ' - ',
        ),
      ),
      { minLength: 1, maxLength: 4 },
    ),
    times: fc.integer({ min: 20, max: 150 }),
    end: fc.constantFrom('', '(x', '!', ')', ' counts', ' made)'),
  })
  .map(({ start, words: list, times, end }) => start + `${list.join(' ')} `.repeat(times) + end)

/** Texts a checker may be given: words of the trade in any order, broken rows, the same over and over, and anything at all. */
export const anyText: fc.Arbitrary<string> = fc.oneof(
  fc.array(mutated, { maxLength: 6 }).map((list) => list.join('\n')),
  soup.map((text) => `Rnd 1: ${text}`),
  again,
  fc.array(soup, { maxLength: 4 }).map((list) => list.join('\n')),
  fc.string({ unit: 'grapheme', maxLength: 200 }),
)
