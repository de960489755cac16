import { OneOf, Whole, Wholes } from '../../document/index.ts'
import { LIMITS } from '../../part/index.ts'
import { Base, beginnings, type BeginsWith } from '../base.ts'
import {
  asked,
  type Construction,
  firstRowChoice,
  inPanels,
  type JoinSide,
  type ShapeJoin,
  rowEndsOf,
  stitchesOf,
  twoFaces,
} from '../construction.ts'

/** Of strips that are alike, both sides of a seam are. */
const alike = (side: JoinSide) => [side, side] as const

/** Strips of several blocks, worked one block upon the other and sewn side by side to two faces. Its count is that of one strip. */
export class StripsPart extends Base {
  @OneOf(['strips']) readonly kind!: 'strips'
  /** Strips of a face. */
  @Whole(1, LIMITS.squares) readonly across!: number
  /** Strips that are turned head to tail, from 1: those of the front from the left, and on over those of the back as it is seen. */
  @Wholes(1, 2 * LIMITS.squares, 2 * LIMITS.squares) readonly turned!: readonly number[]
  /** Whether a plain row of its own comes first, or the bands begin at once in the chain. */
  @OneOf(beginnings) readonly begins!: BeginsWith
}

export const strips: Construction<StripsPart> = {
  document: StripsPart,
  begin: (kept) => ({ ...kept, kind: 'strips', across: 3, turned: [], begins: 'row' }),
  settled: ({ across, turned }) => ({ turned: turned.filter((strip) => strip <= 2 * across) }),
  name: 'Strips',
  hint: 'Strips of blocks in rows, sewn side by side to two faces',
  asked: [asked.count('A strip'), { key: 'across', label: 'Across', min: 1, max: LIMITS.squares }],
  choices: [firstRowChoice],
  picks: [
    {
      key: 'turned',
      legend: 'Turned head to tail',
      each: ({ across }) =>
        Array.from({ length: 2 * across }, (_, i) =>
          i < across ? `front ${i + 1}` : `back ${i + 1 - across}`,
        ),
    },
  ],
  front: ({ across, turned }) => ({ kind: 'strips', across, turned }),
  worked: 'rows',
  begunWith: (count) => `strips of ${count} stitches`,
  growth: () => ({ first: 3, increase: 1 }),
  flat: null,
  around: ({ across }) => 2 * across,
  pieces: ({ count, across }) => inPanels(count, 2 * across, { id: 'bag', name: 'Strip' }),
  joins: ({ count, across }, { rows, mm }, { stitchWidthMm }) => [
    ...(across > 1
      ? [
          {
            kind: 'seam',
            text: 'Sew strip to strip',
            sides: [
              rowEndsOf('bag', 2 * (across - 1) * rows, 'right'),
              rowEndsOf('bag', 2 * (across - 1) * rows, 'left'),
            ],
            lengthMm: 2 * (across - 1) * mm,
          } satisfies ShapeJoin,
        ]
      : []),
    {
      kind: 'seam',
      text: 'Sew face to face, along both sides and the bottom',
      sides: alike(stitchesOf('bag', 2 * rows + across * count, 'first')),
      lengthMm: 2 * mm + across * count * stitchWidthMm,
    },
  ],
  sizes: ({ across }, { widestMm, mm }) => twoFaces(across * widestMm, mm),
}
