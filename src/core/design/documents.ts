import {
  type BandPart,
  bandKinds,
  bands,
  GroundStitch,
  Letter,
  LIMITS,
  Making,
  Section,
} from '../band/index.ts'
import {
  Amount,
  Flag,
  Many,
  One,
  OneOf,
  OrNull,
  Pattern,
  Several,
  Text,
  Whole,
} from '../fields/index.ts'
import type { BaseKind } from '../shape/index.ts'

/*
 * What she decides, and nothing that follows from it. The classes are the one place where a document's fields are named:
 * they are its types, its validators and the source of the JSON Schema. In memory documents are plain frozen objects.
 */

/** A ball as the label has it. */
export class YarnLabel {
  @Amount(1, 5000) readonly grams!: number
  @Amount(1, 10000) readonly metres!: number
}

export class Yarn {
  /** What stands for it in charts and rows. */
  @Letter() readonly letter!: string
  @Text(60) readonly name!: string
  @Pattern(/^#[0-9a-f]{6}$/, 'a colour like #22406b') readonly colour!: string
  @OrNull() @One(() => YarnLabel) readonly label!: YarnLabel | null
  /** Grams she has of it; null when not said. */
  @OrNull() @Amount(0, 100000) readonly inHandGrams!: number | null
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
}

/** How first rounds and rows are begun. */
export class Beginning {
  @OneOf(['magic', 'chain']) readonly ring!: 'magic' | 'chain'
  /** First rows go into the ordinary loops of the chain or into the bump at its back. */
  @OneOf(['loops', 'bump']) readonly into!: 'loops' | 'bump'
}

/** A base: its yarn, and the stitches of its last row, on which the bands stand. */
abstract class Base extends Section {
  @Letter() readonly yarn!: string
  @Whole(3, LIMITS.count) readonly count!: number
}

const Increase = (least: number, most: number) => Whole(least, most)

export class RoundBasePart extends Base {
  @OneOf(['round-base']) readonly kind!: 'round-base'
  @Increase(3, 40) readonly increase!: number
  @OneOf(['staggered', 'stacked']) readonly stagger!: 'staggered' | 'stacked'
  @OrNull() @Whole(1, 200) readonly plainFrom!: number | null
  @Whole(0, 10) readonly plainRounds!: number
}

/** Worked around both sides of a chain, half of each round's increase in either end. */
export class OvalBasePart extends Base {
  @OneOf(['oval-base']) readonly kind!: 'oval-base'
  /** Stitches along one side of the chain. */
  @Whole(3, LIMITS.along) readonly along!: number
  /** Stitches in the last chain of each end in round 1. */
  @Whole(2, 3) readonly inEnd!: number
  @Increase(2, 6) readonly increase!: number
}

/** Worked around both sides of a chain, three in one at each of four corners. */
export class RectangleBasePart extends Base {
  @OneOf(['rectangle-base']) readonly kind!: 'rectangle-base'
  @Whole(3, LIMITS.along) readonly along!: number
}

/** Worked in rows; its count is picked up around all four sides. */
export class FlatBasePart extends Base {
  @OneOf(['flat-base']) readonly kind!: 'flat-base'
  @Whole(3, LIMITS.along) readonly along!: number
}

/** Begun in a ring of chain; its bottom is closed last. */
export class TubePart extends Base {
  @OneOf(['tube']) readonly kind!: 'tube'
  @Whole(0, LIMITS.count) readonly decrease!: number
}

export class FoldedPanelPart extends Base {
  @OneOf(['folded-panel']) readonly kind!: 'folded-panel'
  @Whole(0, LIMITS.rounds) readonly flapRows!: number
}

export class TwoPanelsPart extends Base {
  @OneOf(['two-panels']) readonly kind!: 'two-panels'
}

/** Its count is that of one square. */
export class SquaresPart extends Base {
  @OneOf(['squares']) readonly kind!: 'squares'
  @Letter() readonly second!: string
  @Whole(1, LIMITS.squares) readonly across!: number
  @Whole(1, LIMITS.squares) readonly down!: number
}

/** Its count is that of a disc's edge; the bands are the strip. */
export class DiscsPart extends Base {
  @OneOf(['discs']) readonly kind!: 'discs'
  @Increase(3, 40) readonly increase!: number
  @OneOf(['staggered', 'stacked']) readonly stagger!: 'staggered' | 'stacked'
  @OrNull() @Whole(1, 200) readonly plainFrom!: number | null
  @Whole(0, 10) readonly plainRounds!: number
  @Whole(2, LIMITS.strip) readonly strip!: number
}

export class HalfRoundPart extends Base {
  @OneOf(['half-round']) readonly kind!: 'half-round'
  @Increase(2, 20) readonly increase!: number
}

/** The class of each kind of base: what a base read from a file is checked as. */
export const baseClasses = {
  'round-base': RoundBasePart,
  'oval-base': OvalBasePart,
  'rectangle-base': RectangleBasePart,
  'flat-base': FlatBasePart,
  tube: TubePart,
  'folded-panel': FoldedPanelPart,
  'two-panels': TwoPanelsPart,
  squares: SquaresPart,
  discs: DiscsPart,
  'half-round': HalfRoundPart,
} as const satisfies Record<BaseKind, new () => object>
export type BasePart = InstanceType<(typeof baseClasses)[BaseKind]>
export type Part = BasePart | BandPart
export type PartKind = Part['kind']

/** The class of each kind of part: what a part read from a file is checked as. */
export const partClasses: Readonly<Record<PartKind, new () => Part>> = {
  ...baseClasses,
  ...(Object.fromEntries(
    bandKinds.map((kind) => [kind, bands[kind].document as new () => BandPart]),
  ) as Record<BandPart['kind'], new () => BandPart>),
}

/** Stands in for a part of unknown kind, which is then refused. */
class AnyPart {
  @OneOf(Object.keys(partClasses)) readonly kind!: string
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
  @Many(() => Yarn, LIMITS.yarns)
  readonly yarns!: readonly Yarn[]
  /** From the base up. The first is the base, the others are bands. */
  @Many(() => AnyPart, LIMITS.parts, {
    keepDiscriminatorProperty: true,
    discriminator: {
      property: 'kind',
      subTypes: Object.entries(partClasses).map(([name, value]) => ({ name, value })),
    },
  })
  readonly parts!: readonly Part[]
}
