import type { Cell, Chart } from './chart.ts'

/**
 * A way in which repeats of a chart lie beside and above one another. `wide` × `tall` of them make a field, which then repeats
 * as it is; `at` is the cell of the chart that one of the repeats of a field shows.
 */
export interface Lay {
  readonly id: string
  readonly title: string
  readonly wide: 1 | 2
  readonly tall: 1 | 2
  readonly at: (size: Size, cell: Cell, repeat: Cell) => Cell
  /** The rows of one field, from the lowest. */
  readonly rows: (colours: readonly string[], width: number) => readonly string[]
}
interface Size {
  readonly width: number
  readonly height: number
}

/** Every way there is. One is added here and nowhere else; odd halves are rounded down. */
export const lays = [
  {
    id: 'beside',
    title: 'Side by side',
    wide: 1,
    tall: 1,
    at: (_, cell) => cell,
    rows: (colours) => colours,
  },
  {
    id: 'half-drop',
    title: 'Half-drop',
    ...{ wide: 2, tall: 1 },
    at: ({ height }, { column, row }, repeat) => ({
      column,
      row: (row + repeat.column * (height >> 1)) % height,
    }),
    rows: (colours) => {
      const half = colours.length >> 1
      return colours.map((row, r) => row + colours[(r + half) % colours.length]!)
    },
  },
  {
    id: 'brick',
    title: 'Bricks',
    ...{ wide: 1, tall: 2 },
    at: ({ width }, { column, row }, repeat) => ({
      column: (column + repeat.row * (width >> 1)) % width,
      row,
    }),
    rows: (colours, width) => [
      ...colours,
      ...colours.map((row) => row.slice(width >> 1) + row.slice(0, width >> 1)),
    ],
  },
  {
    id: 'mirrored',
    title: 'Mirrored across',
    ...{ wide: 2, tall: 1 },
    at: ({ width }, { column, row }, repeat) => ({
      column: repeat.column ? width - 1 - column : column,
      row,
    }),
    rows: (colours) => colours.map((row) => row + [...row].reverse().join('')),
  },
  {
    id: 'mirrored-up',
    title: 'Mirrored up',
    ...{ wide: 1, tall: 2 },
    at: ({ height }, { column, row }, repeat) => ({
      column,
      row: repeat.row ? height - 1 - row : row,
    }),
    rows: (colours) => [...colours, ...colours.toReversed()],
  },
] as const satisfies readonly Lay[]
export type LayId = (typeof lays)[number]['id']
export const layIds = lays.map(({ id }) => id)
const layOf = (id: LayId): Lay => lays.find((lay) => lay.id === id)!

/** Repeats of a chart in one of its fields. */
export const repeatsIn = (id: LayId): Pick<Lay, 'wide' | 'tall'> => layOf(id)

/** The cell of a chart that a cell of its field shows; anywhere across, since fields go on. */
export function cellIn({ width, colours }: Chart, id: LayId, { column, row }: Cell): Cell {
  const lay = layOf(id)
  const height = colours.length
  const across = wrapped(column, width * lay.wide)
  const up = wrapped(row, height * lay.tall)
  const repeat = { column: Math.floor(across / width), row: Math.floor(up / height) }
  return lay.at({ width, height }, { column: across % width, row: up % height }, repeat)
}
const wrapped = (at: number, length: number): number => ((at % length) + length) % length

const fields = new WeakMap<Chart, Map<LayId, Chart>>()
/** One field of a chart, as a chart of its own: what repeats beside and above itself. */
export function fieldOf(chart: Chart, id: LayId): Chart {
  const lay = layOf(id)
  if (lay.wide === 1 && lay.tall === 1) return chart
  const known = fields.get(chart) ?? new Map<LayId, Chart>()
  fields.set(chart, known)
  const field = known.get(id) ?? {
    width: chart.width * lay.wide,
    colours: lay.rows(chart.colours, chart.width),
  }
  known.set(id, field)
  return field
}

/** Columns by which a field is moved on where it lies over so many stitches: what is cut off is cut off where rows end. */
export const movedOn = (
  width: number,
  count: number,
  hand: 'right' | 'left',
  balance: number,
): number => (hand === 'right' ? Math.max(0, count - (balance < count ? balance : 0)) % width : 0)

/** A field over a whole round or row, so many rows high, as seen on the right side. */
export function unrolled(
  field: Chart,
  count: number,
  moved: number,
  rows = field.colours.length,
): Chart {
  const { width, colours } = field
  const across = colours.map((row) =>
    (row.slice(width - moved) + row.repeat(Math.ceil(count / width))).slice(0, count),
  )
  return {
    width: count,
    colours: Array.from({ length: rows }, (_, i) => across[i % across.length]!),
  }
}
