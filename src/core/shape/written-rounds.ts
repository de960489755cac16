import { Many, OneOf, OrNull, Text, Whole } from '../document/index.ts'
import { Letter, LIMITS } from '../part/index.ts'
import { increaseFor, stitchById, stitchIds } from '../stitch/index.ts'
import { counted } from '../units/index.ts'
import type { Growth, ShapeRow } from './shape-row.ts'

/* Rounds (of half a round: rows) from a ring, each as it is written. */

/** So many of one stitch, as a round was counted. */
export class BaseRun {
  @OneOf(stitchIds) readonly stitch!: string
  @Whole(1, LIMITS.count) readonly count!: number
  /** Null: the yarn of its round. */
  @OrNull() @Letter() readonly yarn!: string | null
}

/** A round in the trade's shorthand, in US terms, and what it works on the round below it. */
export class BaseRound {
  @Text(LIMITS.rowText) readonly text!: string
  @Many(() => BaseRun, LIMITS.count * 3)
  readonly runs!: readonly BaseRun[]
  /** Places on from where the round below began at which it begins; null where it goes on from there. */
  @OrNull() @Whole(0, LIMITS.rowCount) readonly from!: number | null
}

/** The most there can be. */
export const MOST_WRITTEN = 300

type Rounds = readonly BaseRound[]

/** Places a round takes up, and those it leaves. The first stands in a ring: what it is made of takes up nothing. */
const placesOf = ({ runs }: BaseRound, i: number) =>
  runs.reduce(
    (sum, { stitch, count }) => ({
      uses: sum.uses + (i === 0 ? 0 : stitchById(stitch).uses * count),
      makes: sum.makes + stitchById(stitch).makes * count,
    }),
    { uses: 0, makes: 0 },
  )

/** What such rounds are, and grow by. */
export const writtenShape = (rounds: Rounds): ShapeRow[] =>
  rounds.map((round, i) => ({
    ...placesOf(round, i),
    kind: i === 0 ? 'ring' : 'plain',
    marks: [],
    runs: round.runs,
    text: round.text,
    from: round.from,
  }))

/** Stitches the last of such rounds leaves. */
export const writtenCount = (rounds: Rounds): number => writtenShape(rounds).at(-1)?.makes ?? 0

export function writtenGrowth(rounds: Rounds): Growth {
  const rows = writtenShape(rounds)
  const [first, last] = [rows[0]!.makes, rows.at(-1)!.makes]
  return { first, increase: Math.max(1, (last - first) / Math.max(1, rows.length - 1)) }
}

/** Yarns that such rounds say. */
export const writtenYarns = (rounds: Rounds): string[] =>
  rounds.flatMap(({ runs }) => runs.flatMap(({ yarn }) => yarn ?? []))

/** Such rounds with another yarn in the place of one. */
export const writtenIn = (rounds: Rounds, from: string, to: string): BaseRound[] =>
  rounds.map((round) => ({
    ...round,
    text: round.text.replace(new RegExp(`\\b${from}\\b`, 'g'), to),
    runs: round.runs.map((run) => (run.yarn === from ? { ...run, yarn: to } : run)),
  }))

/** What is wrong with such rounds: those that do not come out on the one below, and a count that is not theirs. */
export function writtenFaults(
  rounds: Rounds,
  count: number,
): readonly (readonly [field: string, message: string])[] {
  if (rounds.length === 0) return [['rounds', 'must have at least one entry']]
  const rows = writtenShape(rounds)
  const off = rows.findIndex(({ uses }, i) => i > 0 && uses !== rows[i - 1]!.makes)
  if (off >= 0) {
    const { uses } = rows[off]!
    return [[`rounds[${off}]`, `takes ${uses} stitches of ${rows[off - 1]!.makes} below it`]]
  }
  const { makes } = rows.at(-1)!
  return makes === count ? [] : [['count', `must be the ${makes} stitches of its last round`]]
}

/** Rows that grow by increases as they would be written, to begin with where each is to be said. */
export function asWritten(
  rows: readonly ShapeRow[],
  stitch: string,
  way: 'around' | 'across',
): BaseRound[] {
  const abbr = stitchById(stitch).abbr.us
  const inc = increaseFor(stitch).id
  return rows.map(({ uses, makes, marks }, i) => {
    const runs: BaseRun[] = []
    const work = (id: string, count: number) => {
      if (count > 0) runs.push({ stitch: id, count, yarn: null })
    }
    if (i === 0) {
      work(stitch, makes)
      return { text: `${makes} ${abbr} in magic ring`, runs, from: null }
    }
    const gaps = marks.map(({ place }, n) => place - (n === 0 ? 0 : marks[n - 1]!.place + 1))
    for (const gap of gaps) {
      work(stitch, gap)
      work(inc, 1)
    }
    const rest = uses - 1 - (marks.at(-1)?.place ?? -1)
    work(stitch, rest)
    return { text: growing(gaps, rest, abbr, way), runs, from: null }
  })
}

function growing(
  gaps: readonly number[],
  rest: number,
  abbr: string,
  way: 'around' | 'across',
): string {
  const [first = 0] = gaps
  const plain = (n: number) => (n > 0 ? [`${abbr} in next ${counted(n, 'st')}`] : [])
  const alike = rest === 0 && gaps.every((gap) => gap === first)
  if (gaps.length === 0) return `${abbr} in each st ${way}`
  if (alike && first === 0) return `inc in each st ${way}`
  if (alike) return `*${plain(first).join('')}, inc in next st; rep from * ${way}`
  return [...gaps.flatMap((gap) => [...plain(gap), 'inc in next st']), ...plain(rest)].join(', ')
}
