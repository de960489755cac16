import type { Stitch, Terms } from './stitch.ts'

const both = (terms: Terms, say: (word: string) => string): Terms => ({
  us: say(terms.us),
  uk: say(terms.uk),
})

/** The stitch worked into the back or the front loop only. */
export function inLoop(stitch: Stitch, loop: 'back' | 'front'): Stitch {
  return {
    ...stitch,
    id: `${stitch.id}-${loop === 'back' ? 'blo' : 'flo'}`,
    family: 'loop',
    name: both(stitch.name, (word) => `${word} in the ${loop} loop`),
    abbr: both(stitch.abbr, (word) => `${word} ${loop === 'back' ? 'blo' : 'flo'}`),
    of: stitch.of,
    symbol: `${stitch.symbol}M6 ${loop === 'back' ? '18a4 3 0 0 1 8 0' : '17a4 3 0 0 0 8 0'}`,
  }
}

/** The stitch worked through the V of the one below, not under its loops: it stands straight above it. */
export const splitOf = (stitch: Stitch): Stitch => ({
  ...stitch,
  id: `split-${stitch.id}`,
  family: 'split',
  name: both(stitch.name, (word) => `split ${word}`),
  abbr: both(stitch.abbr, (word) => `split ${word}`),
  recipe: 'insert the hook through the middle of the V of the stitch below, not under its loops',
  symbol: `${stitch.symbol}M10 19V13`,
})

/** Several of the stitch in one place. Two are the trade's plain "increase". */
export function increaseOf(stitch: Stitch, together: number): Stitch {
  return {
    ...stitch,
    id: `${stitch.id}-${together}in1`,
    family: 'increase',
    name: both(stitch.name, (word) => `${together} ${word} in one stitch`),
    abbr: both(stitch.abbr, (word) => `${together} ${word} in next st`),
    makes: together,
    yarn: stitch.yarn * together,
    symbol: 'M10 19L4 4M10 19L16 4M2 4h4M14 4h4',
  }
}

/** Several of the stitch worked together into one: each part is one draw-up short of a whole stitch. */
export function decreaseOf(stitch: Stitch, together: number): Stitch {
  return {
    ...stitch,
    id: `${stitch.id}${together}tog`,
    family: 'decrease',
    name: both(stitch.name, (word) => `${together} ${word} together`),
    // In one loop only the loop is said last: "dc2tog blo", "split sc2tog".
    abbr: both(stitch.abbr, (word) =>
      word.replace(/^(?:split )?\S+/, (short) => `${short}${together}tog`),
    ),
    uses: together,
    yarn: stitch.yarn * together - 0.25 * (together - 1),
    symbol: 'M4 19L10 4M16 19L10 4M6 4h8',
  }
}

/** The stitch worked into a place that is taken up already: beside another one. */
export function besideOf(stitch: Stitch): Stitch {
  return {
    ...stitch,
    id: `${stitch.id}-beside`,
    family: 'place',
    name: both(stitch.name, (word) => `${word} in the same place`),
    abbr: both(stitch.abbr, (word) => `${word} in same place`),
    uses: 0,
  }
}

/** A place passed over. */
export const skipped: Stitch = {
  id: 'skip',
  family: 'place',
  name: { us: 'skip', uk: 'miss' },
  abbr: { us: 'sk', uk: 'miss' },
  of: 'sc',
  uses: 1,
  makes: 0,
  height: 0,
  yarn: 0,
  turningChains: 1,
  symbol: 'M7 10h6',
}
