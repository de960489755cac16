import { XMLParser, XMLValidator } from 'fast-xml-parser'
import type { Part } from '../design/index.ts'
import { compile, placeColours } from '../ledger/index.ts'
import { svgOf } from '../paper/index.ts'
import { base, baseAs, mosaicBand, motif, plain, reliefBand, tote } from '../testing/tote.ts'
import { CELL, chartDrawing, type ChartLook, groundOf } from './chart-drawing.ts'
import { type ChartPicture, chartPictures } from './chart-picture.ts'

/* Charts on paper (common practice): counted by hand. */

const picturesOf = (parts: readonly Part[], hand: 'right' | 'left' = 'right') => {
  const design = tote({ parts })
  return chartPictures(design, compile(design, { hand }), hand)
}
const look = (over: Partial<ChartLook> = {}): ChartLook => ({
  ...{ yarns: tote().yarns, hand: 'right', colour: true, title: '<x>' },
  ...over,
})
const SIDE = 46

describe('what a chart is drawn from', () => {
  it('carries the numbers of the rows of the bag, each on the side it begins', () => {
    const [flat] = picturesOf([baseAs('panel', { count: 24 }), motif()])
    expect(flat!.numbers.slice(0, 3)).toEqual([
      { chartRow: 0, number: 2, side: 'WS' },
      { chartRow: 1, number: 3, side: 'RS' },
      { chartRow: 2, number: 4, side: 'WS' },
    ])
    expect([flat!.frame, flat!.repeats]).toEqual([[0, 6], 4])
  })

  it('has two rows of the bag for each of an inset mosaic, as high as both, and edge stitches beside the repeat', () => {
    const inset = mosaicBand({ school: 'inset', before: 2, edge: 1 })
    const [overlay] = picturesOf([baseAs('panel', { count: 26 }), mosaicBand({ edge: 1 })])
    const [chart] = picturesOf([baseAs('panel', { count: 26 }), inset])
    expect(chart!.numbers.slice(0, 3).map(({ chartRow, number }) => [chartRow, number])).toEqual([
      [0, 4],
      [0, 5],
      [1, 6],
    ])
    expect(chart!.cellAspect).toBeCloseTo(2 * overlay!.cellAspect, 9)
    // 26 stitches: one of the edge at each side, and 3 repeats of 8.
    expect([overlay!.frame, overlay!.repeats]).toEqual([[1, 9], 3])
    // Row 2 of the picture borrows where it shows A; what covers those cells is worked in row 3. Beside it nothing is marked.
    expect(overlay!.signs!.rows[2]).toBe('  vv  vv  ')
    expect(overlay!.rows[0]).toHaveLength(10)
  })

  it('of a free texture has the symbols of what is painted', () => {
    const [chart] = picturesOf([base(), reliefBand()])
    expect(chart!.signs!.rows[0]).toBe(' b    b ')
    expect(chart!.signs!.key.map(({ sign, is }) => `${sign} ${is}`)).toEqual([
      ...['b Puff', 'f Front post', 'h Spike of 1', 'k Eyelet'],
    ])
    expect(chart!.signs!.key.every(({ symbol }) => symbol!.startsWith('M'))).toBe(true)
  })

  it('says what of the repeat is worked once more, and on which side that is', () => {
    const panel = baseAs('panel', { count: 26 })
    const band = motif({ balance: 2, chart: { width: 6, colours: ['ABBBBC', 'AAAAAA'] } })
    const [right] = picturesOf([panel, band])
    const [left] = picturesOf([panel, band], 'left')
    // Seen from the right side it is one picture, whichever hand worked it: its first two columns again at the right.
    expect([right!.rows[0], right!.frame]).toEqual(['ABBBBCAB', [0, 6]])
    expect([left!.rows[0], left!.frame]).toEqual(['ABBBBCAB', [0, 6]])
    const ledger = compile(tote({ parts: [panel, band] }))
    const seen = [...placeColours(ledger, ledger.pieces[0]!, 1)].map((i) => ledger.yarns[i]!)
    expect(seen.join('')).toBe('ABBBBC'.repeat(4) + 'AB')
    expect([right!.repeats, left!.repeats]).toEqual([4, 4])
  })

  it('is worked again and again up the bag where its band is', () => {
    expect(picturesOf([base(), motif({ times: 3 })])[0]!.again).toBe(3)
    expect(picturesOf([base(), motif()])[0]!.again).toBe(1)
  })
})

