import type { Said } from './block.ts'
import { type Drawing, INK, type Stroke } from './drawing.ts'
import { type Face, linesOf, type Manner, type Ruler } from './lines.ts'

/* Strips: what is set from one side of the page to the other, and is not parted. */

/** Something at its place; texts by their baseline. */
export type Placed =
  | {
      readonly is: 'text'
      readonly x: number
      readonly y: number
      readonly text: string
      readonly face: Face
      readonly size: number
      readonly ink: string
    }
  | {
      readonly is: 'shape'
      readonly x: number
      readonly y: number
      readonly d: string
      readonly fill?: string
      readonly stroke?: Stroke
    }
  | {
      readonly is: 'drawing'
      readonly x: number
      readonly y: number
      readonly scale: number
      readonly drawing: Drawing
      /** What of the page it is seen on; all of it where that is not said. */
      readonly clip?: {
        readonly x: number
        readonly y: number
        readonly width: number
        readonly height: number
      }
    }
  | {
      readonly is: 'image'
      readonly x: number
      readonly y: number
      readonly width: number
      readonly height: number
      readonly image: string
    }

/** What a reader that speaks takes something for. `none`: it is passed over. */
export type Role = 'H1' | 'H2' | 'H3' | 'P' | 'LI' | 'Figure' | 'none'

/** What belongs together for one who hears it. */
export interface Group {
  readonly role: Role
  /** One for all strips of what is parted. */
  readonly of: number
  /** What is seen, of a figure. */
  readonly alt?: string
  readonly items: readonly Placed[]
}

/** What a strip heads, and what is said beside that. */
export interface HeadMark {
  readonly level: number
  readonly text: string
  readonly id: string | null
  readonly aside?: string
}

export interface Strip {
  readonly height: number
  /** Room above it, which the first of a page has not. */
  readonly space: number
  /** It is not parted from the next. */
  readonly keep: boolean
  readonly groups: readonly Group[]
  readonly mark?: HeadMark
  /** The same in less height; null where it cannot. */
  readonly shrunk?: (height: number) => Strip | null
}

/** What strips are set in. */
export interface Room {
  readonly width: number
  /** The tallest strip there may be. */
  readonly height: number
  /** Size of the text, in points. */
  readonly size: number
  readonly ruler: Ruler
  /** A number for what belongs together. */
  readonly next: () => number
}

const LEADING = 1.36
/** From the top of a line to its baseline. */
export const RISE = 1.02

export const text = (
  x: number,
  y: number,
  words: string,
  size: number,
  { face = 'text', ink = INK }: Manner = {},
): Placed => ({ is: 'text', x, y, text: words, face, size, ink })

/** Words as lines, one below the other, and how high they are. */
export function paragraph(
  said: Said,
  { size, ruler }: Pick<Room, 'size' | 'ruler'>,
  {
    x = 0,
    width,
    ...manner
  }: Manner & { readonly x?: number; readonly width: number; readonly size?: number },
): { readonly lines: readonly (readonly Placed[])[]; readonly line: number } {
  const own = manner.size ?? size
  const line = own * LEADING
  const lines = linesOf(said, { width, size: own, ruler }, manner).map((pieces) =>
    pieces.map((piece) => text(x + piece.x, own * RISE, piece.text, own, piece)),
  )
  return { lines, line }
}
export const dropped = (items: readonly Placed[], by: number): Placed[] =>
  items.map((one) => ({ ...one, y: one.y + by }))
export const stacked = (lines: readonly (readonly Placed[])[], line: number): Placed[] =>
  lines.flatMap((items, i) => dropped(items, i * line))

/** Lines from this many on are parted, two and more on each side. */
const PARTED = 6

/** Lines as strips: few stand together, of many two and more. */
export function stripsOfLines(
  lines: readonly (readonly Placed[])[],
  line: number,
  { role, of, space, keep = false }: Pick<Group, 'role' | 'of'> & { space: number; keep?: boolean },
): Strip[] {
  if (lines.length < PARTED)
    return [
      {
        ...{ height: lines.length * line, space, keep },
        groups: [{ role, of, items: stacked(lines, line) }],
      },
    ]
  return lines.map((items, i) => ({
    ...{ height: line, space: i === 0 ? space : 0, groups: [{ role, of, items }] },
    keep: i === 0 || i === lines.length - 2 || (i === lines.length - 1 && keep),
  }))
}

/** Columns side by side, each of its lines: few lines are read column by column; of many the last column ends with the others. */
export function stripsOfColumns(
  columns: readonly (readonly (readonly Placed[])[])[],
  line: number,
  how: Pick<Group, 'role' | 'of'> & { space: number; keep?: boolean },
): Strip[] {
  const many = Math.max(...columns.map(({ length }) => length))
  if (many < PARTED) {
    const items = columns.flatMap((lines) => stacked(lines, line))
    const { role, of, space, keep = false } = how
    return [{ height: many * line, space, keep, groups: [{ role, of, items }] }]
  }
  const last = columns.at(-1)!
  const lines = Array.from({ length: many }, (_, i) => [
    ...columns.slice(0, -1).flatMap((own) => own[i] ?? []),
    ...(last[i - many + last.length] ?? []),
  ])
  return stripsOfLines(lines, line, how)
}

/** Strips one below the other as one. */
export function asOne(
  strips: readonly Strip[],
  x: number,
): { readonly groups: Group[]; readonly height: number; readonly mark: HeadMark | undefined } {
  let height = 0
  const groups = strips.flatMap((strip, i) => {
    height += i === 0 ? 0 : strip.space
    const top = height
    height += strip.height
    return strip.groups.map((group) => ({
      ...group,
      items: group.items.map((one) => ({ ...one, x: one.x + x, y: one.y + top })),
    }))
  })
  return { groups, height, mark: strips.find(({ mark }) => mark)?.mark }
}
