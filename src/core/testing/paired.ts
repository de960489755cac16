import type { Design } from '../design/index.ts'
import { compile } from '../ledger/index.ts'

/** Whether all halves of a bag that must pair do: a bag where they do not is said to be so, and rightly. */
export function isPaired(design: Design): boolean {
  const ledger = compile(design)
  // Two handles on an odd round cannot face one another exactly.
  return (
    ledger.unequal === null &&
    ledger.pieces.every(({ parts, columns: { makes, onto } }) =>
      parts.every(
        ({ kind, firstRow }) =>
          kind !== 'handles' || onto[firstRow]! < 0 || makes[onto[firstRow]!]! % 2 === 0,
      ),
    )
  )
}
