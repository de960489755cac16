import { stitchById } from '../stitch/index.ts'
import type { Ledger, Piece } from './ledger.ts'

/**
 * The yarn of each place a row leaves, as seen on the right side: index 0 is the left end.
 * @returns one index into `ledger.yarns` a place, `makes` of them
 */
export function placeColours(
  ledger: Ledger,
  piece: Piece,
  row: number,
  hand: 'right' | 'left' = 'right',
): Uint8Array {
  const { runStart, runStitch, runYarn, runCount, makes } = piece.columns
  const colours = new Uint8Array(makes[row]!)
  let at = 0
  for (let i = runStart[row]!; i < runStart[row + 1]!; i++) {
    const places = runCount[i]! * stitchById(ledger.stitches[runStitch[i]!]!).makes
    colours.fill(runYarn[i]!, at, at + places)
    at += places
  }
  return hand === 'right' ? colours.reverse() : colours
}
