import type { Design, Swatch } from '../design/index.ts'
import { HOOK_EXPONENT } from '../stitch/index.ts'
import { gaugeOf } from './gauge.ts'

/** A round base as it lies on the table: so many rounds, so far across, so many stitches in the last. */
export interface MeasuredBase {
  readonly rounds: number
  readonly acrossMm: number
  readonly count: number
  readonly stitch: string
}

/**
 * The swatch that a flat round base is: its last round is as many stitches as go around its edge, and its radius is as many
 * rows. Counted over the whole of it, so that nothing is rounded.
 * @throws RangeError unless all figures are above 0
 */
export function swatchFromBase({ rounds, acrossMm, count, stitch }: MeasuredBase): Swatch {
  if (!(rounds > 0 && acrossMm > 0 && count > 0))
    throw new RangeError(`no gauge in ${rounds} rounds of ${acrossMm} mm with ${count} stitches`)
  const over = 100
  return {
    stitch,
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

/** Which gauge makes `count` stitches the wanted way around; the hook by how width goes with hooks, which is from memory. */
export function gaugeFor(design: Design, count: number): GaugeAnswer {
  const stitchWidthMm = design.want.aroundMm / count
  const wider = stitchWidthMm / gaugeOf(design).stitchWidthMm
  return { stitchWidthMm, hookMm: design.hookMm * wider ** (1 / HOOK_EXPONENT) }
}
