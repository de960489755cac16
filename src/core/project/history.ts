import { applyPatches, enablePatches, freeze, type Patch, produceWithPatches } from 'immer'
import {
  changeFaults,
  type Design,
  type Edit,
  editLabel,
  NotThere,
  runEdit,
} from '../design/index.ts'
import type { Fault } from '../document/index.ts'
import { found, InvariantError, refused, type Result } from '../units/index.ts'
import { logFaults } from './log-faults.ts'
import type { LogEntry } from './log.ts'
import type { Project } from './project.ts'

enablePatches()

/** One thing done, with how to do and undo it, and what was selected when it was done. */
export interface Transaction {
  readonly label: string
  readonly patches: readonly Patch[]
  readonly inverse: readonly Patch[]
  readonly from: number
  readonly to: number
  /** Edits with the same gesture (one drag) are one entry. */
  readonly gesture: string | null
  readonly selection: string | null
}

/**
 * A project and the way its design came, in this sitting. Each state of the design has its own revision number; the log goes on beside
 * it, and nothing takes it back.
 */
export interface History extends Project {
  readonly revision: number
  readonly lastRevision: number
  readonly past: readonly Transaction[]
  readonly future: readonly Transaction[]
}

const DEPTH = 500

export const historyOf = ({ design, log }: Project): History => ({
  design: freeze(design, true),
  log: freeze(log, true),
  revision: 0,
  lastRevision: 0,
  past: [],
  future: [],
})

interface Ran {
  readonly design: Design
  readonly patches: readonly Patch[]
  readonly inverse: readonly Patch[]
}

/** The design after the edits, one after the other, with the patches there and back. */
function tryRun(design: Design, edits: readonly Edit[]): Result<Ran, readonly Fault[]> {
  let ran: Ran = { design, patches: [], inverse: [] }
  try {
    for (const edit of edits) {
      const [next, patches, inverse] = produceWithPatches(ran.design, (draft) =>
        runEdit(draft, edit, ran.design),
      )
      ran = {
        design: next,
        patches: [...ran.patches, ...patches],
        inverse: [...inverse, ...ran.inverse],
      }
    }
  } catch (error) {
    if (error instanceof NotThere) return refused([{ where: 'pieces', message: error.message }])
    throw error
  }
  return found(ran)
}

export interface CommitOptions {
  readonly gesture?: string | null
  readonly selection?: string | null
}

/**
 * Does edits as one entry, if what comes of them can be read back: else nothing is changed, and every fault is named with its
 * place in the design it would have been. The same reference when they change nothing.
 */
export function tryCommit(
  history: History,
  edits: Edit | readonly Edit[],
  { gesture = null, selection = null }: CommitOptions = {},
): Result<History, readonly Fault[]> {
  const list = 'name' in edits ? [edits] : edits
  const done = tryRun(history.design, list)
  if (!done.ok) return done
  const { design, patches, inverse } = done.value
  if (design === history.design || patches.length === 0) return found(history)
  const faults = [
    ...changeFaults(history.design, design),
    ...(design.yarns === history.design.yarns ? [] : logFaults(design, history.log)),
  ]
  if (faults.length > 0) return refused(faults)
  const to = history.lastRevision + 1
  const last = history.past.at(-1)
  const goesOn = gesture !== null && last?.gesture === gesture
  const entry: Transaction = goesOn
    ? {
        ...last,
        patches: [...last.patches, ...patches],
        inverse: [...inverse, ...last.inverse],
        to,
      }
    : {
        label: editLabel(list[0]!),
        patches,
        inverse,
        from: history.revision,
        to,
        gesture,
        selection,
      }
  const before = goesOn ? history.past.slice(0, -1) : history.past.slice(-DEPTH + 1)
  const past = [...before, entry]
  return found({ ...history, design, revision: to, lastRevision: to, past, future: [] })
}

