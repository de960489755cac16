import type { Compiled } from '../ledger/index.ts'
import { eachBlock, type Ledger, type Piece } from '../ledger/index.ts'
import { stitchById } from '../stitch/index.ts'

/*
 * How long the work takes. A single crochet takes about 3 seconds, a stitch that takes more yarn as much longer; an end 2 minutes to weave in, a change of
 * yarn within a row 4 seconds (from memory; hands differ by a third and more).
 */
const SECONDS_A_STITCH = 3
const SECONDS_AN_END = 120
export const SECONDS_A_CHANGE = 4
export const SPREAD = 1 / 3

/** About how long one stitch takes; a place that is passed over takes no time. */
export const secondsOf = (stitch: string): number =>
  stitch === 'skip' ? 0 : SECONDS_A_STITCH * Math.max(0.5, stitchById(stitch).yarn)

/** About how long the stitches of rows of a piece take, changes of yarn aside. */
export function stitchSeconds(ledger: Ledger, piece: Piece, from: number, to: number): number {
  const { runStitch, runCount } = piece.columns
  const each = ledger.stitches.map(secondsOf)
  let sum = 0
  for (let row = from; row < to; row++)
    eachBlock(piece, row, (first, end, times) => {
      for (let i = first; i < end; i++) sum += times * runCount[i]! * each[runStitch[i]!]!
    })
  return sum
}

/** Hours of work, at the least and at the most. */
export function hoursOf(
  { ledger }: Pick<Compiled, 'ledger'>,
  { ends, changes }: { readonly ends: number; readonly changes: number },
): readonly [low: number, high: number] {
  const work = ledger.pieces.reduce(
    (sum, piece) => sum + piece.times * stitchSeconds(ledger, piece, 0, piece.rows),
    0,
  )
  const hours = (work + ends * SECONDS_AN_END + changes * SECONDS_A_CHANGE) / 3600
  return [hours * (1 - SPREAD), hours * (1 + SPREAD)]
}

/** "11–20 hours", "about 40 minutes". */
export function hoursWords([low, high]: readonly [number, number]): string {
  if (high <= 0) return 'nothing'
  if (high < 1) return `about ${Math.max(5, 5 * Math.round((low + high) * 6))} minutes`
  const whole = (hours: number) => Math.max(1, Math.round(hours))
  return whole(low) === whole(high)
    ? `${whole(high)} ${whole(high) === 1 ? 'hour' : 'hours'}`
    : `${whole(low)}–${whole(high)} hours`
}
