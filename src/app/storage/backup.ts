import { strFromU8, strToU8, type Unzipped, unzipSync, type Zippable, zipSync } from 'fflate'
import { readDocumentJson } from '@core/document'
import { areOfOneWork, mergeLogs, type Project, projectKind } from '@core/project'
import { workshopKind, type Workshop } from '@core/workshop'
import { found, refused, type Result } from '@core/units'
import { maybeHere, type RestoreAs, stored } from './joining.ts'
import { keepPhoto, photosOf } from './photos.ts'
import { stores } from './stores.ts'

/*
 * All there is in one zip: every bag as it is kept, with its log, the pictures that were taken, and the workshop. What cannot be read here is
 * in it too, as it is.
 */

const FORMAT = 'ample-motif-backup'
const VERSION = 1
/** Larger ones are not opened. */
const MOST_BYTES = 400 * 1024 * 1024
const TOO_LARGE = 2000 * 1024 * 1024

interface Index {
  readonly format: string
  readonly version: number
  readonly madeAt: string
  readonly bags: readonly { readonly id: string; readonly savedAt: number }[]
}

/** All files of a zip, as far as they are not too large together. @throws when it is none */
function unzipped(bytes: Uint8Array): Unzipped {
  let all = 0
  return unzipSync(bytes, { filter: ({ originalSize }) => (all += originalSize) < TOO_LARGE })
}
const maybeUnzipped = (bytes: Uint8Array): Unzipped | null => {
  try {
    return unzipped(bytes)
  } catch {
    return null
  }
}
const json = (value: unknown) => strToU8(JSON.stringify(value, null, 1))

/** Everything that is kept, or one bag of it, as one zip. @throws when storage refuses or does not answer */
export async function backupZip(workshop: string, only: string | null = null): Promise<Uint8Array> {
  const bags = (await stores.bags.all()).filter(({ id }) => only === null || id === only)
  const files: Zippable = {
    'backup.json': json({
      ...{ format: FORMAT, version: VERSION, madeAt: new Date().toISOString() },
      bags: bags.map(({ id, record }) => ({ id, savedAt: record?.savedAt ?? 0 })),
    } satisfies Index),
    ...(only === null
      ? { 'workshop.json': json((await stores.workshop.maybe(workshop))?.file ?? null) }
      : {}),
  }
  for (const { id, raw, record } of bags) {
    files[`bags/${id}.json`] = json(record?.file ?? raw)
    for (const [photo, jpeg] of await photosOf(id))
      files[`photos/${id}/${photo}.jpg`] = [new Uint8Array(await jpeg.arrayBuffer()), { level: 0 }]
  }
  return zipSync(files, { level: 6 })
}

/** A bag of a backup, and how it stands to what is here. */
export interface BackupBag {
  readonly id: string
  readonly name: string
  /** Not here; the very same; here with another log or plan; another bag under its id; or it cannot be read. */
  readonly is: 'new' | 'same' | 'differs' | 'other' | 'unreadable'
  /** Entries of its log that are not here. */
  readonly added: number
  /** Whether its plan is another than that of the bag that is here. */
  readonly otherPlan: boolean
  readonly photos: number
  readonly problem: string | null
}

export interface Backup {
  readonly madeAt: string
  readonly bags: readonly BackupBag[]
  /** Null where it has none that can be read. */
  readonly workshop: Workshop | null
}

const NOT_ONE = 'This zip is no backup of Ample Motif: it has no backup.json.'

function indexIn(files: Unzipped): Result<Index> {
  const file = files['backup.json']
  if (!file) return refused(NOT_ONE)
  try {
    const index = JSON.parse(strFromU8(file)) as Partial<Index>
    if (index.format !== FORMAT || !Array.isArray(index.bags)) return refused(NOT_ONE)
    if ((index.version ?? 0) > VERSION)
      return refused('This backup was made by a newer version of the program.')
    return found(index as Index)
  } catch {
    return refused('Its backup.json cannot be read.')
  }
}

const ID = /^[\w-]{1,60}$/
const parsed = (file: Uint8Array | undefined): unknown => {
  try {
    return file ? JSON.parse(strFromU8(file)) : null
  } catch {
    return null
  }
}
const bagIn = (files: Unzipped, id: string): Result<Project> => {
  const read = readDocumentJson(projectKind, parsed(files[`bags/${id}.json`]))
  return read.ok ? found(read.value) : refused(read.problem[0]!.message)
}
const photosIn = (files: Unzipped, id: string): string[] =>
  Object.keys(files).filter((path) => path.startsWith(`photos/${id}/`) && path.endsWith('.jpg'))

function opened(bytes: Uint8Array): Result<{ readonly files: Unzipped; readonly index: Index }> {
  if (bytes.length > MOST_BYTES) return refused('This file is larger than 400 MB.')
  const files = maybeUnzipped(bytes)
  if (!files) return refused('This file is no zip that can be opened.')
  const index = indexIn(files)
  return index.ok ? found({ files, index: index.value }) : index
}

/** What a backup holds, and how it stands to what is here. Nothing is changed. */
export async function readBackup(bytes: Uint8Array): Promise<Result<Backup>> {
  const open = opened(bytes)
  if (!open.ok) return open
  const { files, index } = open.value
  const bags: BackupBag[] = []
  for (const { id } of index.bags.filter((one) => ID.test(one.id))) {
    const read = bagIn(files, id)
    const photos = photosIn(files, id).length
    const bag = { id, photos, added: 0, otherPlan: false, problem: null }
    if (!read.ok) {
      bags.push({ ...bag, name: id, is: 'unreadable', problem: read.problem })
      continue
    }
    const { name } = read.value.design
    const here = await maybeHere(id)
    if (!here) bags.push({ ...bag, name, is: 'new' })
    else if (!areOfOneWork(here.project.log, read.value.log))
      bags.push({ ...bag, name, is: 'other' })
    else {
      const { added } = mergeLogs(here.project.log, read.value.log)
      const otherPlan = JSON.stringify(here.project.design) !== JSON.stringify(read.value.design)
      bags.push({ ...bag, name, added, otherPlan, is: added > 0 || otherPlan ? 'differs' : 'same' })
    }
  }
  const workshop = readDocumentJson(workshopKind, parsed(files['workshop.json']))
  return found({ madeAt: index.madeAt, bags, workshop: workshop.ok ? workshop.value : null })
}

/** Takes bags out of a backup. How many were taken; those that could not be stored are named. */
export async function restore(
  bytes: Uint8Array,
  take: readonly { readonly id: string; readonly as: RestoreAs }[],
  sitting: string,
): Promise<Result<{ readonly taken: number; readonly failed: readonly string[] }>> {
  const open = opened(bytes)
  if (!open.ok) return open
  const { files } = open.value
  let taken = 0
  const failed: string[] = []
  for (const { id, as } of take) {
    const read = bagIn(files, id)
    if (!read.ok) continue
    const into = await stored(id, as, read.value, sitting).catch(() => null)
    if (into === null) failed.push(read.value.design.name)
    else {
      taken++
      for (const path of photosIn(files, id)) {
        const photo = path.slice(path.lastIndexOf('/') + 1, -4)
        const jpeg = new Blob([files[path]! as Uint8Array<ArrayBuffer>], { type: 'image/jpeg' })
        await keepPhoto(into, photo, jpeg).catch(() =>
          failed.push(`a picture of ${read.value.design.name}`),
        )
      }
    }
  }
  return found({ taken, failed })
}
