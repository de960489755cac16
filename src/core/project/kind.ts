import { designFaults } from '../design/index.ts'
import { type DocumentKind, readDocument } from '../document/index.ts'
import { projectHead } from './head.ts'
import { logFaults } from './log-faults.ts'
import { migrations } from './migrations.ts'
import { Project } from './project.ts'

/** The file of a project. */
export const projectKind: DocumentKind<Project> = {
  ...projectHead,
  called: 'an Ample Motif project',
  of: Project,
  migrations,
  faults: ({ design, log }) => [
    ...designFaults(design).map(({ where, message }) => ({ where: `design.${where}`, message })),
    ...logFaults(design, log),
  ],
}

export const readProject = (text: string) => readDocument(projectKind, text)
