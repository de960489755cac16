import { cuttingDrawing as drawingOf, cuttingPages } from '@core/file'
import { saidOf } from '@core/fitting'
import type { Design } from '@core/design'
import { papers, svgOf, textsInPages } from '@core/paper'
import type { Export, Outgoing } from './export.ts'

/** All that is cut for a bag, of cloth or board. */
const cutsOf = ({ derived }: Outgoing) =>
  derived.ledger.items
    .filter(({ cut }) => cut.length > 0)
    .map(({ item, cut }) => ({ name: item.name, cut }))

/** Whether something of it may be cut. */
const isCut = ({ items }: Design): boolean => items.some((item) => saidOf(item).group === 'inside')

export const cuttingDrawing: Export = {
  id: 'cutting-svg',
  title: 'Cutting plan as SVG',
  about: 'Lining and plate as large as they are',
  offered: isCut,
  make: (bag) => ({
    files: cutsOf(bag).map(({ name, cut }) => ({
      name: `${bag.file}-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.svg`,
      type: 'image/svg+xml',
      content: svgOf(drawingOf(cut, `${bag.design.name}: ${name}`, bag.words.units), 'mm'),
    })),
  }),
}

export const cuttingPdf: Export = {
  id: 'cutting-pdf',
  title: 'Cutting plan as PDF',
  about: 'In full size over pages of A4 or Letter, with marks and a test square',
  offered: isCut,
  make: async (bag) => {
    const { paper } = bag.choices
    const pages = cutsOf(bag).flatMap(({ name, cut }) =>
      cuttingPages(cut, `${bag.design.name}: ${name}`, paper, bag.words.units),
    )
    if (pages.length === 0)
      return {
        files: [],
        notes: ['This bag stands on no base that a plate would fit: there is nothing to cut.'],
      }
    bag.tell(`laying out ${pages.length} pages`)
    const { fontsFor } = await import('./fonts.ts')
    const { pdfOf } = await import('./paper-pdf.ts')
    const fonts = await fontsFor(textsInPages(pages), bag.fontShelf)
    const title = `${bag.design.name}: cutting plan`
    const content = new Blob([await pdfOf(pages, { title, fonts, images: new Map() })])
    const file = { name: `${bag.file}-cutting.pdf`, type: 'application/pdf', content }
    return { files: [file], notes: [`${pages.length} pages of ${papers[paper].name}.`] }
  },
}
