import fc from 'fast-check'
import { cellIn, type Chart, fieldOf, layIds, lays, movedOn, repeatsIn, unrolled } from './index.ts'

/** Numbered by hand: the top row is written first, as one sees it. */
const seen = (...rows: readonly string[]): Chart => ({
  width: rows[0]!.length,
  colours: rows.toReversed(),
})
const small = seen('ABCD', 'EFGH', 'IJKL', 'MNOP')
const anyChart = fc
  .tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 7 }))
  .chain(([width, height]) =>
    fc
      .array(
        fc.string({ unit: fc.constantFrom('A', 'B', 'C'), minLength: width, maxLength: width }),
        {
          minLength: height,
          maxLength: height,
        },
      )
      .map((colours): Chart => ({ width, colours })),
  )
const letter = (chart: Chart, column: number, row: number) => chart.colours[row]![column]!

describe('how repeats lie', () => {
  // Drawn by hand on squared paper. Half-drop: the second column of repeats hangs half a repeat lower.
  it('a half-drop hangs every other repeat half its height down', () => {
    expect(fieldOf(small, 'half-drop')).toEqual(
      seen('ABCDIJKL', 'EFGHMNOP', 'IJKLABCD', 'MNOPEFGH'),
    )
  })
  it('bricks lie half a repeat across in every other course', () => {
    expect(fieldOf(small, 'brick')).toEqual(
      seen('CDAB', 'GHEF', 'KLIJ', 'OPMN', 'ABCD', 'EFGH', 'IJKL', 'MNOP'),
    )
  })
  it('mirrored repeats meet alike', () => {
    expect(fieldOf(seen('ABC', 'DEF'), 'mirrored')).toEqual(seen('ABCCBA', 'DEFFED'))
    expect(fieldOf(seen('AB', 'CD'), 'mirrored-up')).toEqual(seen('CD', 'AB', 'AB', 'CD'))
  })

  it('a field is so many repeats, each cell of the chart once in each', () => {
    fc.assert(
      fc.property(anyChart, fc.constantFrom(...layIds), (chart, id) => {
        const field = fieldOf(chart, id)
        const { wide, tall } = repeatsIn(id)
        expect([field.width, field.colours.length]).toEqual([
          chart.width * wide,
          chart.colours.length * tall,
        ])
        const count = (one: Chart) => [...one.colours.join('')].sort().join('')
        expect(count(field)).toBe(
          [...count(chart)]
            .flatMap((c) => Array(wide * tall).fill(c))
            .sort()
            .join(''),
        )
      }),
    )
  })

  it('a cell of a field shows the cell it says, however far across or up', () => {
    fc.assert(
      fc.property(
        anyChart,
        fc.constantFrom(...layIds),
        fc.integer({ min: -40, max: 40 }),
        fc.integer({ min: -40, max: 40 }),
        (chart, id, column, row) => {
          const field = fieldOf(chart, id)
          const cell = cellIn(chart, id, { column, row })
          const wrap = (at: number, by: number) => ((at % by) + by) % by
          expect(letter(chart, cell.column, cell.row)).toBe(
            letter(field, wrap(column, field.width), wrap(row, field.colours.length)),
          )
        },
      ),
    )
  })

  it('mirrored is its own mirror; twice half a drop of an even height is none', () => {
    fc.assert(
      fc.property(anyChart, (chart) => {
        for (const row of fieldOf(chart, 'mirrored').colours)
          expect([...row].reverse().join('')).toBe(row)
        const up = fieldOf(chart, 'mirrored-up').colours
        expect(up.toReversed()).toEqual(up)
      }),
    )
    expect(new Set(lays.map(({ title }) => title)).size).toBe(lays.length)
  })

  it('over a round it is cut off where the round ends, as it is worked', () => {
    const chart = seen('ABCDE')
    // Right-handed a round begins at its right end: what is too much is left out at the left.
    expect(unrolled(chart, 12, movedOn(5, 12, 'right', 0)).colours).toEqual(['DEABCDEABCDE'])
    expect(unrolled(chart, 12, movedOn(5, 12, 'left', 0)).colours).toEqual(['ABCDEABCDEAB'])
    // Flat, one column more balances both edges.
    expect(unrolled(chart, 11, movedOn(5, 11, 'right', 1)).colours).toEqual(['ABCDEABCDEA'])
  })
})
