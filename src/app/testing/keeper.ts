import type { Project } from '../../core/project/index.ts'
import type { Save, SaveResult } from '../storage/document-store.ts'

/** Stands in for the program's workers where bags are stored: it stores in the page, by `save`. */
export const workersThat = (save: (save: Save<Project>) => Promise<SaveResult>) => () => ({
  keeper: {
    ask: async (
      question: (api: {
        save: (store: string, one: Save<Project>) => unknown
        ready: () => boolean
      }) => unknown,
    ) => ({
      ok: true,
      value: await question({ save: (_, one) => save(one), ready: () => true }),
    }),
  },
})
