import type { Stitch } from './stitch.ts'

/*
 * Stitches that stand out of the ground. A compound stitch takes the yarn of its parts, each part that is drawn together a little
 * less; a post takes 15 % more (from memory, as docs/method.md says). What a stitch reaches down is reckoned from the rows it reaches.
 */

const raised = (
  id: string,
  [us, uk]: readonly [string, string],
  name: readonly [string, string],
  more: Pick<Stitch, 'of' | 'height' | 'yarn' | 'symbol'> & Partial<Stitch>,
): Stitch => ({
  id,
  family: 'raised',
  abbr: { us, uk },
  name: { us: name[0], uk: name[1] },
  uses: 1,
  makes: 1,
  turningChains: 3,
  ...more,
})
const same = (word: string) => [word, word] as const
const POST = 1.15
const strands = (n: number) =>
  Array.from({ length: n }, (_, i) => `M10 19Q${10 + (i - (n - 1) / 2) * 8} 10 10 2`).join('')

export const raisedStitches: readonly Stitch[] = [
  raised('puff', same('puff'), same('puff'), {
    of: 'hdc',
    height: 1.4,
    yarn: 2.6,
    pushes: true,
    recipe: '(yo, pull up a loop) 3 times in one st, yo, pull through all loops',
    symbol: strands(3),
  }),
  raised('bobble', same('bobble'), same('bobble'), {
    of: 'dc',
    height: 2,
    yarn: 8,
    recipe: '5 dc in one st, each left unfinished, yo, pull through all loops',
    symbol: strands(5),
  }),
  raised('popcorn', same('popcorn'), same('popcorn'), {
    of: 'dc',
    height: 2,
    yarn: 9.2,
    recipe:
      '5 dc in one st, hook out and from the front into the top of the first, pull the loop through',
    symbol: `${strands(5)}M6 2h8`,
  }),
  raised('cluster', same('cl'), same('cluster'), {
    of: 'dc',
    height: 2,
    yarn: 4.9,
    recipe: '3 dc in one place, each left unfinished, yo, pull through all loops',
    symbol: `${strands(3)}M6 2h8`,
  }),
  raised('bead', same('bead'), same('bead stitch'), {
    of: 'dc',
    height: 2,
    yarn: 2.6,
    recipe:
      '(yo, pull up a loop around the post of the dc just made) 3 times, yo, pull through all loops',
    symbol: 'M6 10a4 5 0 1 0 8 0a4 5 0 1 0 -8 0',
  }),
  raised('crab-stitch', same('crab stitch'), same('crab stitch'), {
    of: 'sc',
    height: 1,
    yarn: 1.2,
    backward: true,
    turningChains: 1,
    recipe: 'sc worked backward, from left to right for the right-handed',
    symbol: 'M4 4L16 16M16 4L4 16M5 2q2.5 -3 5 0t5 0',
  }),
  raised('spike', same('spike'), same('spike'), {
    of: 'sc',
    height: 1,
    yarn: 1,
    reaches: 1,
    turningChains: 1,
    recipe: 'sc into the st a row further down, drawn up loosely over it',
    symbol: 'M4 2L16 12M16 2L4 12M10 7V19',
  }),
  ...(['double', 'triple'] as const).map((word, i) =>
    raised(`spike-${i + 2}`, same(`${word} spike`), same(`${word} spike`), {
      of: 'sc',
      height: 1,
      yarn: 1,
      reaches: i + 2,
      turningChains: 1,
      recipe: `sc into the st ${['two', 'three'][i]} rows further down, drawn up loosely over them`,
      symbol: 'M4 2L16 12M16 2L4 12M10 7V19',
    }),
  ),
  raised('spike-dc', ['spike dc', 'spike tr'], ['spike double crochet', 'spike treble crochet'], {
    of: 'dc',
    height: 2,
    yarn: 1.8,
    reaches: 1,
    recipe:
      'dc over the chain into the middle dc of the group a row further down, drawn up loosely',
    symbol: 'M10 19V2M5 2h10M7 11.5L13 8.5M7 16L10 20L13 16',
  }),
  raised(
    'caught-dc',
    ['caught dc', 'caught tr'],
    ['caught double crochet', 'caught treble crochet'],
    {
      of: 'dc',
      height: 2,
      yarn: 1.8,
      recipe: 'dc in the st and in the top loop of its ladder, both together',
      symbol: 'M10 19V2M5 2h10M7 11.5L13 8.5M10 19a4 4 0 1 0 0.1 0',
    },
  ),
  raised('star', same('star'), same('star stitch'), {
    of: 'hdc',
    height: 1.4,
    yarn: 3.6,
    uses: 2,
    wide: 2,
    recipe:
      'pull up a loop in each of 5 places (its eye, its last loop and the last place of the star before, then 2 new sts), yo, pull through all, ch 1 for its eye. The first star of a row has 2nd and 3rd ch from hook and the st passed over for the star before, in the first row of stars the 4th ch',
    symbol: 'M10 3V17M3 10H17M5 5L15 15M15 5L5 15',
  }),
  ...(
    [
      ['sc', 'dc', 'single crochet', 'double crochet', 1, 1, 1],
      ['hdc', 'htr', 'half double crochet', 'half treble crochet', 1.4, 1.35, 2],
      ['dc', 'tr', 'double crochet', 'treble crochet', 2, 1.8, 3],
      ['tr', 'dtr', 'treble crochet', 'double treble crochet', 2.8, 2.4, 4],
    ] as const
  ).flatMap(([us, uk, nameUs, nameUk, height, yarn, turningChains]) =>
    (['front', 'back'] as const).map((side) => {
      const letter = side === 'front' ? 'FP' : 'BP'
      return raised(
        `${letter.toLowerCase()}${us}`,
        [letter + us, letter + uk],
        [`${side} post ${nameUs}`, `${side} post ${nameUk}`],
        {
          of: us,
          height,
          yarn: yarn * POST,
          fromBehind: `${side === 'front' ? 'bp' : 'fp'}${us}`,
          turningChains,
          recipe: `${us} around the post of the st, from the ${side} and back out to the ${side}`,
          symbol: `M10 17V3M5 3h10M10 17q0 3 ${side === 'front' ? 4 : -4} 2`,
        },
      )
    }),
  ),
]
