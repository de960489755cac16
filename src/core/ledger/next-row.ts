import type { RowWants } from '../band/index.ts'
import {
  GROUND,
  inStitches,
  ontoOf,
  type OntoRow,
  type Program,
  programOfRecord,
  type RowRecord,
  type RowStart,
} from '../program/index.ts'
import type { Making, Working } from '../part/index.ts'
import { stitchById } from '../stitch/index.ts'
import { Beginnings } from './beginnings.ts'
import type { PieceBuilder } from './builder.ts'
import type { NextRow, RowFacts } from './row-facts.ts'

/*
 * A row's facts: how it starts and ends, its side and passes, what it goes into, where its first stitch stands. They are decided
 * here and nowhere else; a row that is made has them in its record.
 */

/** A row of a part as it is planned, before it is known what it comes to stand on. */
export interface PlannedRow {
  /** How it is begun, where its part says so. */
  readonly how?: RowStart | undefined
  /** Stitches of the chain it is worked into. */
  readonly on?: number
}

/** What holds for all rows of a part. */
export interface PartFacts {
  readonly making: Making
  readonly stitch: string
  /** Its rows are said as they are written. */
  readonly asSaid: boolean
  readonly rises: boolean
}

/**
 * Whether the next row is worked on the wrong side. A round that is joined is turned to the side it is wanted from, and back again;
 * flat rows and spirals have no choice.
 */
function isWrongSide(
  builder: PieceBuilder,
  working: Working,
  firstOfPart: boolean,
  { side: wanted, sideIfTurned, stays, fromRight, turned }: RowWants,
): boolean {
  if (builder.rowCount === 0) return false
  // After a way forward and back again one is where the row began.
  if (stays || builder.lastWentBack) return builder.lastIsWrongSide
  if (builder.worked === 'rows') return !builder.lastIsWrongSide
  if (wanted && working !== 'spiral') return wanted === 'WS'
  if (working === 'turned' && sideIfTurned) return sideIfTurned === 'WS'
  if (working !== 'turned' && (turned !== undefined || builder.lastTurns))
    return (turned || builder.lastTurns) !== builder.lastIsWrongSide
  if (working === 'turned') return !fromRight && !builder.lastIsWrongSide
  return working === 'turn-once' && firstOfPart
}

/** The yarn a row begins in. */
function yarnOf([first]: Program): string | null {
  if (!first) return null
  if (first.do === 'group') return yarnOf(first.steps)
  if (first.do === 'cells') return first.letters[0] ?? null
  return 'yarn' in first ? (first.yarn ?? null) : null
}

const BELOW: OntoRow = { yarn: '', onto: 'below' }

/** The rows of one part, one after the other. */
export class PartRows {
  private readonly firstRow: number
  private readonly begins: Beginnings
  /** What each of them goes into. */
  private readonly onto: OntoRow[] = []
  private readonly behind = new WeakMap<Program, Program>()

  constructor(
    private readonly builder: PieceBuilder,
    private readonly part: PartFacts,
  ) {
    this.firstRow = builder.rowCount
    this.begins = new Beginnings(builder, part.making, part.stitch)
  }

  /** A row as it is planned. */
  planned(asked: Program, { how, on: chain }: PlannedRow, wants: RowWants): NextRow {
    const { builder, part } = this
    const isTurned = part.making.working === 'turned' || part.making.working === 'turn-once'
    const {
      held,
      passes = 1,
      from = (isTurned ? undefined : wants.fromUnturned) ??
        (part.making.anew === null ? builder.fromAfter : part.making.anew - 1),
    } = wants
    const inRows = builder.worked === 'rows'
    // Where the row below shows its wrong side this one is turned as any.
    const canBegin = how === undefined && builder.rowCount > 0 && !builder.lastIsWrongSide
    const wanted = wants.afresh === 'always' || (wants.afresh === 'flat' && inRows)
    // A yarn that is new is joined there while the other hangs; one that was there before has been cut.
    const isOld = () => inRows || builder.hasYarn(yarnOf(asked))
    const anew = canBegin && ((wanted && isOld()) || part.making.anew !== null)
    const on = inRows || from === null || !canBegin ? 0 : from % builder.count
    const joined = wants.joins === true || anew || on > 0
    const spiral = part.making.working === 'spiral' && !inRows && !joined
    const start = anew ? 'afresh' : how
    const afresh = start === 'afresh'
    const first = builder.rowCount === this.firstRow
    const wrongSide = !afresh && isWrongSide(builder, part.making.working, first, wants)
    const turns = builder.rowCount > 0 && wrongSide !== builder.lastIsWrongSide
    const isFirst = start !== undefined && !afresh
    const seen = wrongSide && wants.asSeen === true ? this.fromBehind(asked) : asked
    const way = { isFirst, asSaid: part.asSaid, from: anew || on > 0 ? on : null }
    const { program, begin } = this.begins.of(seen, wrongSide, way)
    const goes = this.goesInto(wants)
    // Written out: there may be thousands of rows.
    const facts: RowFacts = {
      start: start ?? (turns ? 'turn' : spiral ? 'spiral' : 'chain'),
      end: held ? 'held' : inRows ? 'turn' : spiral ? 'spiral' : 'join',
      passes,
      wrongSide,
      begin,
      from: on,
      on: chain,
      rises: part.rises,
      onto: goes?.onto,
      beside: goes?.beside,
      turnsAfter: wants.turnsAfter,
      fromAfter: isTurned ? undefined : wants.fromAfter,
    }
    return { program, facts }
  }

  /** A row as it is worked from behind: the same again where it is the same. */
  private fromBehind(asked: Program): Program {
    const behind =
      this.behind.get(asked) ?? inStitches(asked, (id) => stitchById(id).fromBehind ?? id)
    this.behind.set(asked, behind)
    return behind
  }

  /** A row that is made, as it was; `wants` says among which it is counted by those that go into them. */
  made(record: RowRecord, wants: RowWants, program = programOfRecord(record)): NextRow {
    this.goesInto(wants)
    const { start, end, side, passes, begin, from, beside, unit } = record
    const onto = record.onto.map((id) => this.builder.rowOf(id))
    const facts: RowFacts = {
      ...{ start, end, passes, begin, from, beside, unit, rises: this.part.rises },
      wrongSide: side === 'WS',
      fromAfter: wants.fromAfter,
      ...(onto.length > 0 ? { onto } : {}),
    }
    return { program, facts }
  }

  /** What the next row is worked into, where that is not the row below. */
  private goesInto({
    onto: wanted = BELOW,
    down = [],
  }: RowWants): Pick<RowFacts, 'onto' | 'beside'> | null {
    this.onto.push(wanted)
    const { onto } = wanted
    const { rowCount } = this.builder
    if (down.length > 0 && down.every((rows) => rows <= rowCount))
      return {
        onto: down.map((rows) => rowCount - rows),
        ...(down.length === 1 && down[0]! > 1 ? { beside: true } : {}),
      }
    if (onto === 'below') return null
    const rows = ontoOf(this.onto, this.onto.length - 1).map((at) =>
      at === GROUND ? this.firstRow - 1 : this.firstRow + at,
    )
    return { onto: rows, ...(onto === 'own' ? { beside: true } : {}) }
  }
}
