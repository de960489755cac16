import { type Ref, reactive, ref, shallowRef, watch } from 'vue'
import type { Design } from '@core/design'
import { addBag, type BagRecord, saveBag } from '@app/storage/bag-store.ts'
import { leaveNote } from '@app/storage/leaving-note.ts'
import { tellTabs } from '@app/storage/tabs.ts'

export type SaveState = 'saved' | 'saving' | 'full' | 'refused' | 'conflict'

const PAUSE_MS = 250
const RETRY_MS = 15_000

/**
 * Saves a bag by itself, a moment after each change and at once when the tab is hidden. What could not be saved stays in
 * memory, is said, and is tried again; what another tab saved meanwhile is never overwritten.
 */
export function useSaving(
  id: Ref<string | null>,
  design: Readonly<Ref<Design | null>>,
  reload: () => Promise<void>,
) {
  const state = ref<SaveState>('saved')
  const savedAt = ref(0)
  const previous = shallowRef<BagRecord['previous']>([])
  let revision = 0
  let stored: Design | null = null
  let firstOfSitting = true
  let timer: ReturnType<typeof setTimeout> | undefined
  let running: Promise<void> | null = null

  /** The bag was just read: what is in memory is what is stored. */
  function begin(record: BagRecord) {
    clearTimeout(timer)
    revision = record.revision
    savedAt.value = record.savedAt
    previous.value = record.previous
    firstOfSitting = true
    stored = null
    state.value = 'saved'
  }

  watch(
    design,
    (now) => {
      if (!now) return
      if (stored === null) {
        stored = now
        return
      }
      if (now === stored || state.value === 'conflict') return
      if (state.value === 'saved') state.value = 'saving'
      clearTimeout(timer)
      timer = setTimeout(() => void flush(), PAUSE_MS)
    },
    { flush: 'sync' },
  )

  const unsaved = () => design.value !== null && stored !== null && design.value !== stored

  /** Saves now what is not saved yet, also of a bag that is being put away. */
  async function flush(): Promise<void> {
    clearTimeout(timer)
    const [bag, now] = [id.value, design.value]
    await running
    if (!bag || !now || stored === null || now === stored || state.value === 'conflict') return
    running = save(bag, now)
    await running
    running = null
    if (unsaved() && state.value === 'saving') await flush()
  }

  async function save(bag: string, now: Design) {
    const result = await saveBag(bag, now, revision, firstOfSitting)
    if (bag !== id.value) return
    if (!result.ok) {
      state.value = result.reason
      if (result.reason !== 'conflict') timer = setTimeout(() => void flush(), RETRY_MS)
      return
    }
    firstOfSitting = false
    revision = result.record.revision
    savedAt.value = result.record.savedAt
    previous.value = result.record.previous
    stored = now
    state.value = now === design.value ? 'saved' : 'saving'
    tellTabs({ kind: 'saved', bag, revision })
  }

  /** Another tab saved this bag: take it over, unless there is something of our own to lose. */
  function heardSave(theirs: number) {
    if (theirs <= revision) return
    if (unsaved()) state.value = 'conflict'
    else void reload()
  }

  /** Keeps this tab's bag beside the other's, and goes on with the copy's id. */
  async function keepAsCopy(): Promise<string> {
    const now = design.value!
    const record = await addBag({ ...now, name: `${now.name} (copy)`.slice(-80) })
    stored = now
    state.value = 'saved'
    return record.id
  }

  whenLeaving(flush, () => {
    if (unsaved() && id.value) leaveNote(id.value, revision, design.value!)
  })

  return reactive({
    state,
    savedAt,
    previous,
    begin,
    flush,
    heardSave,
    keepAsCopy,
    takeTheirs: reload,
  })
}

/** A hidden tab saves; one that closes has only time for a note. */
function whenLeaving(save: () => Promise<void>, note: () => void) {
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') void save()
  })
  window.addEventListener('pagehide', note)
}
