import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Words } from '@core/stitch'
import {
  type AtWork,
  atWorkOf,
  emptyWorkshop,
  type Print,
  printingOf,
  type Settings,
  type WorkshopEdit,
  workshopAfter,
  workshopWith,
  besideThose,
  editsTo,
  type Workshop,
} from '@core/workshop'
import { failureOf, failureWords, Unreadable } from '@app/storage/answered.ts'
import { kept, theWorkshop, WORKSHOP } from '@app/storage/kept.ts'
import { onTabs } from '@app/storage/tabs.ts'
import { dropNote, leaveNote, strayNotes } from '@app/storage/unsaved-note.ts'
import { useLater } from './later.ts'
import { whenLeaving } from './leaving.ts'
import { Saver, type SaveState } from './saver.ts'

const AGAIN_MS = 15_000
/** The revision that a note goes on from where nothing was read: none. */
const UNREAD = -1
/** An id for something of one's own. */
export const ownId = (): string => `own-${nanoid(8)}`

const HELD = 'What you keep now is held here while the tab is open'

const notRead = (error: unknown): string =>
  error instanceof Unreadable
    ? `Your workshop (own stitches, motifs, settings) cannot be opened: ${error.message}. It is left as it is. ${HELD}.`
    : `${failureWords[failureOf(error)]}, so your workshop (own stitches, motifs, settings) could not be read. ${HELD}, and is added to what is stored as soon as that can be read.`
const notStored = (state: SaveState): string | null =>
  state === 'full' || state === 'refused' || state === 'silent'
    ? `${failureWords[state]}, so what you last kept in your workshop is not stored. ${HELD}; storing is tried again by itself.`
    : null

/** What was kept by a page that goes before it could read anything: things, which come beside those that are stored. */
function leaveUnread(pending: readonly WorkshopEdit[]) {
  if (pending.length > 0) leaveNote(kept.workshop, WORKSHOP, UNREAD, workshopWith(pending))
}

/**
 * What belongs to the maker and holds for all bags. What is done to it is done to what is stored: before that could be read, and where
 * another tab stored something meanwhile, it waits and is then done on top. Nothing is ever stored instead of what is there.
 */
export const useWorkshop = defineStore('workshop', () => {
  const workshop = shallowRef(emptyWorkshop)
  /** What was done and is not stored yet. */
  let pending: WorkshopEdit[] = []
  /** It was read, so that something can be stored. */
  const isOpen = ref(false)
  /** Why it could not be read; null when it was. */
  const unread = ref<string | null>(null)
  const saver = new Saver(
    kept.workshop,
    computed(() => (isOpen.value ? workshop.value : null)),
    read,
  )
  const again = useLater(() => void read())

  /** Reads wait for one another, so that an older answer never takes the place of a newer one. */
  let reading: Promise<void> = Promise.resolve()
  function read(): Promise<void> {
    reading = reading.then(readNow)
    return reading
  }
  /** Reads what is stored, and does to it what was done here meanwhile. */
  async function readNow(): Promise<void> {
    try {
      const { record, document: stored } = await theWorkshop()
      isOpen.value = true
      unread.value = null
      workshop.value = workshopWith(pending, stored)
      saver.begin(record, stored)
      await takeNotes(record.revision, stored)
      if (pending.length > 0) saver.changed()
    } catch (error) {
      unread.value = notRead(error)
      if (!(error instanceof Unreadable)) again.within(AGAIN_MS)
    }
  }

  /** What a closed tab left: all it did where it goes on from what is stored, else its things beside those there are. */
  async function takeNotes(revision: number, stored: Workshop) {
    for (const note of await strayNotes(kept.workshop, WORKSHOP)) {
      if (note.revision === revision) editsTo(stored, note.document).forEach(edit)
      else edit({ do: 'take', from: besideThose(note.document, stored, ownId) })
      dropNote(WORKSHOP, note.sitting)
    }
  }

  /** Does something to it; it is stored by itself. */
  function edit(one: WorkshopEdit) {
    pending = [...pending, one]
    workshop.value = workshopAfter(workshop.value, one)
    saver.changed()
  }

  watch(
    saver.state,
    (state) => {
      if (state === 'saved' && !saver.unsaved()) pending = []
      // Another tab stored something: it is read, and what was done here is done on top.
      if (state === 'conflict') void read()
      if (state === 'gone') void saver.putBack().catch(() => again.within(AGAIN_MS))
    },
    { flush: 'sync' },
  )
  onTabs((message) => {
    if (message.kind === 'saved' && message.id === WORKSHOP) saver.heardSave(message.revision)
  })
  whenLeaving({
    unsaved: () => saver.losing() || (!isOpen.value && pending.length > 0),
    hide: saver.flush,
    leave: () => (isOpen.value ? saver.note() : leaveUnread(pending)),
  })

  const problem = computed(() => unread.value ?? notStored(saver.state.value))
  const words = computed((): Words => workshop.value.settings)
  const print = computed((): Print => printingOf(workshop.value.settings))
  const atWork = computed((): AtWork => atWorkOf(workshop.value.settings))
  return {
    ...{ workshop, words, print, atWork, isOpen, problem, edit },
    setWords: (settings: Partial<Settings>) => edit({ do: 'set', settings }),
    ready: read(),
    /** Once all that was done is stored, or cannot be. */
    stored: saver.flush,
  }
})
