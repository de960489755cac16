import { groundStitchIds } from '../stitch/index.ts'
import { Amount, Many, One, OneOf, OrNull, Pattern, Rows, Text, Whole } from './fields.ts'

/*
 * What she decides, and nothing that follows from it. The classes are the one place where a document's fields are named:
 * they are its types, its validators and the source of the JSON Schema. In memory documents are plain frozen objects.
 */

export const LIMITS = {
  yarns: 24,
  parts: 60,
  rounds: 1000,
  count: 2000,
  chartWidth: 1000,
  chartHeight: 1000,
  stripes: 200,
} as const

const LETTER = /^[A-Z]$/
const Letter = () => Pattern(LETTER, 'one capital letter')
const Ground = () => OneOf(groundStitchIds)
const Id = () => Pattern(/^[A-Za-z0-9-]{1,40}$/, 'an id of letters, digits and dashes')

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
  @Ground() readonly stitch!: string
  @Amount(0.5, 500) readonly stitches!: number
  @Amount(10, 1000) readonly stitchesOverMm!: number
  @Amount(0.5, 500) readonly rows!: number
  @Amount(10, 1000) readonly rowsOverMm!: number
}

export class RoundBasePart {
  @OneOf(['round-base']) readonly kind!: 'round-base'
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Letter() readonly yarn!: string
  @Ground() readonly stitch!: string
  @Whole(3, 40) readonly increase!: number
  @Whole(3, LIMITS.count) readonly count!: number
  @OneOf(['staggered', 'stacked']) readonly stagger!: 'staggered' | 'stacked'
  @OrNull() @Whole(1, 200) readonly plainFrom!: number | null
  @Whole(0, 10) readonly plainRounds!: number
}

/** Worked around both sides of a chain, half of each round's increase in either end. */
export class OvalBasePart {
  @OneOf(['oval-base']) readonly kind!: 'oval-base'
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Letter() readonly yarn!: string
  @Ground() readonly stitch!: string
  /** Stitches along one side of the chain. */
  @Whole(3, 400) readonly along!: number
  /** Stitches in the last chain of each end in round 1. */
  @Whole(2, 3) readonly inEnd!: number
  @Whole(2, 6) readonly increase!: number
  @Whole(3, LIMITS.count) readonly count!: number
}

/** Worked around both sides of a chain, three in one at each of four corners. */
export class RectangleBasePart {
  @OneOf(['rectangle-base']) readonly kind!: 'rectangle-base'
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Letter() readonly yarn!: string
  @Ground() readonly stitch!: string
  @Whole(3, 400) readonly along!: number
  @Whole(3, LIMITS.count) readonly count!: number
}

export class PlainPart {
  @OneOf(['plain']) readonly kind!: 'plain'
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Letter() readonly yarn!: string
  @Ground() readonly stitch!: string
  @Whole(1, LIMITS.rounds) readonly rounds!: number
  /** Stitches added (or, below 0, taken away) evenly in its last round. */
  @Whole(-LIMITS.count, LIMITS.count) readonly adjust!: number
}

export class Stripe {
  @Letter() readonly yarn!: string
  @Whole(1, LIMITS.rounds) readonly rounds!: number
}

export class StripesPart {
  @OneOf(['stripes']) readonly kind!: 'stripes'
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Ground() readonly stitch!: string
  @Many(() => Stripe, LIMITS.stripes)
  readonly stripes!: readonly Stripe[]
}

export class ChartDocument {
  @Whole(1, LIMITS.chartWidth) readonly width!: number
  /** Rows of letters, the lowest first. */
  @Rows(/^[A-Z]+$/, LIMITS.chartHeight, 'rows of capital letters')
  readonly colours!: readonly string[]
}

export class TapestryPart {
  @OneOf(['tapestry']) readonly kind!: 'tapestry'
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Ground() readonly stitch!: string
  @One(() => ChartDocument)
  readonly chart!: ChartDocument
  /** How often the chart is worked one above the other. */
  @Whole(1, 100) readonly times!: number
}

export type BandPart = PlainPart | StripesPart | TapestryPart
export type BasePart = RoundBasePart | OvalBasePart | RectangleBasePart
export type Part = BasePart | BandPart
export type PartKind = Part['kind']

/** The class of each kind of part: what a part read from a file is checked as. */
export const partClasses = {
  'round-base': RoundBasePart,
  'oval-base': OvalBasePart,
  'rectangle-base': RectangleBasePart,
  plain: PlainPart,
  stripes: StripesPart,
  tapestry: TapestryPart,
} as const satisfies Record<PartKind, new () => Part>

/** Stands in for a part of unknown kind, which is then refused. */
class AnyPart {
  @OneOf(Object.keys(partClasses)) readonly kind!: string
}

export class Design {
  @Text(80) readonly name!: string
  @One(() => Want) readonly want!: Want
  @Amount(0.5, 40) readonly hookMm!: number
  @Whole(1, 7) readonly yarnClass!: number
  /** Null when she starts without one: the gauge is then estimated from hook and class. */
  @OrNull() @One(() => Swatch) readonly swatch!: Swatch | null
  @OrNull() @One(() => WeighedSwatch) readonly weighed!: WeighedSwatch | null
  @OrNull()
  @One(() => UnravelledSwatch)
  readonly unravelled!: UnravelledSwatch | null
  @OneOf(['spiral', 'joined']) readonly working!: 'spiral' | 'joined'
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
