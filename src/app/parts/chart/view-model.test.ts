import fc from 'fast-check'
import {
  cellCorner,
  fittedView,
  inChart,
  margin,
  maybeCellAt,
  panned,
  showing,
  visibleCells,
  zoomed,
} from './view-model.ts'

const frame = { width: 700, height: 520, columns: 24, rows: 26, aspect: 0.9 }
const view = fittedView(frame)
const cells = fc.record({
  column: fc.integer({ min: 0, max: 23 }),
  row: fc.integer({ min: 0, max: 25 }),
})
const middle = (of: typeof view, cell: { column: number; row: number }) => {
  const { x, y } = cellCorner(of, cell)
  return [x + of.cellWidth / 2, y + of.cellHeight / 2] as const
}

describe('the chart on the screen', () => {
  it('has cells of the gauge’s true shape and shows all of the repeat', () => {
    expect(view.cellHeight / view.cellWidth).toBeCloseTo(0.9, 9)
    const { firstColumn, endColumn, firstRow, endRow } = visibleCells(view)
    expect(firstColumn).toBeLessThanOrEqual(-4)
    expect(endColumn).toBeGreaterThanOrEqual(28)
    expect([firstRow, endRow]).toEqual([0, 26])
  })

  it('finds the cell that it draws there', () => {
    fc.assert(
      fc.property(cells, (cell) => {
        expect(maybeCellAt(view, ...middle(view, cell))).toEqual(cell)
      }),
    )
    expect(maybeCellAt(view, 2, 2)).toBeNull()
    expect(maybeCellAt(view, 300, margin.top - 1)).toBeNull()
    expect(inChart(view, { column: -1, row: 3 })).toEqual({ column: 23, row: 3 })
    expect(inChart(view, { column: 25, row: 3 })).toEqual({ column: 1, row: 3 })
  })

  it('keeps the point under the pointer when zooming, and its shape', () => {
    const near = zoomed(view, 2, 350, 250)
    expect(maybeCellAt(near, 350, 250)).toEqual(maybeCellAt(view, 350, 250))
    expect(near.cellHeight / near.cellWidth).toBeCloseTo(0.9, 9)
    expect(zoomed(zoomed(view, 1e6, 0, 0), 10, 0, 0).cellWidth).toBe(60)
  })

  it('never loses the chart, and brings a cell into sight', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -9999, max: 9999 }),
        fc.integer({ min: -9999, max: 9999 }),
        cells,
        (dx, dy, cell) => {
          const moved = panned(zoomed(view, 3, 350, 250), dx, dy)
          const { firstRow, endRow } = visibleCells(moved)
          expect(endRow).toBeGreaterThan(firstRow)
          const shown = showing(moved, cell)
          expect(maybeCellAt(shown, ...middle(shown, cell))).toEqual(cell)
        },
      ),
    )
    expect(showing(view, { column: 3, row: 3 })).toBe(view)
  })
})
