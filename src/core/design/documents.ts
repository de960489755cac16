import { type BandPart, bands } from '../band/index.ts'
import { fittingKinds, fittings, type Item } from '../fitting/index.ts'
import {
  type Edge,
  edges,
  Spot,
  GroundStitch,
  Id,
  Letter,
  LIMITS,
  Making,
  RowId,
} from '../part/index.ts'
import {
  Amount,
  Flag,
  Many,
  Names,
  One,
  OneOf,
  OrNull,
  Pattern,
  Rows,
  Several,
  Text,
  Whole,
} from '../document/index.ts'
import { type BasePart, constructions } from '../shape/index.ts'

/*
 * What she decides, and nothing that follows from it. The classes are the one place where a document's fields are named:
 * they are its types, its validators and the source of the JSON Schema. In memory documents are plain frozen objects.
 */

/** A ball as the label has it. */
export class YarnLabel {
  @Amount(1, 5000) readonly grams!: number
  @Amount(1, 10000) readonly metres!: number
}

/** A strand that is held together with another. */
export class Strand {
  @Text(60) readonly name!: string
  @OrNull() @One(() => YarnLabel) readonly label!: YarnLabel | null
  /** Grams she has of it; null when not said. */
  @OrNull() @Amount(0, 100000) readonly inHandGrams!: number | null
}