/**
 * {@link tryCommit} for edits the program made itself.
 * @throws InvariantError when what comes of them could not be read back
 */
export function commit(
  history: History,
  edits: Edit | readonly Edit[],
  options: CommitOptions = {},
): History {
  const result = tryCommit(history, edits, options)
  if (result.ok) return result.value
  const [{ where, message }] = result.problem as [Fault]
  throw new InvariantError(`no such edit: ${where} ${message}`)
}

/** What was made goes into the log, which nothing takes out of it again. */
export const noted = (history: History, entries: readonly LogEntry[]): History =>
  entries.length > 0 ? { ...history, log: freeze([...history.log, ...entries], true) } : history

/** What can be taken back and done again, as it is kept beside a project. */
export type Trail = Pick<History, 'past' | 'future'>
/** So much of it is kept: the steps that lie nearest, and no more than so many characters of them. */
const TRAIL = { steps: 120, taken: 40, characters: 400_000 } as const
const lengths = new WeakMap<Transaction, number>()
function lengthOf(entry: Transaction): number {
  const known = lengths.get(entry) ?? JSON.stringify([entry.patches, entry.inverse]).length
  lengths.set(entry, known)
  return known
}

/** The steps of a history that are kept: the nearest of those that were taken back and of those that were done. */
export function trailOf({ past, future }: Trail): Trail {
  let [steps, room] = [TRAIL.steps, TRAIL.characters] as [number, number]
  const near = (list: readonly Transaction[]) => {
    const end = list.findIndex((entry) => --steps < 0 || (room -= lengthOf(entry)) < 0)
    return end < 0 ? list : list.slice(0, end)
  }
  const again = near(future.slice(0, TRAIL.taken))
  return { past: near(past.toReversed()).toReversed(), future: again }
}

const isStep = (step: unknown): step is Transaction => {
  const { label, patches, inverse } = (step ?? {}) as Partial<Transaction>
  return typeof label === 'string' && Array.isArray(patches) && Array.isArray(inverse)
}

/** A project that was put away, with the steps that were kept of it; without them where they are none. */
export function historyWith(project: Project, trail: Partial<Trail> | null): History {
  const { past = [], future = [] } = trail ?? {}
  if (![...past, ...future].every(isStep)) return historyOf(project)
  const numbered = [...past, ...future].map((step, i): Transaction =>
    freeze({ ...step, from: i, to: i + 1, gesture: null }, true),
  )
  return {
    ...historyOf(project),
    revision: past.length,
    lastRevision: numbered.length,
    past: numbered.slice(0, past.length),
    future: numbered.slice(past.length),
  }
}

/** The project as it stands. */
export const projectIn = ({ design, log }: Project): Project => ({ design, log })

/** Takes the last entry back; the same reference when there is none. */
export function undo(history: History): History {
  const entry = history.past.at(-1)
  if (!entry) return history
  return {
    ...history,
    design: applied(history, entry.inverse, entry.to),
    revision: entry.from,
    past: history.past.slice(0, -1),
    future: [entry, ...history.future],
  }
}

/** Does the entry that was last taken back again; the same reference when there is none. */
export function redo(history: History): History {
  const [entry, ...future] = history.future
  if (!entry) return history
  return {
    ...history,
    design: applied(history, entry.patches, entry.from),
    revision: entry.to,
    past: [...history.past, entry],
    future,
  }
}

/** Takes an unfinished gesture back and forgets it. The same reference when it has done nothing yet. */
export function cancelGesture(history: History, gesture: string): History {
  if (history.past.at(-1)?.gesture !== gesture) return history
  return { ...undo(history), future: [] }
}

/** @throws InvariantError when the patches belong to another state of the design */
function applied(history: History, patches: readonly Patch[], base: number): Design {
  if (history.revision !== base)
    throw new InvariantError(`these patches are for revision ${base}, not ${history.revision}`)
  return applyPatches(history.design, patches)
}
