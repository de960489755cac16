import { asWritten, type Becomes, type Mapped, replaced } from './mapped.ts'
import { NTH_WORDS, NUMBER_WORDS, nthSaid, numberSaid } from './numbers.ts'
import { meantBy } from './slips.ts'

/*
 * The ways things are said, and how the shorthand says them: gone through from the first to the last. What the shorthand knows stays as
 * it is. One way is added here and nowhere else.
 */

type Rule = readonly [pattern: RegExp, becomes: Becomes]

const S = '(?:sl st|ss|sc|hdc|htr|dc|tr|dtr|trtr)'
const UNIT = '(?:stitch(?:es)?|sts?|chains?|chs?|spaces?|sps?|loops?)'
const NTH = '(\\d+)(?:st|nd|rd|th)'
/** What marks a repeat where another writes a star. */
const MARKS = '[+#§~°^@]'

/** Names of colours that runs are said in. */
const COLOURS =
  'red|orange|yellow|green|blue|purple|violet|pink|brown|black|white|grey|gray|cream|beige|teal|navy|gold|silver|rust|mustard|plum|oat|olive|coral|mint|lilac|burgundy|turquoise|natural|ecru|sand|ivory|brass|chalk|lavender|peach|maroon|charcoal'

/** Signs and short forms. */
const signs: readonly Rule[] = [
  [/[\u2018\u2019\u00b4`]/g, "'"],
  [/[×✕✖]/g, 'x'],
  [/\s*(?:→|➔|➜|⇒|->|=>|>>)\s*/g, ', '],
  [/…|\.{2,}|[!?]+/g, '.'],
  [/\b(\d+)\s?½/g, '$1'],
  // "d.c." and "f.o.", and words cut short with a point before more.
  [/\b(?:[a-z]\.){2,}/gi, (all) => all.replace(/\./g, '')],
  [
    /\b(sl|ch|chs|st|sts|ea|rep|rnd|rd|beg|sk|sp|sps|tog|foll|cont|rem|approx|incl|inc|dec|nxt)\.(?=[ )]?[a-z*;,()[])/gi,
    '$1 ',
  ],
]

/** What was written without its blanks: "8scin ring", "in nextst". */
const blanks: readonly Rule[] = [
  [/\b(\d*)(sc|hdc|dc|tr|htr)(in|into)\b/gi, '$1 $2 in'],
  [/\b(in|into)(ring|each|next|same|last)\b/gi, '$1 $2'],
  [/\b(next|each|last|first|same)(sts?|stitch|sc|hdc|dc|tr|chs?|sps?)\b/gi, '$1 $2'],
  [/[^\S\n]{2,}/g, ' '],
]

/** Long names and their short ones. */
const names: readonly Rule[] = [
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
const numbers: readonly Rule[] = [
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

/** What starting chains count as. */
const starts: readonly Rule[] = [
  [
    /\b(ch \d+|\d+ ?ch)\s*,?\s*\(?\s*(?:=|(?:this |which |it )?(?:is|as|for|equals|stands? (?:in )?for|serves as|replaces|acts as|makes|instead of|to count as))\s+(?:the |an? |your |1 )?(?:1st |first )?(dc|tr|hdc|htr|sc|dtr|st|stitch)\b\s*\)?/gi,
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
const counts: readonly Rule[] = [
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
  [/\b(\d+) (?:at|in) (?:a time|one go)\b/gi, '$1'],
  [/\bx\s?(\d+)\s?(?:times|x)\b/gi, 'x $1'],
  // "6x(3 sc, inc)" and "8(X, V)".
  [
    /(?<=^|[,;:.(*]\s*)(\d+)\s*x?\s*(\((?:[^()]|\([^()]*\))*\)|\[[^[\]]*\]|\{[^{}]*\})(?!\s*(?:x\s?\d|\d+ (?:more )?times|in\b|twice|around))/gi,
    '$2 x $1',
  ],
  [/\b(\d+) (?:times) (?:in all|in total|altogether|over)\b/gi, '$1 times'],
  [
    /(?<![)\]}*]\s?)(?<!\brep(?:eat)? (?:from \*\s?)?)(?<!\bmore )[,;.]\s*(\d+) times\b(?! more)/gi,
    ', repeat $1 times',
  ],
]

/** Two or more drawn together, increases by their step. */
const shapes: readonly Rule[] = [
  [/\bwork (\d) (?:sts? )?tog(?:ether)?\b/gi, (_, n) => (n === '2' ? 'dec' : `sc${n}tog`)],
  [/\b(\d) (sc|hdc|htr|dc|tr|dtr) tog(?:ether)?\b/gi, '$2$1tog'],
  [/\b(inc|dec)(?:rease)? (?:1|one)(?: st(?:itch)?)?(?= (?:in|over|at))/gi, '$1'],
  [/\bdec (?:over|across) (?:the )?(next|last) 2(?: sts?| stitches)?\b/gi, 'dec in $1 2 sts'],
  [
    /\b(?:continue |keep |go on )?(?:to )?(inc|dec)(?:reas)?(?:e|ing)? (\d+) ?(?:sts?|stitches)? (?:evenly )?(?:in|on|every|each)(?: (?:each|every|next))? (?:row|rnd|round)s?\b(?: (?:until|till|to)\b.*)?/gi,
    (_, what, n) => `sc in each st around, ${what!.toLowerCase()}reasing ${n} sts evenly`,
  ],
  [
    new RegExp(`\\b(inc|dec) after (?:every|each) (\\d+) ?${UNIT}?(?: around)?`, 'gi'),
    (_, what, n) => `[sc in each of next ${n} sts, ${what}] around`,
  ],
  [
    /\b(inc|dec) (?:1 )?(?:st )?(?:at|in) (?:both ends|each end|either end|(?:the )?beginning and (?:the )?end)(?: of (?:the )?row)?(?:, (?:sc |1 )?(?:in )?between)?/gi,
    (_, what) =>
      what!.toLowerCase() === 'inc'
        ? 'inc, sc in each st to last st, inc'
        : 'dec, sc in each st to last 2 sts, dec',
  ],
  [
    /^(\s*(?:ch \d+,? ?)?(?:turn,? ?)?)(?:no (?:more )?(?:inc|dec)\w*|(?:work )?(?:straight|even|plain))(?=\s*(?:[.;,]\s*turn|[.;]?\s*$))/gi,
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
const loops: readonly Rule[] = [
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

/** What is worked into. */
const into: readonly Rule[] = [
  [/\bper (?=(?:st|stitch|sc|dc|hdc)\b)/gi, 'in each '],
  [
    /\b(?:sl st|ss) to (?:the )?(?:cent(?:re|er)|middle) of (?:the )?(?:first |next |1st )?(?:ch-?\d* ?)?(?:loop|sp|space|arch)\b/gi,
    'sl st in next ch-sp',
  ],
  [/\b(?:of|on) (?:the )?(?:previous|prior|preceding|last) (?:round|rnd|row)\b/gi, ''],
  [/\b(?:pass over|leave out|jump over|omit|miss out)\b/gi, 'sk'],
  [/\bin(?:to)? (?:the )?(?:last|previous) \w+ (?:just )?made\b/gi, 'in same st'],
  [/\bin(?:to)? (?:the )?(?:cent(?:re|er)|middle) st(?:itch)?\b(?! of)/gi, 'in next st'],
  [/\bin(?:to)? (?:the |each |next )*corner\b(?! ?(?:ch|sp|st|loop|\d))/gi, 'in next st'],
  [/\bin(?:to)? (?:the )?st(?:itch)? below\b/gi, 'in next st 1 row below'],
  [/\breverse (?=sc\b)/gi, 'rev '],
  [
    /\b(?:through|in|into) (?:both|all) (?:loops )?(?:of )?(?:both|all|the two|the) (?:layers|pieces|edges|thicknesses)\b/gi,
    '',
  ],
  [/\bup to (?=(?:the )?last\b)/gi, 'to '],
  [new RegExp(`\\b(?:work )?1 (?:round|row|rnd) of (${S})\\b`, 'gi'), '$1 around'],
  [new RegExp(`\\b(${S}) in (?:next )?(\\d+)(?=\\s*[,;)\\]]|\\s*$)`, 'gi'), '$2 $1'],
  [/^(\s*)(?:sl st|ss) (?=between\b)/gi, '$1join '],
  [
    /\b(?:now )?(?:on|along|work(?:ing)? (?:on|along))?\s*(?:the )?other side(?: of (?:the )?(?:foundation |starting )?ch(?:ain)?)?:/gi,
    'working along other side of chain,',
  ],
  // A way to where the round begins is no join.
  [
    /^(\s*)(?:sl st|ss) (?:(?:in)?to|in) (?:the )?(?:first |1st |next |corner )*(?:ch(?:ain)?[- ]?\d*[- ]?|\d+[- ]?ch[- ]?)?(?:sp|space|loop)\b/gi,
    '$1sl st in next ch-sp',
  ],
  [/\b(?:in|into) (?:1|one) (?=(?:st|stitch|sp|space|place)\b)/gi, 'in next '],
  [/(\bmagic ring\b.*)\b(?:in)?to it\b/gi, '$1in ring'],
  [/\b[\w-]+'s (?=(?:ch(?:ain)?[- ]?\d*[- ]?)?(?:sps?|spaces?|loops?)\b)/gi, ''],
  // The gap that comes after what was skipped, not the one after it.
  [
    new RegExp(
      `\\b(skip|sk|miss) (\\d+)( ?(?:sts?|stitches|${S})?,? ?(?:\\d+ )?${S}) in (?:the )?(?:gap|space|sp) before (?:the )?(?:next )?\\w+`,
      'gi',
    ),
    (_, skip, n, what) => (Number(n) > 1 ? `${skip} ${Number(n) - 1}${what} in next gap` : null),
  ],
  [/\bbetween (?:the )?next (?:2 )?(?:pairs? of )?(?:hdc|sc|htr|tr|dtr)s?\b/gi, 'between next sts'],
  [
    new RegExp(`\\b(?:gap|space|sp) between (?:the )?next (?:2 )?${S}\\b`, 'gi'),
    'gap between next sts',
  ],
  [/\bround(?= (?:the|next|each|last|posts?)\b)/gi, 'around'],
  [
    new RegExp(`\\b(${S}) around (?:the )?(front|back) (?:of (?:the )?)?posts? of (?:the )?`, 'gi'),
    (_, st, side) => `${side![0]!.toLowerCase()}p${st} around `,
  ],
  [
    new RegExp(`\\b(front|back)(?:[- ](?:raised|post))+ (${S})\\b`, 'gi'),
    (_, side, st) => `${side![0]!.toLowerCase()}p${st}`,
  ],
  [
    new RegExp(`\\b(?:raised|relief) (${S}) (front|back)\\b`, 'gi'),
    (_, st, side) => `${side![0]!.toLowerCase()}p${st}`,
  ],
  [/\b(?:each and )?every (?=\d+(?:st|nd|rd|th))/gi, 'every '],
  [
    /\b(?:each and every|every single|every|all of the|all the|all)(?= (?:(?:next|last|remaining|following|rem)\b ?)?(?:\d+ )?(?:sts?|stitch(?:es)?|sc|hdc|dc|tr|htr|chs?|chains?|sps?|spaces?|loops?)\b)/gi,
    'each',
  ],
  [
    /\b(?:until|till|up to|right to|to) (?:(?:the )?end|(?:the )?marker|finish|you reach the (?:end|marker|start))(?: of (?:the )?(?:row|round|rnd))?\b/gi,
    'to end',
  ],
  [
    /\b(?:all|right|keep going|going|work)?[- ]?(?:the )?(?:way )?(?:all )?(?:round|around|across|along)(?: the (?:whole )?(?:round|rnd|row|way))?(?=\s*(?:[.;)\]]|$|\())/gi,
    (all) => (/across|along/i.test(all) ? ' across' : ' around'),
  ],
  [
    /\b(?:this|that) (?:same )?(?=(?:corner )?(?:ch[- ]?\d*[- ]?)?(?:sps?|spaces?|st|stitch|loop|place|gap)\b)/gi,
    'same ',
  ],
  [/\b(?:corner (?=(?:sps?|spaces?|ch)))/gi, ''],
  [
    /\bany (?:corner )?(?:ch[- ]?(\d*)[- ]?)?(?:sp|space|loop)\b/gi,
    (_, n) => `1st ch-${n || 1} sp`,
  ],
  [/\bany (?=(?:st|stitch|sc|hdc|dc|tr)\b)/gi, '1st '],
  [
    new RegExp(`\\bbetween any (?:2|two) (?:sts?|stitches|${S})\\b`, 'gi'),
    'between 1st and 2nd st',
  ],
  [/\bbetween (?:the )?next 2 /gi, 'between next '],
  [/\b(?:gap|space|sp) before (?:the )?(?:next )?(?:st|sc|hdc|dc|tr|group|cluster)\b/gi, 'gap'],
  [
    /\b(?:in|at) the (?:base|foot|bottom) of (?:the )?(?:same |starting |beginning |turning )?(?:ch(?:ain)?(?:[- ]?\d+)?|\d+[- ]?ch|st|stitch|t-ch)\b/gi,
    'in same st',
  ],
  [/\b(?:in|into) (?:the )?tops? of (?=(?:the )?(?:each|next|every)\b)/gi, 'in '],
  [
    /\b(?:(?:the )?(?:top|\d(?:st|nd|rd|th)(?: ch(?:ain)?)?) of )(?:the )?(?:beg(?:inning)? |first |starting |start |turning |initial )*(?:(\d+)[- ]?ch(?:ains?)?|ch(?:ain)?[- ]?(\d+))\b(?! ?-?(?:sps?|spaces?|loops?|lps?))/gi,
    (_, a, b) => `top of ch-${a || b}`,
  ],
  [
    /\b(?:(?:holes?|windows?|mesh(?:es)?|openings?|eyelets?))\b(?! ring)/gi,
    (all) => (/s$/i.test(all) ? 'ch-sps' : 'ch-sp'),
  ],
  [
    /\b(?:under|over) (?:the )?(next )?ch(?:ain)?(?:[- ]?(\d+))?(?:[- ]?(?:sp|space|loop))?\b/gi,
    (_, _next, n) => `in next ch-${n || 1} sp`,
  ],
  [/\b(\d+)[- ]?ch(?:ain)?[- ]?(sps?|spaces?|loops?|lps?|arch(?:es)?)\b/gi, 'ch-$1 $2'],
  [/\b(?:chain|ch)[- ](loop|space)(s?)\b/gi, 'ch-sp$2'],
  [/\b(v|shell|fan|group)'?s? (?:ch(?:ain)?[- ]?\d*[- ]?)(sps?|spaces?)\b/gi, 'ch-sp'],
  [
    /,?\s*(?:incl(?:uding)?\.?|and also|also) (?:the )?(?=top of|in top of|turning|t-ch)/gi,
    ' and ',
  ],
  [new RegExp(`\\b(${S}|sts?) (?:(?:in)?to|into) row \\d+\\b`, 'gi'), '$1 in next st'],
  [
    /\b(spike|long|dropped?) (sts?|stitch|sc|hdc|dc) (?:(?:in)?to|in|down to) (?:(?:the )?(?:row|rnd|round) \d+)\b/gi,
    'spike in next st',
  ],
  [
    new RegExp(`\\b(${S}) in (?:the )?st (\\d) rows? below (?:the )?next st\\b`, 'gi'),
    '$1 in next st $2 rows below',
  ],
  [
    new RegExp(
      `(?<!pick up .*)\\b(\\d+) (${S})(?: sts?)?(?: evenly)?(?: spaced)? (?:down|up|along|across|over|on) (?:the )?(?:(?:1st|2nd|first|second|other|next|left|right|short|long|same|free|side) )*(?:sides?|edges?|bottom|row[- ]?ends|ends of rows|selvedges?|top edge|top)\\b(?! of (?:the )?(?:foundation |starting )?ch)`,
      'gi',
    ),
    'pick up $1 $2',
  ],
]

/** How repeats are said. */
const repeats: readonly Rule[] = [
  [
    /\b(?:keep going|carry on|continue|go on)(?: like this| in this way)? (?=to end|around|across)/gi,
    'repeat ',
  ],
  [
    new RegExp(
      `(${MARKS})(?=.*\\brep(?:eat)?(?:ing)? (?:from )?\\1)|(?<=${MARKS}.*\\brep(?:eat)?(?:ing)? (?:from )?)${MARKS}`,
      'gi',
    ),
    '*',
  ],
  [/\brep(?:eat)? form (?=\*)/gi, 'repeat from '],
  [
    /\b(?:rep(?:eat)?(?:ing)? )(?:the )?(?:instructions? )?(?:in|between) (?:the )?(?:brackets|parentheses|\(\)|\[\])/gi,
    'repeat',
  ],
  [
    /\brep(?:eat)? (?:this|these|that)(?: (?:sequence|section|steps?|last \d+ (?:sts?|stitches)))?/gi,
    'repeat',
  ],
  [
    /\brep(?:eat)? from \* (?:for )?(?:a total of )?(\d+) times (?:in all|in total|altogether)/gi,
    (_, n) => `rep from * ${Number(n) - 1} more times`,
  ],
  [/\b(?:more )(\d+) times\b/gi, '$1 more times'],
  [/\b(\d+) times more\b/gi, '$1 more times'],
]

/** What is said beside the work, and counts nothing. */
const beside: readonly Rule[] = [
  [/\bno (?:more |further )?(?:inc|dec)(?:reas\w+)?s?\b,?/gi, ''],
  [
    /,?\s*\b(?:sl st|ss|slip stitch)\s*(?:in(?:to)?|to) (?:the )?(?:1st|first) (?:ch|chain|st|stitch|sc|hdc|dc|tr)(?=[.,;)]|\s*$)/gi,
    ', sl st to join',
  ],
  [
    /\b(?:taking care|being careful|careful|making sure|be careful) not to twist(?: (?:it|the chain|your chain))?/gi,
    'without twisting',
  ],
  [
    /\b(?:do|does|don't|do not) ?(?:not )?twist(?:ing)?\b(?: (?:it|the chain))?/gi,
    'without twisting',
  ],
  [
    /\b(?:break|cut|snip)(?: off)?(?: (?:the )?(?:yarn|thread|[A-Z]|both))?(?=[,.;]|\s*$|\s+and)|\bf\.?o\.?(?=[,.;]|\s*$)|\bfasten off (?:both|all|[A-Z])\b/gi,
    'fasten off',
  ],
  [
    /\b(?:weave|sew|darn|work|tuck) in(?: (?:the |all |all the |your )?(?:ends?|tails?))?(?=[,.;]|\s*$)/gi,
    'weave in ends',
  ],
  [
    /\b(?:drop|pick up|carry|leave|hold)(?: (?:the )?(?:yarn|colou?r))? (?:[A-Z]|MC|CC)\b(?: (?:along|behind|at the back|up the side))?(?=[,.;]|\s*$)/g,
    'throughout',
  ],
  [
    /\b(?:mov(?:e|ing)|plac(?:e|ing)|put(?:ting)?|mark(?:ing)?) (?:the |a |your )?(?:st(?:itch)? )?(?:marker|first|1st|last)\b[^,;.()[\]]*/gi,
    'place marker',
  ],
  [
    /\b(?:leave|leaving) (?:a|the) (?:long |short |\d+ ?(?:cm|in|inch) )?(?:tail|end)\b(?: [^,;.()]*)?/gi,
    'throughout',
  ],
  [
    /,?\s*\bworking (?:in front|behind|over|around|between)(?: of)? (?:the |these |those |them|it)[^,;.)]*/gi,
    '',
  ],
  [/\bmake (?:a )?slip knot\b(?: and)?/gi, 'throughout,'],
  [/\b(?:nice and )?(?:loose|loosely|tight|tightly|snug)\b/gi, ''],
]

const WORD = /(?<![\w'-])[a-z]{2,}(?![\w'-])/gi
const slips: readonly Rule[] = [[WORD, (word) => meantBy(word)]]

const table: readonly (readonly Rule[])[] = [
  ...[signs, blanks, slips, names, numbers, starts, shapes, loops, into, counts, repeats, beside],
]

const LONGEST = 3000

/** Words of the pattern: names in letters alone with what they are read as, and which words are no slips. */
export interface Own {
  readonly letters: ReadonlyMap<string, string>
  readonly isOwn: (word: string) => boolean
}
const NONE: Own = { letters: new Map(), isOwn: () => false }

/** Work in the shorthand, each character with where it was written. */
export function inShorthand(text: string, { letters, isOwn }: Own = NONE): Mapped {
  let mapped = asWritten(text)
  // What is longer is no row, and is not read as one.
  if (text.length > LONGEST) return mapped
  for (const [name, word] of letters)
    mapped = replaced(mapped, new RegExp(`(?<![A-Za-z-])${name}(?![A-Za-z])`, 'g'), word)
  for (const rules of table)
    for (const [pattern, becomes] of rules)
      mapped = replaced(
        mapped,
        pattern,
        rules === slips ? (word) => (isOwn(word!.toLowerCase()) ? null : meantBy(word!)) : becomes,
      )
  return mapped
}
