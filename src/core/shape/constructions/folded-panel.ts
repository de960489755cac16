import { OneOf, Whole } from '../../document/index.ts'
import { LIMITS, spotOn } from '../../part/index.ts'
import { Base, beginnings, type BeginsWith } from '../base.ts'
import {
  asked,
  type Construction,
  inPanels,
  type Made,
  rowEndsOf,
  twoFaces,
  firstRowChoice,
} from '../construction.ts'

/** One long panel folded up, its last rows folded over as a flap. */
export class FoldedPanelPart extends Base {
  @OneOf(['folded-panel']) readonly kind!: 'folded-panel'
  @Whole(0, LIMITS.rounds) readonly flapRows!: number
  /** The flap is worked last, or first. */
  @OneOf(['last', 'first']) readonly flap!: 'last' | 'first'
  /** The fold lies between two rows, or on one, which is neither front nor back. */
  @OneOf(['between', 'on']) readonly fold!: 'between' | 'on'
  /** Whether a plain row of its own comes first, or the bands begin at once in the chain. */
  @OneOf(beginnings) readonly begins!: BeginsWith
}

/** Rows of the front and of the back; when they cannot be equal the back has one more. */
export function foldsOf(
  rows: number,
  { flapRows, fold }: Pick<FoldedPanelPart, 'flapRows' | 'fold'>,
): { front: number; back: number } {
  const body = Math.max(0, rows - flapRows - (fold === 'on' ? 1 : 0))
  return { front: Math.floor(body / 2), back: Math.ceil(body / 2) }
}

/** How tall front and back are: each the sum of its own rows. */
function facesMm(
  base: Pick<FoldedPanelPart, 'flapRows' | 'fold' | 'flap'>,
  { rows, mm, upTo }: Made,
): readonly [number, number] {
  const { front, back } = foldsOf(rows, base)
  const flap = Math.min(base.flapRows, rows)
  return base.flap === 'last'
    ? [upTo(front), upTo(rows - flap) - upTo(rows - flap - back)]
    : [mm - upTo(rows - front), upTo(flap + back) - upTo(flap)]
}

/** The flap is half of the folded part (common practice): a fifth of the rows, such that front and back are equal. */
function usualFlap(rows: number): number {
  const flap = Math.round(rows / 5)
  return Math.min(LIMITS.rounds, (rows - flap) % 2 === 0 ? flap : flap + 1)
}

export const foldedPanel: Construction<FoldedPanelPart> = {
  document: FoldedPanelPart,
  begin: (kept, { rows }) => ({
    ...kept,
    kind: 'folded-panel',
    flapRows: usualFlap(rows),
    flap: 'last',
    fold: 'between',
    begins: 'row',
  }),
  name: 'Folded panel',
  hint: 'One panel in rows, folded up, with a flap',
  asked: [
    asked.count('Across'),
    { key: 'flapRows', label: 'Flap rows', min: 0, max: LIMITS.rounds },
  ],
  choices: [
    firstRowChoice,
    {
      key: 'flap',
      legend: 'The flap',
      options: [
        { value: 'last', label: 'Flap last', title: 'From the front edge to the flap' },
        { value: 'first', label: 'Flap first', title: 'From the flap to the front edge' },
      ],
    },
    {
      key: 'fold',
      legend: 'The fold',
      options: [
        { value: 'between', label: 'Between rows' },
        { value: 'on', label: 'On a row', title: 'That row is the bottom, and not sewn' },
      ],
    },
  ],
  front: (base, rows) => ({
    kind: 'folded',
    up: foldsOf(rows, base).front,
    over: base.flapRows,
    flap: base.flap,
  }),
  evened: ({ flapRows, fold }, rows) =>
    [flapRows - 1, flapRows + 1]
      .filter((flap) => flap >= 0 && flap < rows - 1)
      .map((flap) => ({
        kind: 'flap',
        facts: { rows: flap, side: foldsOf(rows, { flapRows: flap, fold }).front },
        values: { flapRows: flap },
      })),
  taken: ({ flapRows }, by) => (flapRows + by < 0 ? null : { flapRows: flapRows + by }),
  worked: 'rows',
  begunWith: (count) => `a panel of ${count} stitches`,
  growth: () => ({ first: 3, increase: 1 }),
  flat: null,
  around: () => 2,
  rowsARise: 2,
  pieces: ({ count }) => inPanels(count, 1),
  joins: (base, made) => {
    const { front, back } = foldsOf(made.rows, base)
    const lengthMm = facesMm(base, made)[0]
    // The flap is beyond the back, whichever end it is at.
    const first = base.flap === 'first'
    const backFrom = first ? base.flapRows : made.rows - base.flapRows - back
    return (['left', 'right'] as const).map((edge) => ({
      kind: 'seam',
      text: `Sew front to back along the ${edge} side`,
      sides: [
        rowEndsOf('bag', front, edge, first ? made.rows - front : 0),
        rowEndsOf('bag', back, edge, backFrom),
      ],
      lengthMm,
    }))
  },
  // Where the flap begins, on both sides.
  strapAt: ({ flapRows, flap }, { rows }) => {
    const at = flap === 'first' ? flapRows : rows - flapRows
    return [spotOn('bag', { on: 'left', at }), spotOn('bag', { on: 'right', at })]
  },
  sizes: (base, made) => twoFaces(made.widestMm, Math.max(...facesMm(base, made))),
  unequal: (base, { rows }) => {
    const { front, back } = foldsOf(rows, base)
    return front === back && front > 0 ? null : { what: 'sides', one: front, other: back }
  },
}
