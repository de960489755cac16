import { Many, OneOf, Pattern, Whole } from '../fields/index.ts'
import { Id, Letter, LIMITS, RowId } from '../section/index.ts'
import { stitchIds } from '../stitch/index.ts'

/* What is made of a design. It only grows, and no edit of the design touches it. */

/** So many of one stitch, as they were worked. */
export class MadeRun {
  @OneOf(stitchIds) readonly stitch!: string
  @Letter() readonly yarn!: string
  @Whole(1, LIMITS.rowCount) readonly count!: number
}

/** A row of one copy of a piece as it was worked. */
export class MadeRow {
  @OneOf(['made']) readonly kind!: 'made'
  @Id() readonly piece!: string
  @Whole(1, LIMITS.times) readonly copy!: number
  @RowId() readonly row!: string
  @OneOf(['RS', 'WS']) readonly side!: 'RS' | 'WS'
  /** How it was begun and ended, in the words of the ledger, and the place its first stitch stands on. */
  @Pattern(/^[a-z-]{1,20}$/, 'a start of the ledger') readonly start!: string
  @Pattern(/^[a-z-]{1,20}$/, 'an end of the ledger') readonly end!: string
  @Whole(0, LIMITS.rowCount) readonly begin!: number
  @Many(() => MadeRun, LIMITS.madeRuns) readonly runs!: readonly MadeRun[]
}
