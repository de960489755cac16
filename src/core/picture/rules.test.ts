import fc from 'fast-check'
import { loneCells } from '../chart/index.ts'
import { tries } from '../testing/tries.ts'
import {
  backgroundOf,
  caught,
  type Cells,
  cellsIn,
  cellsOf,
  costsOfRules,
  detailsOf,
  finenessAt,
  inLight,
  laidInto,
  longestCarry,
  metAround,
  metUp,
  ontoCorners,
  pictured,
  type PictureWanted,
  type Raster,
  shortestRun,
  straightCorners,
  turnedCorners,
  unmarked,
  WHOLE,
  workOf,
} from './index.ts'

const GREYS = ['#000000', '#555555', '#aaaaaa', '#ffffff'] as const
const byteOf = (digit: string) => 85 * Number(digit)
/** Cells of digits, 0 black to 3 white, the top row first. */
const greys = (rows: readonly string[]): Cells => ({
  width: rows[0]!.length,
  height: rows.length,
  colours: Uint8Array.from(
    rows
      .toReversed()
      .flatMap((row) => [...row].flatMap((one) => Array<number>(3).fill(byteOf(one)))),
  ),
})
const digits = ({ width, height, colours }: Cells): string[] =>
  Array.from({ length: height }, (_, row) =>
    Array.from({ length: width }, (_, column) =>
      Math.round(colours[3 * (row * width + column)]! / 85),
    ).join(''),
  ).toReversed()
const rasterOf = (rows: readonly string[]): Raster => ({
  width: rows[0]!.length,
  height: rows.length,
  data: rows.flatMap((row) =>
    [...row].flatMap((one) => [byteOf(one), byteOf(one), byteOf(one), 255]),
  ),
})
const four = ['A', 'B', 'C', 'D'].map((letter, i) => ({
  ...{ letter, colour: GREYS[i]!, most: null, stitch: 0.04, carried: 0.005 },
}))
const chartOf = (cells: Cells, wanted: Partial<PictureWanted>) => {
  const made = pictured(cells, { yarns: four, technique: 'tapestry', perRound: 4, ...wanted })
  if (!made.ok) throw new Error(made.why)
  return made.value
}
const rowOf = (text: string) => Uint8Array.from(text, Number)
const textOf = (row: Uint8Array) => row.join('')

describe('what is taken of a picture', () => {
  const picture = rasterOf(['0123', '1230', '2301', '3012'])
  it('is all of it, or a part that lies straight', () => {
    expect(digits(cellsIn(picture, WHOLE, 4, 4))).toEqual(['0123', '1230', '2301', '3012'])
    expect(digits(cellsIn(picture, straightCorners(0.25, 0.5, 0.75, 1), 2, 2))).toEqual([
      '30',
      '01',
    ])
  })
  it('is turned about its middle: a quarter to the right reads it from its left edge up', () => {
    const turned = turnedCorners(WHOLE, 90, picture)
    // Its upper left is then the upper right of the picture, its upper edge the right one, read down.
    expect(digits(cellsIn(picture, turned, 4, 4))).toEqual(['3012', '2301', '1230', '0123'])
  })
  it('is as far from the middle turned as straight, in a picture that is not square', () => {
    const wide = { width: 200, height: 100 }
    const [[x, y]] = turnedCorners(WHOLE, 90, wide)
    // By hand: the corner is 100 left of and 50 above the middle; turned it is 50 right of and 100 above it.
    expect([x * 200, y * 100].map(Math.round)).toEqual([150, -50])
  })
  // By hand: the middle of a square seen at an angle lies where the diagonals cross, not half-way.
  it('in perspective has its middle where its diagonals cross', () => {
    const [x, y] = ontoCorners([
      [0.25, 0],
      [0.75, 0],
      [1, 1],
      [0, 1],
    ])(0.5, 0.5)
    expect(x).toBeCloseTo(0.5)
    expect(y).toBeCloseTo(1 / 3)
  })
  it('is ground where there is no picture', () => {
    const beyond = straightCorners(-1, 0, 1, 1)
    expect(digits(cellsIn(rasterOf(['0']), beyond, 2, 1))).toEqual(['30'])
  })
  it('is made lighter and drawn apart, and stays as it is unasked', () => {
    const cells = greys(['012'])
    expect(inLight(cells, { light: 0, contrast: 0 })).toBe(cells)
    const light = inLight(cells, { light: 0.4, contrast: 0 }).colours
    expect(light[0]).toBeGreaterThan(cells.colours[0]!)
    const apart = inLight(cells, { light: 0, contrast: 0.5 }).colours
    expect(apart[6]! - apart[3]!).toBeGreaterThan(85)
    // Grey stays grey.
    expect(new Set(light.subarray(3, 6)).size).toBe(1)
  })
})

