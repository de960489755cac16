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

/** Words that change nothing that is counted. */
const Filler = token(
  'Filler',
  /(?:evenly|loosely|tightly|carefully|simply|also|now|corner(?=\s+(?:ch|sps?|spaces?)\b)|indicated|designated|specified|beg(?:inning)?(?=\s+(?:cl|cluster|shell|v-st|puff|popcorn|bobble)\b))\b/i,
  { group: Lexer.SKIPPED },
)

/** "(counts as dc)", "(does not count as a st)", "(with the start it counts as dc2tog)". */
export const Counts = token(
  'Counts',
  /\((?:[a-z0-9 ,-]{0,80}\s)?(?:does not |do not |does[n’' ]+t |don[’']t |not )?count(?:s|ed)?\b[^()]*\)|(?:,\s*)?\b(?:does not|do not|does[n’']+t|don[’']t) count as (?:a |an |the )?(?:first )?[a-z]+(?: st)?|(?:,\s*)?\bcount(?:s|ed|ing) as (?:the )?(?:first |1st |a |an |one )?[a-z]+(?: st)?/i,
)
/** Remarks in brackets that say nothing to count, though they name stitches: "(increase made)", "(do not turn)". */
export const Aside = token(
  'Aside',
  /\((?:do not|don[’']t|right side|wrong side|RS|WS|see|made|place)\b[^()]*\)|\([^()]*\bmade\)/i,
)
export const Join = token(
  'Join',
  /(?:sl st|slip stitch|ss)\s+to\s+(?:make|form)\s+(?:a\s+|the\s+)?(?:ring|circle)\b|(?:sl st|slip stitch|ss)\s+(?:in(?:to)?\s+(?:the\s+)?1st\s+ch\s+to\s+(?:make|form)\s+a\s+ring|to\s+(?:join|close|(?:the\s+)?(?:first|1st|beg(?:inning)?|top))\b[^,;.()[\]*]*|in(?:to)?\s+(?:the\s+)?(?:first|1st|top|beg(?:inning)?)\b(?!\s+[2-9])[^,;.()[\]*]*|(?:in(?:to)?|to)\s+(?:the\s+)?\d(?:st|nd|rd|th)\s+ch\b(?!\s+from)[^,;.()[\]*]*)|join(?:ed|ing)?\b(?:(?!\b(?:an?\s+)?(?:standing|stacked)\b)[^,;.()[\]*])*|close\s+(?:the\s+)?(?:rnd|round|ring)\b[^,;.()[\]*]*/i,
)
export const OtherSide = token(
  'OtherSide',
  /(?:(?:rotate|turn(?:ing)?)\s+(?:the\s+work\s+)?(?:to|and)\s+)?(?:(?:now\s+)?work(?:ing)?\s+)?(?:back\s+)?(?:on|in(?:to)?|along|down|across|up)\s+(?:the\s+)?(?:(?:other|opposite|second|2nd)\s+side|(?:bottom|underside|(?:unused|free|remaining|bottom|opposite)\s+loops?)(?:\s+edge)?)(?:\s+of\s+(?:the\s+)?(?:foundation\s+|beg(?:inning)?\s+|starting\s+)?(?:chain|chs?|edge))?\b/i,
)
export const Leave = token(
  'Leave',
  /leav(?:e|ing)\s+(?:the\s+)?(?:rest|remaining|last|next|final)\b[^,;.()[\]*]*(?:unworked|unused)/i,
)
export const RepFrom = token(
  'RepFrom',
  /rep(?:eat)?(?:ing)?\s+(?:(?:instructions?\s+)?from\s+)?(?:first\s+)?(?:\*+|†)(?:\s+to\s+(?:\*+|†))?|rep(?:eat)?(?:ing)?\s+(?:instructions?\s+)?between\s+(?:the\s+)?(?:\*+\s+(?:and|to)\s+\*+|\*s|\*+|asterisks|stars)/i,
)
/** "Increasing 8 sts evenly": how many more or fewer than one in each. */
export const Change = token(
  'Change',
  /(?:inc(?:reas(?:e|ing))?|dec(?:reas(?:e|ing))?)\s+\d+\s*(?:sts?|stitches)?\s*(?:evenly|spaced)[^,;.()[\]*]*/i,
)
/** A row's last stitches, said after "in each st across" or a repeat: room is left for them. */
export const Ending = token('Ending', /end(?:ing|s)?\s+with\b/i)
/** Without its star: what stands before it in the brackets, or the row. */
export const Rep = token('Rep', /rep(?:eat(?:ed|ing)?|s)?\b(?!\s+(?:rows?|rnds?|rounds?)\b)/i)
export const FastenOff = token(
  'FastenOff',
  /fasten\s+off|\bFO\b|(?:break|cut)\s+(?:off\s+)?(?:the\s+)?yarn|weave\s+in\s+(?:the\s+)?(?:all\s+)?ends?/i,
)
export const Turn = token('Turn', /turn(?:ed|ing)?\b(?:\s+(?:the\s+|your\s+)?work)?/i)
export const Said = token(
  'Said',
  /work(?:ing)?\s+(?:the\s+)?last\s[^,;.()[\]*]*|along\s+(?:the\s|its\s|(?:row|round)\s\d)[^,;()[\]*]*|without\s+twisting(?:\s+it)?|put\s+(?:the|its)\s+loop\s+on\s+(?:a\s+)?marker[^,;.()[\]*]*|from\s+(?:now|here)\s+on(?:wards?)?|throughout|do\s+not\s+(?:join|turn)|don[’']t\s+(?:join|turn)|(?:place|move|remove)\s+(?:a\s+)?(?:the\s+)?(?:stitch\s+)?marker[^,;.()[\]*]*|pm\b(?:\s+in\s+(?:the\s+)?(?:first|1st|last)\s+st\w*)?|with\s+(?:the\s+)?(?:right|wrong)\s+side\s+facing|in\s+the\s+same\s+(?:way|manner)|continue\s+in\s+(?:a\s+)?spiral[^,;.()[\]*]*|work(?:ing)?\s+in\s+(?:a\s+)?(?:continuous\s+)?(?:spiral|rounds?)[^,;.()[\]*]*|(?:pull|tighten|close)\s+(?:the\s+)?ring[^,;.()[\]*]*|yo(?=\s*,\s*pull\s+through)/i,
)
/** The top of a chain that stands for a stitch: "top of turning ch", "top of ch-3", "3rd ch of beg ch-4". */
export const Top = token(
  'Top',
  /(?:(?:(?:the\s+)?top|\d(?:st|nd|rd|th)\s+ch(?:ain)?)\s+of\s+(?:the\s+)?)?(?:(?:turning|starting|start|beg(?:inning)?|initial)\s*[- ]?\s*ch(?:ain)?(?:\s*-?\s*\d+)?|t-?ch)\b|(?:(?:the\s+)?top|\d(?:st|nd|rd|th)\s+ch(?:ain)?)\s+of\s+(?:the\s+)?(?:ch(?:ain)?(?:\s*-?\s*\d+)?|\d+-ch)\b(?!\s*-?\s*(?:sp|space|loop|lp))/i,
)
/** The middle of several that stand together: "centre dc of next shell", "3rd dc of next fan". */
export const Centre = token(
  'Centre',
  /(?:the\s+)?(?:cent(?:re|er)|middle)\s+(?:(?:sc|hdc|dc|tr|htr|dtr|sts?|stitch)\s+)?of\s+(?:the\s+)?(?:(?:same|next|last|each|first|following)\s+)?(?:\d-?\s?(?:dc|tr|hdc)\s*)?(?:shells?|fans?|groups?|clusters?|scallops?)\b/i,
)
/** Which place "the same" is: "as join", "as the last sc". */
export const AsThere = token(
  'AsThere',
  /(?:as|where)\s+(?:the\s+|you\s+)?(?:join(?:ing|ed)?(?:\s+(?:sl\s+st|ss))?|sl\s+st|ss|(?:first|last|1st|prev(?:ious)?|beg(?:inning)?)\s+[a-z0-9-]+(?:\s+sts?\b)?|ch(?:ain)?\b-?\s*\d*)/i,
)
export const ChSpace = token(
  'ChSpace',
  /ch(?:ain)?(?:[-\s]*\d+)?[-\s]*(?:spaces?|sps?|loops?|lps?|arch(?:es)?)\b|\d+-ch[-\s]*(?:spaces?|sps?|loops?|lps?)\b|(?:corner|next)?\s*\bsps?\b|spaces?\b/i,
)
export const Below = token(
  'Below',
  /(?:(?:\d|one|two|three)\s+(?:rows?|rounds?|rnds?)|(?:in\s+)?(?:the\s+)?(?:row|round|rnd))\s+(?:below|further\s+down|down)/i,
)
export const Gap = token(
  'Gap',
  /(?:(?:next\s+)?(?:gaps?|sps?|spaces?)\s+)?between\s+(?:the\s+)?(?:next\s+)?(?:\d+\s+)?(?:clusters?|groups?|shells?|fans?|v-sts?|vs?\b|sts?|stitches|pairs?(?:\s+of\s+\w+)?|(?:[23]-)?dcs?\b(?:\s+groups?)?)|gaps?\b/i,
)
/** A gap counted from the beginning of the row: "sp between 6th and 7th V". */
export const NthGap = token(
  'NthGap',
  /(?:(?:the\s+)?(?:gaps?|sps?|spaces?)\s+)?between\s+(?:the\s+)?\d+(?:st|nd|rd|th)\s+and\s+(?:the\s+)?\d+(?:st|nd|rd|th)\b(?:\s+(?:clusters?|groups?|shells?|fans?|v-sts?|v\b|sts?\b|stitch(?:es)?\b|(?:sc|hdc|dc|tr)\b))?/i,
)
export const PickUp = token('PickUp', /pick\s+up(?:\s+and\s+work)?(?!\s+a?\s*loop)/i)
export const Ring = token(
  'Ring',
  /(?:a\s+|the\s+)?magic\s+(?:ring|circle|loop)|mr\b|(?:a\s+|the\s+)?(?:back bumps of\s+)?ring(?:\s+of\s+\d+\s+ch)?\b/i,
)
export const Bumps = token('Bumps', /into\s+the\s+back\s+bumps?(?:\s+of\s+(?:the\s+)?ch(?:ain)?)?/i)
export const Hook = token(
  'Hook',
  /(?:\d+(?:st|nd|rd|th)|second|third|fourth|fifth)\s+ch(?:ain)?\s+from\s+(?:the\s+)?hook/i,
)
export const From = token(
  'From',
  /(?:starting|beginning)(?:\s+in(?:to)?(?:\s+the)?(?=\s+(?:\d|second|third|fourth|fifth|sp\b|gap))|(?=\s+between))/i,
)
export const Starting = token(
  'Starting',
  /work(?:ing)?\b|make\b|form\b|create\b|(?:begin|start)\b(?:\s+with)?/i,
)
export const Compound = token(
  'Compound',
  /\d+[-\s]?(?:dc|tr|hdc|sc|htr)[-\s]+(?:cluster|cl|bobble|popcorn|pc|puff|shell|fan)s?\b|\d[-\s]?(?:dc|tr|hdc|sc|htr|dtr)\s*-?\s*tog(?:ether)?\b|(?:dc|tr|hdc|sc|htr|dtr)\s+\d\s*-?\s*tog(?:ether)?\b|(?:dc|tr|hdc|sc|htr|dtr)\d\s*-?\s+tog(?:ether)?\b/i,
)
export const ThirdLoop = token(
  'ThirdLoop',
  /(?:in(?:to)?\s+)?(?:the\s+)?(?:3rd|third)\s+loops?(?:\s+only)?\b/i,
)
export const BothLoops = token('BothLoops', /(?:in(?:to)?|through|under)\s+both\s+loops\b/i)
export const Post = token('Post', /(?:the\s+)?posts?\s+of\b/i)
export const BackLoop = token(
  'BackLoop',
  /(?:(?:in(?:to)?|through)\s+)?(?:the\s+)?(?:blo\b|back\s+loops?(?:\s+only)?\b|bl\b)/i,
)
export const FrontLoop = token(
  'FrontLoop',
  /(?:(?:in(?:to)?|through)\s+)?(?:the\s+)?(?:flo\b|front\s+loops?(?:\s+only)?\b|fl\b)/i,
)
export const Stitch = token('Stitch', new RegExp(`(?:${oneOf(vocabulary.keys())})\\b`, 'i'))
/** A loop that hangs, or a space of chains, said without more. */
export const Loop = token('Loop', /(?:loops?|lps?)\b/i)
export const Chain = token('Chain', /chains?\b|chs?\b-?|ch(?=\d)/i)
export const Skip = token('Skip', /sk\b|skip(?:ping)?\b|miss\b/i)
export const Start = token('Start', /(?:an?\s+)?(?:standing|stacked)\b/i)
export const TimesSign = token('TimesSign', /×|x(?=\s*\d)/i)
export const Around = token('Around', /(?:all\s+)?(?:the\s+way\s+)?around\b/i)
export const Across = token('Across', /(?:all\s+)?(?:the\s+way\s+)?across\b/i)
export const ToEnd = token(
  'ToEnd',
  /to\s+(?:the\s+)?end\b(?:\s+of\s+(?:the\s+)?(?:row|round|rnd))?/i,
)
export const ToSpace = token(
  'ToSpace',
  /(?:to|until|till|up to)\s+(?:the\s+)?(?:next\s+)?corner\b(?:\s+(?:ch-?\d*[\s-]?)?(?:sp|space))?/i,
)
export const ToLast = token(
  'ToLast',
  /(?:to|until|till)\s+(?:within\s+)?(?:the\s+)?(?:last|final)\b|until/i,
)
export const Remain = token('Remain', /remain(?:s)?\b/i)
export const Twice = token('Twice', /twice\b/i)
export const Once = token('Once', /once(?:\s+more)?\b/i)
export const More = token('More', /more\b/i)
export const Times = token('Times', /times?\b|x\b/i)
export const In = token(
  'In',
  /in(?:to)?\b|over\b|on(?:to)?\b|through\b|to(?=\s+(?:(?:the\s+)?next\s+)?(?:ch\b|st\b|ch-))/i,
)
export const Next = token('Next', /next\b|following\b/i)
export const Each = token('Each', /each\b|every\b|ea\b\.?/i)
export const Of = token('Of', /of\b/i)
export const The = token('The', /the\b/i)
export const Remaining = token('Remaining', /remaining\b/i)
export const Article = token('Article', /an?\b/)
export const Same = token('Same', /same\b/i)
/** The stitch before: "around it", "around the post of the dc just made". */
export const JustMade = token(
  'JustMade',
  /it\b|(?:posts?\s+of\s+)?(?:the\s+)?[a-z]{2,5}\s+just\s+(?:made|worked)\b/i,
)
/** Places that were passed over: "the skipped sts", "each of the 2 skipped sts". */
export const Skipped = token(
  'Skipped',
  /(?:each\s+of\s+)?(?:the\s+)?(?:\d+\s+)?(?:skipped|missed)\s+(?:sts?|stitch(?:es)?)\b/i,
)
export const Last = token('Last', /last\b/i)
export const First = token('First', /first\b|1st\b/i)
/** Counted from the beginning of the row: "in the 7th st". */
export const Nth = token('Nth', /\d+(?:st|nd|rd|th)\b/i)
export const Place = token('Place', /stitch(?:es)?\b|sts?\b|places?\b/i)
export const And = token('And', /and\b|then\b|&|\+/i)
export const With = token(
  'With',
  /(?:(?:chang(?:e|ing)\s+to|switch(?:ing)?\s+to|with|using|in)\s+(?:the\s+)?(?:colou?r|col\.?|yarn)|(?:colou?r|col\.?)(?=\s+[A-Z0-9]\b)|chang(?:e|ing)\s+to|switch(?:ing)?\s+to|with|using)(?![a-z])/i,
)
export const Letter = token('Letter', /yarn-[A-Za-z]+|MC\b|CC\d?\b|Vs\b|[A-Z]\b/)
export const Integer = token('Integer', /\d+/)
export const Star = token('Star', /\*+|†/)
export const Open = token('Open', /[([{]/)
export const Close = token('Close', /[)\]}]/)
export const Separator = token('Separator', /[,;.:]+/)
export const Unknown = token('Unknown', /[^\s,;.:()[\]{}*]+/)

/** In the order they are tried. */
export const tokens: readonly TokenType[] = [
  Space,
  Filler,
  Counts,
  Aside,
  Join,
  OtherSide,
  Leave,
  RepFrom,
  Rep,
  Change,
  Ending,
  FastenOff,
  Said,
  PickUp,
  Bumps,
  Hook,
  Top,
  Centre,
  AsThere,
  Skipped,
  JustMade,
  Compound,
  Below,
  NthGap,
  Gap,
  ChSpace,
  Ring,
  ThirdLoop,
  BothLoops,
  Post,
  BackLoop,
  FrontLoop,
  Stitch,
  Loop,
  Chain,
  Skip,
  Start,
  From,
  Starting,
  Turn,
  TimesSign,
  ToEnd,
  ToSpace,
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
  Remaining,
  Article,
  Same,
  Last,
  First,
  Place,
  And,
  Letter,
  Nth,
  Integer,
  Star,
  Open,
  Close,
  Separator,
  Unknown,
]

export const lexer = new Lexer([...tokens], { positionTracking: 'onlyOffset' })

/** Whether all of a text is words of the shorthand, whatever they say together. */
export const isKnown = (text: string): boolean =>
  lexer
    .tokenize(text)
    .tokens.every(({ tokenType }) => tokenType !== Unknown && tokenType !== Letter)

/** Words that phrases of the shorthand are made of. */
export const phraseWords: ReadonlySet<string> = new Set(
  tokens.flatMap(({ PATTERN }) =>
    PATTERN instanceof RegExp ? (PATTERN.source.match(/(?<![\\a-z])[a-z]{3,}/g) ?? []) : [],
  ),
)
