import { Swatch, YarnLabel } from '../design/index.ts'
import {
  type DocumentKind,
  type Fault,
  printDocument,
  readDocument,
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
import { defaultWords, type Words } from '../stitch/index.ts'

/* What belongs to the maker and not to one bag. */

export const MOST = {
  patterns: 200,
  motifs: 400,
  palettes: 100,
  yarns: 500,
  swatches: 200,
  learned: 500,
} as const

const Colour = () => Pattern(/^#[0-9a-f]{6}$/, 'a colour like #22406b')

/** A stitch pattern of one's own, as it is typed: rows as lines in shorthand. */
export class OwnPattern {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Whole(1, 200) readonly multiple!: number
  @Whole(0, 200) readonly offset!: number
  @Lines(4000) readonly flat!: string
  @Lines(4000) readonly round!: string
  @Lines(2000) readonly notes!: string
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

/** A yarn she has, for any bag. */
export class YarnInHand {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @Colour() readonly colour!: string
  @OrNull() @One(() => YarnLabel) readonly label!: YarnLabel | null
  @OrNull() @Amount(0, 100000) readonly inHandGrams!: number | null
  @OrNull() @Whole(1, 7) readonly yarnClass!: number | null
}

/** A swatch worth keeping, under the name of its yarn. */
export class KeptSwatch {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  @One(() => Swatch) readonly swatch!: Swatch
}

/** A value that work has taught: of what, in which stitch and with which hook, from how many times. */
export class Learned {
  @Id() readonly id!: string
  @OneOf(['yarn-of-stitch', 'lean', 'row-height', 'minutes-of-stitch']) readonly of!: string
  @GroundStitch() readonly stitch!: string
  @Amount(0.5, 40) readonly hookMm!: number
  @Amount(0, 1000) readonly value!: number
  @Whole(1, 10_000) readonly times!: number
}

/** How things are said, for all bags. */
export class Settings implements Words {
  @OneOf(['us', 'uk']) readonly terms!: 'us' | 'uk'
  @OneOf(['metric', 'imperial']) readonly units!: 'metric' | 'imperial'
  @OneOf(['right', 'left']) readonly hand!: 'right' | 'left'
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

/** A workshop in which nothing is kept yet. */
export const emptyWorkshop: Workshop = {
  settings: { ...defaultWords, demoBrought: false },
  patterns: [],
  motifs: [],
  palettes: [],
  yarns: [],
  swatches: [],
  learned: [],
}

/** The lists of a workshop, each of things with an id. */
export const drawers = ['patterns', 'motifs', 'palettes', 'yarns', 'swatches', 'learned'] as const
export type Drawer = (typeof drawers)[number]

/** What fields by themselves cannot tell: ids that are one of a kind, motifs as wide as they say. */
function workshopFaults(workshop: Workshop): Fault[] {
  const faults: Fault[] = []
  for (const drawer of drawers) {
    const ids = new Set<string>()
    workshop[drawer].forEach(({ id }, i) => {
      if (ids.has(id)) faults.push({ where: `${drawer}[${i}].id`, message: 'is there twice' })
      ids.add(id)
    })
  }
  workshop.motifs.forEach(({ width, colours }, i) => {
    if (colours.some((row) => row.length !== width))
      faults.push({ where: `motifs[${i}]`, message: `must have rows of ${width} cells` })
  })
  return faults
}

/** The file of a workshop. */
export const workshopKind: DocumentKind<Workshop> = {
  format: 'ample-motif-workshop',
  called: 'an Ample Motif workshop',
  of: Workshop,
  migrations: [],
  faults: workshopFaults,
}

export const readWorkshop = (text: string) => readDocument(workshopKind, text)
export const printWorkshop = (workshop: Workshop): string => printDocument(workshopKind, workshop)
