import { nanoid } from 'nanoid'
import { type DocumentKind, printDocument, readDocument } from '@core/document'

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

/** What a note is of: a kind of document, and the id it is kept under. */
export interface NoteOf<T extends object> {
  readonly kind: DocumentKind<T>
  readonly id: string
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
  { kind, id }: NoteOf<T>,
  revision: number,
  document: T,
): boolean {
  const note = { revision, at: Date.now(), file: printDocument(kind, document) }
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

/** Notes of documents of a kind from other sittings, the newest first; those that cannot be read are left where they are. */
function notesWhere<T extends object>(
  kind: DocumentKind<T>,
  isAsked: (id: string) => boolean,
): LeftNote<T>[] {
  const store = maybeStore()
  if (!store) return []
  const notes: LeftNote<T>[] = []
  for (let i = 0; i < store.length; i++) {
    const key = store.key(i) ?? ''
    const [id = '', by = ''] = key.slice(PREFIX.length).split('/')
    if (!key.startsWith(PREFIX) || !isAsked(id) || by === sitting) continue
    const note = maybeNote(kind, store.getItem(keyOf(id, by)), by)
    if (note) notes.push({ ...note, id })
  }
  return notes.sort((a, b) => b.at - a.at)
}

/** A note, and what it is of. */
export interface LeftNote<T> extends Note<T> {
  readonly id: string
}

/** Notes of one document from other sittings, the newest first. */
export const notesOf = <T extends object>({ kind, id }: NoteOf<T>): LeftNote<T>[] =>
  notesWhere(kind, (of) => of === id)

function maybeNote<T extends object>(
  kind: DocumentKind<T>,
  text: string | null,
  by: string,
): Note<T> | null {
  try {
    const { revision, at = 0, file } = JSON.parse(text!) as Partial<Note<T>> & { file: string }
    const read = readDocument(kind, file)
    return read.ok && typeof revision === 'number'
      ? { sitting: by, revision, at, document: read.value }
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

/** Notes of one document whose page is gone. */
export const strayNotes = <T extends object>(of: NoteOf<T>): Promise<LeftNote<T>[]> =>
  abandoned(notesOf(of))

/** Notes whose page is gone, and what they are of too: none of these ids. */
export const orphanNotes = <T extends object>(
  kind: DocumentKind<T>,
  kept: ReadonlySet<string>,
): Promise<LeftNote<T>[]> => abandoned(notesWhere(kind, (id) => !kept.has(id)))

async function abandoned<T>(notes: LeftNote<T>[]): Promise<LeftNote<T>[]> {
  if (notes.length === 0) return []
  if (!('locks' in navigator)) return notes.filter(({ at }) => Date.now() - at > ABANDONED_MS)
  const { held = [] } = await navigator.locks.query()
  const alive = new Set(held.map(({ name }) => name))
  return notes.filter(({ sitting: by }) => !alive.has(lockOf(by)))
}
