import type { Design } from '@core/design'
import { type Ledger, nameIn } from '@core/ledger'
import { calledOf } from '@core/design'

/** A sum that is opened: of a yarn, in one part or in all. */
export interface Opened {
  readonly letter: string
  readonly part: string | null
}

/** Parts of all pieces and things beside them, the topmost first, by the names they are told apart by. */
export function partsNamed(design: Design, ledger: Ledger) {
  const called = calledOf(design)
  const ids = [
    ...ledger.pieces.flatMap(({ parts }) => parts.map(({ id }) => id)),
    ...ledger.items.map(({ item }) => item.id),
  ]
  return [...new Set(ids)]
    .reverse()
    .map((id) => ({ id, name: called.get(id) ?? nameIn(ledger, id) }))
}
