import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import {
  lineLabel,
  type PatternLine,
  type PatternPiece,
  type PatternSection,
  UNFINISHED,
} from '@core/pattern'
import type { PatternSheet, SheetYarn } from '@core/bag'
import { listed } from '@core/units'
import { brokenLines, printable } from './pdf-text.ts'

const INK = '#1b2421'
const QUIET = '#4d5a54'
const PAGE = { width: 595.28, margin: 48 }
const INNER = PAGE.width - 2 * PAGE.margin
const SIZE = 10
/** Rows this long are set a little smaller, or they fill pages. */
const LONG = { letters: 400, size: 8.5 }
const LABEL = 84
const COUNT = 42
const UNITS = 96
/** Letters of the rounds of one part that are printed at most: above it they are hundreds of pages nobody reads. */
const MOST_LETTERS = 1_500_000

/** A chart as the document holds it: a drawing, or where that would be too much a picture of it. */
export type Shown = { readonly svg: string } | { readonly image: string }

/** Whether the rounds of a part are too many to be printed. */
export const isTooLong = ({ lines }: PatternSection): boolean =>
  lines.reduce((sum, { text }) => sum + text.length, 0) > MOST_LETTERS

/** The pages of a pattern: all that it says, its charts by their part, and the bag as it will be (an address with the data in it). */
export function documentOf(
  sheet: PatternSheet,
  charts: ReadonlyMap<string, Shown>,
  portrait: string | null = null,
): TDocumentDefinitions {
  const { facts, yarns, abbreviations, pieces, finishing, errors } = sheet
  const name = printable(sheet.name)
  return {
    pageSize: 'A4',
    pageMargins: [PAGE.margin, 54, PAGE.margin, 54],
    info: { title: name, creator: 'Ample Motif' },
    defaultStyle: { fontSize: SIZE, color: INK, lineHeight: 1.2 },
    footer: (page, pages) => ({
      text: `${name} · ${page} of ${pages}`,
      alignment: 'center',
      color: QUIET,
      fontSize: 8,
    }),
    // A heading stays with the first of what it heads.
    pageBreakBefore: (node, around) =>
      node.headlineLevel === 1 && around.getFollowingNodesOnPage().length === 0,
    content: [
      { text: name, fontSize: 22, bold: true, margin: [0, 0, 0, 8] },
      ...(portrait ? [{ image: portrait, width: 210, alignment: 'center' } as Content] : []),
      ...(errors > 0 ? [{ text: UNFINISHED, bold: true, margin: [0, 0, 0, 8] } as Content] : []),
      table([
        ...facts.map(({ what, is }): Content[] => [{ text: what, color: QUIET }, is]),
        [{ text: 'Yarn', color: QUIET }, { stack: yarns.map(yarnLine) }],
        [
          { text: 'Short for', color: QUIET },
          abbreviations.map(({ short, long }) => `${short}: ${long}`).join('; '),
        ],
      ]),
      ...pieces.flatMap((piece): Content[] => [
        ...(pieces.length > 1 || piece.times ? [pieceTitle(piece)] : []),
        ...piece.sections.flatMap((section) => sectionContent(section, charts.get(section.part))),
        ...[piece.finish, ...piece.joins].map((join): Content => ({
          text: join,
          margin: [0, 6, 0, 0],
        })),
      ]),
      ...finishingContent(finishing),
    ],
  }
}

/** What is done at the end, step by step, and what to mind. */
const finishingContent = ({ steps, cautions }: PatternSheet['finishing']): Content[] => [
  { text: 'Finishing', fontSize: 17, bold: true, margin: [0, 18, 0, 4], headlineLevel: 1 },
  {
    ol: steps.map(({ name, text }) => ({
      text: [{ text: `${printable(name)}: `, bold: true }, printable(text)],
      margin: [0, 0, 0, 3],
    })),
  },
  ...cautions.map(({ title, text, of }): Content => ({
    text: [{ text: `${title} `, bold: true }, `${text} (${printable(listed(of))})`],
    color: QUIET,
    margin: [0, 5, 0, 0],
  })),
]

const pieceTitle = ({ name, times }: PatternPiece): Content => ({
  text: [
    printable(name),
    { text: times ? `  ${times}` : '', fontSize: 10, bold: false, color: QUIET },
  ],
  fontSize: 17,
  bold: true,
  margin: [0, 18, 0, 0],
  headlineLevel: 1,
})

function sectionContent(section: PatternSection, chart: Shown | undefined): Content[] {
  const left = isTooLong(section)
  return [
    {
      text: printable(section.name),
      fontSize: 14,
      bold: true,
      margin: [0, 14, 0, 3],
      headlineLevel: 1,
    },
    ...(section.intro
      ? [{ text: section.intro, color: QUIET, margin: [0, 0, 0, 4] } as Content]
      : []),
    ...section.notes.map((text): Content => ({ text, color: QUIET, margin: [0, 0, 0, 4] })),
    ...(chart ? [{ ...chart, fit: [INNER, 560], margin: [0, 4, 0, 8] } as Content] : []),
    ...(left
      ? [{ text: 'Read every round from the chart.', color: QUIET } as Content]
      : section.lines.flatMap(lineContent)),
  ]
}

function lineContent(line: PatternLine): Content[] {
  // A row that is counted in its own units says more.
  const total = line.total.length > 8 ? UNITS : COUNT
  const width = INNER - LABEL - total
  const fontSize = line.text.length > LONG.letters ? LONG.size : SIZE
  const lines = brokenLines(printable(line.text), width, fontSize)
  return [
    ...(line.note
      ? [{ text: line.note, italics: true, color: QUIET, margin: [LABEL, 2, 0, 0] } as Content]
      : []),
    {
      columns: [
        { text: lineLabel(line), bold: true, width: LABEL },
        // Lines broken beforehand are set as they are, which is ten times as fast as word by word.
        lines.length > 1
          ? { stack: lines.map((text) => ({ text, noWrap: true })), width, fontSize }
          : { text: lines, width },
        { text: `(${line.total})`, width: total, alignment: 'right', color: QUIET },
      ],
      margin: [0, 2, 0, 0],
    },
  ]
}

const yarnLine = ({ letter, name, colour, amount }: SheetYarn): Content => ({
  columns: [
    {
      canvas: [{ type: 'rect', x: 0, y: 2, w: 9, h: 9, color: colour, lineColor: INK }],
      width: 15,
    },
    { text: `${letter} ${printable(name)}: ${amount}` },
  ],
})

const table = (body: Content[][]): Content => ({
  table: { widths: [56, '*'], body },
  layout: 'noBorders',
})
