import { Many, One, OneOf, OrNull, Text, Whole, Wholes } from '../document/index.ts'
import {
  countOf,
  GROUND,
  group,
  inTurn,
  lay,
  type Onto,
  ontoOf,
  type OntoRow,
  type Places,
  type Program,
  stitches,
} from '../program/index.ts'
import { Letter, LIMITS } from '../part/index.ts'
import { stitchById, stitchIds } from '../stitch/index.ts'
import type { Repeat } from './band.ts'
import { programOf } from './marked-row.ts'

/* Rows that were counted from the trade's shorthand: each with what it works, and which of it as often as fits. */

/** So many of one stitch, as a written row was counted. */
export class WrittenRun {
  @OneOf(stitchIds) readonly stitch!: string
  @Letter() readonly yarn!: string
  @Whole(1, LIMITS.count) readonly count!: number
}

/** Runs that are worked as often as fits: those from `from` to `to`, half-open, so many times where they were counted. */
export class WrittenRepeat {
  @Whole(0, LIMITS.count * 3) readonly from!: number
  @Whole(1, LIMITS.count * 3) readonly to!: number
  @Whole(1, LIMITS.count) readonly times!: number
}

/** A row in the trade's shorthand, in US terms, and what it works over the stitches it was counted on. */
export class WrittenRow {
  @Text(LIMITS.rowText) readonly text!: string
  @Many(() => WrittenRun, LIMITS.count * 3)
  readonly runs!: readonly WrittenRun[]
  /** Null where all of it is worked once. */
  @OrNull() @One(() => WrittenRepeat) readonly repeat!: WrittenRepeat | null
  /** Places on from where the row below began at which it begins; null where it goes on from there. Of a row, what it passes is in its runs. */
  @OrNull() @Whole(0, LIMITS.rowCount) readonly from!: number | null
  /** The rows it is worked into, where that is not the one below: so many rows down, that one being 1; of two, loop by loop in turn. */
  @Wholes(1, LIMITS.rounds, 2) readonly down!: readonly number[]
}

/** A counted row, and what it is worked into where that is not the row below. */
export type CountedRow = WrittenRow & { readonly onto?: Onto }

/** What rows are worked into: by the yarn each begins in. */
export const ontoRows = (rows: readonly CountedRow[]): OntoRow[] =>
  rows.map(({ runs, onto = 'below' }) => ({ yarn: runs[0]!.yarn, onto }))

/** Places so many runs take up. */
const usedBy = (runs: readonly WrittenRun[]): number =>
  runs.reduce((sum, { stitch, count }) => sum + stitchById(stitch).uses * count, 0)

/** Places a repeat of a row takes, and those the rest of it takes; a repeat of none where it has none. */
function takes({ runs, repeat }: WrittenRow): Repeat {
  const multiple = repeat ? usedBy(runs.slice(repeat.from, repeat.to)) : 0
  return { multiple, offset: usedBy(runs) - multiple }
}

/** Places of half a repeat, where work and what it takes fall into two halves alike wide; null where they do not. */
export function halfOf(row: WrittenRow): number | null {
  const { multiple } = takes(row)
  const { runs, repeat } = row
  if (!repeat || multiple % 2 === 1) return null
  const motif = runs.slice(repeat.from, repeat.to)
  const worked = (list: readonly WrittenRun[]) => list.some(({ stitch }) => stitch !== 'skip')
  const cut = motif.findIndex((_, i) => usedBy(motif.slice(0, i)) * 2 === multiple)
  return cut > 0 && worked(motif.slice(0, cut)) && worked(motif.slice(cut)) ? multiple / 2 : null
}

/** Places the first of such rows was counted on. */
export const firstCountedOn = ([first]: readonly WrittenRow[]): number => countedOn(first!)

/** Places a row was counted on. */
function countedOn(row: WrittenRow): number {
  const { multiple, offset } = takes(row)
  return offset + multiple * (row.repeat?.times ?? 0)
}

