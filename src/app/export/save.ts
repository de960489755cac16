import { fileSave } from 'browser-fs-access'
import type { Design } from '@core/design'
import { printProject } from '@core/file'
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

/** Gives the project file of a design, which is small enough to be written at once. */
export const saveProjectFile = (design: Design): Promise<void> =>
  giveFile({
    name: `${fileName(design.name)}.json`,
    type: 'application/json',
    content: printProject(design),
  })

/** Gives a record of the shelf as it is, also one that cannot be read here. */
export const saveRecord = (name: string, record: unknown): Promise<void> =>
  giveFile({
    name: `${fileName(name)}-as-kept.json`,
    type: 'application/json',
    content: JSON.stringify(record, null, 1),
  })
