import { difference, inks, paintCells } from './picture-cells.ts'

const yarns = [
  { letter: 'A', colour: '#22406b' },
  { letter: 'B', colour: '#f2ead8' },
]

describe('the cells of a picture beside those of its chart', () => {
  const chart = inks({ width: 2, colours: ['AB', 'BB'] }, yarns)
  it('are three bytes each, the lowest row first', () =>
    expect([...chart]).toEqual([
      ...[0x22, 0x40, 0x6b, 0xf2, 0xea, 0xd8],
      ...[0xf2, 0xea, 0xd8, 0xf2, 0xea, 0xd8],
    ]))
  it('are light where they look the same, and dark where they are far apart', () => {
    const other = inks({ width: 2, colours: ['BB', 'BB'] }, yarns)
    expect([...difference(chart, other)].filter((_, i) => i % 3 === 0)).toEqual([40, 245, 245, 245])
  })
  it('are painted as seen, a row as high as it is for a stitch', () => {
    const rects: unknown[] = []
    const context = {
      fillStyle: '',
      fillRect: (...at: number[]) => rects.push([context.fillStyle, ...at]),
    }
    const canvas = { width: 0, height: 0, getContext: () => context }
    paintCells(canvas as unknown as HTMLCanvasElement, chart, 2, 0.75)
    expect([canvas.width, canvas.height]).toEqual([8, 6])
    expect(rects[0]).toEqual(['#22406b', 0, 3, 4, 3])
    expect(rects).toHaveLength(4)
  })
})
