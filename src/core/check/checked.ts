import type { Made, Meaning, Specials, Through, Uses, Work } from '../notation/index.ts'
import type { RowLine } from './lines.ts'
import type { Problem } from './problem.ts'
import { type Counted, countedOf } from './totals.ts'

export interface CheckOptions {
  /** Which vocabulary the pattern is in; found from its words when not said. Counts do not depend on it. */
  readonly terms?: 'us' | 'uk'
  /** Whether starting chains count: as the text says (by itself three and more do), always, or never. */
  readonly startingChain?: 'text' | 'counts' | 'not'
  /** Which of its sizes is counted, from 0. */
  readonly size?: number
  /** Whether rows keep how each of their places was made. */
  readonly keepMade?: boolean
}

/** Whether a row adds up, does not, is not understood, or stands on what is not known. */
export type RowState = 'adds-up' | 'wrong' | 'not-understood' | 'not-known'

/** The state of a row, by what it leaves and what is said of it. */
export function stateOf(makes: number | null, problems: readonly Problem[]): RowState {
  if (problems.some(({ code }) => code === 'unread')) return 'not-understood'
  if (problems.some(({ severity }) => severity === 'error')) return 'wrong'
  return makes === null ? 'not-known' : 'adds-up'
}

/** One worked row. Numbers are null where they cannot be known. */
export interface CheckedRow {
  readonly row: number | null
  readonly part: string | null
  readonly kind: 'row' | 'round'
  /** The side that faces: as it says, else the right one in rounds that are not turned and in every other row. */
  readonly side: 'RS' | 'WS'
  /** Its line in the text, from 1. */
  readonly line: number
  /** Where its text begins in that line. */
  readonly column: number
  readonly text: string
  readonly available: number | null
  readonly consumes: number | null
  readonly makes: number | null
  readonly stated: number | null
  readonly state: RowState
  /** It adds up. */
  readonly ok: boolean
  readonly problems: readonly Problem[]
  /** Places worked into by kind, and skipped; what it leaves by kind; null where it cannot be known. */
  readonly uses: Readonly<Uses> | null
  readonly leaves: { readonly stitches: number; readonly chains: number } | null
  /** Its stated total, part by part. */
  readonly units: readonly Counted[]
  /** Yarns it says, in the order they come. */
  readonly yarns: readonly string[]
  /** How each place was made, when that is to be kept. */
  readonly made?: readonly Made[]
  /** What it says is done, as it was read; kept as those are. */
  readonly items?: readonly Work[]
  /** What takes no place and leaves none, and after how many places it is made; kept as those are. */
  readonly extras?: Meaning['extras']
  /** Places on from the first one below at which its yarn is joined; null where it does not say. */
  readonly anew: number | null
  /** The rows it says it is worked into; none where that is the one below. */
  readonly onto: readonly number[]
  /** Counted through: after so many repeats, so many places done and left. */
  readonly through: readonly Through[]
}

export interface CheckReport {
  /** The vocabulary it was asked for in, or seems to be in. */
  readonly terms: 'us' | 'uk'
  readonly rows: readonly CheckedRow[]
  /** What concerns the pattern as a whole. */
  readonly problems: readonly Problem[]
  /** Lines that look like work and could not be read. */
  readonly unread: readonly { readonly line: number; readonly text: string }[]
  /** The sizes it is written in; none where it is for one. */
  readonly sizes: readonly string[]
}

/** What a row uses and leaves by kind, in which yarns, and its total by its parts. */
export function kindsOf(
  { said }: RowLine,
  meaning: Meaning | null,
  specials: Specials,
): Pick<CheckedRow, 'uses' | 'leaves' | 'units' | 'yarns'> {
  const places = meaning?.places
  if (!meaning || !places) return { uses: null, leaves: null, units: [], yarns: [] }
  const stitches = places.filter((place) => place === 'st').length
  return {
    uses: meaning.available === null ? null : meaning.uses,
    leaves: { stitches, chains: places.length - stitches },
    units: countedOf(said, meaning, specials),
    yarns: [...new Set(meaning.made.flatMap(({ yarn }) => yarn ?? []))],
  }
}
