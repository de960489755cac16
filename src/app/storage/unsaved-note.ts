import { nanoid } from 'nanoid'
import type { Design } from '@core/design'
import { printProject, readProject } from '@core/file'

/*
 * Notes of what is not stored yet. The store answers a little later, and too late for a tab that is closed or killed; a note
 * is written at once. Each sitting has a note of its own for a bag, with the revision it goes on from; it is taken up when
 * the bag is next opened, and goes away only when what it holds is stored.
 */

/** This sitting: one page from its opening to its end. */
export const sitting = nanoid(12)

export interface Note {
  readonly sitting: string
  /** Revision of the stored bag that it goes on from. */
  readonly revision: number
  readonly at: number
  readonly design: Design
}

const PREFIX = 'ample-motif-unsaved-'
/** Notes of the first version had one key a bag. */
const keyOf = (bag: string, by: string) => `${PREFIX}${bag}${by && '/'}${by}`

/** The page’s own small store; null where the browser keeps it closed. */
function maybeStore(): Storage | null {
  try {
    return globalThis.localStorage ?? null
  } catch {
    return null
  }
}

/** Writes this sitting’s note of a bag. Whether there was room for it. */
export function leaveNote(bag: string, revision: number, design: Design): boolean {
  const note = { revision, at: Date.now(), file: printProject(design) }
  try {
    maybeStore()?.setItem(keyOf(bag, sitting), JSON.stringify(note))
    return maybeStore() !== null
  } catch {
    return false
  }
}

/** What a note holds is stored, or not wanted any more. */
export function dropNote(bag: string, by: string = sitting): void {
  try {
    maybeStore()?.removeItem(keyOf(bag, by))
  } catch {
    // A store that gives nothing has nothing to lose.
  }
}

/** Notes of a bag from other sittings, the newest first; those that cannot be read are left where they are. */
export function notesOf(bag: string): Note[] {
  const store = maybeStore()
  if (!store) return []
  const notes: Note[] = []
  for (let i = 0; i < store.length; i++) {
    const key = store.key(i) ?? ''
    const [of, by = ''] = key.slice(PREFIX.length).split('/')
    if (!key.startsWith(PREFIX) || of !== bag || by === sitting) continue
    const note = maybeNote(store.getItem(keyOf(bag, by)), by)
    if (note) notes.push(note)
  }
  return notes.sort((a, b) => b.at - a.at)
}

function maybeNote(text: string | null, by: string): Note | null {
  try {
    const { revision, at = 0, file } = JSON.parse(text!) as Partial<Note> & { file: string }
    const read = readProject(file)
    return read.ok && typeof revision === 'number'
      ? { sitting: by, revision, at, design: read.value }
      : null
  } catch {
    return null
  }
}

const lockOf = (by: string) => `ample-motif-sitting-${by}`

/** Holds a lock as long as this page lives, so that others can tell that its notes are still its own. */
export function beginSitting(): void {
  if ('locks' in navigator)
    void navigator.locks.request(lockOf(sitting), () => new Promise(() => {}))
}

/** Without locks, a note this old is nobody’s any more: its page would have stored it. */
const ABANDONED_MS = 10_000

/** Notes whose page is gone. */
export async function strayNotes(bag: string): Promise<Note[]> {
  const notes = notesOf(bag)
  if (notes.length === 0) return []
  if (!('locks' in navigator)) return notes.filter(({ at }) => Date.now() - at > ABANDONED_MS)
  const { held = [] } = await navigator.locks.query()
  const alive = new Set(held.map(({ name }) => name))
  return notes.filter(({ sitting: by }) => !alive.has(lockOf(by)))
}
