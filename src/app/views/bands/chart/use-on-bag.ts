import { computed, onUnmounted, type Ref, ref, watch } from 'vue'
import { bodyPiece } from '@core/design'
import { middlesSeen } from '@core/ledger'
import type { Hit } from '@app/round/round.ts'
import { useDragged } from '@app/parts/bag/use-dragged.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** The bag in the round and what lies beside it: a stitch pointed at is told, one that is chosen selects its part, and a row is marked on the bag. */
export function useOnBag(row: Readonly<Ref<number | null>>) {
  const project = useProject()
  const workshop = useWorkshop()
  const pointed = ref<Hit | null>(null)
  const { pieceOf, movable, move } = useDragged()
  /** The row that is told: the one pointed at on the bag, where it is of the chosen piece. */
  const told = computed(() =>
    pointed.value && pieceOf(pointed.value)?.id === project.ledgerPiece?.id
      ? pointed.value.row
      : row.value,
  )
  // Once a row is pointed at it is marked on the spine too.
  watch(told, (at) => {
    const piece = project.ledgerPiece?.id
    project.pointedRow = at === null || !piece ? null : { piece, row: at }
  })
  onUnmounted(() => (project.pointedRow = null))
  function choose(place: Hit) {
    const piece = pieceOf(place)
    const part = piece?.parts.find((one) => place.row >= one.firstRow && place.row < one.endRow)
    if (!piece || !part) return
    const own = project.design!.pieces.find(({ id }) => id === piece.id)
    const isBase = !own?.parts.some(({ id }) => id === part.id) || part.id === own.parts[0]?.id
    if (isBase && piece.id !== bodyPiece(project.design!).id) project.selectPiece(piece.id)
    else project.selectedPart = part.id
  }
  /** Where the row that is written out lies on the bag: in the middle of its front. */
  const mark = computed((): Hit | null => {
    const [piece, at] = [project.ledgerPiece, row.value]
    if (!piece || at === null || at >= piece.rows) return null
    const { front } = middlesSeen(piece, at, workshop.words.hand)
    return {
      piece: project.table!.derived.ledger.pieces.indexOf(piece),
      row: at,
      share: front / Math.max(1, piece.columns.makes[at]!),
    }
  })
  return { pointed, told, choose, mark, movable, move }
}
