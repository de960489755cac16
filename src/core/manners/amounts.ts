import { NTH, S, UNIT, type Rule } from './rule.ts'

/* How many: what starting chains count as, runs, increases by their step, loops. */

/** Names of colours that runs are said in. */
const COLOURS =
  'red|orange|yellow|green|blue|purple|violet|pink|brown|black|white|grey|gray|cream|beige|teal|navy|gold|silver|rust|mustard|plum|oat|olive|coral|mint|lilac|burgundy|turquoise|natural|ecru|sand|ivory|brass|chalk|lavender|peach|maroon|charcoal'

/** What starting chains count as. */
export const starts: readonly Rule[] = [
  [
    /^(.*?)\s*\((?:over|on|along) (?:a |the )?(?:foundation |starting )?ch(?:ain)? of (\d+)\)/gi,
    'ch $2, $1',
  ],
  [
    /(?<=\b(?:ch \d+|\d+ ?ch) )\((dc|tr|hdc|htr)(?: ?(?:\+|and|&|,|plus) ?(?:ch[ -]?(\d+)|(\d+) ?ch))?\)/gi,
    (_, st, one, other) => `(counts as ${st}${one || other ? ` and ch ${one || other}` : ''})`,
  ],
  [
    /\((?:\d+ ?ch|ch ?\d+) ?(?:=|is|are|counts? as) ?(?:1 |an? |the )?(?:first )?(dc|tr|hdc|htr|st)\b[^()]*\)/gi,
    '(counts as $1)',
  ],
  [
    /\((?:[^()]*\b)?counts? as (?:the |an? |1 |first |1st )*(?:\d-\w+ )?(?:cluster|cl|bobble|puff|popcorn)\)/gi,
    '(does not count as a st)',
  ],
  [
    /\((?:=|is|as|counts as) ?(?:1 )?(dc|tr|hdc|htr) ?(?:\+|and|&|,|plus) ?(?:a |1 )?(?:ch|chain)[ -]?(\d*)(?: ?(?:sp|space))?\)/gi,
    (_, st, n) => `(counts as ${st} and ch ${n || 1})`,
  ],
  [
    /\b(ch \d+|\d+ ?ch)\s*,?\s*\(?\s*(?:=|(?:this |which |it )?(?:is|as|for|equals|stands? (?:in )?for|serves as|replaces|acts as|makes|instead of|to count as))\s+(?:the |an? |your |1 )?(?:1st |first )?(?:post |raised )?(dc|tr|hdc|htr|sc|dtr|st|stitch)\b(?:,? (?:here|now|and|throughout|always|from here on|in all rows|in every (?:row|round))\b)*\s*\)?/gi,
    '$1 (counts as $2)',
  ],
  [
    /\((?:(?:is |it is |this is )?not |never |isn't |no )(?:an? |counted|count|the )?[^()]*\)/gi,
    '(does not count as a st)',
  ],
  [
    /\((?:= |is |as )(?:an? |the |1 )?(?:first |1st )?(dc|tr|hdc|htr|sc|dtr|st|stitch)(?: here)?\)/gi,
    '(counts as $1)',
  ],
  [
    /\((\d+) skipped chs? (?:=|is|are|as) (?:an? |the )?(?:first |1st )?(dc|tr|hdc|htr|sc)\)/gi,
    '(skipped $1 ch counts as $2)',
  ],
]

/** How many in a row, before and after. */
export const counts: readonly Rule[] = [
  [/\b(sc|hdc|htr|dc|tr) \((\d+)\)(?=\s*(?:,|starting|beginning|from|in\b))/gi, '$2 $1'],
  [/(?<=[)\]}])(?<!\((?:[A-Z]|MC|CC\d?)\))\s?(\d+)(?=\s*(?:[,;=.)]|$))/g, ' x $1'],
  // "8 times: sc, inc"
  [
    /^(\s*(?:ch \d+[,;] ?)?)(?:in (?:the |a )?ring[:,]? )(\d+) times:? ([^*()]+?)(?=\s*[.;]?\s*$)/gi,
    '$1($3 in ring) x $2',
  ],
  [/^(\s*(?:ch \d+[,;] ?)?)(\d+) times:? ([^*()]+?)(?=\s*[.;]?\s*$)/gi, '$1($3) x $2'],
  [
    /\*,? (?:and )?(?:work|rep(?:eat)?)(?:ing)? (?:from )?\* to \* (\d+) times (?:in all|in total|altogether)/gi,
    '* x $1',
  ],
  [/(?<=\d ?[A-Z])-(?=\d+ ?[A-Z]\b)/g, ', '],
  [/^(\s*\d+ ?[A-Z](?:, ?\d+ ?[A-Z])+) ?x ?(\d+)(?=\s*$)/g, '($1) x $2'],
  [new RegExp(`(?<![)\\]}*]\\s?)\\b(\\d+) ?x (?=(?:${S}|inc|dec)\\b)`, 'gi'), '$1 '],
  [/\b(sc|hdc|htr|dc|tr|dtr|inc|dec)(?:\s?x\s?|\*)(\d+)\b(?!\s*tog)/gi, '$2 $1'],
  [/\b(sc|hdc|htr|dc|tr|dtr|inc|dec)(\d+)\b(?!\s?-?tog)/gi, '$2 $1'],
  // "(sc, inc) * 6" and "inc*6"; a star with a blank after it may end a repeat.
  [/(?<=[)\]}])\s*\*\s*(?=\d+\b(?!\s*(?:sc|hdc|dc|tr|htr|inc|dec|ch|sts?|times)\b))/gi, ' x '],
  [/(?<=\w)\*(?=\d+\b)/gi, ' x '],
  [/\b(\d+)ch\b(?![- ]?(?:sps?|spaces?|loops?|lps?|arch))/gi, 'ch $1'],
  // "(sc, ch 2) twice in each st".
  [
    /\(([^()]*)\),? (twice|[2-6] times|x [2-6])(?= in(?:to)? )/gi,
    (_, inner, often) => {
      const many = /twice/i.test(often!) ? 2 : Number(/\d/.exec(often!)![0])
      return `(${new Array<string>(many).fill(inner!).join(', ')})`
    },
  ],
  // Colours by runs: "(A) 2, (B) 1", "A4 B2".
  [/\(([A-Z]|MC|CC)\)\s*(\d+)(?!\s*(?:sc|hdc|dc|tr|htr|ch|inc|dec|sl)\b|\d)/g, '$2 $1'],
  [
    /(?<![A-Za-z-])([A-QS-Z])\s?(\d{1,3})(?=[\s,;)\]]*(?:[A-Z]\s?\d|repeat|rep\b|around|to end|$|\s*[)\]]))/g,
    '$2 $1,',
  ],
  [
    new RegExp(`\\b(\\d+) (${COLOURS})\\b(?! (?:sc|hdc|dc|tr|htr|sts?|stitch))`, 'gi'),
    '$1 yarn-$2',
  ],
  [/\b([A-Q]|MC|CC\d?) ?[-–:=] ?(\d+)(?=\s*(?:[,;)\]]|$))/g, '$2 $1'],
  [/\b(\d+) (?:at|in) (?:a time|one go)\b/gi, '$1'],
  [/\bx\s?(\d+)\s?(?:times|x)\b/gi, 'x $1'],
  // "6x(3 sc, inc)" and "8(X, V)".
  [
    /(?<=^|[,;:.(*]\s*)(\d+)\s*x?\s*(\((?:[^()]|\([^()]*\))*\)|\[[^[\]]*\]|\{[^{}]*\})(?!\s*(?:x\s?\d|\d+ (?:more )?times|in\b|twice|around))/gi,
    '$2 x $1',
  ],
  [/\b(\d+) (?:times) (?:in all|in total|altogether|over)\b/gi, '$1 times'],
  [
    /(?<![)\]}*]\s?)(?<!\brep(?:eat)? (?:from \*\s?)?)(?<!\bmore )(?:[,;.]|\s[-–—])\s*(\d+) times\b(?! more)/gi,
    ', repeat $1 times',
  ],
]