describe('what is behind', () => {
  it('hangs together with the edge; what it surrounds stays', () => {
    const { colour, cells } = backgroundOf(
      greys(['3333333', '3000033', '3033033', '3000033', '3333333']),
      5,
    )
    expect(colour).toBe('#ffffff')
    const rows = Array.from({ length: 5 }, (_, row) =>
      cells.subarray(7 * row, 7 * row + 7).join(''),
    )
    expect(rows).toEqual(['1111111', '1000011', '1000011', '1000011', '1111111'])
  })
  it('is what most of the edge is in', () => {
    const { colour } = backgroundOf(greys(['3113', '1001', '1111']), 5)
    expect(colour).toBe('#555555')
  })
})

describe('a repeat whose ends meet', () => {
  it('is as it was where what lies beyond is what it begins with', () => {
    expect(digits(metAround(greys(['0123012', '3012301']), 3))).toEqual(['0123', '3012'])
  })
  // By hand: 0 0 0 3 3 | 3 0: after the last 3 comes a 3, then 0; so one column is taken from beyond.
  it('takes from beyond its end up to where both look alike', () => {
    expect(digits(metAround(greys(['0003330']), 2))).toEqual(['30033'])
    expect(digits(metUp(greys(['0', '3', '3', '3', '0', '0', '0']), 2))).toEqual([
      '3',
      '3',
      '0',
      '0',
      '3',
    ])
  })
  it('has its line where it is cheapest, by every line there is', () => {
    const [repeat, more, height] = [4, 3, 3]
    const lines: number[][] = []
    for (let a = 0; a <= more; a++)
      for (let b = Math.max(0, a - 1); b <= Math.min(more, a + 1); b++)
        for (let c = Math.max(0, b - 1); c <= Math.min(more, b + 1); c++) lines.push([a, b, c])
    fc.assert(
      fc.property(fc.array(fc.constantFrom(0, 1), { minLength: 21, maxLength: 21 }), (values) => {
        const rows = [0, 1, 2].map((row) => values.slice(7 * row, 7 * row + 7))
        const unlike = (row: number, at: number) =>
          at < 0 || at >= more || rows[row]![at] === rows[row]![at + repeat] ? 0 : 1
        const cost = (line: readonly number[]) =>
          line.reduce((sum, at, row) => sum + unlike(row, at - 1) + unlike(row, at), 0)
        const best = Math.min(...lines.map(cost))
        const met = digits(
          metAround(
            greys(rows.map((row) => row.map((one) => 3 * one).join('')).toReversed()),
            more,
          ),
        ).toReversed()
        const by = (line: readonly number[]) =>
          rows.map((row, at) =>
            row
              .slice(0, repeat)
              .map((one, column) => 3 * (column < line[at]! ? row[column + repeat]! : one))
              .join(''),
          )
        // What came is one of the cheapest ways.
        expect(
          lines.filter((line) => cost(line) === best).map((line) => by(line).join()),
        ).toContain(met.join())
        expect(height).toBe(met.length)
      }),
      { numRuns: tries(100) },
    )
  })
})

describe('a picture laid into a chart', () => {
  const onto = { chart: { width: 5, colours: ['AAAAB', 'BBBBA', 'AAAAA'] }, column: 4, row: 1 }
  it('leaves all that is beside it, also where it goes over the join', () => {
    const cells = greys(['23', '33'])
    const laid = laidInto(cells, unmarked(cells), onto, four)
    expect(digits(laid.cells)).toEqual(['30002', '31113', '00001'])
    expect([...laid.marks.kept]).toEqual([0, 0, 0, 0, 1, -1, 1, 1, 1, -1, -1, 0, 0, 0, -1])
  })
  it('is refused where there is no room', () => {
    const cells = greys(['2', '2', '2'])
    expect(() => laidInto(cells, unmarked(cells), onto, four)).toThrow(RangeError)
    expect(() => laidInto(greys(['2']), unmarked(cells), onto, [four[0]!])).toThrow('no yarn “B”')
  })
})

