import type { Chart } from '@core/chart'
import type { Design, Part } from '@core/design'
import type { Ledger, LedgerPart, Piece } from '@core/ledger'

/** What the view of a band is made from. */
export interface Seen {
  readonly design: Design
  readonly ledger: Ledger
  readonly piece: Piece
  readonly part: Part
  readonly place: LedgerPart | undefined
  readonly hand: 'right' | 'left'
  /** Its own chart, where it has one. */
  readonly own: Chart | null
}
