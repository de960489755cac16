import { type BandPart, bandOf, bands, evenedRow, markedRow, programOf } from '../band/index.ts'
import {
  baseOf,
  baseYarns,
  bandsIn,
  BODY,
  type Design,
  type DesignPiece,
  isBase,
  makingOf,
  lettersIn,
  type MadeRow,
  maybeBaseOf,
  type Part,
} from '../design/index.ts'
import { GROUND, ontoOf, type OntoRow, type Program, work } from '../program/index.ts'
import { partOfId, type Working } from '../section/index.ts'
import { type BasePart, constructionOf, type ShapePiece, type ShapeRow } from '../shape/index.ts'
import { severalFor } from '../stitch/index.ts'
import { Beginnings } from './beginnings.ts'
import { type LedgerTables, PieceBuilder, type RowFacts } from './builder.ts'
import { partGauge } from './gauge.ts'
import type { Piece, RowEnd, RowStart, Side } from './ledger.ts'

/** Units worked in a row of a shape. */
const unitsOf = ({ units, uses, makes }: ShapeRow): number => units ?? (uses > 0 ? uses : makes)

function shapeProgram(row: ShapeRow, stitch: string, yarn: string): Program {
  if (row.runs) return programOf(row.runs.map((run) => ({ ...run, yarn })))
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
  passes: 1 | 2,
): boolean {
  if (builder.rowCount === 0) return false
  // Forward and back again it ends where it began, and is not turned.
  if (passes === 2 && !firstOfPart) return builder.lastIsWrongSide
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

/** A row to be laid: how it is begun where its part does not say, and the stitches of the chain it is worked into. */
interface ToLay {
  readonly program: Program
  readonly how?: RowStart | undefined
  readonly on?: number
  /** False where it is left out when it does not come out on what is made; else it is then plain. */
  readonly needed?: false
}

interface InPart {
  readonly rises: boolean
  /** Stitches it stands on. */
  readonly count: number
  /** Its rows that are made already: they are as they are, and those to be laid go on after them. */
  readonly made: readonly MadeRow[]
}

/** The rows of a part as they go onto one another. */
class Stack {
  private readonly rows: OntoRow[] = []

  constructor(private readonly firstRow: number) {}

  /** What the next row is worked into, where that is not the row below. */
  next(wanted?: OntoRow): Pick<RowFacts, 'onto' | 'beside'> {
    this.rows.push(wanted ?? { yarn: '', onto: 'below' })
    const { onto } = this.rows.at(-1)!
    if (onto === 'below') return {}
    const rows = ontoOf(this.rows, this.rows.length - 1).map((at) =>
      at === GROUND ? this.firstRow - 1 : this.firstRow + at,
    )
    return { onto: rows, ...(onto === 'own' ? { beside: true } : {}) }
  }
}

/** Adds the rows of one part to a piece. */
function inPart(
  design: Design,
  part: Part,
  builder: PieceBuilder,
  { rises, count, made }: InPart,
  toLay: Iterable<ToLay>,
): void {
  const making = makingOf(design, part)
  const band = isBase(part) ? null : { part, is: bandOf(part) }
  const repeat = band?.is.repeat(band.part, builder.worked)
  const texts = band
    ? band.is.texts(band.part, count)
    : (constructionOf(part as BasePart).texts?.(part as BasePart) ?? null)
  const { id, name, kind } = part
  builder.beginPart({
    ...{ id, name, kind, making, texts },
    repeat: repeat?.multiple ?? null,
    balance: repeat?.offset ?? 0,
    reading: band?.is.reading(band.part, builder.worked) ?? null,
    chartRows: band?.is.field(band.part)?.colours.length ?? null,
    gauge: partGauge(design, part),
  })
  const from = builder.rowCount
  const inRows = builder.worked === 'rows'
  const spiral = making.working === 'spiral' && !inRows
  const begins = new Beginnings(builder, making, part.stitch)
  const stack = new Stack(from)
  for (const [i, row] of made.entries()) {
    const wants = band?.is.wants(band.part, i + 1, count) ?? {}
    builder.addRow(programOf(row.runs), { ...factsOf(row, rises), ...stack.next(wants.onto) })
  }
  let nth = 0
  for (const { program: planned, how, on, needed = true } of toLay) {
    if (nth++ < made.length) continue
    // On what is made a planned row may not come out any more.
    const comesOut = made.length === 0 || builder.canLay(planned)
    if (!comesOut && !needed) continue
    const program = comesOut ? planned : [work(part.stitch, 'fits', { yarn: lettersIn(part)[0]! })]
    const row = builder.rowCount - from
    const wants = band?.is.wants(band.part, row + 1, count) ?? {}
    const { side, held, passes = 1 } = wants
    // Where the row below shows its wrong side this one is turned as any.
    const anew = wants.afresh === true && inRows && how === undefined && !builder.lastIsWrongSide
    const onto = comesOut ? stack.next(wants.onto) : stack.next()
    const start = anew ? ('afresh' as const) : how
    const afresh = start === 'afresh'
    const wrongSide = !afresh && isWrongSide(builder, making.working, row === 0, side, passes)
    const turns = builder.rowCount > 0 && wrongSide !== builder.lastIsWrongSide
    // A row that is kept as it is written says itself how it is worked.
    const { program: worked, begin } = begins.of(program, wrongSide, {
      isFirst: start !== undefined && !afresh,
      asSaid: texts !== null,
    })
    builder.addRow(worked, {
      start: start ?? (turns ? 'turn' : spiral ? 'spiral' : 'chain'),
      end: held ? 'held' : inRows ? 'turn' : spiral ? 'spiral' : 'join',
      passes,
      wrongSide,
      begin,
      rises,
      ...onto,
      ...(on === undefined ? {} : { on }),
    })
  }
}

/** A row that is made, as it was. */
const factsOf = ({ start, end, side, begin }: MadeRow, rises: boolean): RowFacts => ({
  start: start as RowStart,
  end: end as RowEnd,
  wrongSide: side === 'WS',
  passes: 1,
  begin,
  rises,
})

/** A piece as it is begun: its first rows, the bands on them, what it is called and how often it is made. */
export interface Begun {
  readonly base: BasePart
  readonly shape: ShapePiece
  readonly bands: readonly BandPart[]
}

/** Whether the first row of a piece is worked into another one. */
const picksUp = ({ joins }: DesignPiece): boolean =>
  joins.some(({ edge, how }) => edge === 'first' && how === 'pick-up')
const pickedUp = ([first, ...rows]: readonly ShapeRow[]): ShapeRow[] => [
  { ...first!, kind: 'pick-up' },
  ...rows,
]

/** The pieces the construction begins, each with its bands, and after them those that begin by themselves. */
export function begunPieces(design: Design): Begun[] {
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
        shape: {
          ...shape!,
          ...{ id, times, name: piece.name ?? shape!.name },
          rows: picksUp(piece) ? pickedUp(shape!.rows) : shape!.rows,
        },
        bands: bandsIn(piece),
      },
    ]
  })
  return [...first, ...more]
}

