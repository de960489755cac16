import { found, refused, type Result } from '../units/index.ts'
import { type Fault, fieldFaults } from './faults.ts'
import type { DocumentHead } from './head.ts'
import { jsonFaults } from './hostile.ts'

/** Larger files are refused unread. */
export const MOST_BYTES = 20 * 1024 * 1024

/** A list of faults, each with its place; or one, with place “file”. */
export type FileProblem = readonly Fault[]

/** A document of any version, before it is looked at. */
export type AnyVersion = { readonly version: number }
export type Migration = (document: AnyVersion) => AnyVersion

/** A kind of document that is kept and goes out as JSON. */
export interface DocumentKind<T extends object> extends DocumentHead {
  /** What is said of a file that is none: “is not …”. */
  readonly called: string
  /** The class of what stands beside `format` and `version`. */
  readonly of: new () => T
  /** Step n − 1 takes a document of version n to version n + 1, up to the newest. A step is never changed once released. */
  readonly migrations: readonly Migration[]
  /** What fields by themselves cannot tell. */
  readonly faults?: (document: T) => Fault[]
}

const fileFault = (message: string): Result<never, FileProblem> =>
  refused([{ where: 'file', message }])
const tooLarge = fileFault('is larger than 20 MB; a bag of the largest size takes less than 6')

/** The document in the newest version. */
export const migrated = (
  { migrations }: Pick<DocumentKind<object>, 'migrations'>,
  document: AnyVersion,
): AnyVersion => migrations.slice(document.version - 1).reduce((now, step) => step(now), document)

/**
 * Reads the text of a document that anyone may have written. Nothing in it is ever run.
 * @returns the document as plain data, or every fault with its place
 */
export function readDocument<T extends object>(
  kind: DocumentKind<T>,
  text: string,
): Result<T, FileProblem> {
  if (text.length > MOST_BYTES) return tooLarge
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch (error) {
    return fileFault(`is not JSON: ${(error as Error).message}`)
  }
  const hostile = jsonFaults(json)
  return hostile.length > 0 ? refused(hostile) : readDocumentJson(kind, json)
}

/** {@link readDocument} for a file, which is not read at all when it is too large. */
export const readDocumentFile = async <T extends object>(
  kind: DocumentKind<T>,
  file: { readonly size: number; readonly text: () => Promise<string> },
): Promise<Result<T, FileProblem>> =>
  file.size > MOST_BYTES ? tooLarge : readDocument(kind, await file.text())

/** {@link readDocument} for data already read. */
export function readDocumentJson<T extends object>(
  kind: DocumentKind<T>,
  json: unknown,
): Result<T, FileProblem> {
  const envelope = json as { format?: unknown; version?: unknown } | null
  if (typeof envelope !== 'object' || envelope?.format !== kind.format)
    return fileFault(`is not ${kind.called}`)
  const { version } = envelope
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return refused([{ where: 'version', message: 'must be a whole number from 1' }])
  if (version > kind.version)
    return refused([
      {
        where: 'version',
        message: `${version} is newer than this program knows (${kind.version}). Update Ample Motif to open it; the file is unchanged.`,
      },
    ])
  const {
    format,
    version: newest,
    ...document
  } = migrated(kind, { ...envelope, version }) as {
    format?: unknown
    version: number
  }
  void [format, newest]
  const faults = fieldFaults(kind.of, document)
  if (faults.length > 0) return refused(faults)
  const crossed = kind.faults?.(document as T) ?? []
  return crossed.length > 0 ? refused(crossed) : found(document as T)
}
