import { BEAD, BOBBLE, dotted, type Given, of, POPCORN, PUFF, rows, STAR } from './recipes.ts'

const patterns = [
  {
    id: 'puff-4',
    name: 'Puffs, every fourth',
    ...dotted('puff', 3),
    special: PUFF,
    side: 'RS',
    yarn: 1.5,
  },
  {
    id: 'puff-5',
    name: 'Puffs, every fifth',
    ...dotted('puff', 4),
    special: PUFF,
    side: 'RS',
    yarn: 1.4,
    notes: 'A puff worked on the wrong side pops out on the right side: work it where you want it.',
  },
  {
    id: 'puff-2',
    name: 'Puffs, close',
    ...dotted('puff', 1),
    special: PUFF,
    side: 'RS',
    yarn: 1.9,
    notes: 'Thick and thirsty; makes a firm bag.',
  },
  {
    id: 'pebble',
    name: 'Pebbles',
    ...dotted('tr', 1),
    side: 'WS',
    yarn: 1.5,
    notes: 'A tall stitch between two short ones folds and pops out on the other side.',
  },
  { id: 'bobble', name: 'Bobbles', ...dotted('bobble', 3), special: BOBBLE, side: 'WS', yarn: 1.9 },
  {
    id: 'popcorn',
    name: 'Popcorn',
    ...dotted('popcorn', 3),
    special: POPCORN,
    side: 'RS',
    yarn: 2,
  },
  {
    id: 'bead',
    name: 'Beads',
    ...dotted('bead', 1),
    special: BEAD,
    side: 'RS',
    yarn: 1.8,
    notes:
      'The foundation chain of two-stitch repeats is odd here: one edge stitch, and the turning chain.',
  },
  {
    id: 'star',
    name: 'Stars',
    multiple: 2,
    offset: 0,
    special: STAR,
    flat: rows(
      'ch 3 (does not count as a st), *star in next 2 sts; rep from * across',
      '2 sc in each st across',
    ),
    round: rows(
      'ch 3 (does not count as a st), *star in next 2 sts; rep from * around',
      '2 sc in each st around',
    ),
    side: 'RS',
    height: 2.6,
    yarn: 1.5,
    notes: 'A row of stars counts half as many; its next row puts two in each eye.',
  },
] satisfies Given[]

export const raised = patterns.map(of('raised'))
