import localforage from 'localforage'
import { nanoid } from 'nanoid'
import { type DocumentKind, documentFile, type FileProblem, readDocumentJson } from '@core/document'
import type { Result } from '@core/units'
import { answered, failureOf, type StorageFailure, Unreadable } from './answered.ts'

/*
 * Documents kept in the browser. A document and its previous versions are one record, so that a save is one write: it is there
 * whole or not at all. A record carries a revision; a save on another revision than the stored one is refused, not overwritten.
 */

export interface KeptVersion {
  readonly savedAt: number
  readonly file: unknown
}

export interface KeptRecord extends KeptVersion {
  readonly id: string
  readonly revision: number
  readonly createdAt: number
  readonly previous: readonly KeptVersion[]
  /** The sitting that saved it. */
  readonly by?: string
  /** What is kept beside it, and the version of the document it goes with. */
  readonly beside?: { readonly version: number; readonly what: unknown }
}

/** What lies under an id: a record, or what is left of one. */
export interface Kept {
  readonly id: string
  /** As it is stored. */
  readonly raw: unknown
  /** With what is missing filled in; null when nothing of it can be used. */
  readonly record: KeptRecord | null
}

/** What a save left; `previous` is null when those versions are as they were. */
export interface Saved extends Pick<KeptRecord, 'revision' | 'savedAt'> {
  readonly previous: KeptRecord['previous'] | null
}

export type SaveResult =
  | { readonly ok: true; readonly record: Saved }
  | { readonly ok: false; readonly reason: 'conflict' | 'gone' | StorageFailure }

/** A save that goes on from what was read. */
export interface Save<T> {
  readonly id: string
  readonly document: T
  /** The revision it was read at, or last saved as. */
  readonly revision: number
  readonly firstOfSitting: boolean
  readonly sitting: string
  /** What is kept beside it. */
  readonly beside?: unknown
}

const PREVIOUS_KEPT = 5
/** A previous version is kept when the last one kept is older than this, or the sitting has just begun. */
const PREVIOUS_APART_MS = 3 * 60_000

/** Runs alone among all tabs, so that looking and writing are one step. */
const alone = <T>(id: string, work: () => Promise<T>): Promise<T> =>
  'locks' in navigator ? (navigator.locks.request(`ample-motif-${id}`, work) as Promise<T>) : work()

/** A record as it was stored, whatever has happened to it since. */
function recordOf(id: string, raw: unknown): KeptRecord | null {
  if (typeof raw !== 'object' || raw === null) return null
  const { revision, createdAt, savedAt, file, previous, by, beside } = raw as Partial<KeptRecord>
  const time = (at: unknown) => (typeof at === 'number' && Number.isFinite(at) ? at : 0)
  const versions = Array.isArray(previous) ? (previous as unknown[]) : []
  return {
    id,
    revision: typeof revision === 'number' ? revision : 0,
    createdAt: time(createdAt),
    savedAt: time(savedAt),
    file: file ?? null,
    previous: versions.filter(
      (version): version is KeptVersion => typeof version === 'object' && version !== null,
    ),
    ...(typeof by === 'string' ? { by } : {}),
    ...(typeof beside === 'object' && beside !== null ? { beside } : {}),
  }
}

function previousAfter(stored: KeptRecord, firstOfSitting: boolean): readonly KeptVersion[] {
  const last = stored.previous[0]
  const keep = firstOfSitting || !last || stored.savedAt - last.savedAt > PREVIOUS_APART_MS
  if (!keep) return stored.previous
  return [{ savedAt: stored.savedAt, file: stored.file }, ...stored.previous].slice(
    0,
    PREVIOUS_KEPT,
  )
}

export type StoreName = 'bags' | 'workshop'

/** Where documents of one kind are kept. */
export class DocumentStore<T extends object> {
  private readonly records: LocalForage

  constructor(
    readonly name: StoreName,
    readonly kind: DocumentKind<T>,
  ) {
    this.records = localforage.createInstance({ name: 'ample-motif', storeName: name })
  }

