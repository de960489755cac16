import type { Stitch, Terms } from './stitch.ts'

/*
 * Stitches of mosaic. What reaches down stands in front of the rows it passes and hides them; it makes its row no higher, since it
 * goes as far down as it is taller. What is passed over waits behind a chain until it is reached for. Names are common practice
 * without a source; the yarn of what is reached is reckoned from the rows it reaches.
 */

const reaching = (id: string, word: string, reaches: number, recipe: string): Stitch => ({
  id,
  family: 'raised',
  name: { us: `${word} double crochet`, uk: `${word} treble crochet` },
  abbr: { us: `${word} dc`, uk: `${word} tr` },
  of: 'sc',
  uses: 1,
  makes: 1,
  height: 1,
  yarn: 1.8,
  reaches,
  covers: true,
  recipe,
  turningChains: 1,
  symbol: 'M10 20V2M5 2h10M7 12.5L13 9.5',
})

/** A chain over each place that is passed. */
const over = (id: string, what: Terms): Stitch => ({
  id,
  family: 'over',
  name: what,
  abbr: what,
  of: 'sc',
  uses: 1,
  makes: 1,
  height: 0,
  yarn: 0.5,
  turningChains: 1,
  symbol: 'M3 10a7 3.6 0 1 0 14 0a7 3.6 0 1 0 -14 0',
})

export const mosaicStitches: readonly Stitch[] = [
  reaching(
    'drop-dc',
    'drop',
    1,
    'dc in the front loop of the st two rows below, in front of the row between; the st behind it stays empty',
  ),
  reaching(
    'long-dc',
    'long',
    2,
    'dc in front of the chains, into the st three rows below that they pass over',
  ),
  over('over-st', { us: 'st', uk: 'st' }),
  over('over-ch', { us: 'ch', uk: 'ch' }),
]
