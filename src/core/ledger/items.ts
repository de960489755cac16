import { baseOf, type Design } from '../design/index.ts'
import {
  type BagForm,
  type FittingBag,
  fittingOf,
  type Item,
  type SpotFacts,
} from '../fitting/index.ts'
import { constructionOf, type StitchSize } from '../shape/index.ts'
import { bodyOf, type Ledger, type LedgerItem, type Piece, type PlaceOfSpot } from './ledger.ts'
import { maybePlace, placesAround } from './spots.ts'

/** What a lining is to fill. */
function formOf(design: Design, { front, sizes, pieces }: Ledger): BagForm {
  const { plan } = constructionOf(baseOf(design))
  if (front.kind === 'standing') return { kind: 'standing', outline: plan ?? null }
  const { columns, rows } = bodyOf({ pieces } as Ledger)
  const up = (row: number) => (row > 0 ? columns.alongMm[Math.min(row, rows) - 1]! : 0)
  if (front.kind === 'arc') {
    const strip = pieces.find(({ id }) => id === 'strip' || id === 'gusset')
    return {
      ...{ kind: 'disc', acrossMm: sizes.flatMm, half: front.half },
      strip: strip
        ? { wideMm: strip.columns.widthMm[0]!, longMm: strip.columns.alongMm[strip.rows - 1]! }
        : null,
    }
  }
  if (front.kind === 'folded') {
    const { over } = front
    const [first, last] = front.flap === 'last' ? [front.up, rows - over] : [over, rows - front.up]
    return {
      ...{ kind: 'flat', widthMm: sizes.flatMm, lengthMm: up(rows) },
      folds: [up(first), ...(over > 0 ? [up(last)] : [])],
    }
  }
  const open = constructionOf(baseOf(design)).open
  const high = sizes.heightMm
  // Two faces that are sewn to one another are lined by one piece that is folded between them.
  return open
    ? { kind: 'flat', widthMm: sizes.flatMm, lengthMm: high, folds: [] }
    : { kind: 'flat', widthMm: sizes.flatMm, lengthMm: 2 * high, folds: [high] }
}

/** A row as things that stand on it see it. */
function factsOf(piece: Piece, place: PlaceOfSpot): SpotFacts {
  const row = Math.min(place.row, piece.rows - 1)
  const { widthMm, makes } = piece.columns
  const count = placesAround(piece, row)
  return {
    ...{ count, at: place.at },
    mm: (widthMm[row]! * count) / Math.max(1, makes[row]!),
    round: piece.worked === 'rounds' || piece.across !== undefined,
  }
}

/** What things that stand on a bag go by. */
export function fittingBag(design: Design, ledger: Ledger, size: StitchSize): FittingBag {
  const body = bodyOf(ledger)
  const { stitchWidthMm, rowHeightMm } = size
  return {
    ...{ stitchWidthMm, rowHeightMm, sizes: ledger.sizes, form: formOf(design, ledger) },
    rim: factsOf(body, { row: rimRow(body), at: 0, of: 'stitches' }),
  }
}

/** The last row that is not worked over handles, on which things are counted. */
function rimRow({ columns: { handle }, rows }: Piece): number {
  const over = handle.indexOf(1)
  return over > 1 ? over - 2 : rows - 1
}

/** The things of a bag as they come out. */
export function itemsOf(design: Design, ledger: Ledger, size: StitchSize): LedgerItem[] {
  if (design.items.length === 0) return []
  const bag = fittingBag(design, ledger, size)
  return design.items.map((item) => itemOf(item, ledger.pieces, bag))
}

function itemOf(item: Item, pieces: readonly Piece[], bag: FittingBag): LedgerItem {
  const fitting = fittingOf(item)
  const found = fitting.spots(item).map((spot) => {
    const piece = pieces.find(({ id }) => id === spot.piece)
    const place = piece && maybePlace(piece, spot)
    return place ? { piece, place } : null
  })
  const made = fitting.made(
    item,
    bag,
    found.map((one) => one && factsOf(one.piece, one.place)),
  )
  return {
    ...{ item, ...made, drawn: fitting.drawn(item, made, bag) },
    places: found.map((one) => one && { ...one.place, piece: one.piece.id }),
  }
}
