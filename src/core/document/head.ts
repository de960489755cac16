/** What stands at the top of a document's file, by which it is known. */
export interface DocumentHead {
  /** What `format` says in its files. */
  readonly format: string
  /** The version that is written; older ones are brought up to it, newer ones refused. */
  readonly version: number
}

/** A document as it is kept and goes out. */
export const documentFile = ({ format, version }: DocumentHead, document: object): object => ({
  format,
  version,
  ...document,
})
export const printDocument = (head: DocumentHead, document: object): string =>
  JSON.stringify(documentFile(head, document), null, 1)
