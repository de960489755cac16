import type { Ledger, Piece } from '../ledger/index.ts'
import { idOfRow } from '../ledger/index.ts'
import { isOfCopy, type LogEntry, madeIn } from '../project/index.ts'

/*
 * What there is to work: every copy of every piece, how far each is made, and where the hook is. A row is the next of its copy when all
 * before it are made.
 */

/** One copy of a piece, and how many of its rows are made. */
export interface WorkOn {
  readonly piece: Piece
  readonly copy: number
  /** "Strap 2 of 2". */
  readonly called: string
  readonly made: number
}

/** Where the hook is: so many stitches of a row of a copy are worked. */
export interface Place {
  readonly piece: string
  readonly copy: number
  /** Index of the row being worked; as many as there are where all are made. */
  readonly row: number
  readonly stitches: number
}

/** What a piece is called among its copies. */
const calledAmong = (piece: Piece, copy: number, copies: number): string =>
  copies === 1 ? piece.name : `${piece.name.replace(/, \d+$/, '')} ${copy} of ${copies}`

/** Every copy of every piece, in working order. */
export function worksOf(ledger: Ledger, log: readonly LogEntry[]): WorkOn[] {
  const made = new Map<string, string[]>()
  for (const { piece, copy, row } of madeIn(log)) {
    const key = `${piece} ${copy}`
    if (!made.get(key)?.push(row)) made.set(key, [row])
  }
  const many = (id: string) =>
    ledger.pieces.reduce((sum, one) => sum + (one.id === id ? one.times : 0), 0)
  return ledger.pieces
    .flatMap((piece, at) =>
      piece.copies.map((copy) => ({ piece, copy, at: firstOf(ledger, piece, at) })),
    )
    .sort((a, b) => a.at - b.at || a.copy - b.copy)
    .map(({ piece, copy }) => ({
      ...{ piece, copy, called: calledAmong(piece, copy, many(piece.id)) },
      made: madeOf(piece, made.get(`${piece.id} ${copy}`) ?? []),
    }))
}
/** Rows made are those of the piece, in order: what the ledger did not take of them is not made. */
function madeOf(piece: Piece, ids: readonly string[]): number {
  let made = 0
  while (made < piece.rows && made < ids.length && ids[made] === idOfRow(piece, made)) made++
  return made
}
/** Copies that differ stand where the first of them does. */
const firstOf = ({ pieces }: Ledger, { id }: Piece, at: number): number =>
  Math.min(
    at,
    pieces.findIndex((one) => one.id === id),
  )

/** So many stitches of the next row of a copy are worked, as the log has it: where it was paused or ripped back to. */
export function stitchesBegun(log: readonly LogEntry[], { piece, copy, made }: WorkOn): number {
  const last = made === 0 ? null : made <= piece.rows ? idOfRow(piece, made - 1) : undefined
  const entry = log.findLast(
    (one) =>
      'copy' in one &&
      ['made', 'ripped', 'paused'].includes(one.kind) &&
      isOfCopy(one, piece.id, copy),
  )
  if (!entry || (entry.kind !== 'paused' && entry.kind !== 'ripped')) return 0
  return entry.row === last ? entry.stitches : 0
}

/** Where the hook was last, as the log has it: the copy that was worked last, or the first there is. */
export function placeIn(ledger: Ledger, log: readonly LogEntry[]): Place {
  const works = worksOf(ledger, log)
  const last = log.findLast(
    ({ kind }) => kind === 'made' || kind === 'ripped' || kind === 'paused',
  ) as { readonly piece: string; readonly copy: number } | undefined
  const was = last && works.find(({ piece, copy }) => isOfCopy(last, piece.id, copy))
  const isOpen = ({ made, piece }: WorkOn) => made < piece.rows
  // When a copy is finished the next that is not is taken up.
  const on = was && isOpen(was) ? was : (works.find(isOpen) ?? was ?? works[0]!)
  return placeOn(log, on)
}

/** The place in a copy where work goes on. */
export const placeOn = (log: readonly LogEntry[], on: WorkOn): Place => ({
  ...{ piece: on.piece.id, copy: on.copy, row: on.made },
  stitches: stitchesBegun(log, on),
})

/** The copy a place is in; null where it is not there any more. */
export const maybeWorkAt = (
  works: readonly WorkOn[],
  { piece, copy }: Pick<Place, 'piece' | 'copy'>,
): WorkOn | null => works.find((one) => one.piece.id === piece && one.copy === copy) ?? null

/** What an entry after the row before a place says of where it is. */
export const afterRowOf = ({ piece, copy }: WorkOn, row: number) => ({
  ...{ piece: piece.id, copy },
  row: row === 0 ? null : idOfRow(piece, Math.min(row, piece.rows) - 1),
})
