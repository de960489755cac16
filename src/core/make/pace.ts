import type { Ledger } from '../ledger/index.ts'
import type { StepRecord } from '../program/index.ts'
import { type LogEntry, madeIn, type MadeRow } from '../project/index.ts'
import { stitchById } from '../stitch/index.ts'
import { secondsOf, SECONDS_A_CHANGE, SPREAD, stitchSeconds } from './time.ts'
import { worksOf } from './work-on.ts'

/*
 * How fast she works, by the rows she was timed in. Her pace is a share of the usual time: before anything is known it is 1, give or take a third; each timed row
 * tells a little (Bayes' rule for normal errors, rows off by what they were seen to be).
 */

/** What her rows took, by what they would usually take. */
export interface Pace {
  /** Her time by the usual; what nine in ten rows' worth of it lie between. */
  readonly share: number
  readonly low: number
  readonly high: number
  /** Rows that were timed. */
  readonly rows: number
  /** Seconds of 100 stitches of each kind, where rows were timed that are mostly of it. */
  readonly of100: readonly {
    readonly stitch: string
    readonly seconds: number
    readonly rows: number
  }[]
}

/** Nine in ten of normal errors lie within so many standard deviations. */
const NINE_IN_TEN = 1.645
/** One row is off by at least so much (from memory). */
const ROW_SD = 0.15
/** What is to come is off what was by so much: hands settle, or tire (from memory). */
const DRIFT = 0.04
/** Of a row that is counted for one stitch so much is of it. */
const MOSTLY = 0.8

/** Stitches of a row by kind, and its changes of yarn. */
function strokesOf(work: readonly StepRecord[]) {
  const kinds = new Map<string, number>()
  let [changes, yarn] = [0, null as string | null]
  const add = (stitch: string, times: number, letters: string) => {
    const of = stitchById(stitch).of
    kinds.set(of, (kinds.get(of) ?? 0) + times)
    for (const letter of letters) {
      if (yarn !== null && letter !== yarn) changes++
      yarn = letter
    }
  }
  const walk = (steps: readonly StepRecord[], times: number) => {
    for (const step of steps) {
      if (step.do === 'group') {
        const before = changes
        walk(step.steps, times * step.times)
        changes += (changes - before) * (step.times - 1)
      } else if (step.do === 'work') add(step.stitch, step.times * times, step.yarn)
      else if (step.do === 'cells') add(step.stitch, step.letters.length * times, step.letters)
      else if (step.do === 'chain') add('ch', step.times * times, step.yarn)
    }
  }
  walk(work, 1)
  return { kinds, changes }
}

/** About how long a row takes as it was noted. */
export function usualSeconds({ work }: Pick<MadeRow, 'work'>): number {
  const { kinds, changes } = strokesOf(work)
  let sum = changes * SECONDS_A_CHANGE
  for (const [stitch, count] of kinds) sum += count * secondsOf(stitch)
  return sum
}

/** What is taken for her pace before this bag has told it: the usual, or what earlier bags taught, which is surer. */
const USUAL = { share: 1, sd: SPREAD }
const LEARNED_SD = 0.15

/** Her pace by the rows of a log that were timed. @param learned her time by the usual, of earlier bags; null where none is known */
export function paceOf(log: readonly LogEntry[], learned: number | null = null): Pace {
  const timed = madeIn(log).filter(({ seconds = 0 }) => seconds > 0)
  const shares = timed.map((row) => row.seconds! / Math.max(1, usualSeconds(row)))
  const mean = shares.reduce((sum, share) => sum + share, 0) / Math.max(1, shares.length)
  const seen =
    shares.length > 1
      ? shares.reduce((sum, share) => sum + (share - mean) ** 2, 0) / (shares.length - 1)
      : 0
  const rowVar = Math.max(ROW_SD ** 2, seen)
  const weight = shares.length / rowVar
  const before = learned === null ? USUAL : { share: learned, sd: LEARNED_SD * learned }
  const prior = 1 / before.sd ** 2
  const share = (prior * before.share + weight * mean) / (prior + weight)
  const by = NINE_IN_TEN * Math.hypot(Math.sqrt(1 / (prior + weight)), DRIFT)
  return {
    ...{ share, low: Math.max(0.1, share - by), high: share + by, rows: timed.length },
    of100: byKind(timed),
  }
}

function byKind(timed: readonly MadeRow[]): Pace['of100'] {
  const sums = new Map<string, { seconds: number; stitches: number; rows: number }>()
  for (const row of timed) {
    const { kinds } = strokesOf(row.work)
    const all = [...kinds.values()].reduce((sum, count) => sum + count, 0)
    const [stitch, count] = [...kinds].reduce((a, b) => (b[1] > a[1] ? b : a), ['', 0])
    if (count < MOSTLY * all) continue
    const { seconds, stitches, rows } = sums.get(stitch) ?? { seconds: 0, stitches: 0, rows: 0 }
    sums.set(stitch, {
      seconds: seconds + row.seconds!,
      stitches: stitches + all,
      rows: rows + 1,
    })
  }
  return [...sums].map(([stitch, { seconds, stitches, rows }]) => ({
    ...{ stitch, rows },
    seconds: (100 * seconds) / stitches,
  }))
}

/** Hours that what is not made yet takes at her pace, at the least and at the most; ends and sewing aside. */
export function hoursLeft(
  ledger: Ledger,
  log: readonly LogEntry[],
  { low, high }: Pick<Pace, 'low' | 'high'>,
): readonly [low: number, high: number] {
  const seconds = worksOf(ledger, log).reduce(
    (sum, { piece, made }) => sum + stitchSeconds(ledger, piece, made, piece.rows),
    0,
  )
  return [(seconds * low) / 3600, (seconds * high) / 3600]
}

/** Hands are rested after so many minutes of work (common practice). */
export const REST_MINUTES = 45
