import type { Chart, ChartSigns } from '../chart/index.ts'
import type { School } from '../mosaic/index.ts'
import type { Onto, Program } from '../program/index.ts'
import type { Fabric } from './fabric.ts'

/** So many of one stitch in one yarn, one after the other. */
export interface BandRun {
  readonly stitch: string
  readonly yarn: string
  readonly count: number
}

/** What a band's rows are worked on. */
export interface Ground {
  /** Places the row below leaves. */
  readonly count: number
  readonly hand: 'right' | 'left'
  readonly worked: 'rounds' | 'rows'
  /** Rows there are below; more than anything reaches where that is not said. */
  readonly below?: number
  /** Where the sides of the bag lie along a round, as shares of it; none where there are none. */
  readonly sides?: Sides
  /** The middles of front and back in the round that comes, counted as its program is; null, or none, where it has no front. */
  readonly front?: () => { readonly front: number; readonly back: number } | null
  /** Where in its program the round that comes begins, where that is not at its beginning. */
  readonly begins?: number
  /** Places further on at which every round after the first begins its program. */
  readonly step?: number
}

/** Both sides of a bag along a round, as shares of it from where the round begins. */
export type Sides = readonly [number, number]

/** What a new band begins with. */
export interface NewFrom {
  readonly stitch: string
  /** Letters of the bag's yarns, one at least. */
  readonly letters: readonly string[]
  /** Places it is put on; 0 when that is not known. */
  readonly count: number
  /** The word of its stitch. */
  readonly abbr: string
}

/** Stitches after which a pattern begins again, and those beside its repeats on a flat panel. */
export interface Repeat {
  readonly multiple: number
  readonly offset: number
}

/** How a row wants to be worked; what it does not say is all the same to it. */
export interface RowWants {
  /** The side that faces. */
  readonly side?: 'RS' | 'WS'
  /** The side that faces where rows are turned; where they are not it is worked from the right one. */
  readonly sideIfTurned?: 'RS' | 'WS'
  /** It is said as it is seen from the right side: from the wrong one it is worked from behind. */
  readonly asSeen?: boolean
  /** It goes back along the row below, without a turn. */
  readonly stays?: boolean
  /** Its rows are said as they are worked on the right side: rounds that are turned elsewhere are not turned for it. */
  readonly fromRight?: boolean
  /** Whether it is turned before it, where rounds are joined and not always turned. */
  readonly turned?: boolean
  /** It is turned after it, before whatever comes next. */
  readonly turnsAfter?: boolean
  /** Its rounds are joined, wherever they stand: it leads on from the join. */
  readonly joins?: boolean
  /** Its yarn is joined anew where the row below began or so many places on, so that it is not turned; `flat`: in rows alone. */
  readonly afresh?: 'flat' | 'always'
  /** Places on from where the row below began at which it begins; those passed come at the end of a round. */
  readonly from?: number | null
  /** The same where rounds are not turned: in turned ones it begins as any. */
  readonly fromUnturned?: number
  /** There what comes next begins so many places on from where it began, unless that says otherwise. */
  readonly fromAfter?: number
  /** Its last loop waits on a marker while another yarn works, which cuts and carries nothing. */
  readonly held?: boolean
  /** Ways along it: 2 where it is worked forward and back again as one row. */
  readonly passes?: 1 | 2
  /** What it is worked into, where that is not the row below: then its yarn is said too, by which it is known which row that is. */
  readonly onto?: { readonly yarn: string; readonly onto: Onto }
  /** Rows it is worked into, counted down from it; none where it is the row below. */
  readonly down?: readonly number[]
}

/**
 * What rows look like from below, each as a text by which it is known: those of one repeat, which come again above it, over so many
 * that come once.
 */
export interface Looks {
  readonly below: number
  readonly rows: readonly string[]
}

