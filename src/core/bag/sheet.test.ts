import { projectOf } from '../project/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, plain, tote } from '../testing/tote.ts'
import { derive, patternSheet } from './index.ts'

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
