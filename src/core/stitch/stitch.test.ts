import {
  decreaseFor,
  estimateGauge,
  increaseFor,
  stitchById,
  stitches,
  yarnClasses,
} from './index.ts'

describe('the dictionary', () => {
  // Craft Yarn Council, Standards and Guidelines for Crochet and Knitting: US and UK terms, turning chains.
  it.each([
    ['ch', 'ch', 'ch', 0],
    ['sl-st', 'sl st', 'ss', 0],
    ['sc', 'sc', 'dc', 1],
    ['hdc', 'hdc', 'htr', 2],
    ['dc', 'dc', 'tr', 3],
    ['tr', 'tr', 'dtr', 4],
  ])('has %s with its published words and turning chains', (id, us, uk, chains) => {
    const stitch = stitchById(id)
    expect([stitch.abbr.us, stitch.abbr.uk, stitch.turningChains]).toEqual([us, uk, chains])
  })

  it('has one stitch an id, and counts that make sense', () => {
    expect(new Set(stitches.map(({ id }) => id)).size).toBe(stitches.length)
    for (const { id, uses, makes, yarn, height, symbol, loop } of stitches) {
      // What stands off in front takes no place and leaves none.
      expect([id, uses + makes > 0]).toEqual([id, loop?.stands !== 'off'])
      if (id !== 'skip') expect(yarn).toBeGreaterThan(0)
      expect(height).toBeGreaterThanOrEqual(0)
      expect(symbol).toMatch(/^M/)
    }
  })

  // From memory: a puff of three pulls 2.6, a fan of five 5 × dc, posts 15 % more.
  it('takes the yarn of its parts for what stands out', () => {
    expect(stitchById('puff').yarn).toBe(2.6)
    expect(stitchById('fpdc').yarn).toBeCloseTo(1.8 * 1.15)
    expect(stitchById('fpdc').abbr).toEqual({ us: 'FPdc', uk: 'FPtr' })
    expect(stitchById('dc-beside')).toMatchObject({ uses: 0, makes: 1, yarn: 1.8 })
    expect(stitchById('skip')).toMatchObject({ uses: 1, makes: 0, yarn: 0 })
  })

  it('makes increases and decreases from any ground', () => {
    expect(increaseFor('sc')).toMatchObject({ uses: 1, makes: 2, yarn: 2, height: 1 })
    expect(decreaseFor('dc')).toMatchObject({ uses: 2, makes: 1, height: 2 })
    expect(decreaseFor('dc').abbr).toEqual({ us: 'dc2tog', uk: 'tr2tog' })
    expect(increaseFor('hdc-blo').abbr.us).toBe('2 hdc blo in next st')
    expect(increaseFor('split-sc').abbr.uk).toBe('2 split dc in next st')
    expect(decreaseFor('split-sc').abbr.us).toBe('split sc2tog')
    expect(() => stitchById('knit')).toThrow('no stitch')
  })

  /*
   * Yarn shares, common practice without a source: a bag of 1,752 sc in the base, 26 rounds of 40 × (sc, dc, ch 1), then
   * two more such rounds, five of sc, one with two 80-chain handles over 26 stitches each, and four of sc over stitches
   * and chains. Four equal balls just finish it and a little under three are gone after the base and 26 rounds.
   */
  it('gives the share of yarn that is known from a finished bag', () => {
    const [sc, dc, ch] = ['sc', 'dc', 'ch'].map((id) => stitchById(id).yarn) as [
      number,
      number,
      number,
    ]
    const round = 40 * (sc + dc + ch)
    const firstPart = 1752 * sc + 26 * round
    const handles = (120 - 2 * 26) * sc + 2 * 80 * ch
    const rest = 2 * round + 5 * 120 * sc + handles + 4 * (120 - 52 + 160) * sc
    const share = firstPart / (firstPart + rest)
    expect(share).toBeGreaterThan(0.71)
    expect(share).toBeLessThan(0.75)
  })
})

describe('estimateGauge', () => {
  // Craft Yarn Council, Standards and Guidelines for Crochet and Knitting: sc over four inches, hooks in mm (from memory).
  it.each([
    [1, 21, 32, 2.25, 3.5],
    [2, 16, 20, 3.5, 4.5],
    [3, 12, 17, 4.5, 5.5],
    [4, 11, 14, 5.5, 6.5],
    [5, 8, 11, 6.5, 9],
    [6, 7, 9, 9, 15],
    [7, 4, 6, 15, 25],
  ])('class %i is %i to %i sc, by hooks of %f to %f mm', (number, few, many, small, large) => {
    const one = yarnClasses.find((yarnClass) => yarnClass.number === number)!
    expect([one.scOverFourInches, one.hookMm]).toEqual([
      [few, many],
      [small, large],
    ])
  })

  // The published ranges of the yarn classes (Craft Yarn Council; figures from memory).
  it.each(yarnClasses)('stays in the published range of class $number', (yarnClass) => {
    const [small, large] = yarnClass.hookMm
    const [few, many] = yarnClass.scOverFourInches
    const gauge = estimateGauge((small + large) / 2, yarnClass.number)
    const over = 101.6 / gauge.stitchWidthMm
    expect(over).toBeGreaterThanOrEqual(few)
    expect(over).toBeLessThanOrEqual(many)
    expect(over * (1 + gauge.spread)).toBeGreaterThanOrEqual(many)
    expect(over * (1 - gauge.spread)).toBeLessThanOrEqual(few)
  })

  it('is tighter and less sure with a much smaller hook', () => {
    expect(estimateGauge(3.5, 4).stitchWidthMm).toBeLessThan(estimateGauge(6, 4).stitchWidthMm)
    expect(estimateGauge(3, 4).spread).toBeGreaterThan(estimateGauge(6, 4).spread)
    expect(() => estimateGauge(0, 4)).toThrow(RangeError)
    expect(() => estimateGauge(4, 9)).toThrow(RangeError)
  })
})
