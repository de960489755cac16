import { runsOf } from '../chart/index.ts'
import {
  bandsOf,
  type BandPart,
  type BasePart,
  baseOf,
  type Design,
  makingOf,
  type Part,
  placesOf,
  type PlainPart,
  type StripesPart,
  type TapestryPart,
  type Working,
  type WrittenPart,
} from '../design/index.ts'
import { constructionOf, type Made, type ShapePiece, type ShapeRow } from '../shape/index.ts'
import { evenPlaces } from '../solver/index.ts'
import { decreaseFor, increaseFor, severalFor } from '../stitch/index.ts'
import { LedgerTables, PieceBuilder } from './builder.ts'
import { partGauge } from './gauge.ts'
import type { Ledger, LedgerRun, Piece, RowStart } from './ledger.ts'

export interface CompileOptions {
  /** A chart is read from the right by a right-handed crocheter and from the left by a left-handed one. */
  readonly hand?: 'right' | 'left'
}

interface Context {
  readonly builder: PieceBuilder
  readonly hand: 'right' | 'left'
  readonly balance: number
  /** Adds a row given as it is worked on the right side; on the wrong side it is worked the other way. */
  readonly addRow: (runs: readonly LedgerRun[]) => void
}

type Compile<P extends Part> = (part: P, context: Context) => void

/** A run of `total` units of the ground stitch, the marked ones in other stitches. */
function markedRuns(
  total: number,
  marks: readonly { readonly place: number; readonly stitch: string }[],
  ground: string,
  yarn: string,
): LedgerRun[] {
  const runs: LedgerRun[] = []
  const push = (stitch: string, count: number) => {
    const last = runs.at(-1)
    if (last?.stitch === stitch) runs[runs.length - 1] = { ...last, count: last.count + count }
    else if (count > 0) runs.push({ stitch, yarn, count })
  }
  let from = 0
  for (const { place, stitch } of marks) {
    push(ground, place - from)
    push(stitch, 1)
    from = place + 1
  }
  push(ground, total - from)
  return runs
}

/** One row in one colour that adds (or takes away) stitches evenly; as many as there is room for. */
function evenedRuns(count: number, adjust: number, stitch: string, yarn: string): LedgerRun[] {
  const adds = adjust >= 0
  const marks = adds ? Math.min(adjust, count) : Math.min(-adjust, Math.floor(count / 2), count - 1)
  // A decrease takes two places, so fewer units are worked.
  const units = adds ? count : count - marks
  const changed = (adds ? increaseFor(stitch) : decreaseFor(stitch)).id
  const places = evenPlaces(units, marks).map((place) => ({ place, stitch: changed }))
  return markedRuns(units, places, stitch, yarn)
}

/** Units worked in a row of a shape: around a chain each chain of both sides once, but the two ends once for both. */
function unitsOf(row: ShapeRow, part: BasePart): number {
  if (row.kind === 'chain') return 'along' in part ? 2 * part.along - 1 : row.makes
  return row.uses > 0 ? row.uses : row.makes
}

function shapeRuns(row: ShapeRow, part: BasePart, yarn: string): LedgerRun[] {
  const { stitch } = part
  if (row.kind === 'other-side') return evenedRuns(row.uses, row.makes - row.uses, stitch, yarn)
  const marks = row.marks.map(({ place, together }) => ({
    place,
    stitch: severalFor(stitch, together).id,
  }))
  return markedRuns(unitsOf(row, part), marks, stitch, yarn)
}

/** Rows of a plain part that carry its change: `steps` of them evenly apart, the last one its last. */
function sharesOf({ rounds, adjust, steps }: PlainPart): ReadonlyMap<number, number> {
  const shares = new Map<number, number>()
  for (let i = 1; i <= steps; i++) {
    const before = Math.trunc((adjust * (i - 1)) / steps)
    shares.set(Math.round((rounds * i) / steps), Math.trunc((adjust * i) / steps) - before)
  }
  return shares
}

const plain: Compile<PlainPart> = (part, { builder, addRow }) => {
  const shares = sharesOf(part)
  for (let i = 1; i <= part.rounds; i++)
    addRow(evenedRuns(builder.count, shares.get(i) ?? 0, part.stitch, part.yarn))
}

const stripes: Compile<StripesPart> = (part, { builder, addRow }) => {
  for (const { yarn, rounds } of part.stripes)
    for (let i = 0; i < rounds; i++) addRow([{ stitch: part.stitch, yarn, count: builder.count }])
}

/**
 * Each repeat keeps its own runs; a repeat that does not fit is cut off at the join or edge, as it would be on the hook. As
 * seen, the columns that balance a flat row are the first ones of the chart again, at its right edge.
 */
const tapestry: Compile<TapestryPart> = ({ chart, times, stitch }, context) => {
  const { builder, hand, addRow } = context
  const first = hand === 'right' && context.balance < builder.count ? context.balance : 0
  const repeats = Math.floor((builder.count - first) / chart.width)
  const left = (builder.count - first) % chart.width
  const runs = (row: string) =>
    runsOf(row, hand).map(({ letter, count }) => ({ stitch, yarn: letter, count }))
  const rounds = chart.colours.map((row) => {
    const motif = runs(row)
    if (motif.length === 1) return [{ ...motif[0]!, count: builder.count }]
    const round: LedgerRun[] = first > 0 ? runs(row.slice(0, first)) : []
    for (let i = 0; i < repeats; i++) for (const run of motif) round.push(run)
    let rest = left
    for (const run of motif) {
      if (rest <= 0) break
      round.push({ ...run, count: Math.min(rest, run.count) })
      rest -= run.count
    }
    return round
  })
  for (let i = 0; i < times; i++) for (const round of rounds) addRow(round)
}

