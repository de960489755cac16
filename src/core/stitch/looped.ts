import type { Stitch, Terms } from './stitch.ts'

/*
 * Loops: of chain, those drawn up on the hook where a row is worked forward and back, and one drawn up longer. Lengths are common practice without a source; a loop takes the yarn of its chains,
 * half a sc each, and of the stitch that closes it. A half loop is as high as the tall stitch in it, and the long ones beside it too.
 */

const CHAIN = 0.5
const SLIP = 0.5
const DC = 1.8
/** Of a tall stitch of two passes one loop stays on the hook (from memory: as high as a dc, and a little more yarn). */
const TALL = { height: 2, yarn: 2.1, unit: 'loop' } as const
const LEFT =
  'yo, pull through 2 loops; the last loop stays on the hook, and the return pass works it off'
const same = (word: string) => ({ us: word, uk: word })

const loopOf = (
  word: string,
  chains: number,
  more: Pick<Stitch, 'makes' | 'loop' | 'recipe'> & Partial<Stitch>,
): Stitch => ({
  id: word.replace(' ', '-'),
  family: 'looped',
  name: same(word),
  abbr: same(word),
  of: 'ch',
  uses: 0,
  height: 2,
  yarn: chains * CHAIN,
  unit: 'loop',
  turningChains: 1,
  symbol: 'M3 18C-2 0 22 0 17 18',
  ...more,
})

/** A sc whose loop is drawn up and left for a while. */
const drawn = (
  id: string,
  name: Terms,
  abbr: Terms,
  more: Pick<Stitch, 'height' | 'yarn' | 'symbol'> & Partial<Stitch>,
): Stitch => ({
  ...{ id, name, abbr },
  family: 'looped',
  of: 'sc',
  uses: 1,
  makes: 1,
  turningChains: 1,
  ...more,
})

export const loopedStitches: readonly Stitch[] = [
  loopOf('long loop', 7, {
    makes: 1,
    loop: { stands: 'over' },
    recipe: 'ch 7, which hang free until the next round of this yarn goes into their middle',
  }),
  loopOf('half loop', 4, {
    makes: 1,
    loop: { stands: 'over', half: true },
    yarn: 4 * CHAIN + DC,
    recipe:
      'ch 4, dc in the first sc of the round: it is as long as the others, and the hook stands in its middle',
    symbol: 'M3 18C-2 0 22 0 17 4M17 18V2M13 2h8M14 11L20 8',
  }),
  loopOf('ladder loop', 10, {
    makes: 0,
    loop: { stands: 'off' },
    yarn: 10 * CHAIN + SLIP,
    height: 0,
    recipe:
      'ch 10, sl st in the top of the dc just made; it stands off on the right side and is no stitch',
    symbol: 'M10 18C0 14 2 2 10 2S20 14 10 18',
  }),
  loopOf('picot', 3, {
    makes: 0,
    loop: { stands: 'off' },
    yarn: 3 * CHAIN + SLIP,
    height: 0,
    unit: 'picot',
    recipe: 'ch 3, sl st in the 3rd ch from hook',
    symbol: 'M10 18q-6 -10 0 -12q6 2 0 12',
  }),
  drawn('drawn-loop', same('two-pass stitch'), same('pull up a loop'), {
    height: 1.2,
    yarn: 1.3,
    unit: 'loop',
    symbol: 'M7 18V6a3 3 0 0 1 6 0V18',
  }),
  drawn('yo-loop', same('yarn over left on the hook'), same('yo loop'), {
    uses: 0,
    height: 1.2,
    yarn: 0.9,
    unit: 'loop',
    recipe: 'yo, and leave it on the hook as a loop; the return pass works it off like the others',
    symbol: 'M7 12a3 3 0 0 1 6 0',
  }),
  drawn('tall-loop', same('tall two-pass stitch'), same('tall loop'), {
    ...TALL,
    recipe: `yo, pull up a loop in the st, ${LEFT}`,
    symbol: 'M7 18V4a3 3 0 0 1 6 0V18M6 12L14 9',
  }),
  drawn('fp-tall-loop', same('tall two-pass stitch around the front'), same('FP tall loop'), {
    ...TALL,
    recipe: `yo, hook from the front around the upright bar, pull up a loop, ${LEFT}`,
    symbol: 'M7 18V4a3 3 0 0 1 6 0V14q0 4 -4 4M6 12L14 9',
  }),
  drawn('bp-tall-loop', same('tall two-pass stitch around the back'), same('BP tall loop'), {
    ...TALL,
    recipe: `yo, hook from the back around the upright bar, pull up a loop, ${LEFT}`,
    symbol: 'M7 14V4a3 3 0 0 1 6 0V18M7 14q0 4 4 4M6 12L14 9',
  }),
  drawn(
    'esc',
    { us: 'extended single crochet', uk: 'extended double crochet' },
    { us: 'esc', uk: 'edc' },
    {
      height: 1.4,
      yarn: 1.2,
      turningChains: 2,
      recipe: 'insert, pull up a loop, yo, pull through 1, yo, pull through 2',
      symbol: 'M4 8L16 20M16 8L4 20M5 4h10',
    },
  ),
]
