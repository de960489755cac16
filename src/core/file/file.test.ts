import { partsOf } from '../design/index.ts'
import { csvParse } from 'd3'
import fc from 'fast-check'
import { XMLParser, XMLValidator } from 'fast-xml-parser'
import demo from '../../../demo/beater-tote.json' with { type: 'json' }
import {
  bandKinds,
  bandOf,
  type TapestryPart,
  type TexturePart,
  type WrittenPart,
} from '../band/index.ts'
import { compile } from '../ledger/index.ts'
import { baseKinds } from '../shape/index.ts'
import versionOne from '../testing/version-1.json' with { type: 'json' }
import versionFive from '../testing/version-5.json' with { type: 'json' }
import versionSix from '../testing/version-6.json' with { type: 'json' }
import versionSeven from '../testing/version-7.json' with { type: 'json' }
import versionEight from '../testing/version-8.json' with { type: 'json' }
import versionThree from '../testing/version-3.json' with { type: 'json' }
import { defaultWords } from '../stitch/index.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import { tote } from '../testing/tote.ts'
import {
  chartDrawing,
  svgOf,
  MOST_BYTES,
  NEWEST_VERSION,
  printProject,
  readProject,
  roundsCsv,
} from './index.ts'

/** The demo file with one thing in it changed. */
function changed(change: (file: typeof demo & Record<string, never>) => void): string {
  const file = structuredClone(demo) as typeof demo & Record<string, never>
  change(file)
  return JSON.stringify(file)
}
const faults = (text: string) => {
  const read = readProject(text)
  return read.ok ? [] : read.problem.map(({ where, message }) => `${where} ${message}`)
}

describe('readProject', () => {
  it('reads back what it prints', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        expect(readProject(printProject(design))).toEqual({ ok: true, value: design })
      }),
      { numRuns: 30 },
    )
  })

  it('names what is wrong at its place', () => {
    const cases: [string, (file: never) => void][] = [
      [
        'design.want.aroundMm must be a number from 20 to 5000, not -3',
        (f) => ((f as typeof demo).design.want.aroundMm = -3),
      ],
      [
        'design.pieces[0].parts[1].rounds must be a whole number from 1 to 1000, not 2.5',
        (f) =>
          ((f as never as { design: { parts: { rounds: number }[] } }).design.parts[1]!.rounds =
            2.5),
      ],
      [
        `design.pieces[0].parts[0].kind must be one of ${[...baseKinds, ...bandKinds].join(', ')}, not “sock”`,
        (f) => ((f as typeof demo).design.parts[0]!.kind = 'sock'),
      ],
      [
        'design.yarns[2].colour must be a colour like #22406b, not “url(javascript:0)”',
        (f) => ((f as typeof demo).design.yarns[2]!.colour = 'url(javascript:0)'),
      ],
      [
        'design.surprise is not known here',
        (f) => ((f as never as { design: Record<string, unknown> }).design.surprise = 1),
      ],
      [
        'design.pieces[0].parts[3] no yarn has the letter C',
        (f) => (f as typeof demo).design.yarns.splice(2, 1),
      ],
      [
        'design.name must be one line of text of 1 to 80 characters, not null',
        (f) => ((f as never as { design: { name: null } }).design.name = null),
      ],
      ['design must be given', (f) => void delete (f as never as { design?: unknown }).design],
    ]
    for (const [message, change] of cases)
      expect(faults(changed(change as never))).toContain(message)
  })

  it('refuses what is broken, foreign, newer or hostile, in words', () => {
    expect(faults('{')[0]).toMatch(/^file is not JSON/)
    expect(faults('[]')).toEqual(['file is not an Ample Motif project'])
    expect(faults('null')).toEqual(['file is not an Ample Motif project'])
    expect(
      faults(changed((f) => void ((f as { version: number }).version = NEWEST_VERSION + 1)))[0],
    ).toMatch(/newer than this program/)
    expect(faults(changed((f) => void ((f as { version: number }).version = 0.5)))[0]).toMatch(
      /^version must/,
    )
    expect(faults(' '.repeat(MOST_BYTES + 1))[0]).toMatch(/larger than 20 MB/)
    expect(faults('{"__proto__": {"polluted": 1}, "format": "ample-motif-project"}')[0]).toMatch(
      /^file.__proto__ is a key/,
    )
    expect(({} as { polluted?: number }).polluted).toBeUndefined()
    expect(faults('['.repeat(5000) + ']'.repeat(5000))[0]).toMatch(/nested deeper/)
    expect(faults(JSON.stringify(Array(300000).fill(0)))[0]).toMatch(/300000 entries/)
    const many = Array(50).fill(Array(5000).fill(0))
    expect(faults(JSON.stringify(many))[0]).toMatch(/more values/)
    const keys = Object.fromEntries(Array.from({ length: 100 }, (_, i) => [`k${i}`, i]))
    expect(faults(JSON.stringify({ design: keys }))[0]).toMatch(/100 entries/)
    for (const key of ['hasOwnProperty', 'toString', '__proto__', 'constructor'])
      expect(faults(`{"design":{"${key}":1}}`)[0]).toMatch(/a key that no project has/)
  })

  it('refuses charts too large or crooked', () => {
    const chart = (width: number, colours: string[]) =>
      faults(
        changed((f) => Object.assign(f.design.parts[3] as never, { chart: { width, colours } })),
      )
    expect(chart(1e9, ['A'])[0]).toMatch(/chart.width must be a whole number from 1 to 1000/)
    expect(chart(3, Array(1001).fill('AAA'))[0]).toMatch(/at most 1000/)
    expect(chart(3, ['AAA', 'AA'])).toEqual([
      'design.pieces[0].parts[3].chart.colours[1] has 2 cells, the chart is 3 wide',
    ])
    expect(chart(3, ['<b>'])[0]).toMatch(/capital letters/)
    expect(chart(3, [])[0]).toMatch(/at least one entry/)
    expect(
      faults(changed((f) => Object.assign(f.design.parts[3] as never, { chart: 7 }))),
    ).not.toEqual([])
    expect(
      faults(changed((f) => Object.assign(f.design as never, { parts: { 0: 1 } }))),
    ).not.toEqual([])
    expect(
      faults(changed((f) => Object.assign(f.design as never, { parts: [null, 3] }))),
    ).not.toEqual([])
  })

  it('never throws, whatever a value is replaced by', () => {
    const junk = fc.oneof(
      fc.constant(null),
      fc.integer(),
      fc.double(),
      fc.string(),
      fc.constant([]),
      fc.constant({}),
      fc.constant([[]]),
    )
    const keys = fc.array(fc.nat({ max: 60 }), { minLength: 1, maxLength: 5 })
    fc.assert(
      fc.property(keys, junk, (way, value) => {
        const text = changed((file) => {
          let at: Record<string, unknown> = file
          for (const [i, step] of way.entries()) {
            const names = Object.keys(at)
            const key = names[step % names.length]!
            if (i === way.length - 1 || typeof at[key] !== 'object' || at[key] === null) {
              at[key] = value
              return
            }
            at = at[key] as Record<string, unknown>
            if (Object.keys(at).length === 0) return
          }
        })
        const read = readProject(text)
        if (read.ok) expect(() => compile(read.value)).not.toThrow()
      }),
      { numRuns: 400 },
    )
  })
})