describe('carries', () => {
  it('are counted between two of a yarn’s own, in the round over the join', () => {
    expect(longestCarry(rowOf('0110111'), true)).toBe(2)
    expect(longestCarry(rowOf('0110111'), false)).toBe(3)
    expect(longestCarry(rowOf('0000'), false)).toBe(0)
    expect(longestCarry(rowOf('0111'), true)).toBe(0)
  })
  const costsFor = (row: string, price: (cell: number, yarn: number) => number, yarns = 2) =>
    Float64Array.from({ length: row.length * yarns }, (_, at) => {
      const [cell, yarn] = [Math.floor(at / yarns), at % yarns]
      return Number(row[cell]) === yarn ? 0 : price(cell, yarn)
    })
  const rules = { yarns: 2, shortest: 1, flat: false }
  // By hand: eight stitches between two of yarn 1, four at the most: it is worked once more, where that is cheapest.
  it('that are too long are broken where it looks least', () => {
    const row = '1000000001'
    const costs = costsFor(row, (cell) => (cell === 5 ? 1 : 9))
    expect(textOf(caught({ ...rules, costs, chosen: rowOf(row), longest: 4 }))).toBe('1000010001')
    const dear = costsFor(row, (cell) => (cell === 0 || cell === 9 ? 1 : 9))
    // To work it again costs more than to leave it out.
    expect(textOf(caught({ ...rules, costs: dear, chosen: rowOf(row), longest: 4 }))).toBe(
      '0000000000',
    )
  })
  it('are broken by runs that are not too short, and leave none that is', () => {
    const row = '1100000000'
    const costs = costsFor(row, () => 1)
    const found = caught({ ...rules, shortest: 2, costs, chosen: rowOf(row), longest: 4 })
    expect(longestCarry(found, false)).toBeLessThanOrEqual(4)
    expect(shortestRun(found, false)).toBeGreaterThanOrEqual(2)
  })
  // By hand: a yarn is worked at both ends of six stitches that are kept; it is carried through them, and broken beside them.
  it('go through what is kept as far as that is', () => {
    const row = '100000000001'
    const costs = costsFor(row, () => 1)
    for (let cell = 1; cell < 7; cell++) costs[2 * cell + 1] = 1e7
    const found = caught({ ...rules, flat: true, costs, chosen: rowOf(row), longest: 4 })
    expect(textOf(found)).toBe(row)
  })
  it('in two yarns cost as little as any way that keeps to them, or leave a yarn out', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 9, maxLength: 9 }),
        fc.array(fc.constantFrom(0, 1), { minLength: 9, maxLength: 9 }),
        fc.integer({ min: 1, max: 4 }),
        fc.boolean(),
        (price, row, longest, flat) => {
          const text = row.join('')
          const costs = costsFor(text, (cell) => price[cell]!)
          const found = caught({ ...rules, flat, costs, chosen: rowOf(text), longest })
          expect(longestCarry(found, flat)).toBeLessThanOrEqual(longest)
          const costOf = (one: ArrayLike<number>) =>
            row.reduce<number>((sum, own, cell) => sum + (one[cell] === own ? 0 : price[cell]!), 0)
          // All of it in one yarn is always a way.
          const plain = Math.min(...[0, 1].map((yarn) => costOf(row.map(() => yarn))))
          expect(costOf(found)).toBeLessThanOrEqual(
            row.every((one) => one === row[0]) ? 0 : Math.max(plain, costOf(row.map(() => 0))),
          )
        },
      ),
      { numRuns: tries(200) },
    )
  })
})

const anyCells = (width: number, height: number) =>
  fc
    .array(fc.integer({ min: 0, max: 3 }), { minLength: width * height, maxLength: width * height })
    .map((list) =>
      greys(
        Array.from({ length: height }, (_, row) =>
          list.slice(row * width, row * width + width).join(''),
        ),
      ),
    )

