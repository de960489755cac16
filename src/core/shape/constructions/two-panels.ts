import { OneOf } from '../../document/index.ts'
import { Letter } from '../../part/index.ts'
import { Base, beginnings, type BeginsWith } from '../base.ts'
import {
  asked,
  bothFaces,
  type Construction,
  inPanels,
  rowEndsOf,
  stitchesOf,
  twoFaces,
  unlikeFaces,
  firstRowChoice,
} from '../construction.ts'

/** Two panels, sewn along both sides and the bottom. */
export class TwoPanelsPart extends Base {
  @OneOf(['two-panels']) readonly kind!: 'two-panels'
  /** Both alike, made twice; or each with bands of its own. */
  @OneOf(['alike', 'differ']) readonly faces!: 'alike' | 'differ'
  /** Yarn of the back's first row. */
  @Letter() readonly second!: string
  /** Whether a plain row of its own comes first, or the bands begin at once in the chain. */
  @OneOf(beginnings) readonly begins!: BeginsWith
}

export const twoPanels: Construction<TwoPanelsPart> = {
  document: TwoPanelsPart,
  begin: (kept) => ({
    ...kept,
    kind: 'two-panels',
    begins: 'row',
    faces: 'alike',
    second: kept.yarn,
  }),
  settled: ({ faces, yarn, second }) => ({ second: faces === 'alike' ? yarn : second }),
  name: 'Two panels',
  hint: 'Two panels in rows, sewn together',
  asked: [asked.count('Across')],
  choices: [firstRowChoice],
  front: () => ({ kind: 'panel' }),
  worked: 'rows',
  begunWith: (count) => `panels of ${count} stitches`,
  growth: () => ({ first: 3, increase: 1 }),
  flat: null,
  around: () => 2,
  begins: ({ faces, count }): Record<string, number> => (faces === 'differ' ? { back: count } : {}),
  pieces: ({ count, faces }) =>
    faces === 'alike'
      ? inPanels(count, 2)
      : [
          ...inPanels(count, 1, { id: 'bag', name: 'Front' }),
          ...inPanels(count, 1, { id: 'back', name: 'Back', second: true }),
        ],
  joins: (base, { mm, of }, { stitchWidthMm }) => {
    const ends = bothFaces(base, (piece) => rowEndsOf(piece, of(piece).rows))
    const across = bothFaces(base, (piece) => stitchesOf(piece, base.count))
    return [
      { kind: 'seam', place: 'left-side', sides: ends, lengthMm: mm },
      { kind: 'seam', place: 'bottom', sides: across, lengthMm: base.count * stitchWidthMm },
      { kind: 'seam', place: 'right-side', sides: ends, lengthMm: mm },
    ]
  },
  sizes: (base, { of }) =>
    twoFaces(
      Math.max(...bothFaces(base, (piece) => of(piece).widestMm)),
      Math.max(...bothFaces(base, (piece) => of(piece).mm)),
    ),
  unequal: (base, { of }) => unlikeFaces(base, (piece) => of(piece).rows),
}
