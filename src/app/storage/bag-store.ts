import localforage from 'localforage'
import { nanoid } from 'nanoid'
import type { Design } from '@core/design'
import { projectOf, readProjectJson } from '@core/file'
import type { Result } from '@core/units'
import { answered, failureOf, type StorageFailure } from './answered.ts'

/*
 * Bags kept in the browser. A bag and its previous versions are one record, so that a save is one write: it is there whole
 * or not at all. A record carries a revision; a save on another revision than the stored one is refused, not overwritten.
 */

export interface KeptVersion {
  readonly savedAt: number
  readonly file: unknown
}

export interface BagRecord extends KeptVersion {
  readonly id: string
  readonly revision: number
  readonly createdAt: number
  readonly previous: readonly KeptVersion[]
  /** The sitting that saved it. */
  readonly by?: string
}

/** What lies on the shelf under an id: a record, or what is left of one. */
export interface KeptBag {
  readonly id: string
  /** As it is stored. */
  readonly raw: unknown
  /** With what is missing filled in; null when nothing of it can be used. */
  readonly record: BagRecord | null
}

/** What a save left; `previous` is null when those versions are as they were. */
export interface Saved extends Pick<BagRecord, 'revision' | 'savedAt'> {
  readonly previous: BagRecord['previous'] | null
}

export type SaveResult =
  | { readonly ok: true; readonly record: Saved }
  | { readonly ok: false; readonly reason: 'conflict' | 'gone' | StorageFailure }

/** A save that goes on from what was read. */
export interface Save {
  readonly id: string
  readonly design: Design
  /** The revision the bag was read at, or last saved as. */
  readonly revision: number
  readonly firstOfSitting: boolean
  readonly sitting: string
}

const PREVIOUS_KEPT = 5
/** A previous version is kept when the last one kept is older than this, or the sitting has just begun. */
const PREVIOUS_APART_MS = 3 * 60_000

const bags = localforage.createInstance({ name: 'ample-motif', storeName: 'bags' })

/** Runs alone among all tabs, so that looking and writing are one step. */
const alone = <T>(id: string, work: () => Promise<T>): Promise<T> =>
  'locks' in navigator ? (navigator.locks.request(`ample-motif-${id}`, work) as Promise<T>) : work()

/** The design of a record, or what is wrong with it. */
export const designOf = (record: KeptVersion): Result<Design, readonly { message: string }[]> =>
  readProjectJson(record.file)

/** The newest version of a record that can be opened; null when there is none. */
export function maybeLastGood({ file, savedAt, previous }: BagRecord): Design | null {
  for (const version of [{ file, savedAt }, ...previous]) {
    const read = designOf(version)
    if (read.ok) return read.value
  }
  return null
}

/** A record as it was stored, whatever has happened to it since. */
function recordOf(id: string, raw: unknown): BagRecord | null {
  if (typeof raw !== 'object' || raw === null) return null
  const { revision, createdAt, savedAt, file, previous, by } = raw as Partial<BagRecord>
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
  }
}

/** The record of a bag; null when there is none that can be used. @throws when storage refuses or does not answer */
export const maybeBag = async (id: string): Promise<BagRecord | null> =>
  recordOf(id, await answered(bags.getItem<unknown>(id)))

/** Everything on the shelf, the last saved first. @throws when storage refuses or does not answer */
export async function allBags(): Promise<KeptBag[]> {
  const kept: KeptBag[] = []
  await answered(
    bags.iterate<unknown, void>((raw, id) => {
      kept.push({ id, raw, record: recordOf(id, raw) })
    }),
  )
  return kept.sort((a, b) => (b.record?.savedAt ?? 0) - (a.record?.savedAt ?? 0))
}

/** A record of a bag that has none yet. */
export function recordWith(
  id: string,
  design: Design,
  over: Partial<Pick<BagRecord, 'revision' | 'by'>> = {},
): BagRecord {
  const now = Date.now()
  return {
    id,
    revision: 1,
    createdAt: now,
    savedAt: now,
    file: projectOf(design),
    previous: [],
    ...over,
  }
}

/**
 * Puts a new bag on the shelf.
 * @throws when the browser refuses to store it, or it is one that could not be opened again
 */
export async function addBag(design: Design): Promise<BagRecord> {
  const record = recordWith(nanoid(), design)
  const read = designOf(record)
  if (!read.ok) throw new Unreadable(read.problem[0]!.message)
  await putBag(record.id, record)
  return record
}

/** Thrown for a bag that could not be opened again, with the reason. */
export class Unreadable extends Error {
  override name = 'Unreadable'
}

/** Saves a bag. Nothing is written unless what is stored is what it goes on from. */
export function saveBag({
  id,
  design,
  revision,
  firstOfSitting,
  sitting,
}: Save): Promise<SaveResult> {
  return alone(id, async () => {
    try {
      const stored = await maybeBag(id)
      if (!stored) return { ok: false, reason: 'gone' }
      // A save of this sitting that was given up may have come through after all.
      const own = stored.by === sitting && stored.revision > revision
      if (stored.revision !== revision && !own) return { ok: false, reason: 'conflict' }
      const record: BagRecord = {
        ...stored,
        revision: stored.revision + 1,
        savedAt: Date.now(),
        file: projectOf(design, stored.file),
        previous: previousAfter(stored, firstOfSitting),
        by: sitting,
      }
      await answered(bags.setItem(id, record))
      const { savedAt, previous } = record
      const saved = { savedAt, previous: previous === stored.previous ? null : previous }
      return { ok: true, record: { ...saved, revision: record.revision } }
    } catch (error) {
      return { ok: false, reason: failureOf(error) }
    }
  })
}

function previousAfter(stored: BagRecord, firstOfSitting: boolean): readonly KeptVersion[] {
  const last = stored.previous[0]
  const keep = firstOfSitting || !last || stored.savedAt - last.savedAt > PREVIOUS_APART_MS
  if (!keep) return stored.previous
  return [{ savedAt: stored.savedAt, file: stored.file }, ...stored.previous].slice(
    0,
    PREVIOUS_KEPT,
  )
}

/** Takes a bag away and gives it back as it was stored, to be put back by {@link putBag}. */
export async function removeBag(id: string): Promise<unknown> {
  const raw = await answered(bags.getItem<unknown>(id))
  await answered(bags.removeItem(id))
  return raw
}
export const putBag = async (id: string, raw: unknown): Promise<void> =>
  void (await answered(bags.setItem(id, raw)))
