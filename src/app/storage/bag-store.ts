import localforage from 'localforage'
import type { Design } from '@core/design'
import { projectOf, readProjectJson } from '@core/file'
import type { Result } from '@core/units'

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
}

export type SaveResult =
  | { readonly ok: true; readonly record: BagRecord }
  | { readonly ok: false; readonly reason: 'conflict' | 'full' | 'refused' }

const PREVIOUS_KEPT = 5
/** A previous version is kept when the last one kept is older than this, or the sitting has just begun. */
const PREVIOUS_APART_MS = 3 * 60_000

const bags = localforage.createInstance({ name: 'ample-motif', storeName: 'bags' })

const fileOf = projectOf

/** Runs alone among all tabs, so that looking and writing are one step. */
const alone = <T>(id: string, work: () => Promise<T>): Promise<T> =>
  'locks' in navigator ? (navigator.locks.request(`ample-motif-${id}`, work) as Promise<T>) : work()

/** The design of a record, or what is wrong with it. */
export const designOf = (record: KeptVersion): Result<Design, readonly { message: string }[]> =>
  readProjectJson(record.file)

export const maybeBag = (id: string): Promise<BagRecord | null> => bags.getItem<BagRecord>(id)

/** All bags, the last saved first. */
export async function allBags(): Promise<BagRecord[]> {
  const records: BagRecord[] = []
  await bags.iterate<BagRecord, void>((record) => void records.push(record))
  return records.sort((a, b) => b.savedAt - a.savedAt)
}

/** @throws when the browser refuses to store it */
export async function addBag(design: Design): Promise<BagRecord> {
  const now = Date.now()
  const record: BagRecord = {
    id: crypto.randomUUID(),
    revision: 1,
    createdAt: now,
    savedAt: now,
    file: fileOf(design),
    previous: [],
  }
  await bags.setItem(record.id, record)
  return record
}

/** Saves a bag that was read at `revision`. Nothing is written unless the stored one is still that. */
export function saveBag(
  id: string,
  design: Design,
  revision: number,
  firstOfSitting: boolean,
): Promise<SaveResult> {
  return alone(id, async () => {
    try {
      const stored = await maybeBag(id)
      if (!stored || stored.revision !== revision) return { ok: false, reason: 'conflict' }
      const savedAt = Date.now()
      const last = stored.previous[0]
      const keep = firstOfSitting || !last || stored.savedAt - last.savedAt > PREVIOUS_APART_MS
      const previous = keep
        ? [{ savedAt: stored.savedAt, file: stored.file }, ...stored.previous]
        : stored.previous
      const record: BagRecord = {
        ...stored,
        revision: revision + 1,
        savedAt,
        file: fileOf(design),
        previous: previous.slice(0, PREVIOUS_KEPT),
      }
      await bags.setItem(id, record)
      return { ok: true, record }
    } catch (error) {
      const full = error instanceof DOMException && error.name === 'QuotaExceededError'
      return { ok: false, reason: full ? 'full' : 'refused' }
    }
  })
}

/** Takes a bag away and gives it back, to be put back by {@link putBag}. */
export async function removeBag(id: string): Promise<BagRecord | null> {
  const record = await maybeBag(id)
  await bags.removeItem(id)
  return record
}

export const putBag = (record: BagRecord): Promise<BagRecord> => bags.setItem(record.id, record)
