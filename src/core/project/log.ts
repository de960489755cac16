import { OneOf, Whole } from '../document/index.ts'
import { RowRecord } from '../program/index.ts'
import { Id, LIMITS, RowId } from '../part/index.ts'

/* What is made of a design. It only grows, and no edit of the design touches it. */

/** A row of one copy of a piece as it was worked: the ledger's own record of it. */
export class MadeRow extends RowRecord {
  @OneOf(['made']) readonly kind!: 'made'
  @Id() readonly piece!: string
  @Whole(1, LIMITS.times) readonly copy!: number
  @RowId() readonly row!: string
}

/** An entry of the log. */
export type LogEntry = MadeRow
