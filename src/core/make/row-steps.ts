import { eachBlock, type Ledger, partOfRow, type Piece, type RunHow } from '../ledger/index.ts'
import type { StepRecord } from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'

/*
 * A row, run by run, as the hands work it. Where one is in it is said in strokes: stitches worked, each chain one of them; a place passed
 * over is none. What is left for the next row is counted beside them.
 */

/** So many of one stitch in one yarn, one after the other. */
export interface RowStep {
  readonly stitch: string
  readonly yarn: string
  readonly how: RunHow
  /** As many as are said: "3 sc", "sk 2". */
  readonly count: number
  /** Strokes it takes, and strokes of the row before it. */
  readonly strokes: number
  readonly from: number
  /** Places it leaves, all together, and places of the row before it. */
  readonly leaves: number
  readonly left: number
}

/** A row as it is worked. */
export interface RowSteps {
  readonly steps: readonly RowStep[]
  readonly strokes: number
  readonly leaves: number
  /** Strokes after which a repeat is done, the last after the whole row; none where nothing repeats. */
  readonly repeats: readonly number[]
}

/** Places a run leaves for the next row. */
export function leavesOf(stitch: string, how: RunHow, count: number): number {
  if (how.do === 'pass' || (how.do === 'work' && how.closes)) return 0
  if (how.do === 'chain') return { over: count, loop: 1, off: 0 }[how.stands]
  return stitchById(stitch).makes * count
}

/** Places that noted work leaves. */
export const leftBy = (work: readonly StepRecord[]): number =>
  work.reduce((sum, step) => {
    if (step.do === 'group') return sum + step.times * leftBy(step.steps)
    if (step.do === 'cells') return sum + leavesOf(step.stitch, WORKED, step.letters.length)
    if (step.do === 'pass' || (step.do === 'work' && step.closes)) return sum
    if (step.do === 'chain') return sum + leavesOf('ch', step, step.times)
    return sum + leavesOf(step.stitch, WORKED, step.times)
  }, 0)
const WORKED = { do: 'work' } as const

/** A row of a piece, run by run. */
export function stepsOf(ledger: Ledger, piece: Piece, row: number): RowSteps {
  const { runStitch, runYarn, runCount, runHow } = piece.columns
  const steps: RowStep[] = []
  const blockEnds: number[] = []
  let [strokes, left, most] = [0, 0, 1]
  eachBlock(piece, row, (from, to, times) => {
    most = Math.max(most, times)
    for (let n = 0; n < times; n++) {
      for (let i = from; i < to; i++) {
        const [stitch, how] = [ledger.stitches[runStitch[i]!]!, ledger.hows[runHow[i]!]!]
        const count = runCount[i]!
        const step: RowStep = {
          ...{ stitch, how, count, yarn: ledger.yarns[runYarn[i]!]! },
          ...{ strokes: how.do === 'pass' || stitch === 'skip' ? 0 : count, from: strokes },
          ...{ leaves: leavesOf(stitch, how, count), left },
        }
        strokes += step.strokes
        left += step.leaves
        steps.push(step)
      }
      if (times > 1) blockEnds.push(strokes)
    }
  })
  const repeats = chartRepeats(steps, partOfRow(piece, row).repeat, strokes) ?? blockEnds
  return {
    ...{ steps, strokes, leaves: left },
    repeats: repeats.length > 1 ? withEnd(repeats, strokes) : [],
  }
}

const withEnd = (repeats: readonly number[], strokes: number): readonly number[] =>
  repeats.at(-1) === strokes ? repeats : [...repeats.slice(0, -1), strokes]

/** Where repeats of a chart end, in a row whose strokes are its places one by one; null where they are not, or it has none. */
function chartRepeats(
  steps: readonly RowStep[],
  repeat: number | null,
  strokes: number,
): number[] | null {
  if (repeat === null || steps.some(({ strokes: own, leaves }) => own !== leaves)) return null
  const many = Math.floor(strokes / repeat)
  return Array.from({ length: many }, (_, i) => (i + 1) * repeat)
}

/** The run that is being worked when so many strokes are done: its index; as many as there are at the end. */
export function stepAt({ steps }: RowSteps, done: number): number {
  const at = steps.findIndex(({ from, strokes }) => strokes > 0 && done < from + strokes)
  return at < 0 ? steps.length : at
}

/** Places of the row that are there when so many strokes are done. */
export function leftAt(row: RowSteps, done: number): number {
  const step = row.steps[stepAt(row, done)]
  if (!step) return row.leaves
  const share = step.leaves / step.strokes
  return step.left + Math.floor((done - step.from) * share)
}

/** How far one goes at a time. */
export const strides = ['stitch', 'run', 'repeat', 'row'] as const
export type Stride = (typeof strides)[number]

/** Strokes done after one stride more: never beyond the row. A row in which nothing repeats is one repeat. */
export function strokesAfter(row: RowSteps, done: number, by: Stride): number {
  const { steps, strokes, repeats } = row
  if (by === 'row' || done >= strokes) return strokes
  if (by === 'stitch') return done + 1
  if (by === 'repeat') return repeats.find((end) => end > done) ?? strokes
  const step = steps[stepAt(row, done)]!
  return step.from + step.strokes
}

/** Strokes done before the last stride: never below none. */
export function strokesBefore(row: RowSteps, done: number, by: Stride): number {
  if (by === 'row' || done <= 0) return 0
  if (by === 'stitch') return done - 1
  if (by === 'repeat') return row.repeats.findLast((end) => end < done) ?? 0
  return row.steps.findLast(({ from, strokes }) => strokes > 0 && from < done)!.from
}
