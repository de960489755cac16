import { computed, shallowRef, watch } from 'vue'

/**
 * Figures that mean something together: what is typed of them is kept here until all are there, and nothing is filled in meanwhile.
 * @param now what they are; null while they are not there
 * @param whole takes them, as soon as all are there and whenever one of them is another
 */
export function useDraft<T extends object>(
  keys: readonly (keyof T)[],
  now: () => T | null,
  whole: (all: T) => void,
) {
  const draft = shallowRef<Partial<T>>({})
  watch(now, (is) => is && (draft.value = {}))
  const values = computed((): Partial<T> => ({ ...now(), ...draft.value }))
  function set(given: Partial<T>) {
    const all = { ...values.value, ...given }
    draft.value = all
    if (!keys.every((key) => all[key] !== undefined)) return
    draft.value = {}
    whole(all as T)
  }
  return { values, set, forget: () => (draft.value = {}) }
}
