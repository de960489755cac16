import { Flag, OneOf, One, OrNull, Pattern, Text, Whole } from '../document/index.ts'
import { groundStitchIds } from '../stitch/index.ts'

/* What every part of a bag has, a base as a band. */

export const LIMITS = {
  yarns: 24,
  /** Beside the first. */
  strands: 5,
  /** Choices of how yarns are led. */
  ways: 200,
  /** Lots of one yarn, colours of the run of one, measurements of yarn, and packs. */
  lots: 12,
  run: 24,
  measured: 24,
  packs: 12,
  pieces: 24,
  parts: 60,
  /** How often one piece is made, and the joins of one. */
  times: 100,
  joins: 12,
  /** Things beside the pieces, and how long one may be, in mm. */
  items: 40,
  lengthMm: 20_000,
  /** Rows made, and runs of one. */
  log: 100_000,
  madeRuns: 6000,
  rounds: 1000,
  count: 2000,
  chartWidth: 1000,
  chartHeight: 1000,
  stripes: 200,
  along: 400,
  squares: 20,
  strip: 200,
  swatches: 12,
  writtenRows: 300,
  /** Stitches more at an edge of a texture. */
  edge: 8,
  rowText: 1200,
  /** Said of a texture beside its rows. */
  notes: 3000,
  /** Of a written pattern that is checked, in characters. */
  patternText: 400_000,
  /** Stitches a row leaves, whatever is added or sewn up. */
  rowCount: 4000,
  /** Rounds of all bands. */
  bandRounds: 4000,
  /** Stitches of all bands, cells of all charts, and runs of all written rows. */
  stitches: 4_000_000,
  cells: 4_000_000,
  runs: 40_000,
  /** A stitch of a swatch, either way, and how many times as tall as wide it is (or as wide as tall). */
  stitchMm: { least: 0.5, most: 200 },
  stitchSlant: 6,
} as const

/** What stands for a yarn in charts and rows. */
export const Letter = (): PropertyDecorator => Pattern(/^[A-Z]$/, 'one capital letter')
export const GroundStitch = (): PropertyDecorator => OneOf(groundStitchIds)
/** What a piece or a part is known by. */
export const Id = () =>
  Pattern(/^[A-Za-z0-9_-]{1,40}$/, 'an id of letters, digits, dashes and underscores')

/** The id of a row: its part, and its place there from 1. It stays the same whatever is put below it. */
export const rowId = (part: string, row: number): string => `${part}:${row}`
export const RowId = () =>
  Pattern(/^[A-Za-z0-9_-]{1,40}:[1-9]\d{0,4}$/, 'the id of a row, like p2:14')
/** The part of a row's id, and its place there. */
export const partOfId = (row: string): string => row.slice(0, row.lastIndexOf(':'))
export const placeOfId = (row: string): number => Number(row.slice(row.lastIndexOf(':') + 1))

export const workings = ['spiral', 'joined', 'turned', 'turn-once'] as const
export type Working = (typeof workings)[number]

/** How rounds go on from one another, and how each begins: schools differ, and may differ from section to section. */
export class Making {
  /** On in a spiral; joined; joined and turned; or joined, with its first round turned and no other. */
  @OneOf(workings) readonly working!: Working
  /** What a joined round begins with. */
  @OneOf(['chain', 'stacked', 'standing']) readonly start!: 'chain' | 'stacked' | 'standing'
  /** Whether the starting chain counts as a stitch, where it is taller than one. */
  @Flag() readonly chainCounts!: boolean
  /** Whether the one chain of a single crochet does so too, by which schools differ. */
  @Flag() readonly oneCounts!: boolean
  /** Chains for stitches taller than sc are one fewer than is usual: 1 for hdc, 2 for dc. */
  @Flag() readonly shortChain!: boolean
  /** Where the first stitch goes: where the chain stands, the next, or the second with the last doubled. */
  @OneOf(['same', 'next', 'second']) readonly first!: 'same' | 'next' | 'second'
  /** Each row is begun with its yarn joined anew: rounds at that stitch of the one below, from 1, rows at their edge. Null: they go on. */
  @OrNull() @Whole(1, LIMITS.rowCount) readonly anew!: number | null
}

/** What every part has. */
export abstract class Section {
  @Id() readonly id!: string
  @Text(60) readonly name!: string
  /** How its rounds are worked; null when like the rest of the bag. */
  @OrNull() @One(() => Making) readonly making!: Making | null
  @GroundStitch() readonly stitch!: string
}
