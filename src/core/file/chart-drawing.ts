import type { Chart, ChartRowNumber, ChartSigns } from '../chart/index.ts'
import { inkOn } from '../colour/index.ts'
import type { Yarn } from '../design/index.ts'

export interface ChartDrawingOptions {
  readonly chart: Chart
  readonly yarns: readonly Yarn[]
  /** The rows of the bag that its rows are, as they are printed. */
  readonly numbers: readonly ChartRowNumber[]
  readonly signs: ChartSigns | null
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
  const below = (i: number) => frame.height + 2 * MARGIN + LINE * i
  const key = used.map((yarn, i) => keyLine(yarn, below(i)))
  const signs = (options.signs?.key ?? []).map((one, i) => signLine(one, below(used.length + i)))
  return {
    ...chartDrawingSize(options),
    title,
    paths: [...cells(frame), grid(frame), ...key.map(({ path }) => path)],
    texts: [...letters(frame), ...numbers(frame), ...key.map(({ text }) => text), ...signs],
  }
}

const yarnsIn = ({ chart, yarns }: Pick<ChartDrawingOptions, 'chart' | 'yarns'>) =>
  yarns.filter(({ letter }) => chart.colours.some((row) => row.includes(letter)))

/** How large the drawing of a chart is, without drawing it. */
export function chartDrawingSize(
  options: Pick<ChartDrawingOptions, 'chart' | 'yarns' | 'cellAspect' | 'signs'>,
): { readonly width: number; readonly height: number } {
  const { chart, cellAspect, signs } = options
  const lines = yarnsIn(options).length + (signs?.key.length ?? 0)
  return {
    width: chart.width * CELL + 2 * MARGIN,
    height: chart.colours.length * CELL * cellAspect + 2 * MARGIN + LINE * lines + 8,
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
function letters({ chart, yarns, high, height, signs }: Frame): DrawnText[] {
  if (chart.width * chart.colours.length > MOST_LETTERS) return []
  const fills = coloursOf(yarns)
  return chart.colours.flatMap((row, r) => {
    const inks = new Map<string, { text: string; xs: number[] }>()
    for (let i = 0; i < row.length; i++) {
      const ink = inkOn(fills.get(row[i]!) ?? '#ffffff')
      const one = inks.get(ink) ?? { text: '', xs: [] }
      inks.set(ink, one)
      const sign = signs?.rows[r]?.[i] ?? ' '
      one.text += sign === ' ' ? row[i] : sign
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

/** A row's number stands where it begins: right-side rows at the right for the right hand, wrong-side rows at the other edge. */
function numbers({ chart, numbers: rows, hand, high, width, height }: Frame): DrawnText[] {
  const right = hand === 'right'
  const edges = {
    right: { xs: [MARGIN + width + 6], anchor: 'start' },
    left: { xs: [MARGIN - 6], anchor: 'end' },
  } as const
  const rounds = rows.map(({ chartRow, number, side }) => ({
    ...edges[(side === 'RS') === right ? 'right' : 'left'],
    text: String(number),
    y: round(MARGIN + height - (chartRow + 0.5) * high + 3.5),
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

const signLine = ({ sign, is }: ChartSigns['key'][number], y: number): DrawnText => ({
  ...{ text: `${sign}  ${is}`, xs: [MARGIN + 4], y: round(y + 12) },
  ...{ size: 12, anchor: 'start', ink: INK },
})

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
