import { type YarnPaths, yarnPaths } from '../colour/index.ts'
import { baseOf, type Design } from '../design/index.ts'
import { baseFlatness } from '../fit/index.ts'
import {
  compile,
  type CompileOptions,
  type DesignGauge,
  type FrontPicture,
  frontPicture,
  gaugeOf,
  type Ledger,
} from '../ledger/index.ts'
import { findSnags, type Snag } from '../snag/index.ts'
import { type YarnNeed, yarnNeeds } from '../yarn/index.ts'

/** The live figures of a bag. */
export interface Tally {
  /** Stitches in the widest round of the body, and the sizes that follow. */
  readonly stitches: number
  readonly aroundMm: number
  readonly flatMm: number
  readonly heightMm: number
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
  readonly paths: YarnPaths
  readonly needs: readonly YarnNeed[]
  readonly tally: Tally
  readonly snags: readonly Snag[]
  readonly front: FrontPicture
}

/** Compiles a design and reads off its ledger all that is shown. Pure. */
export function derive(design: Design, options: CompileOptions = {}): Derived {
  const gauge = gaugeOf(design)
  const ledger = compile(design, options)
  const piece = ledger.pieces[0]!
  const paths = yarnPaths(ledger, piece)
  const needs = yarnNeeds(design, ledger, piece, paths)
  const snags = findSnags({ design, gauge, ledger, piece, paths, needs })
  const front = frontPicture(ledger, piece, options.hand ?? 'right')
  return { gauge, ledger, paths, needs, snags, front, tally: tallyOf(design, ledger, paths) }
}

function tallyOf(design: Design, ledger: Ledger, paths: YarnPaths): Tally {
  const piece = ledger.pieces[0]!
  const { makes, heightMm } = piece.columns
  const base = piece.parts[0]!
  const stitches = makes.subarray(base.endRow - 1).reduce((most, n) => Math.max(most, n), 0)
  const aroundMm = stitches * ledger.stitchWidthMm
  return {
    stitches,
    aroundMm,
    flatMm: aroundMm / 2,
    heightMm: heightMm.at(-1)!,
    footprint: footprintOf(design, ledger),
    flatness: baseFlatness(design).flatness,
    rounds: piece.rows,
    totalStitches: makes.reduce((sum, n) => sum + n, 0),
    ends: paths.totalEnds,
    changes: paths.totalChanges,
    mostStrands: paths.mostStrands,
  }
}

/** A round base by its way around; one around a chain by the chain and the rounds on each side of it. */
function footprintOf(design: Design, ledger: Ledger): Tally['footprint'] {
  const base = baseOf(design)
  const { parts, columns } = ledger.pieces[0]!
  const last = parts[0]!.endRow - 1
  if (base.kind === 'round-base') {
    const diameterMm = (columns.makes[last]! * ledger.stitchWidthMm) / Math.PI
    return { lengthMm: diameterMm, widthMm: diameterMm }
  }
  const widthMm = 2 * columns.alongMm[last]!
  return { lengthMm: widthMm + (base.along - 1) * ledger.stitchWidthMm, widthMm }
}
