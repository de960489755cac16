import type { Block, Figure } from './block.ts'
import { box, inked, QUIET_INK } from './drawing.ts'
import {
  asOne,
  dropped,
  type HeadMark,
  paragraph,
  type Placed,
  RISE,
  type Role,
  type Room,
  stacked,
  type Strip,
  stripsOfColumns,
  stripsOfLines,
  text,
} from './strip.ts'
import { tick, workColumns, workStrips } from './work-strips.ts'

/* Blocks as strips. */

const TITLE = 2.5
const HEADINGS = { 1: 1.75, 2: 1.35, 3: 1.1 } as const
const SPACES = { 1: 20, 2: 15, 3: 9 } as const

/** A figure as large as it may be, and its words. */
function figureStrip(figure: Figure, room: Room, keep: boolean): Strip {
  const { drawing, caption, alt } = figure
  const set = caption
    ? paragraph(caption, room, { width: room.width, ink: QUIET_INK, size: room.size * 0.92 })
    : { lines: [], line: 0 }
  const below = set.lines.length * set.line
  const least = figure.least ?? figure.scale
  const of = room.next()
  const at = (height: number): Strip => {
    const scale = Math.min(
      ...[figure.scale, room.width / drawing.width, (height - below) / drawing.height],
    )
    const high = drawing.height * scale
    return {
      ...{ height: high + below, space: 7, keep },
      groups: [
        { ...{ role: 'Figure', of, alt }, items: [{ is: 'drawing', x: 0, y: 0, scale, drawing }] },
        ...(caption
          ? [
              {
                role: 'P' as const,
                of: room.next(),
                items: dropped(stacked(set.lines, set.line), high + 1),
              },
            ]
          : []),
      ],
    }
  }
  return {
    ...at(room.height),
    shrunk: (height) => (height - below >= drawing.height * least ? at(height) : null),
  }
}

/** Small figures side by side, as many as there is room for; those of one line are one strip. */
function figuresStrips(figures: readonly Figure[], room: Room): Strip[] {
  const gap = 12
  const widest = Math.max(...figures.map(({ drawing, scale }) => drawing.width * scale))
  const across = Math.max(1, Math.floor((room.width + gap) / (widest + gap)))
  const width = (room.width - gap * (across - 1)) / across
  return Array.from({ length: Math.ceil(figures.length / across) }, (_, line) => {
    const own = figures.slice(line * across, (line + 1) * across).map((figure, i) => ({
      ...asOne([figureStrip(figure, { ...room, width }, false)], i * (width + gap)),
    }))
    return {
      ...{ height: Math.max(...own.map(({ height }) => height)), space: 9, keep: false },
      groups: own.flatMap(({ groups }) => groups),
    }
  })
}

/** What the first of several heads. */
function marked(columns: readonly { readonly mark: HeadMark | undefined }[]): Pick<Strip, 'mark'> {
  const mark = columns.find((one) => one.mark)?.mark
  return mark ? { mark } : {}
}

type Setters = {
  readonly [Is in Block['is']]: (block: Extract<Block, { is: Is }>, room: Room) => Strip[]
}

