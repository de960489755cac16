import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import {
  cancelGesture,
  commit,
  type Design,
  type Edit,
  historyOf,
  type History,
  redo,
  undo,
} from '@core/design'
import type { Derived } from '@core/plan'
import { designOf, maybeBag } from '@app/storage/bag-store.ts'
import { onTabs, tellTabs } from '@app/storage/tabs.ts'
import { deriver, latestOnly } from '@app/workers/derive-client.ts'
import type { Answer } from '@app/workers/derive.worker.ts'
import { useSaving } from './saving.ts'
import { useWorkshop } from './workshop.ts'

/** What the worker is asked for. */
interface Question {
  readonly design: Design
  readonly hand: 'right' | 'left'
}

/** The bag on the table: its design with the history of this sitting, and all that follows from it. */
export const useProject = defineStore('project', () => {
  const workshop = useWorkshop()
  const id = ref<string | null>(null)
  const history = shallowRef<History | null>(null)
  const derived = shallowRef<Derived | null>(null)
  /** What an edit under the pointer would make of it. */
  const preview = shallowRef<{ readonly design: Design; readonly derived: Derived } | null>(null)
  const problem = ref<string | null>(null)
  const selectedPart = ref<string | null>(null)
  const alsoOpen = ref(false)
  const design = computed(() => history.value?.design ?? null)
  const saving = useSaving(id, design, load)

  let previewWanted = false
  const asking = (told: (value: Derived, design: Design) => void) =>
    latestOnly(
      async ({ design: asked, hand: by }: Question): Promise<Answer<Derived>> =>
        await deriver.derive(asked, { hand: by }),
      (answer, question) => {
        if (answer.ok) told(answer.value, question.design)
      },
    )
  const askDerived = asking((value) => (derived.value = value))
  const askPreview = asking((value, of) => {
    if (previewWanted) preview.value = { design: of, derived: value }
  })
  const hand = computed(() => workshop.words.hand)
  watch([design, hand], ([now]) => {
    if (now) askDerived({ design: now, hand: hand.value })
  })

  /** Opens a bag; `problem` says so when it cannot be. */
  async function open(bag: string) {
    close()
    await workshop.ready
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
    history.value = historyOf(read.value)
    const kept = read.value.parts.some((part) => part.id === selectedPart.value)
    if (!kept)
      selectedPart.value = (
        read.value.parts.find((part) => part.kind === 'tapestry') ?? read.value.parts[0]!
      ).id
  }

  function close() {
    if (id.value) tellTabs({ kind: 'closed', bag: id.value })
    void saving.flush()
    id.value = history.value = derived.value = preview.value = problem.value = null
    alsoOpen.value = false
  }

  onTabs((message) => {
    if (message.bag !== id.value) return
    if (message.kind === 'opened') tellTabs({ kind: 'here', bag: message.bag })
    if (message.kind === 'opened' || message.kind === 'here') alsoOpen.value = true
    if (message.kind === 'closed') alsoOpen.value = false
    if (message.kind === 'saved') saving.heardSave(message.revision)
  })

  function step(change: (now: History) => History) {
    if (!history.value) return
    history.value = change(history.value)
    keepSelection()
  }

  /** The selected part may be gone; then its neighbour is selected. */
  function keepSelection() {
    const parts = design.value!.parts
    if (!parts.some((part) => part.id === selectedPart.value)) selectedPart.value = parts.at(-1)!.id
  }

  /** Does edits as one entry that undo takes back. */
  function edit(edits: Edit | readonly Edit[], gesture?: string) {
    endPreview()
    const list = Array.isArray(edits) ? (edits as readonly Edit[]) : [edits as Edit]
    const together = gesture ?? (list.length > 1 ? crypto.randomUUID() : null)
    const options = { gesture: together, selection: selectedPart.value }
    step((now) => list.reduce((state, one) => commit(state, one, options), now))
  }

  /** Shows what edits would make of it, without doing them. */
  function showPreview(edits: readonly Edit[]) {
    if (!history.value) return
    previewWanted = true
    const would = edits.reduce((state, one) => commit(state, one), history.value)
    askPreview({ design: would.design, hand: hand.value })
  }

  function endPreview() {
    previewWanted = false
    preview.value = null
  }

  function undoLast() {
    const selection = history.value?.past.at(-1)?.selection
    step(undo)
    if (selection && design.value?.parts.some((part) => part.id === selection))
      selectedPart.value = selection
  }

  const shown = computed(() => preview.value?.derived ?? derived.value)
  return {
    id,
    history,
    design,
    derived,
    preview,
    shown,
    shownDesign: computed(() => preview.value?.design ?? design.value),
    problem,
    selectedPart,
    alsoOpen,
    saving,
    open,
    close,
    edit,
    showPreview,
    endPreview,
    undo: undoLast,
    redo: () => step(redo),
    cancel: (gesture: string) => step((now) => cancelGesture(now, gesture)),
  }
})
