import fc from 'fast-check'
import { blankChart, type Chart, withRows } from '@core/chart'
import { tries } from '../../../core/testing/tries.ts'
import { mixed } from './raster.ts'

/** A canvas of whole pixels: each has its colour; letters are remembered by their place. */
class Pixels {
  width = 0
  height = 0
  fills = 0
  readonly cells = new Map<string, string>()
  fillStyle = ''
  globalAlpha = 1
  fillRect(x: number, y: number, w: number, h: number) {
    this.fills++
    const [left = -1e9, top = -1e9, right = 1e9, foot = 1e9] = this.clipped ?? []
    for (let i = Math.max(left, x); i < Math.min(right, x + w); i++)
      for (let j = Math.max(top, y); j < Math.min(foot, y + h); j++) {
        const under = this.cells.get(`${i},${j}`) ?? this.fillStyle
        const rgb = mixed(this.fillStyle, under, this.globalAlpha)
        this.cells.set(`${i},${j}`, `#${rgb.toString(16).padStart(6, '0')}`)
      }
  }
  fillText(text: string, x: number, y: number) {
    this.cells.set(`${Math.floor(x)},${Math.floor(y)}`, `letter ${text}`)
  }
  createImageData = (width: number, height: number) => ({
    ...{ width, height },
    data: new Uint8ClampedArray(4 * width * height),
  })
  putImageData({ width, data }: { width: number; data: Uint8ClampedArray }) {
    this.fills += 100
    for (let at = 0; at < data.length; at += 4) {
      const rgb = [data[at]!, data[at + 1]!, data[at + 2]!]
      const place = `${(at / 4) % width},${Math.floor(at / 4 / width)}`
      this.cells.set(place, `#${rgb.map((one) => one.toString(16).padStart(2, '0')).join('')}`)
    }
  }
  getContext = () => this
  setTransform() {}
  save() {}
  restore() {
    this.clipped = null
  }
  beginPath() {}
  private box: readonly number[] = []
  private clipped: readonly number[] | null = null
  rect(x: number, y: number, w: number, h: number) {
    this.box = [x, y, x + w, y + h]
  }
  clip() {
    this.clipped = this.box
  }
}
const made: Pixels[] = []
Object.assign(globalThis, {
  window: { devicePixelRatio: 1 },
  document: {
    createElement: () => {
      const pixels = new Pixels()
      made.push(pixels)
      return pixels
    },
  },
})

const { signs } = await import('./signs.ts')
const { CellPainter } = await import('./painter.ts')
const { fittedView, zoomed } = await import('./view-model.ts')

const look = (withLetters = false) => ({
  colours: new Map([
    ['A', '#22406b'],
    ['B', '#d39a2d'],
    ['C', '#efe9dc'],
  ]),
  background: '#f1f3ee',
  sign: signs[withLetters ? 1 : 0]!,
  stitch: null,
})
const frame = { width: 300, height: 260, columns: 6, rows: 5, aspect: 0.9 }

function painter() {
  const own = new CellPainter()
  return { own, pixels: made.at(-1)! }
}
const edits = fc.array(
  fc.record({
    column: fc.integer({ min: 0, max: 5 }),
    row: fc.integer({ min: 0, max: 4 }),
    letter: fc.constantFrom('A', 'B', 'C'),
  }),
  { minLength: 1, maxLength: 8 },
)
const edited = (
  chart: Chart,
  { column, row, letter }: { column: number; row: number; letter: string },
) => {
  const text = chart.colours[row]!
  return withRows(chart, new Map([[row, text.slice(0, column) + letter + text.slice(column + 1)]]))
}

describe('the painter of a chart', () => {
  it('repaints what changed to the same picture as painting it all', () => {
    fc.assert(
      fc.property(edits, fc.boolean(), (changes, withLetters) => {
        const seen = look(withLetters)
        const view = fittedView(frame)
        const { own, pixels } = painter()
        let chart = blankChart(6, 5, 'A')
        own.paint(chart, view, seen)
        for (const change of changes) {
          chart = edited(chart, change)
          own.paint(chart, view, seen)
        }
        const fresh = painter()
        fresh.own.paint(chart, view, seen)
        expect(pixels.cells).toEqual(fresh.pixels.cells)
      }),
      { numRuns: tries(4) },
    )
  })

  it('touches only the cell that changed and its repeats', () => {
    const { own, pixels } = painter()
    const view = fittedView(frame)
    const seen = look()
    const chart = blankChart(6, 5, 'A')
    own.paint(chart, view, seen)
    pixels.fills = 0
    own.paint(edited(chart, { column: 2, row: 2, letter: 'B' }), view, seen)
    // The cell, and as often as it is seen in the neighbouring repeats; ground first, then the colour.
    expect(pixels.fills).toBeLessThanOrEqual(2 * 4)
    pixels.fills = 0
    own.paint(edited(chart, { column: 2, row: 2, letter: 'B' }), view, seen)
    expect(pixels.fills).toBeLessThanOrEqual(2 * 4)
  })

  it('paints all of it when the view or the look changes', () => {
    const { own, pixels } = painter()
    const view = fittedView(frame)
    const chart = blankChart(6, 5, 'A')
    const seen = look()
    own.paint(chart, view, seen)
    pixels.fills = 0
    own.paint(chart, view, seen)
    expect(pixels.fills).toBe(0)
    own.paint(chart, zoomed(view, 1.5, 150, 130), seen)
    expect(pixels.fills).toBeGreaterThan(10)
    expect([pixels.width, pixels.height]).toEqual([300, 260])
  })

  it('dims the neighbouring repeats', () => {
    const { own, pixels } = painter()
    own.paint(blankChart(6, 5, 'C'), fittedView(frame), look())
    const kinds = new Set(pixels.cells.values())
    // Three tenths of it over the ground.
    expect([...kinds].sort()).toEqual(['#efe9dc', '#f0f0e9', '#f1f3ee'])
  })
})