/** A row as it is said, in US terms, and the yarn it begins in. */
export interface SaidRow {
  readonly text: string
  readonly yarn: string
  readonly onto: Onto
  readonly side: 'RS' | 'WS' | null
}

/** Rows that begin it, once; those that repeat; and those it ends with. */
export interface Stitched {
  readonly begin: readonly SaidRow[]
  readonly rows: readonly SaidRow[]
  readonly end: readonly SaidRow[]
  readonly side: 'RS' | 'WS' | 'any'
  readonly passes: 1 | 2
}

/** Tells a fault of a field of the part, by its name below the part. */
export type Say = (field: string, message: string) => void

/** Without its id, which the bag gives. */
type New<Part> = Omit<Part, 'id'>

/**
 * One kind of band: all that the program knows of it. `Part` is its document. Whoever asks anything of a band asks it here;
 * nobody asks which kind it is.
 */
export interface Band<Part> {
  readonly document: new () => Part
  /** In the list of what can be added, and before its stitch: "Plain in sc". */
  readonly title: string
  readonly heading: string
  /** It is only for what is worked in rounds. */
  readonly inRounds: boolean
  readonly begin: (from: NewFrom) => New<Part>

  readonly rounds: (part: Part) => number
  /** What makes it so many rounds; null where one number cannot say it. */
  readonly withRounds: (part: Part, rounds: number) => Partial<Part> | null
  /** What makes it so many times as tall; null where it stays whole. */
  readonly stretched: (part: Part, by: number) => Partial<Part> | null
  /** Keeps its fields in step with one another after one of them was set. */
  readonly settled: (part: Part) => Partial<Part>

  /** The letter of what is new in its chart, row by row, where that is so high; null where any will do. */
  readonly blank: (part: Part, height: number) => ((row: number) => string) | null
  readonly yarns: (part: Part) => readonly string[]
  readonly withYarn: (part: Part, from: string, to: string) => Partial<Part>
  /** The yarn its last row ends in. */
  readonly lastYarn: (part: Part) => string
  /** The one yarn its gauge may be of; null when it is worked in several. */
  readonly gaugeYarn: (part: Part) => string | null
  /** What its swatch is of. */
  readonly fabric: (part: Part) => Fabric

  /** Null when it has none. */
  readonly repeat: (part: Part, worked: 'rounds' | 'rows') => Repeat | null
  /** Counts it can stand on: a multiple and an offset, or (a multiple of 0) one count alone; null for any. */
  readonly counts: (part: Part) => Repeat | null
  readonly standsOn: (part: Part, count: number) => boolean
  /** Stitches it is to add, or below 0 to take away; null where a change of count is not its work. */
  readonly change: (part: Part) => number | null
  /** What makes its change so many stitches; a share of it in every row where that is asked. */
  readonly withChange: (part: Part, by: number, inEveryRow?: boolean) => Partial<Part>
  /** Places it leaves on so many, at the most. */
  readonly leaves: (part: Part, count: number) => number
  readonly faults: (part: Part, say: Say) => void
  /** Cells of its chart, and runs of its rows. */
  readonly size: (part: Part) => { readonly cells: number; readonly runs: number }

