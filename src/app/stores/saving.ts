import { type Ref, reactive, ref, shallowRef, watch } from 'vue'
import type { Design } from '@core/design'
import { copyName } from '@core/units'
import type { StorageFailure } from '@app/storage/answered.ts'
import {
  addBag,
  type BagRecord,
  putBag,
  recordWith,
  saveBag,
  type SaveResult,
} from '@app/storage/bag-store.ts'
import { dropNote, leaveNote, sitting } from '@app/storage/unsaved-note.ts'
import { tellTabs } from '@app/storage/tabs.ts'
import { useNoting, whenLeaving } from './leaving.ts'

/** `conflict`: another tab saved the bag meanwhile; `gone`: it was deleted there. In both nothing more is stored by itself. */
export type SaveState = 'saved' | 'saving' | 'conflict' | 'gone' | StorageFailure

/** A change is stored this soon, however many follow it. */
const WITHIN_MS = 200
const RETRY_MS = 15_000

/** A bag while it is on the table: what is stored of it. */
interface Session {
  readonly bag: string
  stored: Design
  revision: number
  first: boolean
}

const needsHer = (state: SaveState): boolean => state === 'conflict' || state === 'gone'

/**
 * Saves a bag by itself: what is changed is noted at once and stored a moment later, one save at a time. What could not be
 * stored stays in memory and in the note, is said, and is tried again; what another tab saved meanwhile is never overwritten.
 */
export function useSaving(design: Readonly<Ref<Design | null>>, reload: () => Promise<void>) {
  const state = ref<SaveState>('saved')
  const savedAt = ref(0)
  const previous = shallowRef<BagRecord['previous']>([])
  let session: Session | null = null
  let timer: ReturnType<typeof setTimeout> | undefined
  /** Saves wait for one another. */
  let queue: Promise<void> = Promise.resolve()

  const unsaved = () => session !== null && design.value !== null && design.value !== session.stored
  const noting = useNoting(() => {
    if (unsaved()) leaveNote(session!.bag, session!.revision, design.value!)
  })
  const settle = () => {
    clearTimeout(timer)
    timer = undefined
  }

  /** The bag was just read: `now` is what is stored of it. */
  function begin(record: BagRecord, now: Design) {
    settle()
    session = { bag: record.id, stored: now, revision: record.revision, first: true }
    savedAt.value = record.savedAt
    previous.value = record.previous
    state.value = 'saved'
  }
  /** The bag is put away: nothing more is heard of it here. */
  function end() {
    settle()
    noting.cancel()
    session = null
  }

  watch(
    design,
    () => {
      if (!unsaved()) return
      noting.soon()
      if (state.value === 'saved') state.value = 'saving'
      // The first change of several begins the wait; those that follow do not lengthen it.
      if (state.value === 'saving') timer ??= setTimeout(() => void flush(), WITHIN_MS)
    },
    { flush: 'sync' },
  )

  /** Saves now what is not saved yet, also of a bag that is put away meanwhile. */
  function flush(): Promise<void> {
    settle()
    if (!unsaved()) return queue
    const [of, last] = [session!, design.value!]
    queue = queue.then(() => save(of, of === session ? design.value! : last))
    return queue
  }

  async function save(of: Session, now: Design) {
    if (now === of.stored || (of === session && needsHer(state.value))) return
    const { bag: id, revision, first: firstOfSitting } = of
    const result = await saveBag({ id, design: now, revision, firstOfSitting, sitting })
    if (result.ok) {
      Object.assign(of, { stored: now, revision: result.record.revision, first: false })
      tellTabs({ kind: 'saved', bag: id, revision: of.revision })
    }
    if (of === session) shown(of, result)
    else if (result.ok) dropNote(id)
  }

  function shown({ bag }: Session, result: SaveResult) {
    if (result.ok) {
      savedAt.value = result.record.savedAt
      previous.value = result.record.previous
      state.value = unsaved() ? 'saving' : 'saved'
      if (!unsaved()) return forgetNote(bag)
    } else state.value = result.reason
    // What is still to be stored goes on from what now is.
    noting.now()
    if (!needsHer(state.value))
      timer ??= setTimeout(() => void flush(), result.ok ? WITHIN_MS : RETRY_MS)
  }

  function forgetNote(bag: string) {
    noting.cancel()
    dropNote(bag)
  }

  /** Another tab saved this bag: take it over, unless there is something of our own to lose. */
  function heardSave(theirs: number) {
    if (!session || theirs <= session.revision) return
    if (unsaved()) state.value = 'conflict'
    else void reload()
  }

  /** Takes what another tab saved, and drops what this one has: only when she asks for it. */
  async function takeTheirs() {
    if (!session) return
    forgetNote(session.bag)
    session.stored = design.value!
    await reload()
  }

  /** Keeps this tab's bag beside the other's, under an id that is given back. @throws when it cannot be stored */
  async function keepAsCopy(): Promise<string> {
    const now = design.value!
    const { id } = await addBag({ ...now, name: copyName(now.name) })
    if (session) {
      forgetNote(session.bag)
      session.stored = now
    }
    state.value = 'saved'
    return id
  }

  /** Puts a bag that was deleted elsewhere on the shelf again, as this tab has it. @throws when it cannot be stored */
  async function putBack() {
    const { bag, revision } = session!
    const now = design.value!
    const record = recordWith(bag, now, { revision: revision + 1, by: sitting })
    await putBag(bag, record)
    begin(record, now)
    forgetNote(bag)
  }

  whenLeaving({
    unsaved: () => unsaved() && state.value !== 'saving',
    hide: flush,
    leave: noting.now,
  })
  return reactive({
    state,
    savedAt,
    previous,
    begin,
    end,
    flush,
    unsaved,
    heardSave,
    keepAsCopy,
    putBack,
    takeTheirs,
  })
}
