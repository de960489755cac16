import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { Lot } from '@core/design'
import { freeOf, type LotInHand, type Promised, promisedBy, type YarnInHand } from '@core/workshop'
import { ask } from '@app/storage/kept.ts'
import { useProject } from './project.ts'
import { useWorkshop } from './workshop.ts'

/** What bags keep aside of the yarns in hand: of those on the shelf as they are stored, of the one on the table as it stands. */
export const usePromised = defineStore('promised', () => {
  const project = useProject()
  const workshop = useWorkshop()
  const stored = shallowRef<readonly (readonly [id: string, Promised])[]>([])
  /** Why the shelf could not be read; null when it was. */
  const problem = shallowRef<string | null>(null)
  async function refresh() {
    problem.value = null
    try {
      const bags = await ask((api) => api.shelf())
      stored.value = bags.flatMap(({ id, project: bag }) =>
        bag ? promisedBy(bag.design).map((one) => [id, one] as const) : [],
      )
    } catch {
      problem.value = 'The shelf could not be read: what other bags keep aside is not known.'
    }
  }
  const all = computed(() => {
    const others = stored.value.flatMap(([id, one]) => (id === project.id ? [] : [one]))
    return project.design ? [...others, ...promisedBy(project.design)] : others
  })
  return {
    ...{ all, problem, refresh },
    free: (yarn: YarnInHand, lot: LotInHand) => freeOf(yarn, lot, all.value),
    /** The most a bag's lot can be: what it has and what is free beside; undefined where it is not kept aside of what is in hand. */
    mostOf({ of, lot, grams }: Lot): number | undefined {
      const yarn = workshop.workshop.yarns.find(({ id }) => id === of)
      const there = yarn?.lots.find((one) => one.lot === lot)
      return yarn && there && grams + Math.max(0, freeOf(yarn, there, all.value))
    },
  }
})
