import { NUMBER_WORDS, numberSaid } from '../manners/index.ts'

/* What is said between rows, and is work all the same: a chain to begin in, plain rows, rows until something measures so much. */

const STITCHES = /\b(?:sc|hdc|htr|dc|tr|dtr|single|double|treble|half|puff|bobble|shell)s?\b/i
const OPENS =
  /^(?:with|using|cast on|base|to begin|to start|begin|start|foundation|make|work|in|now|first|loosely|ch\b|chain\b|ch\d|\d+\s*ch)/i
const N = `(\\d{1,5}|${NUMBER_WORDS})`
/** "Multiple of 4 + 1. Here: ch 30." */
const HERE =
  /\bhere\b[:,]? (?:it is |i (?:made|worked|used) |make |work )?(?:ch(?:ain)?(?:ed)? )?(\d{1,5})\b/i
const CHAINS = [
  new RegExp(`\\bchain of (?:about )?${N}(?:\\s*\\+\\s*(\\d+))?\\b`, 'i'),
  new RegExp(`\\bch(?:ains?)?\\s*[:=]?\\s*${N}(?:\\s*\\+\\s*(\\d+))?\\b`, 'i'),
  new RegExp(`\\b${N}\\s*(?:loose )?ch(?:ains?)?\\b`, 'i'),
]

/** The chain a sentence says to begin in: "To begin, make a loose chain of 31 stitches"; null where it says none. */
export function chainSaid(text: string): number | null {
  const here = HERE.exec(text)
  if (here) return Number(here[1])
  if (STITCHES.test(text) || !OPENS.test(text.trim()) || !/\bch(?:ain)?/i.test(text)) return null
  for (const pattern of CHAINS) {
    const found = pattern.exec(text)
    if (found) return (numberSaid(found[1]!) ?? 0) + Number(found[2] ?? 0)
  }
  return null
}

const ROWS = '(?:rows?|rnds?|rounds?)'
const EVEN = [
  new RegExp(
    `^(?:then |now )?(?:work|continue|crochet|go on)?(?:ing)?\\s*(?:straight|even(?:ly)?|plain|without shaping)\\s+(?:for|over|on|in)?\\s*(?:the next )?${N} (?:more )?${ROWS}`,
    'i',
  ),
  new RegExp(
    `^(?:then |now )?(?:work|continue|crochet)?\\s*${N} (?:more |further )?${ROWS} (?:even|straight|plain|without (?:shaping|increas\\w+|decreas\\w+))`,
    'i',
  ),
]

/** So many rows worked as they stand: "Work even for 6 rounds"; null where it says none. */
export function evenSaid(text: string): number | null {
  for (const pattern of EVEN) {
    const found = pattern.exec(text.trim())
    if (found) return numberSaid(found[1]!)
  }
  return null
}

/** Rows of which nobody says how many: "Continue in pattern until it measures 18 cm". */
export const untilSaid = (text: string): boolean =>
  /^(?:then |now )?(?:continue|cont|work|keep|proceed|rep(?:eat)?|go on)\b.*\b(?:until|till|for)\b.*\b(?:measures?|cm|mm|in(?:ch(?:es)?)?|long|tall|high|wide|deep|desired|length|height)\b/i.test(
    text.trim(),
  )
