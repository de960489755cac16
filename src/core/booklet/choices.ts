import type { Print } from '../workshop/index.ts'

/** How a pattern is to be handed on. */
export interface Choices extends Print {
  /** One piece alone, by its id; null for the whole bag. */
  readonly piece: string | null
}

/** How much larger drawings are in large type. */
export const largerBy = ({ large }: Pick<Choices, 'large'>): number => (large ? 1.35 : 1)

/** Size of the text, in points. */
export const sizeOf = ({ large }: Pick<Choices, 'large'>): number => (large ? 14 : 10)
