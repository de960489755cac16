import type { Outline, Sizes } from '../shape/index.ts'
import type { Words } from '../stitch/index.ts'
import type { Spot } from '../part/index.ts'
import type { Caution } from './cautions.ts'
import type { Drawn } from './drawn.ts'
import type { Field, Says } from './fields.ts'
import type { ItemMade } from './made.ts'

export { bareMade, type ItemMade, type ItemYarn } from './made.ts'

/** The row a spot is on: its places, how long it is, and the place of the spot on it, from where it begins. */
export interface SpotFacts {
  readonly count: number
  readonly mm: number
  readonly at: number
  /** It goes around the bag. */
  readonly round: boolean
}

/** What of a bag things that stand on it go by. Lengths in mm. */
export interface FittingBag {
  /** Of the bag's own stitch. */
  readonly stitchWidthMm: number
  readonly rowHeightMm: number
  readonly sizes: Sizes
  /** Its last row. */
  readonly rim: SpotFacts
  readonly form: BagForm
}

/** What a lining is to fill: a bag that stands on a base (or on none), one folded of a flat piece, or one of two discs and a strip. */
export type BagForm =
  | { readonly kind: 'standing'; readonly outline: Outline | null }
  | {
      readonly kind: 'flat'
      readonly widthMm: number
      readonly lengthMm: number
      /** Where it is folded, from its one end. */
      readonly folds: readonly number[]
    }
  | {
      readonly kind: 'disc'
      readonly acrossMm: number
      readonly half: boolean
      /** Between the two; null where they are sewn to one another. */
      readonly strip: { readonly wideMm: number; readonly longMm: number } | null
    }

/** What a new item begins from. */
export interface FittingFrom {
  readonly piece: string
  /** Letter of its yarn. */
  readonly letter: string
  readonly bag: FittingBag
}

/** What its words are made of: as it comes out, and where its spots are, in words. */
export interface ItemSaid<Item> {
  readonly item: Item
  readonly made: ItemMade
  readonly places: readonly string[]
  /** The rows they are on, in words. */
  readonly rows: readonly string[]
  readonly words: Words
}

/** Where the card lies under which things are offered, in the order of the page. */
export const fittingGroups = ['edge', 'bought', 'drawstring', 'closure', 'inside', 'more'] as const
export type FittingGroup = (typeof fittingGroups)[number]

/**
 * One kind of thing that stands beside the pieces and has no rows: a cord, a bought handle, a lining. What a bag is worked out by; how it is said is
 * beside it (`FittingSaid`). Nobody asks which kind it is.
 */
export interface Fitting<Item> {
  readonly spots: (item: Item) => readonly Spot[]
  /** What puts its spots elsewhere; those that follow from others are left out. */
  readonly withSpots: (item: Item, spots: readonly Spot[]) => Partial<Item>
  /** Spots that stay as far on either side of a middle when one of them is moved; null where none do. */
  readonly mirrored: (item: Item) => readonly number[] | null
  readonly yarns: (item: Item) => readonly string[]
  readonly withYarn: (item: Item, from: string, to: string) => Partial<Item>
  /** @param spots those of the item, in their order; null for one that is not there any more */
  readonly made: (item: Item, bag: FittingBag, spots: readonly (SpotFacts | null)[]) => ItemMade
  /** What is seen of it on the bag, tied to its spots by their place among them. */
  readonly drawn: (item: Item, made: ItemMade, bag: FittingBag) => readonly Drawn[]
  readonly cautions: (item: Item) => readonly Caution[]
  /** Its words stand before the row of its first spot, and not among what is done at the end. */
  readonly beforeRow: (item: Item) => boolean
}

/** How a kind of fitting is offered, begun, changed and said: what only pages and patterns ask. */
export interface FittingSaid<Item> {
  readonly name: string
  readonly hint: string
  readonly group: FittingGroup
  readonly begin: (from: FittingFrom) => Omit<Item, 'id'>
  /** What can be changed of it, beside its name. */
  readonly fields: readonly Field<Item>[]
  /** What is decided about it, as one would say it; words that are fields open them. */
  readonly says: Says<Item>
  readonly text: (said: ItemSaid<Item>) => string
  /** What must be there beside yarn, bought or cut; nothing where it is not said. */
  readonly needs?: (said: Pick<ItemSaid<Item>, 'item' | 'made' | 'words'>) => readonly string[]
}

/** What most of them have nothing of. */
export const usualFitting = {
  spots: () => [],
  withSpots: () => ({}),
  mirrored: () => null,
  yarns: () => [],
  withYarn: () => ({}),
  drawn: () => [],
  cautions: () => [],
  beforeRow: () => false,
} as const

/** Of one that is worked or sewn on in one yarn. */
export const inOneYarn = {
  yarns: ({ yarn }: { readonly yarn: string }) => [yarn],
  withYarn: ({ yarn }: { readonly yarn: string }, from: string, to: string) =>
    yarn === from ? { yarn: to } : {},
} as const
/** Of one that stands at one spot. */
export const atOneSpot = {
  spots: ({ at }: { readonly at: Spot }) => [at],
  withSpots: (_: unknown, [at]: readonly Spot[]) => ({ at: at! }),
} as const
/** Of one that goes from one spot to another. */
export const fromTo = {
  spots: ({ from, to }: { readonly from: Spot; readonly to: Spot }) => [from, to],
  withSpots: (_: unknown, [from, to]: readonly Spot[]) => ({ from: from!, to: to! }),
} as const
