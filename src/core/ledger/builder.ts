import {
  type CountedUnit,
  countOf,
  ends,
  hasNarrow,
  heightOf,
  inStitches,
  inTurn,
  isFirstStart,
  type RowStart,
  type Laid,
  lay,
  type Places,
  placesIn,
  type Program,
  samePlaces,
  starts,
  stitches,
  turnedTo,
} from '../program/index.ts'
import { partOfId, placeOfId } from '../part/index.ts'
import { firstFor, stitchById } from '../stitch/index.ts'
import { InvariantError } from '../units/index.ts'
import { type Block, Hows, Names, Runs } from './blocks.ts'
import { type LedgerPart, NO_UNIT, type Piece } from './ledger.ts'
import { endBefore, type NextRow } from './row-facts.ts'

/** The tables all pieces of a ledger share. */
export class LedgerTables {
  readonly stitches = new Names()
  readonly yarns = new Names()
  readonly units = new Names()
  readonly hows = new Hows()
}

function firstUnit({ units }: Laid): CountedUnit | null {
  const [[name, count] = []] = units
  return name === undefined ? null : { name, count: count! }
}

/** A row as it was laid, to be had again where the same is worked over the same. */
interface Kept {
  readonly below: Places
  readonly turned: boolean
  readonly laid: Laid
  readonly blocks: readonly Block[]
  /** How high it lies, in heights of a sc. */
  readonly height: number
}

/** Stitches that a row may have more for the next to pass over. */
const MORE = 2
const SAME_MM = 0.01

/** Yarns of a row that was laid. */
const yarnsIn = (steps: Program): string[] =>
  steps.flatMap((step) =>
    step.do === 'group'
      ? yarnsIn(step.steps)
      : step.do === 'cells'
        ? [...new Set(step.letters)]
        : 'yarn' in step && step.yarn !== undefined
          ? [step.yarn]
          : [],
  )

const ON = { last: true } as const
const TURNED = { turned: true, last: true } as const

/** Lays the rows of a piece one over the other, and packs them into columns; what repeats is stored once. */
export class PieceBuilder {
  private readonly parts: LedgerPart[] = []
  private readonly rows = {
    part: [] as number[],
    side: [] as number[],
    begin: [] as number[],
    from: [] as number[],
    start: [] as number[],
    end: [] as number[],
    passes: [] as number[],
    uses: [] as number[],
    makes: [] as number[],
    onto: [] as number[],
    also: [] as number[],
    beside: [] as number[],
    handle: [] as number[],
    unit: [] as number[],
    unitCount: [] as number[],
    widthMm: [] as number[],
    heightMm: [] as number[],
    alongMm: [] as number[],
    blockStart: [0],
  }
  private readonly blocks = { from: [] as number[], to: [] as number[], times: [] as number[] }
  private readonly runs: Runs
  private readonly kept = new Map<Program, Kept>()
  /** What each row leaves. */
  private readonly left: Places[] = []
  private below: Places = []
  /** What each row works. */
  private readonly laidSteps: Program[] = []

  constructor(
    private readonly facts: Pick<Piece, 'id' | 'name' | 'times' | 'copy' | 'copies' | 'worked'>,
    private readonly tables: LedgerTables,
  ) {
    this.runs = new Runs(tables.stitches, tables.yarns, tables.hows)
  }

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

  /** Whether a yarn was worked in a row of the piece before. */
  hasYarn(letter: string | null): boolean {
    return letter === null || this.laidSteps.some((steps) => yarnsIn(steps).includes(letter))
  }

  /** Where the last row begins. */
  get lastBegin(): number {
    return this.rows.begin.at(-1) ?? 0
  }

  /** Whether the last row shows its wrong side. */
  get lastIsWrongSide(): boolean {
    return this.rows.side.at(-1) === 1
  }

  /** Whether the last row went forward and back again, so that it ends where it began. */
  get lastWentBack(): boolean {
    return this.rows.passes.at(-1) === 2
  }

  /** Whether one turns after the last row, whatever comes next. */
  lastTurns = false
  /** Places on from where the last row began at which the next one begins, unless that says otherwise. */
  fromAfter: number | null = null

