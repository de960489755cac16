import { Design } from '../design/index.ts'
import { One, Several } from '../document/index.ts'
import { LIMITS } from '../part/index.ts'
import { type LogEntry, MadeRow } from './log.ts'

/** A bag: what she decides, and what is made of it. It is read, opened, derived from, kept and sent out as one. */
export class Project {
  @One(() => Design)
  readonly design!: Design
  /** What is made of it, row by row. */
  @Several(() => MadeRow, LIMITS.log)
  readonly log!: readonly LogEntry[]
}
