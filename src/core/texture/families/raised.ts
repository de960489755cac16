import {
  ALL,
  AROUND,
  BEAD,
  BOBBLE,
  dotted,
  type Given,
  of,
  POPCORN,
  PUFF,
  rows,
  STAR,
} from './recipes.ts'

const PUFFS_OUT =
  'A puff stands out at the back of the work, so it is worked on the wrong side; where you never turn, push it out to the front.'

const patterns = [
  {
    id: 'puff-4',
    unit: 'puff',
    name: 'Puffs, every fourth',
    ...dotted('puff', 3),
    special: PUFF,
    side: 'WS',
    notes: PUFFS_OUT,
  },
  {
    id: 'puff-5',
    unit: 'puff',
    name: 'Puffs, every fifth',
    ...dotted('puff', 4),
    special: PUFF,
    side: 'WS',
    notes: PUFFS_OUT,
  },
  {
    id: 'puff-2',
    unit: 'puff',
    name: 'Puffs, close',
    ...dotted('puff', 1),
    special: PUFF,
    side: 'WS',
    notes: `Thick and thirsty; makes a firm bag. ${PUFFS_OUT}`,
  },
  {
    id: 'pebble',
    unit: 'pebble',
    name: 'Pebbles',
    ...dotted('tr', 1),
    side: 'WS',
    notes: 'A tall stitch between two short ones folds and pops out on the other side.',
  },
  {
    id: 'bobble',
    unit: 'bobble',
    name: 'Bobbles',
    ...dotted('bobble', 3),
    special: BOBBLE,
    side: 'WS',
    notes: 'A bobble stands out at the back of the work, so it is worked on the wrong side.',
  },
  {
    id: 'popcorn',
    unit: 'popcorn',
    name: 'Popcorn',
    ...dotted('popcorn', 3),
    special: POPCORN,
    side: 'RS',
    notes: 'A popcorn stands out on the side it is closed towards.',
  },
  {
    id: 'bead',
    unit: 'bead',
    name: 'Beads',
    multiple: 2,
    offset: 0,
    least: 2,
    beside: { flat: -1, round: -1 },
    special: BEAD,
    side: 'RS',
    notes:
      'A bead lies around the post of every stitch but the first and the last: 16 on 34. Where one is wanted in the middle the beads must be odd: 40 have 19, the tenth in the middle. On a row of sc the chain is odd: 35 for 34.',
    flat: rows(
      'ch 3 (counts as dc), *dc in next st, bead around it, sk 1 st; rep from * to last st, dc in last st',
      ALL,
    ),
    round: rows(
      'ch 3 (counts as dc), *dc in next st, bead around it, sk 1 st; rep from * to last st, dc in last st',
      AROUND,
    ),
  },
  {
    id: 'star',
    unit: 'star',
    name: 'Stars',
    multiple: 2,
    offset: 0,
    special: STAR,
    flat: {
      begin: ['ch 4 (does not count as a st), *star in next 2 sts; rep from * across'],
      rows: [
        '*2 sc in next st; rep from * to last st, 3 sc in last st',
        'ch 3 (does not count as a st), sk 1 st, *star in next 2 sts; rep from * across',
      ],
      end: ['2 sc in each st across'],
    },
    round: {
      begin: ['ch 4 (does not count as a st), *star in next 2 sts; rep from * around'],
      rows: [
        { text: '*2 sc in next st; rep from * to last st, 3 sc in last st', side: 'WS' },
        'ch 3 (does not count as a st), sk 1 st, *star in next 2 sts; rep from * around',
      ],
      end: [{ text: '2 sc in each st around', side: 'WS' }],
    },
    side: 'RS',
    notes:
      'A row of stars counts half as many. The row after it, on the wrong side, puts two in every eye and one more at the end; the next stars pass over that one. It ends with a wrong-side row that has none more.',
  },
] satisfies Given[]

export const raised = patterns.map(of('raised'))
