import { blankChart } from '@core/chart'
import { outlineOfCells, paintHatched } from './overlay.ts'
import { rasterCells } from './raster.ts'
import { fittedView, margin } from './view-model.ts'

const block = (wide: number, tall: number) =>
  Array.from({ length: wide * tall }, (_, i) => ({ column: i % wide, row: Math.floor(i / wide) }))

describe('what lies over a chart', () => {
  // Counted on squared paper: a block of 3 × 2 has ten sides outside, a ring of eight sixteen with its hole.
  it('a line runs around what is chosen, also around a hole in it', () => {
    expect(outlineOfCells(block(3, 2))).toHaveLength(10)
    const ring = block(3, 3).filter(({ column, row }) => column !== 1 || row !== 1)
    expect(outlineOfCells(ring)).toHaveLength(16)
    expect(outlineOfCells([{ column: 0, row: 0 }]).map(([, , side]) => side)).toEqual([
      'left',
      'right',
      'top',
      'foot',
    ])
    expect(outlineOfCells([])).toEqual([])
  })
})

describe('squares as pixels', () => {
  it('keeps to the room between the margins, on screens of any sharpness', () => {
    const view = fittedView({
      width: 200,
      height: 180,
      columns: 4,
      rows: 3,
      aspect: 1,
      alone: true,
    })
    const look = {
      colours: new Map([['A', '#112233']]),
      background: '#ffffff',
      dimmed: 0.3,
      gap: 1,
    }
    for (const ratio of [1, 2]) {
      const [width, height] = [200 * ratio, 180 * ratio]
      const data = new Uint8ClampedArray(4 * width * height)
      rasterCells({ width, height, data }, ratio, blankChart(4, 3, 'A'), view, look)
      const inks = new Uint32Array(data.buffer)
      const painted = [...inks.keys()].filter((at) => inks[at] === 0xff332211)
      const columns = painted.map((at) => at % width)
      expect(Math.min(...columns)).toBeGreaterThanOrEqual(margin.left * ratio)
      expect(Math.max(...columns)).toBeLessThan((200 - margin.right) * ratio)
      // Twelve squares, each a pixel of the page smaller than its cell both ways.
      const side = (Math.round(view.cellWidth) - 1) * ratio
      expect(painted.length / (12 * side * side)).toBeCloseTo(1, 1)
    }
  })
})

describe('what cannot be as it is drawn', () => {
  /** What was drawn: boxes and lines, and how often they were filled or stroked. */
  function paper() {
    const done = { boxes: [] as number[][], lines: 0, filled: 0, stroked: 0 }
    const context = {
      beginPath() {},
      moveTo() {},
      rect: (...box: number[]) => void done.boxes.push(box),
      lineTo: () => void done.lines++,
      fill: () => void done.filled++,
      stroke: () => void done.stroked++,
    }
    return { done, context: context as unknown as CanvasRenderingContext2D }
  }
  const chart = blankChart(6, 4, 'A')
  const viewOf = (width: number, height: number) =>
    fittedView({ width, height, columns: 6, rows: 4, aspect: 1, alone: true })
  const is = ({ column, row }: { column: number; row: number }) => row === 1 && column !== 2

  it('is hatched, three lines a cell; where cells are small, stretches of them are marked whole', () => {
    const large = paper()
    paintHatched(large.context, viewOf(400, 300), chart, is, { marker: '#f00' })
    expect([large.done.lines, large.done.stroked, large.done.filled]).toEqual([15, 2, 0])
    const small = paper()
    const view = { ...viewOf(400, 300), cellWidth: 4, cellHeight: 4 }
    paintHatched(small.context, view, chart, is, { marker: '#f00' })
    expect(small.done.boxes.map(([, , wide]) => wide)).toEqual([8, 12])
    expect(small.done.filled).toBe(1)
  })

  it('is not asked for where there is none, nor beyond the chart', () => {
    const none = paper()
    paintHatched(none.context, viewOf(400, 300), chart, null, { marker: '#f00' })
    expect(none.done.stroked).toBe(0)
    const asked: number[] = []
    const ask = ({ column, row }: { column: number; row: number }) => {
      asked.push(column, row)
      return false
    }
    const view = { ...viewOf(400, 300), alone: false }
    paintHatched(paper().context, view, chart, ask, { marker: '#f00' })
    expect([Math.min(...asked), Math.max(...asked)]).toEqual([0, 5])
  })
})
