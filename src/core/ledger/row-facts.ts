import type { CountedUnit, Program, RowEnd, RowStart } from '../program/index.ts'

/** What a compiler says of a row; the rest follows. */
export interface RowFacts {
  readonly start: RowStart
  readonly end: RowEnd
  readonly wrongSide: boolean
  readonly passes: 1 | 2
  /** Place that its first stitch makes, counted from the plan's beginning, or (below 0) from its end. */
  readonly begin: number
  /** Places along the row below before it begins: it comes to them at its end. */
  readonly from?: number
  /** Stitches of the chain a first row is worked into; as many as it wants where that is not said. */
  readonly on?: number | undefined
  /** Rows it is worked into, where that is not the one below. */
  readonly onto?: readonly number[]
  /** Another yarn's row lies beside it: the two rise together. */
  readonly beside?: boolean
  /** It is turned after it, whatever comes next. */
  readonly turnsAfter?: boolean
  /** Places on from where it began at which what comes next begins, unless that says otherwise. */
  readonly fromAfter?: number
  /** What it is counted in beside places, where that is known already. */
  readonly unit?: CountedUnit | null
  /** False for rows of a base that lies flat. */
  readonly rises: boolean
}

/** A row to be laid. */
export interface NextRow {
  readonly program: Program
  readonly facts: RowFacts
}

/**
 * How a row ends once it is known how the next begins: one that begins anew stands on a joined round, and a yarn joined anew was cut
 * before. With nothing after it its yarn is cut.
 */
export function endBefore(end: RowEnd, next: RowStart | null): RowEnd {
  if (next === null || next === 'afresh') return 'fasten-off'
  return end === 'spiral' && (next === 'chain' || next === 'turn') ? 'join' : end
}
