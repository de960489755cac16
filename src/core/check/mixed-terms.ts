import { onlyIn } from '../notation/index.ts'
import type { CheckOptions } from './checked.ts'
import { found, type Problem } from './problem.ts'

/** A dc that begins in the second chain is the short one of the UK (common practice): the US one begins in the third or fourth. */
const SHORT_DC =
  /\b(?:dc|double crochet)s?\s+(?:in(?:to)?\s+)?(?:the\s+)?(?:2nd|second)\s+ch(?:ain)?\b/i
const STARTS_SHORT = /\bstarting in (?:the )?2nd ch(?:ain)? from (?:the )?hook, dc\b/i

/** The vocabulary of a text: US unless it holds what is only said in the UK, and none of the others' words. */
export const termsOf = (text: string): 'us' | 'uk' =>
  !onlyIn.us.test(text) && (onlyIn.uk.test(text) || SHORT_DC.test(text) || STARTS_SHORT.test(text))
    ? 'uk'
    : 'us'

/** Words that name another stitch there; many who write in US words say “miss” and “ss”. */
const STRONG_UK = /\b(?:htr|trtr|htr\dtog|half treble|double treble)\b/i

/** Words of both vocabularies in one text. */
export function mixedTerms(text: string, terms: CheckOptions['terms']): Problem[] {
  const [us, uk] = [onlyIn.us.exec(text), STRONG_UK.exec(text)]
  const wrong = terms === 'us' ? uk : terms === 'uk' ? us : us && uk ? uk : null
  if (!wrong) return []
  const other = terms === 'uk' ? onlyIn.us : STRONG_UK
  const facts = {
    word: wrong[0],
    is: terms === 'uk' ? ('us' as const) : ('uk' as const),
    beside: us && !terms ? us[0] : null,
    lines: text.split(/\r\n?|\n/).flatMap((line, i) => (other.test(line) ? [i + 1] : [])),
  }
  return [found('terms-mixed', facts, { from: wrong.index, to: wrong.index + wrong[0].length })]
}
