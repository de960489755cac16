/*
 * A row of the shorthand as data: what is worked, where it goes, how often. Offsets are half-open, counted in the text that
 * was read.
 */

export interface Span {
  readonly from: number
  readonly to: number
}

/** What can be worked into: a stitch, a single chain, a chain space, the gap after a cluster, whatever comes next, the top of the chain a row began with, its last place; or the middle of the next several that stand together. */
export type PlaceUnit = 'st' | 'ch' | 'sp' | 'gap' | 'any' | 'top' | 'mid'

/** How far a repeat or an “each” goes. */
export type Reach =
  | { readonly kind: 'end' }
  /** So many places, or with `sp` spaces (V's), each with the group it stands in. */
  | { readonly kind: 'to-last'; readonly count: number; readonly unit?: 'sp' }
  /** Up to the next chain space: a corner. */
  | { readonly kind: 'to-space' }
  /** `again`: said as “rep from * 5 times”, which some mean as five more. */
  | { readonly kind: 'times'; readonly count: number; readonly again: boolean }

export const END: Reach = { kind: 'end' }
export const times = (count: number): Reach => ({ kind: 'times', count, again: false })

/** A place counted from the beginning of the row: the nth stitch or space, or the gap after the nth. */
export interface NthPlace {
  readonly kind: 'nth'
  readonly nth: number
  readonly unit: PlaceUnit
}

/** Where something is worked. */
export type Target =
  /** `first`: said as the first of the row, where a starting chain may already stand. */
  | {
      readonly kind: 'next'
      readonly count: number
      readonly unit: PlaceUnit
      readonly first: boolean
      /** The stitch it is called by: “in next sc”. */
      readonly named?: string
    }
  /** `long`: only spaces of so many chains; null for any. */
  | {
      readonly kind: 'each'
      readonly units: readonly PlaceUnit[]
      readonly long: number | null
      readonly reach: Reach
    }
  /** `first`: the one the row’s first stitch went into. */
  | { readonly kind: 'same'; readonly first: boolean }
  /** So many of the places that were passed over just before; null for all of them. */
  | { readonly kind: 'skipped'; readonly count: number | null }
  | {
      readonly kind: 'last'
      readonly count: number
      readonly unit: PlaceUnit
      readonly named?: string
    }
  /** `counts`: what the chains skipped count as; null when nothing is said. `from`: only begins there. */
  | {
      readonly kind: 'hook'
      readonly nth: number
      readonly counts: { readonly stitches: number; readonly chains: number } | null
      readonly from: boolean
    }
  | { readonly kind: 'ring' }
  | NthPlace

/** Part of a stitch that is worked into; the third loop is that behind a half double. */
export type Loop = 'back' | 'front' | 'third'

/** A stitch as the shorthand counts it. */
export interface StitchWord {
  /** Its plain US form, such as "sc", "fpdc", "sc2tog", "inc". */
  readonly word: string
  readonly uses: number
  readonly makes: number
  /** What it leaves when that is not stitches alone, in order. */
  readonly leaves?: readonly ('st' | 'ch')[]
}

export type Work =
  | {
      readonly kind: 'stitch'
      readonly stitch: StitchWord
      readonly count: number
      readonly loop: Loop | null
      /** Around the post, as it says. */
      readonly post: boolean
      /** So many rows further down than the row below. */
      readonly down: number
      readonly yarn: string | null
      readonly target: Target | null
      /** "4 times" after it. */
      readonly times: number
      /** A standing or stacked stitch, which is the round's first. */
      readonly start: 'standing' | 'stacked' | null
      /** With the starting chain it makes one stitch together: it leaves none of its own. */
      readonly withStart: boolean
      readonly span: Span
    }
  | {
      readonly kind: 'group'
      readonly items: readonly Work[]
      readonly reach: Reach
      /** All of it goes into one place; null when its stitches find their own. */
      readonly target: Target | null
      readonly span: Span
    }
  | {
      readonly kind: 'skip'
      readonly count: number
      readonly unit: PlaceUnit
      /** Said as the first of the row. */
      readonly first: boolean
      readonly span: Span
    }
  | {
      readonly kind: 'chain'
      readonly count: number
      readonly yarn: string | null
      /** Stitches it counts as, and chains beside; null when nothing is said. */
      readonly counts: { readonly stitches: number; readonly chains: number } | null
      readonly span: Span
    }
  | {
      readonly kind: 'note'
      readonly what:
        | 'turn'
        | 'join'
        | 'fasten-off'
        | 'yarn'
        | 'other-side'
        | 'pick-up'
        | 'leave'
        | 'ring'
        | 'ending'
        | 'change'
        | 'said'
      /** The letter or name of a yarn. */
      readonly yarn: string | null
      /** Stitches left unworked at the end, or added evenly (below 0 taken away), where it says how many. */
      readonly count: number
      /** Where a yarn is joined, where it says so. */
      readonly at: NthPlace | null
      readonly text: string
      readonly span: Span
    }

/** The stitch before goes on elsewhere. */
export const plainStitch = {
  kind: 'stitch',
  stitch: { word: '', uses: 1, makes: 1 },
  count: 1,
  loop: null,
  post: false,
  down: 0,
  yarn: null,
  times: 1,
  start: null,
  withStart: false,
} as const

/** Something that could not be read: where, and what would have been expected there. */
export interface Unread extends Span {
  readonly expected: string
}

/** A row as it was read. */
export interface ReadWork {
  readonly items: readonly Work[]
  readonly unread: readonly Unread[]
  /** Words it passed over. */
  readonly past: readonly Span[]
}
