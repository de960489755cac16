import { NTH_WORDS, NUMBER_WORDS, nthSaid, numberSaid } from './numbers.ts'
import { S, type Rule } from './rule.ts'

/* Names of stitches, and numbers in words. */

/** Long names and their short ones. */
export const names: readonly Rule[] = [
  [/\bhalf[- ]doubles?\b(?! crochet)/gi, 'hdc'],
  [
    /\b([23])d(?= (?:ch|st|sc|dc|hdc|tr|row|r(?:ou)?nd)\b)/gi,
    (_, n) => (n === '2' ? '2nd' : '3rd'),
  ],
  [/\bdoubles?\b(?= in(?:to)?\b)/gi, 'dc'],
  [/\b(picot|bobble|popcorn|puff|shell|fan)s? ?\([^()]*\b(?:ch|sc|dc|hdc|yo)\b[^()]*\)/gi, '$1'],
  [
    /(?<!\b(?:around|along|across) (?:the )?)\b(?:holes?|windows?|mesh(?:es)?|openings?|eyelets?|arch(?:es)?|gaps? of chains?)\b(?! ring)/gi,
    (all) => (/s$/i.test(all) ? 'ch-sps' : 'ch-sp'),
  ],
  [/\b(?:back|rear) (?:bumps?|humps?|bars?)\b|\bcamel loops?\b/gi, 'third loop'],
  [
    /\b(single|half[- ]?double|double|half[- ]?treble|treble|triple|double[- ]?treble)[- ]crochet(?:e?s|ed)?(?:[- ]?(two|three|2|3)[- ]?tog(?:ether)?)?\b/gi,
    longName,
  ],
  [/\bhalf[- ]?trebles?\b/gi, 'htr'],
  [/\bdouble[- ]trebles?\b/gi, 'dtr'],
  [/\b(?:trebles?|trebs?)\b/gi, 'tr'],
  [
    /\b(?:sl-?st|slst|slip-?st(?:itch)?|slip|sl|s\/s|slipstitch)\b(?! (?:knot|ring))(?:\s?st(?:itch)?(?:es)?\b)?/gi,
    'sl st',
  ],
  [
    /\b(?:an?\s+)?adjustable (?:ring|loop|circle)|\bmagic (?:loop|circle)|\bslip ring\b/gi,
    'magic ring',
  ],
  [/\bdecreas(?:e|es|ing)\b(?! \d)/gi, 'dec'],
  [/\bincreas(?:e|es|ing)\b(?! \d)/gi, 'inc'],
  [/\bea\b\.?/gi, 'each'],
  [/\b(?:t[- ]?ch|tc|turning ch(?:ain)?|beg[- ]ch|bch)(?=\s*\d)/gi, 'ch'],
]

function longName(_: string, name = '', many = ''): string {
  const low = name.toLowerCase().replace(/[- ]/g, '')
  const short =
    { single: 'sc', halfdouble: 'hdc', double: 'dc', halftreble: 'htr', doubletreble: 'dtr' }[
      low
    ] ?? 'tr'
  const together = { two: '2tog', three: '3tog', '2': '2tog', '3': '3tog' }[many]
  return short + (together ?? '')
}

/** Numbers in words; "an increase" is one. */
export const numbers: readonly Rule[] = [
  [
    new RegExp(`(?<=\\bin(?:to)? the )(${NTH_WORDS})(?=\\s*[,;.]|\\s*$)`, 'gi'),
    (_, nth) => nthSaid(nth!),
  ],
  [
    new RegExp(
      `\\b(${NTH_WORDS})(?=\\s+(?:ch|st|sc|dc|hdc|tr|of\\b|from|row|r(?:ou)?nd|and\\b|loop|sp))`,
      'gi',
    ),
    (_, nth) => nthSaid(nth!),
  ],
  [
    new RegExp(`\\b(?<!\\bno )(${NUMBER_WORDS})\\b(?!-| another)`, 'gi'),
    (_, words) => String(numberSaid(words!) ?? words),
  ],
  [
    new RegExp(
      `\\b(?:a|an) (?=(?:${S}|inc|dec|increase|decrease|puff|bobble|popcorn|shell|cluster)\\b)`,
      'g',
    ),
    '',
  ],
  [/\ba (?:couple|pair) of\b/gi, '2'],
  [/\b(?:the )?(?:other|remaining) (?=\d+ (?:sts?|stitches|sc|dc|hdc|tr)\b)/gi, 'next '],
]
