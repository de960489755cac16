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
    const [front, back] = bothFaces(base, (piece) => piece)
    const ends = (piece: string, edge: 'left' | 'right') => rowEndsOf(piece, of(piece).rows, edge)
    const across = (piece: string) => stitchesOf(piece, base.count, 'first')
    // Seen from outside, what is left of the front is the right edge of the back.
    return [
      {
        kind: 'seam',
        text: 'Sew the left side',
        sides: [ends(front, 'left'), ends(back, 'right')],
        lengthMm: mm,
      },
      {
        kind: 'seam',
        text: 'Sew the bottom',
        sides: [across(front), across(back)],
        lengthMm: base.count * stitchWidthMm,
      },
      {
        kind: 'seam',
        text: 'Sew the right side',
        sides: [ends(front, 'right'), ends(back, 'left')],
        lengthMm: mm,
      },
    ]
  },
  sizes: (base, { of }) =>
    twoFaces(
      Math.max(...bothFaces(base, (piece) => of(piece).widestMm)),
      Math.max(...bothFaces(base, (piece) => of(piece).mm)),
    ),
  unequal: (base, { of }) => unlikeFaces(base, (piece) => of(piece).rows),
}
