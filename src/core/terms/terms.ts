/*
 * The trade's words for stitches, US and UK. Names and abbreviations: Craft Yarn Council, Standards and Guidelines for Crochet
 * and Knitting.
 */

/** Basic stitches: their US abbreviation, and every way they are written, US first. */
export const basicWords: readonly {
  readonly us: string
  readonly uk: string
  readonly long: readonly string[]
}[] = [
  { us: 'sl st', uk: 'ss', long: ['slip stitch', 'slip st', 'sl-st', 'slst'] },
  { us: 'sc', uk: 'dc', long: ['single crochet'] },
  {
    us: 'hdc',
    uk: 'htr',
    long: ['half double crochet', 'half double', 'half treble crochet', 'half treble'],
  },
  { us: 'dc', uk: 'tr', long: ['double crochet'] },
  {
    us: 'tr',
    uk: 'dtr',
    long: [
      'treble crochet',
      'triple crochet',
      'treble',
      'trc',
      'double treble crochet',
      'double treble',
    ],
  },
  { us: 'dtr', uk: 'trtr', long: ['triple treble'] },
  { us: 'esc', uk: 'edc', long: ['extended single crochet', 'exsc'] },
]
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

/** Every word of a text at once, so that none is changed twice. */
function saidWith(words: ReadonlyMap<string, string>): (text: string) => string {
  const longest = [...words.keys()].sort((a, b) => b.length - a.length)
  const any = new RegExp(`\\b(?:${longest.join('|')})(?=\\d?(?:tog)?s?\\b)`, 'g')
  return (text) => text.replace(any, (word) => words.get(word)!)
}

/** A text in US shorthand said in UK terms. */
export const inUkTerms = saidWith(new Map(pairs))
/** A text in UK shorthand said in US terms. */
export const inUsTerms = saidWith(new Map(pairs.map(([us, uk]) => [uk, us])))
