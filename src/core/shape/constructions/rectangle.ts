import {
  chainFirstRound,
  flatCornerIncrease,
  RECTANGLE,
  type RectangleBase,
  rectangleBaseRows,
} from '../chain-base.ts'
import { asked, type Construction, inRounds, standing } from '../construction.ts'

/** Rounds about a chain, three in one at each of four corners. */
export const rectangle: Construction<RectangleBase> = {
  name: 'Corners',
  hint: 'A rectangle in rounds: three in one at each corner',
  asked: [asked.along(), asked.count('Last round')],
  plan: 'rectangle',
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
