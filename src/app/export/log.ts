import { logCsv, logMarkdown } from '@core/file'
import { always, type Export, type Outgoing } from './export.ts'

const wordsOf = ({ derived, design, words }: Outgoing) => ({
  ledger: derived.ledger,
  yarns: design.yarns,
  units: words.units,
})

export const logTable: Export = {
  id: 'log-csv',
  title: 'Log as CSV',
  about: 'What was made, counted, weighed and noted, for a spreadsheet',
  offered: always,
  make: (bag) => ({
    files: [
      { name: `${bag.file}-log.csv`, type: 'text/csv', content: logCsv(bag.log, wordsOf(bag)) },
    ],
  }),
}

export const logText: Export = {
  id: 'log-markdown',
  title: 'Log as Markdown',
  about: 'The same as a text, day by day',
  offered: always,
  make: (bag) => ({
    files: [
      {
        name: `${bag.file}-log.md`,
        type: 'text/markdown',
        content: logMarkdown(bag.design.name, bag.log, wordsOf(bag)),
      },
    ],
  }),
}
