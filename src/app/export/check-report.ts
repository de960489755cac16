import { reportPaper, type WordedReport } from '@core/check'
import { markdownOf } from '@core/paper'
import type { Print } from '@core/workshop'
import { paper } from '@app/workers/workers.ts'
import { fileName } from './file-name.ts'
import { giveFile } from './save.ts'

export type ReportKind = 'markdown' | 'pdf'

/** Gives what was found in a pattern as a file. @throws when it could not be made */
export async function giveReport(
  kind: ReportKind,
  name: string,
  report: WordedReport,
  choices: Print,
): Promise<void> {
  const said = reportPaper(`Checked: ${name}`, report)
  const file = `${fileName(name)}-checked`
  if (kind === 'markdown')
    return giveFile({ name: `${file}.md`, type: 'text/markdown', content: markdownOf(said) })
  const made = await paper.ask((api) => api.pdf(said, { ...choices, piece: null }))
  if (!made.ok) throw new Error(made.problem)
  await giveFile({ name: `${file}.pdf`, type: 'application/pdf', content: made.value })
}
