import { stitchById, type Stitch } from '../stitch/index.ts'
import { InvariantError } from '../units/index.ts'
import {
  type LedgerPart,
  type LedgerRun,
  NO_UNIT,
  type Piece,
  type RowEnd,
  type RowStart,
  ends,
  starts,
} from './ledger.ts'

/** What a compiler says of a row; the rest follows. */
export interface RowFacts {
  readonly start: RowStart
  readonly end: RowEnd
  readonly wrongSide: boolean
  /** False for rows of a base that lies flat. */
  readonly rises: boolean
}

/** Numbers names as they come. */
class Names {
  readonly list: string[] = []
  private readonly at = new Map<string, number>()

  index(name: string): number {
    let index = this.at.get(name)
    if (index === undefined) {
      index = this.list.push(name) - 1
      this.at.set(name, index)
    }
    return index
  }
}

/** The tables all pieces of a ledger share. */
export class LedgerTables {
  readonly stitches = new Names()
  readonly yarns = new Names()
}

const firstStarts: ReadonlySet<RowStart> = new Set([
  'ring',
  'foundation',
  'across',
  'chain-ring',
  'pick-up',
  'other-side',
])

/** Collects the rows of a piece, checks that each uses what the one below made, and packs them into columns. */
export class PieceBuilder {
  private readonly dictionary: Stitch[] = []
  private readonly parts: LedgerPart[] = []
  private readonly rows = {
    part: [] as number[],
    side: [] as number[],
    start: [] as number[],
    end: [] as number[],
    uses: [] as number[],
    makes: [] as number[],
    widthMm: [] as number[],
    heightMm: [] as number[],
    alongMm: [] as number[],
    runStart: [0],
  }
  private readonly runs = { stitch: [] as number[], yarn: [] as number[], count: [] as number[] }

  constructor(
    private readonly facts: Pick<Piece, 'id' | 'name' | 'times' | 'worked'>,
    private readonly tables: LedgerTables,
  ) {}

  /** Places left by the last row; 0 before the first. */
  get count(): number {
    return this.rows.makes.at(-1) ?? 0
  }

  get rowCount(): number {
    return this.rows.part.length
  }

  get worked(): Piece['worked'] {
    return this.facts.worked
  }

  /** Whether the last row shows its wrong side. */
  get lastIsWrongSide(): boolean {
    return this.rows.side.at(-1) === 1
  }

  beginPart(part: Omit<LedgerPart, 'firstRow' | 'endRow'>): void {
    this.parts.push({ ...part, firstRow: this.rowCount, endRow: this.rowCount })
  }

  /** @throws InvariantError when the runs do not use what the row below made */
  addRow(runs: readonly LedgerRun[], facts: RowFacts): void {
    const { rows } = this
    const { stitchWidthMm, rowHeightMm } = this.parts.at(-1)!.gauge
    const available = this.count
    let uses = 0
    let makes = 0
    for (const { stitch, yarn, count } of runs) {
      const index = this.tables.stitches.index(stitch)
      const { uses: takes, makes: leaves } = (this.dictionary[index] ??= stitchById(stitch))
      uses += takes * count
      makes += leaves * count
      this.runs.stitch.push(index)
      this.runs.yarn.push(this.tables.yarns.index(yarn))
      this.runs.count.push(count)
    }
    if (firstStarts.has(facts.start)) uses = 0
    else if (facts.start !== 'spiral' && this.facts.worked === 'rounds')
      // A round that begins anew stands on a joined one.
      rows.end[rows.end.length - 1] = ends.indexOf('join')
    if (uses !== available)
      throw new InvariantError(`row ${this.rowCount + 1} uses ${uses} of ${available} places`)
    rows.heightMm.push((rows.heightMm.at(-1) ?? 0) + (facts.rises ? rowHeightMm : 0))
    rows.alongMm.push((rows.alongMm.at(-1) ?? 0) + rowHeightMm)
    rows.part.push(this.parts.length - 1)
    rows.side.push(facts.wrongSide ? 1 : 0)
    rows.start.push(starts.indexOf(facts.start))
    rows.end.push(ends.indexOf(facts.end))
    rows.uses.push(uses)
    rows.makes.push(makes)
    rows.widthMm.push(makes * stitchWidthMm)
    rows.runStart.push(this.runs.count.length)
    this.parts[this.parts.length - 1] = { ...this.parts.at(-1)!, endRow: this.rowCount }
  }

  /** The piece; its last row is the last there is: its yarn is cut. */
  finish(): Piece {
    const { rows, runs } = this
    const length = this.rowCount
    rows.end[length - 1] = ends.indexOf('fasten-off')
    return {
      ...this.facts,
      rows: length,
      parts: this.parts,
      columns: {
        number: Uint16Array.from({ length }, (_, i) => i + 1),
        part: Uint8Array.from(rows.part),
        side: Uint8Array.from(rows.side),
        start: Uint8Array.from(rows.start),
        end: Uint8Array.from(rows.end),
        passes: new Uint8Array(length).fill(1),
        uses: Uint32Array.from(rows.uses),
        makes: Uint32Array.from(rows.makes),
        unit: new Uint8Array(length).fill(NO_UNIT),
        unitCount: new Uint32Array(length),
        widthMm: Float64Array.from(rows.widthMm),
        heightMm: Float64Array.from(rows.heightMm),
        alongMm: Float64Array.from(rows.alongMm),
        runStart: Uint32Array.from(rows.runStart),
        runStitch: Uint8Array.from(runs.stitch),
        runYarn: Uint8Array.from(runs.yarn),
        runCount: Uint32Array.from(runs.count),
      },
    }
  }
}
