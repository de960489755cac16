/* Text as people read it: whole characters, and none that steer a screen. */

/** Text without control characters, line ends, marks that turn its direction, halves of characters and non-characters. */
export const WRITABLE =
  /^[^\p{Cc}\p{Cs}\p{Noncharacter_Code_Point}\u2028\u2029\u202a-\u202e\u2066-\u2069]*$/u
/** The same over several lines. */
export const WRITABLE_LINES = new RegExp(
  WRITABLE.source.replace('[^', '(?:\\n|[^').replace(']*', '])*'),
  'u',
)
const UNWRITABLE = new RegExp(WRITABLE.source.slice(1, -2).replace('[^', '['), 'gu')

/** Without what {@link WRITABLE} does not hold; line ends and tabs become spaces. */
export const writable = (text: string): string =>
  text
    .replace(/[\s\u2028\u2029]/g, ' ')
    .replace(UNWRITABLE, '')
    .replace(/ {2,}/g, ' ')

/** The same of every line of it. */
export const writableLines = (text: string): string => text.split(/\r?\n/).map(writable).join('\n')

const whole = new Intl.Segmenter('en', { granularity: 'grapheme' })

/** The first whole characters, of `most` UTF-16 units together at most: an emoji is never cut through. */
export function cutAt(text: string, most: number): string {
  if (text.length <= most) return text
  let end = 0
  // One character may be written with endless marks; past a few times the length nothing of it is taken.
  for (const { index, segment } of whole.segment(text.slice(0, most + 64))) {
    if (index + segment.length > most) break
    end = index + segment.length
  }
  return text.slice(0, end)
}

/** As it can stand in a message: on one line, and shortened with an ellipsis. */
export function shortened(text: string, most: number): string {
  const line = writable(text.slice(0, 4 * most + 64))
  return line.length <= most && text.length <= 4 * most + 64 ? line : `${cutAt(line, most - 1)}…`
}

/** A name for a copy: “… (copy)”, no longer than names are. */
export const copyName = (name: string, most = 80): string =>
  `${cutAt(name, most - ' (copy)'.length)} (copy)`

/** A word as it is said of so many: "stitch", "stitches", "pairs". */
export const plural = (count: number, one: string): string =>
  count === 1 ? one : one.replace(/(ch)?$/, (end) => `${end}${end ? 'es' : 's'}`)

/** "1 stitch", "24 pairs". */
export const counted = (count: number, one: string): string => `${count} ${plural(count, one)}`

/** "2", "2 and 4", "2, 4 and 5". */
export const listed = (words: readonly (string | number)[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

/** "1st", "2nd", "11th", "23rd". */
export function ordinal(n: number): string {
  const teen = n % 100 > 10 && n % 100 < 14
  return `${n}${(teen ? null : ['', 'st', 'nd', 'rd'][n % 10]) || 'th'}`
}