describe('the drawing of a chart', () => {
  const [picture] = picturesOf([base(), motif()]) as [ChartPicture]
  /** The boxes of a path: where each begins, and its size. */
  const boxes = (d: string) =>
    [...d.matchAll(/M([\d.]+) ([\d.]+)h([\d.]+)v([\d.]+)h-\3z/g)].map(([, ...figures]) =>
      figures.map(Number),
    )
  const high = CELL * picture.cellAspect
  const cellsIn = (over: Partial<ChartLook> = {}) =>
    chartDrawing(picture, look({ key: false, ...over })).paths.flatMap(({ d, fill }) =>
      fill ? boxes(d).map(([x, y, wide]) => ({ fill, x: x!, y: y!, wide: wide! / CELL })) : [],
    )

  it('has every cell once, to scale, in its colour, and letters over the middle of cells', () => {
    const cells = cellsIn()
    expect(cells.reduce((sum, { wide }) => sum + wide, 0)).toBe(6 * picture.rows.length)
    const lowest = Math.max(...cells.map(({ y }) => y))
    const second = [...picture.rows[0]!].indexOf('B')
    expect(cells.filter(({ y, fill }) => y === lowest && fill === '#d39a2d')[0]!.x).toBe(
      SIDE + second * CELL,
    )
    expect(new Set(cells.map(({ y }) => Math.round(y / high))).size).toBe(picture.rows.length)
    const { texts } = chartDrawing(picture, look({ key: false }))
    const letters = texts.filter(({ xs }) => xs.length > 1)
    expect(letters.every(({ text, xs }) => text.length === xs.length)).toBe(true)
    const brass = letters.find(({ text }) => text.includes('B'))!
    expect((brass.xs[brass.text.indexOf('B')]! - SIDE) / CELL).toBe(second + 0.5)
  })

  it('needs no colour: its cells are white, and every yarn but the one there is most of has its letter', () => {
    expect(new Set(cellsIn({ colour: false }).map(({ fill }) => fill))).toEqual(
      new Set(['#ffffff']),
    )
    const { texts } = chartDrawing(picture, look({ colour: false, key: false }))
    const ground = groundOf(picture)
    const said = texts.filter(({ anchor, size }) => anchor === 'middle' && size < 9.5)
    const letters = said.map(({ text }) => text).join('')
    const others = picture.rows.join('').replaceAll(ground, '')
    expect([...letters].sort().join('')).toBe([...others].sort().join(''))
  })

  it('has its numbers with an arrow where a row begins: at the right for the right hand, of wrong-side rows at the left', () => {
    const [flat] = picturesOf([baseAs('panel', { count: 24 }), motif()]) as [ChartPicture]
    const at = (hand: 'right' | 'left') =>
      chartDrawing(flat, look({ hand, key: false }))
        .texts.filter(({ text }) => /[←→]/.test(text))
        .map(({ text, xs }) => `${text} ${xs[0]! < SIDE ? 'left' : 'right'}`)
    expect(at('right').slice(0, 2)).toEqual(['2 → left', '← 3 right'])
    expect(at('left').slice(0, 2)).toEqual(['← 2 right', '3 → left'])
  })

  it('frames the repeat where it comes several times, and has a bold line every ten stitches from where it begins', () => {
    const wide = motif({ chart: { width: 24, colours: ['AB'.repeat(12), 'BA'.repeat(12)] } })
    const [chart] = picturesOf([base({ count: 48 }), wide]) as [ChartPicture]
    const { paths } = chartDrawing(chart, look({ key: false }))
    expect(paths.some(({ stroke }) => stroke?.width === 2.2)).toBe(true)
    // Ten and twenty stitches on from the right, where the round begins: after columns 14 and 4.
    const bold = paths.find(({ stroke }) => stroke?.width === 1.3)!
    const upright = [...bold.d.matchAll(/M([\d.]+) [\d.]+v/g)].map(([, x]) => Number(x))
    expect(upright).toEqual([SIDE + 4 * CELL, SIDE + 14 * CELL])
    const once = motif({ chart: { width: 48, colours: ['AB'.repeat(24), 'BA'.repeat(24)] } })
    const [alone] = picturesOf([base({ count: 48 }), once]) as [ChartPicture]
    const whole = chartDrawing(alone, look({ key: false }))
    expect(whole.paths.some(({ stroke }) => stroke?.width === 2.2)).toBe(false)
  })

  it('of a part shows its own cells with the numbers of the whole', () => {
    const { texts } = chartDrawing(
      picture,
      look({ key: false, window: { columns: [0, 3], rows: [1, 2] } }),
    )
    expect(texts.filter(({ text }) => text.includes('←')).map(({ text }) => text)).toEqual([
      `← ${picture.numbers[1]!.number}`,
    ])
    // Columns 0 to 2 from the left are the stitches 6 to 4: of those numbered by fives the fifth.
    expect(texts.filter(({ text }) => /^\d+$/.test(text)).map(({ text }) => text)).toEqual(['5'])
  })

  it('is a well-formed SVG that holds no markup from names', () => {
    const yarns = tote().yarns.map((yarn) => ({ ...yarn, name: '<script>"&' }))
    const svg = svgOf(chartDrawing(picture, look({ yarns })))
    expect(XMLValidator.validate(svg)).toBe(true)
    expect(svg).not.toContain('<script>')
    const read = new XMLParser({ ignoreAttributes: false }).parse(svg) as {
      svg: { title: string; path: unknown[] }
    }
    expect(read.svg.path.length).toBeGreaterThan(3)
  })

  it('stays few things for a large chart: a path a colour', () => {
    const colours = Array.from({ length: 120 }, (_, r) => (r % 2 ? 'AB' : 'BC').repeat(60))
    const [large] = picturesOf([
      base({ count: 120 }),
      motif({ chart: { width: 120, colours } }),
      plain({ id: 'top' }),
    ]) as [ChartPicture]
    expect(chartDrawing(large, look()).paths.length).toBeLessThan(20)
  })
})
