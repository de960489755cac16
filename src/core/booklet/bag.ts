import type { Derived, PatternSheet } from '../bag/index.ts'
import type { Design } from '../design/index.ts'
import type { Compiled } from '../ledger/index.ts'
import type { Words } from '../stitch/index.ts'
import type { Choices } from './choices.ts'

/** A bag on its way to paper: what is said of it, and how that is wanted. */
export interface Printed {
  readonly design: Design
  readonly derived: Derived
  readonly words: Words
  readonly choices: Choices
  readonly sheet: PatternSheet
  /** Pictures of it there are, by their name. */
  readonly pictures: ReadonlySet<string>
  /** The room of a page in points; null where what is printed has no pages. */
  readonly room: { readonly width: number; readonly height: number } | null
}

export const compiledOf = ({ design, derived }: Printed): Compiled => ({
  design,
  ledger: derived.ledger,
})
