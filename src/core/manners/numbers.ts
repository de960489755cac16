/* Numbers in words: "twenty-four", "a dozen", "seventh". */

const UNITS =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  )
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ')
const NTHS = 'second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth'.split(
  ' ',
)

const [UNIT, TEN] = [UNITS.slice(1).join('|'), TENS.join('|')]
/** A number in words, for a larger pattern. */
export const NUMBER_WORDS = `(?:(?:${TEN})(?:[- ](?:${UNITS.slice(1, 10).join('|')}))?|${UNIT})`
export const NTH_WORDS = `(?:${NTHS.join('|')})`

/** What number words say; null where they say none. */
export function numberSaid(words: string): number | null {
  const text = words.toLowerCase().trim()
  if (/^\d+$/.test(text)) return Number(text)
  const unit = UNITS.indexOf(text)
  if (unit >= 0) return unit
  const [ten, one = 'zero'] = text.split(/[- ]+/)
  const at = TENS.indexOf(ten!)
  return at < 0 ? null : 20 + 10 * at + Math.max(0, UNITS.indexOf(one))
}

const SUFFIXES = ['th', 'st', 'nd', 'rd']
/** "2nd" of "second"; null for another word. */
export function nthSaid(word: string): string | null {
  const at = NTHS.indexOf(word.toLowerCase())
  if (at < 0) return null
  const n = at + 2
  return `${n}${n > 3 ? 'th' : SUFFIXES[n]}`
}
