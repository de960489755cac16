import { BODY } from '@core/design'
import { canBeDragged, maybeDraggedJoins } from '@core/form'
import type { Hit } from '@app/round/round.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Pieces of her own that are sewn on are taken on the bag in the round, and put elsewhere. */
export function useDragged() {
  const project = useProject()
  const workshop = useWorkshop()
  const pieceOf = ({ piece }: Hit) => project.table!.derived.ledger.pieces[piece] ?? null
  const ownOf = (place: Hit) =>
    project.design!.pieces.find(({ id }) => id === pieceOf(place)?.id && id !== BODY)
  const movable = (place: Hit): boolean => {
    const own = ownOf(place)
    return own !== undefined && canBeDragged(own)
  }
  function move(taken: Hit, from: Hit, to: Hit) {
    const [own, piece, on] = [ownOf(taken), pieceOf(taken), pieceOf(to)]
    if (!own || !piece || !on) return
    const { hand } = workshop.words
    const joins = maybeDraggedJoins(own, { of: piece, row: taken.row }, on, { from, to, hand })
    if (joins) project.edit({ name: 'setPiece', args: { id: own.id, values: { joins } } })
  }
  return { pieceOf, movable, move }
}
