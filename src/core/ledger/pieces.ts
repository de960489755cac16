import {
  type BandPart,
  bandOf,
  bands,
  closingRow,
  type Ground,
  markedRow,
  programOf,
  type RowWants,
  type Sides,
  wantsOfText,
  withoutTurn,
} from '../band/index.ts'
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
  maybeBaseOf,
  type Part,
  type PieceJoin,
} from '../design/index.ts'
import { isFirstStart, type Program, type RowStart, work } from '../program/index.ts'
import type { MadeRow } from '../project/index.ts'
import { partOfId } from '../part/index.ts'
import {
  type BasePart,
  constructionOf,
  middlesIn,
  sidesBetween,
  type ShapePiece,
  type ShapeRow,
  yarnOfRow,
} from '../shape/index.ts'
import { decreaseFor, severalFor } from '../stitch/index.ts'
import { InvariantError } from '../units/index.ts'
import { aroundIn, aroundProgram, sharedAround } from './around.ts'
import { type LedgerTables, PieceBuilder } from './builder.ts'
import { partGauge } from './gauge.ts'
import { beginningOf } from './beginnings.ts'
import { withMiddles } from './fronts.ts'
import type { Piece } from './ledger.ts'
import { around as inRound, maybeMiddles } from './middles.ts'
import { PartRows, type PlannedRow } from './next-row.ts'

/** Units worked in a row of a shape. */
const unitsOf = ({ units, uses, makes }: ShapeRow): number => units ?? (uses > 0 ? uses : makes)

function shapeProgram(row: ShapeRow, stitch: string, yarn: string): Program {
  if (row.runs) return programOf(row.runs.map((run) => ({ ...run, yarn: run.yarn ?? yarn })))
  const by = row.makes - row.uses
  if (by < 0 && row.marks.length > 0) {
    const closed = decreaseFor(stitch).id
    const marks = row.marks.map(({ place }) => ({ place, stitch: closed }))
    return markedRow(row.uses + by, marks, stitch, yarn)
  }
  if (by < 0 || row.kind === 'other-side') return closingRow(row.uses, by, stitch, yarn)
  const marks = row.marks.map(({ place, together }) => ({
    place,
    stitch: severalFor(stitch, together).id,
  }))
  return markedRow(unitsOf(row), marks, stitch, yarn)
}

const firstStarts: Partial<Record<ShapeRow['kind'], RowStart>> = {
  ring: 'ring',
  chain: 'foundation',
  across: 'across',
  'chain-ring': 'chain-ring',
  'pick-up': 'pick-up',
  'other-side': 'other-side',
}

/** A row as its part plans it. */
interface ToLay extends PlannedRow {
  readonly program: Program
  /** What it says itself of how it is worked. */
  readonly wants?: RowWants
  /** False where it is left out when it does not come out on what is made; else it is then plain. */
  readonly needed?: false
}

/** A row that is made, with its work to be laid: the same where the same was worked. */
export interface Made {
  readonly record: MadeRow
  readonly program: Program
}

/** A row that was noted as made does not lie on those before it: so many do. */
class MadeMisfit extends Error {
  constructor(readonly rows: number) {
    super('rows that were noted do not lie on one another')
  }
}

interface InPart {
  readonly rises: boolean
  /** Stitches it stands on. */
  readonly count: number
  /** Its rows as they are written, where its base is. */
  readonly said: readonly string[] | null
  /** Its rows that are made already: they are as they are, and those to be laid go on after them. */
  readonly made: readonly Made[]
}

/** Adds the rows of one part to a piece. */
function inPart(
  design: Design,
  part: Part,
  builder: PieceBuilder,
  { rises, count, said, made }: InPart,
  planOn: (count: number) => Iterable<ToLay>,
): void {
  const making = makingOf(design, part)
  const band = isBase(part) ? null : { part, is: bandOf(part) }
  const texts = band ? band.is.texts(band.part, count) : said
  builder.beginPart({
    ...{ id: part.id, name: part.name, kind: part.kind, making, texts },
    startBySchool: band?.is.startBySchool ?? false,
    // Of rows that say their stitches and do not come out there is nothing to note.
    notes: band && (texts !== null || !band.is.saysStitches) ? band.is.notes(band.part) : [],
    ...saidOf(part, builder.worked),
    gauge: partGauge(design, part),
  })
  const from = builder.rowCount
  const rows = new PartRows(builder, {
    ...{ making, rises, stitch: part.stitch },
    asSaid: texts !== null,
  })
  const wantsOf = (nth: number) => band?.is.wants(band.part, nth, count) ?? {}
  for (const [i, { record, program }] of made.entries()) {
    const before = builder.rowCount
    try {
      builder.addRow(rows.made(record, wantsOf(i + 1), program))
    } catch (error) {
      if (!(error instanceof InvariantError)) throw error
      throw new MadeMisfit(before)
    }
    const stands = before > 0 || isFirstStart(record.start)
    if (!stands || builder.count === 0) throw new MadeMisfit(before)
  }
  const wantsNext = ({ wants }: ToLay) => wants ?? wantsOf(builder.rowCount - from + 1)
  const canLay = (row: ToLay) => builder.canLay(row.program, wantsNext(row))
  const cameOutOtherwise = (planned: readonly ToLay[]) =>
    planned.some(({ program }, i) => !builder.leftAsPlanned(from + i, program, wantsOf(i + 1)))
  for (const row of toBeLaid(builder, { count, made, planOn, canLay, cameOutOtherwise })) {
    const wants = wantsNext(row)
    // On what is made a planned row may not come out any more.
    const comesOut = (made.length === 0 && !wants.down?.length) || canLay(row)
    if (!comesOut && row.needed === false) continue
    builder.addRow(
      comesOut
        ? rows.planned(row.program, row, wants)
        : rows.planned(plainOf(part), row, { ...wants, onto: undefined, down: [] }),
    )
  }
}

