import { runsOf } from '../chart/index.ts'
import type {
  BasePart,
  Design,
  Part,
  PartKind,
  PlainPart,
  StripesPart,
  TapestryPart,
} from '../design/index.ts'
import { ovalBaseRows, rectangleBaseRows, roundBaseRows, type ShapeRow } from '../shape/index.ts'
import { evenPlaces } from '../solver/index.ts'
import { decreaseFor, increaseFor, severalFor } from '../stitch/index.ts'
import { PieceBuilder } from './builder.ts'
import { gaugeOf, rowHeightMm } from './gauge.ts'
import type { Ledger, LedgerRun } from './ledger.ts'

export interface CompileOptions {
  /** A chart is read from the right by a right-handed crocheter and from the left by a left-handed one. */
  readonly hand?: 'right' | 'left'
}

interface Context {
  readonly builder: PieceBuilder
  readonly hand: 'right' | 'left'
  readonly addRound: (runs: readonly LedgerRun[], stitch: string, rises?: boolean) => void
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

/** One round in one colour that adds (or takes away) stitches evenly; as many as there is room for. */
function evenedRuns(count: number, adjust: number, stitch: string, yarn: string): LedgerRun[] {
  const adds = adjust >= 0
  const marks = adds ? Math.min(adjust, count) : Math.min(-adjust, Math.floor(count / 2), count - 1)
  // A decrease takes two places, so fewer units are worked.
  const units = adds ? count : count - marks
  const changed = (adds ? increaseFor(stitch) : decreaseFor(stitch)).id
  const places = evenPlaces(units, marks).map((place) => ({ place, stitch: changed }))
  return markedRuns(units, places, stitch, yarn)
}

/** The rounds of each kind of base. */
const baseRows: { readonly [Kind in BasePart['kind']]: (part: never) => ShapeRow[] } = {
  'round-base': roundBaseRows,
  'oval-base': ovalBaseRows,
  'rectangle-base': rectangleBaseRows,
}

/** Stitches worked in round 1 around a chain: each chain of both sides once, but the two ends once for both. */
const aroundChain = (part: BasePart): number => ('along' in part ? 2 * part.along - 1 : 0)

const base: Compile<BasePart> = (part, { addRound }) => {
  const { stitch, yarn } = part
  for (const row of (baseRows[part.kind] as (part: BasePart) => ShapeRow[])(part)) {
    const units = { ring: row.makes, chain: aroundChain(part), increase: row.uses, plain: row.uses }
    const marks = row.marks.map(({ place, together }) => ({
      place,
      stitch: severalFor(stitch, together).id,
    }))
    addRound(markedRuns(units[row.kind], marks, stitch, yarn), stitch, false)
  }
}

const plain: Compile<PlainPart> = ({ stitch, yarn, rounds, adjust }, { builder, addRound }) => {
  for (let i = 1; i <= rounds; i++)
    addRound(evenedRuns(builder.count, i === rounds ? adjust : 0, stitch, yarn), stitch)
}

const stripes: Compile<StripesPart> = (part, { builder, addRound }) => {
  for (const { yarn, rounds } of part.stripes)
    for (let i = 0; i < rounds; i++)
      addRound([{ stitch: part.stitch, yarn, count: builder.count }], part.stitch)
}

/** Each repeat keeps its own runs; a repeat that does not fit is cut off at the join, as it would be on the hook. */
const tapestry: Compile<TapestryPart> = ({ chart, times, stitch }, { builder, hand, addRound }) => {
  const repeats = Math.floor(builder.count / chart.width)
  const left = builder.count % chart.width
  const rounds = chart.colours.map((row) => {
    const motif = runsOf(row, hand).map(({ letter, count }) => ({ stitch, yarn: letter, count }))
    if (motif.length === 1) return [{ ...motif[0]!, count: builder.count }]
    const round: LedgerRun[] = []
    for (let i = 0; i < repeats; i++) for (const run of motif) round.push(run)
    let rest = left
    for (const run of motif) {
      if (rest <= 0) break
      round.push({ ...run, count: Math.min(rest, run.count) })
      rest -= run.count
    }
    return round
  })
  for (let i = 0; i < times; i++) for (const round of rounds) addRound(round, stitch)
}

/** How each kind of part becomes rounds. */
const compilers: { readonly [Kind in PartKind]: Compile<Extract<Part, { kind: Kind }>> } = {
  'round-base': base,
  'oval-base': base,
  'rectangle-base': base,
  plain,
  stripes,
  tapestry,
}

/** The stitches after which the part's pattern begins again; null when it has none. */
export const repeatOf = (part: Part): number | null =>
  part.kind === 'tapestry' ? part.chart.width : null

/**
 * The one place where decisions become rows. Pure: the same design gives the same ledger.
 * @throws RangeError or InvariantError for a design that its validators would refuse
 */
export function compile(design: Design, { hand = 'right' }: CompileOptions = {}): Ledger {
  const gauge = gaugeOf(design)
  const builder = new PieceBuilder('bag', 'Base and body', gauge.stitchWidthMm)
  const joined = design.working === 'joined'
  const first = design.parts[0]!.kind === 'round-base' ? 'ring' : 'foundation'
  for (const part of design.parts) {
    builder.beginPart({ id: part.id, name: part.name, kind: part.kind, repeat: repeatOf(part) })
    const addRound: Context['addRound'] = (runs, stitch, rises = true) =>
      builder.addRow(runs, {
        start: builder.rowCount === 0 ? first : joined ? 'chain' : 'spiral',
        end: joined ? 'join' : 'spiral',
        heightMm: rowHeightMm(gauge, stitch),
        rises,
      })
    ;(compilers[part.kind] as Compile<Part>)(part, { builder, hand, addRound })
  }
  builder.fastenOff()
  return builder.finish()
}
