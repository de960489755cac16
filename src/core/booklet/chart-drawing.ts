import svgpath from 'svgpath'
import type { Yarn } from '../design/index.ts'
import { inkOn } from '../colour/index.ts'
import {
  box,
  type Drawing,
  type DrawnPath,
  type DrawnText,
  INK,
  inked,
  label,
  QUIET_INK,
  round2,
} from '../paper/index.ts'
import type { ChartPicture } from './chart-picture.ts'

/** What of a chart is drawn, half-open: columns from the left, rows from below. */
export interface Window {
  readonly columns: readonly [from: number, to: number]
  readonly rows: readonly [from: number, to: number]
}

export interface ChartLook {
  readonly yarns: readonly Yarn[]
  readonly hand: 'right' | 'left'
  /** Cells filled with their yarn; else white, with letters, and nothing in those of the yarn there is most of. */
  readonly colour: boolean
  readonly title: string
  /** Numbers and letters are larger, for large type. */
  readonly large?: boolean
  /** All of it, where none is given. */
  readonly window?: Window
  /** A key below it, by itself. */
  readonly key?: boolean
}

/** Units a cell is wide. */
export const CELL = 16
const SIDE = 46
const TOP = 14
const BELOW = 36
const LINE = 22
const KEY_WIDTH = 150
const KEY_ROWS = 12
/** Above this many cells letters are left out: they could not be read. */
const MOST_LETTERS = 40_000

interface Frame {
  readonly picture: ChartPicture
  readonly look: ChartLook
  readonly window: Window
  readonly high: number
  readonly width: number
  readonly height: number
  /** The upper left corner of a cell. */
  readonly x: (column: number) => number
  readonly y: (row: number) => number
}

/** All of a chart. */
export const wholeOf = ({ rows }: Pick<ChartPicture, 'rows'>): Window => ({
  columns: [0, rows[0]?.length ?? 0],
  rows: [0, rows.length],
})

/**
 * A chart: cells in the gauge's true shape with what stands in them; the numbers of its rows where each begins, with the way it goes; stitches counted
 * below; every tenth line bold; a frame around the repeat; places of markers; and a key.
 */
export function chartDrawing(picture: ChartPicture, look: ChartLook): Drawing {
  const window = look.window ?? wholeOf(picture)
  const high = CELL * picture.cellAspect
  const [fromColumn, toColumn] = window.columns
  const [fromRow, toRow] = window.rows
  const [width, height] = [(toColumn - fromColumn) * CELL, (toRow - fromRow) * high]
  const frame: Frame = {
    ...{ picture, look, window, high, width, height },
    x: (column) => SIDE + (column - fromColumn) * CELL,
    y: (row) => TOP + height - (row - fromRow + 1) * high,
  }
  const key = look.key === false ? [] : keyOf(picture, look)
  const columns = Math.max(1, Math.floor((width + SIDE) / KEY_WIDTH))
  const keyed = key.map((draw, i) =>
    draw(
      SIDE + (i % columns) * KEY_WIDTH,
      TOP + height + BELOW + 6 + Math.floor(i / columns) * LINE,
      look,
    ),
  )
  const lines = Math.ceil(key.length / columns)
  const widest = Math.max(
    width + 2 * SIDE,
    keyed.length > 0 ? SIDE + Math.min(key.length, columns) * KEY_WIDTH : 0,
  )
  return {
    width: widest,
    height: TOP + height + BELOW + lines * LINE + (lines > 0 ? 8 : 0),
    title: look.title,
    paths: [
      ...fills(frame),
      ...grid(frame),
      ...symbols(frame),
      ...repeatFrame(frame),
      ...markers(frame).paths,
      ...keyed.flatMap(({ paths }) => paths),
    ],
    texts: [
      ...letters(frame),
      ...rowNumbers(frame),
      ...stitchNumbers(frame),
      ...markers(frame).texts,
      ...keyed.flatMap(({ texts }) => texts),
    ],
  }
}

