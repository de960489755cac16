import { patternSheet } from '@core/bag'
import { chartDrawings } from './chart-drawings.ts'
import { always, type Export } from './export.ts'

export const patternPdf: Export = {
  id: 'pattern-pdf',
  title: 'PDF',
  about: 'Materials, key, chart and rounds, ready to print',
  offered: always,
  make: async (bag) => {
    const { design, derived, words, file, tell, portrait } = bag
    tell('writing every round')
    const sheet = patternSheet(design, derived, words)
    tell('setting pages')
    const { pdfOf } = await import('./pdf.ts')
    const { pdf, notes } = await pdfOf(sheet, chartDrawings(bag), portrait)
    return { files: [{ name: `${file}.pdf`, type: 'application/pdf', content: pdf }], notes }
  },
}