/** A yarn as it is worked: one strand, or several held together. */
export class Yarn {
  /** What stands for it in charts and rows. */
  @Letter() readonly letter!: string
  @Text(60) readonly name!: string
  @Pattern(/^#[0-9a-f]{6}$/, 'a colour like #22406b') readonly colour!: string
  @OrNull() @One(() => YarnLabel) readonly label!: YarnLabel | null
  /** Grams she has of it; null when not said. */
  @OrNull() @Amount(0, 100000) readonly inHandGrams!: number | null
  /** Its weight class as it is worked, all strands together; null: that of the bag. */
  @OrNull() @Whole(1, 7) readonly yarnClass!: number | null
  /** What is held together with it; label and grams are then those of the first strand. */
  @Several(() => Strand, LIMITS.strands)
  readonly strands!: readonly Strand[]
}

/** The size it must have. */
export class Want {
  @Amount(20, 5000) readonly aroundMm!: number
  /** Which of the two she said and sees: the way around, or the width laid flat (half of it). */
  @OneOf(['around', 'flat']) readonly said!: 'around' | 'flat'
  @Amount(10, 3000) readonly heightMm!: number
  /** How far off is still right: 0.05 = ±5 %. */
  @Amount(0.001, 0.5) readonly tolerance!: number
}

/** A swatch weighed: so many stitches of it weigh so much, in yarn `letter`. */
export class WeighedSwatch {
  @Amount(0.1, 5000) readonly grams!: number
  @Whole(1, 100000) readonly stitches!: number
  @Letter() readonly letter!: string
}

/** So many stitches pulled out, and the yarn that came of them. */
export class UnravelledSwatch {
  @Amount(1, 1000000) readonly lengthMm!: number
  @Whole(1, 10000) readonly stitches!: number
}

/** A measured swatch, in rounds or rows of one ground stitch. */
export class Swatch {
  @GroundStitch() readonly stitch!: string
  /** How the stitch is worked: plain, with yarns carried inside, which makes it wider, or in the rows of one band. */
  @Pattern(/^[a-z][A-Za-z0-9-]{0,59}$/, 'the key of a fabric') readonly fabric!: string
  /** The yarn it is of; null when it stands for all of them. */
  @OrNull() @Letter() readonly yarn!: string | null
  @Amount(0.5, 40) readonly hookMm!: number
  @Flag() readonly washed!: boolean
  @Amount(0.5, 500) readonly stitches!: number
  @Amount(10, 1000) readonly stitchesOverMm!: number
  @Amount(0.5, 500) readonly rows!: number
  @Amount(10, 1000) readonly rowsOverMm!: number
  /** How much longer it hangs with a load in it: 0.05 = 5 %; null when it was not tried. */
  @OrNull() @Amount(0, 1) readonly stretch!: number | null
  /** Stitches a round that a vertical line leans by, in rounds that are not turned; null where it was not measured. */
  @OrNull() @Amount(0, 1) readonly lean!: number | null
}

/** How first rounds and rows are begun. */
export class Beginning {
  @OneOf(['magic', 'chain']) readonly ring!: 'magic' | 'chain'
  /** First rows go into the ordinary loops of the chain or into the bump at its back. */
  @OneOf(['loops', 'bump']) readonly into!: 'loops' | 'bump'
}

/** What can be chosen for a yarn: in rows of several yarns, and in the rows it is not worked in. */
export const wayHows = ['carry', 'float', 'trail', 'along', 'cut'] as const

/**
 * How a yarn is led, where that is not by the usual rules: in the whole bag, in one part, one yarn, or from one row to the next it is
 * worked in. `carry` inside the other stitches of a row or `float` behind them; in between `trail` it up, take it `along` inside the
 * stitches of the rows there, or `cut` it.
 */
export class WayChoice {
  @OrNull() @Id() readonly part!: string | null
  @OrNull() @Letter() readonly yarn!: string | null
  /** The row after which it is not worked. */
  @OrNull() @RowId() readonly after!: string | null
  @OneOf(wayHows) readonly how!: (typeof wayHows)[number]
}

export type Part = BasePart | BandPart
export type PartKind = Part['kind']

const classesOf = <Kind extends Part>(table: {
  readonly [K in Kind['kind']]: { readonly document: new () => object }
}) =>
  Object.fromEntries(
    Object.entries<{ readonly document: new () => object }>(table).map(([kind, { document }]) => [
      kind,
      document,
    ]),
  ) as Record<Kind['kind'], new () => Kind>

/** The class of each kind of part: what a part read from a file is checked as. */
export const partClasses: Readonly<Record<PartKind, new () => Part>> = {
  ...classesOf<BasePart>(constructions),
  ...classesOf<BandPart>(bands),
}

/** Stands in for a part of unknown kind, which is then refused. */
class AnyPart {
  @OneOf(Object.keys(partClasses)) readonly kind!: string
}

/** How it is sewn, or that its first row is worked into the other piece. */
export const seams = ['whip', 'mattress', 'slip', 'single', 'pick-up'] as const
export type SeamKind = (typeof seams)[number]

/** What goes into a corner of a flat piece: nothing more, three stitches, or chains. */
export const corners = ['none', 'three', 'ch-1', 'ch-2', 'ch-3'] as const
export type Corner = (typeof corners)[number]

/** How a piece is tied to another, or to itself: which edge of it goes where. */
export class PieceJoin {
  @OneOf(edges) readonly edge!: Edge
  @One(() => Spot) readonly to!: Spot
  @OneOf(seams) readonly how!: SeamKind
  /** Picked up along row ends: so many of them take its stitches; null: all there are from there on. */
  @OrNull() @Whole(1, LIMITS.rowCount) readonly over!: number | null
  /** Picked up all around a flat piece: what goes into each of its corners. */
  @OneOf(corners) readonly corner!: Corner
}

/** Stands in for an item of unknown kind, which is then refused. */
class AnyItem {
  @OneOf(fittingKinds) readonly kind!: string
}

/** Bands of one time a block is worked, by their ids from below. */
export class BlockTime {
  @Rows(/^[A-Za-z0-9_-]{1,40}$/, LIMITS.parts, 'ids of bands') readonly bands!: readonly string[]
}

/** Bands that are worked together several times: alike, but for yarns that take turns. */
export class Block {
  /** Each has bands of its own; the last may have fewer. */
  @Many(() => BlockTime, LIMITS.parts) readonly times!: readonly BlockTime[]
  /** Each time every one of these is the next. */
  @Names(/^[A-Z]$/, LIMITS.yarns) readonly yarns!: readonly string[]
}

/**
 * One piece of the bag, from its beginning up. The body and what she adds begin with a base, on which bands stand; a piece that
 * the construction begins (a disc, the other panel) has bands only.
 */
export class DesignPiece {
  @Id() readonly id!: string
  /** Null: as the construction calls it. */
  @OrNull() @Text(60) readonly name!: string | null
  /** How often it is made; of the construction's pieces the construction says that. */
  @Whole(1, LIMITS.times) readonly times!: number
  @Several(() => AnyPart, LIMITS.parts, {
    keepDiscriminatorProperty: true,
    discriminator: {
      property: 'kind',
      subTypes: Object.entries(partClasses).map(([name, value]) => ({ name, value })),
    },
  })
  readonly parts!: readonly Part[]
  /** What ties it to others, beside the seams of the construction. */
  @Several(() => PieceJoin, LIMITS.joins)
  readonly joins!: readonly PieceJoin[]
  /** Which of its bands are worked together several times. */
  @Several(() => Block, LIMITS.parts) readonly blocks!: readonly Block[]
}

export class Design {
  @Text(80) readonly name!: string
  @One(() => Want) readonly want!: Want
  @Amount(0.5, 40) readonly hookMm!: number
  @Whole(1, 7) readonly yarnClass!: number
  /** None when she starts without one: the gauge is then estimated from hook and class. The first is the main one. */
  @Several(() => Swatch, LIMITS.swatches)
  readonly swatches!: readonly Swatch[]
  @OrNull() @One(() => WeighedSwatch) readonly weighed!: WeighedSwatch | null
  @OrNull()
  @One(() => UnravelledSwatch)
  readonly unravelled!: UnravelledSwatch | null
  @One(() => Making) readonly making!: Making
  @One(() => Beginning) readonly beginning!: Beginning
  /** Stitches from where rounds begin to the middle of the front, in the last round of the base; null: as the construction has it. */
  @OrNull() @Amount(0, LIMITS.count) readonly frontAfter!: number | null
  @Many(() => Yarn, LIMITS.yarns)
  readonly yarns!: readonly Yarn[]
  /** How yarns are led, where she has chosen. */
  @Several(() => WayChoice, LIMITS.ways) readonly ways!: readonly WayChoice[]
  /** Snags that are as she wants them, by their keys: of what is a taste, not a fault. */
  @Names(/^[a-z-]{1,40}(?: [A-Za-z0-9_-]{0,40}){2}$/, LIMITS.parts)
  readonly meant!: readonly string[]
  /** Things without rows, beside the pieces. */
  @Several(() => AnyItem, LIMITS.items, {
    keepDiscriminatorProperty: true,
    discriminator: {
      property: 'kind',
      subTypes: Object.entries(fittings).map(([name, { document }]) => ({ name, value: document })),
    },
  })
  readonly items!: readonly Item[]
  /** The first is the body: its base says how the bag is built, and may begin more pieces. */
  @Many(() => DesignPiece, LIMITS.pieces)
  readonly pieces!: readonly DesignPiece[]
}