/** The key of a chart by itself, from a place on to the right. */
export function keyDrawing(picture: ChartPicture, look: ChartLook, left: number): Drawing {
  const entries = keyOf(picture, look).map((draw, i) =>
    draw(left + Math.floor(i / KEY_ROWS) * KEY_WIDTH, 4 + (i % KEY_ROWS) * LINE, look),
  )
  return {
    width: left + Math.ceil(entries.length / KEY_ROWS) * KEY_WIDTH,
    height: Math.min(entries.length, KEY_ROWS) * LINE + 8,
    title: look.title,
    paths: entries.flatMap(({ paths }) => paths),
    texts: entries.flatMap(({ texts }) => texts),
  }
}

const yarnsIn = ({ rows }: ChartPicture, { yarns }: Pick<ChartLook, 'yarns'>) =>
  yarns.filter(({ letter }) => rows.some((row) => row.includes(letter)))

/** The yarn of most cells, which is left blank where cells are not filled. */
export function groundOf({ rows }: Pick<ChartPicture, 'rows'>): string {
  const many = new Map<string, number>()
  for (const row of rows) for (const letter of row) many.set(letter, (many.get(letter) ?? 0) + 1)
  return [...many].reduce((most, one) => (one[1] > most[1] ? one : most), ['', 0] as const)[0]
}

const coloursOf = (yarns: readonly Yarn[]) =>
  new Map(yarns.map(({ letter, colour }) => [letter, colour]))

/** Runs of one colour are one rectangle, rectangles of one colour one path. */
function fills({ picture, look, window, high, x, y }: Frame): DrawnPath[] {
  const [from, to] = window.columns
  const paths = new Map<string, string[]>()
  for (let r = window.rows[0]; r < window.rows[1]; r++) {
    const row = picture.rows[r]!
    for (let at = from; at < to;) {
      let end = at + 1
      while (end < to && row[end] === row[at]) end++
      const boxes = paths.get(row[at]!) ?? []
      paths.set(row[at]!, boxes)
      boxes.push(box(x(at), y(r), (end - at) * CELL, high))
      at = end
    }
  }
  const colours = coloursOf(look.yarns)
  return [...paths].map(([letter, boxes]) => ({
    d: boxes.join(''),
    fill: (look.colour ? colours.get(letter) : undefined) ?? '#ffffff',
  }))
}

/** What stands in a cell: the sign of what is worked there, else the letter of its yarn. */
function letters({ picture, look, window, high, x, y }: Frame): DrawnText[] {
  const { rows, signs } = picture
  const [from, to] = window.columns
  if ((to - from) * (window.rows[1] - window.rows[0]) > MOST_LETTERS) return []
  const colours = coloursOf(look.yarns)
  const blank = look.colour ? null : groundOf(picture)
  const drawn = new Set(signs?.key.filter(({ symbol }) => symbol).map(({ sign }) => sign))
  const size = Math.min(look.large ? 11 : 9, high * (look.large ? 0.85 : 0.75))
  const lines: DrawnText[] = []
  for (let r = window.rows[0]; r < window.rows[1]; r++) {
    const inks = new Map<string, { text: string; xs: number[] }>()
    for (let i = from; i < to; i++) {
      const letter = rows[r]![i]!
      const sign = signs?.rows[r]?.[i] ?? ' '
      if (drawn.has(sign) || (sign === ' ' && letter === blank)) continue
      const ink = look.colour ? inkOn(colours.get(letter) ?? '#ffffff') : INK
      const one = inks.get(ink) ?? { text: '', xs: [] }
      inks.set(ink, one)
      one.text += sign === ' ' ? letter : sign
      one.xs.push(x(i) + CELL / 2)
    }
    const base = round2(y(r) + high / 2 + size * 0.35)
    for (const [ink, one] of inks) lines.push({ ...one, y: base, size, anchor: 'middle', ink })
  }
  return lines
}

