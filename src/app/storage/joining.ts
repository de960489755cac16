import { documentFile, readDocumentJson } from '@core/document'
import { areOfOneWork, mergeLogs, type Project, projectKind } from '@core/project'
import { stores } from './stores.ts'

/* A bag that comes from elsewhere, and is here already: what was noted on both sides is kept. */

/** What is done with it: put on the shelf; its log joined to that of the bag here, with the plan that is here or its own. */
export type RestoreAs = 'beside' | 'join' | 'join, its plan'

/** The bag that is here under an id. */
export async function maybeHere(
  id: string,
): Promise<{ readonly project: Project; readonly revision: number } | null> {
  const record = await stores.bags.maybe(id)
  const read = record && stores.bags.read(record)
  return read?.ok ? { project: read.value, revision: record!.revision } : null
}

/** Stores a bag that came from elsewhere: the id it is under. @throws when it was not stored */
export async function stored(
  id: string,
  as: RestoreAs,
  theirs: Project,
  sitting: string,
): Promise<string> {
  const here = await maybeHere(id)
  if (as === 'beside' || !here) {
    const free = (await stores.bags.maybeRaw(id)) === null
    return (await stores.bags.add(theirs, free ? id : undefined)).id
  }
  const { project, revision } = here
  const document: Project = {
    design: as === 'join' ? project.design : theirs.design,
    log: mergeLogs(project.log, theirs.log).log,
  }
  // A plan without a yarn that rows were made in cannot be opened again.
  const sound = readDocumentJson(projectKind, documentFile(projectKind, document))
  if (!sound.ok) throw new Error(sound.problem[0]!.message)
  const result = await stores.bags.save({ id, document, revision, firstOfSitting: true, sitting })
  if (!result.ok) throw new Error(result.reason)
  return id
}

/** The bag of the same work that is here, and what a bag from elsewhere has beyond it; null where there is none, or nothing of it is new. */
export interface SameWork {
  readonly id: string
  readonly name: string
  readonly added: number
  readonly otherPlan: boolean
}

export async function maybeSameWork(theirs: Project): Promise<SameWork | null> {
  if (theirs.log.length === 0) return null
  for (const { id, record } of await stores.bags.all()) {
    const read = record && stores.bags.read(record)
    if (!read?.ok || read.value.design.name !== theirs.design.name) continue
    const { log, design } = read.value
    if (!areOfOneWork(log, theirs.log)) continue
    const { added } = mergeLogs(log, theirs.log)
    const otherPlan = JSON.stringify(design) !== JSON.stringify(theirs.design)
    return { id, name: design.name, added, otherPlan }
  }
  return null
}
