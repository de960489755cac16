import {
  ALL,
  AROUND,
  BP_TALL_LOOP,
  ESC,
  FP_TALL_LOOP,
  type Given,
  of,
  rows,
  TALL_LOOP,
  YO_LOOP,
} from './recipes.ts'

/** The way back: every loop is worked off the hook. */
const RETURN = 'return: yo, pull through 1 loop, *yo, pull through 2 loops; rep from * across'

const WAVES = [
  ['sc', 'dc'],
  ['dc', 'sc'],
].map(
  ([low, high]) =>
    `${low} in next 2 sts, hdc in next 2 sts, ${high} in next 4 sts, hdc in next 2 sts, ${low} in next 2 sts`,
)
/** Rows that go forward and back again are bound off into their bars. */
const BIND_OFF = 'ch 1 (counts as a st), sl st in each st across'
const BARS =
  'The stitches of a row are its upright bars, from the right edge on. The first bar is passed over: the chain stands for it.'

const column = (post: string) =>
  `ch 1 (counts as a loop), *2 yo loops, sk 2 sts, ${post}; rep from * across; ${RETURN}`

const patterns = [
  {
    id: 'rib',
    name: 'Back-loop rib',
    multiple: 1,
    offset: 0,
    notes:
      'In rows, and in rounds that are turned, it makes ridges that lie across; a band on its side stretches. In rounds that are not turned it gives fine lines.',
    flat: rows('sc in back loop of each st across'),
    round: rows('sc in back loop of each st around'),
  },
  {
    id: 'loops',
    name: 'Front and back loops',
    multiple: 2,
    offset: 0,
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
    notes: 'Only the chain spaces are worked into; soft, and it drapes.',
    flat: {
      begin: ['sc in next st, *ch 1, sk 1 st, sc in next st; rep from * across'],
      rows: [
        'sc in next st, *sc in next ch-sp, ch 1, sk 1 st; rep from * to last 2 sts, sc in next ch-sp, sc in last st',
        'sc in next st, *ch 1, sk 1 st, sc in next ch-sp; rep from * to last 2 sts, ch 1, sk 1 st, sc in last st',
      ],
    },
    round: {
      begin: ['*sc in next st, ch 1, sk 1 st; rep from * around'],
      rows: [
        'sl st in next ch-sp, ch 1, sc in same sp, ch 1, *sc in next ch-sp, ch 1; rep from * around',
      ],
    },
  },
  {
    id: 'seed',
    name: 'Seed',
    multiple: 2,
    offset: 0,
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
    notes: 'A short and a tall one in the same stitch.',
    flat: rows('*(sc, dc) in next st, sk 1 st; rep from * across'),
    round: rows('*(sc, dc) in next st, sk 1 st; rep from * around'),
  },
  {
    id: 'sedge',
    name: 'Sedge',
    multiple: 3,
    offset: 1,
    notes: 'Each group goes into the sc of the one below.',
    flat: rows('*(sc, hdc, dc) in next st, sk 2 sts; rep from * to last st, sc in last st'),
    round: rows('*(sc, hdc, dc) in next st, sk 2 sts; rep from * around'),
  },
  {
    id: 'linked',
    name: 'Linked',
    multiple: 1,
    offset: 0,
    special:
      'ldc: instead of the first yo insert the hook in the side of the stitch before; for the first one in the 2nd ch of the starting chain.',
    notes: 'No gaps between tall stitches: good where a bag must hold small things.',
    flat: rows('ch 3 (does not count as a st), ldc in each st across'),
    round: rows('ch 3 (does not count as a st), ldc in each st around'),
  },
  {
    id: 'waves',
    name: 'Waves',
    multiple: 12,
    offset: 0,
    notes: 'Tall stitches come over short ones the next time, so that it lies flat again.',
    flat: rows(...WAVES.flatMap((wave) => [`*${wave}; rep from * across`, ALL])),
    round: rows(...WAVES.flatMap((wave) => [`*${wave}; rep from * around`, AROUND])),
  },
  {
    id: 'zigzag',
    name: 'Zigzag',
    multiple: 9,
    offset: 0,
    notes: 'The edge runs in points as well.',
    flat: rows('*inc, sc in next 3 sts, sc2tog, sc in next 3 sts; rep from * across'),
    round: rows('*inc, sc in next 3 sts, sc2tog, sc in next 3 sts; rep from * around'),
  },
  {
    id: 'extended',
    name: 'Extended',
    multiple: 1,
    offset: 0,
    special: ESC,
    flat: rows('esc in each st across'),
    round: rows('esc in each st around'),
  },
  {
    id: 'crossed',
    unit: 'cross',
    name: 'Crossed pairs',
    multiple: 4,
    offset: 0,
    notes: 'The second pair goes in front of the first, into the stitches that were passed over.',
    flat: rows(
      'ch 3 (does not count as a st), *sk 2 sts, dc in next 2 sts, dc in the 2 skipped sts; rep from * across',
      ALL,
    ),
    round: rows(
      'ch 3 (does not count as a st), *sk 2 sts, dc in next 2 sts, dc in the 2 skipped sts; rep from * around',
      AROUND,
    ),
  },
  {
    id: 'two-pass',
    passes: 2,
    side: 'RS',
    name: 'Two-pass fabric',
    multiple: 1,
    offset: 0,
    notes:
      'Each row goes forward with all loops on the hook, and back. Not turned. The loop on the hook is the first stitch.',
    special: BARS,
    flat: {
      rows: [`ch 1 (counts as a loop), pull up a loop in each st across; ${RETURN}`],
      end: [BIND_OFF],
    },
  },
  {
    id: 'two-pass-mesh',
    unit: 'loop',
    passes: 2,
    side: 'RS',
    name: 'Two-pass mesh',
    multiple: 3,
    offset: 1,
    perRepeat: 3,
    beside: { flat: 1, round: 0 },
    special: `${YO_LOOP} ${BARS}`,
    notes:
      'Every loop on the hook counts: five repeats are 16. The yarn overs are the holes; not turned. Open: line it, or put in what is larger than its holes.',
    flat: {
      rows: [
        `ch 1 (counts as a loop), *2 yo loops, sk 2 sts, pull up a loop in next st; rep from * across; ${RETURN}`,
      ],
      end: [BIND_OFF],
    },
  },
  {
    id: 'two-pass-columns',
    unit: 'loop',
    passes: 2,
    side: 'RS',
    name: 'Two-pass mesh with columns',
    multiple: 3,
    offset: 1,
    perRepeat: 3,
    beside: { flat: 1, round: 0 },
    special: `${YO_LOOP} ${TALL_LOOP} ${FP_TALL_LOOP} ${BP_TALL_LOOP} ${BARS}`,
    notes:
      'Every loop on the hook counts: five repeats are 16. The columns stand out in front and lie back by turns; the yarn overs between them are the holes. Not turned. Open: line it, or put in what is larger than its holes.',
    flat: {
      begin: [column('tall loop in next st')],
      rows: [column('FP tall loop around next st'), column('BP tall loop around next st')],
      end: [BIND_OFF],
    },
  },
] satisfies Given[]

export const woven = patterns.map(of('woven'))
