import pdfMake from 'pdfmake/build/pdfmake.js'
import roboto from 'pdfmake/build/fonts/Roboto.js'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { Design } from '@core/design'
import { type Abbreviation, lineLabel, type PatternPiece, type PatternSection } from '@core/pattern'
import type { ChartPicture } from './chart-picture.ts'

export interface PrintedPattern {
  readonly design: Design
  readonly facts: readonly { readonly what: string; readonly is: string }[]
  readonly yarns: readonly {
    readonly letter: string
    readonly name: string
    readonly colour: string
    readonly amount: string
  }[]
  readonly abbreviations: readonly Abbreviation[]
  readonly pieces: readonly PatternPiece[]
  readonly charts: readonly ChartPicture[]
}

const INK = '#1b2421'
const QUIET = '#4d5a54'
const PAGE = { width: 595.28, margin: 48 }

/** The whole pattern as a PDF on A4, its fonts within it. */
export function patternPdf(pattern: PrintedPattern): Promise<Blob> {
  pdfMake.addFontContainer(roboto)
  return pdfMake.createPdf(documentOf(pattern)).getBlob()
}

function documentOf({
  design,
  facts,
  yarns,
  abbreviations,
  pieces,
  charts,
}: PrintedPattern): TDocumentDefinitions {
  const inner = PAGE.width - 2 * PAGE.margin
  return {
    pageSize: 'A4',
    pageMargins: [PAGE.margin, 54, PAGE.margin, 54],
    info: { title: design.name, creator: 'Ample Motif' },
    defaultStyle: { fontSize: 10, color: INK, lineHeight: 1.2 },
    footer: (page, pages) => ({
      text: `${design.name} · ${page} of ${pages}`,
      alignment: 'center',
      color: QUIET,
      fontSize: 8,
    }),
    content: [
      { text: design.name, fontSize: 22, bold: true, margin: [0, 0, 0, 8] },
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
        ...piece.sections.flatMap((section) => sectionContent(section, charts, inner)),
        ...piece.joins.map((join): Content => ({ text: join, margin: [0, 6, 0, 0] })),
      ]),
    ],
  }
}

const pieceTitle = ({ name, times }: PatternPiece): Content => ({
  text: [name, { text: times ? `  ${times}` : '', fontSize: 10, bold: false, color: QUIET }],
  fontSize: 17,
  bold: true,
  margin: [0, 18, 0, 0],
  headlineLevel: 1,
})

function sectionContent(
  section: PatternSection,
  charts: PrintedPattern['charts'],
  inner: number,
): Content[] {
  const chart = charts.find(({ id }) => id === section.part)
  return [
    { text: section.name, fontSize: 14, bold: true, margin: [0, 14, 0, 3], headlineLevel: 1 },
    ...(section.intro
      ? [{ text: section.intro, color: QUIET, margin: [0, 0, 0, 4] } as Content]
      : []),
    ...(chart ? [{ svg: chart.svg, fit: [inner, 560], margin: [0, 4, 0, 8] } as Content] : []),
    ...section.lines.flatMap((line): Content[] => [
      ...(line.note
        ? [{ text: line.note, italics: true, color: QUIET, margin: [84, 2, 0, 0] } as Content]
        : []),
      {
        columns: [
          { text: lineLabel(line), bold: true, width: 84 },
          { text: line.text, width: '*' },
          { text: `(${line.count})`, width: 42, alignment: 'right', color: QUIET },
        ],
        margin: [0, 2, 0, 0],
      },
    ]),
  ]
}

const yarnLine = ({ letter, name, colour, amount }: PrintedPattern['yarns'][number]): Content => ({
  columns: [
    {
      canvas: [{ type: 'rect', x: 0, y: 2, w: 9, h: 9, color: colour, lineColor: INK }],
      width: 15,
    },
    { text: `${letter} ${name}: ${amount}` },
  ],
})

const table = (body: Content[][]): Content => ({
  table: { widths: [56, '*'], body },
  layout: 'noBorders',
})
