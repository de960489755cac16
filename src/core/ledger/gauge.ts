import type { Design } from '../design/index.ts'
import { estimateGauge, type Gauge, stitchById } from '../stitch/index.ts'

export interface DesignGauge extends Gauge {
  /** What it rests on, and the ground stitch it is of. */
  readonly source: 'swatch' | 'estimate'
  readonly stitch: string
}

/** A measured swatch is read to about half a stitch in twenty. */
const MEASURED_SPREAD = 0.025

/** Gauge of the design: its swatch, or without one an estimate from hook and yarn class. */
export function gaugeOf(design: Pick<Design, 'swatch' | 'hookMm' | 'yarnClass'>): DesignGauge {
  const { swatch } = design
  if (!swatch)
    return { ...estimateGauge(design.hookMm, design.yarnClass), source: 'estimate', stitch: 'sc' }
  return {
    stitchWidthMm: swatch.stitchesOverMm / swatch.stitches,
    rowHeightMm: swatch.rowsOverMm / swatch.rows,
    spread: MEASURED_SPREAD,
    source: 'swatch',
    stitch: swatch.stitch,
  }
}

/** Row height of another ground stitch of the same yarn and hook, derived from the heights of the dictionary. */
export const rowHeightMm = (gauge: DesignGauge, stitch: string): number =>
  (gauge.rowHeightMm * stitchById(stitch).height) / stitchById(gauge.stitch).height
