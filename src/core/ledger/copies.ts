import type { Design } from '../design/index.ts'
import { programOfRecord } from '../program/index.ts'
import type { MadeRow } from '../project/index.ts'
import type { LedgerTables } from './builder.ts'
import type { Piece, PieceColumns } from './ledger.ts'
import { type Begun, type Made, pieceOf, type PieceOptions } from './pieces.ts'

/** What is made of each copy, one after the other: the same work is the same program, which is laid and stored once. */
function madeOfCopies(rows: readonly MadeRow[], piece: string): ReadonlyMap<number, Made[]> {
  const programs = new Map<string, Made['program']>()
  const copies = new Map<number, Made[]>()
  for (const record of rows) {
    if (record.piece !== piece) continue
    const key = JSON.stringify(record.work)
    const program = programs.get(key) ?? programOfRecord(record)
    programs.set(key, program)
    copies.set(record.copy, [...(copies.get(record.copy) ?? []), { record, program }])
  }
  return copies
}

/** What tells copies apart: what is made of them. */
const keyOf = (made: readonly Made[]): string =>
  JSON.stringify(made.map(({ record }) => ({ ...record, copy: 0, at: null, seconds: 0 })))

const sameRows = (a: Piece, b: Piece): boolean =>
  (Object.keys(a.columns) as (keyof PieceColumns)[]).every((name) => {
    const [one, other] = [a.columns[name], b.columns[name]]
    return one.length === other.length && one.every((value, i) => value === other[i])
  })

const inTimes = (piece: Piece, copies: readonly number[]): Piece => ({
  ...piece,
  copies,
  times: copies.length,
})

/** A piece as its copies are: those that come out the same are one, so many times. */
export function inCopies(
  design: Design,
  begun: Begun,
  tables: LedgerTables,
  {
    made,
    ...options
  }: Pick<PieceOptions, 'hand' | 'pieceBy'> & { readonly made: readonly MadeRow[] },
): Piece[] {
  const { id, times } = begun.shape
  const copies = madeOfCopies(made, id)
  // A copy that was made is there, also where fewer are wanted now.
  const many = Math.max(times, ...copies.keys())
  const known = new Map<string, Piece>()
  const pieces: Piece[] = []
  for (let copy = 1; copy <= (copies.size > 0 ? many : 1); copy++) {
    const done = copies.get(copy) ?? []
    const key = keyOf(done)
    const piece = known.get(key) ?? pieceOf(design, begun, tables, { ...options, made: done })
    known.set(key, piece)
    const at = pieces.findIndex((one) => sameRows(one, piece))
    if (at >= 0) pieces[at] = inTimes(pieces[at]!, [...pieces[at]!.copies, copy])
    else pieces.push({ ...inTimes(piece, [copy]), copy })
  }
  const all = Array.from({ length: times }, (_, i) => i + 1)
  if (copies.size === 0) return [inTimes(pieces[0]!, all)]
  return pieces.length === 1
    ? pieces
    : pieces.map((piece) => ({ ...piece, name: `${piece.name}, ${piece.copy}` }))
}
