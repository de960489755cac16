import type { Design } from '@core/design'
import { printProject, readProject } from '@core/file'

/*
 * A note left when a tab closes with something unsaved. The store answers too late for a closing tab, this is written at
 * once; it is taken up when the bag is next opened, and only on the revision it was made on.
 */

interface Note {
  readonly revision: number
  readonly file: string
}

const key = (bag: string) => `ample-motif-unsaved-${bag}`

export function leaveNote(bag: string, revision: number, design: Design): void {
  try {
    localStorage.setItem(
      key(bag),
      JSON.stringify({ revision, file: printProject(design) } satisfies Note),
    )
  } catch {
    // No room for it: the save that is under way is all there is.
  }
}

/** Takes the note of a bag away; its design when it was made on this revision, else null. */
export function maybeTakeNote(bag: string, revision: number): Design | null {
  const text = localStorage.getItem(key(bag))
  if (text === null) return null
  localStorage.removeItem(key(bag))
  try {
    const note = JSON.parse(text) as Note
    const read = note.revision === revision ? readProject(note.file) : null
    return read?.ok ? read.value : null
  } catch {
    return null
  }
}
