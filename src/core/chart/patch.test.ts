import fc from 'fast-check'
import {
  type Chart,
  ellipseCells,
  inLetters,
  KEEPS,
  lettersIn,
  paintedRows,
  patchOf,
  rectangleCells,
  runAt,
  sameCells,
  stampedAt,
  standing,
  thickened,
  withRows,
} from './index.ts'

const seen = (...rows: readonly string[]) => ({
  width: rows[0]!.length,
  colours: rows.toReversed(),
})
const painted = (chart: Chart, list: ReturnType<typeof stampedAt>) =>
  list.reduce((now, { letter, cells }) => withRows(now, paintedRows(now, cells, letter)), chart)

describe('a piece of a chart', () => {
  const chart = seen('AABBC', 'ABBBC', 'AAAAC')
  it('is as large as what was chosen, and keeps the rest out', () => {
    expect(patchOf(chart, rectangleCells({ column: 1, row: 0 }, { column: 2, row: 1 }))).toEqual(
      seen('BB', 'AA'),
    )
    const bs = sameCells(chart, { column: 2, row: 1 })
    expect(patchOf(chart, bs)).toEqual(seen('.BB', 'BBB'))
    expect(patchOf(chart, [{ column: 9, row: 0 }])).toBeNull()
    expect(sameCells(chart, { column: 0, row: 9 })).toEqual([])
  })

  it('laid where it was it changes nothing; laid elsewhere it is found there again', () => {
    const cell = fc.record({
      column: fc.integer({ min: 0, max: 4 }),
      row: fc.integer({ min: 0, max: 2 }),
    })
    fc.assert(
      fc.property(fc.array(cell, { minLength: 1 }), (cells) => {
        const patch = patchOf(chart, cells)!
        const [left, low] = [
          Math.min(...cells.map((c) => c.column)),
          Math.min(...cells.map((c) => c.row)),
        ]
        const middle = {
          column: left + ((patch.width - 1) >> 1),
          row: low + ((patch.colours.length - 1) >> 1),
        }
        expect(painted(chart, stampedAt(patch, middle))).toEqual(chart)
        const blank = { width: 30, colours: Array.from({ length: 20 }, () => 'Z'.repeat(30)) }
        const there = stampedAt(patch, { column: 14, row: 9 })
        const all = there.flatMap((one) => one.cells)
        expect(patchOf(painted(blank, there), all)).toEqual(patch)
      }),
    )
  })

  it('in other letters keeps its shape', () => {
    const patch = seen('.BB', 'BCB')
    expect(lettersIn(patch)).toEqual(['B', 'C'])
    expect(inLetters(patch, (one) => (one === 'B' ? 'X' : 'Y'))).toEqual(seen('.XX', 'XYX'))
    expect(KEEPS).toBe('.')
  })

  // Counted by hand: 20 stitches, the middle of the front between the 10th and the 11th; the back over the join.
  describe('stands in the middle of a side', () => {
    const patch = seen('BB', 'B.')
    const middles = { front: 10, back: 20 }
    const blank = (...rows: string[]): Chart => ({ width: 20, colours: rows })
    const on = (where: 'front' | 'back' | 'both', onto = blank('A'.repeat(20))) =>
      standing(patch, where, middles, onto, () => 'A')!

    it('of a plain round, which grows by the rows it lacks', () => {
      expect(on('front').chart).toEqual(seen('AAAAAAAAABBAAAAAAAAA', 'AAAAAAAAABAAAAAAAAAA'))
      expect(on('back').chart).toEqual(seen('BAAAAAAAAAAAAAAAAAAB', 'AAAAAAAAAAAAAAAAAAAB'))
      expect(on('both')).toMatchObject({ covers: 0, more: 1 })
      expect(standing(patch, 'both', middles, seen('AAA'), () => 'A')).toBeNull()
    })
    it('of one that is painted: all it does not cover stays, and what it covers is counted', () => {
      const there = seen('CAAAAAAAAAAAAAAAAAAA', 'AAAAAAAAACCCAAAAAAAA', 'AAAAAAAAAACAAAAAAAAC')
      const { chart, covers, more } = on('front', there)
      expect(chart).toEqual(
        seen('CAAAAAAAAAAAAAAAAAAA', 'AAAAAAAAABBCAAAAAAAA', 'AAAAAAAAABCAAAAAAAAC'),
      )
      expect([covers, more]).toEqual([2, 0])
    })
    it('one after the other: the first stays where it is', () => {
      const both = on('back', on('front').chart)
      expect(both.chart).toEqual(on('both').chart)
      expect(both.covers).toBe(0)
    })
  })
})

describe('shapes', () => {
  const drawn = (cells: readonly { column: number; row: number }[], wide: number, tall: number) =>
    Array.from({ length: tall }, (_, up) =>
      Array.from({ length: wide }, (_, column) =>
        cells.some((cell) => cell.column === column && cell.row === tall - 1 - up) ? '#' : '.',
      ).join(''),
    )
  it('an ellipse touches all four sides of its box, and hangs together', () => {
    expect(drawn(ellipseCells({ column: 0, row: 0 }, { column: 4, row: 4 }), 5, 5)).toEqual([
      '.###.',
      '#...#',
      '#...#',
      '#...#',
      '.###.',
    ])
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 25 }),
        fc.integer({ min: 1, max: 25 }),
        (wide, tall) => {
          const cells = ellipseCells({ column: wide - 1, row: 0 }, { column: 0, row: tall - 1 })
          const columns = cells.map(({ column }) => column)
          const rows = cells.map(({ row }) => row)
          expect([Math.min(...columns), Math.max(...columns)]).toEqual([0, wide - 1])
          expect([Math.min(...rows), Math.max(...rows)]).toEqual([0, tall - 1])
          for (const { column, row } of cells)
            for (const other of [
              { column: wide - 1 - column, row },
              { column, row: tall - 1 - row },
            ])
              expect(cells).toContainEqual(other)
        },
      ),
      { numRuns: 40 },
    )
  })

  it('a wider brush covers a square about each cell', () => {
    const at = [{ column: 5, row: 5 }]
    for (const size of [1, 2, 3, 4, 5]) expect(thickened(at, size)).toHaveLength(size * size)
    expect(thickened([...at, { column: 6, row: 5 }], 3)).toHaveLength(12)
    expect(thickened(at, 3)).toContainEqual({ column: 4, row: 4 })
  })

  // Right-handed stitch 1 is the rightmost: in AABBBA it is an A alone, then 2 to 4 are B.
  it('tells the run a stitch is in, counted from where the row begins', () => {
    expect(runAt('AABBBA', 3, 'right')).toEqual({ letter: 'B', count: 3, from: 2, to: 4 })
    expect(runAt('AABBBA', 3, 'left')).toEqual({ letter: 'B', count: 3, from: 3, to: 5 })
    expect(runAt('AAA', 0, 'right')).toEqual({ letter: 'A', count: 3, from: 1, to: 3 })
    expect(runAt('AAA', 3, 'right')).toBeNull()
  })
})
