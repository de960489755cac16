import { type Design, maybeBaseOf } from '../design/index.ts'
import { type DropKind, dropKindOf, dropOf, loadedDrops, stretchOf } from '../fitting/index.ts'
import {
  bodyOf,
  type Compiled,
  handlesInRow,
  type LedgerItem,
  maybePlace,
  type Piece,
  placesAround,
} from '../ledger/index.ts'
import { type Finished, roleOf } from './finished-with.ts'

/* How far down handles and straps hang. */

/** A handle or strap by how far down it hangs: empty, and with about 3 kg in the bag. */
export interface Drop {
  readonly lengthMm: number
  readonly emptyMm: number
  readonly loadedMm: readonly [number, number]
  readonly kind: DropKind
  /** What it stretches by, and whether that was measured. */
  readonly stretch: number
  readonly measured: boolean
}

function dropWith(design: Design, stitch: string, lengthMm: number, apartMm: number): Drop | null {
  const emptyMm = dropOf(lengthMm, apartMm)
  if (emptyMm <= 0) return null
  const measured = design.swatches[0]?.stretch ?? null
  const stretch = stretchOf(stitch, measured)
  return {
    ...{ lengthMm, emptyMm, kind: dropKindOf(emptyMm), stretch, measured: measured !== null },
    loadedMm: loadedDrops(lengthMm, apartMm, stretch),
  }
}

/** Where handles stand, straight across between their ends. */
interface Hung {
  readonly stitch: string
  readonly lengthMm: number
  readonly apartMm: number
}

/** The drop of handles, chain handles and straps; null for what nothing hangs by. */
export function maybeDrop(bag: Compiled, { of, id }: Pick<Finished, 'of' | 'id'>): Drop | null {
  const hung = maybeHung(bag, of, id)
  return hung && dropWith(bag.design, hung.stitch, hung.lengthMm, hung.apartMm)
}

/** Where handles, chain handles and straps stand; null for what nothing hangs by. */
export function maybeHung(
  { design, ledger }: Compiled,
  of: Finished['of'],
  id: string,
): Hung | null {
  const body = bodyOf(ledger)
  if (of === 'part') {
    const place = body.parts.find((part) => part.id === id)
    const [handle] = place ? handlesInRow(ledger, body, place.firstRow) : []
    const { stitchWidthMm } = place?.gauge ?? { stitchWidthMm: 0 }
    return handle
      ? {
          stitch: 'ch',
          lengthMm: handle.chain * stitchWidthMm,
          apartMm: handle.gap * stitchWidthMm,
        }
      : null
  }
  if (of === 'item') {
    const one = ledger.items.find(({ item }) => item.id === id)
    const arch = one?.drawn.find(({ shape }) => shape === 'arch')
    if (!one || arch?.shape !== 'arch') return null
    return { stitch: 'sl-st', lengthMm: arch.lengthMm, apartMm: apartOf(body, one, arch) }
  }
  const own = design.pieces.find((piece) => piece.id === id)
  const piece = ledger.pieces.find((one) => one.id === id)
  if (!own || !piece || roleOf(own) !== 'strap') return null
  const ends = own.joins.filter(({ edge }) => edge === 'first' || edge === 'last')
  const [a, b] = ends.map(({ to }) => {
    const on = ledger.pieces.find((one) => one.id === to.piece)
    const found = on && maybePlace(on, to, piece.columns.makes[0]!)
    return on && found ? shareOf(on, found.row, found.at) : null
  })
  if (a == null || b == null) return null
  const lap = ends.reduce((sum, { lapMm = 0 }) => sum + lapMm, 0)
  return {
    stitch: maybeBaseOf(own)?.stitch ?? 'sc',
    lengthMm: piece.columns.alongMm[piece.rows - 1]! - lap,
    apartMm: straight(body, b - a),
  }
}

const shareOf = (piece: Piece, row: number, at: number): number =>
  at / Math.max(1, placesAround(piece, row))
/** So much of the way around lies flat half as far apart, at the most. */
const straight = ({ columns, rows }: Piece, share: number): number => {
  const around = Math.abs(share - Math.round(share))
  return around * columns.widthMm[rows - 1]!
}
function apartOf(
  body: Piece,
  { places }: LedgerItem,
  { from, to }: { readonly from: number; readonly to: number },
): number {
  const [a, b] = [places[from], places[to]]
  if (!a || !b || a.piece !== body.id || b.piece !== body.id) return 0
  return straight(body, shareOf(body, a.row, a.at) - shareOf(body, b.row, b.at))
}
