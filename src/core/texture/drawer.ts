import type { Family, StitchPattern } from './pattern.ts'

/*
 * The stitch drawer. Multiples are of stitches; repeats are common practice without a source, heights and yarn from memory. Puffs,
 * bobbles and the like are said once for all that use them.
 */

const PUFF = 'puff: (yo, pull up a loop) 3 times in one st, yo, pull through all loops.'
const BOBBLE = 'bobble: 5 dc in one st, each left unfinished, yo, pull through all loops.'
const POPCORN =
  'popcorn: 5 dc in one st, hook out and into the top of the first, pull the loop through.'
const CLUSTER = '3-dc cluster: 3 dc in one place, each left unfinished, yo, pull through all loops.'
const SPIKE = 'spike: sc into the st a row further down, drawn up loosely over it.'
const BEAD =
  'bead: dc in the st, then (yo, pull up a loop around its post) 3 times, yo, pull through all loops.'

const ALL = 'sc in each st across'
const AROUND = 'sc in each st around'

type Given = Pick<StitchPattern, 'id' | 'name' | 'multiple' | 'offset'> & Partial<StitchPattern>
const of =
  (family: Family) =>
  (given: Given): StitchPattern => ({
    family,
    flat: null,
    round: null,
    side: 'any',
    height: 2,
    yarn: 1.2,
    special: '',
    notes: '',
    ...given,
  })
const rows = (...list: string[]) => ({ begin: [], rows: list })

/** A raised stitch with plain ones between, on a plain row: flat with plain ones at both edges. */
const dotted = (word: string, between: number) => ({
  multiple: between + 1,
  offset: between,
  flat: rows(
    `sc in next ${between} sts, *${word} in next st, sc in next ${between} sts; rep from * across`
      .replace('next 1 sts', 'next st')
      .replace('next 1 sts', 'next st'),
    ALL,
  ),
  round: rows(
    `*sc in next ${between} sts, ${word} in next st; rep from * around`.replace(
      'next 1 sts',
      'next st',
    ),
    AROUND,
  ),
})

