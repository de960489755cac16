import { type BandPart, bandOf, evenedRow, markedRow } from '../band/index.ts'
import type { Working } from '../section/index.ts'
import {
  baseOf,
  baseYarns,
  bandsIn,
  BODY,
  type Design,
  isBase,
  makingOf,
  maybeBaseOf,
  type Part,
} from '../design/index.ts'
import type { Program } from '../program/index.ts'
import {
  type BasePart,
  constructionOf,
  type MadePiece,
  type ShapePiece,
  type ShapeRow,
} from '../shape/index.ts'
import { severalFor } from '../stitch/index.ts'
import { Beginnings } from './beginnings.ts'
import { LedgerTables, PieceBuilder } from './builder.ts'
import { partGauge } from './gauge.ts'
import { joinOf, ownJoins } from './joins.ts'
import type { Compiled, Ledger, Piece, RowStart, Side } from './ledger.ts'

export interface CompileOptions {
  /** A chart is read from the right by a right-handed crocheter and from the left by a left-handed one. */
  readonly hand?: 'right' | 'left'
}

/** Units worked in a row of a shape. */
const unitsOf = ({ units, uses, makes }: ShapeRow): number => units ?? (uses > 0 ? uses : makes)

function shapeProgram(row: ShapeRow, part: BasePart, yarn: string): Program {
  const { stitch } = part
  if (row.makes < row.uses || row.kind === 'other-side')
    return evenedRow(row.uses, row.makes - row.uses, stitch, yarn)
  const marks = row.marks.map(({ place, together }) => ({
    place,
    stitch: severalFor(stitch, together).id,
  }))
  return markedRow(unitsOf(row), marks, stitch, yarn)
}

/**
 * Whether the next row is worked on the wrong side. A round that is joined is turned to the side it is wanted from, and back again;
 * flat rows and spirals have no choice.
 */
function isWrongSide(
  builder: PieceBuilder,
  working: Working,
  firstOfPart: boolean,
  wanted: Side | undefined,
): boolean {
  if (builder.rowCount === 0) return false
  if (builder.worked === 'rows') return !builder.lastIsWrongSide
  if (wanted && working !== 'spiral') return wanted === 'WS'
  if (working === 'turned') return !builder.lastIsWrongSide
  return working === 'turn-once' && firstOfPart
}

const firstStarts: Partial<Record<ShapeRow['kind'], RowStart>> = {
  ring: 'ring',
  chain: 'foundation',
  across: 'across',
  'chain-ring': 'chain-ring',
  'pick-up': 'pick-up',
  'other-side': 'other-side',
}

/** Adds the rows of one part to a piece: `add` is called with the adder of rows. */
function inPart(
  design: Design,
  part: Part,
  builder: PieceBuilder,
  { rises, count }: { readonly rises: boolean; readonly count: number },
  add: (addRow: (program: Program, how?: RowStart, on?: number) => void) => void,
): void {
  const making = makingOf(design, part)
  const band = isBase(part) ? null : { part, is: bandOf(part) }
  const repeat = band?.is.repeat(band.part, builder.worked)
  const texts = band?.is.texts(band.part, count) ?? null
  const { id, name, kind } = part
  builder.beginPart({
    ...{ id, name, kind, making, texts },
    repeat: repeat?.multiple ?? null,
    balance: repeat?.offset ?? 0,
    chartRows: band?.is.chart(band.part)?.colours.length ?? null,
    gauge: partGauge(design, part),
  })
  const from = builder.rowCount
  const inRows = builder.worked === 'rows'
  const spiral = making.working === 'spiral' && !inRows
  const begins = new Beginnings(builder, making, part.stitch)
  add((program, how, on) => {
    const row = builder.rowCount - from
    const { side, held, passes = 1 } = band?.is.wants(band.part, row + 1) ?? {}
    const afresh = how === 'afresh'
    const wrongSide = !afresh && isWrongSide(builder, making.working, row === 0, side)
    const turns = builder.rowCount > 0 && wrongSide !== builder.lastIsWrongSide
    // A row that is kept as it is written says itself how it is worked.
    const { program: worked, begin } = begins.of(program, wrongSide, {
      isFirst: how !== undefined && !afresh,
      asSaid: texts !== null,
    })
    builder.addRow(worked, {
      start: how ?? (turns ? 'turn' : spiral ? 'spiral' : 'chain'),
      end: held ? 'held' : inRows ? 'turn' : spiral ? 'spiral' : 'join',
      passes,
      wrongSide,
      begin,
      rises,
      ...(on === undefined ? {} : { on }),
    })
  })
}

