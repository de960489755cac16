import { OneOf } from '../../fields/index.ts'
import { Base } from '../base.ts'
import { asked, type Construction, inPanels, twoFaces } from '../construction.ts'

/** Two equal panels, sewn along both sides and the bottom. */
export class TwoPanelsPart extends Base {
  @OneOf(['two-panels']) readonly kind!: 'two-panels'
}

export const twoPanels: Construction<TwoPanelsPart> = {
  document: TwoPanelsPart,
  begin: (kept) => ({ ...kept, kind: 'two-panels' }),
  name: 'Two panels',
  hint: 'Two equal panels in rows, sewn together',
  asked: [asked.count('Across')],
  front: () => ({ kind: 'panel' }),
  worked: 'rows',
  growth: () => ({ first: 3, increase: 1 }),
  flat: null,
  around: () => 2,
  pieces: ({ count }) => inPanels(count, 2),
  joins: ({ count }, { bodyRows, bodyMm }, { stitchWidthMm }) => [
    { kind: 'seam', pieces: ['bag'], count: bodyRows, lengthMm: bodyMm, where: 'the left side' },
    { kind: 'seam', pieces: ['bag'], count, lengthMm: count * stitchWidthMm, where: 'the bottom' },
    { kind: 'seam', pieces: ['bag'], count: bodyRows, lengthMm: bodyMm, where: 'the right side' },
  ],
  sizes: (_, { widestMm, bodyMm }) => twoFaces(widestMm, bodyMm),
}
