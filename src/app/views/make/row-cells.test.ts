import { bodyOf, compile, placeColours } from '../../../core/ledger/index.ts'
import { baseAs, motif, plain, tote } from '../../../core/testing/tote.ts'
import { rowsSeen } from './row-cells.ts'

const ledger = compile(tote())
const piece = bodyOf(ledger)
const asked = { row: 10, left: 5, columns: 48, below: 2, above: 2, hand: 'right' } as const
const row = (over: Partial<typeof asked> & object = {}, of = { ledger, piece }) => {
  const seen = rowsSeen(of.ledger, of.piece, { ...asked, ...over } as never)
  return { ...seen, cells: seen.rows.find(({ here }) => here)!.cells }
}
const made = (cells: readonly { readonly column: number; readonly made: boolean }[]) =>
  cells.filter((one) => one.made).map(({ column }) => column)

describe('the chart about the hook', () => {
  it('is the row as it is seen on the right side, worked from the right by the right hand', () => {
    const { cells, here, rows } = row()
    expect(cells.map(({ yarn }) => yarn)).toEqual([...placeColours(ledger, piece, 10, 'right')])
    expect(made(cells)).toEqual([43, 44, 45, 46, 47])
    expect(here).toBe(43)
    expect(rows.map(({ number }) => number)).toEqual([9, 10, 11, 12, 13])
  })
  it('is worked from the left by the left hand', () => {
    const { cells, here } = row({ hand: 'left' } as never)
    expect(cells.map(({ yarn }) => yarn)).toEqual([...placeColours(ledger, piece, 10, 'left')])
    expect(made(cells)).toEqual([0, 1, 2, 3, 4])
    expect(here).toBe(5)
  })
  it('goes the other way in a row on the wrong side', () => {
    const flat = compile(
      tote({ parts: [baseAs('panel', { count: 12 }), plain({ rounds: 3 }), motif({ times: 1 })] }),
    )
    const panel = bodyOf(flat)
    const wrong = panel.columns.side.indexOf(1)
    const { cells, here } = row({ row: wrong, left: 3, columns: 12 } as never, {
      ledger: flat,
      piece: panel,
    })
    expect(made(cells)).toEqual([0, 1, 2])
    expect(here).toBe(3)
  })
  it('shows a part of a long row, in which the hook is, and moves on by whole repeats', () => {
    let first: number | null = null
    let moved = 0
    for (let left = 0; left < 48; left++) {
      const { here, cells } = row({ left, columns: 17 } as never)
      expect(here).toBeGreaterThan(0)
      expect(here).toBeLessThan(17)
      expect(cells).toHaveLength(17)
      // Where the place is in all of the row, the window begins so far from it.
      const begins = 48 - left - here
      if (first !== null && begins !== first) moved++
      if (first !== null) expect(Math.abs(begins - first) % 6).toBe(0)
      first = begins
    }
    expect(moved).toBe(7)
  })
  it('lays longer and shorter rows over one another by their middles, and says the stitch that differs', () => {
    const { rows } = row({ row: 3, left: 0 } as never)
    const [below, above] = [
      rows.find(({ row: at }) => at === 2)!,
      rows.find(({ row: at }) => at === 4)!,
    ]
    expect([below.cells.length, above.cells.length]).toEqual([18, 30])
    expect(below.cells[0]!.column - above.cells[0]!.column).toBe(6)
    const symbols = new Set(above.cells.map(({ symbol }) => symbol))
    expect(symbols.size).toBe(2)
  })
})
