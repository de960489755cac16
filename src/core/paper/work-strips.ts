import type { WorkLine } from './block.ts'
import { box, inked, QUIET_INK } from './drawing.ts'
import type { Face } from './lines.ts'
import {
  dropped,
  paragraph,
  type Placed,
  type Room,
  stacked,
  type Strip,
  stripsOfColumns,
  stripsOfLines,
  text,
} from './strip.ts'

/* Lines of work as strips: a box, what row it is, what is worked, and how many there are then. */

export const tick = (x: number, y: number, side: number): Placed => ({
  ...{ is: 'shape' as const, x, y, d: box(0, 0, side, side) },
  stroke: inked(0.7, 0.75),
})

/** Boxes of a line that is many rows, each with its number, as many side by side as there is room for. */
function tickStrip(ticks: readonly string[], x: number, width: number, room: Room) {
  const side = room.size * 1.75
  const across = Math.max(1, Math.floor(width / (side + 3)))
  const small = room.size * 0.66
  const items = ticks.flatMap((number, i): Placed[] => {
    const [left, top] = [
      x + (i % across) * (side + 3),
      Math.floor(i / across) * (room.size * 1.3 + 3),
    ]
    const wide = room.ruler.width(number, 'text', small)
    return [
      {
        ...{ is: 'shape', x: left, y: top, d: box(0, 0, side, room.size * 1.3) },
        stroke: inked(0.6, 0.7),
      },
      text(left + (side - wide) / 2, top + room.size * 0.88, number, small, { ink: QUIET_INK }),
    ]
  })
  return { items, height: Math.ceil(ticks.length / across) * (room.size * 1.3 + 3) }
}

/** The labels of lines have so much room, in sizes of the text, so that lines of several parts stand below one another. */
const LABEL = 8.4

/** How the columns of lines of work are as wide as they have to be. */
export function workColumns(lines: readonly WorkLine[], room: Room) {
  const widest = (texts: readonly string[], face: Face) =>
    Math.max(0, ...texts.map((one) => room.ruler.width(one, face, room.size)))
  const boxed = lines.some(({ ticks }) => ticks.length > 0) ? room.size * 1.6 : 0
  const name = widest(
    lines.map(({ label }) => label),
    'bold',
  )
  const most = room.width * 0.24
  const total = Math.min(
    room.width * 0.2,
    widest(
      lines.map((one) => `(${one.total})`),
      'text',
    ),
  )
  const label = Math.max(LABEL * room.size, Math.min(most, name) + room.size)
  const x = boxed + label
  return { boxed, label, x, total, width: room.width - x - total - room.size }
}
type WorkColumns = ReturnType<typeof workColumns>

/** A line of work: before it what is done first, after it what is looked at. */
export function workStrips(line: WorkLine, room: Room, columns: WorkColumns): Strip[] {
  const { size } = room
  const { boxed, x, width } = columns
  const of = room.next()
  const before = line.before.flatMap((words, i) => {
    const set = paragraph(words, room, {
      ...{ x, width: room.width - x, face: 'italic' as const, ink: QUIET_INK },
    })
    return stripsOfLines(set.lines, set.line, {
      ...{ role: 'P' as const, of: room.next(), space: i === 0 ? 4 : 0, keep: true },
    })
  })
  const words = paragraph(line.text, room, { x, width })
  const label = paragraph([{ text: line.label, bold: true }], room, {
    ...{ x: boxed, width: columns.label },
  })
  const total = `(${line.total})`
  const totals = paragraph(total, room, { x: 0, width: columns.total, ink: QUIET_INK })
  const right = totals.lines.map((items) => {
    const wide = items.reduce(
      (sum, one) => sum + (one.is === 'text' ? room.ruler.width(one.text, 'text', size) : 0),
      0,
    )
    return items.map((one) => ({ ...one, x: room.width - wide }))
  })
  const boxes: Placed[][] = line.ticks.length === 1 ? [[tick(0, size * 0.22, size * 0.86)]] : []
  const many = line.ticks.length > 1 ? tickStrip(line.ticks, x, room.width - x, room) : null
  const after = line.after.flatMap((said) => checkStrips(said, room, x))
  const strips = stripsOfColumns([boxes, label.lines, words.lines, right], words.line, {
    ...{ role: 'LI' as const, of, space: before.length > 0 ? 0 : 2.5 },
    keep: many !== null || after.length > 0,
  })
  const numbered: Strip[] = many
    ? [
        {
          ...{ height: many.height + 2, space: 2, keep: after.length > 0 },
          groups: [{ role: 'none', of, items: many.items }],
        },
      ]
    : []
  return [...before, ...strips, ...numbered, ...after]
}

/** What is measured and looked at: in a frame of its own, so that it is found. */
function checkStrips(said: string, room: Room, x: number): Strip[] {
  const inset = room.size * 0.7
  const width = room.width - x - 2 * inset
  const set = paragraph(said, room, { x: x + inset, width })
  const high = set.lines.length * set.line + inset
  const frame: Placed = {
    ...{ is: 'shape', x, y: 0, d: box(0, 0, room.width - x, high) },
    stroke: inked(0.8, 0.8, [3, 2]),
  }
  return [
    {
      ...{ height: high + 2, space: 4, keep: false },
      groups: [
        {
          ...{ role: 'P', of: room.next() },
          items: [frame, ...dropped(stacked(set.lines, set.line), inset * 0.45)],
        },
      ],
    },
  ]
}
