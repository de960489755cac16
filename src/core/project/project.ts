import { Design } from '../design/index.ts'
import { One, OneOf, Several } from '../document/index.ts'
import { LIMITS } from '../part/index.ts'
import { type LogEntry, logKinds } from './log.ts'

/** Stands in for an entry of unknown kind, which is then refused. */
class AnyEntry {
  @OneOf(Object.keys(logKinds)) readonly kind!: string
}

/** A bag: what she decides, and what is made of it. It is read, opened, derived from, kept and sent out as one. */
export class Project {
  @One(() => Design)
  readonly design!: Design
  /** What is made of it, row by row, and what was weighed. */
  @Several(() => AnyEntry, LIMITS.log, {
    keepDiscriminatorProperty: true,
    discriminator: {
      property: 'kind',
      subTypes: Object.entries(logKinds).map(([name, value]) => ({ name, value })),
    },
  })
  readonly log!: readonly LogEntry[]
}
