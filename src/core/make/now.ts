import { type Ledger, type Piece, yarnAt } from '../ledger/index.ts'
import { lyingIn, type YarnPaths } from '../paths/index.ts'
import { type RowStep, type RowSteps, stepAt } from './row-steps.ts'

/* What is to be known at the stitch one is at: the next change of yarn, and what each yarn is doing. */

/** The next change of yarn: after so many strokes from here, in this row or at its end. */
export interface NextChange {
  readonly strokes: number
  readonly yarn: string
  /** It comes with the first stitch of the next row. */
  readonly atEnd: boolean
}

/** The next change after a place in a row; null where the row goes on in one yarn and the next does too. */
export function maybeNextChange(
  ledger: Ledger,
  piece: Piece,
  row: number,
  steps: RowSteps,
  done: number,
): NextChange | null {
  const at = stepAt(steps, done)
  const inHand = steps.steps[at]?.yarn ?? lastYarn(steps)
  const next = steps.steps.find(({ strokes, yarn }, i) => i > at && strokes > 0 && yarn !== inHand)
  if (next) return { strokes: next.from - done, yarn: next.yarn, atEnd: false }
  if (row + 1 >= piece.rows) return null
  const first = ledger.yarns[yarnAt(piece, row + 1, 'first')]!
  return first === inHand ? null : { strokes: steps.strokes - done, yarn: first, atEnd: true }
}

const lastYarn = ({ steps }: RowSteps): string | null =>
  steps.findLast(({ strokes }) => strokes > 0)?.yarn ?? null

/** What a yarn is doing: worked; inside the stitches, or loosely behind them; on a bobbin; up at the join or the edge; its loop on a marker; cut; or not joined yet. */
export const yarnStates = [
  'works',
  'inside',
  'behind',
  'bobbin',
  'waits',
  'parked',
  'cut',
  'to come',
] as const
export type YarnState = (typeof yarnStates)[number]

export interface YarnNow {
  readonly letter: string
  readonly is: YarnState
  /** Of one that is to come, the row it is joined in. */
  readonly row: number | null
}

const within = { carried: 'inside', floated: 'behind', bobbin: 'bobbin', snipped: 'cut' } as const
const between: Readonly<Record<YarnPaths['ways'][number]['spans'][number]['how'], YarnState>> = {
  ...{ carried: 'inside', floated: 'behind', trailed: 'waits', waiting: 'waits' },
  ...{ parked: 'parked', cut: 'cut', worked: 'inside' },
} as const

/** What every yarn of a piece is doing at a place; what is not used in it is left out. */
export function yarnsNow(
  ledger: Ledger,
  piece: Piece,
  paths: YarnPaths,
  at: { readonly row: number; readonly steps: RowSteps; readonly done: number },
): YarnNow[] {
  const lies = lyingIn(ledger, piece, at.row)
  const inHand = at.steps.steps[stepAt(at.steps, at.done)]?.yarn ?? lastYarn(at.steps)
  const used = new Set(at.steps.steps.map(({ yarn }) => yarn))
  return ledger.yarns.flatMap((letter, yarn): YarnNow[] => {
    const way = paths.ways[yarn]
    if (!way || way.spans.length === 0) return []
    const is = stateOf(letter)
    return [{ letter, is, row: is === 'to come' ? joinedNext(yarn) : null }]
  })

  function stateOf(letter: string): YarnState {
    if (letter === inHand) return 'works'
    const { spans, events } = paths.ways[ledger.yarns.indexOf(letter)]!
    const left = events.filter(
      ({ row, edge, stitch }) =>
        row < at.row || (row === at.row && edge !== 'end' && stitch <= leftNow()),
    )
    const last = left.at(-1)
    if (!last) return 'to come'
    if (last.what === 'cut') return events.length > left.length ? 'to come' : 'cut'
    if (used.has(letter)) {
      const how = (Object.keys(within) as (keyof typeof within)[]).find((one) =>
        lies[one].includes(letter),
      )
      return how ? within[how] : 'inside'
    }
    const span = spans.find(({ from, to }) => from <= at.row && at.row < to)
    return span ? between[span.how] : 'cut'
  }
  function joinedNext(yarn: number): number | null {
    return (
      paths.ways[yarn]!.events.find(({ row, what }) => what === 'joined' && row >= at.row)?.row ??
      null
    )
  }
  function leftNow(): number {
    const step = at.steps.steps[stepAt(at.steps, at.done)]
    return step ? step.left : at.steps.leaves
  }
}

/** Runs of the repeat one is in, or those about the place where nothing repeats: as many as are shown. */
export function stepsAround(steps: RowSteps, done: number, most: number): readonly RowStep[] {
  const { repeats } = steps
  const end = repeats.find((one) => one > done) ?? repeats.at(-1)
  const start = end === undefined ? 0 : (repeats.findLast((one) => one < end) ?? 0)
  const inRepeat =
    end === undefined
      ? steps.steps
      : steps.steps.filter(
          (one) => one.from < end && (one.from + one.strokes > start || one.from >= start),
        )
  if (inRepeat.length <= most) return inRepeat
  const at = inRepeat.indexOf(steps.steps[stepAt(steps, done)] ?? inRepeat.at(-1)!)
  const first = Math.max(0, Math.min(at - Math.floor(most / 3), inRepeat.length - most))
  return inRepeat.slice(first, first + most)
}

/** Which repeat of how many one is in, from 1; null where nothing repeats. */
export function repeatAt({ repeats }: RowSteps, done: number): readonly [number, number] | null {
  if (repeats.length === 0) return null
  const at = repeats.findIndex((end) => end > done)
  return [at < 0 ? repeats.length : at + 1, repeats.length]
}
