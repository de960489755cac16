import { expose } from 'comlink'
import { mended, type MendOptions, type Mosaic, type Rules } from '@core/mosaic'

/** How often it is told how far it is. */
const TOLD_MS = 100

const api = {
  /** The nearest picture that can be worked; tells on the way the best so far, and the least there can be. */
  mend(
    mosaic: Mosaic,
    rules: Rules,
    weights: NonNullable<MendOptions['weights']> | null,
    told: (best: number, bound: number) => void,
  ) {
    let last = -Infinity
    const { chart, cells, bound } = mended(mosaic, rules, {
      now: () => performance.now(),
      ...(weights ? { weights } : {}),
      progress(best, least) {
        if (performance.now() - last < TOLD_MS) return
        last = performance.now()
        told(best, least)
      },
    })
    return { chart, cells, bound }
  },
}
export type MendApi = typeof api

expose(api)
