import { chainFirstRound, type OvalBase, ovalBaseRows } from '../chain-base.ts'
import { type Construction, inRounds, standing } from '../construction.ts'
import { flatIncrease } from '../flatness.ts'

/** Rounds about a chain, half of each round's increase in either end. */
export const oval: Construction<OvalBase> = {
  name: 'Oval',
  hint: 'An oval base, worked around a chain',
  worked: 'rounds',
  growth: (base) => ({ first: chainFirstRound(base), increase: base.increase }),
  flat: flatIncrease,
  around: () => 1,
  pieces: (base) => inRounds(ovalBaseRows(base)),
  joins: () => [],
  sizes: ({ along }, made, { stitchWidthMm }) =>
    standing(made, 2 * made.baseMm + (along - 1) * stitchWidthMm, 2 * made.baseMm),
}
