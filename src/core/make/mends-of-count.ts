import { type Ledger, type Piece, rowMade } from '../ledger/index.ts'
import type { YarnPaths } from '../paths/index.ts'
import type { CellsRecord, StepRecord, StretchRecord, WorkRecord } from '../program/index.ts'
import type { CountEnd, MadeRow } from '../project/index.ts'
import { isStitchId, severalFor, stitchById } from '../stitch/index.ts'
import { TAIL_METRES } from '../yarn/index.ts'
import type { CountTaken } from './counts.ts'
import { stitchSeconds } from './time.ts'

/* What can be done about a count that differs, and what each costs. */

/** One thing to do, with what it costs: work that is done again, in seconds at the usual pace, and yarn that is lost to ends, in metres. */
export interface CountMend {
  readonly then: Exclude<CountEnd, 'right'>
  /** Of what is ripped: the last row that stays, by its index; −1 where none does. */
  readonly lastRow: number | null
  readonly rows: number
  readonly seconds: number
  readonly tailMetres: number
}

/** So few are made up for where nobody sees it: two, or two in a hundred. */
const HIDDEN_SHARE = 0.02
const fewFor = (count: number): number => Math.max(2, Math.floor(HIDDEN_SHARE * count))

/** What can be done about a count, the cheapest first. */
export function countMends(taken: CountTaken, paths: YarnPaths): CountMend[] {
  const { ledger, piece, row, counted, goodRow } = taken
  const planned = piece.columns.makes[row]!
  const free = { lastRow: null, rows: 0, seconds: 0, tailMetres: 0 }
  const rip = (lastRow: number): CountMend => ({
    ...{ then: 'ripped', lastRow },
    ...ripCost(ledger, piece, paths, lastRow + 1, row + 1),
  })
  const hides = Math.abs(counted - planned) <= fewFor(planned) && row + 1 < piece.rows
  return [
    ...(hides ? [{ ...free, then: 'next row' } as const] : []),
    rip(row - 1),
    ...(goodRow < row - 1 ? [rip(Math.max(-1, goodRow))] : []),
    ...(row + 1 < piece.rows ? [{ ...free, then: 'plan follows' } as const] : []),
    { ...free, then: 'left' },
  ]
}

/** What it costs to rip rows that are made, from one to those made: they are worked again, and ends in them are lost. */
export const ripCost = (
  ledger: Ledger,
  piece: Piece,
  paths: YarnPaths,
  stays: number,
  made: number,
): Pick<CountMend, 'rows' | 'seconds' | 'tailMetres'> => ({
  rows: Math.max(0, made - stays),
  seconds: stitchSeconds(ledger, piece, stays, Math.max(stays, made)),
  tailMetres: TAIL_METRES * endsIn(paths, stays, made - 1),
})

/** Ends that were begun or cut in rows: what is ripped there is cut anew. */
const endsIn = ({ ways }: YarnPaths, from: number, last: number): number =>
  ways.reduce(
    (sum, { events }) => sum + events.filter(({ row }) => row >= from && row < last).length,
    0,
  )

/** A row as it is noted where so many were counted: what lacks was passed over before its end, what is too many stands in its last place. */
export function rowCounted(
  ledger: Ledger,
  piece: Piece,
  row: number,
  { copy, counted }: { readonly copy: number; readonly counted: number },
): MadeRow {
  const record = rowMade(ledger, piece, row, copy)
  const off = counted - piece.columns.makes[row]!
  if (off === 0) return record
  const work = off > 0 ? withMore(record.work, off) : withLess(record.work, -off)
  return { ...record, work, unit: null }
}

const lastWork = (steps: readonly StepRecord[]): WorkRecord | CellsRecord | null => {
  for (const step of steps.toReversed()) {
    const found =
      step.do === 'group'
        ? lastWork(step.steps)
        : step.do === 'work' || step.do === 'cells'
          ? step
          : null
    if (found) return found
  }
  return null
}

function withMore(work: readonly StepRecord[], more: number): StepRecord[] {
  const last = lastWork(work)
  const yarn = last?.do === 'cells' ? last.letters.at(-1)! : (last?.yarn ?? 'A')
  const ground = stitchById(last?.stitch ?? 'sc').of
  const stitch = groundBeside(ground)
  return [...work, { do: 'work', stitch, times: more, yarn, into: { at: 'same' } }]
}
/** A stitch more in the place of the one before it. */
const groundBeside = (ground: string): string =>
  isStitchId(`${ground}-beside`) ? `${ground}-beside` : 'sc-beside'

/** Takes stitches away from the end until so many places are not left; the places they stood on are passed over. */
function withLess(work: readonly StepRecord[], less: number): StepRecord[] {
  const steps = [...work]
  let [lacks, passed] = [less, 0]
  const after: StepRecord[] = []
  while (lacks > 0 && steps.length > 0) {
    const last = steps.pop()!
    if (last.do === 'group') {
      const before: readonly StepRecord[] =
        last.times > 2 ? [{ ...last, times: last.times - 1 }] : last.times > 1 ? last.steps : []
      steps.push(...before, ...last.steps)
    } else if (last.do === 'pass') after.unshift(last)
    else {
      const { kept, leaves, uses } = withoutLast(last, lacks)
      steps.push(...kept)
      lacks -= leaves
      passed += uses
    }
  }
  return [
    ...steps,
    ...(passed > 0 ? [{ do: 'pass', times: passed, for: 'good' } as const] : []),
    ...after,
  ]
}

/** A step without its last stitch, and what that left and took: of several in one place only as many as lack. */
function withoutLast(
  step: Exclude<StretchRecord, { do: 'pass' }>,
  lacks: number,
): { readonly kept: StretchRecord[]; readonly leaves: number; readonly uses: number } {
  if (step.do === 'cells') {
    const letters = step.letters.slice(0, -1)
    const { makes, uses } = stitchById(step.stitch)
    return { kept: letters ? [{ ...step, letters }] : [], leaves: makes, uses }
  }
  const fewer = step.times > 1 ? [{ ...step, times: step.times - 1 }] : []
  if (step.do === 'chain') return { kept: fewer, leaves: step.stands === 'over' ? 1 : 0, uses: 0 }
  const { makes, uses, family, of } = stitchById(step.stitch)
  if (family !== 'increase' || makes <= lacks) return { kept: fewer, leaves: makes, uses }
  const left = makes - lacks
  const stitch = left === 1 ? of : severalFor(of, left).id
  return { kept: [...fewer, { ...step, stitch, times: 1 }], leaves: lacks, uses: 0 }
}
