import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import beaterTote from '@demo/beater-tote.json'
import marchBookSatchel from '@demo/march-book-satchel.json'
import mutePouch from '@demo/mute-pouch.json'
import raffleBag from '@demo/raffle-bag.json'
import type { Design } from '@core/design'
import { readProjectJson } from '@core/file'
import { type Derived } from '@core/plan'
import {
  allBags,
  addBag,
  type BagRecord,
  designOf,
  putBag,
  removeBag,
} from '@app/storage/bag-store.ts'
import { keepSetting, readSetting } from '@app/storage/workshop-store.ts'
import { derived } from '@app/workers/derive-client.ts'

/** A bag as it lies on the shelf; without a design when its record cannot be read here. */
export interface ShelfBag {
  readonly id: string
  readonly savedAt: number
  readonly design: Design | null
  readonly derived: Derived | null
  readonly problem: string | null
}

/** The last is brought last, and so lies first. */
const demoFiles: readonly unknown[] = [mutePouch, marchBookSatchel, raffleBag, beaterTote]

async function shown(record: BagRecord): Promise<ShelfBag> {
  const { id, savedAt } = record
  const read = designOf(record)
  if (!read.ok)
    return { id, savedAt, design: null, derived: null, problem: read.problem[0]!.message }
  return { id, savedAt, design: read.value, derived: await derived(read.value), problem: null }
}

/** All bags, and what can be done to them from outside. */
export const useShelf = defineStore('shelf', () => {
  const bags = shallowRef<readonly ShelfBag[] | null>(null)

  /** Reads the shelf; the first time ever it brings the demo. */
  async function refresh() {
    if (!(await readSetting<boolean>('demo-brought'))) await bringDemo()
    bags.value = await Promise.all((await allBags()).map(shown))
  }

  async function bringDemo() {
    for (const file of demoFiles) {
      const read = readProjectJson(file)
      if (read.ok) await addBag(read.value)
    }
    await keepSetting('demo-brought', true)
  }

  async function add(design: Design): Promise<string> {
    const { id } = await addBag(design)
    await refresh()
    return id
  }

  /** Takes a bag off the shelf; what comes back puts it there again. */
  async function remove(id: string): Promise<() => Promise<void>> {
    const record = await removeBag(id)
    await refresh()
    return async () => {
      if (record) await putBag(record)
      await refresh()
    }
  }

  return { bags, refresh, bringDemo: () => bringDemo().then(refresh), add, remove }
})