/** A piece as it is begun: its first rows, the bands on them, what it is called and how often it is made. */
interface Begun {
  readonly base: BasePart
  readonly shape: ShapePiece
  readonly bands: readonly BandPart[]
}

/** The pieces the construction begins, each with its bands, and after them those that begin by themselves. */
function begunPieces(design: Design): Begun[] {
  const base = baseOf(design)
  const named = new Map(design.pieces.map((piece) => [piece.id, piece]))
  const size = partGauge(design, base)
  const first = constructionOf(base)
    .pieces(base, size)
    .map((shape): Begun => {
      const piece = named.get(shape.id)
      const name = piece?.name ?? shape.name
      return { base, shape: { ...shape, name }, bands: piece ? bandsIn(piece) : [] }
    })
  const more = design.pieces.slice(1).flatMap((piece): Begun[] => {
    const own = maybeBaseOf(piece)
    if (!own) return []
    const [shape] = constructionOf(own).pieces(own, partGauge(design, own))
    const { id, times } = piece
    return [
      {
        base: own,
        shape: { ...shape!, id, times, name: piece.name ?? shape!.name },
        bands: bandsIn(piece),
      },
    ]
  })
  return [...first, ...more]
}

function pieceOf(
  design: Design,
  { base, shape, bands }: Begun,
  tables: LedgerTables,
  hand: 'right' | 'left',
): Piece {
  const { id, name, times, worked } = shape
  const builder = new PieceBuilder({ id, name, times, worked }, tables)
  const [first, second = first] = baseYarns(base)
  const yarn = (shape.second ? second : first)!
  // Where the bands begin at once in the chain, the base has no row of its own.
  const [start] = shape.rows
  const atOnce = 'begins' in base && base.begins === 'bands' && bands.length > 0 && id !== 'bottom'
  inPart(design, base, builder, { rises: !shape.lies, count: 0 }, (addRow) => {
    for (const row of atOnce ? [] : shape.rows)
      addRow(shapeProgram(row, base, yarn), row.afresh ? 'afresh' : firstStarts[row.kind])
  })
  const rises = id === BODY || !shape.lies
  for (const part of bands) {
    const begins = builder.rowCount === 0
    const count = begins ? start!.makes : builder.count
    inPart(design, part, builder, { rises, count }, (addRow) => {
      let how = begins ? firstStarts[start!.kind] : undefined
      for (const row of bandOf(part).rows(part, { count, hand, worked })) {
        addRow(row, how, count)
        how = undefined
      }
    })
  }
  return builder.finish()
}

function madeOf({ columns, parts, rows }: Piece): MadePiece {
  const baseEnd = Math.max(0, parts[0]!.endRow - 1)
  return {
    rows,
    mm: columns.alongMm[rows - 1]!,
    baseMm: columns.alongMm[baseEnd]!,
    rim: columns.makes[rows - 1]!,
    widestMm: columns.widthMm.subarray(baseEnd).reduce((most, mm) => Math.max(most, mm), 0),
    standingMm: columns.heightMm[rows - 1]!,
  }
}

/**
 * The one place where decisions become rows. Pure: the same design gives the same ledger.
 * @throws RangeError or InvariantError for a design that its validators would refuse
 */
export function compile(design: Design, { hand = 'right' }: CompileOptions = {}): Ledger {
  const base = baseOf(design)
  const construction = constructionOf(base)
  const size = partGauge(design, base)
  const tables = new LedgerTables()
  const pieces = begunPieces(design).map((begun) => pieceOf(design, begun, tables, hand))
  const madeById = new Map(pieces.map((piece) => [piece.id, madeOf(piece)]))
  const of = (id: string) => madeById.get(id)!
  // Where the base is a piece of its own, its reach is that piece's.
  const made = { ...of(BODY), baseMm: of(pieces[0]!.id).baseMm, of }
  return {
    pieces,
    joins: [...construction.joins(base, made, size).map(joinOf), ...ownJoins(design, pieces)],
    stitches: tables.stitches.list,
    yarns: tables.yarns.list,
    units: tables.units.list,
    beginning: design.beginning,
    sizes: construction.sizes(base, made, size),
    unequal: construction.unequal?.(base, made) ?? null,
  }
}

/** A design with its ledger. */
export const compiled = (design: Design): Compiled => ({ design, ledger: compile(design) })
