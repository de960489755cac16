import { csvParseRows } from 'd3'
import fc from 'fast-check'
import { PNG } from 'pngjs'
import { askOf, chartCsv, chartFromCsv, chartFromPixels, chartPixels } from './index.ts'
import { tries } from '../testing/tries.ts'

const yarns = [
  { letter: 'A', colour: '#22406b' },
  { letter: 'B', colour: '#d39a2d' },
  { letter: 'C', colour: '#f2ead8' },
]
const chart = { width: 3, colours: ['AAB', 'ABC'] }
const anyChart = fc
  .tuple(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 12 }))
  .chain(([width, height]) =>
    fc
      .array(
        fc
          .array(fc.constantFrom('A', 'B', 'C'), { minLength: width, maxLength: width })
          .map((row) => row.join('')),
        { minLength: height, maxLength: height },
      )
      .map((colours) => ({ width, colours })),
  )

describe('charts as CSV', () => {
  it('have the top row first, and are read by another reader as the same table', () => {
    expect(chartCsv(chart)).toBe('A,B,C\r\nA,A,B')
    expect(csvParseRows(chartCsv(chart))).toEqual([
      ['A', 'B', 'C'],
      ['A', 'A', 'B'],
    ])
  })

  it('come back as they were', () => {
    fc.assert(
      fc.property(anyChart, (any) => {
        expect(chartFromCsv(chartCsv(any), yarns)).toMatchObject({
          ok: true,
          value: { chart: any },
        })
      }),
    )
  })

  it.each([
    ['letters in any case, with blanks and another end of line', 'a, b ,c\na,a,b\n'],
    ['a mark of order before it, as spreadsheets write', '\uFEFFA,B,C\r\nA,A,B\r\n'],
    ['semicolons, as some spreadsheets write', 'A;B;C\nA;A;B'],
    [
      'colours as hex, each to the yarn nearest to it',
      '#22406b,#d39a2d,#ffffff\n24416c,#1f3d66,d0982b',
    ],
  ])('are read with %s', (_, text) =>
    expect(chartFromCsv(text, yarns)).toMatchObject({ ok: true, value: { chart } }),
  )

  it.each([
    ['A,B\nA', 'Line 2 has 1 cells'],
    ['A,Q', 'Line 1, cell 2: “Q” is none of the yarns'],
    ['', 'no cells'],
    [`${'A,'.repeat(1100)}A`, 'more than a chart has'],
  ])('are refused in words: %#', (text, says) => {
    const read = chartFromCsv(text, yarns)
    expect(read.ok ? '' : read.problem).toContain(says)
  })
})

describe('charts as pictures, one pixel a stitch', () => {
  it('come back as they were, through a PNG written and read by another library', () => {
    fc.assert(
      fc.property(anyChart, (any) => {
        const { width, height, data } = chartPixels(any, yarns)
        const png = new PNG({ width, height })
        png.data = Buffer.from(data)
        const again = PNG.sync.read(PNG.sync.write(png))
        const read = chartFromPixels(again, yarns)
        if (!read.ok) throw new Error(read.problem)
        const { pixels } = read.value
        // Where all blocks are of one colour the picture may as well be of larger stitches.
        if (pixels === 1) expect(read.value.chart).toEqual(any)
        else expect(read.value.chart.width * pixels).toBe(any.width)
      }),
      { numRuns: tries(15) },
    )
  })

  const scaled = (by: number) => {
    const { width, height, data } = chartPixels(chart, yarns)
    const large = new Uint8ClampedArray(4 * width * by * height * by)
    for (let y = 0; y < height * by; y++)
      for (let x = 0; x < width * by; x++)
        for (let k = 0; k < 4; k++)
          large[4 * (y * width * by + x) + k] =
            data[4 * (Math.floor(y / by) * width + Math.floor(x / by)) + k]!
    return { width: width * by, height: height * by, data: large }
  }
  it.each([1, 2, 5, 12])('are known with %i pixels a stitch', (by) => {
    expect(chartFromPixels(scaled(by), yarns)).toMatchObject({
      ok: true,
      value: { chart, pixels: by },
    })
  })

  it('say which yarn each colour went to, and how far it looks from it', () => {
    const read = chartFromPixels(scaled(1), [yarns[0]!, yarns[2]!])
    if (!read.ok) throw new Error(read.problem)
    const brass = read.value.colours.find(({ colour }) => colour === '#d39a2d')!
    expect(brass.letter).toBe('C')
    expect(brass.apart).toBeGreaterThan(10)
  })

  it('are asked about where a colour is for no yarn, or shares one; not where each has its own', () => {
    const asked = (list: readonly (typeof yarns)[number][]) => {
      const read = chartFromPixels(scaled(1), list)
      return read.ok ? askOf(read.value.colours) : null
    }
    expect(asked(yarns)).toBeNull()
    expect(asked([yarns[0]!, yarns[2]!])).toMatchObject({ colours: ['#d39a2d'] })
    // Two blues, both near enough to the one there is.
    const csv = chartFromCsv('#22406b,#24426e\n#efe9dc,#22406b', yarns)
    const shared = csv.ok ? askOf(csv.value.colours) : null
    expect(shared?.colours).toEqual(['#24426e'])
    expect(shared?.words).toBe('It has 3 colours: #24426e would be A, as #22406b is.')
  })

  it('are refused when they are photographs, or too large', () => {
    const noise = Uint8ClampedArray.from({ length: 4 * 400 }, (_, i) => (i * i * 31 + i) % 253)
    const photo = chartFromPixels({ width: 20, height: 20, data: noise }, yarns)
    expect(photo.ok ? '' : photo.problem).toContain('not a photograph')
    const stripes = Uint8ClampedArray.from({ length: 4 * 2000 }, (_, i) => (i % 8 < 4 ? 0 : 255))
    const wide = chartFromPixels({ width: 2000, height: 1, data: stripes }, yarns)
    expect(wide.ok ? '' : wide.problem).toContain('more than a chart has')
  })
})
