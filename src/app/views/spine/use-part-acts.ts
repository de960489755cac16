import { type Component, computed, defineAsyncComponent, shallowRef } from 'vue'
import {
  bandsIn,
  blockOf,
  calledOf,
  type Design,
  isBase,
  maybeBaseOf,
  type Part,
} from '@core/design'
import { newPart, type TemplateKind } from '@app/parts/bag/part-templates.ts'
import { useProject } from '@app/stores/project.ts'
import { chartKinds } from '@app/views/bands/chart-kinds/chart-kinds.ts'

/** What the menu of a band offers, which may be one of a block. */
const actsOf = (ofBlock: boolean) => [
  { id: 'up', title: 'Move up', divided: false },
  { id: 'down', title: 'Move down', divided: false },
  { id: 'duplicate', title: 'Duplicate', divided: false },
  ...(ofBlock
    ? [
        { id: 'times', title: 'Change how often the block is worked …', divided: true },
        { id: 'unfold', title: 'Unfold the block into bands', divided: false },
      ]
    : [{ id: 'repeat', title: 'Repeat up to …', divided: true }]),
  { id: 'remove', title: 'Take out', divided: true },
]

/** What can be done to the parts of the chosen piece. */
export function usePartActs() {
  const project = useProject()
  const design = computed(() => project.design!)
  /** The piece; none where its construction begins it and it has no bands so far. */
  const piece = computed(() => design.value.pieces.find(({ id }) => id === project.selectedPiece))
  const all = computed(() => (piece.value ? bandsIn(piece.value) : []))
  const blockIn = (id: string) => (piece.value ? blockOf(piece.value, id) : null)
  /** The band that is chosen, or the one that stands for it in the list. */
  const chosen = computed(() => {
    const id = project.selectedPart
    const of = id === null ? null : blockIn(id)
    return of ? of.block.times[0]!.bands[of.place]! : id
  })
  /** Bands stand from here on in the parts of the piece. */
  const lowest = computed(() => (piece.value && maybeBaseOf(piece.value) ? 1 : 0))
  /** Its place among the parts of the piece; −1 for a base that is not its own. */
  const placeOf = (id: string) =>
    piece.value ? piece.value.parts.findIndex((part) => part.id === id) : -1
  /** A base is called by its piece, where that is not the body. */
  const nameOf = (part: Part, of: Design): string =>
    isBase(part) && project.ledgerPiece!.id !== 'bag'
      ? project.ledgerPiece!.name
      : (calledOf(of).get(part.id) ?? part.name)

  /** The bands from below, as they are to lie: one of them was dragged, the one that is not where it was. */
  function move(wanted: readonly string[]) {
    const now = all.value.map(({ id }) => id).filter((id) => (blockIn(id)?.nth ?? 0) === 0)
    const first = wanted.findIndex((id, i) => id !== now[i])
    if (first < 0) return
    const moved = wanted[first] === now[first + 1] ? now[first]! : wanted[first]!
    // It goes below the one that is above it now, and so above all times of a block that is not.
    const others = all.value.map(({ id }) => id).filter((id) => id !== moved)
    const above = others.indexOf(wanted[wanted.indexOf(moved) + 1] ?? '')
    const to = (above < 0 ? others.length : above) + lowest.value
    project.edit({ name: 'movePart', args: { id: moved, to } })
  }

  /** What a new band is chosen in, and for which place. */
  const choosing = shallowRef<{
    readonly chooser: Component
    readonly place: { readonly count: number; readonly at: number }
  } | null>(null)
  /** A new band goes just above a part; of a block, in all of its times. */
  function add(kind: TemplateKind, above: string) {
    const at = placeOf(above) + 1
    const { parts: made, columns } = project.ledgerPiece!
    const below = made[at - lowest.value]
    const count = below && below.endRow > 0 ? columns.makes[below.endRow - 1]! : 0
    const { chooser } = chartKinds[kind]
    if (chooser) choosing.value = { chooser, place: { count, at } }
    else project.addBand(newPart(design.value, kind, count), at)
  }

  /** What is to be repeated from which band on, or the block whose times and yarns are to be changed. */
  const repeating = shallowRef<{ readonly from: string; readonly block: number | null } | null>(
    null,
  )
  const RepeatDialog = defineAsyncComponent(
    () => import('@app/views/bands/dialogs/RepeatDialog.vue'),
  )
  const acts = (id: string) => actsOf(blockIn(id) !== null)
  function act(command: string, id: string) {
    const at = placeOf(id)
    const part = piece.value?.parts[at]
    if (!part) return
    const of = blockIn(id)
    if (command === 'up') project.edit({ name: 'movePart', args: { id, to: at + 1 } })
    if (command === 'down') project.edit({ name: 'movePart', args: { id, to: at - 1 } })
    if (command === 'remove') project.edit({ name: 'removePart', args: { id } })
    if (command === 'repeat') repeating.value = { from: id, block: null }
    if (command === 'times') repeating.value = { from: id, block: of!.at }
    if (command === 'unfold')
      project.edit({ name: 'unfoldBlock', args: { piece: piece.value!.id, at: of!.at } })
    if (command === 'duplicate' && !isBase(part))
      project.edit({ name: 'addPart', args: { part, at: at + 1, piece: piece.value!.id } })
  }
  return { piece, chosen, nameOf, move, add, acts, act, choosing, repeating, RepeatDialog }
}
