import { type BandPart, bands } from '../band/index.ts'
import { fittingKinds, type Item, itemDocuments } from '../fitting/index.ts'
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
  Optional,
  OrNull,
  Pattern,
  Rows,
  Several,
  Text,
  Whole,
  WritableLines,
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
  /** Price of one, in her own money. */
  @Optional() @Amount(0, 1_000_000) readonly price?: number
}

/** What she has of a yarn, of one dye lot. */
export class Lot {
  /** As the label has it; null where it is not known. */
  @OrNull() @Text(40) readonly lot!: string | null
  @Amount(0, 100000) readonly grams!: number
  /** The yarn in hand, outside of bags, it is kept aside from; null for none. */
  @OrNull() @Id() readonly of!: string | null
}

/** A colour of a yarn that places its own, and how long it goes on. */
export class RunColour {
  @Pattern(/^#[0-9a-f]{6}$/, 'a colour like #22406b') readonly colour!: string
  @Amount(0.05, 10000) readonly metres!: number
}

/** A strand that is held together with another. */
export class Strand {
  @Text(60) readonly name!: string
  @OrNull() @One(() => YarnLabel) readonly label!: YarnLabel | null
  /** What she has of it, lot by lot; none when that is not said. */
  @Several(() => Lot, LIMITS.lots) readonly lots!: readonly Lot[]
}

/** A yarn as it is worked: one strand, or several held together. */
export class Yarn {
  /** What stands for it in charts and rows. */
  @Letter() readonly letter!: string
  @Text(60) readonly name!: string
  @Pattern(/^#[0-9a-f]{6}$/, 'a colour like #22406b') readonly colour!: string
  @OrNull() @One(() => YarnLabel) readonly label!: YarnLabel | null
  /** What she has of it, lot by lot; none when that is not said. */
  @Several(() => Lot, LIMITS.lots) readonly lots!: readonly Lot[]
  /** Its weight class as it is worked, all strands together; null: that of the bag. */
  @OrNull() @Whole(1, 7) readonly yarnClass!: number | null
  /** What is held together with it; label and grams are then those of the first strand. */
  @Several(() => Strand, LIMITS.strands)
  readonly strands!: readonly Strand[]
  /** Colours that come one after the other, again and again, in a yarn that places its own. */
  @Optional() @Several(() => RunColour, LIMITS.run) readonly run?: readonly RunColour[]
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

/** What yarn so many stitches took: pulled out and measured, in mm, or a swatch of them weighed, in grams. */
export class Measured {
  @OneOf(['unravelled', 'weighed']) readonly how!: 'unravelled' | 'weighed'
  @GroundStitch() readonly stitch!: string
  /** Null: it stands for all of them; a weighed one is then of the first. */
  @OrNull() @Letter() readonly yarn!: string | null
  @Whole(1, 100000) readonly stitches!: number
  @Amount(0.1, 1_000_000) readonly amount!: number
}

/** Balls of several yarns that are sold together. */
export class Pack {
  @Text(60) readonly name!: string
  @OrNull() @Amount(0, 1_000_000) readonly price!: number | null
  /** The yarns of its balls, one by one. */
  @Names(/^[A-Z]$/, 60) readonly balls!: readonly string[]
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
export const wayHows = ['carry', 'float', 'bobbin', 'snip', 'trail', 'along', 'cut'] as const

/**
 * How a yarn is led, where that is not by the usual rules: in the whole bag, in one part, one yarn, or from one row to the next it is
 * worked in. `carry` inside the other stitches of a row, `float` behind them, one `bobbin` for each of its fields, or `snip` it after its last stitch of
 * the row; in between `trail` it up, take it `along` inside the stitches of the rows there, or `cut` it.
 */
export class WayChoice {
  @OrNull() @Id() readonly part!: string | null
  @OrNull() @Letter() readonly yarn!: string | null
  /** The row after which it is not worked. */
  @OrNull() @RowId() readonly after!: string | null
  @OneOf(wayHows) readonly how!: (typeof wayHows)[number]
}

/** Schools of leading yarns, for all of a bag. */
export class Leading {
  /** A yarn that is not worked for more rows than this is cut, else it is brought up. */
  @Whole(0, 99) readonly cutAfter!: number
  /** Floats are caught every so many stitches; null: half-way where they are long. */
  @OrNull() @Whole(2, 30) readonly catchEvery!: number | null
  /** Or by the groups of the next row, which are worked around them. */
  @Flag() readonly catchNext!: boolean
  /** A round whose next is of another yarn is closed in the new one or in its own. */
  @OneOf(['new', 'old']) readonly closeIn!: 'new' | 'old'
  /** Ends are worked over as the next stitches are made, or woven in later. */
  @OneOf(['over', 'in']) readonly tails!: 'over' | 'in'
  /** The first stitch of a yarn is worked with yarn and tail held together; it looks like two. */
  @Flag() readonly doubled!: boolean
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
export const seams = ['whip', 'mattress', 'slip', 'single', 'flat', 'pick-up'] as const
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
  /** Sewn flat on the other piece: it lies over it so far, in mm. */
  @Optional() @Amount(1, 500) readonly lapMm?: number
  /** Which sides face in the seam, where it is not the usual. */
  @Optional() @OneOf(['right', 'wrong']) readonly together?: 'right' | 'wrong'
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
  /** As high as such a share of the body, which it keeps when the bag is resized. */
  @Optional() @Amount(0.05, 3) readonly share?: number
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
  /** What yarn stitches were seen to take. */
  @Several(() => Measured, LIMITS.measured) readonly measured!: readonly Measured[]
  @Optional() @Several(() => Pack, LIMITS.packs) readonly packs?: readonly Pack[]
  @One(() => Making) readonly making!: Making
  @One(() => Beginning) readonly beginning!: Beginning
  /** Stitches from where rounds begin to the middle of the front, in the last round of the base; null: as the construction has it. */
  @OrNull() @Amount(0, LIMITS.count) readonly frontAfter!: number | null
  @Many(() => Yarn, LIMITS.yarns)
  readonly yarns!: readonly Yarn[]
  /** How yarns are led: by which school, and where she has chosen otherwise. */
  @One(() => Leading) readonly leading!: Leading
  @Several(() => WayChoice, LIMITS.ways) readonly ways!: readonly WayChoice[]
  /** Snags that are as she wants them, by their keys: of what is a taste, not a fault. */
  @Names(/^[a-z-]{1,40}(?: [A-Za-z0-9_-]{0,40}){2}$/, LIMITS.parts)
  readonly meant!: readonly string[]
  /** Things without rows, beside the pieces. */
  @Several(() => AnyItem, LIMITS.items, {
    keepDiscriminatorProperty: true,
    discriminator: {
      property: 'kind',
      subTypes: Object.entries(itemDocuments).map(([name, value]) => ({ name, value })),
    },
  })
  readonly items!: readonly Item[]
  /** What she wants said at the beginning of the pattern, line by line. */
  @Optional() @WritableLines(LIMITS.notes) readonly notes?: string
  /** The order of what is done when all is worked: ends, sewing, and things by their ids; what it leaves out comes as usual. */
  @Optional() @Names(/^[A-Za-z0-9_-]{1,40}$/, LIMITS.items + 2) readonly order?: readonly string[]
  /** The first is the body: its base says how the bag is built, and may begin more pieces. */
  @Many(() => DesignPiece, LIMITS.pieces)
  readonly pieces!: readonly DesignPiece[]
}