const setters: Setters = {
  title({ text: words, under }, room) {
    const title = paragraph(words, room, {
      ...{ width: room.width, face: 'head' as const, size: room.size * TITLE },
    })
    const below = paragraph(under, room, { width: room.width, ink: QUIET_INK })
    return [
      {
        ...{ height: title.lines.length * title.line, space: 0, keep: true },
        groups: [{ role: 'H1', of: room.next(), items: stacked(title.lines, title.line) }],
        mark: { level: 0, text: words, id: null },
      },
      ...(under
        ? stripsOfLines(below.lines, below.line, {
            ...{ role: 'P' as const, of: room.next(), space: 0, keep: true },
          })
        : []),
    ]
  },
  heading({ level, text: words, aside, id = null }, room) {
    const size = room.size * HEADINGS[level]
    const set = paragraph(words, room, { width: room.width, face: 'head', size })
    const last = set.lines.at(-1)!.at(-1)
    const items = stacked(set.lines, set.line)
    if (aside && last?.is === 'text')
      items.push(
        text(
          last.x + room.ruler.width(last.text, 'head', size) + room.size,
          (set.lines.length - 1) * set.line + size * RISE,
          ...([aside, room.size, { ink: QUIET_INK }] as const),
        ),
      )
    const high = set.lines.length * set.line
    const rule: Placed = {
      ...{ is: 'shape', x: 0, y: high + 1.5, d: `M0 0H${room.width}` },
      stroke: inked(1.1, 0.8),
    }
    return [
      {
        ...{ height: high + (level === 1 ? 6 : 1), space: SPACES[level], keep: true },
        groups: [
          {
            ...{ role: `H${level + (level < 3 ? 1 : 0)}` as Role, of: room.next() },
            items: level === 1 ? [...items, rule] : items,
          },
        ],
        mark: { level, text: words, id, ...(aside ? { aside } : {}) },
      },
    ]
  },
  words({ said, tone, leads = false }, room) {
    const manner = {
      quiet: { ink: QUIET_INK },
      note: { face: 'italic' as const, ink: QUIET_INK },
      wrong: { face: 'bold' as const },
    }
    const set = paragraph(said, room, { width: room.width, ...(tone ? manner[tone] : {}) })
    return stripsOfLines(set.lines, set.line, {
      ...{ role: 'P', of: room.next(), space: 4, keep: leads },
    })
  },
  list: ({ items, by }, room) =>
    items.flatMap((said, i) => {
      const x = room.size * 1.8
      const set = paragraph(said, room, { x, width: room.width - x })
      const sign: Placed =
        by === 'box'
          ? tick(0, room.size * 0.22, room.size * 0.86)
          : text(0, room.size * RISE, by === 'dot' ? '•' : `${i + 1}.`, room.size)
      const lines = set.lines.map((line, n) => (n === 0 ? [sign, ...line] : line))
      return stripsOfLines(lines, set.line, { role: 'LI', of: room.next(), space: 3 })
    }),
  facts({ facts }, room) {
    const name = Math.max(...facts.map(({ what }) => room.ruler.width(what, 'text', room.size)))
    const x = Math.min(room.width * 0.3, name) + room.size * 1.2
    return facts.flatMap(({ what, said, swatch }) => {
      const of = room.next()
      const inset = swatch ? room.size * 1.5 : 0
      const label = paragraph(what, room, { width: x - room.size, ink: QUIET_INK })
      const own = said.flatMap(
        (one) => paragraph(one, room, { x: x + inset, width: room.width - x - inset }).lines,
      )
      const dot: Placed[] = swatch
        ? [
            {
              ...{ is: 'shape', x, y: room.size * 0.22, fill: swatch.colour },
              ...{ d: box(0, 0, room.size * 0.95, room.size * 0.95), stroke: inked(0.6, 0.6) },
            },
          ]
        : []
      const columns = [label.lines, [dot], own]
      return stripsOfColumns(columns, label.line, { role: 'LI', of, space: 2.5 })
    })
  },
  work({ lines }, room) {
    const columns = workColumns(lines, room)
    return lines.flatMap((line) => workStrips(line, room, columns))
  },
  figure: ({ leads = false, ...figure }, room) => [figureStrip(figure, room, leads)],
  figures: ({ figures }, room) => figuresStrips(figures, room),
  picture({ image, width, height, alt }, room) {
    const scale = Math.min(1, room.width / width)
    return [
      {
        ...{ height: height * scale, space: 6, keep: false },
        groups: [
          {
            ...{ role: 'Figure', of: room.next(), alt },
            items: [
              { is: 'image', x: 0, y: 0, width: width * scale, height: height * scale, image },
            ],
          },
        ],
      },
    ]
  },
  beside({ columns, leads = false }, room) {
    const gap = 16
    const wide = room.width - gap * (columns.length - 1)
    const all = columns.reduce((sum, { share }) => sum + share, 0)
    let x = 0
    const own = columns.map(({ share, blocks }) => {
      const width = (wide * share) / all
      const one = asOne(stripsOf(blocks, { ...room, width }), x)
      x += width + gap
      return one
    })
    return [
      {
        ...{ height: Math.max(...own.map(({ height }) => height)), space: 6, keep: leads },
        groups: own.flatMap(({ groups }) => groups),
        ...marked(own),
      },
    ]
  },
  cards: ({ cards }, room) =>
    cards.flatMap(({ title, lines }) => {
      const columns = workColumns(lines, room)
      const inset = room.size
      const inner = { ...room, width: room.width - 2 * inset }
      const head = paragraph([{ text: title, bold: true }], inner, { width: inner.width })
      const heads: Strip = {
        ...{ height: head.lines.length * head.line, space: 0, keep: true },
        groups: [{ role: 'H2', of: room.next(), items: stacked(head.lines, head.line) }],
      }
      const set = lines.flatMap((line) =>
        workStrips(line, inner, { ...columns, width: columns.width - 2 * inset }),
      )
      const { groups, height } = asOne([heads, ...set], inset)
      const high = height + 1.6 * inset
      const edge: Placed = {
        ...{ is: 'shape', x: 0, y: 0, d: box(0, 0, room.width, high) },
        stroke: inked(0.7, 0.7, [5, 3]),
      }
      return [
        {
          ...{ height: high, space: 10, keep: false },
          groups: [
            { role: 'none', of: room.next(), items: [edge] },
            ...groups.map((one) => ({ ...one, items: dropped(one.items, inset * 0.7) })),
          ],
        },
      ]
    }),
}

/** Blocks as strips, one below the other. */
export const stripsOf = (blocks: readonly Block[], room: Room): Strip[] =>
  blocks.flatMap((block) => setters[block.is](block as never, room))
