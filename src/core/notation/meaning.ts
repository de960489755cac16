import type { Place, PlaceKind, Range } from './below.ts'
import type { Span } from './work-tree.ts'

/*
 * What a row does: which places of the row below it takes up, and what it leaves. A row of unknown length below leaves open what
 * it takes.
 */

/** After so many of a row's repeats: places done, and left. */
export interface Through {
  readonly repeat: number
  readonly of: number
  readonly done: number
  readonly left: number
}

/** A repeat that does not fill the row: how many places each takes, how many repeats fit, and what is left over. */
export interface RepeatFault extends Span {
  readonly multiple: number
  readonly repeats: number
  readonly left: number
  /** Places the first repeat took, and each of the later ones; null where they took as many. */
  readonly unlike: { readonly first: number; readonly later: number } | null
  /** Two alike halves, of which one more would fit. */
  readonly twoPeriod: boolean
}

/** A place as it was made: by which stitch, in which yarn, and into what; chains go into nothing. */
export interface Made {
  readonly word: string
  /** The letter or name of its yarn; null when the row does not say. */
  readonly yarn: string | null
  readonly into: Range | null
  readonly kind: PlaceKind | null
}

/** How many places of each kind were worked into (a chain space is one), and how many were skipped. */
export type Uses = Record<PlaceKind | 'skipped', number>

/** Chains made over places skipped: how long, over how many, and the places made before it. */
export interface Gap {
  readonly chains: number
  readonly over: number
  readonly before: number
}

export interface Meaning {
  /** Places there were: those below, or those of the chain it was begun in; null when not known. */
  readonly available: number | null
  /** Places of the row below used or skipped; null when it is not known how many there are. */
  readonly consumes: number | null
  readonly makes: number | null
  readonly uses: Readonly<Uses>
  readonly places: readonly Place[] | null
  /** How each of the places was made. */
  readonly made: readonly Made[]
  /** What takes no place and leaves none, such as a picot: after how many places made. */
  readonly extras: readonly { readonly word: string; readonly at: number }[]
  /** Places missing (above 0) or left over (below 0) at the end of the row, and where it ran out. */
  readonly short: { readonly count: number; readonly span: Span } | null
  readonly left: number
  /** It would leave more than any row does, and is not counted to its end. */
  readonly tooLong: boolean
  readonly repeat: RepeatFault | null
  readonly through: readonly Through[]
  readonly turns: boolean
  /** Places on from the first one below at which its yarn is joined; null where it does not say. */
  readonly anew: number | null
  readonly gaps: readonly Gap[]
  /** The most rows further down a stitch goes, and where that is said; null when none does. */
  readonly deepest: ({ readonly rows: number } & Span) | null
  /** The chain it was begun in and the chains skipped, when it was begun in one. */
  readonly foundation: {
    readonly chains: number
    readonly skipped: number
    readonly counts: boolean
  } | null
}

export interface MeaningOptions {
  /** Whether a starting chain counts where the row does not say: null goes by its length (3 and more do). */
  readonly startingChain?: boolean | null
  /** Slip stitches that a row begins with lead to where it starts, and are none of it. */
  readonly slipsLead?: boolean
  /** Chains of a counting start that are a space after its stitch, where it does not say. */
  readonly startSpace?: number
  /** Chains below are stitches to “each st”. */
  readonly chainsAreStitches?: boolean
  /** Places below that stand in one place together have the same number: a gap lies after each group. */
  readonly groups?: readonly number[] | null
  /** What each place below was made as; with `byName` “in next sc” goes to the next that was one. */
  readonly words?: readonly string[] | null
  readonly byName?: boolean
  /** Worked in the round: what is passed at its start comes at its end. */
  readonly round?: boolean
  /** “First st” after a starting chain that counts is the place beside it, not the one it stands over. */
  readonly firstIsNext?: boolean
  /** “Rep from * 5 times” is five times more. */
  readonly timesAreMore?: boolean
}
