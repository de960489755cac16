import { Amount, OneOf, OrNull, Pattern, Whole } from '../document/index.ts'
import { RowRecord } from '../program/index.ts'
import { Id, Letter, LIMITS, RowId } from '../part/index.ts'

/* What is made of a design, and what was weighed on the way. It only grows, and no edit of the design touches it. */

/** A row of one copy of a piece as it was worked: the ledger's own record of it. */
export class MadeRow extends RowRecord {
  @OneOf(['made']) readonly kind!: 'made'
  @Id() readonly piece!: string
  @Whole(1, LIMITS.times) readonly copy!: number
  @RowId() readonly row!: string
}

/** What was left of a yarn when a row was done. */
export class Weighed {
  @OneOf(['weighed']) readonly kind!: 'weighed'
  @Letter() readonly yarn!: string
  @Id() readonly piece!: string
  @RowId() readonly row!: string
  /** Null takes back what was said of this yarn and row before. */
  @OrNull() @Amount(0, 100000) readonly grams!: number | null
  @Pattern(/^\d{4}-\d\d-\d\d$/, 'a day like 2026-11-30') readonly on!: string
}

/** An entry of the log. */
export type LogEntry = MadeRow | Weighed
export const logKinds = { made: MadeRow, weighed: Weighed } as const

/** The rows that are made. */
export const madeIn = (log: readonly LogEntry[]): MadeRow[] =>
  log.filter((entry): entry is MadeRow => entry.kind === 'made')

/** What was weighed, the last of a yarn and row, in the order it was said. */
export type WeighedGrams = Weighed & { readonly grams: number }
export function weighedIn(log: readonly LogEntry[]): WeighedGrams[] {
  const last = new Map<string, Weighed>()
  for (const entry of log) {
    if (entry.kind !== 'weighed') continue
    const key = `${entry.yarn} ${entry.piece} ${entry.row}`
    last.delete(key)
    last.set(key, entry)
  }
  return [...last.values()].filter((entry): entry is WeighedGrams => entry.grams !== null)
}