/** Two or more drawn together, increases by their step. */
export const shapes: readonly Rule[] = [
  [
    /\b(inc|dec) (?:1 )?in (?:the )?(?:first|1st) and (?:the )?last (?:st(?:itch)?|sc|hdc|dc)s?(?:,? (?:and )?(?:1 )?(?:sc )?(?:in )?between)?/gi,
    '$1 at both ends',
  ],
  [new RegExp(`\\b(inc|dec) (?=(?:every|each) (?:other|\\d+(?:st|nd|rd|th)) )`, 'gi'), '$1 in '],
  [new RegExp(`\\binc (?:in )?every ([2-9]|1\\d) (?:${UNIT})`, 'gi'), 'inc in every $1th st'],
  [
    /^(\s*(?:ch \d+,? ?)?(?:turn,? ?)?)(inc|dec)(?:reas(?:e|ing))? (\d+) ?(?:sts?|stitches)? evenly(?: spaced)?(?: around| across)?(?=\s*(?:[.;,]|$))/gi,
    (_, lead, what, n) =>
      `${lead}sc in each st around, ${what!.toLowerCase()}reasing ${n} sts evenly`,
  ],
  [/\bwork (\d) (?:sts? )?tog(?:ether)?\b/gi, (_, n) => (n === '2' ? 'dec' : `sc${n}tog`)],
  [/\b(\d) (sc|hdc|htr|dc|tr|dtr) tog(?:ether)?\b/gi, '$2$1tog'],
  [
    new RegExp(`\\b(${S}) (?:the )?(?:next )?(\\d) ?(?:${UNIT}|${S})? ?tog(?:ether)?\\b`, 'gi'),
    '$1$2tog',
  ],
  [/\b(?:work |crochet )?(?:the )?(?:next )?2 (?:sts? |stitches )?(?:tog|together)\b/gi, 'dec'],
  [
    new RegExp(
      `\\b(?:every|each) (${NTH} )?(?:${UNIT}) doubled?\\b|\\bdoubl(?:e|ing) (?:every|each) (${NTH} )?(?:${UNIT})`,
      'gi',
    ),
    (_, a, _n, b) => `inc in every ${a || b}st`,
  ],
  [
    new RegExp(
      `\\b(?:every|each) ${NTH} (?:and|&|\\+) ${NTH} (?:${UNIT}) (?:crochet(?:ed)? |worked )?tog(?:ether)?\\b`,
      'gi',
    ),
    (_, n) => `[sc in each of next ${Number(n) - 1} sts, dec] around`,
  ],
  [/\b(inc|dec)(?:rease)? (?:1|one)(?: st(?:itch)?)?(?= (?:in|over|at))/gi, '$1'],
  [/\bdec (?:over|across) (?:the )?(next|last) 2(?: sts?| stitches)?\b/gi, 'dec in $1 2 sts'],
  [
    /\b(?:continue |keep |go on )?(?:to )?(inc|dec)(?:reas)?(?:e|ing)? (\d+) ?(?:sts?|stitches)? (?:evenly )?(?:in|on|per|every|each)(?: (?:each|every|next))? (?:row|rnd|round)s?\b(?: (?:until|till|to)\b.*)?/gi,
    (_, what, n) => `sc in each st around, ${what!.toLowerCase()}reasing ${n} sts evenly`,
  ],
  [
    new RegExp(`\\b(inc|dec) after (?:every|each) (\\d+) ?${UNIT}?(?: around)?`, 'gi'),
    (_, what, n) => `[sc in each of next ${n} sts, ${what}] around`,
  ],
  [
    /\b(inc|dec) (?:1 )?(?:st )?(?:(?:at|in|on) )?(?:both sides|each side|either side|both edges|each edge|both ends|each end|either end|(?:the )?beginning and (?:the )?end)(?: of (?:the )?row)?(?:, (?:sc |1 )?(?:in )?between)?/gi,
    (_, what) =>
      what!.toLowerCase() === 'inc'
        ? 'inc, sc in each st to last st, inc'
        : 'dec, sc in each st to last 2 sts, dec',
  ],
  [
    /^(\s*(?:ch \d+,? ?)?(?:turn,? ?)?)(?:no (?:more )?(?:inc|dec)\w*|(?:work )?(?:(?:1|one) (?:round|row|rnd) )?(?:straight|even|plain|without (?:any )?(?:inc\w*|dec\w*|shaping)))(?=\s*(?:[.;,]\s*turn|[.;]?\s*$))/gi,
    '$1sc around',
  ],
  [new RegExp(`\\b(${S}) (?:even|straight|plain)\\b`, 'gi'), '$1 around'],
  [/\bwork (?=(?:to|until) (?:the )?last\b)/gi, 'sc in each st '],
  [
    new RegExp(`\\binc in (?:every|each) (?:other|2nd) ?${UNIT}?`, 'gi'),
    '[sc in next st, inc] around',
  ],
  [
    new RegExp(`\\binc in (?:every|each) ${NTH} ?${UNIT}?(?: around| across)?`, 'gi'),
    (_, n) => `[sc in each of next ${Number(n) - 1} sts, inc] around`,
  ],
  [
    new RegExp(
      `\\bdec (?:in|over) (?:every|each) ${NTH} (?:and|&|\\+) ${NTH} ?${UNIT}?(?: around| across)?`,
      'gi',
    ),
    (_, n) => `[sc in each of next ${Number(n) - 1} sts, dec] around`,
  ],
]