  beginPart(part: Omit<LedgerPart, 'firstRow' | 'endRow'>): void {
    this.endPart()
    this.parts.push({ ...part, firstRow: this.rowCount, endRow: this.rowCount })
  }

  private endPart(): void {
    const last = this.parts.pop()
    if (last) this.parts.push({ ...last, endRow: this.rowCount })
  }

  /**
   * @param asked in working order, read on the side it is worked on
   * @throws InvariantError when it cannot be laid over what the row below left
   */
  addRow(next: NextRow): void {
    const { facts } = next
    const { rows } = this
    const { gauge } = this.parts.at(-1)!
    const { program, below, first } = this.standing(next)
    this.endLast(facts.start)
    const [onto, also] = facts.onto ?? [this.rowCount - 1]
    this.below = below
    const overHandle = hasNarrow(this.below)
    const { laid, blocks, height } = this.lay(program, facts.start === 'turn')
    // A swatch of just these rows has their heights in it; else a row is as high as its stitches lie.
    const taller = gauge.source === 'swatch' ? 1 : height / stitchById(gauge.stitch).height
    const rises = (gauge.rowHeightMm * taller) / (facts.beside ? 2 : 1)
    this.lastTurns = facts.turnsAfter === true
    this.fromAfter = facts.fromAfter ?? null
    this.below = laid.made
    this.laidSteps.push(laid.steps)
    this.left.push(laid.made)
    rows.onto.push(first ? -1 : onto!)
    rows.also.push(also ?? -1)
    rows.beside.push(facts.beside ? 1 : 0)
    rows.handle.push(overHandle ? 1 : 0)
    rows.heightMm.push((rows.heightMm.at(-1) ?? 0) + (facts.rises ? rises : 0))
    rows.alongMm.push((rows.alongMm.at(-1) ?? 0) + rises)
    rows.part.push(this.parts.length - 1)
    rows.side.push(facts.wrongSide ? 1 : 0)
    rows.begin.push(facts.begin < 0 ? countOf(laid.made) + facts.begin : facts.begin)
    rows.from.push(facts.from ?? 0)
    rows.start.push(starts.indexOf(facts.start))
    rows.end.push(ends.indexOf(facts.end))
    rows.passes.push(facts.passes)
    // Of two rows it goes into, its places are those of the first.
    rows.uses.push(first ? 0 : also === undefined ? laid.uses : rows.makes[onto!]!)
    rows.makes.push(countOf(laid.made))
    rows.widthMm.push(laid.width * gauge.stitchWidthMm)
    this.levelOut()
    const unit = facts.unit === undefined ? firstUnit(laid) : facts.unit
    rows.unit.push(unit ? this.tables.units.index(unit.name) : NO_UNIT)
    rows.unitCount.push(unit?.count ?? 0)
    for (const { from, to, times } of blocks) {
      this.blocks.from.push(from)
      this.blocks.to.push(to)
      this.blocks.times.push(times)
    }
    rows.blockStart.push(this.blocks.from.length)
  }

  /** A row as it is to be laid, and what it goes into. A first row stands in a ring or chain of its own, as long as it wants. */
  private standing({ program: asked, facts }: NextRow) {
    const first = isFirstStart(facts.start)
    const { stitch } = this.parts.at(-1)!.gauge
    const program = first ? inStitches(asked, (id) => firstFor(id, stitch)) : asked
    const goesInto = facts.onto
      ? this.leftBy(facts.onto)
      : first
        ? stitches(facts.on ?? placesIn(program))
        : this.below
    return { program, first, below: turnedTo(goesInto, facts.from ?? 0) }
  }

  /** A stitch or two more in one row, passed over by the next, are no width: the row is as wide as those about it. */
  private levelOut(): void {
    const { widthMm } = this.rows
    const [below, one, above] = widthMm.slice(-3)
    const most = MORE * this.parts.at(-1)!.gauge.stitchWidthMm
    if (above === undefined || Math.abs(below! - above) > SAME_MM) return
    if (one! > above && one! - above <= most + SAME_MM) widthMm[widthMm.length - 2] = above
  }

  /** The index of a row by its id; the last there is where it is not known. */
  rowOf(id: string): number {
    const part = this.parts.findLast((one) => one.id === partOfId(id))
    return Math.min(this.rowCount - 1, (part?.firstRow ?? this.rowCount) + placeOfId(id) - 1)
  }

