import { asked, type Construction, inRounds, standing } from '../construction.ts'
import { flatIncrease } from '../flatness.ts'
import { type RoundBase, roundBaseRows } from '../round-base.ts'

/** A disc, worked in rounds from a ring. */
export const round: Construction<RoundBase> = {
  name: 'Round',
  hint: 'A round base, worked from a ring',
  asked: [asked.increase(3, 40), asked.count('Last round')],
  plan: 'round',
  ring: true,
  anyIncrease: true,
  worked: 'rounds',
  growth: ({ increase }) => ({ first: increase, increase }),
  flat: flatIncrease,
  around: () => 1,
  pieces: (base) => inRounds(roundBaseRows(base)),
  joins: () => [],
  sizes: ({ count }, made, { stitchWidthMm }) => {
    const diameterMm = (count * stitchWidthMm) / Math.PI
    return standing(made, diameterMm, diameterMm)
  },
}
