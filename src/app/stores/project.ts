import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { bandOf } from '@core/band'
import { unlikeColour } from '@core/colour'
import {
  type Design,
  type Edit,
  isBase,
  type NewBand,
  newYarns,
  type Part,
  partsOf,
} from '@core/design'
import { type History } from '@core/project'
import { onTabs, type TabMessage, tellTabs } from '@app/storage/tabs.ts'
import { useDeriving } from './deriving.ts'
import { useEditing } from './editing.ts'
import { useOpening } from './opening.ts'
import { useSelecting } from './selecting.ts'
import { useWorkshop } from './workshop.ts'

const isCharted = (part: Part): boolean => !isBase(part) && bandOf(part).chart(part) !== null

/** The bag on the table: its design with the history of this sitting, and all that follows from it. */
export const useProject = defineStore('project', () => {
  const workshop = useWorkshop()
  const history = shallowRef<History | null>(null)
  const selectedPart = ref<string | null>(null)
  const alsoOpen = ref(false)
  const { id, design, project, saving, ...opening } = useOpening(history, selectIn)
  const deriving = useDeriving(
    history,
    computed(() => workshop.words.hand),
  )
  const selecting = useSelecting(design, selectedPart, deriving.table)
  const editing = useEditing(history, selectedPart, deriving.endPreview)
  /** The last save of a bag that was put away; the next one waits for it. */
  let putAway: Promise<void> = Promise.resolve()

  /** A part stays selected where the bag has one of its id; else its first motif is. */
  function selectIn(design: Design) {
    const parts = partsOf(design)
    if (!parts.some((part) => part.id === selectedPart.value))
      selectedPart.value = (parts.find(isCharted) ?? parts[0]!).id
  }

  /** Opens a bag; `problem` says so when it cannot be. */
  async function open(bag: string) {
    close()
    id.value = bag
    await Promise.all([workshop.ready, putAway])
    if (await opening.open(bag)) tellTabs({ kind: 'opened', id: bag })
  }

  /** What was refused is said while that part is looked at. */
  watch(selectedPart, () => (editing.refusal.value = null))

  function close() {
    editing.refusal.value = null
    if (id.value) tellTabs({ kind: 'closed', id: id.value })
    putAway = opening.close()
    deriving.clear()
    alsoOpen.value = false
    selecting.selectedThing.value = null
  }

  onTabs((message: TabMessage) => {
    if (message.id !== id.value) return
    if (message.kind === 'opened') tellTabs({ kind: 'here', id: message.id })
    if (message.kind === 'opened' || message.kind === 'here') alsoOpen.value = true
    if (message.kind === 'closed') alsoOpen.value = false
    if (message.kind === 'saved') saving.heardSave(message.revision)
  })

  /** Puts a new band on the selected piece and selects it. */
  function addBand(part: NewBand, at: number) {
    const before = design.value!
    const piece = selecting.selectedPiece.value
    if (editing.edit({ name: 'addPart', args: { part, at, piece } })) selecting.selectNew(before)
  }
  /** Yarns more, as far as there are letters for them: one in a colour unlike those there are, where none are said. Those that came. */
  function addYarns(colours?: Parameters<typeof newYarns>[1]) {
    const { yarns } = design.value!
    const unlike = () => [{ colour: unlikeColour(yarns.map(({ colour }) => colour)) }]
    const made = newYarns(design.value!, colours ?? unlike())
    const edits = made.map((yarn) => ({ name: 'addYarn' as const, args: { yarn } }))
    return made.length > 0 && editing.edit(edits) ? made : []
  }
  /** Adds a piece, or copies one, and selects its base. */
  function addPiece(edit: Edit) {
    const before = design.value!
    if (editing.edit(edit)) selecting.selectNew(before)
  }

  return {
    ...{ id, history, design, project, selectedPart, alsoOpen, saving },
    ...opening,
    ...deriving,
    ...selecting,
    ...editing,
    open,
    close,
    addBand,
    addYarns,
    addPiece,
  }
})
