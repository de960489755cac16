import Papa from 'papaparse'
import { entryWords, logKindNames, type LogWords, placeWords } from '../make/index.ts'
import type { LogEntry } from '../project/index.ts'
import { SPREADSHEET_RUNS } from './rounds-csv.ts'

/* The log as a table and as a text. */

/** Every entry as a line of CSV (RFC 4180), the oldest first. Text that a spreadsheet would run is made harmless. */
export const logCsv = (log: readonly LogEntry[], words: LogWords): string =>
  Papa.unparse(
    log.map((entry) => ({
      at: entry.at ?? '',
      kind: logKindNames[entry.kind],
      place: placeWords(words, entry),
      copy: 'copy' in entry ? entry.copy : '',
      yarn: 'yarn' in entry ? entry.yarn : '',
      grams: 'grams' in entry ? (entry.grams ?? '') : '',
      counted: entry.kind === 'counted' ? entry.count : '',
      planned: entry.kind === 'counted' ? entry.planned : '',
      seconds: entry.kind === 'made' ? (entry.seconds ?? '') : '',
      text: entryWords(entry, words),
    })),
    {
      escapeFormulae: SPREADSHEET_RUNS,
      newline: '\r\n',
      columns: [
        ...[
          'at',
          'kind',
          'place',
          'copy',
          'yarn',
          'grams',
          'counted',
          'planned',
          'seconds',
          'text',
        ],
      ],
    },
  )

const escaped = (text: string): string =>
  text.replace(/[\\`*_{}[\]<>()#+.!|~-]/g, '\\$&').replace(/\s*\n\s*/g, ' ')

/** The log in Markdown: a heading a day, the oldest first. */
export function logMarkdown(name: string, log: readonly LogEntry[], words: LogWords): string {
  const lines = [`# Log of ${escaped(name)}`]
  let day: string | null = null
  for (const entry of log) {
    const own = entry.at?.slice(0, 10) ?? 'Without a day'
    if (own !== day) lines.push('', `## ${own}`, '')
    day = own
    const time = entry.at ? `${entry.at.slice(11, 16)} ` : ''
    lines.push(`- ${time}${escaped(entryWords(entry, words))}`)
  }
  return `${lines.join('\n')}\n`
}