const raised = [
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
    special:
      'star: pull up a loop in each of 5 places (3 of the star before, 2 new sts), yo, pull through all, ch 1 for its eye.',
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

const posts = [
  {
    id: 'post-rib',
    name: 'Post rib',
    multiple: 2,
    offset: 0,
    height: 1.7,
    yarn: 1.5,
    flat: rows(
      'ch 2 (does not count as a st), *FPdc around next st, BPdc around next st; rep from * across',
    ),
    round: rows(
      'ch 2 (does not count as a st), *FPdc around next st, BPdc around next st; rep from * around',
    ),
  },
  {
    id: 'post-columns',
    name: 'Post columns',
    ...dotted('FPdc', 2),
    side: 'RS',
    yarn: 1.4,
    notes: 'Go around the post of the stitch a row below, not into its top.',
  },
  {
    id: 'basket',
    name: 'Basket weave',
    multiple: 4,
    offset: 0,
    height: 6.8,
    yarn: 1.6,
    notes: 'Two rows one way, two the other.',
    flat: rows(
      ...[0, 0, 1, 1].map(
        (way) =>
          `ch 2 (does not count as a st), *${way ? 'BPdc' : 'FPdc'} around next 2 sts, ${way ? 'FPdc' : 'BPdc'} around next 2 sts; rep from * across`,
      ),
    ),
    round: rows(
      ...[0, 0, 1, 1].map(
        (way) =>
          `ch 2 (does not count as a st), *${way ? 'BPdc' : 'FPdc'} around next 2 sts, ${way ? 'FPdc' : 'BPdc'} around next 2 sts; rep from * around`,
      ),
    ),
  },
  {
    id: 'waffle',
    name: 'Waffle',
    multiple: 3,
    offset: 2,
    height: 3.6,
    yarn: 1.6,
    flat: rows(
      'ch 2 (does not count as a st), dc in next 2 sts, *FPdc around next st, dc in next 2 sts; rep from * across',
      'ch 2 (does not count as a st), FPdc around next 2 sts, *dc in next st, FPdc around next 2 sts; rep from * across',
    ),
    round: rows(
      'ch 2 (does not count as a st), *FPdc around next st, dc in next 2 sts; rep from * around',
      'ch 2 (does not count as a st), *dc in next st, FPdc around next 2 sts; rep from * around',
    ),
  },
  {
    id: 'post-v',
    name: 'V with a post',
    multiple: 6,
    offset: 1,
    height: 2,
    yarn: 1.3,
    flat: {
      begin: [
        'ch 2 (does not count as a st), FPdc around next st, *sk 2 sts, (2 dc, ch 1, 2 dc) in next st, sk 2 sts, FPdc around next st; rep from * across',
      ],
      rows: [
        'ch 2 (does not count as a st), FPdc around next st, *(2 dc, ch 1, 2 dc) in next ch-sp, sk 2 sts, FPdc around next st; rep from * across',
      ],
    },
    round: {
      begin: [
        'ch 2 (does not count as a st), *FPdc around next st, sk 2 sts, (2 dc, ch 1, 2 dc) in next st, sk 2 sts; rep from * around',
      ],
      rows: [
        'ch 2 (does not count as a st), *FPdc around next st, (2 dc, ch 1, 2 dc) in next ch-sp, sk 2 sts; rep from * around',
      ],
    },
  },
] satisfies Given[]

const woven = [
  {
    id: 'rib',
    name: 'Back-loop rib',
    multiple: 1,
    offset: 0,
    height: 1,
    yarn: 1,
    notes: 'In rows the ridges lie across; a band on its side stretches.',
    flat: rows('sc in back loop of each st across'),
    round: rows('sc in back loop of each st around'),
  },
  {
    id: 'loops',
    name: 'Front and back loops',
    multiple: 2,
    offset: 0,
    height: 1,
    yarn: 1,
    flat: rows('*sc in front loop of next st, sc in back loop of next st; rep from * across'),
    round: rows(
      '*sc in front loop of next st, sc in back loop of next st; rep from * around',
      '*sc in back loop of next st, sc in front loop of next st; rep from * around',
    ),
  },
  {
    id: 'linen',
    name: 'Linen',
    multiple: 2,
    offset: 1,
    height: 2,
    yarn: 0.9,
    notes: 'Work into the chain spaces only; soft, and it drapes.',
    flat: {
      begin: ['sc in next st, *ch 1, sk 1 st, sc in next st; rep from * across'],
      rows: [
        'sc in next st, *sc in next ch-sp, ch 1, sk 1 st; rep from * to last 2 sts, sc in next ch-sp, sc in last st',
        'sc in next st, *ch 1, sk 1 st, sc in next ch-sp; rep from * to last 2 sts, ch 1, sk 1 st, sc in last st',
      ],
    },
    round: {
      begin: ['*sc in next st, ch 1, sk 1 st; rep from * around'],
      rows: ['*sk 1 st, sc in next ch-sp, ch 1; rep from * around'],
    },
  },
  {
    id: 'seed',
    name: 'Seed',
    multiple: 2,
    offset: 0,
    height: 3,
    yarn: 1.3,
    flat: rows('*sc in next st, dc in next st; rep from * across'),
    round: rows(
      '*sc in next st, dc in next st; rep from * around',
      '*dc in next st, sc in next st; rep from * around',
    ),
  },
  {
    id: 'pairs',
    name: 'Pairs',
    multiple: 2,
    offset: 0,
    height: 1.6,
    yarn: 1.2,
    notes: 'A short and a tall one in the same stitch.',
    flat: rows('*(sc, dc) in next st, sk 1 st; rep from * across'),
    round: rows('*(sc, dc) in next st, sk 1 st; rep from * around'),
  },
  {
    id: 'sedge',
    name: 'Sedge',
    multiple: 3,
    offset: 0,
    height: 1.8,
    yarn: 1.3,
    flat: rows('*(sc, hdc, dc) in next st, sk 2 sts; rep from * across'),
    round: rows('*(sc, hdc, dc) in next st, sk 2 sts; rep from * around'),
  },
  {
    id: 'linked',
    name: 'Linked',
    multiple: 1,
    offset: 0,
    height: 2,
    yarn: 1.7,
    special: 'ldc: instead of the first yo insert the hook in the side of the stitch before.',
    notes: 'No gaps between tall stitches: good where a bag must hold small things.',
    flat: rows('ch 3 (does not count as a st), ldc in each st across'),
    round: rows('ch 3 (does not count as a st), ldc in each st around'),
  },
  {
    id: 'waves',
    name: 'Waves',
    multiple: 12,
    offset: 0,
    height: 3,
    yarn: 1.4,
    flat: rows(
      '*sc in next 2 sts, hdc in next 2 sts, dc in next 4 sts, hdc in next 2 sts, sc in next 2 sts; rep from * across',
      ALL,
    ),
    round: rows(
      '*sc in next 2 sts, hdc in next 2 sts, dc in next 4 sts, hdc in next 2 sts, sc in next 2 sts; rep from * around',
      AROUND,
    ),
  },
  {
    id: 'zigzag',
    name: 'Zigzag',
    multiple: 9,
    offset: 0,
    height: 1,
    yarn: 1,
    notes: 'The edge runs in points as well.',
    flat: rows('*inc, sc in next 3 sts, sc2tog, sc in next 3 sts; rep from * across'),
    round: rows('*inc, sc in next 3 sts, sc2tog, sc in next 3 sts; rep from * around'),
  },
  {
    id: 'extended',
    name: 'Extended',
    multiple: 1,
    offset: 0,
    height: 1.4,
    yarn: 1.2,
    special: 'esc: insert, pull up a loop, yo, pull through 1, yo, pull through 2.',
    flat: rows('esc in each st across'),
    round: rows('esc in each st around'),
  },
  {
    id: 'two-pass',
    name: 'Two-pass fabric',
    multiple: 1,
    offset: 0,
    height: 1.2,
    yarn: 1.3,
    notes: 'Each row goes forward with all loops on the hook, and back. Not turned.',
    flat: rows(
      'pull up a loop in each st across',
      'yo, pull through 1 loop, *yo, pull through 2 loops; rep from * across',
    ),
  },
] satisfies Given[]

const spikes = [
  {
    id: 'spike-4',
    name: 'Spikes, every fourth',
    ...dotted('spike', 3),
    special: SPIKE,
    side: 'RS',
    yarn: 1.15,
    notes: 'Best in stripes: the spike shows its colour in the row below.',
  },
  {
    id: 'spike-2',
    name: 'Spikes, every second',
    ...dotted('spike', 1),
    special: SPIKE,
    side: 'RS',
    yarn: 1.3,
  },
  {
    id: 'spike-blocks',
    name: 'Spike blocks',
    multiple: 6,
    offset: 3,
    special: SPIKE,
    side: 'RS',
    yarn: 1.25,
    flat: rows('sc in next 3 sts, *spike in next 3 sts, sc in next 3 sts; rep from * across', ALL),
    round: rows('*sc in next 3 sts, spike in next 3 sts; rep from * around', AROUND),
  },
] satisfies Given[]

const fans = [
  {
    id: 'shells',
    name: 'Shells',
    multiple: 6,
    offset: 1,
    height: 3,
    yarn: 1.4,
    flat: rows(
      'sc in next st, *sk 2 sts, 5 dc in next st, sk 2 sts, sc in next st; rep from * across',
      'ch 3 (counts as dc), 2 dc in same st, *sk 2 sts, sc in next st, sk 2 sts, 5 dc in next st; rep from * to last 6 sts, sk 2 sts, sc in next st, sk 2 sts, 3 dc in last st',
    ),
    round: rows(
      '*sc in next st, sk 2 sts, 5 dc in next st, sk 2 sts; rep from * around',
      'ch 3 (counts as dc), 4 dc in same st, sk 2 sts, sc in next st, sk 2 sts, *5 dc in next st, sk 2 sts, sc in next st, sk 2 sts; rep from * around',
    ),
  },
  {
    id: 'fan-8',
    name: 'Fans',
    multiple: 8,
    offset: 1,
    height: 3,
    yarn: 1.4,
    notes: 'An odd number of half fans leaves two alike at the join.',
    flat: rows(
      'sc in next st, *sk 3 sts, 7 dc in next st, sk 3 sts, sc in next st; rep from * across',
      ALL,
    ),
    round: rows('*sc in next st, sk 3 sts, 7 dc in next st, sk 3 sts; rep from * around', AROUND),
  },
  {
    id: 'v-stitch',
    name: 'V stitch',
    multiple: 3,
    offset: 2,
    height: 2,
    yarn: 1.2,
    flat: {
      begin: [
        'ch 3 (counts as dc), *sk 1 st, (dc, ch 1, dc) in next st, sk 1 st; rep from * to last st, dc in last st',
      ],
      rows: [
        'ch 3 (counts as dc), *(dc, ch 1, dc) in next ch-sp; rep from * to last st, dc in last st',
      ],
    },
    round: {
      begin: ['ch 1, *sk 1 st, (dc, ch 1, dc) in next st, sk 1 st; rep from * around'],
      rows: ['ch 1, *(dc, ch 1, dc) in next ch-sp; rep from * around'],
    },
  },
  {
    id: 'granny',
    name: 'Granny rows',
    multiple: 4,
    offset: 2,
    height: 2,
    yarn: 1.4,
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
      begin: ['ch 1, *3 dc in next st, ch 1, sk 3 sts; rep from * around'],
      rows: ['ch 1, *3 dc in next ch-sp, ch 1; rep from * around'],
    },
  },
  {
    id: 'granny-spike',
    name: 'Granny spikes',
    multiple: 4,
    offset: 0,
    height: 2,
    yarn: 1.3,
    special: SPIKE,
    flat: rows('*3 dc in next st, sk 2 sts, spike in next st; rep from * across', ALL),
    round: rows('*3 dc in next st, sk 2 sts, spike in next st; rep from * around', AROUND),
  },
  {
    id: 'granny-gaps',
    name: 'Granny in gaps',
    multiple: 3,
    offset: 0,
    height: 2,
    yarn: 1.4,
    notes: 'No chains between: each cluster goes between two clusters.',
    round: {
      begin: ['ch 1, *3 dc in next st, sk 2 sts; rep from * around'],
      rows: ['ch 1, *3 dc in next gap between clusters; rep from * around'],
    },
  },
  {
    id: 'pair-chain',
    name: 'Pairs and a chain',
    multiple: 3,
    offset: 0,
    height: 1.8,
    yarn: 1.1,
    round: {
      begin: ['*(sc, dc) in next st, ch 1, sk 2 sts; rep from * around'],
      rows: ['*(sc, dc) in next ch-sp, ch 1; rep from * around'],
    },
  },
  {
    id: 'clusters',
    name: 'Clusters',
    multiple: 2,
    offset: 0,
    height: 2,
    yarn: 1.7,
    special: CLUSTER,
    round: {
      begin: [
        'ch 2 (does not count as a st), *3-dc cluster in next st, ch 1, sk 1 st; rep from * around',
      ],
      rows: ['ch 2 (does not count as a st), *3-dc cluster in next ch-sp, ch 1; rep from * around'],
    },
  },
] satisfies Given[]

