import { watch } from 'vue'
import { partsOf } from '@core/design'
import { partOfRow } from '@core/ledger'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'

/** The piece and the part that are worked are the chosen ones on the spine. */
export function useSpineFollows(): void {
  const making = useMaking()
  const project = useProject()
  watch(
    () => {
      const { on } = making
      if (!on) return null
      const part = partOfRow(on.piece, Math.min(on.made, on.piece.rows - 1)).id
      return `${on.piece.id} ${part}`
    },
    (at) => {
      const [piece, part] = at?.split(' ') ?? []
      if (!piece || !project.design) return
      if (project.selectedPiece !== piece) project.selectPiece(piece)
      if (partsOf(project.design).some(({ id }) => id === part)) project.selectedPart = part!
    },
    { immediate: true },
  )
}
