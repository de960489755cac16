import type { PlaceKind } from './places.ts'

/*
 * What is worked in a row: a tree of work, chains, places passed over, and groups of them. Numbers may depend on the row
 * below ("as often as fits") or on the row's own place in its part.
 */

/** So many; as often as fits what is left; or so many and so many more with each row of the part, whose first is row 1. */
export type Times = number | 'fits' | { readonly base: number; readonly perRow: number }

/** A number as it is in a row; `fits` is what "as often as fits" comes to there. */
export const timesAt = (times: Times, row: number, fits: number): number =>
  times === 'fits'
    ? fits
    : typeof times === 'number'
      ? times
      : Math.max(0, times.base + times.perRow * row)

/** Where a stitch goes. `row`: of several rows worked onto, which one; the first is the row below. */
export type Into =
  /** The next place (of those kinds), over what lies before it. */
  | { readonly at: 'next'; readonly of?: readonly PlaceKind[]; readonly row?: number }
  /** The next chains side by side, as one. */
  | { readonly at: 'space'; readonly row?: number }
  /** The place of the stitch before. */
  | { readonly at: 'same' }
  /** This row itself: around the stitch just made, or into the row's first. */
  | { readonly at: 'own'; readonly which: 'last' | 'first' }

export interface Work {
  readonly do: 'work'
  /** Id of the dictionary's stitch. */
  readonly stitch: string
  readonly times: Times
  /** Letter of its yarn; the row's own where there is none. */
  readonly yarn?: string
  readonly into?: Into
  /** It leaves no place: it closes a loop, or catches something. */
  readonly closes?: true
  /** A loop of that row is caught with it. */
  readonly catches?: number
  /** What it is counted as. */
  readonly unit?: string
}

export interface Chain {
  readonly do: 'chain'
  readonly times: Times
  /**
   * `over`: each chain is a place, and together they are as wide as what they pass over. `loop`: they are one loop, so wide too.
   * `off`: a loop that hangs in front, in no place and of no width.
   */
  readonly stands: 'over' | 'loop' | 'off'
  readonly yarn?: string
  readonly unit?: string
}

export interface Pass {
  readonly do: 'pass'
  readonly times: Times
  /** Left for good, or for a later row. */
  readonly for: 'good' | 'later'
}

export interface Group {
  readonly do: 'group'
  readonly steps: Program
  readonly times: Times
  readonly unit?: string
}

/** One stitch in each of the next places, each in the yarn of its letter: a row of a chart as it is drawn. */
export interface Cells {
  readonly do: 'cells'
  readonly stitch: string
  readonly letters: string
  /** The end it is read from. */
  readonly from: 'left' | 'right'
}

/** A gap between what is worked, which a later row may go into. */
export interface Gap {
  readonly do: 'gap'
}

export type Step = Work | Chain | Pass | Group | Cells | Gap
export type Program = readonly Step[]

/** Shorthands for those who write programs. */
export const work = (stitch: string, times: Times = 1, more: Partial<Work> = {}): Work => ({
  do: 'work',
  stitch,
  times,
  ...more,
})
export const chain = (times: Times, stands: Chain['stands'], more: Partial<Chain> = {}): Chain => ({
  do: 'chain',
  times,
  stands,
  ...more,
})
export const pass = (times: Times, kind: Pass['for'] = 'good'): Pass => ({
  do: 'pass',
  times,
  for: kind,
})
export const group = (times: Times, ...steps: readonly Step[]): Group => ({
  do: 'group',
  steps,
  times,
})
export const again = (times: Times, unit: string, ...steps: readonly Step[]): Group => ({
  ...group(times, ...steps),
  unit,
})
export const IN_SAME: Into = { at: 'same' }
export const LAST: Into = { at: 'own', which: 'last' }

/** A program in other stitches. */
export const inStitches = (steps: Program, to: (stitch: string) => string): Program =>
  steps.map((step): Step => {
    if (step.do === 'group') return { ...step, steps: inStitches(step.steps, to) }
    return step.do === 'work' || step.do === 'cells' ? { ...step, stitch: to(step.stitch) } : step
  })

/** A program that goes into every place once, worked from its end: a row that is read the other way. */
export const backwards = (steps: Program): Program =>
  steps
    .map((step): Step => {
      if (step.do === 'group') return { ...step, steps: backwards(step.steps) }
      if (step.do === 'cells') return { ...step, from: step.from === 'left' ? 'right' : 'left' }
      return step
    })
    .reverse()
