import type { Ledger } from '../ledger/index.ts'
import { type LogEntry, madeIn, type Measure, weighedIn } from '../project/index.ts'
import { maybeRowOf } from '../yarn/index.ts'
import { usualSeconds } from './pace.ts'
import { leftBy } from './row-steps.ts'

/* The log as series of figures: how far, how fast, and how far off what was measured is. Moments are milliseconds. */

export interface Point {
  readonly x: number
  readonly y: number
}

/** Stitches made, all together, at each moment a row was done. What was ripped goes down again. */
export function progressSeries(log: readonly LogEntry[]): Point[] {
  const points: Point[] = []
  log.forEach((entry, i) => {
    if ((entry.kind !== 'made' && entry.kind !== 'ripped') || !entry.at) return
    const last = points.at(-1)?.y ?? 0
    const y =
      entry.kind === 'made'
        ? last + leftBy(entry.work)
        : madeIn(log.slice(0, i + 1)).reduce((sum, { work }) => sum + leftBy(work), 0)
    points.push({ x: Date.parse(entry.at), y })
  })
  return points
}

/** Her time by the usual, for each timed row in the order they were made: 1 is the usual. */
export const paceSeries = (log: readonly LogEntry[]): Point[] =>
  madeIn(log)
    .filter(({ seconds = 0 }) => seconds > 0)
    .map((row, i) => ({ x: i + 1, y: row.seconds! / Math.max(1, usualSeconds(row)) }))

/** How far what was measured is off, as a share: 0 is as planned. By the printed number of the row. */
export const driftSeries = (
  ledger: Ledger,
  log: readonly LogEntry[],
): (Point & { readonly what: Measure })[] =>
  log.flatMap((entry) => {
    if (entry.kind !== 'measured' || entry.what === 'loaded') return []
    const at = numberOf(ledger, entry.piece, entry.row)
    return at === null ? [] : [{ x: at, y: entry.mm / entry.plannedMm - 1, what: entry.what }]
  })

const numberOf = ({ pieces }: Ledger, id: string, row: string | null): number | null => {
  const piece = pieces.find((one) => one.id === id)
  const at = piece && row !== null ? maybeRowOf(piece, row) : null
  return at === null || !piece ? null : piece.columns.number[at]!
}

/** Grams of a yarn that were left at each weighing, by the printed number of its row. */
export const weighedSeries = (ledger: Ledger, log: readonly LogEntry[], letter: string): Point[] =>
  weighedIn(log)
    .filter(({ yarn }) => yarn === letter)
    .flatMap(({ piece, row, grams }) => {
      const x = numberOf(ledger, piece, row)
      return x === null ? [] : [{ x, y: grams }]
    })
