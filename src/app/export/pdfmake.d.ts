declare module 'pdfmake/build/pdfmake.js' {
  import type { TDocumentDefinitions } from 'pdfmake/interfaces'
  const pdfMake: {
    addFontContainer(container: unknown): void
    createPdf(definition: TDocumentDefinitions): { getBlob(): Promise<Blob> }
  }
  export default pdfMake
}
declare module 'pdfmake/build/fonts/Roboto.js' {
  const container: unknown
  export default container
}
