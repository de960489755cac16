import fc from 'fast-check'
import {
  type Cell,
  cellsAfter,
  type Chart,
  symmetries,
  turns,
  withLine,
  withSymmetry,
} from './index.ts'
import { mirroredAcross, mirroredUp, quarterTurned, shifted } from './turns.ts'

const chartOf = (width: number, height: number): fc.Arbitrary<Chart> =>
  fc
    .array(
      fc
        .array(fc.constantFrom('A', 'B', 'C'), { minLength: width, maxLength: width })
        .map((letters) => letters.join('')),
      { minLength: height, maxLength: height },
    )
    .map((colours) => ({ width, colours }))
const anyChart = fc
  .tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 }))
  .chain(([width, height]) => chartOf(width, height))
const times = (n: number, of: (chart: Chart) => Chart) => (chart: Chart) =>
  Array.from({ length: n }).reduce((now: Chart) => of(now), chart)

describe('turning a repeat', () => {
  // An L, its foot to the right: written with the lowest row first.
  const letter: Chart = { width: 2, colours: ['BB', 'BA', 'BA'] }

  it('does what a maker means by it, cell by cell', () => {
    expect(mirroredAcross(letter).colours).toEqual(['BB', 'AB', 'AB'])
    expect(mirroredUp(letter).colours).toEqual(['BA', 'BA', 'BB'])
    // Turned to the right the L lies on its back: the stem on top, the foot below at the left.
    expect(quarterTurned(letter)).toEqual({ width: 3, colours: ['BAA', 'BBB'] })
    expect(shifted(letter, 1, 0).colours).toEqual(['BB', 'AB', 'AB'])
    expect(shifted(letter, 0, 1).colours).toEqual(['BA', 'BB', 'BA'])
  })

  it('keeps the laws of the group', () => {
    fc.assert(
      fc.property(anyChart, fc.integer(), fc.integer(), (chart, columns, rows) => {
        const [a, b] = [columns % 50, rows % 50]
        for (const mirror of [mirroredAcross, mirroredUp])
          expect(times(2, mirror)(chart)).toEqual(chart)
        expect(times(4, quarterTurned)(chart)).toEqual(chart)
        // Two quarters are a half, which is both mirrors in either order.
        const half = times(2, quarterTurned)(chart)
        expect(half).toEqual(mirroredAcross(mirroredUp(chart)))
        expect(half).toEqual(mirroredUp(mirroredAcross(chart)))
        // A quarter turn makes one mirror the other.
        expect(mirroredAcross(quarterTurned(chart))).toEqual(quarterTurned(mirroredUp(chart)))
        expect(shifted(shifted(chart, a, b), -a, -b)).toEqual(chart)
        expect(shifted(shifted(chart, a, 0), 0, b)).toEqual(shifted(chart, a, b))
        expect(shifted(chart, chart.width, chart.colours.length)).toEqual(chart)
      }),
    )
  })

  it('of every kind loses no cell', () => {
    const counted = ({ colours }: Chart) => [...colours.join('')].sort().join('')
    fc.assert(
      fc.property(anyChart, (chart) => {
        for (const turn of turns) expect(counted(turn.of(chart))).toBe(counted(chart))
      }),
    )
    expect(new Set(turns.map(({ id }) => id)).size).toBe(turns.length)
  })
})

describe('rows and columns', () => {
  const chart: Chart = { width: 3, colours: ['ABA', 'AAA'] }
  it.each([
    ['row', 0, 'insert', ['AAA', 'ABA', 'AAA']],
    ['row', 0, 'double', ['ABA', 'ABA', 'AAA']],
    ['row', 0, 'remove', ['AAA']],
    ['column', 1, 'insert', ['AABA', 'AAAA']],
    ['column', 1, 'double', ['ABBA', 'AAAA']],
    ['column', 1, 'remove', ['AA', 'AA']],
  ] as const)('%s %i: %s', (along, at, change, colours) =>
    expect(withLine(chart, along, at, change)).toEqual({ width: colours[0].length, colours }),
  )
  it('that are not there, or are the only ones, stay', () => {
    expect(withLine(chart, 'row', 7, 'remove')).toBe(chart)
    const one: Chart = { width: 1, colours: ['A'] }
    for (const along of ['row', 'column'] as const)
      expect(withLine(one, along, 0, 'remove')).toBe(one)
  })
  it('what is chosen stays on the very cells, or goes with them', () => {
    fc.assert(
      fc.property(
        anyChart,
        fc.nat(8),
        fc.constantFrom('row', 'column'),
        fc.constantFrom('insert', 'double', 'remove'),
        (any, at, along, change) => {
          if (at >= (along === 'row' ? any.colours.length : any.width)) return
          const cells = any.colours.flatMap((row, r) =>
            [...row].map((_, column) => ({ column, row: r })),
          )
          const next = withLine(any, along, at, change)
          if (next === any) return
          const left = cells.filter((cell) => change !== 'remove' || cell[along] !== at)
          const letters = ({ colours }: Chart, of: readonly Cell[]) =>
            of.map(({ row, column }) => colours[row]![column])
          expect(letters(next, cellsAfter(cells, along, at, change))).toEqual(letters(any, left))
        },
      ),
    )
  })
  it('one put in and taken out again is the chart there was', () => {
    fc.assert(
      fc.property(anyChart, fc.nat(8), fc.constantFrom('row', 'column'), (any, at, along) => {
        const most = along === 'row' ? any.colours.length : any.width
        if (at >= most) return
        for (const change of ['insert', 'double'] as const)
          expect(withLine(withLine(any, along, at, change), along, at, 'remove')).toEqual(any)
      }),
    )
  })
})

describe('symmetry while painting', () => {
  const chart: Chart = { width: 5, colours: ['AAAAA', 'AAAAA', 'AAAAA'] }
  it.each([
    ['none', 1],
    ['across', 2],
    ['up', 2],
    ['both', 4],
    ['half-turn', 2],
  ])('%s paints %i cells for one at a corner, one alone in the very middle', (id, many) => {
    const symmetry = symmetries.find((one) => one.id === id)!
    const painted = withSymmetry([{ column: 0, row: 0 }], symmetry, chart)
    expect(painted).toHaveLength(many)
    expect(withSymmetry([{ column: 2, row: 1 }], symmetry, chart)).toHaveLength(1)
    // What is painted so is closed: the same symmetry adds nothing to it.
    expect(withSymmetry(painted, symmetry, chart)).toHaveLength(many)
  })
})
