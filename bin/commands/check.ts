import { readFileSync } from 'node:fs'
import { checkPattern, type CheckOptions, type WordedReport, wordedReport } from '@core/check'
import { type Outcome, Refusal } from '../outcome.ts'

export interface CheckCommandOptions {
  readonly terms?: CheckOptions['terms']
  readonly startingChain: NonNullable<CheckOptions['startingChain']>
  readonly json?: boolean
}

const shown = (n: number | null) => (n === null ? '?' : String(n))

function textOf({ rows, problems, unread }: WordedReport): string {
  const lines = rows.map((row) => {
    const name = `${row.kind === 'round' ? 'Round' : 'Row'} ${row.row ?? ''}`.trim()
    const counts = `${shown(row.available)} there, ${shown(row.consumes)} used, ${shown(row.makes)} made${row.stated === null ? '' : `, ${row.stated} stated`}`
    return [
      `${row.ok ? 'ok ' : 'NOT'} ${name}: ${counts}`,
      ...row.problems.map(
        ({ severity, message, mends }) =>
          `      ${severity}: ${message}${mends.length > 0 ? ` (${mends.join('; ')})` : ''}`,
      ),
    ].join('\n')
  })
  return [
    ...lines,
    ...problems.map(({ severity, message }) => `${severity}: ${message}`),
    ...unread.map(({ line, text }) => `line ${line} could not be read: ${text}`),
    `${rows.length} rows, ${rows.filter(({ ok }) => !ok).length} that do not add up`,
  ].join('\n')
}

/** Checks a written pattern; `wrong` when a row does not add up or could not be read. */
export function check(path: string, { terms, startingChain, json }: CheckCommandOptions): Outcome {
  let text: string
  try {
    text = readFileSync(path, 'utf8')
  } catch (error) {
    throw new Refusal(`cannot read ${path}: ${(error as NodeJS.ErrnoException).code ?? 'unknown'}`)
  }
  if (text.includes('\u0000')) throw new Refusal(`${path}: is not a text`)
  const report = wordedReport(checkPattern(text, { startingChain, ...(terms ? { terms } : {}) }))
  return {
    output: json ? JSON.stringify(report, null, 1) : textOf(report),
    wrong:
      report.rows.some(({ ok }) => !ok) ||
      report.problems.some(({ severity }) => severity === 'error'),
  }
}