interface Planning {
  readonly count: number
  readonly made: readonly Made[]
  readonly planOn: (count: number) => Iterable<ToLay>
  readonly canLay: (row: ToLay) => boolean
  /** Whether rows that are made came out on other counts than these, as they were planned, would have. */
  readonly cameOutOtherwise: (planned: readonly ToLay[]) => boolean
}

/**
 * The rows of a part after those that are made. Where these came out on another count than was planned and the next does not go on from
 * them, the part is planned anew on what is there.
 */
function* toBeLaid(
  builder: PieceBuilder,
  { count, made, planOn, canLay, cameOutOtherwise }: Planning,
): Iterable<ToLay> {
  const planned: ToLay[] = []
  let nth = 0
  for (const row of planOn(count)) {
    if (nth++ < made.length) planned.push(row)
    else if (made.length > 0 && !canLay(row) && cameOutOtherwise(planned)) {
      yield* [...planOn(builder.count)].slice(nth - 1)
      return
    } else yield row
  }
}

/** One stitch in each, in the first of its yarns. */
const plainOf = (part: Part): Program => [work(part.stitch, 'fits', { yarn: lettersIn(part)[0]! })]

/** What a part says of its chart. */
function saidOf(part: Part, worked: Piece['worked']) {
  if (isBase(part)) return { repeat: null, balance: 0, reading: null, chartRows: null }
  const is = bandOf(part)
  const repeat = is.repeat(part, worked)
  return {
    repeat: repeat?.multiple ?? null,
    balance: repeat?.offset ?? 0,
    reading: is.reading(part, worked),
    chartRows: is.field(part)?.colours.length ?? null,
  }
}

/** A piece as it is begun: its first rows, the bands on them, what it is called and how often it is made. */
export interface Begun {
  readonly base: BasePart
  readonly shape: ShapePiece
  readonly bands: readonly BandPart[]
  /** Its first round is picked up all around another piece. */
  readonly around?: PieceJoin
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
    const around = aroundIn(piece.joins)
    return [
      {
        base: own,
        shape: {
          ...shape!,
          ...{ id, times, name: piece.name ?? shape!.name },
          rows: picksUp(piece) ? pickedUp(shape!.rows) : shape!.rows,
        },
        bands: bandsIn(piece),
        ...(around && shape!.worked === 'rounds' ? { around } : {}),
      },
    ]
  })
  return [...first, ...more]
}

/** A part in the order it is worked: what of it is made, and whether it goes on from there as it is planned. */
interface InOrder {
  readonly part: Part
  readonly made: readonly Made[]
  readonly goesOn: boolean
}

/** What is made comes first, in the order it was; then the part it ended in goes on, and those above it. */
function inOrder(parts: readonly Part[], made: readonly Made[]): InOrder[] {
  const begun = [...new Set(made.map(({ record }) => partOfId(record.row)))]
  const [base] = parts
  const first = begun.map((id, at) => ({
    part: parts.find((part) => part.id === id) ?? goneFrom(parts[0]!, id),
    made: made.filter(({ record }) => partOfId(record.row) === id),
    goesOn: at === begun.length - 1 && parts.some((part) => part.id === id),
  }))
  // A base on whose chain the bands begin at once has no row of its own.
  const bare = begun.length > 0 && base && !begun.includes(base.id) ? [base] : []
  // What is put below a row that is made comes too late for this piece.
  const last = parts.findLastIndex(({ id }) => begun.includes(id))
  return [
    ...bare.map((part) => ({ part, made: [], goesOn: false })),
    ...first,
    ...parts.slice(last + 1).map((part) => ({ part, made: [], goesOn: true })),
  ]
}

/** Stands for a part that was taken out after rows of it were made. */
const goneFrom = ({ stitch, making }: Part, id: string): BandPart => ({
  ...bands.plain.begin({ stitch, letters: ['A'], count: 0, abbr: '' }),
  id,
  name: 'Made before',
  making,
})

/** The sides of a bag along a round, as shares of it. */
function sidesOfBag(base: BasePart): Sides {
  const [one, other] = sidesBetween(middlesIn(constructionOf(base), base, base.count), base.count)
  return [one / base.count, other / base.count]
}

