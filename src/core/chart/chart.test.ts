import fc from 'fast-check'
import {
  blankChart,
  type Chart,
  blankColumns,
  commonestLetter,
  floodCells,
  floodRows,
  lettersOf,
  lineCells,
  maybeLetterAt,
  paintedRows,
  rectangleCells,
  runsOf,
  sameCells,
  sameRows,
  withLetterFor,
  withPadding,
  withRows,
  type WideningId,
  wideningIds,
  withSize,
} from './index.ts'

const motif: Chart = { width: 4, colours: ['AABB', 'ABBA', 'AAAA'] }
const rows = fc.stringMatching(/^[ABC]{1,40}$/)

describe('painting', () => {
  it('replaces only the rows it touches', () => {
    const painted = withRows(motif, paintedRows(motif, [{ column: 0, row: 2 }], 'C'))
    expect(painted.colours).toEqual(['AABB', 'ABBA', 'CAAA'])
    expect(motif.colours[2]).toBe('AAAA')
    expect(maybeLetterAt(painted, { column: 0, row: 2 })).toBe('C')
    expect(maybeLetterAt(painted, { column: 4, row: 0 })).toBeNull()
  })

  it('gives the same chart back when nothing changes', () => {
    expect(withRows(motif, paintedRows(motif, [{ column: 0, row: 0 }], 'A'))).toBe(motif)
    expect(withRows(motif, paintedRows(motif, [{ column: 9, row: 9 }], 'B'))).toBe(motif)
    expect(withLetterFor(motif, 'Z', 'A')).toBe(motif)
    expect(withSize(motif, 4, 3, 'A')).toBe(motif)
    expect(withPadding(motif, 0)).toBe(motif)
  })

  it('fills what hangs together, across the edge of the repeat', () => {
    const cells = floodCells({ width: 4, colours: ['ABBA', 'BBBB'] }, { column: 0, row: 0 })
    expect(cells.map(({ column }) => column).sort()).toEqual([0, 3])
    expect(floodCells(motif, { column: 9, row: 0 })).toEqual([])
    expect(floodCells(blankChart(30, 20, 'A'), { column: 3, row: 3 })).toHaveLength(600)
  })

  it('filled as rows it is the same as cell by cell, and so is another yarn wherever one is', () => {
    const any = fc
      .array(fc.string({ unit: fc.constantFrom('A', 'B'), minLength: 7, maxLength: 7 }), {
        minLength: 1,
        maxLength: 6,
      })
      .map((colours): Chart => ({ width: 7, colours }))
    fc.assert(
      fc.property(any, fc.nat(6), fc.nat(5), (chart, column, up) => {
        const at = { column, row: up % chart.colours.length }
        // Grown step by step from the cell, by sides, around the seam.
        const letter = maybeLetterAt(chart, at)
        const grown = new Map([[`${at.column},${at.row}`, at]])
        for (let before = 0; before < grown.size;) {
          before = grown.size
          for (const { column, row } of [...grown.values()])
            for (const next of [
              { column: (column + 1) % 7, row },
              { column: (column + 6) % 7, row },
              { column, row: row + 1 },
              { column, row: row - 1 },
            ])
              if (maybeLetterAt(chart, next) === letter)
                grown.set(`${next.column},${next.row}`, next)
        }
        const found = floodCells(chart, at).map((cell) => `${cell.column},${cell.row}`)
        expect(found.sort()).toEqual([...grown.keys()].sort())
        for (const [cells, rows] of [
          [floodCells(chart, at), floodRows(chart, at, 'C')],
          [sameCells(chart, at), sameRows(chart, at, 'C')],
        ] as const)
          expect(withRows(chart, new Map(rows))).toEqual(
            withRows(chart, paintedRows(chart, cells, 'C')),
          )
      }),
    )
  })

  it('draws lines and rectangles with both ends', () => {
    expect(lineCells({ column: 0, row: 0 }, { column: 3, row: 1 })).toEqual([
      { column: 0, row: 0 },
      { column: 1, row: 0 },
      { column: 2, row: 1 },
      { column: 3, row: 1 },
    ])
    expect(lineCells({ column: 2, row: 2 }, { column: 2, row: 2 })).toHaveLength(1)
    expect(rectangleCells({ column: 3, row: 0 }, { column: 1, row: 1 })).toHaveLength(6)
  })
})

describe('resizing', () => {
  it('pads half on each side in the ground of the row', () => {
    expect(withPadding(motif, 3).colours).toEqual(['AAABBAA', 'AABBAAA', 'AAAAAAA'])
    expect(commonestLetter('BAAB')).toBe('A')
    expect(() => withPadding(motif, -3)).toThrow(RangeError)
    expect(() => withPadding(motif, 0.5)).toThrow(RangeError)
    // Of a motif with two blank columns at its left and one at its right as many go from either side as there are.
    const beside = { width: 6, colours: ['AABCAA', 'AAABAA', 'BBBBBB'] }
    expect(blankColumns(beside)).toBe(4)
    expect(withPadding(beside, -1).colours).toEqual(['AABCA', 'AAABA', 'BBBBB'])
    expect(withPadding(beside, -3).colours).toEqual(['ABC', 'AAB', 'BBB'])
    expect(withPadding(beside, -4).colours).toEqual(['BC', 'AB', 'BB'])
    expect(withPadding(withPadding(beside, 5), -5)).toEqual(beside)
    expect(blankColumns({ width: 3, colours: ['AAA'] })).toBe(2)
  })

  it('cuts and grows at the right and the top', () => {
    expect(withSize(motif, 5, 4, 'C').colours).toEqual(['AABBC', 'ABBAC', 'AAAAC', 'CCCCC'])
    expect(withSize(motif, 2, 1, 'C').colours).toEqual(['AA'])
    // By hand: wider and narrower where it is wanted.
    const abcd = { width: 4, colours: ['ABCD'] }
    const at = (where: WideningId, width: number) => withSize(abcd, width, 1, '-', where).colours[0]
    expect(wideningIds.map((where) => at(where, 6))).toEqual([
      ...['ABCD--', '--ABCD', '-ABCD-', 'AB--CD', 'ABBCCD'],
    ])
    expect(wideningIds.map((where) => at(where, 2))).toEqual(['AB', 'CD', 'BC', 'AD', 'BC'])
    expect(lettersOf(withLetterFor(motif, 'B', 'D'))).toEqual(['A', 'D'])
    expect(() => blankChart(0, 3, 'A')).toThrow(RangeError)
  })
})

describe('runs', () => {
  it('reads from the right, or from the left', () => {
    expect(runsOf('AABBB', 'right')).toEqual([
      { letter: 'B', count: 3 },
      { letter: 'A', count: 2 },
    ])
    expect(runsOf('AABBB', 'left')[0]).toEqual({ letter: 'A', count: 2 })
  })

  it('uses every cell once, whichever way', () => {
    fc.assert(
      fc.property(rows, (row) => {
        const spelled = (from: 'left' | 'right') =>
          runsOf(row, from)
            .map(({ letter, count }) => letter.repeat(count))
            .join('')
        expect(spelled('left')).toBe(row)
        expect([...spelled('right')].reverse().join('')).toBe(row)
        const runs = runsOf(row, 'left')
        runs.slice(1).forEach((run, i) => expect(run.letter).not.toBe(runs[i]!.letter))
      }),
    )
  })
})
