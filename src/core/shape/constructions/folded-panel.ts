import { OneOf, Whole } from '../../fields/index.ts'
import { LIMITS } from '../../section/index.ts'
import { Base } from '../base.ts'
import { asked, type Construction, inPanels, rowEndsOf, twoFaces } from '../construction.ts'

/** One long panel folded up, its last rows folded over as a flap. */
export class FoldedPanelPart extends Base {
  @OneOf(['folded-panel']) readonly kind!: 'folded-panel'
  @Whole(0, LIMITS.rounds) readonly flapRows!: number
}

/** Rows of the front and of the back; when they cannot be equal the back has one more. */
export const foldsOf = (rows: number, flapRows: number): { front: number; back: number } => {
  const body = Math.max(0, rows - flapRows)
  return { front: Math.floor(body / 2), back: Math.ceil(body / 2) }
}

/** The flap is half of the folded part (common practice): a fifth of the rows, such that front and back are equal. */
function usualFlap(rows: number): number {
  const flap = Math.round(rows / 5)
  return Math.min(LIMITS.rounds, (rows - flap) % 2 === 0 ? flap : flap + 1)
}

export const foldedPanel: Construction<FoldedPanelPart> = {
  document: FoldedPanelPart,
  begin: (kept, { rows }) => ({ ...kept, kind: 'folded-panel', flapRows: usualFlap(rows) }),
  name: 'Folded panel',
  hint: 'One panel in rows, folded up, with a flap',
  asked: [
    asked.count('Across'),
    { key: 'flapRows', label: 'Flap rows', min: 0, max: LIMITS.rounds },
  ],
  front: ({ flapRows }, rows) => ({
    kind: 'folded',
    up: foldsOf(rows, flapRows).front,
    over: flapRows,
  }),
  evened: ({ flapRows }, rows) =>
    [flapRows - 1, flapRows + 1]
      .filter((flap) => flap >= 0 && flap < rows - 1)
      .map((flap) => ({
        kind: 'flap',
        facts: { rows: flap, side: foldsOf(rows, flap).front },
        values: { flapRows: flap },
      })),
  worked: 'rows',
  growth: () => ({ first: 3, increase: 1 }),
  flat: null,
  around: () => 2,
  rowsARise: 2,
  pieces: ({ count }) => inPanels(count, 1),
  joins: ({ flapRows }, { rows, mm }) => {
    const { front, back } = foldsOf(rows, flapRows)
    return (['fold-left', 'fold-right'] as const).map((place) => ({
      kind: 'seam',
      place,
      sides: [rowEndsOf('bag', front), rowEndsOf('bag', back)],
      lengthMm: (mm * front) / rows,
    }))
  },
  // Where the flap begins, on both sides.
  strapAt: ({ flapRows }, { rows }) => [
    { onto: 'left', at: rows - flapRows },
    { onto: 'right', at: rows - flapRows },
  ],
  sizes: ({ flapRows }, { rows, mm, widestMm }) =>
    twoFaces(widestMm, (mm * (1 - Math.min(1, flapRows / rows))) / 2),
  unequal: ({ flapRows }, { rows }) => {
    const { front, back } = foldsOf(rows, flapRows)
    return front === back && front > 0 ? null : { what: 'sides', one: front, other: back }
  },
}
