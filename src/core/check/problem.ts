import type { Severity } from '../snag/index.ts'

export const problemCodes = [
  'total-misstated',
  'total-stitches-only',
  'unit-unknown',
  'repeat-times',
  'rows-below',
  'too-long',
  'stitches-left',
  'stitches-short',
  'repeat-remainder',
  'period-of-two',
  'halves-unequal',
  'numbering',
  'parity',
  'chain-multiple',
  'terms-mixed',
  'unread',
] as const
export type ProblemCode = (typeof problemCodes)[number]

/** Something that does not add up; `from` and `to` are half-open offsets in the row's text. */
export interface Problem {
  readonly code: ProblemCode
  readonly severity: Severity
  readonly message: string
  readonly from: number
  readonly to: number
  /** What likely puts it right, in words. */
  readonly mends: readonly string[]
}
