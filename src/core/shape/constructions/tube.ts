import { OneOf, Whole } from '../../document/index.ts'
import { LIMITS } from '../../part/index.ts'
import { Base, beginnings, type BeginsWith } from '../base.ts'
import {
  asked,
  type Construction,
  firstRowChoice,
  type JoinSide,
  type ShapePiece,
  stitchesOf,
} from '../construction.ts'
import {
  type Closing,
  closings,
  decreaseRow,
  firstRowOf,
  plainRow,
  takenAsFits,
} from '../shape-row.ts'

/** A tube begun in a ring of chain, its bottom closed last. */
export class TubePart extends Base {
  @OneOf(['tube']) readonly kind!: 'tube'
  /** Stitches taken away in one round below the chain before the halves are sewn; 0 for none. */
  @Whole(0, LIMITS.count) readonly decrease!: number
  /** How they are taken away. */
  @OneOf(closings) readonly closing!: Closing
  /** Plain rounds below the chain, before they are. */
  @Whole(0, 200) readonly plainBelow!: number
  /** Whether a plain round of its own comes first, or the bands begin at once in the chain. */
  @OneOf(beginnings) readonly begins!: BeginsWith
}

const left = ({ count, decrease }: TubePart) => count - decrease

/** Whether there are rounds below the chain. */
const closes = ({ decrease, plainBelow }: TubePart) => decrease > 0 || plainBelow > 0

/** Rounds into the other side of the chain: plain ones, and one that takes stitches away. */
function closing(base: TubePart): ShapePiece {
  const { count, closing: how, plainBelow } = base
  const taken = decreaseRow(count, left(base), how)
  return {
    id: 'bottom',
    name: 'Bottom',
    times: 1,
    worked: 'rounds',
    lies: true,
    rows: [
      { ...(plainBelow > 0 ? plainRow(count) : taken), kind: 'other-side' },
      ...Array.from({ length: Math.max(0, plainBelow - 1) }, () => plainRow(count)),
      ...(plainBelow > 0 && base.decrease > 0 ? [taken] : []),
    ],
  }
}

/** The two halves of what is left open at its bottom. */
function halves(base: TubePart): readonly [JoinSide, JoinSide] {
  const [piece, on] = closes(base) ? (['bottom', 'last'] as const) : (['bag', 'first'] as const)
  const [one, other] = [Math.floor(left(base) / 2), Math.ceil(left(base) / 2)]
  return [stitchesOf(piece, one, on), stitchesOf(piece, other, on, one)]
}

export const tube: Construction<TubePart> = {
  document: TubePart,
  begin: (kept) => ({
    ...kept,
    kind: 'tube',
    decrease: 0,
    closing: 'evenly',
    plainBelow: 0,
    begins: 'row',
  }),
  name: 'Tube',
  hint: 'A tube from a ring of chain, its bottom sewn last',
  asked: [
    asked.count('Around'),
    { key: 'decrease', label: 'Taken away', min: 0, max: ({ count }) => count >> 1 },
    { key: 'plainBelow', label: 'Plain below', min: 0, max: 200 },
  ],
  choices: [
    firstRowChoice,
    {
      key: 'closing',
      legend: 'How they are taken away',
      options: [
        { value: 'evenly', label: 'Evenly', title: 'Alike in both halves' },
        {
          value: 'fits',
          label: 'As often as fits',
          title: 'After every so many, and what is left over plain',
        },
      ],
    },
  ],
  settled: ({ count, decrease, closing: how }) => {
    const most = Math.min(decrease, count >> 1)
    return { decrease: how === 'fits' ? takenAsFits(count, most) : most }
  },
  faults: ({ count, decrease }) =>
    decrease > count / 2
      ? [['decrease', `one round can take away ${Math.floor(count / 2)} at most`]]
      : [],
  evened: ({ count, decrease }) => [
    {
      kind: 'close',
      facts: { by: decrease + 1, half: (count - decrease - 1) / 2 },
      values: { decrease: decrease + 1, closing: 'evenly' },
    },
  ],
  worked: 'rounds',
  begunWith: (count) => `a ring of ${count} chains`,
  growth: () => ({ first: 6, increase: 1 }),
  flat: null,
  around: () => 1,
  begins: (base): Record<string, number> => (closes(base) ? { bottom: left(base) } : {}),
  pieces: (base) => [
    {
      id: 'bag',
      name: 'Body',
      times: 1,
      worked: 'rounds',
      rows: [firstRowOf('chain-ring', base.count)],
    },
    ...(closes(base) ? [closing(base)] : []),
  ],
  joins: (base, _, { stitchWidthMm }) => [
    {
      kind: 'seam',
      text: 'Sew front to back along the bottom',
      sides: halves(base),
      lengthMm: (left(base) / 2) * stitchWidthMm,
    },
  ],
  sizes: (_, { widestMm, standingMm }) => ({
    aroundMm: widestMm,
    flatMm: widestMm / 2,
    heightMm: standingMm,
    hangingMm: null,
    footprint: { lengthMm: widestMm / 2, widthMm: 0 },
  }),
  unequal: (base) => {
    const half = Math.floor(left(base) / 2)
    return left(base) % 2 === 0 ? null : { what: 'halves', one: half, other: half + 1 }
  },
}