/** Loops, however they are named. */
export const loops: readonly Rule[] = [
  [/\b(?:tbl|in bl|in back lps?|back lps?|bl only)\b/gi, 'blo'],
  [/\b(?:tfl|in fl|in front lps?|front lps?|fl only)\b/gi, 'flo'],
  [
    new RegExp(`\\b(blo?|flo?)(${S})\\b`, 'gi'),
    (_, loop, st) => `${st} ${loop!.toLowerCase().startsWith('b') ? 'blo' : 'flo'}`,
  ],
  [new RegExp(`\\b(${S})(blo|flo)\\b`, 'gi'), '$1 $2'],
  [
    new RegExp(`\\b(blo|flo) (\\d+ )?(${S})\\b(?! (?:blo|flo))`, 'gi'),
    (_, loop, n, st) => `${n ?? ''}${st} ${loop}`,
  ],
  [new RegExp(`\\b(blo|flo) (${S}|\\d+ ${S})`, 'gi'), '$2 $1'],
  [new RegExp(`\\b(${S} (?:blo|flo)) (\\d+)\\b`, 'gi'), (_, st, n) => `${n} ${st}`],
  [
    /,?\s*\(?\b(?:all )?(?:in|through|into|using|with)(?: the)? (?:back|front)(?: horizontal)? loops?(?: only)?\)?\s*$/gi,
    '',
  ],
]
