import type { Design } from '../design/index.ts'
import { type DocumentHead, printDocument } from '../document/index.ts'
import type { Project } from './project.ts'

/* What can be said of a project without knowing how it is read. */

/** The file of a project, by its name and version: one more with every step of its migrations. */
export const projectHead: DocumentHead = { format: 'ample-motif-project', version: 18 }

/** A bag of which nothing is made. */
export const projectOf = (design: Design): Project => ({ design, log: [] })

export const printProject = (project: Project): string => printDocument(projectHead, project)
