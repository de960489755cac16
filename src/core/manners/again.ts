import { S, type Rule } from './rule.ts'

/* How repeats are said, and what is said beside the work. */

/** What marks a repeat where another writes a star. */
const MARKS = '[+#§~°^@]'

/** How repeats are said. */
export const repeats: readonly Rule[] = [
  [/,? (?:and )?(?:we )?keep (?:that|this|it) up (?=around|to|across)/gi, ', repeat '],
  [
    /(\brep(?:eat)? from \*),? ending in(?:to)? (?:the )?(?:first|last) (?:ch-)?(?:sp|space|loop|st)\b/gi,
    '$1',
  ],
  [/,? and (?=rep(?:eat)?\b(?! from))/gi, ', '],
  [
    new RegExp(
      `\\b((?:\\d+ )?${S}) (?:and|with) ((?:\\d+ )?${S}) (?:alternat\\w+|in turn)(?: to end| across| around)?`,
      'gi',
    ),
    '[$1, $2] to end',
  ],
  [
    new RegExp(
      `\\balternat(?:e|ing|ely) ((?:\\d+ )?${S}) (?:and|with) ((?:\\d+ )?${S})(?: to end| across| around)?`,
      'gi',
    ),
    '[$1, $2] to end',
  ],
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
  [
    /,?\s*\b(?:then )?(?:and so on|and so forth|etc\b\.?)(?: (?:to|until) the end(?: of the (?:round|row|rnd))?| around| all the way around)?/gi,
    ', repeat to end',
  ],
  [/\b(?:more )(\d+) times\b/gi, '$1 more times'],
  [/\b(\d+) times more\b/gi, '$1 more times'],
  [
    /\b(rep(?:eat)?(?: this| these)?) (once|twice) more\b/gi,
    (_, rep, n) => `${rep} ${n === 'twice' ? 3 : 2} times`,
  ],
]

/** What is said beside the work, and counts nothing. */
export const beside: readonly Rule[] = [
  [/,?\s*\b(?:after (?:it|that|them)|thereafter|afterwards)\b/gi, ''],
  [/,?\s*\bwithout (?:any )?(?:inc|dec|shaping)\w*\b/gi, ''],
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
