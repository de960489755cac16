import { NTH, S, UNIT, type Rule } from './rule.ts'

/* Where something is worked. */

/** What is worked into. */
export const into: readonly Rule[] = [
  [
    /\b(each (?:st|sc|hdc|dc|tr)) (?:up )?to (?:the )?(?:next )?(?:corner )?(?:ch(?:ain)?-?\d*[ -]?)?(?:sp|space|loop)\b/gi,
    '$1 to corner',
  ],
  [
    /\b(?:ch [34]|[34] ?ch),? (?:ss|sl st) in(?:to)? (?:the )?(?:first|1st|3rd|4th|same|top)(?: of (?:these|those|the))? (?:ch(?:ain)?s?|st)(?: (?:made|from (?:the )?hook))?(?: \(picot(?: made)?\)|(?<=these ch))/gi,
    'picot',
  ],
  [
    /\bin(?:to)? (?:the )?(?:next )?(?:skipped|missed|unworked|free) (?:sts?|stitch(?:es)?|sc) (?:of (?:the row )?)?(\d) rows? below/gi,
    'in next st $1 rows below',
  ],
  [/\ball (?=in(?:to)? )/gi, ''],
  [/^(\s*)all (?:in )?([A-Z]|MC|CC\d?|yarn-\w+)(?=\s*[.;]?\s*$)/g, '$1with $2, sc around'],
  [/\b(?:in|into) (?:1|one)(?=\s*(?:[,;)*]|$))/gi, 'in next st'],
  [/\b(in(?:to)? )(?:the )?end (ch(?:ain)?|st)\b/gi, '$1last $2'],
  [/\b(?:go on|carry on|keep on|continue) (?=(?:along|down|across|on) the\b)/gi, 'working '],
  [/\bas (?:the )?first(?=\s*(?:[,;.)]|$))/gi, 'as first sc'],
  [
    /\bin(?:to)? (?:the )?(?:1st|first) and (?:the )?(?:2nd|second)(?: sts?)?\b/gi,
    'in each of first 2 sts',
  ],
  [
    new RegExp(
      `\\bto (?:the )?last 2 (${S}|sts?), (${S}) in (?:both|each of (?:them|these|those))\\b`,
      'gi',
    ),
    'to last 2 $1, $2 in each of last 2 sts',
  ],
  [/\buntil (\d+) (?:sts? )?(?:remain|are left)\b/gi, 'to last $1 sts'],
  [
    /\bleav(?:e|ing) (?:the )?(?:last )?(\d+)(?: (?:sts?|stitches))? unworked/gi,
    'leave last $1 sts unworked',
  ],
  [
    /\bto (?:the )?last (\d+)(?: sts?)?(?=[,;]? (?:turn,? )?leave last \1 sts unworked)/gi,
    'to end',
  ],
  [
    /,?\s*\b(?:omit(?:ting)?|leav(?:e|ing) out) (?:the )?(?:very )?last [^,;.()*]*/gi,
    ', ending with',
  ],
  // "1 hdc in the first st, 2 hdc in the 2nd, repeat": of each repeat.
  [
    new RegExp(
      `\\bin(?:to)? (each of )?(?:the )?(?:1st|first)\\b(?: (\\d+))?(?: (${UNIT}|${S}))?((?:,| and) (?:and )?(?:then )?(?:\\d+ )?(?:${S}|inc|dec)) in(?:to)? (?:the )?(?:${NTH}|next)(?: (?:${UNIT}|${S}))?(?=.*\\b(?:rep|repeat|around)\\b)`,
      'gi',
    ),
    (_, each, n, unit, then) =>
      `in ${each || ''}next ${n ? `${n} ` : ''}${unit || 'st'}${then} in next st`,
  ],
  [
    new RegExp(
      `^(\\s*)(?:(?:starting|beginning|starts?|begins?) (?:from|in|with)|from) (?:the )?${NTH} ch(?:ain)?(?: from (?:the )?hook)?[:,]? (?:work )?(?:(\\d+) )?(${S}|inc)(?: (\\d+))?(?! in)`,
      'gi',
    ),
    (all, lead, _nth, before, st, after) => {
      const more = Number(before || after || 1) - 1
      const into = `${lead}${st} in ${/\d+(?:st|nd|rd|th)/.exec(all!)![0]} ch from hook`
      return more > 0 ? `${into}, ${more} ${st}` : into
    },
  ],
  [new RegExp(`\\bbetween (?:each|every) (?=(?:st|${S})s?\\b)`, 'gi'), 'in each gap '],
  [
    new RegExp(
      `[.,;]?\\s*\\b\\d+ (?:${S}|sts?|stitches) (?:(?:on|along) (?:each|every) side|per side|between (?:the )?corners)`,
      'gi',
    ),
    '',
  ],
  [
    new RegExp(`\\b((?:\\d+ )?${S} in (?:the )?(?:magic )?(?:ring|MR)),? x (\\d+)`, 'gi'),
    '($1) x $2',
  ],
  [
    new RegExp(`^(\\s*(?:\\d+ )?(?:${S}|inc)) in (?:the )?(2nd|3rd|4th) ch(?:ain)?(?=\\s*,)`, 'gi'),
    '$1 in $2 ch from hook',
  ],
  [
    new RegExp(
      `\\b(${S}) in each of (?:the )?(\\d+) ch(?:ain)?s?,? (?:beginning|starting) (?:with|from|in|at) (?:the )?(2nd|3rd|4th)(?: ch(?:ain)?)?(?: from (?:the )?hook)?`,
      'gi',
    ),
    (_, st, n, nth) => `${st} in ${nth} ch from hook, ${Number(n) - 1} ${st}`,
  ],
  [
    new RegExp(
      `\\b(\\d+) (${S}),? working in(?:to)? (?:the )?(2nd|3rd|4th) ch(?:ain)?(?: from (?:the )?hook)? and (?:the )?next(?: (?:one|\\d+))?(?: ch(?:ain)?s?)?`,
      'gi',
    ),
    (_, n, st, nth) => `${st} in ${nth} ch from hook, ${Number(n) - 1} ${st}`,
  ],
  [
    new RegExp(
      `^(?:\\s*along (?:the|all) (?:edges?|sides?)[:,]?\\s*)?(\\d+) (${S}) (?:on|along|down) each of (?:the |its )?(?:4|four) sides(?:,? (?:and|with) (\\d+) (?:more )?(?:${S}) in each (?:of the )?corners?)?`,
      'gi',
    ),
    (_, n, st, more) => `pick up ${4 * (Number(n) + Number(more || 0))} ${st}`,
  ],
  [
    new RegExp(
      `^(\\s*\\d+ ${S}) (?:over|around) (?:the )?(?:\\w+ )?(?:cord|rope|core|string)\\b`,
      'gi',
    ),
    '$1 in ring',
  ],
  [/\bclose (?:(?:in)?to|as) a (?:circle|ring)\b/gi, 'join'],
  [/\b(\d+)-ch (?:buttonhole|gap|opening|handle)\b/gi, 'ch-$1 sp'],
  // “Last dc in top of ch-3”: of the last repeat.
  [
    new RegExp(
      `,?\\s*\\b(?:working |with |placing |making |and )?(?:the )?(?:very )?last (?:${S}|st|stitch) (?:is |made |worked |goes )?(?:in|into|on) (?:the )?(?:top|\\d(?:st|nd|rd|th) ch|t-?ch|turning)[^,;.()*]*`,
      'gi',
    ),
    '',
  ],
  [new RegExp(`\\b(?:shell|fan|group) of (\\d+ ${S})`, 'gi'), '$1'],
  [
    new RegExp(`\\b(bobble|puff|popcorn|cluster)(?: st(?:itch)?)? of (\\d+) (${S})\\b`, 'gi'),
    '$2-$3 $1',
  ],
  [/\bper (?=(?:st|stitch|sc|dc|hdc)\b)/gi, 'in each '],
  [
    /\b(?:sl st|ss) (?:up )?to (?:the )?(?:cent(?:re|er)|middle) of (?:the )?(?:first |next |1st )?(?:ch-?\d* ?)?(?:loop|sp|space|arch)\b/gi,
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
  [
    new RegExp(
      `(?:\\b1 )?\\b(${S}) in (?:the )?(?:next )?(\\d+)(?: (?:sts?|stitches|${S}))?(?=\\s*[,;)\\]*.]|\\s*$)`,
      'gi',
    ),
    '$2 $1',
  ],
  [/^(\s*)(?:sl st|ss) (?=between\b)/gi, '$1join '],
  [
    /\b(?:now |continue )?(?:on|along|work(?:ing)? (?:on|along))?\s*(?:the )?other side(?: of (?:the )?(?:foundation |starting )?ch(?:ain)?)?:/gi,
    'working along other side of chain,',
  ],
  // A way to where the round begins is no join.
  [
    /^(\s*)(?:sl st|ss) (?:(?:in)?to|in) (?:the )?(?:first |1st |next |corner )*(?:ch(?:ain)?[- ]?\d*[- ]?|\d+[- ]?ch[- ]?)?(?:sp|space|loop|lp)\b/gi,
    '$1sl st in next ch-sp',
  ],
  [/\b(?:in|into) (?:1|one) (?=(?:st|stitch|sp|space|place)\b)/gi, 'in next '],
  [
    new RegExp(
      `^(\\s*)in(?:to)? (?:the |a )?(?:magic )?ring,? (?:work |make )?(\\d+ ${S})\\b`,
      'gi',
    ),
    '$1$2 in ring',
  ],
  [/^(\s*)in(?:to)? (?:the |an? )?(?:magic )?ring,? (?:work |make )?(?=[[(*])/gi, '$1magic ring, '],
  [
    new RegExp(
      `\\b(${S}) (in (?:the )?\\d+(?:st|nd|rd|th) ch from (?:the )?hook),? and (?=across|to end|along)`,
      'gi',
    ),
    '$1 $2, $1 ',
  ],
  [
    new RegExp(
      `\\b(\\d+) (${S}),? (?:(?:starting|beginning) (?:from|in|with)|from) (?:the )?${NTH} ch(?:ain)?\\b(?: from (?:the )?hook)?`,
      'gi',
    ),
    (all, n, st) =>
      `${st} in ${/\d+(?:st|nd|rd|th)/.exec(all!)![0]} ch from hook, ${Number(n) - 1} ${st}`,
  ],
  [/(\bmagic ring\b.*)\b(?:in)?(?:to|in) (?:it|the (?:loop|circle))\b/gi, '$1in ring'],
  [
    /\b(around|along|across) (?:the |your )(?:whole |entire )?(?:base|bag|body|piece|opening|edge|ring|panel|mouth|rim|top|bottom(?! (?:edge )?of (?:the )?(?:\w+ )?ch)|circle)(?: edge)?(?: of (?:the |your )?(?:base|bag|body|piece|opening|panel|pouch))?\b/gi,
    '$1',
  ],
  [new RegExp(`\\b([7-9]|\\d{2,}) (${S}) around(?=\\s*(?:$|[.;,]))`, 'gi'), '$1 $2'],
  // A corner that begins with the chain: all of it goes into the one space.
  [
    new RegExp(
      `\\b(ch \\d+(?: \\([^()]*\\))?), ((?:(?:\\d+ )?${S}|ch \\d+)(?:, (?:(?:\\d+ )?${S}|ch \\d+))+) (?:all )?in(?:to)? (?:the )?same (?:corner )?(sp|space|loop|ch-sp|st|place)\\b`,
      'gi',
    ),
    '$1, ($2) in same $3',
  ],
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
    /\b(?:under|over) (?:the )?(next )?ch(?:ain)?(?:[- ]?(\d+))?(?:[- ]?(?:sp|space|loop))?\b/gi,
    (_, _next, n) => (n ? `in next ch-${n} sp` : 'in next ch-sp'),
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
