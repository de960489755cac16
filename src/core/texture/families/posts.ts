import { ALL, AROUND, type Given, type GivenRow, of } from './recipes.ts'

/** A post goes around a post, so all of them begin over a row of dc. */
const DC_ACROSS = 'ch 3 (counts as dc), dc in each st across'
const DC_AROUND = 'ch 3 (counts as dc), dc in each st around'
const across = (...list: GivenRow[]) => ({ begin: [DC_ACROSS], rows: list })
/** In the round they are worked from the right side: they stand out on the side that faces. */
const around = (...list: string[]) => ({
  begin: [DC_AROUND],
  rows: list.map((text) => ({ text, side: 'RS' as const })),
})

const patterns = [
  {
    id: 'post-rib',
    name: 'Post rib',
    multiple: 2,
    offset: 0,
    flat: across(
      'ch 2 (does not count as a st), *FPdc around next st, BPdc around next st; rep from * across',
    ),
    round: around(
      'ch 2 (does not count as a st), *FPdc around next st, BPdc around next st; rep from * around',
    ),
  },
  {
    id: 'post-columns',
    name: 'Post columns',
    multiple: 3,
    offset: 2,
    notes: 'Each goes around the post two rows below, over the row of sc between.',
    flat: {
      begin: [DC_ACROSS, ALL],
      rows: [
        {
          text: 'sc in next 2 sts, *FPdc around the post of next st 2 rows below, sc in next 2 sts; rep from * across',
          side: 'RS',
        },
        ALL,
      ],
    },
    round: {
      begin: [DC_AROUND, AROUND],
      rows: [
        {
          text: '*sc in next 2 sts, FPdc around the post of next st 2 rnds below; rep from * around',
          side: 'RS',
        },
        AROUND,
      ],
    },
  },
  {
    id: 'basket',
    name: 'Basket weave',
    multiple: 4,
    offset: 0,
    notes: 'Two rows one way, two the other.',
    flat: across(
      ...[0, 0, 1, 1].map(
        (way) =>
          `ch 2 (does not count as a st), *${way ? 'BPdc' : 'FPdc'} around next 2 sts, ${way ? 'FPdc' : 'BPdc'} around next 2 sts; rep from * across`,
      ),
    ),
    round: around(
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
    flat: across(
      'ch 2 (does not count as a st), dc in next 2 sts, *FPdc around next st, dc in next 2 sts; rep from * across',
      'ch 2 (does not count as a st), FPdc around next 2 sts, *dc in next st, FPdc around next 2 sts; rep from * across',
    ),
    round: around(
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
      'Pass over two posts, work around the next two, then around the two passed over, in front of those just made.',
    flat: across(
      {
        text: 'ch 2 (does not count as a st), hdc in next 2 sts, *sk 2 sts, FPtr around next 2 sts, FPtr around the 2 skipped sts, hdc in next 2 sts; rep from * across',
        side: 'RS',
      },
      {
        text: 'ch 2 (does not count as a st), hdc in next 2 sts, *BPdc around next 4 sts, hdc in next 2 sts; rep from * across',
        side: 'WS',
      },
    ),
    round: around(
      'ch 2 (does not count as a st), *sk 2 sts, FPtr around next 2 sts, FPtr around the 2 skipped sts, hdc in next 2 sts; rep from * around',
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
        DC_ACROSS,
        {
          text: 'ch 2 (does not count as a st), FPdc around next st, *sk 2 sts, (2 dc, ch 1, 2 dc) in next st, sk 2 sts, FPdc around next st; rep from * across',
          side: 'RS',
        },
      ],
      rows: (['WS', 'RS'] as const).map((side) => {
        // What stands out in front is worked from behind on the wrong side.
        const post = side === 'RS' ? 'FPdc' : 'BPdc'
        return {
          text: `ch 2 (does not count as a st), ${post} around next st, *(2 dc, ch 1, 2 dc) in next ch-sp, sk 2 sts, ${post} around next st; rep from * across`,
          side,
        }
      }),
    },
    round: {
      begin: [
        DC_AROUND,
        {
          text: 'ch 2 (does not count as a st), *FPdc around next st, sk 2 sts, (2 dc, ch 1, 2 dc) in next st, sk 2 sts; rep from * around',
          side: 'RS',
        },
      ],
      rows: [
        {
          text: 'ch 2 (does not count as a st), *FPdc around next st, (2 dc, ch 1, 2 dc) in next ch-sp, sk 2 sts; rep from * around',
          side: 'RS',
        },
      ],
    },
  },
] satisfies Given[]

export const posts = patterns.map(of('post'))
