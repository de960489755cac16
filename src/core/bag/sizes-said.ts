import { baseOf, type Design } from '../design/index.ts'
import { constructionOf } from '../shape/index.ts'
import { footprintWords, printLength, type System } from '../units/index.ts'
import type { Tally } from './derive.ts'

/** A size, and what it is: "around". */
export interface SizeSaid {
  readonly mm: number
  readonly what: string
}

type Sizes = Pick<Tally, 'aroundMm' | 'flatMm' | 'heightMm' | 'footprint'>

/** The sizes a bag has: one piece that is not sewn has no way around. */
export function sizesOf(
  design: Design,
  { aroundMm, flatMm, heightMm }: Omit<Sizes, 'footprint'>,
): SizeSaid[] {
  // What only lies has no height.
  const tall = heightMm > 0 ? [{ mm: heightMm, what: 'tall' }] : []
  if (isOpen(design)) return [{ mm: flatMm, what: 'across' }, ...tall]
  return [{ mm: aroundMm, what: 'around' }, { mm: flatMm, what: 'laid flat' }, ...tall]
}

/** Whether it is one piece that is not sewn. */
export const isOpen = (design: Design): boolean => constructionOf(baseOf(design)).open === true

/** "58.8 cm around, 29.4 cm laid flat, 25.1 cm tall, from above 30.0 × 12.0 cm". */
export function sizeWords(design: Design, tally: Sizes, units: System): string {
  const { footprint } = tally
  const above = footprint.widthMm > 0 ? [`from above ${footprintWords(footprint, units)}`] : []
  const sizes = sizesOf(design, tally).map(({ mm, what }) => `${printLength(mm, units)} ${what}`)
  return [...sizes, ...above].join(', ')
}
