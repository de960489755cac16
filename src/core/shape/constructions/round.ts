import { OneOf } from '../../document/index.ts'
import { Disc, usualDisc } from '../base.ts'
import { asked, type Construction, inRounds, standing } from '../construction.ts'
import { flatIncrease } from '../flatness.ts'
import { roundBaseRows } from '../round-base.ts'

export class RoundBasePart extends Disc {
  @OneOf(['round-base']) readonly kind!: 'round-base'
}

/** A disc, worked in rounds from a ring. */
export const round: Construction<RoundBasePart> = {
  document: RoundBasePart,
  begin: (kept) => ({ ...kept, ...usualDisc, kind: 'round-base' }),
  name: 'Round',
  hint: 'A round base, worked from a ring',
  asked: [asked.increase(3, 40), asked.count('Last round')],
  plan: 'round',
  ring: true,
  anyIncrease: true,
  alone: true,
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
