/*
 * A row of the shorthand as data: what is worked, where it goes, how often. Offsets are half-open, counted in the text that
 * was read.
 */

export interface Span {
  readonly from: number
  readonly to: number
}

/** What can be worked into: a stitch, a single chain, a chain space, the gap after a cluster, or whatever comes next. */
export type PlaceUnit = 'st' | 'ch' | 'sp' | 'gap' | 'any'

/** How far a repeat or an “each” goes. */
export type Reach =
  | { readonly kind: 'end' }
  | { readonly kind: 'to-last'; readonly count: number }
  | { readonly kind: 'times'; readonly count: number }

/** Where something is worked. */
export type Target =
  | { readonly kind: 'next'; readonly count: number; readonly unit: PlaceUnit }
  | { readonly kind: 'each'; readonly units: readonly PlaceUnit[]; readonly reach: Reach }
  | { readonly kind: 'same' }
  | { readonly kind: 'last'; readonly count: number; readonly unit: PlaceUnit }
  /** `counts`: whether the chains skipped count as a stitch; null when nothing is said. `from`: only begins there. */
  | {
      readonly kind: 'hook'
      readonly nth: number
      readonly counts: boolean | null
      readonly from: boolean
    }
  | { readonly kind: 'ring' }

/** A stitch as the shorthand counts it. */
export interface StitchWord {
  /** Its plain US form, such as "sc", "fpdc", "sc2tog", "inc". */
  readonly word: string
  readonly uses: number
  readonly makes: number
}

export type Work =
  | {
      readonly kind: 'stitch'
      readonly stitch: StitchWord
      readonly count: number
      readonly loop: 'back' | 'front' | null
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
        'turn' | 'join' | 'fasten-off' | 'yarn' | 'other-side' | 'pick-up' | 'leave' | 'said'
      readonly yarn: string | null
      readonly text: string
      readonly span: Span
    }

/** Something that could not be read: where, and what would have been expected there. */
export interface Unread extends Span {
  readonly expected: string
}

/** A row as it was read. */
export interface ReadWork {
  readonly items: readonly Work[]
  readonly unread: readonly Unread[]
}
