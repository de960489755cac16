import type { Part } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { projectOf } from '../project/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, baseAs, mosaicBand, motif, plain, reliefBand, tote } from '../testing/tote.ts'
import { derive, patternSheet, sheetCharts } from './index.ts'

describe('the materials of a pattern', () => {
  const design = tote({ parts: [base({ count: 120 }), plain({ rounds: 60 })] })
  const { yarns, facts } = patternSheet(design, derive(projectOf(design)), defaultWords)
  const fact = (of: string) => facts.find(({ what }) => what === of)?.is

  it('are the yarns that are used, in metres and in grams of those very metres, and what a ball is', () => {
    expect(yarns.map(({ letter }) => letter)).toEqual(['A'])
    const [, low, high, light, heavy] =
      /^(\d+)–(\d+) m, (\d+)–(\d+) g, \d+ balls? of 50 g \(125 m\)$/.exec(yarns[0]!.amount)!
    // 50 g are 125 m: 0.4 g a metre, at both ends of the range.
    expect(Math.abs(Number(low) * 0.4 - Number(light))).toBeLessThanOrEqual(0.7)
    expect(Math.abs(Number(high) * 0.4 - Number(heavy))).toBeLessThanOrEqual(0.7)
    expect(Number(heavy)).toBeGreaterThan(Number(light))
  })

  it('name the class of the yarn, and the stitch the gauge is of', () => {
    expect(fact('Yarn class')).toBe('3, light')
    expect(fact('Gauge')).toBe('20 sc and 20 rounds over 10 cm')
  })
})

describe('charts on paper (common practice)', () => {
  const chartsOf = (...parts: Part[]) => {
    const design = tote({ parts })
    return sheetCharts(design, compile(design))
  }

  it('carry the numbers of the rows of the bag, each on the side it begins', () => {
    const [flat] = chartsOf(baseAs('panel', { count: 24 }), motif())
    expect(flat!.numbers.slice(0, 3)).toEqual([
      { chartRow: 0, number: 2, side: 'WS' },
      { chartRow: 1, number: 3, side: 'RS' },
      { chartRow: 2, number: 4, side: 'WS' },
    ])
  })

  it('have two rows of the bag for each of an inset mosaic, as high as both, and mark what drops', () => {
    const inset = mosaicBand({ school: 'inset', before: 2, edge: 1 })
    const [overlay] = chartsOf(baseAs('panel', { count: 26 }), mosaicBand({ edge: 1 }))
    const [chart] = chartsOf(baseAs('panel', { count: 26 }), inset)
    expect(chart!.numbers.slice(0, 3).map(({ chartRow, number }) => [chartRow, number])).toEqual([
      [0, 4],
      [0, 5],
      [1, 6],
    ])
    expect(chart!.cellAspect).toBeCloseTo(2 * overlay!.cellAspect, 9)
    // Row 2 of the picture borrows where it shows A; what covers those cells is worked in row 3.
    expect(overlay!.signs!.rows[2]).toBe(' vv  vv ')
    expect(overlay!.signs!.key).toHaveLength(1)
  })

  it('of a free texture print what is painted', () => {
    const [chart] = chartsOf(base(), reliefBand())
    expect(chart!.signs!.rows[0]).toBe(' b    b ')
    expect(chart!.signs!.key.map(({ sign, is }) => `${sign} ${is}`)).toEqual([
      ...['b Puff', 'f Front post', 'h Spike of 1', 'k Eyelet'],
    ])
  })
})
