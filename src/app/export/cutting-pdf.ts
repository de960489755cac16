import pdfMake from 'pdfmake/build/pdfmake.js'
import roboto from 'pdfmake/build/fonts/Roboto.js'
import type { CuttingPage, Paper } from '@core/file'
import { cuttingDocument } from './cutting-document.ts'

/** A cutting plan in full size as a PDF. */
export function cuttingPdfOf(pages: readonly CuttingPage[], paper: Paper): Promise<Blob> {
  pdfMake.addFontContainer(roboto)
  return pdfMake.createPdf(cuttingDocument(pages, paper)).getBlob()
}
