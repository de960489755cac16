import { derive } from '../bag/index.ts'
import { bookletOf, type Choices } from '../booklet/index.ts'
import type { Design } from '../design/index.ts'
import { projectOf } from '../project/index.ts'
import { defaultWords, type Words } from '../stitch/index.ts'

/** How a booklet is printed where a test says nothing else. */
export const choices = (over: Partial<Choices> = {}): Choices => ({
  ...{ shows: 'both', ticks: 'rows', large: false, colour: true, paper: 'a4', changes: false },
  piece: null,
  ...over,
})

/** The booklet of a bag, and what is known of the bag. */
export function bookletFor(
  design: Design,
  {
    words = defaultWords,
    paged = false,
    ...over
  }: Partial<Choices> & { readonly words?: Words; readonly paged?: boolean } = {},
) {
  const derived = derive(projectOf(design), words)
  const paper = bookletOf({ design, derived, words, choices: choices(over), paged })
  return { design, derived, paper }
}
