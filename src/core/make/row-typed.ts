import { rowProgram } from '../band/index.ts'
import type { Design } from '../design/index.ts'
import { compile, type Ledger, partOfRow, rowMade, yarnAt } from '../ledger/index.ts'
import type { StepRecord } from '../program/index.ts'
import { type LogEntry, madeIn, type MadeRow } from '../project/index.ts'
import { countedRows } from '../shorthand/index.ts'
import { found, refused, type Result } from '../units/index.ts'
import { maybeRowOf } from '../yarn/index.ts'
import { leftBy } from './row-steps.ts'
import type { WorkOn } from './work-on.ts'

/** A row in the trade's shorthand, counted over what lies below it. */
export interface TypedRow {
  readonly record: MadeRow
  /** Stitches it leaves, and as many as were planned. */
  readonly count: number
  readonly planned: number
}

/** A row as the ledger has it when it is laid on what is made: how it is noted. What does not lie there comes back as it is planned. */
export function laidRow(design: Design, log: readonly LogEntry[], record: MadeRow): MadeRow {
  const ledger = compile(design, { made: [...madeIn(log), record] })
  const piece = ledger.pieces.find(
    ({ id, copies }) => id === record.piece && copies.includes(record.copy),
  )!
  return rowMade(ledger, piece, maybeRowOf(piece, record.row)!, record.copy)
}

/**
 * The row in hand as it came out, typed in shorthand and US terms: the record of it, to be noted as made. Refused in words where it
 * does not add up over the row below, and for a first row, which stands in its ring or chain.
 */
export function rowTyped(
  design: Design,
  ledger: Ledger,
  log: readonly LogEntry[],
  { piece, copy, made: row }: WorkOn,
  text: string,
): Result<TypedRow> {
  if (row === 0) return refused('A first row stands in its ring or chain; change it under Size.')
  const yarns = design.yarns.map(({ letter }) => letter)
  const inHand = ledger.yarns[yarnAt(piece, row, 'first')]!
  const { stitch } = partOfRow(piece, row).gauge
  const counted = countedRows([text], piece.columns.makes[row - 1]!, piece.worked, {
    ...{ ground: stitch, yarn: inHand },
    letterOf: (said) => (yarns.includes(said) ? said : inHand),
  })
  if (!counted.ok) return refused(counted.problem.replace(/^Row 1: /, ''))
  const planned = rowMade(ledger, piece, row, copy)
  const work = rowProgram(counted.value[0]!) as readonly StepRecord[]
  const record = laidRow(design, log, { ...planned, unit: null, work })
  return found({ record, count: leftBy(record.work), planned: piece.columns.makes[row]! })
}
