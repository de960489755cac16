import { csvParse } from 'd3'
import { XMLParser, XMLValidator } from 'fast-xml-parser'
import type { TapestryPart } from '../band/index.ts'
import { partsOf } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { tote } from '../testing/tote.ts'
import { chartDrawing, svgOf, roundsCsv } from './index.ts'

describe('roundsCsv', () => {
  it('is read by another reader, and harmless in a spreadsheet', () => {
    const design = tote({
      parts: [{ ...partsOf(tote())[0]!, name: '=HYPERLINK("x"),"y"' }, ...partsOf(tote()).slice(1)],
    })
    const ledger = compile(design)
    const rows = csvParse(roundsCsv(ledger, defaultWords))
    expect(rows).toHaveLength(16)
    expect(rows[0]!.part).toBe(`'=HYPERLINK("x"),"y"`)
    expect(rows[11]).toMatchObject({
      round: '12',
      uses: '48',
      makes: '48',
      work: '[3 sc A, 2 sc B, 1 sc A] × 8',
    })
  })
})

describe('the drawing of a chart', () => {
  const drawn = (chart: TapestryPart['chart'], over: object = {}) =>
    chartDrawing({
      chart,
      yarns: tote().yarns,
      numbers: [0, 1, 2].map((chartRow) => ({
        chartRow,
        number: 11 + chartRow,
        side: 'RS' as const,
      })),
      signs: null,
      cellAspect: 0.9,
      hand: 'right',
      title: '<x>',
      ...over,
    })
  /** The boxes of a path: where each begins, and its size. */
  const boxes = (d: string) =>
    [...d.matchAll(/M([\d.]+) ([\d.]+)h([\d.]+)v([\d.]+)h-\3z/g)].map(([, ...figures]) =>
      figures.map(Number),
    )
  const { chart } = partsOf(tote())[2] as TapestryPart

  it('has every cell once, to scale, in its colour, and letters over the middle of cells', () => {
    const { paths, texts } = drawn(chart)
    const fills = paths.filter(
      ({ d, fill }) => fill && boxes(d).some(([, , , high]) => high === 14.4),
    )
    const cells = fills.flatMap(({ d, fill }) =>
      boxes(d).map(([x, y, wide]) => ({ fill, x: x!, y: y!, wide: wide! / 16 })),
    )
    expect(cells.reduce((sum, { wide }) => sum + wide, 0)).toBe(18)
    const blue = cells.filter(({ fill }) => fill === '#22406b')
    expect(blue.reduce((sum, { wide }) => sum + wide, 0)).toBe(5 + 4 + 3)
    // The lowest row is ABAAAA: its brass cell is the second from the left.
    const lowest = Math.max(...cells.map(({ y }) => y))
    expect(cells.filter(({ y, fill }) => y === lowest && fill === '#d39a2d')).toEqual([
      { fill: '#d39a2d', x: 30 + 16, y: lowest, wide: 1 },
    ])
    const letters = texts.filter(({ size }) => size === 9)
    expect(letters.map(({ text }) => text.length).reduce((a, b) => a + b)).toBe(18)
    expect(letters.every(({ text, xs }) => text.length === xs.length)).toBe(true)
    const brass = letters.find(({ text, y }) => text.includes('B') && y > lowest)!
    expect(brass.xs[brass.text.indexOf('B')]).toBe(30 + 1.5 * 16)
  })

  it('is a well-formed SVG that holds no markup from names', () => {
    const yarns = tote().yarns.map((yarn) => ({ ...yarn, name: '<script>"&' }))
    const svg = svgOf(drawn(chart, { yarns }))
    expect(XMLValidator.validate(svg)).toBe(true)
    expect(svg).not.toContain('<script>')
    const read = new XMLParser({ ignoreAttributes: false }).parse(svg) as {
      svg: { title: string; path: unknown[]; text: unknown[] }
    }
    expect(read.svg.path).toHaveLength(3 + 1 + 3)
  })

  it('stays few things for a large chart: a path a colour, no letters', () => {
    const colours = Array.from({ length: 120 }, (_, r) => (r % 2 ? 'AB' : 'BC').repeat(60))
    const { paths, texts } = drawn({ width: 120, colours })
    expect(paths.length).toBeLessThan(10)
    expect(texts.every(({ size }) => size >= 10)).toBe(true)
  })
})
