import type { Severity } from '../units/index.ts'

/** What a row is worked into. */
export type Onto = 'row' | 'chain'

/** What each problem is about; it is put in words by `problemText`. */
export interface ProblemFacts {
  /** It makes so many of a unit (empty for places), and states another number. */
  'total-misstated': { readonly made: number; readonly unit: string; readonly stated: number }
  'total-stitches-only': { readonly stitches: number; readonly chains: number }
  'unit-unknown': { readonly unit: string; readonly makes: number }
  /** "n times" adds up only as n more. */
  'repeat-times': { readonly times: number }
  'rows-below': { readonly rows: number; readonly depth: number }
  /** Rows that were counted; null where one row is too long by itself. */
  'too-long': { readonly rows: number | null }
  'stitches-left': { readonly left: number; readonly onto: Onto }
  'stitches-short': { readonly available: number; readonly short: number }
  /** `width`: a repeat near it that would come out even. */
  'repeat-remainder': {
    readonly multiple: number
    readonly repeats: number
    readonly left: number
    readonly available: number
    readonly onto: Onto
    readonly width: number | null
    /** What the first repeat takes, and each later one, where that is not the same. */
    readonly unlike: { readonly first: number; readonly later: number } | null
  }
  'period-of-two': null
  /** It repeats a row that begins in a chain or ring of its own. */
  'repeats-beginning': { readonly row: number }
  'halves-unequal':
    | { readonly of: 'between' | 'gaps'; readonly one: number; readonly other: number }
    | { readonly of: 'seam'; readonly count: number }
  numbering:
    | { readonly from: number; readonly to: number }
    | { readonly number: number; readonly after: number }
  parity:
    | { readonly side: 'RS' | 'WS' }
    | {
        readonly rows: number
        readonly cycle: readonly number[]
        readonly endsOn: number
        readonly said: number
      }
    /** So many rows, where so many times so many are said. */
    | { readonly rows: number; readonly cycle: number; readonly times: number }
  'chain-multiple':
    | { readonly line: number; readonly chains: number; readonly of: number; readonly and: number }
    | {
        readonly chains: number
        readonly skipped: number
        readonly counts: boolean
        readonly makes: number
        readonly stated: number
      }
  /** The word of the other vocabulary, and one of the pattern's own beside it. */
  'terms-mixed': {
    readonly word: string
    readonly is: 'us' | 'uk'
    readonly beside: string | null
    /** The lines it stands in. */
    readonly lines: readonly number[]
  }
  /** All of it adds up where starting chains count, or do not, and it does not say so. */
  'starting-chains': { readonly counts: boolean }
  /** Words that are not known, in a row that adds up without them. */
  'read-past': { readonly words: readonly string[] }
  /** A list that does not say how far it is worked, and comes out all the way. */
  'read-around': null
  unread:
    /** Words that stand in the way; `known` where they are words of the trade, in no order that says something. */
    | { readonly words: readonly string[]; readonly known: boolean }
    /** It repeats a row that is not there. */
    | { readonly row: number }
}
export type ProblemCode = keyof ProblemFacts

/** A change of a row's text that puts it right. */
export interface Mend {
  /** What is replaced: half-open offsets in the row's text; nothing where they are the same. */
  readonly from: number
  readonly to: number
  readonly text: string
  readonly label: string
  /** It is a repeat that is said so often, and fits so often. */
  readonly repeats?: { readonly written: number; readonly fit: number }
}

interface Found<Code extends ProblemCode> {
  readonly code: Code
  readonly severity: Severity
  readonly facts: ProblemFacts[Code]
  /** Half-open offsets in the row's text. */
  readonly from: number
  readonly to: number
  /** What would put it right, found by trying; none where nothing near does. */
  readonly edits?: readonly Mend[]
  /** Its starting chain counted the other way would put it right. */
  readonly startingChain?: { readonly chains: number; readonly counts: boolean }
}
/** Something that does not add up. */
export type Problem = { [Code in ProblemCode]: Found<Code> }[ProblemCode]

/** Severity by itself: what a row cannot be worked with is an error. */
const severities: Partial<Record<ProblemCode, Severity>> = {
  'total-stitches-only': 'advice',
  'unit-unknown': 'advice',
  'read-past': 'advice',
  'read-around': 'advice',
  'starting-chains': 'advice',
  'repeat-times': 'advice',
  'period-of-two': 'warning',
  'halves-unequal': 'warning',
  'chain-multiple': 'warning',
  'terms-mixed': 'warning',
}

/** A problem at its place. */
export const found = <Code extends ProblemCode>(
  code: Code,
  facts: ProblemFacts[Code],
  { from, to }: { readonly from: number; readonly to: number },
  severity: Severity = severities[code] ?? 'error',
): Problem => ({ code, severity, facts, from, to }) as Problem