/** A part in the order it is worked: what of it is made, and whether it goes on from there as it is planned. */
interface InOrder {
  readonly part: Part
  readonly made: readonly MadeRow[]
  readonly goesOn: boolean
}

/** What is made comes first, in the order it was; then the part it ended in goes on, and those above it. */
function inOrder(parts: readonly Part[], made: readonly MadeRow[]): InOrder[] {
  const begun = [...new Set(made.map(({ row }) => partOfId(row)))]
  const first = begun.map((id, at) => ({
    part: parts.find((part) => part.id === id) ?? goneFrom(parts[0]!, id),
    made: made.filter(({ row }) => partOfId(row) === id),
    goesOn: at === begun.length - 1 && parts.some((part) => part.id === id),
  }))
  // What is put below a row that is made comes too late for this piece.
  const last = parts.findLastIndex(({ id }) => begun.includes(id))
  return [...first, ...parts.slice(last + 1).map((part) => ({ part, made: [], goesOn: true }))]
}

/** Stands for a part that was taken out after rows of it were made. */
const goneFrom = ({ stitch, making }: Part, id: string): BandPart => ({
  ...bands.plain.begin({ stitch, letters: ['A'], count: 0, abbr: '' }),
  id,
  name: 'Made before',
  making,
})

/** A piece as it is begun, with its bands; rows of it that are made are as they are, and the others go on from them. */
export function pieceOf(
  design: Design,
  { base, shape, bands: own }: Begun,
  tables: LedgerTables,
  { hand, made }: { readonly hand: 'right' | 'left'; readonly made: readonly MadeRow[] },
): Piece {
  const { id, name, times, worked } = shape
  const builder = new PieceBuilder({ id, name, times, worked }, tables)
  const [first, second = first] = baseYarns(base)
  const yarn = (shape.second ? second : first)!
  // Where the bands begin at once in the chain, the base has no row of its own.
  const [start] = shape.rows
  const atOnce = 'begins' in base && base.begins === 'bands' && own.length > 0
  const rises = id === BODY || !shape.lies
  const sides =
    id === BODY && worked === 'rounds'
      ? { sides: constructionOf(base).sides?.(base) ?? ([0, 0.5] as const) }
      : {}
  function* ofBase(): Iterable<ToLay> {
    const stitch = (shape.inBands && own[0]?.stitch) || base.stitch
    for (const [i, row] of atOnce ? [] : shape.rows.entries())
      yield {
        program: shapeProgram(row, (i === 0 && base.firstStitch) || stitch, yarn),
        how: row.afresh ? 'afresh' : firstStarts[row.kind],
        needed: false,
      }
  }
  function* ofBand(part: BandPart, count: number, below: number): Iterable<ToLay> {
    let how = builder.rowCount === 0 ? firstStarts[start!.kind] : undefined
    const ground = { count, hand, worked, below, ...sides }
    for (const program of bandOf(part).rows(part, ground)) {
      yield { program, how, on: count }
      how = undefined
    }
  }
  for (const { part, made: done, goesOn } of inOrder(
    [base, ...own],
    made.filter(({ piece }) => piece === id),
  )) {
    const count = builder.rowCount === 0 ? start!.makes : builder.count
    if (isBase(part))
      inPart(
        design,
        part,
        builder,
        { rises: !shape.lies, count, made: done },
        goesOn ? ofBase() : [],
      )
    else
      inPart(
        design,
        part,
        builder,
        { rises, count, made: done },
        // Its own rows that are made already are no rows below it.
        goesOn ? ofBand(part, count, builder.rowCount) : [],
      )
  }
  return builder.finish()
}
