import { maybeRowOf } from '@core/yarn'
import { afterRowOf, type WorkOn } from '@core/make'
import { isOfCopy, type LogEntry } from '@core/project'

/** The last row of a copy whose count was found right, by its index; −1 where none was. What was ripped since counts no more. */
export function goodRowOf(log: readonly LogEntry[], { piece, copy, made }: WorkOn): number {
  let good = -1
  for (const entry of log) {
    if (entry.kind !== 'counted' || entry.row === null || !isOfCopy(entry, piece.id, copy)) continue
    if (entry.then !== 'right' && entry.then !== 'plan follows' && entry.then !== 'next row')
      continue
    const row = maybeRowOf(piece, entry.row)
    if (row !== null && row < made) good = Math.max(good, row)
  }
  return good
}

/** A log with only so many rows of a copy made. */
export const madeUpTo = (
  log: readonly LogEntry[],
  on: WorkOn,
  rows: number,
): readonly LogEntry[] => [
  ...log,
  { kind: 'ripped', how: 'noted too early', ...afterRowOf(on, rows), stitches: 0 },
]
