import { type Given, of, PICOT, rows } from './recipes.ts'

const patterns = [
  {
    id: 'picot',
    unit: 'picot',
    name: 'Picots',
    multiple: 3,
    offset: 0,
    special: PICOT,
    flat: rows('*sc in next 3 sts, picot; rep from * across'),
    round: rows('*sc in next 3 sts, picot; rep from * around'),
  },
  {
    id: 'crab',
    name: 'Crab stitch',
    multiple: 1,
    offset: 0,
    special: 'crab stitch: sc worked backward, from left to right for the right-handed.',
    notes: 'A corded edge; nothing is worked on it. The work is not turned for it.',
    round: rows('crab stitch in each st around'),
    flat: rows('crab stitch in each st across'),
  },
  {
    id: 'scallops',
    unit: 'scallop',
    name: 'Scallops',
    multiple: 4,
    offset: 1,
    notes: 'Of several rows each is set off by half from the one below, so that they lie flat.',
    flat: rows(
      'sc in next st, *sk 1 st, 3 dc in next st, sk 1 st, sc in next st; rep from * across',
      'ch 3 (counts as dc), dc in same st, sk 1 st, sc in next st, sk 1 st, *3 dc in next st, sk 1 st, sc in next st, sk 1 st; rep from * to last st, 2 dc in last st',
    ),
    round: {
      begin: ['*sc in next st, sk 1 st, 3 dc in next st, sk 1 st; rep from * around'],
      rows: [
        'ch 3 (counts as dc), 2 dc in same st, sk 1 st, sc in next st, sk 1 st, *3 dc in next st, sk 1 st, sc in next st, sk 1 st; rep from * around',
        // To the middle of the first scallop.
        'sl st in next st, ch 1, sc in same st, sk 1 st, 3 dc in next st, sk 1 st, *sc in next st, sk 1 st, 3 dc in next st, sk 1 st; rep from * around',
      ],
    },
  },
] satisfies Given[]

export const edges = patterns.map(of('edge'))
