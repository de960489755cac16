import {
  converter,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  formatHex,
  type Rgb,
} from 'culori'

/* How a chart looks to eyes that see colour otherwise, and in lightness alone. */

const linear = converter('lrgb')
const lab = converter('lab65')
const clamped = (value: number) => Math.min(1, Math.max(0, value))

/**
 * Machado, Oliveira and Fernandes, A Physiologically-based Model for Simulation of Color Vision Deficiency (2009), severity 1.0, as
 * culori has it. Their matrices are for linear light, and culori puts them on what it is given: so it is given linear values.
 */
const through =
  (filter: (colour: Rgb) => Rgb) =>
  (colour: string): string => {
    const { r, g, b } = filter({ ...linear(colour)!, mode: 'rgb' })
    return formatHex({ mode: 'lrgb', r: clamped(r), g: clamped(g), b: clamped(b) })
  }

/** A way a chart is seen. */
export interface Aid {
  readonly id: string
  readonly title: string
  readonly of: (colour: string) => string
}

/** Every way there is, as it is first. */
export const aids: readonly Aid[] = [
  { id: 'as-is', title: 'In its colours', of: (colour) => colour },
  {
    id: 'lightness',
    title: 'Lightness only',
    of: (colour) => formatHex({ mode: 'lab65', l: lab(colour)!.l, a: 0, b: 0 }),
  },
  { id: 'no-red', title: 'Without red cones', of: through(filterDeficiencyProt()) },
  { id: 'no-green', title: 'Without green cones', of: through(filterDeficiencyDeuter()) },
  { id: 'no-blue', title: 'Without blue cones', of: through(filterDeficiencyTrit()) },
]
