import type { Design } from '../design/index.ts'
import { gaugeOf } from '../ledger/index.ts'
import { stitchById } from '../stitch/index.ts'

export type YarnSource = 'unravelled' | 'weighed' | 'model'

/** Metres of yarn in one sc, what the figure rests on, and how far off it may be (0.1 = ±10 %). */
export interface YarnRate {
  readonly source: YarnSource
  readonly metresPerSc: number
  readonly spread: number
}

/** One sc takes this many hook diameters of yarn (from memory, ±20 %). */
const MODEL_HOOKS_PER_SC = 9.5

interface School {
  readonly source: YarnSource
  readonly spread: number
  /** Metres in one sc; null when the design does not say what the school needs. */
  readonly maybeMetresPerSc: (design: Design) => number | null
}

const swatchYarn = (design: Design): number => stitchById(gaugeOf(design).stitch).yarn

/** The three schools, best first; the first that has what it needs is used. Spreads are from memory. */
export const schools: readonly School[] = [
  {
    source: 'unravelled',
    spread: 0.05,
    maybeMetresPerSc: (design) =>
      design.unravelled &&
      design.unravelled.lengthMm / 1000 / design.unravelled.stitches / swatchYarn(design),
  },
  {
    source: 'weighed',
    spread: 0.09,
    maybeMetresPerSc: (design) => {
      const { weighed } = design
      const label = design.yarns.find(({ letter }) => letter === weighed?.letter)?.label
      if (!weighed || !label) return null
      return (
        ((weighed.grams / weighed.stitches) * (label.metres / label.grams)) / swatchYarn(design)
      )
    },
  },
  {
    source: 'model',
    spread: 0.2,
    maybeMetresPerSc: ({ hookMm }) => (MODEL_HOOKS_PER_SC * hookMm) / 1000,
  },
]

/** The rate of the best school that can be used. */
export function yarnRate(design: Design): YarnRate {
  for (const { source, spread, maybeMetresPerSc } of schools) {
    const metresPerSc = maybeMetresPerSc(design)
    if (metresPerSc !== null) return { source, spread, metresPerSc }
  }
  throw new RangeError('the model needs a hook size')
}
