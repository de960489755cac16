import { eachBlock, type Ledger, type Piece } from '../ledger/index.ts'
import { sides } from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'

/** A stretch of one yarn in a row: places from the edge at which its right side begins, half-open; and stitches of the row before its first and up to its last. */
export interface Stretch {
  readonly from: number
  readonly to: number
  readonly before: number
  readonly through: number
}

/** The stretches of a yarn in a row, in the order they are worked. */
export function stretchesOf(ledger: Ledger, piece: Piece, row: number, yarn: number): Stretch[] {
  const { runYarn, runCount, runStitch } = piece.columns
  const worked: { before: number; through: number }[] = []
  let total = 0
  eachBlock(piece, row, (from, to, times) => {
    for (let n = 0; n < times; n++)
      for (let run = from; run < to; run++) {
        const before = total
        total += runCount[run]! * stitchById(ledger.stitches[runStitch[run]!]!).makes
        if (runYarn[run] !== yarn || total === before) continue
        const last = worked.at(-1)
        if (last?.through === before) last.through = total
        else worked.push({ before, through: total })
      }
  })
  const back = isBack(piece, row)
  return worked.map((one) => ({
    ...one,
    from: back ? total - one.through : one.before,
    to: back ? total - one.before : one.through,
  }))
}
const isBack = ({ columns }: Piece, row: number): boolean => sides[columns.side[row]!] === 'WS'

/** A bobbin goes on into a stretch that lies over its own, or beside it by a stitch. */
const REACH = 1
const meets = (one: Stretch, other: Stretch): boolean =>
  one.from <= other.to + REACH && other.from <= one.to + REACH

/**
 * Which stretches of a row are worked on by the bobbins of the row below: each hangs at the end of its stretch, where the row that is turned
 * comes from, and goes on into one stretch at most, the first it meets on the way that row is worked. What has none is joined, what goes on into
 * none is cut.
 * @param below, here in any order
 */
export function goingOn(
  piece: Piece,
  row: number,
  below: readonly Stretch[],
  here: readonly Stretch[],
): { readonly joined: readonly Stretch[]; readonly cut: readonly Stretch[] } {
  const back = isBack(piece, row)
  const onTheWay = (list: readonly Stretch[]) =>
    [...list].sort((a, b) => (back ? b.to - a.to : a.from - b.from))
  const isPassed = (one: Stretch, by: Stretch) => (back ? one.from > by.to : one.to < by.from)
  const old = onTheWay(below)
  const joined: Stretch[] = []
  const cut: Stretch[] = []
  let next = 0
  for (const stretch of onTheWay(here)) {
    while (next < old.length && !meets(old[next]!, stretch) && isPassed(old[next]!, stretch))
      cut.push(old[next++]!)
    if (next < old.length && meets(old[next]!, stretch)) next++
    else joined.push(stretch)
  }
  return { joined, cut: [...cut, ...old.slice(next)] }
}
