import type { System } from '@core/units'
import { MM_PER_INCH } from '@core/units'

/** A line of a tape: where, how long (share of the tape's breadth), and its figure when it has one. */
export interface TapeMark {
  readonly at: number
  readonly long: number
  readonly figure: string | null
}

interface Ruling {
  /** Length of one unit and the marks it is cut into. */
  readonly unitMm: number
  readonly cuts: number
  /** Every so many-th unit has a figure. */
  readonly figureEvery: number
}

/** The finest ruling whose marks and figures stand apart at this scale. */
function rulingFor(system: System, pxPerMm: number): Ruling {
  const unitMm = system === 'metric' ? 10 : MM_PER_INCH
  const unitPx = unitMm * pxPerMm
  const cuts = unitPx > 32 ? (system === 'metric' ? 10 : 8) : unitPx > 9 ? 2 : 1
  const steps = system === 'metric' ? [1, 5, 10, 20, 50, 100] : [1, 2, 6, 12, 24, 48]
  const figureEvery = steps.find((step) => step * unitPx >= 26) ?? steps.at(-1)!
  return { unitMm, cuts, figureEvery }
}

/** The marks of a tape so many millimetres long, in pixels from its start. */
export function tapeMarks(lengthMm: number, pxPerMm: number, system: System): TapeMark[] {
  const { unitMm, cuts, figureEvery } = rulingFor(system, pxPerMm)
  const unitPx = unitMm * pxPerMm
  const step = unitPx < 4 ? figureEvery * cuts : 1
  const marks: TapeMark[] = []
  for (let i = 0; (i * unitMm) / cuts <= lengthMm + 1e-6; i += step) {
    const whole = i % cuts === 0
    const units = i / cuts
    const figured = whole && units % figureEvery === 0
    const at = i * (unitPx / cuts)
    const fits = at > 8 && at < lengthMm * pxPerMm - 12
    marks.push({
      at,
      long: figured ? 0.6 : whole ? 0.4 : 0.24,
      figure: figured && fits ? String(units) : null,
    })
  }
  return marks
}
