import { drawer, stitchChart } from '@core/texture'
import { fabricOf } from './fabric-of.ts'

describe('a pattern as fabric', () => {
  const chartOf = (id: string) =>
    stitchChart(
      drawer.find((one) => one.id === id)!,
      'round',
      3,
    )!

  // Common practice: the first yarn's loops are pushed through the second's, so they lie over them where they come out.
  it('shows of two loops that cross the one that was pulled through above the other', () => {
    const chart = chartOf('interlaced')
    const bits = fabricOf(chart, (_, yarn) => (yarn === 'B' ? '#000000' : '#ffffff'))
    const firstOf = (row: number) =>
      chart.stitches.findIndex((one) => one.row === row && one.word === 'long loop')
    const at = (key: string) => bits.findIndex((bit) => bit.key === key)
    // Row 1 of the first yarn is taken up by row 4, the second yarn's row 3 by row 6.
    expect(chart.onto.slice(1, 7)).toEqual([[0], [0], [2], [1], [4], [3]])
    const [own, other] = [firstOf(1), firstOf(2)]
    expect(at(`${own} foot`)).toBeLessThan(at(`${other} foot`))
    expect(at(`${own} top`)).toBeGreaterThan(at(`${other} foot`))
    const [second, live] = [firstOf(3), firstOf(5)]
    expect(at(`${second} top`)).toBeGreaterThan(at(`${live} foot`))
    expect(at(`${second} foot`)).toBeLessThan(at(`${live} foot`))
  })

  it('is in one yarn where the pattern is', () => {
    const chart = chartOf('puff-5')
    expect(new Set(chart.yarns)).toEqual(new Set(['A']))
  })
})
