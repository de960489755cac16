import type { Chart } from '../chart/index.ts'
import { inkOn } from '../colour/index.ts'
import type { Yarn } from '../design/index.ts'

export interface ChartDrawingOptions {
  readonly chart: Chart
  readonly yarns: readonly Yarn[]
  /** Printed number of the lowest row. */
  readonly firstRound: number
  /** Height of a cell for a width of 1. */
  readonly cellAspect: number
  readonly hand: 'right' | 'left'
  readonly title: string
}

/** Everything of one colour that is filled, or drawn as lines, as one path in the words of SVG. */
export interface DrawnPath {
  readonly d: string
  readonly fill?: string
  readonly stroke?: { readonly colour: string; readonly opacity: number; readonly width: number }
}

/** A text; with several places, one character at each. */
export interface DrawnText {
  readonly text: string
  readonly xs: readonly number[]
  readonly y: number
  readonly size: number
  readonly anchor: 'start' | 'middle' | 'end'
  readonly ink: string
}

/** A drawing as data, which any writer can put down: few large things rather than one for each cell. Units are its own. */
export interface Drawing {
  readonly width: number
  readonly height: number
  readonly title: string
  readonly paths: readonly DrawnPath[]
  readonly texts: readonly DrawnText[]
}

const CELL = 16
const MARGIN = 30
const LINE = 22
const INK = '#1b2421'
/** Above this many cells letters are left out: they could not be read. */
const MOST_LETTERS = 12_000

const round = (n: number): number => Math.round(n * 100) / 100

/** A rectangle as a path. */
const box = (x: number, y: number, width: number, height: number): string =>
  `M${round(x)} ${round(y)}h${round(width)}v${round(height)}h${round(-width)}z`

interface Frame extends ChartDrawingOptions {
  readonly high: number
  readonly width: number
  readonly height: number
}

/**
 * A chart: cells in the gauge's true shape, a letter in each, round numbers on the side a round begins, stitch numbers below,
 * and a key.
 */
export function chartDrawing(options: ChartDrawingOptions): Drawing {
  const { chart, title } = options
  const high = CELL * options.cellAspect
  const used = yarnsIn(options)
  const frame = {
    ...options,
    high,
    width: chart.width * CELL,
    height: chart.colours.length * high,
  }
  const key = used.map((yarn, i) => keyLine(yarn, frame.height + 2 * MARGIN + LINE * i))
  return {
    ...chartDrawingSize(options),
    title,
    paths: [...cells(frame), grid(frame), ...key.map(({ path }) => path)],
    texts: [...letters(frame), ...numbers(frame), ...key.map(({ text }) => text)],
  }
}

const yarnsIn = ({ chart, yarns }: Pick<ChartDrawingOptions, 'chart' | 'yarns'>) =>
  yarns.filter(({ letter }) => chart.colours.some((row) => row.includes(letter)))

/** How large the drawing of a chart is, without drawing it. */
export function chartDrawingSize(
  options: Pick<ChartDrawingOptions, 'chart' | 'yarns' | 'cellAspect'>,
): { readonly width: number; readonly height: number } {
  const { chart, cellAspect } = options
  return {
    width: chart.width * CELL + 2 * MARGIN,
    height:
      chart.colours.length * CELL * cellAspect + 2 * MARGIN + LINE * yarnsIn(options).length + 8,
  }
}

/** Runs of one colour are one rectangle, rectangles of one colour one path. */
function cells({ chart, yarns, high, height }: Frame): DrawnPath[] {
  const paths = new Map<string, string[]>()
  chart.colours.forEach((row, r) => {
    const y = MARGIN + height - (r + 1) * high
    for (let from = 0; from < row.length;) {
      let to = from + 1
      while (row[to] === row[from]) to++
      const boxes = paths.get(row[from]!) ?? []
      paths.set(row[from]!, boxes)
      boxes.push(box(MARGIN + from * CELL, y, (to - from) * CELL, high))
      from = to
    }
  })
  const fills = coloursOf(yarns)
  return [...paths].map(([letter, boxes]) => ({
    d: boxes.join(''),
    fill: fills.get(letter) ?? '#ffffff',
  }))
}

const coloursOf = (yarns: readonly Yarn[]) =>
  new Map(yarns.map(({ letter, colour }) => [letter, colour]))

/** The letters of a row that are in one ink are one text. */
function letters({ chart, yarns, high, height }: Frame): DrawnText[] {
  if (chart.width * chart.colours.length > MOST_LETTERS) return []
  const fills = coloursOf(yarns)
  return chart.colours.flatMap((row, r) => {
    const inks = new Map<string, { text: string; xs: number[] }>()
    for (let i = 0; i < row.length; i++) {
      const ink = inkOn(fills.get(row[i]!) ?? '#ffffff')
      const one = inks.get(ink) ?? { text: '', xs: [] }
      inks.set(ink, one)
      one.text += row[i]
      one.xs.push(MARGIN + (i + 0.5) * CELL)
    }
    const y = round(MARGIN + height - (r + 0.5) * high + 3)
    return [...inks].map(([ink, one]): DrawnText => ({ ...one, y, size: 9, anchor: 'middle', ink }))
  })
}

function grid({ chart, high, width, height }: Frame): DrawnPath {
  const upright = Array.from(
    { length: chart.width + 1 },
    (_, i) => `M${MARGIN + i * CELL} ${MARGIN}v${round(height)}`,
  )
  const level = Array.from(
    { length: chart.colours.length + 1 },
    (_, i) => `M${MARGIN} ${round(MARGIN + i * high)}h${width}`,
  )
  return {
    d: [...upright, ...level].join(''),
    stroke: { colour: INK, opacity: 0.35, width: 0.6 },
  }
}

function numbers({ chart, firstRound, hand, high, width, height }: Frame): DrawnText[] {
  const right = hand === 'right'
  const side = right
    ? ({ xs: [MARGIN + width + 6], anchor: 'start' } as const)
    : ({ xs: [MARGIN - 6], anchor: 'end' } as const)
  const rounds = chart.colours.map((_, r) => ({
    ...side,
    text: String(firstRound + r),
    y: round(MARGIN + height - (r + 0.5) * high + 3.5),
    size: 10,
    ink: INK,
  }))
  const stitches = Array.from({ length: chart.width }, (_, i) => i + 1)
    .filter((n) => n === 1 || n % 5 === 0)
    .map((n) => ({
      text: String(n),
      xs: [MARGIN + ((right ? chart.width - n : n - 1) + 0.5) * CELL],
      y: round(MARGIN + height + 14),
      size: 10,
      anchor: 'middle' as const,
      ink: INK,
    }))
  return [...rounds, ...stitches]
}

function keyLine({ letter, name, colour }: Yarn, y: number): { path: DrawnPath; text: DrawnText } {
  return {
    path: {
      d: box(MARGIN, y, 16, 16),
      fill: colour,
      stroke: { colour: INK, opacity: 0.4, width: 1 },
    },
    text: {
      text: `${letter} ${name}`,
      xs: [MARGIN + 24],
      y: round(y + 12),
      size: 12,
      anchor: 'start',
      ink: INK,
    },
  }
}
