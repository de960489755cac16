import type { Compiled } from '../ledger/index.ts'
import { eachBlock } from '../ledger/index.ts'
import { stitchById } from '../stitch/index.ts'

/*
 * How long the work takes. A single crochet takes about 3 seconds, a stitch that takes more yarn as much longer; an end 2 minutes to weave in, a change of
 * yarn within a row 4 seconds (from memory; hands differ by a third and more).
 */
const SECONDS_A_STITCH = 3
const SECONDS_AN_END = 120
const SECONDS_A_CHANGE = 4
const SPREAD = 1 / 3

/** Hours of work, at the least and at the most. */
export function hoursOf(
  { ledger }: Pick<Compiled, 'ledger'>,
  { ends, changes }: { readonly ends: number; readonly changes: number },
): readonly [low: number, high: number] {
  let work = 0
  const cost = ledger.stitches.map((id) => Math.max(0.5, stitchById(id).yarn))
  for (const piece of ledger.pieces) {
    const { runStitch, runCount } = piece.columns
    let own = 0
    for (let row = 0; row < piece.rows; row++)
      eachBlock(piece, row, (from, to, times) => {
        for (let i = from; i < to; i++) own += times * runCount[i]! * cost[runStitch[i]!]!
      })
    work += own * piece.times
  }
  const seconds = work * SECONDS_A_STITCH + ends * SECONDS_AN_END + changes * SECONDS_A_CHANGE
  const hours = seconds / 3600
  return [hours * (1 - SPREAD), hours * (1 + SPREAD)]
}

/** "11–20 hours". */
export function hoursWords([low, high]: readonly [number, number]): string {
  const whole = (hours: number) => Math.max(1, Math.round(hours))
  return whole(low) === whole(high)
    ? `${whole(high)} ${whole(high) === 1 ? 'hour' : 'hours'}`
    : `${whole(low)}–${whole(high)} hours`
}
