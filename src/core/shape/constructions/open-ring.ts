import { OneOf } from '../../document/index.ts'
import { Base, beginnings, type BeginsWith } from '../base.ts'
import { asked, type Construction, firstRowChoice } from '../construction.ts'
import { firstRowOf } from '../shape-row.ts'

/** A ring of rounds that is open at both ends: a bag on a bought bottom, a sleeve; or an edge that is picked up. */
export class OpenRingPart extends Base {
  @OneOf(['open-ring']) readonly kind!: 'open-ring'
  /** Whether a plain round of its own comes first, or the bands begin at once in the chain. */
  @OneOf(beginnings) readonly begins!: BeginsWith
}

export const openRing: Construction<OpenRingPart> = {
  document: OpenRingPart,
  begin: (kept) => ({ ...kept, kind: 'open-ring', begins: 'row' }),
  name: 'Open ring',
  hint: 'A ring of rounds, open at both ends, as for a bought bottom',
  asked: [asked.count('Around')],
  choices: [firstRowChoice],
  alone: true,
  worked: 'rounds',
  begunWith: (count) => `a ring of ${count} chains`,
  growth: () => ({ first: 6, increase: 1 }),
  flat: null,
  around: () => 1,
  pieces: ({ count }) => [
    {
      ...{ id: 'bag', name: 'Body', times: 1, worked: 'rounds' },
      rows: [firstRowOf('chain-ring', count)],
    },
  ],
  joins: () => [],
  sizes: (_, { widestMm, standingMm }) => ({
    aroundMm: widestMm,
    flatMm: widestMm / 2,
    heightMm: standingMm,
    hangingMm: null,
    footprint: { lengthMm: widestMm / 2, widthMm: 0 },
  }),
}
