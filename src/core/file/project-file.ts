import { Design, designFaults, type Fault, fieldFaults, MadeRow } from '../design/index.ts'
import { One, Several } from '../fields/index.ts'
import { LIMITS } from '../section/index.ts'
import { found, refused, type Result } from '../units/index.ts'
import { jsonFaults } from './hostile.ts'
import { migrate, NEWEST_VERSION } from './migrations.ts'

export const PROJECT_FORMAT = 'ample-motif-project'

/** Larger files are refused unread. */
export const MOST_BYTES = 20 * 1024 * 1024

/** A project file: one bag. */
export class Project {
  readonly format!: typeof PROJECT_FORMAT
  readonly version!: number
  @One(() => Design)
  readonly design!: Design
  /** What is made of it, row by row. */
  @Several(() => MadeRow, LIMITS.log)
  readonly log!: readonly MadeRow[]
}

/** A list of faults, each with its place; or one, with place “file”. */
export type FileProblem = readonly Fault[]

const fileFault = (message: string): Result<never, FileProblem> =>
  refused([{ where: 'file', message }])

const tooLarge = fileFault('is larger than 20 MB; a bag of the largest size takes less than 6')

/**
 * Reads a project file that anyone may have written. Nothing in it is ever run.
 * @returns the design as plain data, or every fault with its place
 */
export function readProject(text: string): Result<Design, FileProblem> {
  if (text.length > MOST_BYTES) return tooLarge
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch (error) {
    return fileFault(`is not JSON: ${(error as Error).message}`)
  }
  const hostile = jsonFaults(json)
  if (hostile.length > 0) return refused(hostile)
  return readProjectJson(json)
}

/** {@link readProject} for a file, which is not read at all when it is too large. */
export const readProjectFile = async (file: {
  readonly size: number
  readonly text: () => Promise<string>
}): Promise<Result<Design, FileProblem>> =>
  file.size > MOST_BYTES ? tooLarge : readProject(await file.text())

/** {@link readProject} for data already read. */
export function readProjectJson(json: unknown): Result<Design, FileProblem> {
  const envelope = json as { format?: unknown; version?: unknown } | null
  if (typeof envelope !== 'object' || envelope?.format !== PROJECT_FORMAT)
    return fileFault('is not an Ample Motif project')
  const { version } = envelope
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return refused([{ where: 'version', message: 'must be a whole number from 1' }])
  if (version > NEWEST_VERSION)
    return refused([
      {
        where: 'version',
        message: `${version} is newer than this program knows (${NEWEST_VERSION}). Update Ample Motif to open it; the file is unchanged.`,
      },
    ])
  const current = migrate(envelope as { version: number })
  const faults = fieldFaults(Project, current).filter(
    ({ where }) => where !== 'format' && where !== 'version',
  )
  if (faults.length > 0) return refused(faults)
  const { design } = current as unknown as Project
  const crossed = designFaults(design)
  return crossed.length > 0
    ? refused(crossed.map(({ where, message }) => ({ where: `design.${where}`, message })))
    : found(design)
}

/** The project of a design, as it is kept; what is made of it goes on from the project there was. */
export const projectOf = (design: Design, before?: unknown): Project => ({
  format: PROJECT_FORMAT,
  version: NEWEST_VERSION,
  design,
  log: logOf(before),
})

/** What a project says is made; none where it is not one, or says nothing. */
function logOf(project: unknown): readonly MadeRow[] {
  const { log } = (project ?? {}) as { log?: unknown }
  return Array.isArray(log) ? (log as MadeRow[]) : []
}

/** The project file of a design. */
export const printProject = (design: Design): string => JSON.stringify(projectOf(design), null, 1)
