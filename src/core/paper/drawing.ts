/** Everything of one colour that is filled, or drawn as lines, as one path in the words of SVG. */
export interface DrawnPath {
  readonly d: string
  readonly fill?: string
  readonly stroke?: Stroke
}
export interface Stroke {
  readonly colour: string
  readonly opacity: number
  readonly width: number
  /** Lengths of line and gap in turn. */
  readonly dash?: readonly number[]
}

/** A text; with several places, one character at each. */
export interface DrawnText {
  readonly text: string
  readonly xs: readonly number[]
  readonly y: number
  readonly size: number
  readonly anchor: 'start' | 'middle' | 'end'
  readonly ink: string
  readonly bold?: true
}

/** A drawing as data, which any writer can put down: few large things rather than one for each cell. Units are its own. */
export interface Drawing {
  readonly width: number
  readonly height: number
  readonly title: string
  readonly paths: readonly DrawnPath[]
  readonly texts: readonly DrawnText[]
}

export const INK = '#1b2421'
export const QUIET_INK = '#4d5a54'

/** With two places behind the point. */
export const round2 = (n: number): number => Math.round(n * 100) / 100

/** A line of the usual ink. */
export const inked = (width: number, opacity = 1, dash?: readonly number[]): Stroke => ({
  ...{ colour: INK, width, opacity },
  ...(dash ? { dash } : {}),
})

/** A text at one place. */
export const label = (
  text: string,
  x: number,
  y: number,
  size: number,
  more: Partial<Pick<DrawnText, 'anchor' | 'ink' | 'bold'>> = {},
): DrawnText => ({
  ...{ text, xs: [round2(x)], y: round2(y), size, anchor: 'middle', ink: INK },
  ...more,
})

/** A rectangle as a path. */
export const box = (x: number, y: number, width: number, height: number): string =>
  `M${round2(x)} ${round2(y)}h${round2(width)}v${round2(height)}h${round2(-width)}z`

/** A circle as a path. */
export const circle = (x: number, y: number, r: number): string =>
  `M${round2(x - r)} ${round2(y)}a${round2(r)} ${round2(r)} 0 1 0 ${round2(2 * r)} 0a${round2(r)} ${round2(r)} 0 1 0 ${round2(-2 * r)} 0z`

/** Points in a line as a path. */
export const polyline = (points: readonly (readonly [number, number])[]): string =>
  points.map(([x, y], i) => `${i ? 'L' : 'M'}${round2(x)} ${round2(y)}`).join('')
