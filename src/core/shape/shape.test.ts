import fc from 'fast-check'
import {
  chainFirstRound,
  circleAround,
  ellipseAround,
  flatCornerIncrease,
  flatHalfIncrease,
  flatIncrease,
  halfRoundRows,
  parseShapedRows,
  pickedUpAlong,
  printShapedRows,
  shapedRows,
  rowsForEnds,
  squareRows,
  stadiumAround,
  lieOf,
  ovalBaseRows,
  rectangleBaseRows,
  type RoundBase,
  roundBaseRows,
} from './index.ts'

const base = (over: Partial<RoundBase>): RoundBase => ({
  increase: 6,
  count: 120,
  stagger: 'staggered',
  plainFrom: null,
  plainRounds: 0,
  ...over,
})
const total = (spec: RoundBase) => roundBaseRows(spec).reduce((sum, { makes }) => sum + makes, 0)

describe('roundBaseRows', () => {
  it('adds k every round', () => {
    const rows = roundBaseRows(base({}))
    expect(rows).toHaveLength(20)
    expect(rows.map(({ makes }) => makes)).toEqual(
      Array.from({ length: 20 }, (_, i) => 6 * (i + 1)),
    )
    expect(total(base({}))).toBe(1260)
  })

  // Common practice without a source: +8 in rounds 1–7, round 8 plain, then increasing and plain in turn to 120 in
  // rounds 23 and 24, which is 1,752 sc in all.
  it('counts the base of 1,752 stitches', () => {
    const spec = base({ increase: 8, count: 120, plainFrom: 7, plainRounds: 1 })
    const rows = roundBaseRows(spec)
    expect(total(spec)).toBe(1752)
    expect(rows).toHaveLength(24)
    expect(rows.slice(6, 9).map(({ makes }) => makes)).toEqual([56, 56, 64])
    expect([rows[22]!.makes, rows[23]!.makes]).toEqual([120, 120])
  })

  it('tops the last round up to the wanted count', () => {
    const last = roundBaseRows(base({ count: 116 })).at(-1)!
    expect([last.uses, last.makes, last.marks.length]).toEqual([114, 116, 2])
  })

  it('balances for any base', () => {
    const specs = fc.record({
      increase: fc.integer({ min: 3, max: 18 }),
      count: fc.integer({ min: 18, max: 400 }),
      stagger: fc.constantFrom('staggered' as const, 'stacked' as const),
      plainFrom: fc.option(fc.integer({ min: 1, max: 10 })),
      plainRounds: fc.integer({ min: 0, max: 3 }),
    })
    fc.assert(
      fc.property(specs, (spec) => {
        const rows = roundBaseRows(spec)
        rows.forEach((row, i) => {
          expect(row.uses).toBe(i === 0 ? 0 : rows[i - 1]!.makes)
          if (row.kind !== 'ring') expect(row.makes).toBe(row.uses + row.marks.length)
          for (const { place } of row.marks) expect(place).toBeLessThan(row.uses)
          expect(new Set(row.marks.map(({ place }) => place)).size).toBe(row.marks.length)
        })
        expect(rows.at(-1)!.makes).toBe(spec.count)
      }),
    )
  })

  it('stacks increases at the end of each group, or staggers them', () => {
    const places = (stagger: RoundBase['stagger']) =>
      roundBaseRows(base({ stagger, count: 30 })).map(({ marks }) => marks[0]?.place)
    expect(places('stacked')).toEqual([undefined, 0, 1, 2, 3])
    expect(new Set(places('staggered').slice(2)).size).toBeGreaterThan(1)
    expect(() => roundBaseRows(base({ count: 4 }))).toThrow(RangeError)
  })
})

