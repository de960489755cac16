import { computed, ref, watch } from 'vue'
import type { Choices } from '@core/booklet'
import type { Print } from '@core/workshop'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** How the pattern is printed: as she has it for all bags, and which piece of this one. */
export function usePrinting() {
  const workshop = useWorkshop()
  const project = useProject()
  const piece = ref<string | null>(null)
  const choices = computed((): Choices => ({ ...workshop.print, piece: piece.value }))
  watch(
    () => project.table?.derived.ledger.pieces.map(({ id }) => id).join(),
    (ids) => {
      if (piece.value !== null && !ids?.split(',').includes(piece.value)) piece.value = null
    },
  )
  const set = (values: Partial<Print>) =>
    workshop.edit({ do: 'set', settings: { print: { ...workshop.print, ...values } } })
  const printOnly = (id: string | null) => (piece.value = id)
  return { choices, piece, set, printOnly }
}
export type Printing = ReturnType<typeof usePrinting>
