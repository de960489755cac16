import { computed, type ComputedRef } from 'vue'

/**
 * A computed value that stays the same object while it says the same, so that what shows it is not drawn again. For small
 * plain data only.
 */
export function steady<T>(get: () => T): ComputedRef<T> {
  let said = ''
  return computed<T>((before) => {
    const now = get()
    const says = JSON.stringify(now)
    if (before !== undefined && says === said) return before
    said = says
    return now
  })
}
