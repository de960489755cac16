import { fileSave } from 'browser-fs-access'
import { printProject, type Project } from '@core/project'
import { printWorkshop, type Workshop } from '@core/workshop'
import type { OutFile } from './export.ts'
import { fileName } from './file-name.ts'

/** Gives a file to the person; doing nothing when she changes her mind. */
export async function giveFile({ content, name, type }: OutFile): Promise<void> {
  const extension = name.slice(name.lastIndexOf('.'))
  try {
    await fileSave(new Blob([content], { type }), { fileName: name, extensions: [extension] })
  } catch (error) {
    if ((error as DOMException).name !== 'AbortError') throw error
  }
}

/** Gives the project file of a bag, which is small enough to be written at once. */
export const saveProjectFile = (project: Project): Promise<void> =>
  giveFile({
    name: `${fileName(project.design.name)}.json`,
    type: 'application/json',
    content: printProject(project),
  })

/** Gives the workshop as one file. */
export const saveWorkshopFile = (workshop: Workshop): Promise<void> =>
  giveFile({
    name: 'my-workshop.json',
    type: 'application/json',
    content: printWorkshop(workshop),
  })

/** Gives a record of the shelf as it is, also one that cannot be read here. */
export const saveRecord = (name: string, record: unknown): Promise<void> =>
  giveFile({
    name: `${fileName(name)}-as-kept.json`,
    type: 'application/json',
    content: JSON.stringify(record, null, 1),
  })
