import { isBandOf } from '../band/index.ts'
import { BODY, type Edit, partById, type PieceJoin } from '../design/index.ts'
import { fittingOf, type Item, saidOf } from '../fitting/index.ts'
import {
  bodyOf,
  type Compiled,
  handlesInRow,
  maybeHandleRow,
  maybeMiddlesCounted,
  maybePlace,
  type Piece,
  placesAround,
  runsOfRow,
} from '../ledger/index.ts'
import type { Spot } from '../part/index.ts'
import { stitchById } from '../stitch/index.ts'
import type { Finished } from './finished-with.ts'

/*
 * The rim laid out straight: its stitches in their yarns, the middles of front and back, and what stands on it, which can be taken and put
 * elsewhere. Places count from where the round begins.
 */

/** Something on the rim that can be moved along it. */
export interface RimMark {
  readonly key: string
  readonly label: string
  readonly at: number
  /** What puts it at another place. */
  readonly edits: (at: number) => readonly Edit[]
}

/** A stretch of the rim that is passed over or covered. */
export interface RimStretch {
  readonly from: number
  readonly to: number
  /** Chains over it; 0 for what is sewn on. */
  readonly chain: number
}

export interface Rim {
  readonly row: number
  readonly count: number
  readonly mm: number
  readonly round: boolean
  /** The yarn of each stretch of its stitches. */
  readonly runs: readonly { readonly letter: string; readonly count: number }[]
  /** Null where it has no front. */
  readonly middles: { readonly front: number; readonly back: number } | null
  readonly stretches: readonly RimStretch[]
  readonly marks: readonly RimMark[]
}

/** The row things stand on: below handles where there are some, else the last. */
function rimRow({ ledger }: Compiled, piece: Piece): number {
  const row = maybeHandleRow(ledger, piece)
  return row === null ? piece.rows - 1 : row - 1
}

const around = (at: number, count: number): number => ((at % count) + count) % count

/** A spot so many stitches further on; on a piece that is flat it stays on it. */
export function spotMoved(spot: Spot, by: number, stitchMm: number): Spot {
  const step = spot.by === 'length' || spot.inMm ? by * stitchMm : by
  return { ...spot, at: Math.round((spot.at + step) * 1000) / 1000 }
}

/** The rim of a bag with what of it one looks at. */
export function rimOf(bag: Compiled, chosen: Pick<Finished, 'of' | 'id'> | null): Rim {
  const { ledger } = bag
  const piece = bodyOf(ledger)
  const row = rimRow(bag, piece)
  const count = placesAround(piece, row)
  const mm = (piece.columns.widthMm[row]! * count) / Math.max(1, piece.columns.makes[row]!)
  const runs = runsOfRow(ledger, piece, row).map(({ stitch, yarn, count: many }) => ({
    letter: yarn,
    count: many * stitchById(stitch).makes,
  }))
  const found = chosen ? onRim[chosen.of](bag, piece, row, chosen.id) : { stretches: [], marks: [] }
  return {
    ...{ row, count, mm, round: piece.worked === 'rounds', runs },
    middles: maybeMiddlesCounted(piece, row),
    ...found,
  }
}

type OnRim = Pick<Rim, 'stretches' | 'marks'>

function ofPart({ design, ledger }: Compiled, piece: Piece, row: number, id: string): OnRim {
  const part = partById(design, id)
  if (!isBandOf('handles', part as never)) return { stretches: [], marks: [] }
  const own = piece.parts.find((one) => one.id === id)!.firstRow
  const handles = handlesInRow(ledger, piece, own)
  const count = piece.columns.makes[row]!
  const stretches = handles.map(({ at, gap, chain }) => ({ from: at, to: at + gap, chain }))
  const marks = handles.flatMap(({ at, gap, lies }, i): RimMark[] => {
    const middle = at + gap / 2 - (lies?.off ?? 0)
    // Both ends of both handles go together: they stay on the middles.
    const edits = (to: number): readonly Edit[] => {
      const half = Math.abs(around(to - middle + count / 2, count) - count / 2)
      const wanted = Math.max(1, Math.round(2 * half))
      // One that centres stays one that does.
      const even = (wanted - gap) % 2 === 0 || lies?.off !== 0 ? wanted : wanted + 1
      return [{ name: 'setPart', args: { id, values: { gap: Math.min(even, count >> 1) } } }]
    }
    return [at, at + gap].map((end, side) => ({
      ...{ key: `${i} ${side}`, at: end, edits },
      label: `${side === 0 ? 'Beginning' : 'End'} of the gap ${lies ? `on the ${lies.on}` : i + 1}`,
    }))
  })
  return { stretches, marks }
}