describe('flatness', () => {
  // k = 2π·h/w is geometry: a disc r rounds deep is 2πrh around. Figures for heights 1, 1.4, 2 and 2.8: common practice.
  it.each([
    [1, 6.3],
    [1.4, 8.8],
    [2, 12.6],
    [2.8, 17.6],
  ])('wants the known increase for height %s', (height, k) => {
    expect(flatIncrease({ stitchWidthMm: 5, rowHeightMm: 5 * height })).toBeCloseTo(k, 1)
  })

  // Common practice: sc 6–8, hdc 8–10, dc 10–15 are all in use; those near the flat increase lie flat.
  it('says how it lies', () => {
    expect(lieOf(6 / flatIncrease({ stitchWidthMm: 1, rowHeightMm: 1 }))).toBe('flat')
    expect(lieOf(8 / flatIncrease({ stitchWidthMm: 1, rowHeightMm: 1 }))).toBe('ruffles')
    expect(lieOf(6 / flatIncrease({ stitchWidthMm: 1, rowHeightMm: 1.4 }))).toBe('cups')
  })
})

describe('bases around a chain', () => {
  // Counts of common practice without a source: 72 → 78 → 84 from 35; 78 in round 1 and 118 in round 6 from 38.
  it('have the known counts', () => {
    const oval = ovalBaseRows({ along: 35, inEnd: 3, increase: 6, count: 84 })
    expect(oval.map(({ makes }) => makes)).toEqual([72, 78, 84])
    const rectangle = rectangleBaseRows({ along: 38, count: 118 })
    expect(rectangle.map(({ makes }) => makes)).toEqual([78, 86, 94, 102, 110, 118])
    expect(rectangleBaseRows({ along: 38, count: 121 }).at(-1)).toMatchObject({
      uses: 118,
      makes: 121,
    })
  })

  it('balance, whatever their size', () => {
    const spec = fc.record({
      along: fc.integer({ min: 3, max: 80 }),
      inEnd: fc.constantFrom(2, 3),
      increase: fc.integer({ min: 2, max: 4 }),
      more: fc.integer({ min: 0, max: 60 }),
    })
    fc.assert(
      fc.property(spec, ({ more, ...of }) => {
        const first = chainFirstRound(of)
        const bases = [
          ovalBaseRows({ ...of, count: first + more }),
          rectangleBaseRows({
            along: of.along,
            count: chainFirstRound({ ...of, inEnd: 3 }) + more,
          }),
        ]
        for (const rows of bases)
          rows.slice(1).forEach((row, i) => {
            expect(row.uses).toBe(rows[i]!.makes)
            const added = row.marks.reduce((sum, { together }) => sum + together - 1, 0)
            expect(row.makes).toBe(row.uses + added)
            const places = row.marks.map(({ place }) => place)
            expect(places).toEqual([...new Set(places)].sort((a, b) => a - b))
            for (const place of places) expect(place).toBeLessThan(row.uses)
          })
      }),
    )
  })

  it('increase an oval in its ends only, half in each', () => {
    const side = (name: string) => Array<string>(28).fill(name)
    let stitches = [
      'end2',
      ...side('side1'),
      ...Array(3).fill('end1'),
      ...side('side2'),
      'end2',
      'end2',
    ]
    for (const { marks } of ovalBaseRows({ along: 30, inEnd: 3, increase: 6, count: 98 }).slice(
      1,
    )) {
      const on = marks.map(({ place }) => stitches[place])
      expect(on.filter((name) => name === 'end1')).toHaveLength(3)
      expect(on.filter((name) => name === 'end2')).toHaveLength(3)
      const marked = new Set(marks.map(({ place }) => place))
      stitches = stitches.flatMap((name, place) => (marked.has(place) ? [name, name] : [name]))
    }
    expect(stitches).toHaveLength(98)
  })

  it('keep four corners, one side as long as the other', () => {
    const rows = rectangleBaseRows({ along: 20, count: 42 + 5 * 8 })
    rows.slice(1).forEach(({ uses, marks }, i) => {
      const [a, b, c, d] = marks.map(({ place }) => place) as [number, number, number, number]
      expect([b - a, d - c].map((side) => side - 2 * i)).toEqual([19, 19])
      expect([c - b, a + uses - d].map((side) => side - 2 * i)).toEqual([2, 2])
      expect(marks.every(({ together }) => together === 3)).toBe(true)
    })
  })

  // Common practice: never two of them along one side.
  it('put what is left for a last round at corners opposite one another', () => {
    const corners = (more: number) =>
      rectangleBaseRows({ along: 20, count: 42 + 8 + more })
        .at(-1)!
        .marks.map(({ place, together }) => `${place} ${together}`)
    const [a, b, c, d] = rectangleBaseRows({ along: 20, count: 42 + 16 })
      .at(-1)!
      .marks.map(({ place }) => place)
    expect(corners(2)).toEqual([`${a} 2`, `${c} 2`])
    expect(corners(1)).toEqual([`${a} 2`])
    expect(corners(4)).toEqual([a, b, c, d].map((place) => `${place} 2`))
    expect(corners(6)).toEqual([`${a} 3`, `${b} 2`, `${c} 3`, `${d} 2`])
  })

  it('give the odd stitch of an oval to one end and the other in turn', () => {
    // Five more a round: three and two, then two and three.
    const rows = ovalBaseRows({ along: 30, inEnd: 3, increase: 5, count: 62 + 20 })
    let ends = [
      '2',
      ...Array<string>(28).fill('-'),
      '1',
      '1',
      '1',
      ...Array<string>(28).fill('-'),
      '2',
      '2',
    ]
    const shares = rows.slice(1).map(({ marks }) => {
      const on = marks.map(({ place }) => ends[place])
      const marked = new Set(marks.map(({ place }) => place))
      ends = ends.flatMap((end, place) => (marked.has(place) ? [end, end] : [end]))
      return ['1', '2'].map((end) => on.filter((one) => one === end).length).join(' + ')
    })
    expect(shares).toEqual(['3 + 2', '2 + 3', '3 + 2', '2 + 3'])
  })

  it('cannot be smaller than their first round', () => {
    expect(() => ovalBaseRows({ along: 30, inEnd: 3, increase: 6, count: 40 })).toThrow(RangeError)
    expect(() => rectangleBaseRows({ along: 30, count: 40 })).toThrow(RangeError)
  })
})

