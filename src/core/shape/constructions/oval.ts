import { chainFirstRound, type OvalBase, ovalBaseRows } from '../chain-base.ts'
import { asked, type Construction, inRounds, standing } from '../construction.ts'
import { flatIncrease } from '../flatness.ts'

/** Rounds about a chain, half of each round's increase in either end. */
export const oval: Construction<OvalBase> = {
  name: 'Oval',
  hint: 'An oval base, worked around a chain',
  asked: [
    asked.along(),
    { key: 'inEnd', label: 'In each end', min: 2, max: 3 },
    { ...asked.increase(2, 6), max: ({ inEnd }) => 2 * inEnd },
    asked.count('Last round'),
  ],
  plan: 'oval',
  settled: ({ increase, inEnd }) => ({ increase: Math.min(increase, 2 * inEnd) }),
  faults: ({ increase, inEnd }) =>
    increase > 2 * inEnd
      ? [['increase', `the ends have room for ${2 * inEnd} in the second round`]]
      : [],
  worked: 'rounds',
  growth: (base) => ({ first: chainFirstRound(base), increase: base.increase }),
  flat: flatIncrease,
  around: () => 1,
  pieces: (base) => inRounds(ovalBaseRows(base)),
  joins: () => [],
  sizes: ({ along }, made, { stitchWidthMm }) =>
    standing(made, 2 * made.baseMm + (along - 1) * stitchWidthMm, 2 * made.baseMm),
}
