import pdfMake from 'pdfmake/build/pdfmake.js'
import roboto from 'pdfmake/build/fonts/Roboto.js'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { type Drawing, svgOf } from '@core/file'
import { lineLabel, type PatternLine, type PatternPiece, type PatternSection } from '@core/pattern'
import type { PatternSheet, SheetYarn } from '@core/bag'
import type { NamedDrawing } from './chart-drawings.ts'
import { brokenLines, fitsFont, printable } from './pdf-text.ts'
import { heavyPicture, isHeavy } from './picture.ts'

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
type Shown = { readonly svg: string } | { readonly image: string }

/** The whole pattern as a PDF on A4 with its fonts within it, and what it could not hold. */
export async function pdfOf(
  sheet: PatternSheet,
  charts: readonly NamedDrawing[],
): Promise<{ pdf: Blob; notes: string[] }> {
  const notes: string[] = []
  const shown = new Map<string, Shown>()
  for (const { part, drawing } of charts) shown.set(part, await shownIn(drawing))
  for (const section of sheet.pieces.flatMap(({ sections }) => sections))
    if (lettersIn(section) > MOST_LETTERS)
      notes.push(
        `The rounds of “${section.name}” would fill hundreds of pages and are left out: its chart says the same, and the CSV has them all.`,
      )
  const missing = new Set(
    [...namesIn(sheet)].flatMap((text) => [...text]).filter((c) => !fitsFont(c)),
  )
  if (missing.size > 0)
    notes.push(
      `The font of the PDF does not have ${[...missing].slice(0, 12).join(' ')}: a ? stands for each.`,
    )
  pdfMake.addFontContainer(roboto)
  const pdf = await pdfMake.createPdf(documentOf(sheet, shown)).getBlob()
  return { pdf, notes }
}

const namesIn = ({ name, yarns, pieces }: PatternSheet): string[] => [
  name,
  ...yarns.map((yarn) => yarn.name),
  ...pieces.flatMap((piece) => [piece.name, ...piece.sections.map((section) => section.name)]),
]
const lettersIn = ({ lines }: PatternSection): number =>
  lines.reduce((sum, { text }) => sum + text.length, 0)

async function shownIn(drawing: Drawing): Promise<Shown> {
  if (isHeavy(drawing)) return { image: await dataUrl(await heavyPicture(drawing, 'image/jpeg')) }
  const texts = drawing.texts.map((one) => ({ ...one, text: printable(one.text) }))
  return { svg: svgOf({ ...drawing, texts }) }
}

async function dataUrl(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer())
  let text = ''
  for (let i = 0; i < bytes.length; i += 8192)
    text += String.fromCharCode(...bytes.subarray(i, i + 8192))
  return `data:${blob.type};base64,${btoa(text)}`
}

function documentOf(sheet: PatternSheet, charts: ReadonlyMap<string, Shown>): TDocumentDefinitions {
  const { facts, yarns, abbreviations, pieces } = sheet
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
    ],
  }
}

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
  const left = lettersIn(section) > MOST_LETTERS
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
