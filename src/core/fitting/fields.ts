import type { ItemMade } from './made.ts'
import type { Words } from '../stitch/index.ts'

/** What can be changed of an item: the field of its document, and within what. Lengths in mm. */
export type Field<Item> = {
  readonly key: keyof Item & string
  readonly label: string
} & (
  | {
      readonly kind: 'choice'
      readonly options: readonly { readonly value: string | number; readonly label: string }[]
    }
  | { readonly kind: 'length' | 'whole'; readonly min: number; readonly max: number }
  | { readonly kind: 'text'; readonly max: number }
  | { readonly kind: 'yarn' | 'spot' | 'flag' | 'row' }
)

/** What is said beside a field's own value. */
export interface ToSay {
  readonly made: ItemMade
  readonly words: Words
  /** The name of a yarn by its letter. */
  readonly yarn: (letter: string) => string
  /** Where its spots are, in few words. */
  readonly places: readonly string[]
}

/** A piece of a sentence: plain words, or those of a field that they open. */
export type SaidPiece<Item> = string | readonly [key: keyof Item & string, text: string]
export type Says<Item> = (item: Item, to: ToSay) => readonly SaidPiece<Item>[]

/** Options of a choice, from a table of what each is called. */
export const optionsOf = (
  table: Readonly<Record<string, string>>,
): readonly { readonly value: string; readonly label: string }[] =>
  Object.entries(table).map(([value, label]) => ({ value, label }))
