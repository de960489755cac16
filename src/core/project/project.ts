import { Design, designFaults } from '../design/index.ts'
import { type DocumentKind, printDocument, readDocument, One, Several } from '../document/index.ts'
import { LIMITS } from '../part/index.ts'
import { type LogEntry, MadeRow } from './log.ts'
import { migrations } from './migrations.ts'

/** A bag: what she decides, and what is made of it. It is read, opened, derived from, kept and sent out as one. */
export class Project {
  @One(() => Design)
  readonly design!: Design
  /** What is made of it, row by row. */
  @Several(() => MadeRow, LIMITS.log)
  readonly log!: readonly LogEntry[]
}

/** The file of a project. */
export const projectKind: DocumentKind<Project> = {
  format: 'ample-motif-project',
  called: 'an Ample Motif project',
  of: Project,
  migrations,
  faults: ({ design }) =>
    designFaults(design).map(({ where, message }) => ({ where: `design.${where}`, message })),
}

/** A bag of which nothing is made. */
export const projectOf = (design: Design): Project => ({ design, log: [] })

export const readProject = (text: string) => readDocument(projectKind, text)
export const printProject = (project: Project): string => printDocument(projectKind, project)
