import { OneOf, Whole } from '../../document/index.ts'
import { LIMITS } from '../../part/index.ts'
import { Base } from '../base.ts'
import { chainFirstRound, ovalBaseRows, ovalMiddles } from '../chain-base.ts'
import { asked, type Construction, inRounds, standing } from '../construction.ts'
import { flatIncrease } from '../flatness.ts'

/** Worked around both sides of a chain, half of each round's increase in either end. */
export class OvalBasePart extends Base {
  @OneOf(['oval-base']) readonly kind!: 'oval-base'
  /** Stitches along one side of the chain. */
  @Whole(3, LIMITS.along) readonly along!: number
  /** Stitches in the last chain of each end in round 1. */
  @Whole(2, 3) readonly inEnd!: number
  /** How many of those of the end it begins in come first in round 1. */
  @Whole(1, 3) readonly inFirst!: number
  @Whole(2, 6) readonly increase!: number
}

/** Rounds about a chain, half of each round's increase in either end. */
export const oval: Construction<OvalBasePart> = {
  document: OvalBasePart,
  begin: (kept, { along }) => ({
    ...kept,
    kind: 'oval-base',
    along,
    inEnd: 3,
    inFirst: 1,
    increase: 6,
  }),
  name: 'Oval',
  hint: 'An oval base, worked around a chain',
  asked: [
    asked.along(),
    { key: 'inEnd', label: 'In each end', min: 2, max: 3 },
    { key: 'inFirst', label: 'Begun with', min: 1, max: ({ inEnd }) => inEnd },
    { ...asked.increase(2, 6), max: ({ inEnd }) => 2 * inEnd },
    asked.count('Last round'),
  ],
  plan: 'oval',
  settled: ({ increase, inEnd, inFirst }) => ({
    increase: Math.min(increase, 2 * inEnd),
    inFirst: Math.min(inFirst, inEnd),
  }),
  faults: ({ increase, inEnd, inFirst }) => [
    ...(increase > 2 * inEnd
      ? [['increase', `the ends have room for ${2 * inEnd} in the second round`] as const]
      : []),
    ...(inFirst > inEnd ? [['inFirst', `each end has ${inEnd}`] as const] : []),
  ],
  alone: true,
  worked: 'rounds',
  growth: (base) => ({ first: chainFirstRound(base), increase: base.increase }),
  flat: flatIncrease,
  around: () => 1,
  pieces: (base) => inRounds(ovalBaseRows(base)),
  middles: ovalMiddles,
  joins: () => [],
  sizes: ({ along }, made, { stitchWidthMm }) =>
    standing(made, 2 * made.baseMm + (along - 1) * stitchWidthMm, 2 * made.baseMm),
}
