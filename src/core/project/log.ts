import {
  Amount,
  OneOf,
  Optional,
  OrNull,
  Pattern,
  Text,
  Whole,
  WritableLines,
} from '../document/index.ts'
import { RowRecord } from '../program/index.ts'
import { Id, Letter, LIMITS, RowId } from '../part/index.ts'

/*
 * What is made of a design, and what happened on the way. It only grows, and no edit of the design touches it. An entry is what it says
 * and when: by that two logs of one bag are put together.
 */

/** A moment, to the millisecond, in universal time. */
const Moment = () =>
  Pattern(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/, 'a moment like 2026-11-30T14:05:20.000Z')

/** Where in the work something was: after a row of one copy of a piece; null before its first. */
class AfterRow {
  @Optional() @Moment() readonly at?: string
  @Id() readonly piece!: string
  @Whole(1, LIMITS.times) readonly copy!: number
  @OrNull() @RowId() readonly row!: string | null
}
export type AfterRowOf = Pick<AfterRow, 'piece' | 'copy' | 'row'>

/** A row of one copy of a piece as it was worked: the ledger's own record of it. */
export class MadeRow extends RowRecord {
  @OneOf(['made']) readonly kind!: 'made'
  @Optional() @Moment() readonly at?: string
  /** How long the hands were at it, pauses left out. */
  @Optional() @Whole(0, 360_000) readonly seconds?: number
  @Id() readonly piece!: string
  @Whole(1, LIMITS.times) readonly copy!: number
  @RowId() readonly row!: string
}

/** Work is taken back to the end of a row, but for so many stitches of the next: ripped out, or noted too early. */
export class Ripped extends AfterRow {
  @OneOf(['ripped']) readonly kind!: 'ripped'
  @OneOf(['ripped', 'noted too early']) readonly how!: 'ripped' | 'noted too early'
  @Whole(0, LIMITS.rowCount) readonly stitches!: number
}

/** Work was laid down amid the row after that: so many of its stitches were worked. */
export class Paused extends AfterRow {
  @OneOf(['paused']) readonly kind!: 'paused'
  @Whole(0, LIMITS.rowCount) readonly stitches!: number
}

/** What was left of a yarn when a row was done. */
export class Weighed {
  @OneOf(['weighed']) readonly kind!: 'weighed'
  @Optional() @Moment() readonly at?: string
  @Letter() readonly yarn!: string
  @Id() readonly piece!: string
  @RowId() readonly row!: string
  /** Null takes back what was said of this yarn and row before. */
  @OrNull() @Amount(0, 100000) readonly grams!: number | null
}

/** Yarn that came to the bag on the way, or went from it, beside what was worked. */
export class Supplied extends AfterRow {
  @OneOf(['supplied']) readonly kind!: 'supplied'
  @Letter() readonly yarn!: string
  @OneOf(['joined', 'wound off', 'lent']) readonly how!: 'joined' | 'wound off' | 'lent'
  /** More than there was, or less. */
  @Amount(-100000, 100000) readonly grams!: number
}

export const countEnds = ['right', 'next row', 'ripped', 'plan follows', 'left'] as const
export type CountEnd = (typeof countEnds)[number]

/** Stitches that were counted where so many were planned, and what was done where they differ. */
export class Counted extends AfterRow {
  @OneOf(['counted']) readonly kind!: 'counted'
  @Whole(0, LIMITS.rowCount) readonly count!: number
  @Whole(0, LIMITS.rowCount) readonly planned!: number
  /** It was right; made up for in the next row; ripped; what follows is planned anew on it; or left as it is. */
  @OneOf(countEnds) readonly then!: CountEnd
  /** What happened, as far as is known. */
  @OrNull() @Text(300) readonly why!: string | null
}

export const measures = ['wide', 'tall', 'loaded'] as const
export type Measure = (typeof measures)[number]

/** What was measured on the bag, where so much was planned: lying, or how tall it hangs with what it will carry in it. */
export class Measured extends AfterRow {
  @OneOf(['measured']) readonly kind!: 'measured'
  @OneOf(measures) readonly what!: Measure
  @Amount(0.5, LIMITS.lengthMm) readonly mm!: number
  @Amount(0.5, LIMITS.lengthMm) readonly plannedMm!: number
}

/** What was said on the way: a note, a fault and what was done, what was looked at and found right, or that the plan was changed. */
export class Noted extends AfterRow {
  @OneOf(['noted']) readonly kind!: 'noted'
  @OneOf(['note', 'fault', 'look', 'plan']) readonly about!: 'note' | 'fault' | 'look' | 'plan'
  @WritableLines(2000) readonly text!: string
}

/** A picture that was taken: it is kept beside the bag, under its id. */
export class Photo extends AfterRow {
  @OneOf(['photo']) readonly kind!: 'photo'
  @Id() readonly photo!: string
  @WritableLines(300) readonly text!: string
}

/** Every kind of entry. One is added here and nowhere else. */
export const logKinds = {
  made: MadeRow,
  ripped: Ripped,
  paused: Paused,
  weighed: Weighed,
  supplied: Supplied,
  counted: Counted,
  measured: Measured,
  noted: Noted,
  photo: Photo,
} as const
/** An entry of the log. */
export type LogEntry = InstanceType<(typeof logKinds)[keyof typeof logKinds]>

/** Whether it is of one copy of a piece. */
export const isOfCopy = (
  entry: { readonly piece: string; readonly copy: number },
  piece: string,
  copy: number,
): boolean => entry.piece === piece && entry.copy === copy

/** The rows that are made, in the order they were, without those that were taken back. */
export function madeIn(log: readonly LogEntry[]): MadeRow[] {
  let made: MadeRow[] = []
  for (const entry of log) {
    if (entry.kind === 'made') made.push(entry)
    if (entry.kind === 'ripped') made = withoutRipped(made, entry)
  }
  return made
}

/** Rows made without those after one of the same copy. Where that was not made, nothing is taken back. */
function withoutRipped(made: readonly MadeRow[], { piece, copy, row }: AfterRowOf): MadeRow[] {
  const last =
    row === null ? -1 : made.findLastIndex((one) => isOfCopy(one, piece, copy) && one.row === row)
  if (row !== null && last < 0) return [...made]
  return made.filter((one, at) => at <= last || !isOfCopy(one, piece, copy))
}

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
