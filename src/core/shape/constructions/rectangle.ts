import { OneOf, Whole } from '../../fields/index.ts'
import { LIMITS } from '../../section/index.ts'
import { Base } from '../base.ts'
import { chainFirstRound, flatCornerIncrease, RECTANGLE, rectangleBaseRows } from '../chain-base.ts'
import { asked, type Construction, inRounds, standing } from '../construction.ts'

/** Worked around both sides of a chain, three in one at each of four corners. */
export class RectangleBasePart extends Base {
  @OneOf(['rectangle-base']) readonly kind!: 'rectangle-base'
  @Whole(3, LIMITS.along) readonly along!: number
}

/** Rounds about a chain, three in one at each of four corners. */
export const rectangle: Construction<RectangleBasePart> = {
  document: RectangleBasePart,
  begin: (kept, { along }) => ({ ...kept, kind: 'rectangle-base', along }),
  name: 'Corners',
  hint: 'A rectangle in rounds: three in one at each corner',
  asked: [asked.along(), asked.count('Last round')],
  plan: 'rectangle',
  alone: true,
  worked: 'rounds',
  growth: ({ along }) => ({
    first: chainFirstRound({ along, inEnd: RECTANGLE.inEnd }),
    increase: RECTANGLE.increase,
  }),
  flat: flatCornerIncrease,
  around: () => 1,
  pieces: (base) => inRounds(rectangleBaseRows(base)),
  joins: () => [],
  sizes: ({ along }, made, { stitchWidthMm }) =>
    standing(made, 2 * made.baseMm + (along - 1) * stitchWidthMm, 2 * made.baseMm),
}
