import { converter, formatHex } from 'culori'

/* How a chart looks to eyes that see colour otherwise, and in lightness alone. */

type Row = readonly [number, number, number]
type Matrix = readonly [Row, Row, Row]

/**
 * Machado, Oliveira and Fernandes, A Physiologically-based Model for Simulation of Color Vision Deficiency (2009), severity 1.0, on
 * linear sRGB. Written here from memory; each row adds up to 1, so that greys stay greys.
 */
const matrices = {
  'no-red': [
    [0.152286, 1.052583, -0.204868],
    [0.114503, 0.786281, 0.099216],
    [-0.003882, -0.048116, 1.051998],
  ],
  'no-green': [
    [0.367322, 0.860646, -0.227968],
    [0.280085, 0.672501, 0.047413],
    [-0.01182, 0.04294, 0.968881],
  ],
  'no-blue': [
    [1.255528, -0.076749, -0.178779],
    [-0.078411, 0.930809, 0.147602],
    [0.004733, 0.691367, 0.3039],
  ],
} as const satisfies Record<string, Matrix>

const linear = converter('lrgb')
const lab = converter('lab65')
const clamped = (value: number) => Math.min(1, Math.max(0, value))

const through =
  (matrix: Matrix) =>
  (colour: string): string => {
    const { r, g, b } = linear(colour)!
    const [red, green, blue] = matrix.map(([x, y, z]) => clamped(x * r + y * g + z * b))
    return formatHex({ mode: 'lrgb', r: red!, g: green!, b: blue! })
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
  { id: 'no-red', title: 'Without red cones', of: through(matrices['no-red']) },
  { id: 'no-green', title: 'Without green cones', of: through(matrices['no-green']) },
  { id: 'no-blue', title: 'Without blue cones', of: through(matrices['no-blue']) },
]