/** Whether a written band stands on the stitches it was counted on. */
export const standsOn = ({ rows }: WrittenPart, count: number): boolean =>
  placesOf(rows[0]!).uses === count

/** Rows as they were counted; over another count than theirs each is a plain row until they are counted again. */
const written: Compile<WrittenPart> = (part, { builder, addRow }) => {
  const fits = standsOn(part, builder.count)
  for (const { runs } of part.rows)
    addRow(fits ? runs : [{ stitch: part.stitch, yarn: runs[0]!.yarn, count: builder.count }])
}

/** How each kind of band becomes rows. */
const compilers: { readonly [Kind in BandPart['kind']]: Compile<Extract<Part, { kind: Kind }>> } = {
  plain,
  stripes,
  tapestry,
  written,
}

/** The stitches after which the part's pattern begins again; null when it has none. */
export const repeatOf = (part: Part): number | null =>
  part.kind === 'tapestry' ? part.chart.width : null

/** Columns worked once more at the end of a flat row; in the round an offset is dropped. */
export const balanceOf = (design: Design, part: Part): number =>
  part.kind === 'tapestry' && constructionOf(baseOf(design)).worked === 'rows' ? part.balance : 0

/** Whether the next row is worked on the wrong side. */
function isWrongSide(builder: PieceBuilder, working: Working, firstOfPart: boolean): boolean {
  if (builder.rowCount === 0) return false
  if (builder.worked === 'rows' || working === 'turned') return !builder.lastIsWrongSide
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
  rises: boolean,
  add: (addRow: (runs: readonly LedgerRun[], first?: RowStart) => void) => void,
): void {
  const making = makingOf(design, part)
  builder.beginPart({
    id: part.id,
    name: part.name,
    kind: part.kind,
    repeat: repeatOf(part),
    balance: balanceOf(design, part),
    // Rows that do not fit what they stand on are not worked as they are written, and not said so.
    texts:
      part.kind === 'written' && standsOn(part, builder.count)
        ? part.rows.map(({ text }) => text)
        : null,
    making,
    gauge: partGauge(design, part),
  })
  const from = builder.rowCount
  const inRows = builder.worked === 'rows'
  const spiral = making.working === 'spiral' && !inRows
  add((runs, first) => {
    const wrongSide = isWrongSide(builder, making.working, builder.rowCount === from)
    const turns = builder.rowCount > 0 && wrongSide !== builder.lastIsWrongSide
    // A written row says itself how it is worked.
    builder.addRow(wrongSide && part.kind !== 'written' ? runs.toReversed() : runs, {
      start: first ?? (turns ? 'turn' : spiral ? 'spiral' : 'chain'),
      end: inRows ? 'turn' : spiral ? 'spiral' : 'join',
      wrongSide,
      rises,
    })
  })
}

/** A piece as its construction begins it, and the bands on it. */
function pieceOf(
  design: Design,
  shape: ShapePiece,
  tables: LedgerTables,
  hand: 'right' | 'left',
): Piece {
  const { id, name, times, worked } = shape
  const builder = new PieceBuilder({ id, name, times, worked }, tables)
  const base = baseOf(design)
  const yarn = shape.second && base.kind === 'squares' ? base.second : base.yarn
  inPart(design, base, builder, !shape.lies, (addRow) => {
    for (const row of shape.rows) addRow(shapeRuns(row, base, yarn), firstStarts[row.kind])
  })
  if (shape.holdsBands)
    for (const part of bandsOf(design))
      inPart(design, part, builder, true, (addRow) =>
        (compilers[part.kind] as Compile<Part>)(part, {
          builder,
          hand,
          balance: balanceOf(design, part),
          addRow,
        }),
      )
  return builder.finish()
}

function madeOf({ columns, parts, rows }: Piece, first: Piece): Made {
  const baseEnd = parts[0]!.endRow - 1
  return {
    bodyRows: rows,
    bodyMm: columns.alongMm[rows - 1]!,
    rim: columns.makes[rows - 1]!,
    standingMm: columns.heightMm[rows - 1]!,
    widestMm: columns.widthMm.subarray(baseEnd).reduce((most, mm) => Math.max(most, mm), 0),
    baseMm: first.columns.alongMm[first.parts[0]!.endRow - 1]!,
  }
}

/**
 * The one place where decisions become rows. Pure: the same design gives the same ledger.
 * @throws RangeError or InvariantError for a design that its validators would refuse
 */
export function compile(design: Design, { hand = 'right' }: CompileOptions = {}): Ledger {
  const base = baseOf(design)
  const construction = constructionOf<BasePart>(base)
  const size = partGauge(design, base)
  const tables = new LedgerTables()
  const pieces = construction
    .pieces(base, size)
    .map((shape) => pieceOf(design, shape, tables, hand))
  const made = madeOf(
    pieces.find(({ id }) => id === 'bag')!,
    pieces[0]!,
  )
  return {
    pieces,
    joins: construction.joins(base, made, size),
    stitches: tables.stitches.list,
    yarns: tables.yarns.list,
    units: [],
    beginning: design.beginning,
    sizes: construction.sizes(base, made, size),
    unequal: construction.unequal?.(base, made) ?? null,
  }
}
