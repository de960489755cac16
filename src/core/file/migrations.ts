type Document = { readonly version: number }
type Migration = (document: Document) => Document

/** Step n − 1 takes a document of version n to version n + 1. Without gaps; a step is never changed once released. */
const migrations: readonly Migration[] = []

export const NEWEST_VERSION = migrations.length + 1

/** The document in the newest version. */
export const migrate = (document: Document): Document =>
  migrations.slice(document.version - 1).reduce((now, step) => step(now), document)
