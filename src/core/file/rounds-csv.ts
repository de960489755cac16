import Papa from 'papaparse'
import { type Ledger, partOfRow, type Piece } from '../ledger/index.ts'
import { sides } from '../program/index.ts'
import { rowText } from '../pattern/index.ts'
import type { Words } from '../stitch/index.ts'

/** What a spreadsheet would run, also behind spaces and line feeds. */
export const SPREADSHEET_RUNS = /^\s*[=+\-@\t\r\n]/

/** Every round and row of all pieces as a line of CSV (RFC 4180), in working order. Text that a spreadsheet would run is made harmless. */
export const roundsCsv = (ledger: Ledger, words: Words): string =>
  Papa.unparse(
    ledger.pieces.flatMap((piece) => linesOf(ledger, piece, words)),
    { escapeFormulae: SPREADSHEET_RUNS, newline: '\r\n' },
  )

function linesOf(ledger: Ledger, piece: Piece, words: Words) {
  const { number, side, uses, makes, widthMm, heightMm } = piece.columns
  return Array.from({ length: piece.rows }, (_, row) => ({
    piece: piece.name,
    round: number[row],
    part: partOfRow(piece, row).name,
    side: sides[side[row]!],
    uses: uses[row],
    makes: makes[row],
    around_mm: widthMm[row]!.toFixed(1),
    height_mm: heightMm[row]!.toFixed(1),
    work: rowText(ledger, piece, row, words),
  }))
}