describe('rules together', () => {
  it('all hold, whichever are asked for', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 6, max: 13 }).chain((width) => anyCells(width, 5)),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 3, max: 6 }),
        fc.record({ flat: fc.boolean(), mirrored: fc.boolean(), noLone: fc.boolean() }),
        fc.constantFrom('none', 'ordered', 'diffused'),
        (cells, perRound, shortest, longest, { flat, mirrored, noLone }, mixing) => {
          const {
            chart,
            perRound: letters,
            work,
          } = chartOf(cells, {
            ...{ perRound, shortest, longest, flat, mirrored, noLone, mixing },
          })
          for (const [row, text] of chart.colours.entries()) {
            const used = [...new Set(text)].sort()
            expect(used.length).toBeLessThanOrEqual(perRound)
            expect(letters[row]!.toSorted()).toEqual(used)
            const bytes = Uint8Array.from(text, (one) => one.charCodeAt(0))
            expect(longestCarry(bytes, flat)).toBeLessThanOrEqual(longest)
            if (used.length > 1) expect(shortestRun(bytes, flat)).toBeGreaterThanOrEqual(shortest)
            if (mirrored) expect([...text].toReversed().join('')).toBe(text)
          }
          expect(work.longestCarry).toBeLessThanOrEqual(longest)
          expect(work.lone).toBe(loneCells(chart, !flat).length)
        },
      ),
      { numRuns: tries(300) },
    )
  })
  it('in overlay it is symmetric where it is to be', () => {
    fc.assert(
      fc.property(anyCells(9, 6), (cells) => {
        const yarns = [four[0]!, four[3]!]
        const { chart } = chartOf(cells, { yarns, technique: 'overlay', mirrored: true })
        for (const row of chart.colours) expect([...row].toReversed().join('')).toBe(row)
      }),
      { numRuns: tries(60) },
    )
  })
  it('keep to what there is of a yarn, however many of them there are', () => {
    fc.assert(
      fc.property(
        anyCells(12, 6),
        fc.integer({ min: 5, max: 60 }),
        fc.constantFrom('none', 'ordered', 'diffused'),
        (cells, share, mixing) => {
          const most = (share / 100) * 72 * 0.04
          const yarns = four.map((yarn, i) => (i === 0 ? { ...yarn, most } : yarn))
          const rules = { shortest: 2, longest: 5, noLone: true, mixing }
          const made = pictured(cells, {
            ...{ yarns, technique: 'tapestry', perRound: 3, ...rules },
          })
          // There is enough of the others for all of it.
          expect(made.ok && made.value.yarns[0]!.metres <= most + 1e-9).toBe(true)
        },
      ),
      { numRuns: tries(150) },
    )
  })
  it('without lone stitches there is none, unless it is kept', () => {
    fc.assert(
      fc.property(anyCells(8, 6), (cells) => {
        expect(chartOf(cells, { noLone: true }).work.lone).toBe(0)
      }),
      { numRuns: tries(200) },
    )
    const speck = greys(['3333', '3033', '3333'])
    expect(chartOf(speck, { noLone: true }).chart.colours.join('')).not.toContain('A')
    const kept = Int8Array.from({ length: 12 }, (_, cell) => (cell === 5 ? 0 : -1))
    expect(chartOf(speck, { noLone: true, kept }).chart.colours[1]![1]).toBe('A')
  })
  it('what is kept stays by every rule, in as many yarns as it is, and others are not in its own', () => {
    const cells = greys(['0123012301', '1230123012', '3333333333'])
    // The left half is kept, in three yarns a round; the right one may be in white and black.
    const kept = Int8Array.from({ length: 30 }, (_, cell) => (cell % 10 < 5 ? cell % 3 : -1))
    const { chart } = chartOf(cells, {
      ...{ kept, perRound: 2, shortest: 3, longest: 3, noLone: true, onlyKept: [1, 2] },
    })
    chart.colours.forEach((row, at) => {
      expect(row.slice(0, 5)).toBe([0, 1, 2, 3, 4].map((i) => 'ABC'[(10 * at + i) % 3]).join(''))
      expect(row.slice(5)).toMatch(/^[AD]+$/)
    })
  })
  it('a motif’s yarn goes along in every round, and the ground by stripes', () => {
    const { chart } = chartOf(greys(['3303', '3303', '2202', '1101']), { perRound: 2, always: [0] })
    expect(chart.colours).toEqual(['BBAB', 'CCAC', 'DDAD', 'DDAD'])
    // Without it the rounds would be as they are; with white in every round black goes where it is dearest.
    const white = chartOf(greys(['1101', '0000']), { perRound: 2, always: [3] })
    expect(white.chart.colours[0]).toBe('AAAA')
    expect(white.chart.colours[1]).toBe('BBBB')
  })
  // By hand: mid grey of half the light, 188, is half of all stitches black and half of them white.
  it('mixes colours there is no yarn of, only when it is asked to', () => {
    const mid: Cells = { width: 48, height: 48, colours: new Uint8Array(3 * 48 * 48).fill(188) }
    const yarns = [four[0]!, four[3]!]
    const lightOf = (mixing: PictureWanted['mixing']) =>
      chartOf(mid, { yarns, ...(mixing ? { mixing } : {}) }).yarns[1]!.cells / 48 ** 2
    expect(lightOf(undefined)).toBe(1)
    expect(lightOf('diffused')).toBeCloseTo(0.5, 1)
    const ordered = lightOf('ordered')
    expect(ordered).toBeGreaterThan(0.4)
    expect(ordered).toBeLessThan(0.9)
  })
  it('likeness is of what is open: a cell that is kept is not the picture’s', () => {
    const kept = Int8Array.from([3, -1, -1, -1])
    const { likeness, bound } = chartOf(greys(['0000']), { kept })
    expect(likeness).toEqual({ mean: 0, worst: 0 })
    expect(bound).toBeNull()
  })
})

