import type { Chart } from '@core/chart'
import { middlesSeen, type Ledger, type LedgerPart, type Piece, placeColours } from '@core/ledger'

/** So much of a part, seen from the front around the middle, as a chart: how plain and striped bands are shown. */
export function partChart(
  ledger: Ledger,
  piece: Piece,
  part: LedgerPart,
  columns: number,
  hand: 'right' | 'left',
): Chart {
  const rows = Array.from({ length: part.endRow - part.firstRow }, (_, i) =>
    placeColours(ledger, piece, part.firstRow + i, hand),
  )
  const width = Math.min(columns, ...rows.map((row) => row.length))
  return {
    width,
    colours: rows.map((row, i) => {
      const whole = width === row.length
      const middle = middlesSeen(piece, part.firstRow + i, hand).front
      const from = whole ? 0 : Math.round(middle - width / 2) + row.length
      return Array.from({ length: width }, (_, at) => {
        return ledger.yarns[row[(from + at) % row.length]!]!
      }).join('')
    }),
  }
}
