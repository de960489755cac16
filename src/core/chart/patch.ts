import { type Cell, type Chart, commonestLetter, maybeLetterAt } from './chart.ts'

/** What stands for nothing in a patch: the cell keeps what it has. */
export const KEEPS = '.'

/** A piece of a chart, also one that is not square: rows of letters, the lowest first, and KEEPS where there is nothing of it. */
export interface Patch {
  readonly width: number
  readonly colours: readonly string[]
}

/** What lies in these cells, as a patch; null where none of them is in the chart. */
export function patchOf(chart: Chart, cells: readonly Cell[]): Patch | null {
  const found = cells.flatMap((cell) => {
    const letter = maybeLetterAt(chart, cell)
    return letter === null ? [] : [{ ...cell, letter }]
  })
  if (found.length === 0) return null
  const columns = found.map(({ column }) => column)
  const rows = found.map(({ row }) => row)
  const [left, low] = [Math.min(...columns), Math.min(...rows)]
  const width = Math.max(...columns) - left + 1
  const height = Math.max(...rows) - low + 1
  const letters = Array.from({ length: height }, () => new Array<string>(width).fill(KEEPS))
  for (const { column, row, letter } of found) letters[row - low]![column - left] = letter
  return { width, colours: letters.map((row) => row.join('')) }
}

/** Cells that are to have a letter. */
export interface Lettered {
  readonly letter: string
  readonly cells: readonly Cell[]
}

/** The rows that painting all of these would give, those that differ alone. */
export function rowsWith(chart: Chart, list: readonly Lettered[]): (readonly [number, string])[] {
  const rows = new Map<number, string[]>()
  for (const { letter, cells } of list)
    for (const { column, row } of cells) {
      const letters = rows.get(row) ?? [...chart.colours[row]!]
      rows.set(row, letters)
      letters[column] = letter
    }
  return [...rows]
    .map(([row, letters]) => [row, letters.join('')] as const)
    .filter(([row, letters]) => letters !== chart.colours[row])
}

/** A patch laid with its middle on a cell: what is to be painted, letter by letter. */
export function stampedAt({ width, colours }: Patch, at: Cell): Lettered[] {
  const left = at.column - ((width - 1) >> 1)
  const low = at.row - ((colours.length - 1) >> 1)
  const cells = new Map<string, Cell[]>()
  colours.forEach((text, row) =>
    [...text].forEach((letter, column) => {
      if (letter === KEEPS) return
      const list = cells.get(letter) ?? []
      cells.set(letter, list)
      list.push({ column: left + column, row: low + row })
    }),
  )
  return [...cells].map(([letter, list]) => ({ letter, cells: list }))
}

/** A patch with other letters for its own. */
export const inLetters = (patch: Patch, letterOf: (letter: string) => string): Patch => ({
  ...patch,
  colours: patch.colours.map((row) =>
    [...row].map((letter) => (letter === KEEPS ? letter : letterOf(letter))).join(''),
  ),
})

/** The letters of a patch, each once, in the order of the alphabet. */
export const lettersIn = ({ colours }: Patch): string[] =>
  [...new Set(colours.join(''))].filter((letter) => letter !== KEEPS).sort()

/** A patch on a ground: a whole chart. */
export const onGround = ({ width, colours }: Patch, ground: string): Chart => ({
  width,
  colours: colours.map((row) => row.replaceAll(KEEPS, ground)),
})

interface Middles {
  readonly front: number
  readonly back: number
}

/** Where along a round one motif stands. */
export const standings = [
  { id: 'front', title: 'On the front', at: ['front'] },
  { id: 'back', title: 'On the back', at: ['back'] },
  { id: 'both', title: 'On both', at: ['front', 'back'] },
] as const
/** In rows there is one face: a motif stands in its middle, or not. */
export const standingsIn = (worked: 'rounds' | 'rows') =>
  worked === 'rows' ? [{ ...standings[0], title: 'In the middle' }] : standings
export type StandingId = (typeof standings)[number]['id']

/** A motif on a side of a round: the chart with it, and what that changed of the one there was. */
export interface Stood {
  readonly chart: Chart
  /** Cells it covers that were painted: no ground of their row. */
  readonly covers: number
  /** Rows that were added, since it is taller. */
  readonly more: number
}

/**
 * A chart of a whole round with a patch laid where it is to stand, half-way up; what it leaves stays as it is. Where the patch is taller,
 * blank rows are added above and below. Null where the round has no room for it.
 * @param middles columns from the left over which the middles of front and back lie
 * @param blank the letter of a row, counted from the lowest, that is added
 */
export function standing(
  patch: Patch,
  where: StandingId,
  middles: Middles,
  onto: Chart,
  blank: (row: number) => string,
): Stood | null {
  const { at } = standings.find(({ id }) => id === where)!
  const count = onto.width
  if (patch.width * at.length > count) return null
  const more = Math.max(0, patch.colours.length - onto.colours.length)
  const below = more >> 1
  const rows = Array.from({ length: onto.colours.length + more }, (_, row) => {
    const text = onto.colours[row - below]
    return [...(text ?? blank(row).repeat(count))]
  })
  const low = (rows.length - patch.colours.length) >> 1
  let covers = 0
  patch.colours.forEach((letters, up) => {
    const row = rows[low + up]!
    const ground = commonestLetter(row.join(''))
    for (const face of at) {
      const left = Math.round(middles[face] - patch.width / 2)
      ;[...letters].forEach((letter, i) => {
        if (letter === KEEPS) return
        const column = (((left + i) % count) + count) % count
        if (row[column] !== ground && row[column] !== letter) covers++
        row[column] = letter
      })
    }
  })
  return { chart: { width: count, colours: rows.map((row) => row.join('')) }, covers, more }
}
