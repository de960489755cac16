import type { Save, SaveResult } from '../storage/bag-store.ts'

/** Stands in for the program's workers where bags are stored: it stores in the page, by `save`. */
export const workersThat = (save: (save: Save) => Promise<SaveResult>) => () => ({
  keeper: {
    ask: async (question: (api: { save: typeof save; ready: () => boolean }) => unknown) => ({
      ok: true,
      value: await question({ save, ready: () => true }),
    }),
  },
})