const open = [
  {
    id: 'ladders',
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

const edges = [
  {
    id: 'picot',
    name: 'Picots',
    multiple: 3,
    offset: 0,
    height: 1.3,
    yarn: 1.3,
    special: 'picot: ch 3, sl st in the 3rd ch from hook.',
    flat: rows('*sc in next 3 sts, picot; rep from * across'),
    round: rows('*sc in next 3 sts, picot; rep from * around'),
  },
  {
    id: 'crab',
    name: 'Crab stitch',
    multiple: 1,
    offset: 0,
    height: 0.8,
    yarn: 1,
    special: 'crab stitch: sc worked backward, from left to right for the right-handed.',
    notes: 'A corded edge; nothing is worked on it.',
    round: rows('crab stitch in each st around'),
    flat: rows('crab stitch in each st across'),
  },
  {
    id: 'scallops',
    name: 'Scallops',
    multiple: 4,
    offset: 1,
    height: 1.6,
    yarn: 1.3,
    flat: rows(
      'sc in next st, *sk 1 st, 3 dc in next st, sk 1 st, sc in next st; rep from * across',
    ),
    round: rows('*sc in next st, sk 1 st, 3 dc in next st, sk 1 st; rep from * around'),
  },
] satisfies Given[]

/** Every pattern there is, family by family. One is added here and nowhere else. */
export const drawer: readonly StitchPattern[] = [
  ...raised.map(of('raised')),
  ...posts.map(of('post')),
  ...woven.map(of('woven')),
  ...spikes.map(of('spike')),
  ...fans.map(of('fans')),
  ...open.map(of('open')),
  ...edges.map(of('edge')),
]
