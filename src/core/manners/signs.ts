import { S, type Rule } from './rule.ts'

/* Signs, blanks, and what was left out. */

/** Signs and short forms. */
export const signs: readonly Rule[] = [
  [/[\u2018\u2019\u00b4`]/g, "'"],
  [/[×✕✖]/g, 'x'],
  [/^(\s*)([A-Z]|MC|CC\d?)\s?:\s+/g, '$1$2, '],
  [
    /\b(\d+)-(?=(?:sc|hdc|htr|dc|tr|dtr|inc|dec)(?![\w-]| (?:cl|puff|bobble|popcorn|shell)))/gi,
    '$1 ',
  ],
  [/\bch\.(?=\s?\d)/gi, 'ch '],
  [/\bstems?\b/gi, 'post'],
  [/\b(\d+)-ch(?=\s*(?:[,;(]|and\b))/gi, 'ch $1'],
  [/<([^<>]*[a-z][^<>]*)>/gi, '($1)'],
  [/\s*(?:→|➡|➔|➜|⇒|->|=>|>>)\s*/g, ', '],
  [/…|\.{2,}|[!?]+/g, '.'],
  [/\b(\d+)\s?½/g, '$1'],
  // "d.c." and "f.o.", and words cut short with a point before more.
  [/\b(?:[a-z]\.){2,}/gi, (all) => all.replace(/\./g, '')],
  [
    /\b(sl|ch|chs|st|sts|sc|hdc|htr|dc|tr|ea|rep|rnd|rd|beg|sk|sp|sps|tog|foll|cont|rem|approx|incl|inc|dec|nxt)\.(?=[ )]?([a-z*;,()[]))/gi,
    (_, word, next) => (/[A-Z]/.test(next!) ? null : `${word} `),
  ],
]

/** What was done is to be done. */
export const past: readonly Rule[] = [
  [/\ball the way(?=\s*(?:[.,;]|$))/gi, 'around'],
  [/(?<=\b(?:sc|hdc|htr|dc|tr|inc|sts?)) then (?=\d|inc\b|dec\b)/gi, ', '],
  [/\ball (?:the )?(?:way )?round(?=\s*(?:[,;.]|$))/gi, 'around'],
  [/\b(?:take|with) (?:the )?(?:\w+ )?yarn(?: and|,)? (?=make|work|ch\b)/gi, ''],
  [/\bmake (?:a|the) (?:loop|ring|circle)\b(?! of)/gi, 'magic ring'],
  [/\bclose (?:the (?:round|ring) )?with (?:an? )?(?:slip stitch|sl st|ss)\b/gi, 'join'],
  [
    /,? (?:that|which|this) (?:is|counts as|makes) (?:your|the|a) first (sc|hdc|dc|tr|(?:single|double|half double|treble) crochet|st(?:itch)?)\b/gi,
    ' (counts as $1)',
  ],
  [/\b(1|one) more (?=(?:sc|hdc|dc|tr|single|double|half|treble)\b)/gi, '1 '],
  [/\bin all (?:of )?(?:the )?(\d+)(?: sts?)?(?!\s*(?:ch|sp))/gi, 'in each of next $1 sts'],
  [
    /\b(next|each|every|same|first|last|any) one\b(?! (?:st|sc|dc|hdc|tr|row|r(?:ou)?nd|ch|sp))/gi,
    '$1 st',
  ],
  [/\bsingles?\b(?! (?:crochet|strand|chain|thread|colou?r))/gi, 'sc'],
  [
    /(?<!\b(?:single|double|half|treble|triple)[- ])\b(?:crochet|put|pop|make) (?=(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) (?!chain|ch\b|magic|slip|loop|ring))/gi,
    '',
  ],
  // "…, tr in next tr) round": all the way.
  [
    /(?<!\b(?:the|each|every|this|next|last|of|per|a) )(?<=[)\w] )round(?=\s*(?:[,;]|$))/gi,
    'around',
  ],
  [/\bat (?:the )?base\b(?! of)/gi, 'in same st'],
  [/\bI (?=(?:\w+ed|made|did|went|then|now)\b)/gi, ''],
  [/\bchained\b/gi, 'ch'],
  [/\bturned\b/gi, 'turn'],
  [
    /\b(?:worked|crocheted)(?= (?:an? )?(?:sc|dc|hdc|tr|inc|dec|single|double|half|\d|one|two|three))/gi,
    'work',
  ],
  [/\bskipped(?= (?:\d|one|two|three|the next|a st|an? ))/gi, 'skip'],
]

/** "1 sc, 2 in the next, 1 in the last": the stitch that was said before. */
const asBefore: Rule = [
  new RegExp(
    `\\b(${S})\\b([^*()]*?(?:[.,;]|\\band\\b|\\bthen\\b)\\s*(?:then )?)(\\d+) (?=in(?:to)? (?:the )?(?:next|same|each|every|following|last|first|top)\\b)`,
    'gi',
  ),
  '$1$2$3 $1 ',
]

/** Bare numbers, where a stitch is meant. */
export const unsaid: readonly Rule[] = [
  asBefore,
  asBefore,
  asBefore,
  [/^(\s*)(\d+) (?=in(?:to)? (?:the |an? )?(?:magic|MR|ring))/gi, '$1$2 sc '],
  [/(?<=^\s*|[([{*,]\s*)(\d+)(?=, ?(?:inc|dec)\b)/gi, '$1 sc'],
  [/^(\s*)(?:in )?all(?: around)?(?=\s*[.;]?\s*$)/gi, '$1sc around'],
  [/\b(inc|dec|sc|hdc|dc) all(?=\s*(?:[.;,]|$))/gi, '$1 around'],
]

/** What was written without its blanks: "8scin ring", "in nextst". */
export const blanks: readonly Rule[] = [
  [/\b(\d*)(sc|hdc|dc|tr|htr)(in|into)\b/gi, '$1 $2 in'],
  [/\b(in|into)(ring|each|next|same|last)\b/gi, '$1 $2'],
  [/\b(next|each|last|first|same)(sts?|stitch|sc|hdc|dc|tr|chs?|sps?)\b/gi, '$1 $2'],
  [/[^\S\n]{2,}/g, ' '],
]
