import type { Stitch } from './stitch.ts'

/*
 * Names, abbreviations, turning chains and symbols: Craft Yarn Council, Standards and Guidelines for Crochet and Knitting.
 * Heights and yarn are starting values from memory; a measured swatch scales them.
 */
const basic = (stitch: Omit<Stitch, 'family' | 'of' | 'makes'>): Stitch => ({
  family: 'basic',
  of: stitch.id,
  makes: 1,
  ...stitch,
})

export const basicStitches: readonly Stitch[] = [
  basic({
    id: 'ch',
    name: { us: 'chain', uk: 'chain' },
    abbr: { us: 'ch', uk: 'ch' },
    uses: 0,
    height: 0,
    yarn: 0.5,
    turningChains: 0,
    symbol: 'M3 10a7 3.6 0 1 0 14 0a7 3.6 0 1 0 -14 0',
  }),
  basic({
    id: 'sl-st',
    name: { us: 'slip stitch', uk: 'slip stitch' },
    abbr: { us: 'sl st', uk: 'ss' },
    uses: 1,
    height: 0,
    yarn: 0.5,
    turningChains: 0,
    symbol: 'M7.5 10a2.5 2.5 0 1 0 5 0a2.5 2.5 0 1 0 -5 0M8 10h4M10 8v4',
  }),
  basic({
    id: 'sc',
    name: { us: 'single crochet', uk: 'double crochet' },
    abbr: { us: 'sc', uk: 'dc' },
    uses: 1,
    height: 1,
    yarn: 1,
    turningChains: 1,
    symbol: 'M4 4L16 16M16 4L4 16',
  }),
  basic({
    id: 'hdc',
    name: { us: 'half double crochet', uk: 'half treble crochet' },
    abbr: { us: 'hdc', uk: 'htr' },
    uses: 1,
    height: 1.4,
    yarn: 1.35,
    turningChains: 2,
    symbol: 'M10 18V4M5 4h10',
  }),
  basic({
    id: 'dc',
    name: { us: 'double crochet', uk: 'treble crochet' },
    abbr: { us: 'dc', uk: 'tr' },
    uses: 1,
    height: 2,
    yarn: 1.8,
    turningChains: 3,
    symbol: 'M10 19V2M5 2h10M7 11.5L13 8.5',
  }),
  basic({
    id: 'tr',
    name: { us: 'treble crochet', uk: 'double treble crochet' },
    abbr: { us: 'tr', uk: 'dtr' },
    uses: 1,
    height: 2.8,
    yarn: 2.4,
    turningChains: 4,
    symbol: 'M10 19V1M5 1h10M7 9.5L13 6.5M7 13.5L13 10.5',
  }),
]
