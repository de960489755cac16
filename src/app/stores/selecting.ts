import { computed, type Ref, ref, shallowRef } from 'vue'
import {
  baseOf,
  begunBy,
  BODY,
  type Design,
  isBase,
  maybeBaseOf,
  partsOf,
  pieceOfPart,
} from '@core/design'
import type { Table } from './deriving.ts'

/** Which part, and which piece, is selected. */
export function useSelecting(
  design: Readonly<Ref<Design | null>>,
  selectedPart: Ref<string | null>,
  table: Readonly<Ref<Table | null>>,
) {
  /** The piece that was chosen where a base is that of several. */
  const chosenPiece = ref<string>(BODY)
  /** The piece the selected part is of. */
  const selectedPiece = computed(() => {
    if (!design.value || !selectedPart.value) return BODY
    const part = partsOf(design.value).find(({ id }) => id === selectedPart.value)
    if (!part) return BODY
    const own = pieceOfPart(design.value, part.id).id
    const begun = own === BODY && isBase(part) && begunBy(baseOf(design.value))
    return begun && begun.has(chosenPiece.value) ? chosenPiece.value : own
  })
  /** The selected piece as it came out; the body while that is not known yet. */
  const ledgerPiece = computed(() => {
    if (!table.value) return null
    const { pieces } = table.value.derived.ledger
    return (
      pieces.find((piece) => piece.id === selectedPiece.value) ??
      pieces.find((piece) => piece.id === BODY)!
    )
  })
  /** What of what the bag is finished with is looked at: a part, a piece or a thing, and its id. */
  const selectedThing = ref<string | null>(null)
  /** The row that is pointed at, by its index in a piece: it is marked on the spine. */
  const pointedRow = shallowRef<{ readonly piece: string; readonly row: number } | null>(null)
  /** Selects a piece by its beginning. */
  function selectPiece(piece: string) {
    chosenPiece.value = piece
    const own = design.value!.pieces.find((one) => one.id === piece)
    selectedPart.value = ((own && maybeBaseOf(own)) ?? baseOf(design.value!)).id
  }

  /** The part, of those there are, that was not there before. */
  function selectNew(before: Design) {
    const known = new Set(partsOf(before).map(({ id }) => id))
    const added = partsOf(design.value!).find(({ id }) => !known.has(id))
    if (added) selectedPart.value = added.id
  }
  return { selectedPiece, ledgerPiece, pointedRow, selectedThing, selectPiece, selectNew }
}
