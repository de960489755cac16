import Papa from 'papaparse'
import { type Ledger, partOfRow, type Piece, sides } from '../ledger/index.ts'
import { rowText } from '../pattern/index.ts'
import type { Words } from '../stitch/index.ts'

/** Every round as a line of CSV (RFC 4180), the first round first. Text that a spreadsheet would run is made harmless. */
export function roundsCsv(ledger: Ledger, piece: Piece, words: Words): string {
  const { number, side, uses, makes, widthMm, heightMm } = piece.columns
  const data = Array.from({ length: piece.rows }, (_, row) => ({
    round: number[row],
    part: partOfRow(piece, row).name,
    side: sides[side[row]!],
    uses: uses[row],
    makes: makes[row],
    around_mm: widthMm[row]!.toFixed(1),
    height_mm: heightMm[row]!.toFixed(1),
    work: rowText(ledger, piece, row, words),
  }))
  return Papa.unparse(data, { escapeFormulae: true, newline: '\r\n' })
}
