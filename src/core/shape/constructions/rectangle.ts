import { OneOf, Whole } from '../../document/index.ts'
import { LIMITS } from '../../part/index.ts'
import { Base } from '../base.ts'
import {
  chainFirstRound,
  flatCornerIncrease,
  RECTANGLE,
  rectangleBaseRows,
  rectangleMiddles,
} from '../chain-base.ts'
import { asked, type Construction, inRounds, standing } from '../construction.ts'

/** Worked around both sides of a chain, three in one at each of four corners. */
export class RectangleBasePart extends Base {
  @OneOf(['rectangle-base']) readonly kind!: 'rectangle-base'
  @Whole(3, LIMITS.along) readonly along!: number
  /** How many of the three of the end it begins in come first in round 1. */
  @Whole(1, 3) readonly inFirst!: number
  /** Where a last round that adds less than the others has its increases. */
  @OneOf(['corners', 'ends']) readonly rest!: 'corners' | 'ends'
}

/** Rounds about a chain, three in one at each of four corners. */
export const rectangle: Construction<RectangleBasePart> = {
  document: RectangleBasePart,
  begin: (kept, { along }) => ({
    ...kept,
    kind: 'rectangle-base',
    along,
    inFirst: 1,
    rest: 'corners',
  }),
  name: 'Corners',
  hint: 'A rectangle in rounds: three in one at each corner',
  asked: [
    asked.along(),
    { key: 'inFirst', label: 'Begun with', min: 1, max: RECTANGLE.inEnd },
    asked.count('Last round'),
  ],
  choices: [
    {
      key: 'rest',
      legend: 'What is left for the last round',
      options: [
        { value: 'corners', label: 'At corners', title: 'In corners opposite one another' },
        { value: 'ends', label: 'In the ends', title: 'In the middles of the short ends' },
      ],
    },
  ],
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
  middles: rectangleMiddles,
  joins: () => [],
  sizes: ({ along }, made, { stitchWidthMm }) =>
    standing(made, 2 * made.baseMm + (along - 1) * stitchWidthMm, 2 * made.baseMm),
}
