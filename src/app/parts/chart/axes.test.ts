import { roundNumbers, stitchNumbers } from './axes.ts'
import { cellCorner, fittedView, zoomed } from './view-model.ts'

const view = fittedView({ width: 700, height: 560, columns: 24, rows: 26, aspect: 0.9 })
const apart = (numbers: readonly { at: number }[], least: number) => {
  const places = numbers.map(({ at }) => at).sort((a, b) => a - b)
  places.slice(1).forEach((at, i) => expect(at - places[i]!).toBeGreaterThanOrEqual(least))
}

describe('numbers at the edge of a chart', () => {
  it('stand beside their round, every one when there is room', () => {
    const numbers = roundNumbers(view, 32)
    expect(numbers).toHaveLength(26)
    const first = numbers.find(({ text }) => text === '32')!
    expect(first.at).toBeCloseTo(cellCorner(view, { column: 0, row: 0 }).y + view.cellHeight / 2, 9)
    expect(numbers.filter(({ big }) => big).map(({ text }) => text)).toEqual([
      '35',
      '40',
      '45',
      '50',
      '55',
    ])
  })

  it('thin out until they stand apart', () => {
    const large = fittedView({ width: 700, height: 560, columns: 400, rows: 600, aspect: 1 })
    for (const one of [large, zoomed(large, 3, 300, 300), view]) {
      apart(roundNumbers(one, 1), 12.9)
      apart(stitchNumbers(one, 'right'), 29.9)
    }
    expect(roundNumbers(large, 1).length).toBeLessThan(40)
  })

  it('count stitches from where a round begins', () => {
    const right = stitchNumbers(view, 'right')
    const left = stitchNumbers(view, 'left')
    expect(right.map(({ text }) => text)).toEqual(left.map(({ text }) => text))
    expect(right[0]!.at).toBeGreaterThan(right.at(-1)!.at)
    expect(left[0]!.at).toBeLessThan(left.at(-1)!.at)
  })
})
