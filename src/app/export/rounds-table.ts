import { roundsCsv } from '@core/file'
import { always, type Export } from './export.ts'

export const roundsTable: Export = {
  id: 'rounds-csv',
  title: 'Rounds as CSV',
  about: 'Every round and row with its counts, for a spreadsheet',
  offered: always,
  make: ({ derived, words, file }) => ({
    files: [
      {
        name: `${file}-rounds.csv`,
        type: 'text/csv',
        content: roundsCsv(derived.ledger, words),
      },
    ],
  }),
}
