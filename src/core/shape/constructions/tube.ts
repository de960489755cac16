import { OneOf, Whole } from '../../fields/index.ts'
import { LIMITS } from '../../section/index.ts'
import { Base } from '../base.ts'
import { asked, type Construction, type ShapePiece, stitchesOf } from '../construction.ts'
import { firstRowOf } from '../shape-row.ts'

/** A tube begun in a ring of chain, its bottom closed last. */
export class TubePart extends Base {
  @OneOf(['tube']) readonly kind!: 'tube'
  /** Stitches taken away in one round below the chain before the halves are sewn; 0 for none. */
  @Whole(0, LIMITS.count) readonly decrease!: number
}

const left = ({ count, decrease }: TubePart) => count - decrease

const closing = (base: TubePart): ShapePiece => ({
  id: 'bottom',
  name: 'Bottom',
  times: 1,
  worked: 'rounds',
  lies: true,
  rows: [{ kind: 'other-side', uses: base.count, makes: left(base), marks: [] }],
})

export const tube: Construction<TubePart> = {
  document: TubePart,
  begin: (kept) => ({ ...kept, kind: 'tube', decrease: 0 }),
  name: 'Tube',
  hint: 'A tube from a ring of chain, its bottom sewn last',
  asked: [
    asked.count('Around'),
    { key: 'decrease', label: 'Taken away', min: 0, max: ({ count }) => count >> 1 },
  ],
  settled: ({ count, decrease }) => ({ decrease: Math.min(decrease, count >> 1) }),
  faults: ({ count, decrease }) =>
    decrease > count / 2
      ? [['decrease', `one round can take away ${Math.floor(count / 2)} at most`]]
      : [],
  evened: ({ count, decrease }) => [
    {
      kind: 'close',
      facts: { by: decrease + 1, half: (count - decrease - 1) / 2 },
      values: { decrease: decrease + 1 },
    },
  ],
  worked: 'rounds',
  growth: () => ({ first: 6, increase: 1 }),
  flat: null,
  around: () => 1,
  begins: (base): Record<string, number> => (base.decrease > 0 ? { bottom: left(base) } : {}),
  pieces: (base) => [
    {
      id: 'bag',
      name: 'Body',
      times: 1,
      worked: 'rounds',
      rows: [firstRowOf('chain-ring', base.count)],
    },
    ...(base.decrease > 0 ? [closing(base)] : []),
  ],
  joins: (base, _, { stitchWidthMm }) => [
    {
      kind: 'seam',
      place: 'tube-bottom',
      sides: [
        stitchesOf(base.decrease > 0 ? 'bottom' : 'bag', Math.floor(left(base) / 2)),
        stitchesOf(base.decrease > 0 ? 'bottom' : 'bag', Math.ceil(left(base) / 2)),
      ],
      lengthMm: (left(base) / 2) * stitchWidthMm,
    },
  ],
  sizes: (_, { widestMm, standingMm }) => ({
    aroundMm: widestMm,
    flatMm: widestMm / 2,
    heightMm: standingMm,
    footprint: { lengthMm: widestMm / 2, widthMm: 0 },
  }),
  unequal: (base) => {
    const half = Math.floor(left(base) / 2)
    return left(base) % 2 === 0 ? null : { what: 'halves', one: half, other: half + 1 }
  },
}
