import type { Block, Figure } from '../paper/index.ts'
import { box, type Drawing, inked, label } from '../paper/index.ts'
import { counted } from '../units/index.ts'
import type { Printed } from './bag.ts'
import {
  CELL,
  type ChartLook,
  chartDrawing,
  keyDrawing,
  type Window,
  wholeOf,
} from './chart-drawing.ts'
import type { ChartPicture } from './chart-picture.ts'

/* A chart as it is printed: on one page where it can be, else in parts that overlap, with a map of them. Cells are 5 mm wide, and 3.2 mm at the least. */

const POINTS = 72 / 25.4
const LARGEST = (5 * POINTS) / CELL
const LEAST = (3.2 * POINTS) / CELL
/** Cells of a chart in parts. */
const IN_PARTS = (4 * POINTS) / CELL
const OVERLAP = 2

export function chartBlocks(printed: Printed, picture: ChartPicture): Block[] {
  const { design, words, choices, room } = printed
  const look: ChartLook = {
    ...{ yarns: design.yarns, hand: words.hand, colour: choices.colour, large: choices.large },
    title: `${design.name}: ${picture.part.name}`,
  }
  const alt = `Chart of ${picture.part.name}: ${counted(picture.rows[0]?.length ?? 0, 'stitch')} by ${counted(picture.rows.length, 'row')}`
  const whole = chartDrawing(picture, look)
  const least = choices.large ? IN_PARTS : LEAST
  const fits =
    room === null || Math.min(room.width / whole.width, room.height / whole.height) >= least
  const caption = captionOf(picture)
  if (fits)
    return [{ is: 'figure', drawing: whole, scale: LARGEST, least, alt, caption, leads: true }]
  const tiles = tilesOf(picture, room, choices.large ? LARGEST : IN_PARTS, words.hand)
  return [
    {
      is: 'figure',
      ...{ drawing: mapDrawing(picture, tiles, look), scale: 0.8, leads: true },
      alt: `How the ${tiles.length} parts of the chart lie`,
      caption: `${caption} It is in ${tiles.length} parts, which overlap by ${counted(OVERLAP, 'stitch')} and ${counted(OVERLAP, 'row')}.`,
    },
    ...tiles.map((window, i): Block & Figure => ({
      ...{ is: 'figure', scale: choices.large ? LARGEST : IN_PARTS },
      drawing: chartDrawing(picture, { ...look, window, key: false }),
      alt: `${alt}, part ${i + 1}`,
      caption: tileWords(picture, window, i, tiles.length, words.hand),
    })),
  ]
}

/** What is read off the frame and the edges. */
function captionOf({ repeats, frame, rows, again }: ChartPicture): string {
  const width = frame[1] - frame[0]
  const beside = (rows[0]?.length ?? 0) - width
  return [
    repeats > 1
      ? `The frame is one repeat of ${counted(width, 'stitch')}: work it ${repeats} times.`
      : '',
    beside > 0 ? `What stands beside it is worked once.` : '',
    again > 1 ? `The chart is worked ${again} times, one above the other.` : '',
    'A number stands where its row begins, its arrow points the way it goes.',
  ]
    .filter(Boolean)
    .join(' ')
}

/** So many of a length, in stretches that overlap. */
function stretches(length: number, most: number): [number, number][] {
  if (length <= most) return [[0, length]]
  const step = Math.max(1, most - OVERLAP)
  const many = Math.ceil((length - OVERLAP) / step)
  const each = Math.ceil((length - OVERLAP) / many) + OVERLAP
  return Array.from({ length: many }, (_, i) => {
    const from = Math.min(i * (each - OVERLAP), length - each)
    return [from, from + each]
  })
}

/** Parts of a chart that each fit a page, the lowest first, each row of them the way it is worked. */
function tilesOf(
  picture: ChartPicture,
  room: { readonly width: number; readonly height: number },
  scale: number,
  hand: 'right' | 'left',
): Window[] {
  const { columns, rows } = wholeOf(picture)
  const across = Math.max(4, Math.floor((room.width / scale - 96) / CELL))
  const up = Math.max(4, Math.floor((room.height / scale - 90) / (CELL * picture.cellAspect)))
  const wide = stretches(columns[1], across)
  // The right hand begins at the right.
  const asWorked = hand === 'right' ? wide.toReversed() : wide
  return stretches(rows[1], up).flatMap((own) =>
    asWorked.map((one): Window => ({ columns: one, rows: own })),
  )
}

function tileWords(
  { numbers, frame }: ChartPicture,
  { columns, rows }: Window,
  i: number,
  of: number,
  hand: 'right' | 'left',
): string {
  const own = numbers.filter(({ chartRow }) => chartRow >= rows[0] && chartRow < rows[1])
  const n = (at: number) => (hand === 'right' ? frame[1] - at : at - frame[0] + 1)
  const ends = [n(columns[0]), n(columns[1] - 1)]
  const [low, high] = [Math.max(1, Math.min(...ends)), Math.max(...ends)]
  return `Part ${i + 1} of ${of}: stitches ${low}–${high}, ${own[0] ? `rows ${own[0].number}–${own.at(-1)!.number}` : ''}.`
}

/** How the parts lie, and the key of them all. */
function mapDrawing(picture: ChartPicture, tiles: readonly Window[], look: ChartLook): Drawing {
  const { columns, rows } = wholeOf(picture)
  const scale = 130 / Math.max(columns[1], rows[1] * picture.cellAspect)
  const high = rows[1] * picture.cellAspect * scale
  const key = keyDrawing(picture, look, columns[1] * scale + 30)
  const boxes = tiles.map(({ columns: [a, b], rows: [c, d] }) => ({
    x: 4 + a * scale,
    y: 4 + high - d * picture.cellAspect * scale,
    width: (b - a) * scale,
    height: (d - c) * picture.cellAspect * scale,
  }))
  return {
    width: key.width,
    height: Math.max(high + 8, key.height),
    title: look.title,
    paths: [
      ...boxes.map(({ x, y, width, height }) => ({
        d: box(x, y, width, height),
        stroke: inked(1, 0.8),
      })),
      ...key.paths,
    ],
    texts: [
      ...boxes.map(({ x, y, width, height }, i) =>
        label(String(i + 1), x + width / 2, y + height / 2 + 4, 12, { bold: true }),
      ),
      ...key.texts,
    ],
  }
}
