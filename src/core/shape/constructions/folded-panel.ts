import { asked, MOST, type Construction, inPanels, twoFaces } from '../construction.ts'

/** One long panel folded up, its last rows folded over as a flap. */
export interface FoldedPanel {
  readonly count: number
  readonly flapRows: number
}

/** Rows of the front and of the back; when they cannot be equal the back has one more. */
export const foldsOf = (rows: number, flapRows: number): { front: number; back: number } => {
  const body = Math.max(0, rows - flapRows)
  return { front: Math.floor(body / 2), back: Math.ceil(body / 2) }
}

export const foldedPanel: Construction<FoldedPanel> = {
  name: 'Folded panel',
  hint: 'One panel in rows, folded up, with a flap',
  asked: [asked.count('Across'), { key: 'flapRows', label: 'Flap rows', min: 0, max: MOST.rows }],
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
  joins: ({ flapRows }, { bodyRows, bodyMm }) =>
    ['the left side', 'the right side'].map((side) => ({
      kind: 'seam',
      pieces: ['bag'],
      count: foldsOf(bodyRows, flapRows).front,
      lengthMm: (bodyMm * foldsOf(bodyRows, flapRows).front) / bodyRows,
      where: `front to back along ${side}`,
    })),
  sizes: ({ flapRows }, { bodyRows, bodyMm, widestMm }) =>
    twoFaces(widestMm, (bodyMm * (1 - Math.min(1, flapRows / bodyRows))) / 2),
  unequal: ({ flapRows }, { bodyRows }) => {
    const { front, back } = foldsOf(bodyRows, flapRows)
    return front === back && front > 0 ? null : { what: 'sides', one: front, other: back }
  },
}
