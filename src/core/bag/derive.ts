import { type YarnPaths, yarnPaths } from '../paths/index.ts'
import { baseFlatness } from '../fit/index.ts'
import {
  bodyOf,
  compile,
  type Compiled,
  type CompileOptions,
  type DesignGauge,
  type FrontPicture,
  frontPicture,
  gaugeOf,
  type Ledger,
  partOfRow,
  type Piece,
} from '../ledger/index.ts'
import { madeIn, type Project } from '../project/index.ts'
import { findSnags, type Snag } from '../snag/index.ts'
import { howFar, madeOf } from './made-of.ts'
import {
  type Lasts,
  lasting,
  madeRows,
  maybeStriped,
  weighingsOf,
  type YarnNeed,
  yarnNeeds,
} from '../yarn/index.ts'

/** The live figures of a bag. */
export interface Tally {
  /** Stitches in the widest round of the body, and the sizes that follow. */
  readonly stitches: number
  readonly aroundMm: number
  readonly flatMm: number
  readonly heightMm: number
  /** Where it hangs; null where that is no other height. */
  readonly hangingMm: number | null
  /** How far the sizes may be off, as shares: by the gauges they rest on. */
  readonly spread: { readonly around: number; readonly height: number }
  /** Height with a load in it; null when the swatch was not tried with one. */
  readonly loadedMm: number | null
  /** The base from above, its longer side first; both are its diameter when it is round. */
  readonly footprint: { readonly lengthMm: number; readonly widthMm: number }
  readonly flatness: number
  readonly rounds: number
  readonly totalStitches: number
  readonly ends: number
  readonly changes: number
  readonly mostStrands: number
}

/** Everything that follows from a design. */
export interface Derived {
  readonly gauge: DesignGauge
  readonly ledger: Ledger
  /** The ways of the yarns in each piece. */
  readonly paths: readonly YarnPaths[]
  readonly needs: readonly YarnNeed[]
  /** Whether the yarns last, by what was weighed on the way; none where nothing was. */
  readonly lasts: readonly Lasts[]
  readonly tally: Tally
  readonly snags: readonly Snag[]
  /** What is seen of each piece, as the ledger has them. */
  readonly fronts: readonly FrontPicture[]
  /** What it is made of, in few words; and how far it is made, in rows. */
  readonly madeOf: readonly string[]
  readonly howFar: { readonly made: number; readonly rows: number }
}

/** Compiles a project and reads off its ledger all that is shown. Pure. */
export function derive(
  { design, log }: Project,
  { hand = 'right' }: Pick<CompileOptions, 'hand'> = {},
): Derived {
  const gauge = gaugeOf(design)
  const ledger = compile(design, { hand, made: madeIn(log) })
  const piece = bodyOf(ledger)
  const paths = ledger.pieces.map((one) => yarnPaths(ledger, one))
  const needs = yarnNeeds(design, ledger, paths)
  const { list, supplied } = weighingsOf(ledger, log)
  const lasts = lasting({ design, ledger, paths }, list, { made: madeRows(ledger, log), supplied })
  const all = ledger.pieces.map((one, i) => ({ piece: one, paths: paths[i]! }))
  const snags = findSnags({
    ...{ design, gauge, ledger, piece, needs, lasts, all },
    paths: paths[ledger.pieces.indexOf(piece)]!,
  })
  const striped = maybeStriped(design, ledger, paths, hand)
  const fronts =
    striped?.map(({ front }) => front) ??
    ledger.pieces.map((one) => frontPicture(ledger, one, hand))
  return {
    gauge,
    ledger,
    paths,
    needs,
    lasts,
    snags,
    fronts,
    tally: tallyOf({ design, ledger }, paths),
    madeOf: madeOf(design),
    howFar: howFar(log, ledger),
  }
}

/** Of the part that has the widest row above its base. */
function spreadAround(body: Piece): number {
  return partOfRow(body, widestRow(body)).gauge.spread
}

/** How far the height of rows of unlike stitches may be off beside their gauge: it is from memory. */
const MIXED_ROWS = 0.1

/** Of the parts that give height, each as much as it gives; of the base where none does. */
function spreadUp({ parts, columns }: Piece): number {
  const { alongMm } = columns
  let [sum, all] = [0, 0]
  for (const { firstRow, endRow, gauge } of parts.slice(1)) {
    if (endRow === firstRow) continue
    const high = alongMm[endRow - 1]! - (firstRow > 0 ? alongMm[firstRow - 1]! : 0)
    const plain = gauge.rowHeightMm * (endRow - firstRow)
    const mixed = Math.abs(high / plain - 1) > 0.01 ? MIXED_ROWS : 0
    sum += high * Math.hypot(gauge.spread, mixed)
    all += high
  }
  return all > 0 ? sum / all : parts[0]!.gauge.spread
}

/** The widest row of a piece above its base: of several the lowest, which the others stand on. */
function widestRow({ columns, parts, rows }: Piece): number {
  const { widthMm } = columns
  let widest = Math.max(0, parts[0]!.endRow - 1)
  for (let row = widest + 1; row < rows; row++)
    if (widthMm[row]! > widthMm[widest]! + 1e-6) widest = row
  return widest
}

function tallyOf({ design, ledger }: Compiled, paths: readonly YarnPaths[]): Tally {
  const body = bodyOf(ledger)
  const stitches = body.columns.makes[widestRow(body)]!
  const all = (figure: (piece: Piece, paths: YarnPaths) => number) =>
    ledger.pieces.reduce((sum, piece, i) => sum + piece.times * figure(piece, paths[i]!), 0)
  const stretch = design.swatches[0]?.stretch ?? null
  return {
    stitches,
    ...ledger.sizes,
    spread: { around: spreadAround(body), height: spreadUp(body) },
    loadedMm: stretch === null ? null : ledger.sizes.heightMm * (1 + stretch),
    flatness: baseFlatness({ design, ledger }).flatness,
    rounds: body.rows,
    totalStitches: all((piece) => piece.columns.makes.reduce((sum, n) => sum + n, 0)),
    ends: all((_, { totalEnds }) => totalEnds),
    changes: all((_, { totalChanges }) => totalChanges),
    mostStrands: Math.max(...paths.map(({ mostStrands }) => mostStrands)),
  }
}
