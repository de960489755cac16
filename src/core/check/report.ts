import type { Block, Paper } from '../paper/index.ts'
import { counted } from '../units/index.ts'
import type { RowState } from './checked.ts'
import type { WordedReport, WordedRow } from './wording.ts'

/* What was found, to be sent to who wrote it: faults with their line, their place and what would put them right. */

/** How many rows are of each state. */
export const countsOf = (
  rows: readonly { readonly state: RowState }[],
): Record<RowState, number> => {
  const counts = { 'adds-up': 0, wrong: 0, 'not-understood': 0, 'not-known': 0 }
  for (const { state } of rows) counts[state]++
  return counts
}

/** "12 rows add up, 2 do not, 1 is not understood". */
export function countsSaid(rows: readonly { readonly state: RowState }[]): string {
  const of = countsOf(rows)
  if (rows.length === 0) return 'No row yet. A row begins like “Rnd 4:” or “Row 4:”.'
  if (of['adds-up'] === rows.length)
    return rows.length === 1 ? 'The one row adds up.' : `All ${rows.length} rows add up.`
  const said = [
    `${counted(of['adds-up'], 'row')} ${of['adds-up'] === 1 ? 'adds' : 'add'} up`,
    ...(of.wrong > 0 ? [`${of.wrong} ${of.wrong === 1 ? 'does' : 'do'} not`] : []),
    ...(of['not-understood'] > 0
      ? [`${of['not-understood']} ${of['not-understood'] === 1 ? 'is' : 'are'} not understood`]
      : []),
    ...(of['not-known'] > 0
      ? [`${of['not-known']} ${of['not-known'] === 1 ? 'stands' : 'stand'} on what is not known`]
      : []),
  ]
  return `${said.join(', ')}.`
}

export const nameOf = ({ row, kind, line }: Pick<WordedRow, 'row' | 'kind' | 'line'>): string =>
  row === null ? `Line ${line}` : `${kind === 'round' ? 'Round' : 'Row'} ${row}`

/** Rows one after the other that say the same of the same line: the first, and how many. */
export function foldedRows(rows: readonly WordedRow[]): readonly (readonly WordedRow[])[] {
  const groups: WordedRow[][] = []
  const same = (a: WordedRow, b: WordedRow) =>
    a.line === b.line &&
    a.text === b.text &&
    a.state === b.state &&
    a.available === b.available &&
    a.makes === b.makes &&
    a.problems.length === b.problems.length &&
    a.problems.every(({ message }, i) => message === b.problems[i]!.message)
  for (const row of rows) {
    const last = groups.at(-1)
    if (last && same(last[0]!, row)) last.push(row)
    else groups.push([row])
  }
  return groups
}

/** What a group of rows is called: "Rounds 6–9". */
export function groupName(group: readonly WordedRow[]): string {
  const [first, last] = [group[0]!, group.at(-1)!]
  return group.length === 1 || first.row === null || last.row === null
    ? nameOf(first)
    : `${first.kind === 'round' ? 'Rounds' : 'Rows'} ${first.row}–${last.row}`
}

/** The report as a document. */
export function reportPaper(name: string, report: WordedReport): Paper {
  const faulty = foldedRows(report.rows.filter(({ problems }) => problems.length > 0))
  const blocks: Block[] = [
    { is: 'title', text: name, under: countsSaid(report.rows) },
    ...report.problems.map(({ message }): Block => ({ is: 'words', said: message, tone: 'wrong' })),
    ...faulty.flatMap((group): Block[] => {
      const [row] = group as [WordedRow]
      return [
        { is: 'heading', level: 3, text: `Line ${row.line}, ${groupName(group)}` },
        { is: 'words', said: row.text, tone: 'quiet', leads: true },
        {
          is: 'list',
          by: 'dot',
          items: row.problems.map(({ message, mends }) =>
            mends.length > 0 ? `${message} Perhaps ${mends.join(', or ')}.` : message,
          ),
        },
      ]
    }),
    ...(report.unread.length > 0
      ? [
          { is: 'heading', level: 3, text: 'Not read' } as Block,
          {
            is: 'list',
            by: 'dot',
            items: report.unread.map(({ line, text }) => `Line ${line}: ${text}`),
          } as Block,
        ]
      : []),
  ]
  return { name, blocks }
}
