import { computed, onScopeDispose, shallowReactive, shallowRef, toValue, watch } from 'vue'
import type { MaybeRefOrGetter, Ref } from 'vue'

/** Something that can be done, by its name. */
export interface Action {
  readonly title: string
  readonly keys?: string
  readonly run: () => void
}

const lists = shallowReactive(new Set<Readonly<Ref<readonly Action[]>>>())
/** What is to be done as soon as it is offered: it belongs to a place that is on its way. */
const awaited = shallowRef<string | null>(null)

/** Everything that is offered where one is. */
export const offered = computed(() => [...lists].flatMap(({ value }) => value))

/** Offers what can be done here to whoever looks for it by name, as long as this is shown. */
export function useOffers(actions: MaybeRefOrGetter<readonly Action[]>): void {
  const list = computed(() => toValue(actions))
  lists.add(list)
  onScopeDispose(() => lists.delete(list))
  watch(
    [list, awaited],
    ([all, title]) => {
      const found = title === null ? undefined : all.find((one) => one.title === title)
      if (!found) return
      awaited.value = null
      found.run()
    },
    { immediate: true },
  )
}

/** Does what has this name, at once or when it is offered. */
export const doWhenOffered = (title: string): void => {
  awaited.value = title
}
