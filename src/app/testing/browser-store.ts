/* A store of the browser's kind: it keeps copies, and refuses when it is told to. */

const copy = (value: unknown): unknown =>
  value === undefined ? undefined : JSON.parse(JSON.stringify(value))

/** Stands in for localForage: `kept` by the name of the store; what is put in is refused while `refusal` is an error, and nothing is answered while it is silent. */
export function browserStore() {
  const stores = new Map<string, Map<string, unknown>>()
  const state = { refusal: null as Error | null, silent: false }
  const of = (name: string) => {
    const kept = stores.get(name) ?? new Map<string, unknown>()
    stores.set(name, kept)
    return kept
  }
  const createInstance = ({ storeName }: { storeName: string }) => {
    const kept = of(storeName)
    return {
      getItem: (key: string) =>
        state.silent ? new Promise<never>(() => {}) : Promise.resolve(copy(kept.get(key)) ?? null),
      setItem: (key: string, value: unknown) => {
        if (state.refusal) return Promise.reject(state.refusal)
        kept.set(key, copy(value))
        return Promise.resolve(value)
      },
      removeItem: (key: string) => Promise.resolve(void kept.delete(key)),
      iterate: (each: (value: unknown, key: string) => void) =>
        Promise.resolve(void [...kept].forEach(([key, value]) => each(value, key))),
    }
  }
  return { of, state, module: { default: { createInstance } } }
}
