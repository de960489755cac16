import { ALL, AROUND, CLUSTER, type Given, of, rows, SPIKE_DC } from './recipes.ts'

const GROUPS_OF_4 =
  'ch 3 (counts as dc), 2 dc in same st, ch 1, sk 3 sts, *3 dc in next st, ch 1, sk 3 sts; rep from * around'

const patterns = [
  {
    id: 'shells',
    unit: 'shell',
    name: 'Shells',
    multiple: 6,
    offset: 1,
    flat: rows(
      'sc in next st, *sk 2 sts, 5 dc in next st, sk 2 sts, sc in next st; rep from * across',
      'ch 3 (counts as dc), 2 dc in same st, *sk 2 sts, sc in next st, sk 2 sts, 5 dc in next st; rep from * to last 6 sts, sk 2 sts, sc in next st, sk 2 sts, 3 dc in last st',
    ),
    round: {
      begin: ['*sc in next st, sk 2 sts, 5 dc in next st, sk 2 sts; rep from * around'],
      rows: [
        'ch 3 (counts as dc), 4 dc in same st, sk 2 sts, sc in next st, sk 2 sts, *5 dc in next st, sk 2 sts, sc in next st, sk 2 sts; rep from * around',
        // To the middle of the first shell.
        'sl st in next 2 sts, ch 1, sc in same st, sk 2 sts, 5 dc in next st, sk 2 sts, *sc in next st, sk 2 sts, 5 dc in next st, sk 2 sts; rep from * around',
      ],
    },
  },
  {
    id: 'fan-8',
    unit: 'fan',
    name: 'Fans',
    multiple: 8,
    offset: 1,
    notes:
      'Set off by half from one row of fans to the next, so that it lies flat. An odd number of half fans leaves two alike at the join.',
    flat: rows(
      'sc in next st, *sk 3 sts, 7 dc in next st, sk 3 sts, sc in next st; rep from * across',
      ALL,
      'ch 3 (counts as dc), 3 dc in same st, sk 3 sts, sc in next st, sk 3 sts, *7 dc in next st, sk 3 sts, sc in next st, sk 3 sts; rep from * to last st, 4 dc in last st',
      ALL,
    ),
    round: {
      begin: ['*sc in next st, sk 3 sts, 7 dc in next st, sk 3 sts; rep from * around', AROUND],
      rows: [
        'ch 3 (counts as dc), 6 dc in same st, sk 3 sts, sc in next st, sk 3 sts, *7 dc in next st, sk 3 sts, sc in next st, sk 3 sts; rep from * around',
        AROUND,
        // To the middle of the first fan.
        'sl st in next 3 sts, ch 1, sc in same st, sk 3 sts, 7 dc in next st, sk 3 sts, *sc in next st, sk 3 sts, 7 dc in next st, sk 3 sts; rep from * around',
        AROUND,
      ],
    },
  },
  {
    id: 'v-stitch',
    unit: 'V',
    name: 'V stitch',
    multiple: 3,
    offset: 2,
    flat: {
      begin: [
        'ch 3 (counts as dc), *sk 1 st, (dc, ch 1, dc) in next st, sk 1 st; rep from * to last st, dc in last st',
      ],
      rows: [
        'ch 3 (counts as dc), *(dc, ch 1, dc) in next ch-sp; rep from * to last st, dc in last st',
      ],
    },
    round: {
      begin: [
        'ch 3 (counts as dc), (ch 1, dc) in same st, sk 2 sts, *(dc, ch 1, dc) in next st, sk 2 sts; rep from * around',
      ],
      rows: [
        'sl st in next ch-sp, ch 3 (counts as dc), (ch 1, dc) in same sp, *(dc, ch 1, dc) in next ch-sp; rep from * around',
      ],
    },
  },
  {
    id: 'granny',
    unit: 'group',
    name: 'Granny rows',
    multiple: 4,
    offset: 2,
    notes: 'Clusters stand in the spaces of the row below.',
    flat: {
      begin: [
        'ch 3 (counts as dc), *sk 1 st, 3 dc in next st, ch 1, sk 2 sts; rep from * to last st, dc in last st',
      ],
      rows: [
        'ch 3 (counts as dc), *3 dc in next ch-sp, ch 1; rep from * to last st, dc in last st',
      ],
    },
    round: {
      begin: [GROUPS_OF_4],
      rows: [
        'sl st to next ch-sp, ch 3 (counts as dc), 2 dc in same sp, ch 1, *3 dc in next ch-sp, ch 1; rep from * around',
      ],
    },
  },
  {
    id: 'granny-spike',
    unit: 'group',
    name: 'Granny spikes',
    multiple: 4,
    offset: 2,
    special: SPIKE_DC,
    notes: 'Best with a new yarn every row: each spike draws its colour down over the row below.',
    flat: {
      begin: [
        'ch 3 (counts as dc), *sk 1 st, 3 dc in next st, ch 1, sk 2 sts; rep from * to last st, dc in last st',
      ],
      rows: [
        'ch 3 (counts as dc), *(dc, spike dc, dc) in next ch-sp, ch 1; rep from * to last st, dc in last st',
      ],
    },
    round: {
      begin: [GROUPS_OF_4],
      rows: [
        'sl st to next ch-sp, ch 3 (counts as dc), (spike dc, dc) in same sp, ch 1, *(dc, spike dc, dc) in next ch-sp, ch 1; rep from * around',
      ],
    },
  },
  {
    id: 'granny-gaps',
    unit: 'group',
    name: 'Granny in gaps',
    multiple: 3,
    offset: 1,
    least: 2,
    notes: 'Without chains: each cluster stands between two of the row below.',
    flat: {
      begin: ['ch 3 (counts as dc), *sk 1 st, 3 dc in next st, sk 1 st; rep from * across'],
      rows: [
        'ch 3 (counts as dc), *3 dc in next gap between clusters; rep from * to last 4 sts, 2 dc in next gap between clusters, dc in last st',
      ],
    },
    round: {
      begin: [
        'ch 3 (counts as dc), 2 dc in same st, sk 2 sts, *3 dc in next st, sk 2 sts; rep from * around',
      ],
      rows: [
        'sl st in next gap between clusters, ch 3 (counts as dc), 2 dc in same gap, *3 dc in next gap between clusters; rep from * around',
      ],
    },
  },
  {
    id: 'granny-two',
    unit: 'pair',
    name: 'Granny in two yarns',
    multiple: 6,
    offset: 1,
    least: 2,
    notes:
      'The groups change yarn one by one. The other yarn lies loose behind the groups as a float: work the groups of the next row around it, so that it is caught.',
    flat: {
      begin: [
        'ch 3 A (counts as dc), *sk 1 st, 3 dc A in next st, sk 2 sts, 3 dc B in next st, sk 1 st; rep from * across',
      ],
      rows: [
        'ch 3 A (counts as dc), *3 dc A in next gap between clusters, 3 dc B in next gap between clusters; rep from * to last 7 sts, 3 dc A in next gap between clusters, 2 dc B in next gap between clusters, dc B in last st',
      ],
    },
    round: {
      begin: [
        'ch 3 A (counts as dc), 2 dc A in same st, sk 2 sts, 3 dc B in next st, sk 2 sts, *3 dc A in next st, sk 2 sts, 3 dc B in next st, sk 2 sts; rep from * around',
      ],
      rows: [
        'sl st A in next gap between clusters, ch 3 A (counts as dc), 2 dc A in same gap, 3 dc B in next gap between clusters, *3 dc A in next gap between clusters, 3 dc B in next gap between clusters; rep from * around',
      ],
    },
  },
  {
    id: 'pair-chain',
    unit: 'pair',
    name: 'Pairs and a chain',
    multiple: 3,
    offset: 0,
    round: {
      begin: ['*(sc, dc) in next st, ch 1, sk 2 sts; rep from * around'],
      rows: [
        'sl st to next ch-sp, ch 1, (sc, dc) in same sp, ch 1, *(sc, dc) in next ch-sp, ch 1; rep from * around',
      ],
    },
  },
  {
    id: 'clusters',
    unit: 'cluster',
    name: 'Clusters',
    multiple: 2,
    offset: 0,
    special: CLUSTER,
    round: {
      begin: [
        'ch 2 (does not count as a st), *3-dc cluster in next st, ch 1, sk 1 st; rep from * around',
      ],
      rows: [
        'sl st in next ch-sp, ch 2 (does not count as a st), 3-dc cluster in same sp, ch 1, *3-dc cluster in next ch-sp, ch 1; rep from * around',
      ],
    },
  },
] satisfies Given[]

export const fans = patterns.map(of('fans'))
