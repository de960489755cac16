import { defineStore } from 'pinia'
import { type Ref, ref, shallowRef } from 'vue'
import type { Project } from '@core/project'
import { shortened } from '@core/units'
import { failureOf, failureWords, NotDone, Unreadable } from '@app/storage/answered.ts'
import { ask, kept } from '@app/storage/kept.ts'
import { forgetPhotos } from '@app/storage/photos.ts'
import type { ShelfBag } from '@app/storage/shelf-bag.ts'
import { dropNote, type LeftNote, orphanNotes, sitting } from '@app/storage/unsaved-note.ts'
import { deriver } from '@app/workers/workers.ts'
import { useWorkshop } from './workshop.ts'

export type { ShelfBag }

/** A bag takes no longer than this on the shelf; it can still be opened, which says more. */
const LONGEST_MS = 10_000

async function bring(): Promise<number> {
  const brought = await ask((api) => api.bringDemo())
  const workshop = useWorkshop()
  workshop.setWords({ demoBrought: true })
  await workshop.stored()
  return brought
}

/** Brings the demo the first time ever; where it is not known whether that was, nothing is brought. */
async function bringFirst() {
  const workshop = useWorkshop()
  await workshop.ready
  if (workshop.isOpen && !workshop.workshop.settings.demoBrought) await bring()
}

/** Works a bag out, and shows it where it lies. */
async function workOut(bag: ShelfBag, bags: Ref<readonly ShelfBag[] | null>) {
  const { project, derived } = bag
  if (!project || derived) return
  const answer = await deriver.ask((api) => api.derive(project, {}), { limitMs: LONGEST_MS })
  const next: ShelfBag = answer.ok
    ? { ...bag, derived: answer.value.value }
    : { ...bag, problem: `It could not be worked out: ${answer.problem}` }
  bags.value = (bags.value ?? []).map((one) => (one === bag ? next : one))
}

/** Does what stores something. Whether it was stored; if not, `refused` says what was not done, and why. */
const useAttempt =
  (refused: Ref<string | null>) =>
  async (what: string, work: () => Promise<unknown>): Promise<boolean> => {
    refused.value = null
    try {
      await work()
      return true
    } catch (error) {
      refused.value =
        error instanceof Unreadable
          ? `${what}: ${error.message}.`
          : `${what}. ${failureWords[failureOf(error)]}; what was stored before is still there. Export what you need to a file.`
      return false
    }
  }

/** What closed tabs left of bags that are not on the shelf any more. */
function useLeft(add: (project: Project) => Promise<string | null>) {
  const left = shallowRef<readonly LeftNote<Project>[]>([])
  /** @param ids the bags there are */
  const lookFor = async (ids: ReadonlySet<string>) =>
    void (left.value = await orphanNotes(kept.bags, ids))
  /** What a closed tab left of a bag that is gone: a bag again, or not wanted. */
  async function endLeft(note: LeftNote<Project>, keep: boolean) {
    if (keep && (await add(note.document)) === null) return
    dropNote(note.id, note.sitting)
    left.value = left.value.filter((one) => one.id !== note.id || one.sitting !== note.sitting)
  }

  return { left, lookFor, endLeft }
}

/** All bags, and what can be done to them from outside. What could not be stored is said in `refused`, and nothing is lost. */
export const useShelf = defineStore('shelf', () => {
  const bags = shallowRef<readonly ShelfBag[] | null>(null)
  /** Why something was not done, or the shelf cannot be read. */
  const refused = ref<string | null>(null)

  const attempt = useAttempt(refused)

  let reading = 0
  /** Reads the shelf; the first time ever it brings the demo. Each bag is looked at by itself, and shown when it is worked out. */
  async function refresh() {
    const now = ++reading
    await attempt('The shelf could not be read', async () => {
      await bringFirst()
      const read = await ask((api) => api.shelf())
      if (now !== reading) return
      const ids = new Set(read.map(({ id }) => id))
      await lookFor(ids)
      if (now === 1) void forgetPhotos(ids)
      const before = new Map(bags.value?.map((bag) => [bag.id, bag]))
      bags.value = read.map((bag) => {
        const known = before.get(bag.id)
        return known && known.savedAt === bag.savedAt && known.derived ? known : bag
      })
      // One after the other: a bag that is opened meanwhile waits for one of them at most.
      for (const bag of bags.value) if (now === reading) await workOut(bag, bags)
    })
  }
  /** The shelf is not looked at any more: what is not worked out yet is when it is next read. */
  const leave = () => void reading++

  const add = async (project: Project): Promise<string | null> => {
    let id: string | null = null
    const done = await attempt(
      `“${shortened(project.design.name, 40)}” was not put on the shelf`,
      async () => {
        id = await kept.bags.add(project)
      },
    )
    if (done) await refresh()
    return id
  }

  const { left, lookFor, endLeft } = useLeft(add)

  async function rename(bag: ShelfBag, name: string) {
    await attempt(`“${bag.name}” keeps its name`, async () => {
      const result = await ask((api) => api.rename(bag.id, name, sitting))
      if (!result || result.ok || result.reason === 'conflict' || result.reason === 'gone') return
      throw new NotDone(result.reason)
    })
    await refreshQuietly()
  }

  /** Reads the shelf again, and leaves standing what was just said. */
  async function refreshQuietly() {
    const said = refused.value
    await refresh()
    refused.value ??= said
  }

  /** Takes a bag off the shelf; what comes back puts it there again, null when it stays. */
  async function remove(bag: ShelfBag): Promise<(() => Promise<void>) | null> {
    let raw: unknown
    const done = await attempt(`“${bag.name}” was not deleted`, async () => {
      raw = await kept.bags.remove(bag.id)
    })
    await refreshQuietly()
    if (!done) return null
    return async () => {
      await attempt(`“${bag.name}” was not put back`, () => kept.bags.put(bag.id, raw))
      await refreshQuietly()
    }
  }

  /** Brings the demo bags that are not there. How many those were; null when it could not be done. */
  async function bringDemo(): Promise<number | null> {
    let brought: number | null = null
    const done = await attempt('The demo bags were not brought', async () => {
      brought = await bring()
    })
    if (done) await refresh()
    return brought
  }
  return { bags, refused, left, refresh, leave, bringDemo, add, rename, remove, endLeft }
})
