import { createToken, Lexer, type TokenType } from 'chevrotain'
import { vocabulary } from './vocabulary.ts'

/*
 * The words of the shorthand. Phrases that are always said together are one token, the longer before the shorter.
 */

const token = (name: string, pattern: RegExp, more: object = {}): TokenType =>
  createToken({ name, pattern, ...more })

const escaped = (text: string) => text.replace(/[-.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, '\\s+')
const oneOf = (forms: Iterable<string>) =>
  [...forms]
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|')

const Space = token('Space', /[\s\u00a0]+/, { group: Lexer.SKIPPED, line_breaks: true })

/** "(counts as dc)", "(does not count as a st)", "(with the start it counts as dc2tog)". */
export const Counts = token(
  'Counts',
  /\((?:[a-z ,-]*\s)?(?:does not |do not |don[’']t )?counts?\b[^()]*\)|\bcounts as (?:first |1st |a |an )?[a-z]+(?: st)?/i,
)
/** Remarks in brackets that say nothing to count: "(right side)", "(do not turn)". */
export const Aside = token(
  'Aside',
  /\((?:do not|don[’']t|right side|wrong side|RS|WS|see|made|place)\b[^()]*\)/i,
)
export const Join = token(
  'Join',
  /(?:sl st|slip stitch|ss)\s+(?:in(?:to)?\s+(?:the\s+)?1st\s+ch\s+to\s+(?:make|form)\s+a\s+ring|to\s+(?:join|close|first|1st|beg(?:inning)?|top)\b[^,;.()[\]*]*|in(?:to)?\s+(?:the\s+)?(?:first|1st|top|beg(?:inning)?)\b[^,;.()[\]*]*)|join(?:ed|ing)?\b[^,;.()[\]*]*/i,
)
export const OtherSide = token(
  'OtherSide',
  /(?:working\s+)?(?:on|in(?:to)?|along|down|across)\s+(?:the\s+)?(?:other|opposite)\s+side(?:\s+of\s+(?:the\s+)?(?:foundation\s+|beg(?:inning)?\s+|starting\s+)?(?:chain|ch|edge))?/i,
)
export const Leave = token(
  'Leave',
  /leav(?:e|ing)\s+(?:the\s+)?(?:rest|remaining|last)\b[^,;.()[\]*]*unworked/i,
)
export const RepFrom = token(
  'RepFrom',
  /rep(?:eat)?(?:ing)?\s+(?:from\s+)?(?:\*+|†)(?:\s+to\s+\*+)?/i,
)
export const FastenOff = token(
  'FastenOff',
  /fasten\s+off|\bFO\b|cut\s+(?:the\s+)?yarn|weave\s+in\s+(?:the\s+)?ends?/i,
)
export const Turn = token('Turn', /turn(?:ed)?\b/i)
export const Said = token(
  'Said',
  /do\s+not\s+(?:join|turn)|don[’']t\s+(?:join|turn)|(?:place|move|remove)\s+(?:a\s+)?(?:the\s+)?(?:stitch\s+)?marker[^,;.()[\]*]*|pm\b|with\s+(?:the\s+)?(?:right|wrong)\s+side\s+facing|in\s+the\s+same\s+(?:way|manner)|continue\s+in\s+(?:a\s+)?spiral[^,;.()[\]*]*|work(?:ing)?\s+in\s+(?:a\s+)?spiral[^,;.()[\]*]*|yo(?=\s*,\s*pull\s+through)/i,
)
export const ChSpace = token(
  'ChSpace',
  /ch(?:ain)?(?:[-\s]*\d+)?[-\s]*(?:spaces?|sps?|loops?|lps?)\b|(?:corner|next)?\s*\bsps?\b|spaces?\b|gaps?\b/i,
)
export const Below = token(
  'Below',
  /(?:(?:\d|one|two|three)\s+(?:rows?|rounds?|rnds?)|(?:the\s+)?(?:row|round|rnd))\s+(?:below|further\s+down)/i,
)
export const Gap = token(
  'Gap',
  /(?:gaps?|sps?|spaces?)\s+between\s+(?:the\s+)?(?:next\s+)?(?:\d+\s+)?(?:clusters?|groups?|shells?|fans?|sts|stitches|[23]-dc\s+groups?)|gaps?\b/i,
)
export const PickUp = token('PickUp', /pick\s+up(?:\s+and\s+work)?(?!\s+a?\s*loop)/i)
export const Ring = token(
  'Ring',
  /(?:a\s+|the\s+)?magic\s+(?:ring|circle|loop)|mr\b|(?:a\s+|the\s+)?(?:back bumps of\s+)?ring(?:\s+of\s+\d+\s+ch)?\b/i,
)
export const Bumps = token('Bumps', /into\s+the\s+back\s+bumps?/i)
export const Hook = token(
  'Hook',
  /(?:\d+(?:st|nd|rd|th)|second|third|fourth|fifth)\s+ch(?:ain)?\s+from\s+(?:the\s+)?hook/i,
)
export const From = token(
  'From',
  /(?:starting|beginning)\s+in(?:to)?(?:\s+the)?(?=\s+(?:\d|second|third|fourth|fifth))/i,
)
export const Starting = token('Starting', /work(?:ing)?\b/i)
export const Compound = token(
  'Compound',
  /\d+[-\s]?(?:dc|tr|hdc|sc|htr)[-\s]+(?:cluster|cl|bobble|popcorn|pc|puff|shell|fan)s?\b/i,
)
export const BackLoop = token(
  'BackLoop',
  /(?:in\s+)?(?:the\s+)?(?:blo\b|back\s+loops?(?:\s+only)?\b|bl\b)/i,
)
export const FrontLoop = token(
  'FrontLoop',
  /(?:in\s+)?(?:the\s+)?(?:flo\b|front\s+loops?(?:\s+only)?\b|fl\b)/i,
)
export const Stitch = token('Stitch', new RegExp(`(?:${oneOf(vocabulary.keys())})\\b`, 'i'))
export const Chain = token('Chain', /chains?\b|chs?\b-?|ch(?=\d)/i)
export const Skip = token('Skip', /sk\b|skip(?:ping)?\b|miss\b/i)
export const Start = token('Start', /standing\b|stacked\b/i)
export const TimesSign = token('TimesSign', /×|x(?=\s*\d)/i)
export const Around = token('Around', /(?:all\s+)?(?:the\s+way\s+)?around\b/i)
export const Across = token('Across', /(?:all\s+)?(?:the\s+way\s+)?across\b/i)
export const ToEnd = token(
  'ToEnd',
  /to\s+(?:the\s+)?end\b(?:\s+of\s+(?:the\s+)?(?:row|round|rnd))?/i,
)
export const ToLast = token('ToLast', /(?:to|until|till)\s+(?:the\s+)?(?:last|final)\b|until/i)
export const Remain = token('Remain', /remain(?:s)?\b/i)
export const Twice = token('Twice', /twice\b/i)
export const Once = token('Once', /once(?:\s+more)?\b/i)
export const More = token('More', /more\b/i)
export const Times = token('Times', /times?\b/i)
export const In = token('In', /in(?:to)?\b|over\b|on(?:to)?\b/i)
export const Next = token('Next', /next\b|following\b/i)
export const Each = token('Each', /each\b|every\b/i)
export const Of = token('Of', /of\b/i)
export const The = token('The', /the\b|remaining\b/i)
export const Article = token('Article', /an?\b/)
export const Same = token('Same', /same\b/i)
export const Last = token('Last', /last\b/i)
export const First = token('First', /first\b|1st\b/i)
export const Place = token('Place', /stitch(?:es)?\b|sts?\b/i)
export const And = token('And', /and\b|then\b|&/i)
export const With = token(
  'With',
  /(?:change\s+to|changing\s+to|with|using)\b(?:\s+(?:color|colour|yarn))?/i,
)
export const Letter = token('Letter', /[A-Z]\b/)
export const Integer = token('Integer', /\d+/)
export const Star = token('Star', /\*+|†/)
export const Open = token('Open', /[([{]/)
export const Close = token('Close', /[)\]}]/)
export const Separator = token('Separator', /[,;.]+/)
export const Unknown = token('Unknown', /[^\s,;.()[\]{}*]+/)

/** In the order they are tried. */
export const tokens: readonly TokenType[] = [
  Space,
  Counts,
  Aside,
  Join,
  OtherSide,
  Leave,
  RepFrom,
  FastenOff,
  Said,
  PickUp,
  Bumps,
  Hook,
  Compound,
  Below,
  Gap,
  ChSpace,
  Ring,
  BackLoop,
  FrontLoop,
  Stitch,
  Chain,
  Skip,
  Start,
  From,
  Starting,
  Turn,
  TimesSign,
  ToEnd,
  ToLast,
  Around,
  Across,
  Remain,
  Twice,
  Once,
  More,
  Times,
  With,
  In,
  Next,
  Each,
  Of,
  The,
  Article,
  Same,
  Last,
  First,
  Place,
  And,
  Letter,
  Integer,
  Star,
  Open,
  Close,
  Separator,
  Unknown,
]

export const lexer = new Lexer([...tokens], { positionTracking: 'onlyOffset' })
