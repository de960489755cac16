import { applyPatches, enablePatches, freeze, type Patch, produceWithPatches } from 'immer'
import { InvariantError } from '../units/index.ts'
import type { Design } from './documents.ts'
import { type Edit, editLabel, runEdit } from './edits.ts'

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

/** A design and the way it came, in this sitting. Each state has its own revision number. */
export interface History {
  readonly design: Design
  readonly revision: number
  readonly lastRevision: number
  readonly past: readonly Transaction[]
  readonly future: readonly Transaction[]
}

const DEPTH = 500

export const historyOf = (design: Design): History => ({
  design: freeze(design, true),
  revision: 0,
  lastRevision: 0,
  past: [],
  future: [],
})

/** Does an edit. The same reference when it changes nothing. */
export function commit(
  history: History,
  edit: Edit,
  { gesture = null, selection = null }: { gesture?: string | null; selection?: string | null } = {},
): History {
  const [design, patches, inverse] = produceWithPatches(history.design, (draft) =>
    runEdit(draft, edit),
  )
  if (design === history.design || patches.length === 0) return history
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
    : { label: editLabel(edit), patches, inverse, from: history.revision, to, gesture, selection }
  const before = goesOn ? history.past.slice(0, -1) : history.past.slice(-DEPTH + 1)
  return { design, revision: to, lastRevision: to, past: [...before, entry], future: [] }
}

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
