import type { Cell, Chart } from '../chart/index.ts'

/*
 * Mosaic: one yarn a row, the picture made by reaching down. A finished cell shows its own row's yarn, or the next row's, which
 * reaches down over it: it is then borrowed. What is drawn is the picture; what is worked follows from it.
 */

/** Overlay: one row of the chart is one worked row. Inset: it is two, and what is borrowed is chained over. */
export const schools = ['overlay', 'inset'] as const
export type School = (typeof schools)[number]
export const schoolNames: Readonly<Record<School, string>> = {
  overlay: 'Overlay mosaic',
  inset: 'Inset mosaic',
}

export interface Rules {
  readonly school: School
  /** At its edges nothing is borrowed; in the round its edges meet. */
  readonly flat: boolean
  /** Borrowed cells side by side in a row of inset, at the most. */
  readonly run: number
}

/** As many side by side as are chained over at once (common practice). */
export const USUAL_RUN = 3

/** A picture, and the yarn of each of its rows, the lowest first. */
export interface Mosaic extends Chart {
  readonly rows: string
}

/** Cells of a chart with yes or no, at row · width + column. */
export type Marks = Uint8Array

/** Rows of two yarns in turn, so many, from the lowest. */
export const inTurns = (first: string, second: string, height: number): string =>
  Array.from({ length: height }, (_, row) => (row % 2 === 0 ? first : second)).join('')

/** What a borrowed cell shows: the yarn of the row above; its own where there is none. */
export const lentTo = (rows: string, row: number): string => rows[row + 1] ?? rows[row]!

/** Cells that want to be borrowed: they show the yarn of the row above. */
export function wantedMarks({ width, colours, rows }: Mosaic): Marks {
  const marks = new Uint8Array(width * colours.length)
  colours.forEach((text, row) => {
    const [own, lent] = [rows[row]!, lentTo(rows, row)]
    if (own === lent) return
    for (let column = 0; column < width; column++)
      if (text[column] === lent) marks[row * width + column] = 1
  })
  return marks
}

/** Why a cell cannot be as it is drawn. */
export type Why =
  /** In neither its row's yarn nor the next one's. */
  | 'yarn'
  /** Borrowed in the first or last row. */
  | 'end'
  /** Borrowed at the edge of flat work. */
  | 'edge'
  /** Borrowed above one that is. */
  | 'stacked'
  /** One too many side by side. */
  | 'run'

/** Why a cell can never be borrowed; null where it can. */
function whyNever(row: number, column: number, width: number, height: number, rules: Rules) {
  if (row === 0 || row >= height - 1) return 'end' as const
  return rules.flat && (column === 0 || column === width - 1) ? ('edge' as const) : null
}

/** Cells that may be borrowed, as far as they go alone. */
export function lendable({ width, colours, rows }: Mosaic, rules: Rules): Marks {
  const height = colours.length
  const marks = new Uint8Array(width * height)
  for (let row = 0; row < height; row++) {
    if (rows[row] === lentTo(rows, row)) continue
    for (let column = 0; column < width; column++)
      if (whyNever(row, column, width, height, rules) === null) marks[row * width + column] = 1
  }
  return marks
}

/** Every so many borrowed cells of a row, one after the other and around its join, that are too many: where each begins. */
export function tooLong(marks: Marks, width: number, row: number, rules: Rules): number[] {
  if (rules.school !== 'inset') return []
  const at = row * width
  const last = rules.flat ? width - rules.run - 1 : width - 1
  const starts: number[] = []
  for (let start = 0; start <= last; start++) {
    let all = true
    for (let i = 0; i <= rules.run && all; i++) all = marks[at + ((start + i) % width)] === 1
    if (all) starts.push(start)
  }
  return starts
}

export interface Misfit extends Cell {
  readonly why: Why
}

/** A row of a picture and what is worked of it. */
interface RowWorked {
  /** What it was found from: its cells, the yarns it may show, what may be borrowed of it, and what is borrowed below. */
  readonly from: readonly [
    text: string,
    own: string,
    lent: string,
    ends: boolean,
    below: Marks | null,
  ]
  readonly marks: Marks
  readonly misfits: readonly Misfit[]
}

