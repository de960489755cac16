import { readDocument } from '@core/document'
import type { Project } from '@core/project'
import { found, refused, type Result } from '@core/units'
import { failureOf, type StorageFailure, Unreadable } from './answered.ts'
import { backupZip, readBackup, restore } from './backup.ts'
import { demoFiles } from './demo-files.ts'
import type {
  DocumentStore,
  KeptRecord,
  KeptVersion,
  Save,
  SaveResult,
  StoreName,
} from './document-store.ts'
import { maybeSameWork, type RestoreAs, stored } from './joining.ts'
import { openWorkshop } from './opening-workshop.ts'
import { onShelf, type ShelfBag } from './shelf-bag.ts'
import { stores } from './stores.ts'

/*
 * What can be asked where documents are kept. It is answered in a worker, beside the page and what it draws, and holds all that is
 * needed to read them; what could not be done comes back as a value.
 */

/** Why something was not done: storage, or a document that cannot be read, in words. */
export type NotKept = StorageFailure | { readonly unreadable: string }
export type Told<T> = Promise<Result<T, NotKept>>

async function told<T>(work: () => Promise<T> | T): Told<T> {
  try {
    return found(await work())
  } catch (error) {
    return refused(error instanceof Unreadable ? { unreadable: error.message } : failureOf(error))
  }
}

/** A record, and what is in it. */
export interface Opened {
  readonly record: KeptRecord
  readonly document: object
  /** What is kept beside it; null where that is nothing that goes with it. */
  readonly beside: unknown
}

/** A store by its name; what is put into it is of its kind. */
const storeOf = (name: StoreName) => stores[name] as unknown as DocumentStore<object>
/** What was read. @throws Unreadable */
function readable<T>(read: Result<T, readonly { readonly message: string }[]>): T {
  if (!read.ok) throw new Unreadable(read.problem[0]!.message)
  return read.value
}

export const keeping = {
  /** Asked so that the worker is there before it is needed. */
  ready: () => told(() => true),

  /** The document under an id; null when there is none. */
  open: (name: StoreName, id: string) =>
    told(async (): Promise<Opened | null> => {
      const record = await storeOf(name).maybe(id)
      if (!record) return null
      const store = storeOf(name)
      return { record, document: readable(store.read(record)), beside: store.maybeBeside(record) }
    }),
  workshop: (id: string) => told(() => openWorkshop(id)),
  /** The bags of the shelf, none of them worked out. */
  shelf: () => told(async (): Promise<ShelfBag[]> => (await stores.bags.all()).map(onShelf)),
  /** A previous version of a document. */
  version: (name: StoreName, version: KeptVersion) =>
    told(() => readable(storeOf(name).read(version))),
  /** A document that was noted as text. */
  noted: (name: StoreName, text: string) =>
    told(() => readable(readDocument(storeOf(name).kind, text))),

  save: (name: StoreName, save: Save<object>): Told<SaveResult> =>
    told(() => storeOf(name).save(save)),
  /** Keeps a new document under an id; the same again is the same. */
  add: (name: StoreName, id: string, document: object) =>
    told(() => storeOf(name).add(document, id)),
  /** Keeps a document that was deleted again, under its id. */
  putBack: (
    name: StoreName,
    { id, document, revision, sitting }: Omit<Save<object>, 'firstOfSitting'>,
  ) =>
    told(async () => {
      const record = storeOf(name).recordWith(id, document, { revision, by: sitting })
      await storeOf(name).put(id, record)
      return record
    }),
  rename: (id: string, name: string, sitting: string) =>
    told(async () => {
      const record = await stores.bags.maybe(id)
      const read = record && stores.bags.read(record)
      if (!record || !read?.ok) return null
      const document: Project = { ...read.value, design: { ...read.value.design, name } }
      const { revision } = record
      return stores.bags.save({ id, document, revision, firstOfSitting: true, sitting })
    }),
  /** Takes a record away; as it was stored it comes back, and can be put there again. */
  remove: (name: StoreName, id: string) => told(() => storeOf(name).remove(id)),
  put: (name: StoreName, id: string, raw: unknown) => told(() => storeOf(name).put(id, raw)),
  /** Everything in one zip; what such a zip holds; and bags out of it. */
  backup: (workshop: string, only: string | null = null) => told(() => backupZip(workshop, only)),
  readBackup: (bytes: Uint8Array) => told(() => readBackup(bytes)),
  restore: (bytes: Uint8Array, take: Parameters<typeof restore>[1], sitting: string) =>
    told(() => restore(bytes, take, sitting)),
  /** The bag here of which one from elsewhere is the same work; and that one put to it. */
  sameWork: (theirs: Project) => told(() => maybeSameWork(theirs)),
  join: (id: string, as: RestoreAs, theirs: Project, sitting: string) =>
    told(() => stored(id, as, theirs, sitting)),
  /** Puts the demo bags on the shelf that are not there; how many those were. */
  bringDemo: () =>
    told(async (): Promise<number> => {
      const there = new Set((await stores.bags.all()).map((kept) => onShelf(kept).name))
      let brought = 0
      for (const file of demoFiles) {
        const read = stores.bags.read({ savedAt: 0, file })
        if (!read.ok || there.has(read.value.design.name)) continue
        await stores.bags.add(read.value)
        brought++
      }
      return brought
    }),
}
export type Keeping = typeof keeping
