import { bodyOf } from '../ledger/index.ts'
import type { Paper, WorkLine } from '../paper/index.ts'
import { lineLabel, type PatternLine } from '../pattern/index.ts'
import { patternSheet } from '../bag/index.ts'
import type { BookletOf } from './booklet.ts'

/** Rows a card holds, so that it goes into a pocket. */
const EACH = 10

/** The rows to cut out: a line each with its box, so many on a card. */
export function cardsOf({
  design,
  derived,
  words,
  choices,
}: Omit<BookletOf, 'paged' | 'pictures'>): Paper {
  const { pieces } = patternSheet(design, derived, words)
  const body = bodyOf(derived.ledger).id
  const cards = pieces
    .filter(({ id }) => choices.piece === null || id === choices.piece)
    .flatMap((piece) =>
      piece.sections.flatMap(({ name, lines }) => {
        const all = lines.flatMap(lineOf)
        const many = Math.ceil(all.length / EACH)
        const of =
          piece.id === body && pieces.length === 1 ? design.name : `${design.name}, ${piece.name}`
        return Array.from({ length: many }, (_, i) => ({
          title: `${of}: ${name}${many > 1 ? `, ${i + 1} of ${many}` : ''}`,
          lines: all.slice(i * EACH, (i + 1) * EACH),
        }))
      }),
    )
  return { name: `${design.name}: cards`, blocks: [{ is: 'cards', cards }] }
}

/** A line with its boxes: rows that are alike stay one line with a box each. */
const lineOf = (line: PatternLine): WorkLine => ({
  label: lineLabel(line),
  before: line.note ? [line.note] : [],
  text: line.text,
  total: line.total,
  after: [],
  ticks:
    line.from === line.to
      ? ['']
      : Array.from({ length: line.to - line.from + 1 }, (_, i) => String(line.from + i)),
})
