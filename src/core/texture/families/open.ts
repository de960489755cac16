import { type Given, LADDER, LONG_LOOPS, of, rows } from './recipes.ts'

/** A round of one of two interlaced yarns on its own loops. */
const interlaced = (yarn: string, push = '') => ({
  text: `ch 1, ${push}sc in half loop, *long loop, sc in next long loop; rep from * around, half loop`,
  yarn,
  onto: 'own' as const,
})

const patterns = [
  {
    id: 'ladders',
    unit: 'loop',
    name: 'Ladder loops',
    multiple: 5,
    offset: 0,
    least: 2,
    beside: { flat: -1, round: 0 },
    side: 'RS',
    special: LADDER,
    notes:
      'Loops stand off between groups of five, and are no stitches. When the fabric is done the loops of every column are drawn through one another with the hook, from the foot up, and the last row catches the top one. Until then they catch small fingers: not for small children.',
    flat: {
      rows: [
        'ch 3 (counts as dc), dc in next 4 sts, *ladder loop, dc in next 5 sts; rep from * across',
        'ch 3 (counts as dc), dc in each st across',
      ],
      end: [
        'ch 3 (counts as dc), dc in each st across',
        'ch 3 (counts as dc), (draw the loops through one another, from the foot up), dc in next 3 sts, *caught dc in next st, dc in next 4 sts; rep from * to last st, dc in last st',
      ],
    },
    round: {
      rows: [
        'ch 3 (counts as dc), dc in next 4 sts, ladder loop, *dc in next 5 sts, ladder loop; rep from * around',
        'ch 3 (counts as dc), dc in each st around',
      ],
      end: [
        'ch 3 (counts as dc), dc in each st around',
        'ch 3 (counts as dc), (draw the loops through one another, from the foot up), dc in next 3 sts, caught dc in next st, *dc in next 4 sts, caught dc in next st; rep from * around',
      ],
    },
  },
  {
    id: 'interlaced',
    unit: 'loop',
    name: 'Interlaced loops',
    multiple: 5,
    offset: 0,
    least: 2,
    side: 'RS',
    special: LONG_LOOPS,
    notes:
      'Two yarns, both loops kept live: only one of them works, the other is parked. Each works two rounds in turn: one that pushes its loops through those of the other yarn, and a plain one. Bring the other yarn inside before a round is closed. A last round goes into the loops of both. Loops catch small fingers: not for small children.',
    round: {
      // The first yarn works one round to set up, the second two: from then on the yarns are never more than a round apart.
      begin: [
        {
          text: 'ch 1, *sc in next st, long loop, sk 4 sts; rep from * to last 5 sts, sc in next st, half loop, sk 4 sts',
          onto: 'own',
        },
        {
          text: 'ch 1, (inside, behind the loops of the other yarn), sk 2 sts, *sc in next st, long loop, sk 4 sts; rep from * to last 3 sts, sc in next st, half loop, sk 2 sts',
          yarn: 'B',
          onto: 'own',
        },
        interlaced('B'),
      ],
      rows: (['A', 'B'] as const).flatMap((yarn) => [
        interlaced(yarn, '(push every loop through that of the other yarn beside it), '),
        interlaced(yarn),
      ]),
      end: [
        {
          text: 'ch 1, *sc in next long loop, ch 1, sc in next long loop, ch 2; rep from * around',
          onto: 'both',
        },
      ],
    },
  },
  {
    id: 'mesh',
    unit: 'space',
    name: 'Mesh',
    multiple: 2,
    offset: 1,
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
    notes: 'Loops of seven over four skipped. Loops catch small fingers: not for small children.',
    round: rows(
      '*sc in next st, ch 7, sk 4 sts; rep from * around',
      'sl st to next ch-sp, ch 1, sc in same sp, ch 4, *sc in next ch-sp, ch 4; rep from * around',
      'sc in each st and ch around',
    ),
  },
  {
    id: 'eyelets',
    name: 'Eyelets',
    multiple: 2,
    offset: 0,
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
    flat: rows(
      'sc in next st, *ch 3, sk 3 sts, sc in next st; rep from * across',
      'sc in each st and ch across',
    ),
    round: rows('*sc in next st, ch 3, sk 3 sts; rep from * around', 'sc in each st and ch around'),
  },
] satisfies Given[]

export const open = patterns.map(of('open'))
