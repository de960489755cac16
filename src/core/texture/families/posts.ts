import { dotted, type Given, of, rows } from './recipes.ts'

const patterns = [
  {
    id: 'post-rib',
    name: 'Post rib',
    multiple: 2,
    offset: 0,
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
    notes: 'Go around the post of the stitch a row below, not into its top.',
  },
  {
    id: 'basket',
    name: 'Basket weave',
    multiple: 4,
    offset: 0,
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
    flat: rows(
      'ch 2 (does not count as a st), dc in next 2 sts, *FPdc around next st, dc in next 2 sts; rep from * across',
      'ch 2 (does not count as a st), FPdc around next 2 sts, *dc in next st, FPdc around next 2 sts; rep from * across',
    ),
    round: rows(
      'ch 2 (does not count as a st), *FPdc around next st, dc in next 2 sts; rep from * around',
      // What a wrong-side row does in front lies at the back of a round that is not turned.
      'ch 2 (does not count as a st), *dc in next st, BPdc around next 2 sts; rep from * around',
    ),
  },
  {
    id: 'cable',
    unit: 'cable',
    name: 'Cables',
    multiple: 6,
    offset: 2,
    side: 'RS',
    notes:
      'The second pair crosses in front of the first: work it around the posts that were passed over, before the skipped ones.',
    flat: rows(
      'ch 2 (does not count as a st), hdc in next 2 sts, *sk 2 sts, FPdc around next 2 sts, FPdc around the 2 skipped sts, hdc in next 2 sts; rep from * across',
      'ch 2 (does not count as a st), hdc in next 2 sts, *BPdc around next 4 sts, hdc in next 2 sts; rep from * across',
    ),
    round: rows(
      'ch 2 (does not count as a st), *sk 2 sts, FPdc around next 2 sts, FPdc around the 2 skipped sts, hdc in next 2 sts; rep from * around',
      'ch 2 (does not count as a st), *FPdc around next 4 sts, hdc in next 2 sts; rep from * around',
    ),
  },
  {
    id: 'post-v',
    unit: 'V',
    name: 'V with a post',
    multiple: 6,
    offset: 1,
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

export const posts = patterns.map(of('post'))
