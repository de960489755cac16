import { type Given, of, rows } from './recipes.ts'

const patterns = [
  {
    id: 'ladders',
    unit: 'loop',
    name: 'Ladder loops',
    multiple: 5,
    offset: 3,
    height: 2,
    yarn: 0.95,
    notes:
      'Bars of two chains stand above each other. When the fabric is done each bar is chained up through the one below with the hook, from the foot up, and the last loop is caught in the row on top.',
    flat: {
      begin: ['sc in next 3 sts, *ch 2, sk 2 sts, sc in next 3 sts; rep from * across'],
      rows: ['sc in next 3 sts, *ch 2, sk ch-sp, sc in next 3 sts; rep from * across'],
    },
    round: {
      begin: ['*sc in next 3 sts, ch 2, sk 2 sts; rep from * around'],
      rows: ['*sc in next 3 sts, ch 2, sk ch-sp; rep from * around'],
    },
  },
  {
    id: 'interlaced',
    unit: 'loop',
    name: 'Interlaced loops',
    multiple: 4,
    offset: 0,
    height: 3,
    yarn: 1.1,
    notes:
      'Two yarns in turn, both loops kept live: the second round’s chains pass through those of the first. Bring the other yarn inside before the join; a round may end on a half loop. Loops catch small fingers: not for small children.',
    round: rows(
      '*sc in next 2 sts, ch 4, sk 2 sts; rep from * around',
      '*sc in next 2 sts, ch 4, sk ch-sp; rep from * around',
      '*sc in next 2 sts, 2 sc in next ch-sp; rep from * around',
    ),
  },
  {
    id: 'mesh',
    name: 'Mesh',
    multiple: 2,
    offset: 1,
    height: 2,
    yarn: 0.8,
    notes: 'Open: line it, or put in what is larger than its holes.',
    flat: {
      begin: [
        'ch 4 (counts as dc and ch 1), sk 1 st, *dc in next st, ch 1, sk 1 st; rep from * to last st, dc in last st',
      ],
      rows: [
        'ch 4 (counts as dc and ch 1), sk ch-sp, *dc in next dc, ch 1, sk ch-sp; rep from * to last st, dc in last st',
      ],
    },
    round: {
      begin: [
        'ch 4 (counts as dc and ch 1), sk 1 st, *dc in next st, ch 1, sk 1 st; rep from * around',
      ],
      rows: [
        'ch 4 (counts as dc and ch 1), sk ch-sp, *dc in next dc, ch 1, sk ch-sp; rep from * around',
      ],
    },
  },
  {
    id: 'chain-loops',
    unit: 'loop',
    name: 'Chain loops',
    multiple: 5,
    offset: 0,
    height: 3,
    yarn: 0.9,
    notes: 'Loops of seven over four skipped. Loops catch small fingers: not for small children.',
    round: rows(
      '*sc in next st, ch 7, sk 4 sts; rep from * around',
      '*sc in next ch-sp, ch 4; rep from * around',
      'sc in each st and ch around',
    ),
  },
  {
    id: 'eyelets',
    name: 'Eyelets',
    multiple: 2,
    offset: 0,
    height: 3,
    yarn: 0.9,
    notes: 'A round for a drawstring.',
    round: rows(
      'ch 1, *hdc in next st, ch 1, sk 1 st; rep from * around',
      'sc in each st and ch-sp around',
    ),
    flat: rows(
      'ch 1, *hdc in next st, ch 1, sk 1 st; rep from * across',
      'sc in each st and ch across',
    ),
  },
  {
    id: 'arches',
    unit: 'arch',
    name: 'Arches',
    multiple: 4,
    offset: 1,
    height: 3,
    yarn: 0.9,
    flat: rows(
      'sc in next st, *ch 3, sk 3 sts, sc in next st; rep from * across',
      'sc in each st and ch across',
    ),
    round: rows('*sc in next st, ch 3, sk 3 sts; rep from * around', 'sc in each st and ch around'),
  },
] satisfies Given[]

export const open = patterns.map(of('open'))
