import type { Design } from '../design/index.ts'
import { estimateGauge, yarnClasses } from '../stitch/index.ts'

/** What another weight class does to stitches, by the published ranges. */
export interface ClassChange {
  /** How wide a stitch becomes beside now, on the same hook: 1.1 = 10 % wider. */
  readonly wide: number
  /** Hooks that are usual for it, in mm, and whether the bag's is one of them. */
  readonly hooks: readonly [number, number]
  readonly isUsualHook: boolean
}

/** What becomes of the stitches of a yarn when another of this class takes its place on the same hook. */
export function classChange(
  { hookMm, yarnClass }: Pick<Design, 'hookMm' | 'yarnClass'>,
  from: number | null,
  to: number,
): ClassChange {
  const width = (number: number) => estimateGauge(hookMm, number).stitchWidthMm
  const hooks = yarnClasses.find(({ number }) => number === to)!.hookMm
  return {
    wide: width(to) / width(from ?? yarnClass),
    hooks,
    isUsualHook: hookMm >= hooks[0] && hookMm <= hooks[1],
  }
}