describe('older files', () => {
  it('of version 1 make the same bag', () => {
    const read = readProject(JSON.stringify(versionOne))
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    expect(read.value.swatches).toEqual([
      { ...versionOne.design.swatch, ...plainSwatch, hookMm: versionOne.design.hookMm },
    ])
    expect(read.value.making.working).toBe(versionOne.design.working)
    expect(partsOf(read.value).every(({ making }) => making === null)).toBe(true)
    const { piece } = only(read.value)
    expect([piece.rows, piece.columns.makes.at(-1)]).toEqual([80, 120])
    const faulty = { ...versionOne, design: { ...versionOne.design, parts: 'none', swatch: null } }
    expect(faults(JSON.stringify(faulty))).toHaveLength(1)
    expect(faults(JSON.stringify({ ...versionOne, design: 7 }))).toEqual(['design must be given'])
  })

  it('of version 8 are as they were, and may have mosaic from then on', () => {
    const read = readProject(JSON.stringify(versionEight))
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    expect(compile(read.value).pieces[0]!.rows).toBe(80)
  })

  it('of version 7 have textures with the edges their rows say', () => {
    const read = readProject(JSON.stringify(versionSeven))
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    const textures = partsOf(read.value).filter((part) => part.kind === 'texture')
    expect(textures.map(({ edge }) => edge)).toEqual([0, 0])
    expect(compile(read.value).pieces[0]!.rows).toBe(41)
  })

  it('of version 6 have textures whose rows lie one on the other', () => {
    const read = readProject(JSON.stringify(versionSix))
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    const textures = partsOf(read.value).filter((part) => part.kind === 'texture')
    expect(textures.length).toBeGreaterThan(0)
    for (const { begin, repeat, end, from, passes } of textures as TexturePart[]) {
      expect([end, from, passes]).toEqual([[], 0, 1])
      expect([...begin, ...repeat].every(({ onto }) => onto === 'below')).toBe(true)
    }
    const { rows, columns } = compile(read.value).pieces[0]!
    expect([...columns.onto]).toEqual(Array.from({ length: rows }, (_, row) => row - 1))
  })

  it('of version 5 have joins at edges alone', () => {
    const read = readProject(JSON.stringify(versionFive))
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    expect(read.value.pieces[1]!.joins).toHaveLength(2)
    expect(read.value.pieces[1]!.joins.every(({ row }) => row === null)).toBe(true)
  })

  it('of version 3 have written rows for their count alone', () => {
    const read = readProject(JSON.stringify(versionThree))
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    const mesh = partsOf(read.value)[1] as WrittenPart
    expect(mesh.rows.map(({ repeat }) => repeat)).toEqual([null, null])
    expect([bandOf(mesh).counts(mesh), bandOf(mesh).standsOn(mesh, 48)]).toEqual([
      { multiple: 0, offset: 48 },
      true,
    ])
    const { piece } = only(read.value)
    expect([...piece.columns.makes.slice(-3)]).toEqual([48, 48, 48])
    expect(faults(JSON.stringify({ ...versionThree, design: null }))).toHaveLength(1)
  })
})
const plainSwatch = {
  fabric: 'plain',
  yarn: null,
  washed: false,
  stretch: null,
  lean: null,
} as const
const only = (design: Parameters<typeof compile>[0]) => ({ piece: compile(design).pieces[0]! })

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
      firstRound: 11,
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