/** What stands out, as its symbol. */
function symbols({ picture, look, window, high, x, y }: Frame): DrawnPath[] {
  const { signs, rows } = picture
  const colours = coloursOf(look.yarns)
  const scale = (0.86 * Math.min(CELL, high)) / 20
  const paths = new Map<string, string[]>()
  for (const { sign, symbol } of signs?.key ?? []) {
    if (!symbol) continue
    for (let r = window.rows[0]; r < window.rows[1]; r++)
      for (let i = window.columns[0]; i < window.columns[1]; i++) {
        if (signs!.rows[r]?.[i] !== sign) continue
        const ink = look.colour ? inkOn(colours.get(rows[r]![i]!) ?? '#ffffff') : INK
        const list = paths.get(ink) ?? []
        paths.set(ink, list)
        list.push(moved(symbol, scale, x(i) + CELL / 2 - 10 * scale, y(r) + high / 2 - 10 * scale))
      }
  }
  return [...paths].map(([colour, list]) => ({
    d: list.join(''),
    stroke: { colour, opacity: 1, width: 1.2 },
  }))
}

/** A path so many times as large and at another place. */
const moved = (d: string, scale: number, dx: number, dy: number): string =>
  svgpath(d).scale(scale).translate(dx, dy).round(2).toString()

/** Thin lines around cells, bold ones after every tenth. */
function grid({ picture, look, window, width, height, x, y, high }: Frame): DrawnPath[] {
  const [from, to] = window.columns
  const upright = (at: number) => `M${round2(x(at))} ${TOP}v${round2(height)}`
  const level = (at: number) => `M${SIDE} ${round2(y(at) + high)}h${round2(width)}`
  const columns = Array.from({ length: to - from + 1 }, (_, i) => from + i)
  const rows = Array.from(
    { length: window.rows[1] - window.rows[0] + 1 },
    (_, i) => window.rows[0] + i,
  )
  const [first, end] = picture.frame
  const counted = (at: number) => (look.hand === 'right' ? end - at : at - first)
  const tenth = (at: number) => at > first && at < end && counted(at) % 10 === 0
  const tenRow = new Set(
    picture.numbers.flatMap(({ chartRow, number }) => (number % 10 === 0 ? [chartRow + 1] : [])),
  )
  const bold = [
    ...columns.filter(tenth).map(upright),
    ...rows.filter((at) => tenRow.has(at)).map(level),
  ]
  return [
    { d: [...columns.map(upright), ...rows.map(level)].join(''), stroke: inked(0.6, 0.35) },
    ...(bold.length > 0 ? [{ d: bold.join(''), stroke: inked(1.3, 0.85) }] : []),
  ]
}

/** What is worked again and again stands in a frame. */
function repeatFrame({ picture, window, height, x }: Frame): DrawnPath[] {
  const [first, end] = picture.frame
  if (picture.repeats < 2) return []
  const [from, to] = window.columns
  const [left, right] = [Math.max(first, from), Math.min(end, to)]
  if (right <= left) return []
  const sides = [
    ...(first >= from ? [`M${x(first)} ${TOP - 4}v${round2(height + 8)}`] : []),
    ...(end <= to ? [`M${x(end)} ${TOP - 4}v${round2(height + 8)}`] : []),
  ]
  const ends = [TOP - 4, TOP + height + 4].map(
    (at) => `M${x(left)} ${round2(at)}h${(right - left) * CELL}`,
  )
  return [{ d: [...sides, ...ends].join(''), stroke: inked(2.2) }]
}

/** A row's number stands where it begins, with the way it goes. */
function rowNumbers({ picture, look, window, high, width, y }: Frame): DrawnText[] {
  const right = look.hand === 'right'
  return picture.numbers
    .filter(({ chartRow }) => chartRow >= window.rows[0] && chartRow < window.rows[1])
    .map(({ chartRow, number, side }) => {
      const atRight = (side === 'RS') === right
      return label(
        ...([
          atRight ? `← ${number}` : `${number} →`,
          atRight ? SIDE + width + 6 : SIDE - 6,
          y(chartRow) + high / 2 + 3.5,
          look.large ? 12 : 10,
        ] as const),
        {
          anchor: atRight ? 'start' : 'end',
          ...(number % 10 === 0 ? { bold: true as const } : {}),
        },
      )
    })
}

