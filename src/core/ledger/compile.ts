import { baseOf, BODY, type Design } from '../design/index.ts'
import { madeIn, type MadeRow, type Project } from '../project/index.ts'
import {
  type BasePart,
  constructionOf,
  type MadePiece,
  type ShapeJoin,
  type StitchSize,
} from '../shape/index.ts'
import { LedgerTables } from './builder.ts'
import { partGauge } from './gauge.ts'
import { joinOf, ownJoins } from './joins.ts'
import { frontOf, withMiddles } from './fronts.ts'
import { inCopies } from './copies.ts'
import { itemsOf } from './items.ts'
import type { Compiled, Ledger, Piece } from './ledger.ts'
import { begunPieces } from './pieces.ts'

export interface CompileOptions {
  /** A chart is read from the right by a right-handed crocheter and from the left by a left-handed one. */
  readonly hand?: 'right' | 'left'
  /** Rows that are made, in the order they were: the plan never changes them, and goes on from them. */
  readonly made?: readonly MadeRow[]
}

function madeOf({ columns, parts, rows }: Piece): MadePiece {
  const baseEnd = Math.max(0, parts[0]!.endRow - 1)
  return {
    rows,
    mm: columns.alongMm[rows - 1]!,
    baseMm: columns.alongMm[baseEnd]!,
    upTo: (many) => (many > 0 ? columns.alongMm[Math.min(many, rows) - 1]! : 0),
    rim: columns.makes[rows - 1]!,
    widestMm: columns.widthMm.subarray(baseEnd).reduce((most, mm) => Math.max(most, mm), 0),
    standingMm: columns.heightMm[rows - 1]!,
  }
}

/**
 * The one place where decisions become rows. Pure: the same design on the same rows made gives the same ledger.
 * @throws RangeError or InvariantError for a design that its validators would refuse
 */
export function compile(
  design: Design,
  { hand = 'right', made: rows = [] }: CompileOptions = {},
): Ledger {
  const base = baseOf(design)
  const construction = constructionOf(base)
  const size = partGauge(design, base)
  const tables = new LedgerTables()
  const pieces: Piece[] = []
  // What is picked up around a piece comes after it.
  const pieceBy = (id: string) => pieces.find((one) => one.id === id)
  for (const begun of begunPieces(design))
    pieces.push(...inCopies(design, begun, tables, { hand, made: rows, pieceBy }))
  // Of copies that differ the first stands for its piece.
  const madeById = new Map(pieces.toReversed().map((piece) => [piece.id, madeOf(piece)]))
  const of = (id: string) => madeById.get(id)!
  // Where the base is a piece of its own, its reach is that piece's.
  const made = { ...of(BODY), baseMm: of(pieces[0]!.id).baseMm, of }
  const ledger: Ledger = {
    pieces,
    items: [],
    joins: construction
      .joins(base, made, size)
      .map((join) => joinOf(renamed(design, base, size, join))),
    stitches: tables.stitches.list,
    yarns: tables.yarns.list,
    units: tables.units.list,
    hows: tables.hows.list,
    beginning: design.beginning,
    order: design.order ?? [],
    leading: design.leading,
    ways: design.ways,
    sizes: construction.sizes(base, made, size),
    front: frontOf(base, of(BODY).rows),
    unequal: construction.unequal?.(base, made) ?? null,
  }
  const { front } = ledger
  const asSewn = (piece: Piece): Piece =>
    front.kind === 'strips' && piece.id === BODY ? { ...piece, across: front.across } : piece
  const whole = pieces.map((piece) => asSewn(withMiddles(design, ledger, piece)))
  const joined = {
    ...ledger,
    pieces: whole,
    joins: [...ledger.joins, ...ownJoins(design, whole)],
  }
  return { ...joined, items: itemsOf(design, joined, size) }
}

/** A join of the construction, its pieces called as she calls them. */
function renamed(design: Design, base: BasePart, size: StitchSize, join: ShapeJoin): ShapeJoin {
  const text = constructionOf(base)
    .pieces(base, size)
    .reduce((said, { id, name }) => {
      const own = design.pieces.find((piece) => piece.id === id)?.name
      return own ? said.replace(new RegExp(`\\b${name.toLowerCase()}\\b`, 'g'), own) : said
    }, join.text)
  return { ...join, text }
}

/** A project with its ledger. */
export const compiled = ({ design, log }: Project): Compiled => ({
  design,
  ledger: compile(design, { made: madeIn(log) }),
})