describe('what a chart takes to work', () => {
  const each = [
    { letter: 'A', carried: 0.01 },
    { letter: 'B', carried: 0.01 },
  ]
  // By hand: in the round AABB changes twice, BAAA twice, AAAA never; A is in all of them, B in the first two: four ends.
  it('are its changes, ends and what is carried', () => {
    const chart = { width: 4, colours: ['AABB', 'BAAA', 'AAAA'] }
    const round = workOf(chart, each, { flat: false, turns: false })
    expect(round).toMatchObject({ changes: 4, ends: 4, longestCarry: 3 })
    expect(round.carriedM).toBeCloseTo(0.02 + 0.02 + 0.03 + 0.01)
    expect(workOf(chart, each, { flat: true, turns: false })).toMatchObject({ changes: 2 })
    // In mosaic a round is of one yarn.
    expect(workOf(chart, each, { flat: false, turns: true })).toMatchObject({
      changes: 0,
      carriedM: 0,
    })
  })
})

describe('what a rule costs', () => {
  // By hand: with two yarns a round the one cell of white is grey, 31.6 off by CIEDE2000 of the greys; without them it is itself.
  it('is what it is farther off than without it, beside what it saves', () => {
    const cells = greys(['000222223', '000222222'])
    const wanted: PictureWanted = { yarns: four, technique: 'tapestry', perRound: 2, shortest: 1 }
    const made = chartOf(cells, wanted)
    const rules = costsOfRules(cells, wanted, made)
    expect(rules.map(({ rule }) => rule)).toEqual(['perRound'])
    const [{ mean, worst, saves }] = rules as [(typeof rules)[number]]
    expect(mean).toBeCloseTo(worst / 18)
    expect(worst).toBeGreaterThan(10)
    // White had two ends, and a change more beside it; what was carried with it.
    expect(saves).toMatchObject({ ends: 2, changes: 1, lone: 1 })
  })
  it('is said of every rule that was asked for', () => {
    const cells = greys(['012301', '123012'])
    const wanted: PictureWanted = {
      ...{ yarns: four, technique: 'tapestry', perRound: 3, shortest: 2, longest: 3 },
      ...{ noLone: true, mirrored: true, together: 2, always: [0], mixing: 'ordered' },
    }
    expect(costsOfRules(cells, wanted, chartOf(cells, wanted)).map(({ rule }) => rule)).toEqual([
      ...['perRound', 'together', 'shortest', 'longest', 'noLone', 'always', 'mirrored', 'mixing'],
    ])
  })
})

describe('how fine a picture is', () => {
  const face = () => {
    const rows = Array.from({ length: 40 }, () => '3'.repeat(64))
    const put = (x: number, y: number, size: number, digit: string) => {
      for (let row = y; row < y + size; row++)
        rows[row] = rows[row]!.slice(0, x) + digit.repeat(size) + rows[row]!.slice(x + size)
    }
    put(10, 10, 3, '0')
    put(30, 10, 3, '0')
    put(20, 24, 9, '1')
    return rows
  }
  // By hand: two eyes of 3 of 64, a mouth of 9: an eye is one stitch wide at 22 stitches (64 / 3), two at 43.
  it('is said by the parts that stand out', () => {
    const details = detailsOf(cellsOf(rasterOf(face()), 64, 40))
    expect(details.map((wide) => Math.round(64 * wide))).toEqual([3, 3, 9])
    expect(finenessAt(details, 20)).toEqual({ one: 22, two: 43, lost: 2, parts: 3 })
    expect(finenessAt(details, 22)).toMatchObject({ lost: 0 })
  })
  it('is not said by soft edges between two colours', () => {
    // A dark field beside a white one, two cells of grey between them all along; and an eye.
    const rows = face().map((row) => `00000000000000000000${'1'}${'2'}${row.slice(22)}`)
    const details = detailsOf(cellsOf(rasterOf(rows), 64, 40))
    expect(details.map((wide) => Math.round(64 * wide))).not.toContain(1)
    expect(details.map((wide) => Math.round(64 * wide))).toContain(3)
  })
  it('is not said of a picture that has none', () => {
    expect(finenessAt(detailsOf(greys(['3333', '3333'])), 4)).toBeNull()
  })
})
