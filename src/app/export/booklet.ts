import { bookletOf, cardsOf, sizeOf } from '@core/booklet'
import {
  htmlOf,
  markdownOf,
  type Page,
  pagesOf,
  type Paper,
  plainTextOf,
  rulerOf,
  textsOf,
} from '@core/paper'
import { always, type Export, type Outgoing } from './export.ts'
import { onWhite } from './picture.ts'

/*
 * The pattern as it is handed on: on pages, as a page of the web, and in words alone.
 */

/** A document on the pages it is printed on, with the fonts they are set in. */
export async function onPages(
  paper: Paper,
  { choices, fontShelf }: Pick<Outgoing, 'choices' | 'fontShelf'>,
) {
  const { fontsFor } = await import('./fonts.ts')
  const fonts = await fontsFor(textsOf(paper), fontShelf)
  const pages: Page[] = pagesOf(paper, {
    ...{ paper: choices.paper, size: sizeOf(choices) },
    ruler: rulerOf(fonts.advance),
  })
  return { pages, fonts }
}

/** A document as PDF, with what no font here has. */
export async function paperPdf(
  paper: Paper,
  of: Pick<Outgoing, 'choices' | 'fontShelf'>,
  images: ReadonlyMap<string, Uint8Array> = new Map(),
  tell: (stage: string) => void = () => {},
) {
  const { pages, fonts } = await onPages(paper, of)
  const { pdfOf } = await import('./paper-pdf.ts')
  const content = await pdfOf(pages, {
    ...{ title: paper.name, fonts, images },
    tell: (page, all) => tell(`page ${page} of ${all}`),
  })
  return { content: new Blob([content], { type: 'application/pdf' }), missing: fonts.missing }
}

async function pdfFile(bag: Outgoing, paper: Paper, name: string) {
  bag.tell('setting pages')
  const images = new Map<string, Uint8Array>()
  for (const [key, picture] of bag.pictures)
    images.set(key, new Uint8Array(await (await onWhite(picture)).arrayBuffer()))
  const { content, missing } = await paperPdf(paper, bag, images, bag.tell)
  const notes =
    missing.length > 0
      ? [`No font here has ${missing.slice(0, 12).join(' ')}: a box stands for each.`]
      : []
  return { files: [{ name, type: 'application/pdf', content }], notes }
}

const booklet = (bag: Outgoing, paged: boolean): Paper => {
  bag.tell('writing every round')
  return bookletOf({ ...bag, pictures: [...bag.pictures.keys()], paged })
}

export const bookletPdf: Export = {
  id: 'booklet-pdf',
  title: 'PDF',
  about: 'The very pages you see, ready to print',
  offered: always,
  make: (bag) => pdfFile(bag, booklet(bag, true), `${bag.file}.pdf`),
}

export const cardsPdf: Export = {
  id: 'cards-pdf',
  title: 'Round cards',
  about: 'A round a line with its box, to cut out',
  offered: always,
  make: (bag) => pdfFile(bag, cardsOf(bag), `${bag.file}-cards.pdf`),
}

/** A picture as an address with the data in it. */
async function dataUrl(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer())
  let text = ''
  for (let i = 0; i < bytes.length; i += 8192)
    text += String.fromCharCode(...bytes.subarray(i, i + 8192))
  return `data:${blob.type};base64,${btoa(text)}`
}

export const bookletHtml: Export = {
  id: 'booklet-html',
  title: 'Web page',
  about: 'One file for any browser, with boxes to tick',
  offered: always,
  make: async (bag) => {
    const images = new Map<string, string>()
    for (const [key, picture] of bag.pictures)
      images.set(key, await dataUrl(await onWhite(picture)))
    const content = htmlOf(booklet(bag, false), images)
    return { files: [{ name: `${bag.file}.html`, type: 'text/html', content }] }
  },
}

export const bookletMarkdown: Export = {
  id: 'booklet-markdown',
  title: 'Markdown',
  about: 'Words with boxes to tick, for notes of any kind',
  offered: always,
  make: (bag) => ({
    files: [
      {
        ...{ name: `${bag.file}.md`, type: 'text/markdown' },
        content: markdownOf(booklet(bag, false)),
      },
    ],
  }),
}

export const bookletText: Export = {
  id: 'booklet-text',
  title: 'Plain text',
  about: 'Words alone, for a screen reader',
  offered: always,
  make: (bag) => ({
    files: [
      {
        ...{ name: `${bag.file}.txt`, type: 'text/plain' },
        content: plainTextOf(booklet(bag, false)),
      },
    ],
  }),
}