function ofPiece({ design, ledger }: Compiled, body: Piece, row: number, id: string): OnRim {
  const own = design.pieces.find((one) => one.id === id)
  const piece = ledger.pieces.find((one) => one.id === id)
  if (!own || !piece) return { stretches: [], marks: [] }
  const wide = (edge: PieceJoin['edge']) =>
    piece.columns.makes[edge === 'first' ? 0 : piece.rows - 1]!
  const stitchMm = body.columns.widthMm[row]! / Math.max(1, body.columns.makes[row]!)
  const met = own.joins.flatMap((join, i) => {
    if (join.to.piece !== BODY || join.to.on !== 'last') return []
    const place = maybePlace(body, join.to, wide(join.edge))
    return place ? [{ join, i, at: place.at, wide: wide(join.edge) }] : []
  })
  return {
    stretches: met.map(({ at, wide: many }) => ({ from: at, to: at + many, chain: 0 })),
    marks: met.map(({ join, i, at, wide: many }) => ({
      ...{
        key: String(i),
        at: at + many / 2,
        label: `${join.edge === 'first' ? 'First' : 'Other'} end of ${piece.name}`,
      },
      edits: (to: number): readonly Edit[] => {
        const by = to - (at + many / 2)
        // Ends that are measured in from both sides stay the same way in.
        const joins = own.joins.map((one, j) => {
          if (j === i) return { ...one, to: spotMoved(one.to, by, stitchMm) }
          const mirrored = one.to.inMm && join.to.inMm && one.to.at === -join.to.at
          return mirrored ? { ...one, to: spotMoved(one.to, -by, stitchMm) } : one
        })
        return [{ name: 'setPiece', args: { id, values: { joins } } }]
      },
    })),
  }
}

function ofItem({ design, ledger }: Compiled, body: Piece, row: number, id: string): OnRim {
  const one = ledger.items.find(({ item }) => item.id === id)
  const item = design.items.find((found) => found.id === id)
  if (!one || !item) return { stretches: [], marks: [] }
  const [fitting, { fields }] = [fittingOf(item), saidOf(item)]
  const spots = fitting.spots(item)
  // Only those one can set: others face them.
  const own = fields.filter(({ kind }) => kind === 'spot')
  const count = placesAround(body, row)
  const marks = own.flatMap(({ label }, i): RimMark[] => {
    const [place, spot] = [one.places[i], spots[i]]
    if (!place || !spot || place.piece !== BODY || place.of !== 'stitches') return []
    const here = placesAround(body, place.row)
    const stitchMm = body.columns.widthMm[place.row]! / Math.max(1, body.columns.makes[place.row]!)
    return [
      {
        ...{ key: String(i), label, at: (place.at * count) / here },
        edits: (to) => {
          const by = Math.round((to * here) / count - place.at)
          const paired = fitting.mirrored(item)
          const moved = spots.slice(0, own.length).map((was, j) => {
            if (j === i) return spotMoved(was, by, stitchMm)
            return paired &&
              paired.includes(i) &&
              paired.includes(j) &&
              was.by === spot.by &&
              was.at === -spot.at
              ? spotMoved(was, -by, stitchMm)
              : was
          })
          const values = fitting.withSpots(item, moved) as Partial<Item>
          return [{ name: 'setItem', args: { id, values } }]
        },
      },
    ]
  })
  return { stretches: [], marks }
}

const onRim: Readonly<
  Record<Finished['of'], (bag: Compiled, piece: Piece, row: number, id: string) => OnRim>
> = { part: ofPart, piece: ofPiece, item: ofItem }