/** What is worked of a picture: the cells that are borrowed, and those that cannot be as they are drawn. */
export interface Worked {
  readonly marks: Marks
  readonly misfits: readonly Misfit[]
  readonly rules: Rules
  readonly rows: readonly RowWorked[]
}

/** One row: from the left what wants to be borrowed and cannot is worked in its own yarn; then runs that are too long are broken. */
function rowWorked(from: RowWorked['from'], row: number, rules: Rules): Omit<RowWorked, 'from'> {
  const [text, own, lent, ends, below] = from
  const width = text.length
  const marks = new Uint8Array(width)
  const misfits: Misfit[] = []
  for (let column = 0; column < width; column++) {
    const letter = text[column]!
    if (letter === own) continue
    const edge = rules.flat && (column === 0 || column === width - 1)
    const why: Why | null =
      letter !== lent ? 'yarn' : ends ? 'end' : edge ? 'edge' : below?.[column] ? 'stacked' : null
    if (why === null) marks[column] = 1
    else misfits.push({ column, row, why: ends && letter !== lent && lent === own ? 'end' : why })
  }
  for (let [start] = tooLong(marks, width, 0, rules); start !== undefined;) {
    const column = (start + rules.run) % width
    marks[column] = 0
    misfits.push({ column, row, why: 'run' })
    ;[start] = tooLong(marks, width, 0, rules)
  }
  return { marks, misfits }
}

const sameMarks = (a: Marks, b: Marks): boolean =>
  a.length === b.length && a.every((mark, at) => mark === b[at])

/**
 * Row by row from below: a cell that wants to be borrowed and cannot is worked in its own yarn. It is then one that does not fit, as is
 * every cell in a yarn that neither its row nor the next one has.
 * @param before what was found before a change, by the same rules: rows that nothing has changed for are taken over
 */
export function workedOf(mosaic: Mosaic, rules: Rules, before?: Worked): Worked {
  const { width, colours, rows } = mosaic
  const known = before?.rules === rules ? before.rows : []
  const found: RowWorked[] = []
  for (let row = 0; row < colours.length; row++) {
    const ends = row === 0 || row >= colours.length - 1
    const below = found[row - 1]?.marks ?? null
    const from = [colours[row]!, rows[row]!, lentTo(rows, row), ends, below] as const
    const old = known[row]
    if (old && from.every((one, i) => one === old.from[i])) {
      found.push(old)
      continue
    }
    const { marks, misfits } = rowWorked(from, row, rules)
    // Borrowed as before: what lies above it need not be looked at again.
    found.push({ from, marks: old && sameMarks(old.marks, marks) ? old.marks : marks, misfits })
  }
  const marks = new Uint8Array(width * colours.length)
  found.forEach((one, row) => marks.set(one.marks, row * width))
  return { marks, misfits: found.flatMap((one) => one.misfits), rules, rows: found }
}

/** Whether such cells can all be borrowed at once. */
export function canBe(marks: Marks, mosaic: Mosaic, rules: Rules): boolean {
  const { width, colours } = mosaic
  const may = lendable(mosaic, rules)
  return (
    marks.every(
      (mark, at) => mark === 0 || (may[at] === 1 && (at < width || marks[at - width] === 0)),
    ) && colours.every((_, row) => tooLong(marks, width, row, rules).length === 0)
  )
}

/** The picture that borrowed cells make. */
export function pictureOf(marks: Marks, width: number, rows: string): Chart {
  const colours = [...rows].map((own, row) => {
    const lent = lentTo(rows, row)
    let [text, from] = ['', 0]
    for (let column = 1; column <= width; column++) {
      const mark = marks[row * width + from]
      if (column < width && marks[row * width + column] === mark) continue
      text += (mark ? lent : own).repeat(column - from)
      from = column
    }
    return text
  })
  return { width, colours }
}
