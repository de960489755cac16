import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { type CuttingPage, type Paper, papers } from '@core/file'
import { printable } from './pdf-text.ts'

/** Points of a PDF in a millimetre. */
export const POINTS = 72 / 25.4

/** Pages that are each one drawing, as large as their paper. */
export function cuttingDocument(pages: readonly CuttingPage[], paper: Paper): TDocumentDefinitions {
  const { widthMm, heightMm } = papers[paper]
  const [width, height] = [widthMm * POINTS, heightMm * POINTS]
  return {
    pageSize: { width, height },
    pageMargins: [0, 0, 0, 0],
    info: { title: printable(pages[0]!.name), creator: 'Ample Motif' },
    content: pages.map(({ svg }, i): Content => ({
      svg: svg.replace(/[^\x20-\x7e\n]/g, (sign) => (sign === '×' ? 'x' : printable(sign))),
      ...{ width, height, absolutePosition: { x: 0, y: 0 } },
      ...(i < pages.length - 1 ? { pageBreak: 'after' as const } : {}),
    })),
  }
}
