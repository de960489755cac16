import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { commit, historyOf, type History, type NewBand } from '@core/design'
import { designOf, maybeBag } from '@app/storage/bag-store.ts'
import { maybeTakeNote } from '@app/storage/leaving-note.ts'
import { onTabs, tellTabs } from '@app/storage/tabs.ts'
import { useDeriving } from './deriving.ts'
import { useEditing } from './editing.ts'
import { useSaving } from './saving.ts'
import { useWorkshop } from './workshop.ts'

/** The bag on the table: its design with the history of this sitting, and all that follows from it. */
export const useProject = defineStore('project', () => {
  const workshop = useWorkshop()
  const id = ref<string | null>(null)
  const history = shallowRef<History | null>(null)
  const problem = ref<string | null>(null)
  const selectedPart = ref<string | null>(null)
  const alsoOpen = ref(false)
  const design = computed(() => history.value?.design ?? null)
  const saving = useSaving(id, design, load)

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
    await Promise.all([workshop.ready, putAway])
    id.value = bag
    await load()
    tellTabs({ kind: 'opened', bag })
  }

  async function load() {
    const record = id.value && (await maybeBag(id.value))
    if (!record) {
      problem.value = 'This bag is not on the shelf any more.'
      return
    }
    const read = designOf(record)
    if (!read.ok) {
      problem.value = `This bag cannot be opened: ${read.problem[0]!.message}`
      return
    }
    problem.value = null
    saving.begin(record)
    const note = maybeTakeNote(record.id, record.revision)
    const opened = historyOf(read.value)
    history.value = opened
    if (note)
      history.value = commit(opened, {
        name: 'replace',
        args: { design: note, why: 'What was done before the tab closed' },
      })
    const kept = read.value.parts.some((part) => part.id === selectedPart.value)
    if (!kept)
      selectedPart.value = (
        read.value.parts.find((part) => part.kind === 'tapestry') ?? read.value.parts[0]!
      ).id
  }

  function close() {
    if (id.value) tellTabs({ kind: 'closed', bag: id.value })
    putAway = saving.flush()
    id.value = history.value = problem.value = null
    deriving.clear()
    alsoOpen.value = false
  }

  onTabs((message) => {
    if (message.bag !== id.value) return
    if (message.kind === 'opened') tellTabs({ kind: 'here', bag: message.bag })
    if (message.kind === 'opened' || message.kind === 'here') alsoOpen.value = true
    if (message.kind === 'closed') alsoOpen.value = false
    if (message.kind === 'saved') saving.heardSave(message.revision)
  })

  return {
    id,
    history,
    design,
    derived: deriving.derived,
    preview: deriving.preview,
    shown: computed(() => deriving.preview.value?.derived ?? deriving.derived.value),
    shownDesign: computed(() => deriving.preview.value?.design ?? design.value),
    problem,
    selectedPart,
    alsoOpen,
    saving,
    open,
    close,
    settled: () => putAway,
    edit: editing.edit,
    refusal: editing.refusal,
    /** Puts a new band on the bag and selects it. */
    addBand(part: NewBand, at: number) {
      if (editing.edit({ name: 'addPart', args: { part, at } }))
        selectedPart.value = design.value!.parts[Math.max(1, at)]!.id
    },
    showPreview: deriving.showPreview,
    endPreview: deriving.endPreview,
    undo: editing.undo,
    redo: editing.redo,
    cancel: editing.cancel,
  }
})