  /** The document of a record, or what is wrong with it. */
  read = (version: KeptVersion): Result<T, FileProblem> => readDocumentJson(this.kind, version.file)

  /** The newest version of a record that can be opened; null when there is none. */
  maybeLastGood({ file, savedAt, previous }: KeptRecord): T | null {
    for (const version of [{ file, savedAt }, ...previous]) {
      const read = this.read(version)
      if (read.ok) return read.value
    }
    return null
  }

  /** What is stored under an id, whatever it is. @throws when storage refuses or does not answer */
  maybeRaw = (id: string): Promise<unknown> => answered(this.records.getItem<unknown>(id))

  /** What is kept beside the document of a record, where it goes with the version that is read here. */
  maybeBeside = ({ beside }: KeptRecord): unknown =>
    beside && beside.version === this.kind.version ? beside.what : null

  /** The record under an id; null when there is none that can be used. @throws when storage refuses or does not answer */
  maybe = async (id: string): Promise<KeptRecord | null> => recordOf(id, await this.maybeRaw(id))

  /** Everything that is kept, the last saved first. @throws when storage refuses or does not answer */
  async all(): Promise<Kept[]> {
    const kept: Kept[] = []
    await answered(
      this.records.iterate<unknown, void>((raw, id) => {
        kept.push({ id, raw, record: recordOf(id, raw) })
      }),
    )
    return kept.sort((a, b) => (b.record?.savedAt ?? 0) - (a.record?.savedAt ?? 0))
  }

  /** A record of a document that has none yet. */
  recordWith(
    id: string,
    document: T,
    over: Partial<Pick<KeptRecord, 'revision' | 'by'>> = {},
  ): KeptRecord {
    const now = Date.now()
    const file = documentFile(this.kind, document)
    return { id, revision: 1, createdAt: now, savedAt: now, file, previous: [], ...over }
  }

  /**
   * Keeps a new document.
   * @throws when the browser refuses to store it, or it is one that could not be opened again
   */
  async add(document: T, id: string = nanoid()): Promise<KeptRecord> {
    const record = this.recordWith(id, document)
    const read = this.read(record)
    if (!read.ok) throw new Unreadable(read.problem[0]!.message)
    await this.put(record.id, record)
    return record
  }

  /** The record under an id; one of this document where there is none yet. @throws as {@link add} */
  keepFirst = (id: string, document: T): Promise<KeptRecord> =>
    alone(id, async () => (await this.maybe(id)) ?? (await this.add(document, id)))

  /** Saves a document. Nothing is written unless what is stored is what it goes on from. */
  save = ({
    id,
    document,
    revision,
    firstOfSitting,
    sitting,
    beside,
  }: Save<T>): Promise<SaveResult> =>
    alone(id, async () => {
      try {
        const stored = await this.maybe(id)
        if (!stored) return { ok: false, reason: 'gone' }
        // A save of this sitting that was given up may have come through after all.
        const own = stored.by === sitting && stored.revision > revision
        if (stored.revision !== revision && !own) return { ok: false, reason: 'conflict' }
        const record: KeptRecord = {
          ...stored,
          revision: stored.revision + 1,
          savedAt: Date.now(),
          file: documentFile(this.kind, document),
          previous: previousAfter(stored, firstOfSitting),
          by: sitting,
          ...(beside === undefined ? {} : { beside: { version: this.kind.version, what: beside } }),
        }
        await this.put(id, record)
        const { savedAt, previous } = record
        const saved = { savedAt, previous: previous === stored.previous ? null : previous }
        return { ok: true, record: { ...saved, revision: record.revision } }
      } catch (error) {
        return { ok: false, reason: failureOf(error) }
      }
    })

  /** Takes a document away and gives it back as it was stored, to be put back by {@link put}. */
  async remove(id: string): Promise<unknown> {
    const raw = await this.maybeRaw(id)
    await answered(this.records.removeItem(id))
    return raw
  }
  put = async (id: string, raw: unknown): Promise<void> =>
    void (await answered(this.records.setItem(id, raw)))
}
