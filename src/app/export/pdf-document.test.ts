import { derive, patternSheet } from '@core/bag'
import { lineLabel, UNFINISHED } from '@core/pattern'
import { projectOf } from '@core/project'
import { defaultWords } from '@core/stitch'
import { everyBag } from '../../core/testing/every-bag.ts'
import { documentOf } from './pdf-document.ts'

/** All that is set in a document, in its order: every text there is in its tree. */
function textsIn(node: unknown): string[] {
  if (typeof node === 'string') return [node]
  if (Array.isArray(node)) return node.flatMap(textsIn)
  if (typeof node !== 'object' || node === null) return []
  const { text, stack, columns, table, ol, content } = node as Record<string, unknown>
  const body = (table as { body?: unknown } | undefined)?.body
  return [text, stack, columns, body, ol, content].flatMap((one) => textsIn(one ?? []))
}
const spaced = (texts: readonly string[]) => texts.join(' ').replace(/\s+/g, ' ')

describe('the printed pattern says all that the page says', () => {
  const bags = everyBag().filter((_, i) => i % 7 === 0)
  it.each(bags.map(({ design }) => [design.name, design] as const))('%s', (_, design) => {
    const derived = derive(projectOf(design), defaultWords)
    const sheet = patternSheet(design, derived, defaultWords)
    const printed = spaced(textsIn(documentOf(sheet, new Map())))
    const said = [
      sheet.name,
      ...(sheet.errors > 0 ? [UNFINISHED] : []),
      ...sheet.facts.flatMap(({ what, is }) => [what, is]),
      ...sheet.yarns.map(({ letter, name, amount }) => `${letter} ${name}: ${amount}`),
      ...sheet.abbreviations.map(({ short, long }) => `${short}: ${long}`),
      ...sheet.pieces.flatMap((piece) => [
        ...piece.sections.flatMap(({ name, intro, notes, lines }) => [
          ...[name, intro, ...notes],
          ...lines.flatMap((line) => [line.note ?? '', lineLabel(line), line.text, line.total]),
        ]),
        ...[piece.finish, ...piece.joins],
      ]),
      ...sheet.finishing.steps.flatMap(({ name, text }) => [name, text]),
      ...sheet.finishing.cautions.flatMap(({ title, text }) => [title, text]),
    ].map((text) => spaced([text]))
    expect(said.filter((text) => !printed.includes(text))).toEqual([])
  })
})
