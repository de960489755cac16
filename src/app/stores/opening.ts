import { computed, ref, shallowRef, type Ref } from 'vue'
import { type Design } from '@core/design'
import {
  commit,
  type History,
  historyWith,
  type Project,
  projectIn,
  type Trail,
  trailOf,
} from '@core/project'
import { failureOf, failureWords, Unreadable } from '@app/storage/answered.ts'
import type { KeptRecord } from '@app/storage/document-store.ts'
import { kept } from '@app/storage/kept.ts'
import { dropNote, leaveNote, type Note, strayNotes } from '@app/storage/unsaved-note.ts'
import { asCopy, useSaving } from './saving.ts'

const FROM_NOTE = 'What was done before the tab closed'

/** Why a record cannot be laid on the table. */
const cannotOpen = (message: string) =>
  `This bag cannot be opened: ${message}. On the shelf it can be exported as it is, or opened in its last good version.`

interface Read {
  readonly record: KeptRecord
  readonly document: Project
  /** The steps that were kept beside it. */
  readonly beside?: unknown
}

/** The record of a bag and what is in it, or why they cannot be had. */
async function readBag(bag: string): Promise<Read | string> {
  try {
    return (await kept.bags.maybe(bag)) ?? 'This bag is not on the shelf any more.'
  } catch (error) {
    if (error instanceof Unreadable) return cannotOpen(error.message)
    return `${failureWords[failureOf(error)]}, so the bag cannot be read. Try again, or reload the page.`
  }
}

/**
 * Takes a bag from the store and lays it on the table: with what a closed tab left unstored, and again when another tab has
 * saved it.
 */
export function useOpening(history: Ref<History | null>, laid: (design: Design) => void) {
  const id = ref<string | null>(null)
  const problem = ref<string | null>(null)
  /** What a closed tab left unstored, when the bag has been changed elsewhere since. */
  const stray = shallowRef<Note<Project> | null>(null)
  const design = computed(() => history.value?.design ?? null)
  /** The same object while neither the design nor the log is another one. */
  const project = computed((before?: Project | null): Project | null => {
    const now = history.value
    if (!now || (before?.design === now.design && before.log === now.log)) return now && before!
    return projectIn(now)
  })
  const saving = useSaving(project, reload, () => history.value && trailOf(history.value))

  function lay({ record, document: read, beside }: Read) {
    problem.value = null
    saving.end()
    history.value = historyWith(read, (beside ?? null) as Partial<Trail> | null)
    saving.begin(record, project.value!)
    laid(read.design)
  }

  /** Whether the bag lies on the table now; else `problem` says why not, or another bag was opened meanwhile. */
  async function open(bag: string): Promise<boolean> {
    const found = await readBag(bag)
    if (id.value !== bag) return false
    if (typeof found === 'string') problem.value = found
    else {
      lay(found)
      await takeNotes(found.record)
    }
    return typeof found !== 'string'
  }

  /** What a closed tab left: taken up when it goes on from what is stored, else offered. */
  async function takeNotes(record: KeptRecord) {
    const [note] = await strayNotes(kept.bags, record.id)
    if (!note || id.value !== record.id) return
    if (note.revision !== record.revision) {
      stray.value = note
      return
    }
    const { design: left, log } = note.document
    const edit = { name: 'replace', args: { design: left, why: FROM_NOTE } } as const
    history.value = { ...commit(history.value!, edit), log }
    laid(left)
    await saving.flush()
    // It is stored, or at least in this sitting’s own note.
    if (!saving.unsaved() || leaveNote(kept.bags, record.id, record.revision, note.document))
      dropNote(record.id, note.sitting)
  }

  /** What a closed tab left, as a bag of its own (its id comes back), or not wanted. @throws when it cannot be stored */
  async function endStray(keep: boolean): Promise<string | null> {
    const note = stray.value!
    const made = keep ? await kept.bags.add(asCopy(note.document)) : null
    dropNote(id.value!, note.sitting)
    stray.value = null
    return made
  }

  /** Takes over what another tab saved, unless something was done here while it was read. */
  async function reload() {
    const [bag, before] = [id.value, project.value]
    if (!bag) return
    const found = await readBag(bag)
    if (id.value !== bag) return
    if (typeof found === 'string') problem.value = found
    else if (project.value === before) lay(found)
    else saving.heardSave(found.record.revision)
  }

  /** Puts the bag away; what is not stored yet is, and that can be waited for. */
  function close(): Promise<void> {
    const stored = saving.flush()
    saving.end()
    id.value = history.value = problem.value = stray.value = null
    return stored
  }

  return { id, problem, stray, design, project, saving, open, endStray, close }
}
