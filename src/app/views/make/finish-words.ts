import type { Derived } from '@core/bag'
import { writtenPattern } from '@core/pattern'
import type { Words } from '@core/stitch'

/** How the last row of a piece ends. */
export const finishWordsOf = ({ ledger }: Derived, piece: string, words: Words): string =>
  writtenPattern(ledger, words).find(({ id }) => id === piece)?.finish ?? ''
