import type { Design, Part } from '../design/index.ts'

/** A small made-up bag for tests: round base of 48, plain, a motif of six, plain. */
export function tote(over: Partial<Design> = {}): Design {
  return {
    name: 'Test tote',
    want: { aroundMm: 240, said: 'around', heightMm: 60, tolerance: 0.05 },
    hookMm: 3.5,
    yarnClass: 3,
    swatch: { stitch: 'sc', stitches: 20, stitchesOverMm: 100, rows: 20, rowsOverMm: 100 },
    weighed: null,
    unravelled: null,
    working: 'spiral',
    yarns: [
      {
        letter: 'A',
        name: 'Drum blue',
        colour: '#22406b',
        label: { grams: 50, metres: 125 },
        inHandGrams: null,
      },
      {
        letter: 'B',
        name: 'Brass',
        colour: '#d39a2d',
        label: { grams: 50, metres: 125 },
        inHandGrams: null,
      },
      { letter: 'C', name: 'Chalk', colour: '#efe9dc', label: null, inHandGrams: null },
    ],
    parts: [
      base(),
      { kind: 'plain', id: 'low', name: 'Plain', yarn: 'A', stitch: 'sc', rounds: 2, adjust: 0 },
      {
        kind: 'tapestry',
        id: 'motif',
        name: 'Steps',
        stitch: 'sc',
        chart: { width: 6, colours: ['ABAAAA', 'ABBAAA', 'AABBCA'] },
        times: 1,
      },
      { kind: 'plain', id: 'top', name: 'Top', yarn: 'A', stitch: 'sc', rounds: 3, adjust: 0 },
    ],
    ...over,
  }
}

/** The base of {@link tote}, or another. */
export function base(over: Partial<Extract<Part, { kind: 'round-base' }>> = {}): Part {
  return {
    kind: 'round-base',
    id: 'base',
    name: 'Base',
    yarn: 'A',
    stitch: 'sc',
    increase: 6,
    count: 48,
    stagger: 'staggered',
    plainFrom: null,
    plainRounds: 0,
    ...over,
  }
}
