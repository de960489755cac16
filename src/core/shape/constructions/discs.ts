import { OneOf, OrNull, Several, Whole } from '../../document/index.ts'
import { Letter, LIMITS, spotOn } from '../../part/index.ts'
import { beginnings, type BeginsWith, Disc, usualDisc } from '../base.ts'
import {
  asked,
  bothFaces,
  type Construction,
  firstRowChoice,
  rowEndsOf,
  type ShapePiece,
  stitchesOf,
  unlikeFaces,
} from '../construction.ts'
import { flatIncrease } from '../flatness.ts'
import { roundBaseRows } from '../round-base.ts'
import { firstRowOf } from '../shape-row.ts'
import {
  asWritten,
  BaseRound,
  MOST_WRITTEN,
  writtenCount,
  writtenFaults,
  writtenGrowth,
  writtenShape,
} from '../written-rounds.ts'

/** Two discs and a strip sewn between them; where there is no strip the bag is open. Its count is that of a disc's edge. */
export class DiscsPart extends Disc {
  @OneOf(['discs']) readonly kind!: 'discs'
  /** Stitches the strip is wide. */
  @Whole(2, LIMITS.strip) readonly strip!: number
  /** Both alike, made twice; or each with rounds of its own on the same base. */
  @OneOf(['alike', 'differ']) readonly faces!: 'alike' | 'differ'
  /** Yarn of the other disc's base. */
  @Letter() readonly second!: string
  /** Whether the strip begins in a plain row of its own, or its bands begin at once in the chain. */
  @OneOf(beginnings) readonly begins!: BeginsWith
  /** Rounds of a disc as they are written; null where they grow by the increase. */
  @OrNull() @Several(() => BaseRound, MOST_WRITTEN) readonly rounds!: readonly BaseRound[] | null
}

/** The piece that is the front. */
const DISC = 'disc'

/** Stitches of the disc that the strip leaves open: one row of the strip is sewn to each of the others. */
export const openingOf = (count: number, stripRows: number): number => count - stripRows

/** Both discs show their right side outside, so that what begins at the same place runs the same way along both. */
const sewnToDisc = ({ stagger, rounds }: DiscsPart) => ({
  left: `Sew the strip to one disc, from ${stagger === 'stacked' && !rounds ? 'one of its increase lines' : 'the end of its last round'} on, one row end to one stitch`,
  right:
    'Sew the strip to the other disc, from the same place on, so that the opening lies alike on both, one row end to one stitch',
})

/** One disc made twice, or two. */
function discsOf(base: DiscsPart): ShapePiece[] {
  const disc = {
    worked: 'rounds',
    rows: base.rounds ? writtenShape(base.rounds) : roundBaseRows(base),
    lies: true,
  } as const
  return base.faces === 'alike'
    ? [{ ...disc, id: DISC, name: 'Disc', times: 2 }]
    : [
        { ...disc, id: DISC, name: 'Front disc', times: 1 },
        { ...disc, id: 'back', name: 'Back disc', times: 1, second: true },
      ]
}

export const discs: Construction<DiscsPart> = {
  document: DiscsPart,
  begin: (kept) => ({
    ...kept,
    ...usualDisc,
    ...{ kind: 'discs', strip: 12, faces: 'alike', second: kept.yarn, rounds: null, begins: 'row' },
  }),
  settled: ({ faces, yarn, second, rounds, count }) => ({
    second: faces === 'alike' ? yarn : second,
    count: rounds ? writtenCount(rounds) : count,
  }),
  faults: ({ rounds, count }) => (rounds ? writtenFaults(rounds, count) : []),
  written: ({ rounds }) => rounds,
  toWords: (base) => asWritten(roundBaseRows(base), base.stitch, 'around'),
  fixed: ({ rounds }) => rounds !== null,
  face: DISC,
  name: 'Two discs',
  hint: 'Two discs with a strip sewn between them',
  asked: [
    asked.increase(3, 40),
    asked.count('Last round'),
    { key: 'strip', label: 'Strip wide', min: 2, max: LIMITS.strip },
  ],
  choices: [firstRowChoice],
  plan: 'round',
  front: () => ({ kind: 'arc', half: false }),
  ring: true,
  anyIncrease: true,
  worked: 'rows',
  growth: ({ increase, rounds }) =>
    rounds ? writtenGrowth(rounds) : { first: increase, increase },
  flat: flatIncrease,
  around: () => 1,
  // As tall as its discs; the strip about two thirds of their edge, so that there is a way in (common practice).
  tied: ({ count }) => Math.round((2 * count) / 3),
  bandCount: ({ strip }) => strip,
  begins: ({ faces, count }): Record<string, number> =>
    faces === 'differ' ? { disc: count, back: count } : { disc: count },
  pieces: (base) => [
    ...discsOf(base),
    {
      id: 'bag',
      name: 'Strip',
      times: 1,
      worked: 'rows',
      inBands: true,
      rows: [firstRowOf('across', base.strip)],
    },
  ],
  joins: (base, { rows, mm, of }) => {
    const faces = bothFaces(base, (piece) => piece, DISC)
    return (['left', 'right'] as const).map((edge, i) => ({
      kind: 'sew-on',
      text: sewnToDisc(base)[edge],
      sides: [rowEndsOf('bag', rows, edge), stitchesOf(faces[i]!, of(faces[i]!).rim)],
      lengthMm: mm,
    }))
  },
  sizes: ({ strip }, { of }, { stitchWidthMm }) => {
    const aroundMm = of(DISC).widestMm
    const diameterMm = aroundMm / Math.PI
    return {
      aroundMm,
      flatMm: diameterMm,
      heightMm: diameterMm,
      hangingMm: null,
      footprint: { lengthMm: diameterMm, widthMm: strip * stitchWidthMm },
    }
  },
  // From one end of the strip to the other, over the opening.
  strapAt: ({ strip }) => [
    spotOn('bag', { on: 'first', at: strip / 2 }),
    spotOn('bag', { on: 'last', at: strip / 2 }),
  ],
  // A strip as long as the edge leaves no way in.
  unequal: (base, { rows, of }) => {
    const unlike = unlikeFaces(base, (piece) => of(piece).rim, DISC)
    const { rim } = of(DISC)
    if (unlike) return unlike
    return openingOf(rim, rows) >= Math.min(6, rim / 8)
      ? null
      : { what: 'opening', one: rows, other: rim }
  },
}
