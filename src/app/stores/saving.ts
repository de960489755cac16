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
import { useLater } from './later.ts'
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
  const later = useLater(() => void flush())
  /** Saves wait for one another. */
  let queue: Promise<void> = Promise.resolve()

  const unsaved = () => session !== null && design.value !== null && design.value !== session.stored
  const noting = useNoting(() => {
    if (unsaved()) leaveNote(session!.bag, session!.revision, design.value!)
  })

  /** The bag was just read: `now` is what is stored of it. */
  function begin(record: BagRecord, now: Design) {
    later.cancel()
    session = { bag: record.id, stored: now, revision: record.revision, first: true }
    savedAt.value = record.savedAt
    previous.value = record.previous
    state.value = 'saved'
  }
  /** The bag is put away: nothing more is heard of it here. */
  function end() {
    later.cancel()
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
      if (state.value === 'saving') later.within(WITHIN_MS)
    },
    { flush: 'sync' },
  )

  /** Saves now what is not saved yet, also of a bag that is put away meanwhile. */
  function flush(): Promise<void> {
    later.cancel()
    if (!unsaved()) return queue
    const [of, last] = [session!, design.value!]
    queue = queue.then(() => save(of, of === session ? design.value! : last))
    return queue
  }

  async function save(of: Session, now: Design) {
    if (now === of.stored || (of === session && needsHer(state.value))) return
    const result = await store(of, now)
    if (of === session) shown(of, result)
    else if (result.ok) dropNote(of.bag)
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
    if (!needsHer(state.value)) later.within(result.ok ? WITHIN_MS : RETRY_MS)
  }

  const forgetNote = (bag: string) => (noting.cancel(), dropNote(bag))
  const ways = useWays(design, reload, {
    session: () => session,
    unsaved,
    forgetNote,
    began: begin,
    say: (now) => (state.value = now),
  })

  whenLeaving({
    unsaved: () => unsaved() && state.value !== 'saving',
    hide: flush,
    leave: noting.now,
  })
  return reactive({ state, savedAt, previous, begin, end, flush, unsaved, ...ways })
}

/** Stores a bag, and keeps what is then known of it. */
async function store(of: Session, now: Design): Promise<SaveResult> {
  const { bag: id, revision, first: firstOfSitting } = of
  const result = await saveBag({ id, design: now, revision, firstOfSitting, sitting })
  if (!result.ok) return result
  Object.assign(of, { stored: now, revision: result.record.revision, first: false })
  tellTabs({ kind: 'saved', bag: id, revision: of.revision })
  return result
}

interface Held {
  readonly session: () => Session | null
  readonly unsaved: () => boolean
  readonly forgetNote: (bag: string) => void
  readonly began: (record: BagRecord, now: Design) => void
  readonly say: (state: SaveState) => void
}

/** What can be done where another tab has done something to the same bag. */
function useWays(
  design: Readonly<Ref<Design | null>>,
  reload: () => Promise<void>,
  { session, unsaved, forgetNote, began, say }: Held,
) {
  return {
    /** Another tab saved this bag: take it over, unless there is something of our own to lose. */
    heardSave(theirs: number) {
      const now = session()
      if (!now || theirs <= now.revision) return
      if (unsaved()) say('conflict')
      else void reload()
    },
    /** Takes what another tab saved, and drops what this one has: only when she asks for it. */
    async takeTheirs() {
      const now = session()
      if (!now) return
      forgetNote(now.bag)
      now.stored = design.value!
      await reload()
    },
    /** Keeps this tab's bag beside the other's, under an id that is given back. @throws when it cannot be stored */
    async keepAsCopy(): Promise<string> {
      const kept = design.value!
      const { id } = await addBag({ ...kept, name: copyName(kept.name) })
      const now = session()
      if (now) {
        forgetNote(now.bag)
        now.stored = kept
      }
      say('saved')
      return id
    },
    /** Puts a bag that was deleted elsewhere on the shelf again, as this tab has it. @throws when it cannot be stored */
    async putBack() {
      const { bag, revision } = session()!
      const kept = design.value!
      const record = recordWith(bag, kept, { revision: revision + 1, by: sitting })
      await putBag(bag, record)
      began(record, kept)
      forgetNote(bag)
    },
  }
}
