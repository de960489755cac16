import { nanoid } from 'nanoid'
import { type DocumentHead, printDocument } from '@core/document'

/*
 * Notes of what is not stored yet. The store answers a little later, and too late for a tab that is closed or killed; a note
 * is written at once. Each sitting has a note of its own for a document, with the revision it goes on from; it is taken up when
 * it is next opened, and goes away only when what it holds is stored.
 */

/** This sitting: one page from its opening to its end. */
export const sitting = nanoid(12)

export interface Note<T> {
  readonly sitting: string
  /** Revision of what is stored that it goes on from. */
  readonly revision: number
  readonly at: number
  readonly document: T
}

/** The documents that notes are of: how they are written, and how one is read again. */
export interface Noted<T extends object> {
  readonly head: DocumentHead
  /** @throws when it cannot be read */
  readonly noted: (text: string) => Promise<T>
}

const PREFIX = 'ample-motif-unsaved-'
/** Notes of the first version had one key a document. */
const keyOf = (id: string, by: string) => `${PREFIX}${id}${by && '/'}${by}`

/** The page’s own small store; null where the browser keeps it closed. */
function maybeStore(): Storage | null {
  try {
    return globalThis.localStorage ?? null
  } catch {
    return null
  }
}

/** Writes this sitting’s note of a document. Whether there was room for it. */
export function leaveNote<T extends object>(
  { head }: Noted<T>,
  id: string,
  revision: number,
  document: T,
): boolean {
  const note = { revision, at: Date.now(), file: printDocument(head, document) }
  try {
    maybeStore()?.setItem(keyOf(id, sitting), JSON.stringify(note))
    return maybeStore() !== null
  } catch {
    return false
  }
}

/** What a note holds is stored, or not wanted any more. */
export function dropNote(id: string, by: string = sitting): void {
  try {
    maybeStore()?.removeItem(keyOf(id, by))
  } catch {
    // A store that gives nothing has nothing to lose.
  }
}

/** A note, and what it is of. */
export interface LeftNote<T> extends Note<T> {
  readonly id: string
}

/** A note as it lies there, unread. */
interface Unread extends Omit<LeftNote<unknown>, 'document'> {
  readonly file: string
}

/** Notes from other sittings, the newest first; those that are none are left where they are. */
function unreadNotes(isAsked: (id: string) => boolean): Unread[] {
  const store = maybeStore()
  if (!store) return []
  const notes: Unread[] = []
  for (let i = 0; i < store.length; i++) {
    const key = store.key(i) ?? ''
    const [id = '', by = ''] = key.slice(PREFIX.length).split('/')
    if (!key.startsWith(PREFIX) || !isAsked(id) || by === sitting) continue
    const note = maybeNote(store.getItem(keyOf(id, by)))
    if (note) notes.push({ ...note, sitting: by, id })
  }
  return notes.sort((a, b) => b.at - a.at)
}

function maybeNote(text: string | null): Pick<Unread, 'revision' | 'at' | 'file'> | null {
  try {
    const { revision, at = 0, file } = JSON.parse(text!) as Partial<Unread>
    return typeof revision === 'number' && typeof file === 'string' ? { revision, at, file } : null
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

/** Notes of one document whose page is gone, the newest first. */
export const strayNotes = <T extends object>(of: Noted<T>, id: string): Promise<LeftNote<T>[]> =>
  readNotes(of, (one) => one === id)

/** Notes whose page is gone, and what they are of too: none of these ids. */
export const orphanNotes = <T extends object>(
  of: Noted<T>,
  kept: ReadonlySet<string>,
): Promise<LeftNote<T>[]> => readNotes(of, (id) => !kept.has(id))

/** Those of them that are such documents; others are left where they are. */
async function readNotes<T extends object>(of: Noted<T>, isAsked: (id: string) => boolean) {
  const notes: LeftNote<T>[] = []
  for (const { file, ...note } of await abandoned(unreadNotes(isAsked)))
    try {
      notes.push({ ...note, document: await of.noted(file) })
    } catch {
      // What cannot be read here may be read by a newer version of the program.
    }
  return notes
}

async function abandoned(notes: Unread[]): Promise<Unread[]> {
  if (notes.length === 0) return []
  if (!('locks' in navigator)) return notes.filter(({ at }) => Date.now() - at > ABANDONED_MS)
  const { held = [] } = await navigator.locks.query()
  const alive = new Set(held.map(({ name }) => name))
  return notes.filter(({ sitting: by }) => !alive.has(lockOf(by)))
}
