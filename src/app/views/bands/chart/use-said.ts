import { ref, type Ref, watch } from 'vue'

/** What is said of something: it goes when that is another one than it was said of. */
export function useSaid(of: Readonly<Ref<unknown>>): Ref<string> {
  const said = ref('')
  let saidOf: unknown = null
  watch(said, () => (saidOf = of.value), { flush: 'sync' })
  watch(of, (now) => now !== saidOf && (said.value = ''))
  return said
}
