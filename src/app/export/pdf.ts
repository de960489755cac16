import pdfMake from 'pdfmake/build/pdfmake.js'
import roboto from 'pdfmake/build/fonts/Roboto.js'
import { type Drawing, svgOf } from '@core/file'
import type { PatternSheet } from '@core/bag'
import type { NamedDrawing } from './chart-drawings.ts'
import { documentOf, isTooLong, type Shown } from './pdf-document.ts'
import { fitsFont, printable } from './pdf-text.ts'
import { heavyPicture, isHeavy } from './picture.ts'

/** The whole pattern as a PDF on A4 with its fonts within it, and what it could not hold. */
export async function pdfOf(
  sheet: PatternSheet,
  charts: readonly NamedDrawing[],
  portrait: Blob | null,
): Promise<{ pdf: Blob; notes: string[] }> {
  const notes: string[] = []
  const shown = new Map<string, Shown>()
  for (const { part, drawing } of charts) shown.set(part, await shownIn(drawing))
  for (const section of sheet.pieces.flatMap(({ sections }) => sections))
    if (isTooLong(section))
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
  const pdf = await pdfMake
    .createPdf(documentOf(sheet, shown, portrait && (await dataUrl(portrait))))
    .getBlob()
  return { pdf, notes }
}

const namesIn = ({ name, yarns, pieces }: PatternSheet): string[] => [
  name,
  ...yarns.map((yarn) => yarn.name),
  ...pieces.flatMap((piece) => [piece.name, ...piece.sections.map((section) => section.name)]),
]
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
