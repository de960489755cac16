import { OneOf, Whole } from '../../document/index.ts'
import { LIMITS, spotOn } from '../../part/index.ts'
import { Base, beginnings, type BeginsWith } from '../base.ts'
import {
  asked,
  type Construction,
  firstRowChoice,
  inPanels,
  stitchesOf,
  twoFaces,
} from '../construction.ts'

/**
 * One panel whose rows run up the bag: from the front's edge down to the fold, up the back, and over as a flap. Its count is that of
 * a row: its stitches make the bag tall, its rows make it wide.
 */
export class SidewaysPanelPart extends Base {
  @OneOf(['sideways-panel']) readonly kind!: 'sideways-panel'
  /** Stitches of each row that are the flap: the last ones of a right-side row. */
  @Whole(0, LIMITS.count) readonly flapStitches!: number
  /** Whether a plain row of its own comes first, or the bands begin at once in the chain. */
  @OneOf(beginnings) readonly begins!: BeginsWith
}

/** Stitches of a row that are the front, and as many the back; where they are odd the fold lies on the one between them. */
export const upOf = (count: number, { flapStitches }: Pick<SidewaysPanelPart, 'flapStitches'>) =>
  Math.floor(Math.max(0, count - flapStitches) / 2)

export const sidewaysPanel: Construction<SidewaysPanelPart> = {
  document: SidewaysPanelPart,
  begin: (kept) => ({ ...kept, kind: 'sideways-panel', flapStitches: 0, begins: 'row' }),
  name: 'Sideways panel',
  hint: 'One panel whose rows run up the bag, folded across them',
  asked: [
    asked.count('Up and down'),
    { key: 'flapStitches', label: 'Flap', min: 0, max: ({ count }) => Math.max(0, count - 4) },
  ],
  choices: [firstRowChoice],
  faults: ({ count, flapStitches }) =>
    upOf(count, { flapStitches }) > 0
      ? []
      : [['flapStitches', `leaves nothing of ${count} stitches for front and back`]],
  front: (base) => ({ kind: 'sideways', up: upOf(base.count, base), over: base.flapStitches }),
  sideways: true,
  worked: 'rows',
  begunWith: (count) => `rows of ${count} stitches`,
  growth: () => ({ first: 3, increase: 1 }),
  flat: null,
  around: () => 0.5,
  beside: ({ flapStitches }) => -flapStitches,
  pieces: ({ count }) => inPanels(count, 1),
  joins: (base, made, { stitchWidthMm }) => {
    const sides = [
      ['first', base.count, 'Sew one side, folded, along the first row'],
      ['last', made.rim, 'Sew the other side, folded, along the last row'],
    ] as const
    return sides.map(([on, count, text]) => {
      const up = upOf(count, base)
      return {
        kind: 'seam',
        text,
        sides: [
          stitchesOf('bag', up, on),
          stitchesOf('bag', up, on, count - base.flapStitches - up),
        ],
        lengthMm: up * stitchWidthMm,
      }
    })
  },
  // Where the flap begins, at both sides.
  strapAt: ({ count, flapStitches }, { rim }) => [
    spotOn('bag', { on: 'first', at: count - flapStitches }),
    spotOn('bag', { on: 'last', at: rim - flapStitches }),
  ],
  sizes: (base, { mm, widestMm, rim }) =>
    twoFaces(mm, (widestMm * (rim - base.flapStitches)) / (2 * rim)),
}