/** A row as a program, its repeat as often as fits: each of these is a unit, or each of its stitches where it takes several loops. */
export function rowProgram({ runs, repeat, onto }: CountedRow, unit?: string): Program {
  if (!repeat) return programOf(runs)
  if (onto === 'both' && unit !== undefined)
    return rowProgram({ text: '', runs, repeat, from: null, down: [] }).map((step) =>
      step.do === 'group'
        ? {
            ...step,
            steps: step.steps.map((one) =>
              one.do === 'work' && stitchById(one.stitch).uses > 0 ? { ...one, unit } : one,
            ),
          }
        : step,
    )
  // Loops are counted one by one, wherever they are.
  const counted = runs.some(({ stitch }) => stitchById(stitch).unit !== undefined)
  return [
    ...programOf(runs.slice(0, repeat.from)),
    {
      ...group('fits', ...programOf(runs.slice(repeat.from, repeat.to))),
      ...(unit === undefined || counted ? {} : { unit }),
    },
    ...programOf(runs.slice(repeat.to)),
  ]
}

/** The rows over so many stitches: what each leaves; as far as they come out. */
function leftBy(rows: readonly CountedRow[], count: number): number[] {
  const made: Places[] = []
  const ground = stitches(count)
  const onto = ontoRows(rows)
  for (const [i, row] of rows.entries()) {
    const below =
      row.down.length > 0
        ? row.down.map((rows) => (rows > i + 1 ? null : (made[i - rows] ?? ground)))
        : ontoOf(onto, i).map((at) => (at === GROUND ? ground : made[at]!))
    // Of rows below the band only as much is known as the row takes.
    if (below.includes(null)) below.splice(0, 2, stitches(countedOn(row)))
    const laid = lay(rowProgram(row), [below.length > 1 ? inTurn(below as Places[]) : below[0]!], {
      last: true,
      place: row.from ?? 0,
    })
    const makes = laid.ok ? countOf(laid.value.made) : 0
    if (!laid.ok || makes < 1 || makes > LIMITS.rowCount) break
    made.push(laid.value.made)
  }
  return made.map((places) => countOf(places))
}

/** What was found of rows, by the count. They are never changed. */
const known = new WeakMap<readonly CountedRow[], Map<number, number[]>>()
/** What each of such rows leaves on so many stitches; fewer than there are rows where they do not come out. */
export function leftOn(rows: readonly CountedRow[], count: number): readonly number[] {
  const counts = known.get(rows) ?? new Map<number, number[]>()
  known.set(rows, counts)
  const left = counts.get(count) ?? leftBy(rows, count)
  counts.set(count, left)
  return left
}
export const comeOutOn = (rows: readonly CountedRow[], count: number): boolean =>
  leftOn(rows, count).length === rows.length

/** Counts that such rows come out on. */
export function countsOf(rows: readonly CountedRow[]): Repeat {
  const { multiple } = takes(rows[0]!)
  // Rows above may want more than the first: the fewest of its repeats with which all of them come out again.
  const counted = firstCountedOn(rows)
  const next = [1, 2, 3, 4, 5, 6].find((times) => comeOutOn(rows, counted + times * multiple))
  if (multiple === 0 || !next) return { multiple: 0, offset: counted }
  const whole = multiple * next
  return { multiple: whole, offset: counted % whole }
}

/** Whether a row comes out by itself, however much it leaves. */
const comesOut = (row: CountedRow, count: number): boolean =>
  (row.onto ?? 'below') === 'below' && lay(rowProgram(row), [stitches(count)], { last: true }).ok

/** Whether what a row says it repeats is no stretch of its runs. */
export const isMaimed = ({ runs, repeat }: WrittenRow): boolean =>
  repeat !== null && (repeat.to <= repeat.from || repeat.to > runs.length)

/** What is wrong with such rows; null when nothing is. */
export function countedFault(
  rows: readonly CountedRow[],
): { readonly row: number; readonly field: 'repeat' | ''; readonly message: string } | null {
  const bad = rows.findIndex(isMaimed)
  if (bad >= 0) return { row: bad, field: 'repeat', message: 'is not a stretch of its runs' }
  const counted = firstCountedOn(rows)
  const left = leftOn(rows, counted)
  if (left.length === rows.length && counted >= 1) return null
  const below = left.at(-1) ?? counted
  const message = comesOut(rows[left.length]!, below)
    ? `leaves more than ${LIMITS.rowCount} stitches on the ${below} below it`
    : `does not come out on the ${below} stitches below it`
  return { row: left.length, field: '', message }
}
