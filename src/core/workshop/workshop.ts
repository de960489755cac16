import { RunColour, Swatch, YarnLabel } from '../design/index.ts'
import {
  Amount,
  Flag,
  Lines,
  One,
  OneOf,
  Optional,
  OrNull,
  Pattern,
  Rows,
  Several,
  Text,
  Whole,
} from '../document/index.ts'
import { motifKinds, type MotifKind } from '../motif/index.ts'
import { GroundStitch, Id, LIMITS } from '../part/index.ts'
import type { Words } from '../stitch/index.ts'
import { MOST } from './drawers.ts'

/* What belongs to the maker and not to one bag. */

const Colour = () => Pattern(/^#[0-9a-f]{6}$/, 'a colour like #22406b')

/** A stitch pattern of one's own, as it is typed: rows as lines in shorthand. */
export class OwnPattern {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Whole(1, 200) readonly multiple!: number
  @Whole(0, 200) readonly offset!: number
  /** Stitches beside the repeats of a round. */
  @Whole(0, 200) readonly roundOffset!: number
  @Lines(4000) readonly flat!: string
  @Lines(4000) readonly round!: string
  @Lines(2000) readonly notes!: string
  /** Side its raised rows are worked from. */
  @OneOf(['RS', 'WS', 'any']) readonly side!: 'RS' | 'WS' | 'any'
  /** What its repeats are counted as, and how many of it a repeat has. */
  @OrNull() @Text(30) readonly unit!: string | null
  @Whole(1, 200) readonly perRepeat!: number
  @Whole(1, 2) readonly passes!: 1 | 2
  @Lines(2000) readonly special!: string
}

/** A motif of one's own: its letters stand for colours, B for the first; what it has nothing of is ground. */
export class OwnMotif {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @OneOf(Object.keys(motifKinds)) readonly kind!: MotifKind
  @Whole(1, LIMITS.chartWidth) readonly width!: number
  @Rows(/^[A-Z.]+$/, LIMITS.chartHeight, 'rows of letters') readonly colours!: readonly string[]
  @Optional() @OneOf([true]) readonly own?: true
}

export class PaletteColour {
  @Text(60) readonly name!: string
  @Colour() readonly colour!: string
}

export class Palette {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Several(() => PaletteColour, 512) readonly colours!: readonly PaletteColour[]
}

/** What there is of one dye lot. */
export class LotInHand {
  @OrNull() @Text(40) readonly lot!: string | null
  @Amount(0, 100000) readonly grams!: number
}

/** A yarn she has, for any bag. */
export class YarnInHand {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Colour() readonly colour!: string
  @OrNull() @One(() => YarnLabel) readonly label!: YarnLabel | null
  @Several(() => LotInHand, LIMITS.lots) readonly lots!: readonly LotInHand[]
  @Optional() @Several(() => RunColour, LIMITS.run) readonly run?: readonly RunColour[]
  @OrNull() @Whole(1, 7) readonly yarnClass!: number | null
}

/** A swatch worth keeping, under the name of its yarn. */
export class KeptSwatch {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @One(() => Swatch) readonly swatch!: Swatch
}

/** Kinds of values that work teaches: lengths in mm, yarn in metres, time in minutes, stretch as a share, each of one stitch. */
export const learnedKinds = [
  ...(['stitch-width', 'row-height', 'yarn-of-stitch', 'minutes-of-stitch'] as const),
  ...(['stretch', 'lean'] as const),
] as const
export type LearnedKind = (typeof learnedKinds)[number]

/** A value that work has taught: of what, in which stitch, with which hook, yarn and hand; from which bag, and from how many times. */
export class Learned {
  @Id() readonly id!: string
  @OneOf(learnedKinds) readonly of!: LearnedKind
  @GroundStitch() readonly stitch!: string
  @Amount(0.5, 40) readonly hookMm!: number
  /** The name of the yarn; null where it is all the same. */
  @OrNull() @Text(60) readonly yarn!: string | null
  @OneOf(['right', 'left']) readonly hand!: 'right' | 'left'
  @Amount(0, 1000) readonly value!: number
  @Whole(1, 10_000) readonly times!: number
  @Text(80) readonly from!: string
}

/** How a pattern is printed. */
export class Print {
  /** Of a part with a chart: its rows in words, the chart, or both. */
  @OneOf(['both', 'words', 'charts']) readonly shows!: 'both' | 'words' | 'charts'
  /** A box for each row, one for each line, or none. */
  @OneOf(['rows', 'lines', 'none']) readonly ticks!: 'rows' | 'lines' | 'none'
  @Flag() readonly large!: boolean
  /** Cells and pictures in the colours of the yarns; else in lines and letters, with little ink. */
  @Flag() readonly colour!: boolean
  @OneOf(['a4', 'letter']) readonly paper!: 'a4' | 'letter'
  /** A list of the changes of yarn, row by row. */
  @Flag() readonly changes!: boolean
}

/** How one is led while one works. */
export class AtWork {
  /** How far one tap goes. */
  @OneOf(['stitch', 'run', 'repeat', 'row']) readonly stride!: 'stitch' | 'run' | 'repeat' | 'row'
  @Flag() readonly large!: boolean
  /** As usual, for bright sun, or for a lamp in the evening. */
  @OneOf(['usual', 'sun', 'lamp']) readonly light!: 'usual' | 'sun' | 'lamp'
  /** The thumb that taps, where the screen is held in one hand. */
  @OneOf(['right', 'left']) readonly thumb!: 'right' | 'left'
  /** What comes is read aloud. */
  @Flag() readonly aloud!: boolean
  /** Minutes of work after which hands are to rest; 0 for never. */
  @Whole(0, 240) readonly restMinutes!: number
}

/** How things are said, for all bags. */
export class Settings implements Words {
  @OneOf(['us', 'uk']) readonly terms!: 'us' | 'uk'
  @OneOf(['metric', 'imperial']) readonly units!: 'metric' | 'imperial'
  @OneOf(['right', 'left']) readonly hand!: 'right' | 'left'
  /** How she prints; as usual where she has never said. */
  @Optional() @One(() => Print) readonly print?: Print
  /** How she is led at work; as usual where she has never said. */
  @Optional() @One(() => AtWork) readonly atWork?: AtWork
  /** The demo bags have been brought once. */
  @Flag() readonly demoBrought!: boolean
}

export class Workshop {
  @One(() => Settings) readonly settings!: Settings
  @Several(() => OwnPattern, MOST.patterns) readonly patterns!: readonly OwnPattern[]
  @Several(() => OwnMotif, MOST.motifs) readonly motifs!: readonly OwnMotif[]
  @Several(() => Palette, MOST.palettes) readonly palettes!: readonly Palette[]
  @Several(() => YarnInHand, MOST.yarns) readonly yarns!: readonly YarnInHand[]
  @Several(() => KeptSwatch, MOST.swatches) readonly swatches!: readonly KeptSwatch[]
  @Several(() => Learned, MOST.learned) readonly learned!: readonly Learned[]
}