  /** Its rows from below, each in working order on the right side. Rows that are alike may be one and the same program. */
  readonly rows: (part: Part, ground: Ground) => Iterable<Program>
  /** By what its rows are known when some are put in or taken out; null where none differs from another. */
  readonly looks: (part: Part) => Looks | null
  /** How a row of it wants to be worked, by its place in the band from 1, where the band stands on so many. */
  readonly wants: (part: Part, row: number, count: number) => RowWants
  /** Its rows as they are said, in US terms, on so many places; null when they are said from what is worked. */
  readonly texts: (part: Part, count: number) => readonly string[] | null
  /** What stands on the cells of its chart, where that is more than their yarn; as they are printed. */
  readonly signs: (part: Part, worked: 'rounds' | 'rows') => ChartSigns | null
  /** What is said of it beside its rows, in US terms. */
  readonly notes: (part: Part) => readonly string[]
  /** Its rows say their stitches: no stitch is chosen for it. */
  readonly saysStitches: boolean
  /** Its rows start by the school of the part, whatever chain they were written with. */
  readonly startBySchool: boolean
  /** How many rows it stops after whole repeats though it ends in a way of its own, and how many a repeat has; null when it may stop. */
  readonly stopsMidway: (part: Part) => { readonly beyond: number; readonly repeat: number } | null
  /** Its last row is the one that its pattern ends with. */
  readonly endsAsItDoes: (part: Part) => boolean
  /** Places of one of two like halves that its repeat has: with one half more on a count, two alike would meet; null for most. */
  readonly half: (part: Part) => number | null
  /** Its chart, where it has one of its own. */
  readonly chart: (part: Part) => Chart | null
  /** The technique in which it works one picture, which can be worked in another too; null where it works none. */
  readonly technique: (part: Part) => 'tapestry' | School | null
  /** Cells of its chart that are not worked as they are drawn. */
  readonly misfits: (part: Part, worked: 'rounds' | 'rows') => number
  /** The nearest rows of its chart that can be worked; null where every chart can. */
  readonly nearest: (part: Part, worked: 'rounds' | 'rows') => readonly string[] | null
  /** What its rows repeat, across and up: its chart, as the repeats of it lie. */
  readonly field: (part: Part) => Chart | null
  /** What of a row stands beside its repeats, as it is seen: plain stitches at each edge, and columns at the right that are the first again. */
  readonly beside: (
    part: Part,
    worked: 'rounds' | 'rows',
  ) => { readonly edge: number; readonly again: number }
  /** Its rows as a stitch pattern, which is drawn in symbols; null where they are none. */
  readonly symbols: (part: Part) => Stitched | null
  /** What shows early whether it comes out right, in US terms; null where there is nothing but to count. */
  readonly lookFor: (part: Part, worked: 'rounds' | 'rows') => string | null
  /** How its chart is read and worked, in US terms; null where each stitch is as its cell. */
  readonly reading: (part: Part, worked: 'rounds' | 'rows') => string | null
  /** Where in the band a row of its chart is worked, from 0, and in how many rows. */
  readonly workedAs: (part: Part, row: number) => { readonly row: number; readonly rows: number }
}

/** What most bands have nothing to say of. */
export const usual = {
  inRounds: false,
  settled: () => ({}),
  blank: () => null,
  repeat: () => null,
  counts: () => null,
  standsOn: () => true,
  change: () => null,
  withChange: () => ({}),
  leaves: (_: unknown, count: number) => count,
  faults: () => {},
  size: () => ({ cells: 0, runs: 0 }),
  looks: () => null,
  wants: () => ({}),
  texts: () => null,
  startBySchool: false,
  saysStitches: false,
  signs: () => null,
  notes: () => [],
  stopsMidway: () => null,
  endsAsItDoes: () => false,
  technique: () => null,
  misfits: () => 0,
  nearest: () => null,
  half: () => null,
  chart: () => null,
  field: () => null,
  beside: () => ({ edge: 0, again: 0 }),
  symbols: () => null,
  lookFor: () => null,
  reading: () => null,
  workedAs: (_: unknown, row: number) => ({ row, rows: 1 }),
} as const

/** Whole and within what there can be. */
export const within = (value: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, Math.round(value) || 0))

/** The nearest counts that such a multiple and offset allow, the nearest first. */
export function nearestCounts({ multiple, offset }: Repeat, count: number): number[] {
  if (multiple === 0) return [offset]
  const least = offset + (offset === 0 ? multiple : 0)
  const below = offset + Math.floor((count - offset) / multiple) * multiple
  return [below, below + multiple]
    .filter((one) => one >= least)
    .sort((a, b) => Math.abs(a - count) - Math.abs(b - count))
}