describe('ways around', () => {
  it('are the known ones: circle, stadium, and Ramanujan’s ellipse', () => {
    expect(circleAround(100)).toBeCloseTo(314.159265, 6)
    // Geometry: two straight sides of 100 and a circle of 50 across.
    expect(stadiumAround(150, 50)).toBeCloseTo(200 + 50 * Math.PI, 9)
    expect(stadiumAround(50, 50)).toBeCloseTo(circleAround(50), 9)
    expect(ellipseAround(80, 80)).toBeCloseTo(circleAround(80), 9)
    expect(ellipseAround(0, 0)).toBe(0)
  })

  it('of an ellipse agree with its integral', () => {
    const integral = (a: number, b: number) => {
      const steps = 20000
      let sum = 0
      for (let i = 0; i < steps; i++) {
        const t = (2 * Math.PI * (i + 0.5)) / steps
        sum += Math.hypot(a * Math.sin(t), b * Math.cos(t))
      }
      return (sum * 2 * Math.PI) / steps
    }
    for (const [length, width] of [
      [100, 99],
      [100, 60],
      [100, 20],
    ] as const) {
      const exact = integral(length / 2, width / 2)
      expect(Math.abs(ellipseAround(length, width) / exact - 1)).toBeLessThan(0.0002)
    }
  })
})

