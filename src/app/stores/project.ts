import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { commit, type Design, historyOf, type History, type NewBand } from '@core/design'
import { copyName } from '@core/units'
import { failureOf, failureWords } from '@app/storage/answered.ts'
import { addBag, type BagRecord, designOf, maybeBag } from '@app/storage/bag-store.ts'
import { dropNote, leaveNote, type Note, strayNotes } from '@app/storage/unsaved-note.ts'
import { onTabs, type TabMessage, tellTabs } from '@app/storage/tabs.ts'
import { useDeriving } from './deriving.ts'
import { useEditing } from './editing.ts'
import { useSaving } from './saving.ts'
import { useWorkshop } from './workshop.ts'

const FROM_NOTE = 'What was done before the tab closed'

/** The bag on the table: its design with the history of this sitting, and all that follows from it. */
export const useProject = defineStore('project', () => {
  const workshop = useWorkshop()
  const id = ref<string | null>(null)
  const history = shallowRef<History | null>(null)
  const problem = ref<string | null>(null)
  const selectedPart = ref<string | null>(null)
  const alsoOpen = ref(false)
  /** What a closed tab left unstored, when the bag has been changed elsewhere since. */
  const stray = shallowRef<Note | null>(null)
  const design = computed(() => history.value?.design ?? null)
  const saving = useSaving(design, reload)
  const deriving = useDeriving(
    history,
    computed(() => workshop.words.hand),
  )
  const editing = useEditing(history, selectedPart, deriving.endPreview)
  /** The last save of a bag that was put away; the next one, and the shelf, wait for it. */
  let putAway: Promise<void> = Promise.resolve()

  /** Opens a bag; `problem` says so when it cannot be. */
  async function open(bag: string) {
    close()
    id.value = bag
    await Promise.all([workshop.ready, putAway])
    const found = await readBag(bag)
    if (found && id.value === bag) {
      lay(found.record, found.design)
      await takeNotes(found.record)
      tellTabs({ kind: 'opened', bag })
    }
  }

  /** The record of a bag and its design; null, with `problem` said, when it cannot be had. */
  async function readBag(bag: string) {
    try {
      const record = await maybeBag(bag)
      const read = record && designOf(record)
      if (record && read?.ok) return { record, design: read.value }
      problem.value = read
        ? `This bag cannot be opened: ${(read.ok ? [] : read.problem)[0]?.message}. On the shelf it can be exported as it is, or opened in its last good version.`
        : 'This bag is not on the shelf any more.'
    } catch (error) {
      problem.value = `${failureWords[failureOf(error)]}, so the bag cannot be read. Try again, or reload the page.`
    }
    return null
  }

  /** Lays a bag on the table, as it is stored. */
  function lay(record: BagRecord, read: Design) {
    problem.value = null
    history.value = historyOf(read)
    saving.begin(record, read)
    if (!read.parts.some((part) => part.id === selectedPart.value))
      selectedPart.value = (
        read.parts.find((part) => part.kind === 'tapestry') ?? read.parts[0]!
      ).id
  }

  /** What a closed tab left: taken up when it goes on from what is stored, else offered. */
  async function takeNotes(record: BagRecord) {
    const [note] = await strayNotes(record.id)
    if (!note || id.value !== record.id) return
    if (note.revision === record.revision) {
      history.value = commit(history.value!, {
        name: 'replace',
        args: { design: note.design, why: FROM_NOTE },
      })
      await saving.flush()
      // It is stored, or at least in this sitting’s own note.
      if (!saving.unsaved() || leaveNote(record.id, record.revision, note.design))
        dropNote(record.id, note.sitting)
    } else stray.value = note
  }

  /** Takes over what another tab saved, unless something was done here while it was read. */
  async function reload() {
    const [bag, before] = [id.value, design.value]
    if (!bag) return
    const found = await readBag(bag)
    if (!found || id.value !== bag) return
    if (design.value === before) lay(found.record, found.design)
    else saving.heardSave(found.record.revision)
  }

  function close() {
    if (id.value) tellTabs({ kind: 'closed', bag: id.value })
    putAway = saving.flush()
    saving.end()
    id.value = history.value = problem.value = stray.value = null
    deriving.clear()
    alsoOpen.value = false
  }

  /** What a closed tab left, as a bag of its own (its id comes back), or not wanted. @throws when it cannot be stored */
  async function endStray(keep: boolean): Promise<string | null> {
    const note = stray.value!
    const made = keep ? await addBag({ ...note.design, name: copyName(note.design.name) }) : null
    dropNote(id.value!, note.sitting)
    stray.value = null
    return made?.id ?? null
  }

  onTabs((message: TabMessage) => {
    if (message.bag !== id.value) return
    if (message.kind === 'opened') tellTabs({ kind: 'here', bag: message.bag })
    if (message.kind === 'opened' || message.kind === 'here') alsoOpen.value = true
    if (message.kind === 'closed') alsoOpen.value = false
    if (message.kind === 'saved') saving.heardSave(message.revision)
  })

  /** Puts a new band on the bag and selects it. */
  function addBand(part: NewBand, at: number) {
    if (editing.edit({ name: 'addPart', args: { part, at } }))
      selectedPart.value = design.value!.parts[Math.max(1, at)]!.id
  }

  return {
    ...{ id, history, design, problem, selectedPart, alsoOpen, stray, saving },
    ...deriving,
    ...editing,
    open,
    close,
    endStray,
    addBand,
    settled: () => putAway,
  }
})
