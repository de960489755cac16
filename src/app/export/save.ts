import { fileSave } from 'browser-fs-access'
import type { Design } from '@core/design'
import { printProject } from '@core/file'

/** A name a file system takes: "Beater tote" → "beater-tote". */
export const fileName = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'bag'

/** Gives a file to the person; doing nothing when she changes her mind. */
export async function giveFile(content: Blob | string, name: string, type: string): Promise<void> {
  const extension = name.slice(name.lastIndexOf('.'))
  try {
    await fileSave(new Blob([content], { type }), { fileName: name, extensions: [extension] })
  } catch (error) {
    if ((error as DOMException).name !== 'AbortError') throw error
  }
}

export const saveProjectFile = (design: Design): Promise<void> =>
  giveFile(printProject(design), `${fileName(design.name)}.json`, 'application/json')
