import { onlyIn } from '../notation/index.ts'
import type { CheckOptions } from './checked.ts'
import type { Problem } from './problem.ts'

/** The vocabulary of a text: US unless it holds words that are only said in the UK, and none of the others. */
export const termsOf = (text: string): 'us' | 'uk' =>
  onlyIn.uk.test(text) && !onlyIn.us.test(text) ? 'uk' : 'us'

/** Words of both vocabularies in one text. */
export function mixedTerms(text: string, terms: CheckOptions['terms']): Problem[] {
  const [us, uk] = [onlyIn.us.exec(text), onlyIn.uk.exec(text)]
  const wrong = terms === 'us' ? uk : terms === 'uk' ? us : us && uk ? uk : null
  if (!wrong) return []
  const other = terms === 'uk' ? 'a US' : 'a UK'
  return [
    {
      code: 'terms-mixed',
      severity: 'warning',
      message: `US and UK words are mixed: “${wrong[0]}” is ${other} word${us && !terms ? `, “${us[0]}” a US one` : ''}.`,
      from: wrong.index,
      to: wrong.index + wrong[0].length,
      mends: ['one vocabulary throughout'],
    },
  ]
}