describe('corners, halves, squares and edges', () => {
  it('lie flat with eight row heights a round at the corners, and half a disc with π', () => {
    expect(flatCornerIncrease({ stitchWidthMm: 5, rowHeightMm: 5 })).toBe(8)
    // Common practice: dc takes about 16 in the corners.
    expect(flatCornerIncrease({ stitchWidthMm: 5, rowHeightMm: 10 })).toBe(16)
    expect(flatHalfIncrease({ stitchWidthMm: 5, rowHeightMm: 5 })).toBeCloseTo(Math.PI, 9)
  })

  // Common practice without a source: about one sc a row, about two dc a row; a square of n has n·w/h rows.
  it('pick up by height and width', () => {
    expect(pickedUpAlong(30, 5, 5)).toBe(30)
    expect(pickedUpAlong(15, 5, 10)).toBe(30)
    for (let rows = 1; rows < 60; rows++)
      expect(rowsForEnds(pickedUpAlong(rows, 5, 6), 5, 6)).toBe(rows)
    expect(squareRows(20, 5, 5)).toBe(20)
    expect(squareRows(20, 5, 10)).toBe(10)
  })

  it('increase a half round in set places, above each other', () => {
    const byRule = { plainRows: 0, rows: null, rounds: null, afresh: false }
    const rows = halfRoundRows({ increase: 3, count: 20, ...byRule })
    expect(rows.map(({ makes }) => makes)).toEqual([3, 6, 9, 12, 15, 18, 20])
    expect(rows.slice(1, -1).every(({ marks }) => marks.length === 3)).toBe(true)
  })

  it('have plain rows between, or are given one by one', () => {
    const between = {
      increase: 8,
      count: 32,
      plainRows: 1,
      rows: null,
      rounds: null,
      afresh: false,
    }
    expect(halfRoundRows(between).map(({ makes }) => makes)).toEqual([8, 16, 16, 24, 24, 32, 32])
    // Common practice without a source: a half round that is begun anew at each of its rows.
    const read = parseShapedRows('91, 99, 99, 108, 108, 115, 115')
    if (!read.ok) throw new Error(read.problem)
    const rows = halfRoundRows({ ...between, count: 115, rows: read.value, afresh: true })
    expect(rows.map(({ uses, makes }) => [uses, makes])).toEqual([
      [0, 91],
      [91, 99],
      [99, 99],
      [99, 108],
      [108, 108],
      [108, 115],
      [115, 115],
    ])
    expect(rows.map(({ kind }) => kind)[0]).toBe('across')
    expect(rows.slice(1).every(({ afresh }) => afresh)).toBe(true)
    // Of 91 stitches 8 take two, none of them at an edge, and no two side by side.
    const places = rows[1]!.marks.map(({ place }) => place)
    expect(places).toHaveLength(8)
    expect(
      places.every((place, i) => place > 0 && place < 90 && place - (places[i - 1] ?? -9) > 1),
    ).toBe(true)
  })

  it('increase where it is said, and say what cannot be', () => {
    const said = '12, 15 at 3 6 9, 15'
    const read = parseShapedRows(said)
    if (!read.ok) throw new Error(read.problem)
    expect(printShapedRows(read.value)).toBe(said)
    expect(shapedRows(read.value, false)[1]!.marks.map(({ place }) => place)).toEqual([2, 5, 8])
    const problem = (text: string) => {
      const tried = parseShapedRows(text)
      return tried.ok ? null : tried.problem
    }
    expect(problem('12, 25')).toBe('Row 2 cannot have 25 on 12: each stitch takes two at most.')
    expect(problem('12, 5')).toContain('two in one at most')
    expect(problem('12, 14 at 3')).toBe('Row 2 increases by 2, in 1 places.')
    expect(problem('12, 14 at 9 3')).toContain('each after the one before')
    expect(problem('12; many')).toBe('Row 2 is a number of stitches, as in 91, 99, 99.')
  })

  // Common practice without a source: 15 a round to 90, on which 18 chain loops over 5 stand.
  it('reach 90 by 15 a round', () => {
    const rows = roundBaseRows(base({ increase: 15, count: 90 }))
    expect(rows.map(({ makes }) => makes)).toEqual([15, 30, 45, 60, 75, 90])
    expect(90 / 5).toBe(18)
  })
})
