import type { Words } from '../stitch/index.ts'
import type { Spot } from '../part/index.ts'

/** What a new item begins from. */
export interface FittingFrom {
  readonly piece: string
  /** Letter of its yarn. */
  readonly letter: string
}

/** Yarn an item takes of one letter: that of so many sc, and so many tails. */
export interface ItemYarn {
  readonly letter: string
  readonly inSc: number
  readonly tails: number
}

/** An item as it comes out. */
export interface ItemMade {
  readonly lengthMm: number
  /** Chains it is worked of. */
  readonly chains: number
  readonly yarns: readonly ItemYarn[]
}

/** What its words are made of: as it comes out, and where its spots are, in words. */
export interface ItemSaid<Item> {
  readonly item: Item
  readonly made: ItemMade
  readonly places: readonly string[]
  readonly words: Words
}

/**
 * One kind of thing that stands beside the pieces and has no rows: a cord, a bought handle, a ring. All that the program knows of it;
 * nobody asks which kind it is.
 */
export interface Fitting<Item> {
  readonly document: new () => Item
  readonly name: string
  readonly hint: string
  readonly begin: (from: FittingFrom) => Omit<Item, 'id'>
  readonly spots: (item: Item) => readonly Spot[]
  readonly withSpots: (item: Item, spots: readonly Spot[]) => Partial<Item>
  readonly yarns: (item: Item) => readonly string[]
  readonly withYarn: (item: Item, from: string, to: string) => Partial<Item>
  /** @param stitchWidthMm of the bag's own stitch */
  readonly made: (item: Item, stitchWidthMm: number) => ItemMade
  readonly text: (said: ItemSaid<Item>) => string
  readonly cautions: readonly string[]
}