/** Stitches of the repeat, counted from where it begins. */
function stitchNumbers({ picture, look, window, height, x }: Frame): DrawnText[] {
  const [first, end] = picture.frame
  const column = (n: number) => (look.hand === 'right' ? end - n : first + n - 1)
  return Array.from({ length: end - first }, (_, i) => i + 1)
    .filter((n) => n === 1 || n % 5 === 0)
    .filter((n) => column(n) >= window.columns[0] && column(n) < window.columns[1])
    .map((n) =>
      label(String(n), x(column(n)) + CELL / 2, TOP + height + 15, look.large ? 11 : 9.5, {
        ink: QUIET_INK,
        ...(n % 10 === 0 ? { bold: true as const } : {}),
      }),
    )
}

/** Where a marker of the bag stands when the chart begins. */
function markers({ picture, window, height, x }: Frame): {
  paths: DrawnPath[]
  texts: DrawnText[]
} {
  const seen = picture.markers.filter(
    ({ at }) => at >= window.columns[0] && at <= window.columns[1],
  )
  const y = TOP + height + 20
  return {
    paths: seen.map(({ at }) => ({
      d: `M${round2(x(at))} ${round2(y)}l4 7h-8z`,
      fill: INK,
    })),
    texts: seen.map(({ at, letter }) => label(letter, x(at) + 8, y + 8, 9, { anchor: 'start' })),
  }
}

type KeyEntry = (
  x: number,
  y: number,
  look: ChartLook,
) => { readonly paths: DrawnPath[]; readonly texts: DrawnText[] }

/** What a chart's cells, signs and lines are, each as it is drawn. */
function keyOf(picture: ChartPicture, look: ChartLook): KeyEntry[] {
  const size = look.large ? 13 : 11
  const blank = look.colour ? null : groundOf(picture)
  const words = (text: string, x: number, y: number) =>
    label(text, x + 24, y + 12, size, { anchor: 'start' })
  const yarns = yarnsIn(picture, look).map(({ letter, name, colour }): KeyEntry => (x, y) => ({
    paths: [
      { d: box(x, y, 16, 16), fill: look.colour ? colour : '#ffffff', stroke: inked(1, 0.6) },
    ],
    texts: [
      ...(letter === blank
        ? []
        : [label(letter, x + 8, y + 11.5, 9.5, { ink: look.colour ? inkOn(colour) : INK })]),
      words(`${letter} ${short(name)}`, x, y),
    ],
  }))
  const signs = (picture.signs?.key ?? [])
    .filter(({ sign }) => picture.signs!.rows.some((row) => row.includes(sign)))
    .map(({ sign, is, symbol }): KeyEntry => (x, y) => ({
      paths: [
        { d: box(x, y, 16, 16), stroke: inked(1, 0.6) },
        ...(symbol ? [{ d: moved(symbol, 0.7, x + 1, y + 1), stroke: inked(1.2) }] : []),
      ],
      texts: [...(symbol ? [] : [label(sign, x + 8, y + 11.5, 9.5)]), words(short(is), x, y)],
    }))
  const marks = picture.markers.map(({ letter, is }): KeyEntry => (x, y) => ({
    paths: [{ d: `M${x + 5} ${y + 3}l4 7h-8z`, fill: INK }],
    texts: [label(letter, x + 12, y + 12, 9.5, { anchor: 'start' }), words(is, x, y)],
  }))
  return [...yarns, ...signs, ...marks]
}

const MOST_NAME = 22
const short = (text: string): string =>
  [...text].length > MOST_NAME ? `${[...text].slice(0, MOST_NAME - 1).join('')}…` : text