  /** Ends the row added last, now that it is known what begins on it. */
  private endLast(next: RowStart | null): void {
    const { end } = this.rows
    const last = end.length - 1
    if (last >= 0) end[last] = ends.indexOf(endBefore(ends[end[last]!]!, next))
  }

  private leftBy(rows: readonly number[]): Places {
    const places = rows.map((row) => this.left[row] ?? [])
    return places.length > 1 ? inTurn(places) : places[0]!
  }

  /** Whether a row comes out over what the last one left, or those it goes into. */
  canLay(program: Program, { down = [] }: { readonly down?: readonly number[] } = {}): boolean {
    const rows = down.map((many) => this.rowCount - many)
    if (rows.some((row) => row < 0)) return false
    const below = rows.length > 0 ? this.leftBy(rows) : this.below
    return this.rowCount === 0 || lay(program, [below], ON).ok
  }

  /** Whether a row that is there leaves as many as it would as it was planned; what does not come out as planned is plain. */
  leftAsPlanned(
    row: number,
    program: Program,
    { down = [] }: { readonly down?: readonly number[] } = {},
  ): boolean {
    const into = down.length > 0 ? down.map((many) => row - many) : [row - 1]
    if (into.some((at) => at < 0)) return true
    const below = this.leftBy(into)
    const laid = lay(program, [below], ON)
    return countOf(laid.ok ? laid.value.made : below) === this.rows.makes[row]
  }

  private lay(program: Program, turned: boolean): Kept {
    const before = this.kept.get(program)
    if (before?.turned === turned && samePlaces(before.below, this.below)) return before
    const result = lay(program, [this.below], turned ? TURNED : ON)
    if (!result.ok)
      throw new InvariantError(
        `row ${this.rowCount + 1} does not come out on ${this.count}: ${result.problem} places`,
      )
    const laid = result.value
    const blocks = this.runs.add(laid.steps)
    const kept: Kept = { below: this.below, turned, laid, blocks, height: heightOf(laid.steps) }
    this.kept.set(program, kept)
    return kept
  }

  /** The piece; its last row is the last there is: its yarn is cut. */
  finish(): Piece {
    // Things without rows are no pieces: everyone may ask a piece for its last one.
    if (this.rowCount === 0) throw new InvariantError(`piece ${this.facts.id} has no row`)
    this.endPart()
    this.endLast(null)
    return this.soFar()
  }

  /** The piece as far as its rows are added. */
  soFar(): Piece {
    const { rows, blocks } = this
    const length = this.rowCount
    const parts = this.parts.map((part, i) =>
      i === this.parts.length - 1 ? { ...part, endRow: length } : part,
    )
    return {
      ...this.facts,
      rows: length,
      parts,
      columns: {
        number: Uint16Array.from({ length }, (_, i) => i + 1),
        part: Uint8Array.from(rows.part),
        side: Uint8Array.from(rows.side),
        begin: Uint32Array.from(rows.begin),
        from: Uint32Array.from(rows.from),
        start: Uint8Array.from(rows.start),
        end: Uint8Array.from(rows.end),
        passes: Uint8Array.from(rows.passes),
        uses: Uint32Array.from(rows.uses),
        makes: Uint32Array.from(rows.makes),
        onto: Int32Array.from(rows.onto),
        also: Int32Array.from(rows.also),
        beside: Uint8Array.from(rows.beside),
        handle: Uint8Array.from(rows.handle),
        unit: Uint8Array.from(rows.unit),
        unitCount: Uint32Array.from(rows.unitCount),
        front: new Float64Array(length).fill(-1),
        back: new Float64Array(length).fill(-1),
        moved: new Float64Array(length),
        widthMm: Float64Array.from(rows.widthMm),
        heightMm: Float64Array.from(rows.heightMm),
        alongMm: Float64Array.from(rows.alongMm),
        blockStart: Uint32Array.from(rows.blockStart),
        blockFrom: Uint32Array.from(blocks.from),
        blockTo: Uint32Array.from(blocks.to),
        blockTimes: Uint32Array.from(blocks.times),
        ...this.runs.columns(),
      },
    }
  }
}