interface Building {
  readonly design: Design
  readonly builder: PieceBuilder
  readonly tables: LedgerTables
}

/** Where front and back lie in the first round of a band on what is built, counted as its program is; found when it is asked. */
function frontFor(
  { design, builder, tables }: Building,
  part: BandPart,
  count: number,
): Pick<Ground, 'front' | 'step' | 'begins'> {
  const below = builder.rowCount
  const { place, step, begins } = beginningOf(builder, makingOf(design, part), part.stitch)
  const known = {
    ...{ hows: tables.hows.list, stitches: tables.stitches.list, yarns: tables.yarns.list },
  }
  const front = () => {
    const middles =
      below > 0 ? maybeMiddles(withMiddles(design, known, builder.soFar()), below - 1) : null
    const on = (at: number) => inRound(at - place, count)
    return middles && { front: on(middles.front), back: on(middles.back) }
  }
  return { front, step, begins }
}

/** What a piece is compiled with. */
export interface PieceOptions {
  readonly hand: 'right' | 'left'
  readonly made: readonly Made[]
  /** A piece that is compiled already. */
  readonly pieceBy: (id: string) => Piece | undefined
}

/**
 * A piece as it is begun, with its bands; rows of it that are made are as they are, and the others go on from them. From the first that does not
 * lie on those before it, as in a log that was put together by hand, rows count as not made.
 */
export function pieceOf(
  design: Design,
  begun: Begun,
  tables: LedgerTables,
  options: PieceOptions,
): Piece {
  try {
    return built(design, begun, tables, options)
  } catch (error) {
    if (!(error instanceof MadeMisfit)) throw error
    const made = options.made.slice(0, error.rows)
    return pieceOf(design, begun, tables, { ...options, made })
  }
}

function built(
  design: Design,
  { base, shape, bands: own, around }: Begun,
  tables: LedgerTables,
  { hand, made, pieceBy }: PieceOptions,
): Piece {
  const { id, name, times, worked } = shape
  const builder = new PieceBuilder({ id, name, times, copy: 1, copies: [], worked }, tables)
  const [first, second = first] = baseYarns(base)
  const yarn = (shape.second ? second : first)!
  // Where the bands begin at once in the chain, the base has no row of its own.
  const [start] = shape.rows
  const inChain = start!.kind === 'across' || start!.kind === 'chain-ring'
  const atOnce = inChain && 'begins' in base && base.begins === 'bands' && own.length > 0
  const rises = id === BODY || !shape.lies
  const rounds = id === BODY && worked === 'rounds'
  const sides = rounds ? { sides: sidesOfBag(base) } : {}
  function firstAround(count: number, stitch: string, letter: string): Program | null {
    const met = around && pieceBy(around.to.piece)
    if (met?.worked !== 'rows') return null
    return aroundProgram(sharedAround(met, count, around!.corner), around!.corner, stitch, letter)
  }
  function* ofBase(): Iterable<ToLay> {
    const stitch = (shape.inBands && own[0]?.stitch) || base.stitch
    for (const [i, row] of atOnce ? [] : shape.rows.entries()) {
      const own = (i === 0 && base.firstStitch) || stitch
      const letter = shape.second ? yarn : yarnOfRow({ ...base, yarn }, i)
      yield {
        program: (i === 0 && firstAround(row.makes, own, letter)) || shapeProgram(row, own, letter),
        how: row.afresh ? 'afresh' : firstStarts[row.kind],
        ...(row.text === undefined ? {} : { wants: wantsOfText(shape.rows, i + 1) }),
        needed: false,
      }
    }
  }
  function groundOf(part: BandPart, count: number): Ground {
    const front = rounds && frontFor({ design, builder, tables }, part, count)
    return { count, hand, worked, below: builder.rowCount, ...sides, ...front }
  }
  function* ofBand(part: BandPart, ground: Ground): Iterable<ToLay> {
    let how = builder.rowCount === 0 ? firstStarts[start!.kind] : undefined
    const { count } = ground
    for (const program of bandOf(part).rows(part, ground)) {
      yield { program, how, on: count }
      how = undefined
    }
  }
  const said = shape.rows.some(({ text }) => text !== undefined)
    ? shape.rows.map(({ text = '' }) => withoutTurn(text))
    : null
  for (const { part, made: done, goesOn } of inOrder([base, ...own], made)) {
    const count = builder.rowCount === 0 ? start!.makes : builder.count
    if (isBase(part))
      inPart(design, part, builder, { rises: !shape.lies, count, said, made: done }, () =>
        goesOn ? ofBase() : [],
      )
    else {
      // Its own rows that are made already are no rows below it.
      const ground = groundOf(part, count)
      const planOn = (on: number) => (goesOn ? ofBand(part, { ...ground, count: on }) : [])
      inPart(design, part, builder, { rises, count, said: null, made: done }, planOn)
    }
  }
  return builder.finish()
}
