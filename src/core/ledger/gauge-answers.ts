import { baseOf, stitchesMm, type Swatch } from '../design/index.ts'
import { constructionOf } from '../shape/index.ts'
import { HOOK_EXPONENT, yarnClasses } from '../stitch/index.ts'
import { type Compiled, gaugeIn } from './ledger.ts'

/** A round base as it lies on the table: so many rounds, so far across, so many stitches in the last. */
export interface MeasuredBase {
  readonly rounds: number
  readonly acrossMm: number
  readonly count: number
}

/**
 * The figures of a swatch that a flat round base is: its last round is as many stitches as go around its edge, and its
 * radius is as many rows. Counted over the whole of it, so that nothing is rounded.
 * @throws RangeError unless all figures are above 0
 */
export function swatchFromBase({
  rounds,
  acrossMm,
  count,
}: MeasuredBase): Pick<Swatch, 'stitches' | 'stitchesOverMm' | 'rows' | 'rowsOverMm'> {
  if (!(rounds > 0 && acrossMm > 0 && count > 0))
    throw new RangeError(`no gauge in ${rounds} rounds of ${acrossMm} mm with ${count} stitches`)
  const over = 100
  return {
    stitches: (count * over) / (Math.PI * acrossMm),
    stitchesOverMm: over,
    rows: (2 * rounds * over) / acrossMm,
    rowsOverMm: over,
  }
}

/** The gauge at which a count has the wanted size, and about which hook makes it. */
export interface GaugeAnswer {
  readonly stitchWidthMm: number
  readonly hookMm: number
}

/** Which gauge makes `count` stitches the wanted size; the hook by how width goes with hooks, which is from memory. */
export function gaugeForCount({ design, ledger }: Compiled, count: number): GaugeAnswer {
  const base = baseOf(design)
  const { around, beside } = constructionOf(base)
  const stitchWidthMm =
    stitchesMm(design, design.want) / ((count + (beside?.(base) ?? 0)) * around(base))
  const wider = stitchWidthMm / gaugeIn(ledger, base.id).stitchWidthMm
  return { stitchWidthMm, hookMm: design.hookMm * wider ** (1 / HOOK_EXPONENT) }
}

/** Beyond the published range by more than this share, a swatch is worth a second look (from memory). */
const CLASS_MARGIN = 0.2

/**
 * How far the sc of a swatch is outside the published range of its yarn class; null when it is within it or nearly.
 * `sc` is its stitches over four inches. Swatches of other stitches say nothing: the ranges are for sc.
 */
export function maybeOutsideClass(
  swatch: Swatch,
  yarnClass: number,
): { readonly sc: number; readonly range: readonly [number, number] } | null {
  const range = yarnClasses.find(({ number }) => number === yarnClass)?.scOverFourInches
  if (swatch.stitch !== 'sc' || !range) return null
  const sc = (swatch.stitches / swatch.stitchesOverMm) * 101.6
  const [few, many] = range
  return sc < few * (1 - CLASS_MARGIN) || sc > many * (1 + CLASS_MARGIN) ? { sc, range } : null
}
