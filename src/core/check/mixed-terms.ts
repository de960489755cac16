import { onlyIn } from '../notation/index.ts'
import type { CheckOptions } from './checked.ts'
import { found, type Problem } from './problem.ts'

/** The vocabulary of a text: US unless it holds words that are only said in the UK, and none of the others. */
export const termsOf = (text: string): 'us' | 'uk' =>
  onlyIn.uk.test(text) && !onlyIn.us.test(text) ? 'uk' : 'us'

/** Words of both vocabularies in one text. */
export function mixedTerms(text: string, terms: CheckOptions['terms']): Problem[] {
  const [us, uk] = [onlyIn.us.exec(text), onlyIn.uk.exec(text)]
  const wrong = terms === 'us' ? uk : terms === 'uk' ? us : us && uk ? uk : null
  if (!wrong) return []
  const facts = {
    word: wrong[0],
    is: terms === 'uk' ? ('us' as const) : ('uk' as const),
    beside: us && !terms ? us[0] : null,
  }
  return [found('terms-mixed', facts, { from: wrong.index, to: wrong.index + wrong[0].length })]
}
