import { Many, One, OneOf, OrNull, Text, Whole } from '../fields/index.ts'
import { countOf, group, lay, type Program, stitches, work } from '../program/index.ts'
import { stitchById, stitchIds } from '../stitch/index.ts'
import { type Band, type Repeat, usual } from './band.ts'
import { programOf } from './marked-row.ts'
import { Letter, LIMITS, Section } from '../section/index.ts'

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
}

export class WrittenPart extends Section {
  @OneOf(['written']) readonly kind!: 'written'
  @Many(() => WrittenRow, LIMITS.writtenRows)
  readonly rows!: readonly WrittenRow[]
}

/** Places so many runs take up. */
const usedBy = (runs: readonly WrittenRun[]): number =>
  runs.reduce((sum, { stitch, count }) => sum + stitchById(stitch).uses * count, 0)

/** Places a repeat of a row takes, and those the rest of it takes; a repeat of none where it has none. */
function takes({ runs, repeat }: WrittenRow): Repeat {
  const multiple = repeat ? usedBy(runs.slice(repeat.from, repeat.to)) : 0
  return { multiple, offset: usedBy(runs) - multiple }
}

/** Places the first row was counted on. */
export function countedOn({ rows }: WrittenPart): number {
  const { multiple, offset } = takes(rows[0]!)
  return offset + multiple * (rows[0]!.repeat?.times ?? 0)
}

/** The rows as programs, each with its repeat as often as fits. */
const programsOf = ({ rows }: WrittenPart): Program[] =>
  rows.map(({ runs, repeat }) =>
    repeat
      ? [
          ...programOf(runs.slice(0, repeat.from)),
          group('fits', ...programOf(runs.slice(repeat.from, repeat.to))),
          ...programOf(runs.slice(repeat.to)),
        ]
      : programOf(runs),
  )

/** The rows over so many stitches: what each leaves; as far as they come out. */
function leftBy(part: WrittenPart, count: number): number[] {
  const left: number[] = []
  let below = stitches(count)
  for (const program of programsOf(part)) {
    const laid = lay(program, [below], { last: true })
    const makes = laid.ok ? countOf(laid.value.made) : 0
    if (!laid.ok || makes < 1 || makes > LIMITS.rowCount) break
    left.push(makes)
    below = laid.value.made
  }
  return left
}

/** What was found of a band, by the count. A band is never changed. */
const known = new WeakMap<WrittenPart, Map<number, number[]>>()
function leftOn(part: WrittenPart, count: number): number[] {
  const counts = known.get(part) ?? new Map<number, number[]>()
  known.set(part, counts)
  const left = counts.get(count) ?? leftBy(part, count)
  counts.set(count, left)
  return left
}
const standsOn = (part: WrittenPart, count: number): boolean =>
  leftOn(part, count).length === part.rows.length

/** Rows kept as they were written, with what they work. On a count they do not come out on each is plain until counted again. */
export const written: Band<WrittenPart> = {
  ...usual,
  document: WrittenPart,
  title: 'Written rows',
  heading: 'Written rows on',
  begin: ({ stitch, letters, count, abbr }) => ({
    kind: 'written',
    name: 'Written rows',
    making: null,
    stitch,
    rows: [
      {
        text: `${abbr} in each st around`,
        runs: [{ stitch, yarn: letters[0]!, count: 1 }],
        repeat: { from: 0, to: 1, times: Math.max(1, count) },
      },
    ],
  }),
  rounds: ({ rows }) => rows.length,
  withRounds: () => null,
  stretched: () => null,
  yarns: ({ rows }) => [...new Set(rows.flatMap(({ runs }) => runs.map(({ yarn }) => yarn)))],
  withYarn: ({ rows }, from, to) => ({
    rows: rows.map((row) => ({
      ...row,
      text: row.text.replace(new RegExp(`\\b${from}\\b`, 'g'), to),
      runs: row.runs.map((run) => (run.yarn === from ? { ...run, yarn: to } : run)),
    })),
  }),
  lastYarn: ({ rows }) => rows.at(-1)!.runs.at(-1)!.yarn,
  gaugeYarn: () => null,
  fabric: ({ id, name }) => ({ key: `rows-${id}`, name }),
  counts: (part) => {
    const { multiple } = takes(part.rows[0]!)
    // Rows above may want more than the first: the fewest of its repeats with which all of them come out again.
    const counted = countedOn(part)
    const next = [1, 2, 3, 4, 5, 6].find((times) => standsOn(part, counted + times * multiple))
    if (multiple === 0 || !next) return { multiple: 0, offset: counted }
    const whole = multiple * next
    return { multiple: whole, offset: counted % whole }
  },
  standsOn,
  leaves: (part, count) => (standsOn(part, count) ? leftOn(part, count).at(-1)! : count),
  faults: (part, say) => {
    const { rows } = part
    const bad = rows.findIndex(
      ({ runs, repeat }) => repeat && (repeat.to <= repeat.from || repeat.to > runs.length),
    )
    if (bad >= 0) return say(`rows[${bad}].repeat`, 'is not a stretch of its runs')
    const counted = countedOn(part)
    const left = leftOn(part, counted)
    if (left.length < rows.length || counted < 1)
      say(
        `rows[${left.length}]`,
        `does not come out on the ${left.at(-1) ?? counted} stitches below it`,
      )
  },
  size: ({ rows }) => ({ cells: 0, runs: rows.reduce((sum, { runs }) => sum + runs.length, 0) }),
  *rows(part, { count }) {
    if (standsOn(part, count)) return yield* programsOf(part)
    for (const { runs } of part.rows) yield [work(part.stitch, 'fits', { yarn: runs[0]!.yarn })]
  },
  texts: (part, count) => (standsOn(part, count) ? part.rows.map(({ text }) => text) : null),
}
