import type { Places } from './places.ts'
import type { Program } from './program.ts'

/** Where a row begins on the rows below, and how it goes on. */
export interface Origin {
  /** Place of the row below it begins at, counted from that row's own beginning. */
  readonly place?: number
  /** Worked the other way than the row below: it was turned. */
  readonly turned?: true
  /** Place of the row in its part, from 1. */
  readonly row?: number
  /** It goes on into the next round without an end: a chain it ends in leads up there. */
  readonly spiral?: true
  /** Nobody will ask what is left of the rows below. */
  readonly last?: true
}

/** A row as it came out. */
export interface Laid {
  /** The program with every number fixed. */
  readonly steps: Program
  /** Places it leaves, in working order. */
  readonly made: Places
  /** Loops that hang in front of it, in working order. */
  readonly hanging: Places
  /** What is left of each row it was worked onto, from that row's own beginning; none when nobody asks. */
  readonly rest: readonly Places[]
  /** Places of the row below it took or passed. */
  readonly uses: number
  /** Way around (or across), in stitches. */
  readonly width: number
  /** What it is counted in beside places. */
  readonly units: ReadonlyMap<string, number>
}
