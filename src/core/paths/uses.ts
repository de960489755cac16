import { eachBlock, endRuns, type Ledger, type Piece } from '../ledger/index.ts'
import { stitchById } from '../stitch/index.ts'

/** What is worked of a yarn in one row: stitches that it leaves there, and those of the row before its first and after its last. */
export interface Use {
  readonly row: number
  readonly stitches: number
  readonly before: number
  readonly after: number
  /** The longest way from one of them to the next; in a round also on around the join. */
  readonly gap: number
}

/** The yarns of one row, as they come. */
export interface RowUse {
  readonly total: number
  /** Changes of colour, the one from the row below among them. */
  readonly changes: number
  readonly uses: readonly (Use & { readonly yarn: number })[]
}

const known = new WeakMap<Piece, readonly RowUse[]>()
/** What each row of a piece has of each yarn. Kept, since whatever way the yarns are led asks for it again. */
export function usesOf(ledger: Ledger, piece: Piece): readonly RowUse[] {
  const found = known.get(piece)
  if (found) return found
  const uses: RowUse[] = []
  for (let row = 0, inHand = -1; row < piece.rows; row++) {
    uses.push(useOfRow(ledger, piece, row, inHand))
    inHand = piece.columns.runYarn[endRuns(piece, row).last]!
  }
  known.set(piece, uses)
  return uses
}

/** What one row has of each yarn; `inHand`: the yarn the row below ended in, −1 for none. */
function useOfRow(ledger: Ledger, piece: Piece, row: number, inHand: number): RowUse {
  const { runYarn, runCount, runStitch } = piece.columns
  const leaves = ledger.stitches.map((id) => stitchById(id).makes)
  const width = (run: number) => runCount[run]! * leaves[runStitch[run]!]!
  const yarns = ledger.yarns.length
  const own = new Uint32Array(yarns)
  const first = new Int32Array(yarns).fill(-1)
  const last = new Int32Array(yarns).fill(-1)
  const gaps = new Uint32Array(yarns)
  let [total, changes, now] = [0, 0, inHand]
  eachBlock(piece, row, (from, to, times) => {
    const begin = total
    let within = 0
    for (let i = from + 1; i < to; i++) if (runYarn[i - 1] !== runYarn[i]) within++
    const [enters, ends] = [runYarn[from]!, runYarn[to - 1]!]
    changes +=
      (now !== -1 && now !== enters ? 1 : 0) + within * times + (enters === ends ? 0 : times - 1)
    now = ends
    // The second time shows what lies between one and the next; those that follow are the same further on.
    for (let n = 0; n < Math.min(2, times); n++)
      for (let i = from; i < to; i++) {
        const yarn = runYarn[i]!
        if (first[yarn] === -1) first[yarn] = total
        else gaps[yarn] = Math.max(gaps[yarn]!, total - last[yarn]!)
        total += width(i)
        last[yarn] = total
      }
    const once = (total - begin) / Math.min(2, times)
    const further = Math.max(0, times - 2) * once
    total += further
    for (let i = from; i < to; i++) own[runYarn[i]!]! += width(i) * times
    if (further > 0) for (const yarn of new Set(runYarn.subarray(from, to))) last[yarn]! += further
  })
  const uses: (Use & { yarn: number })[] = []
  for (let yarn = 0; yarn < yarns; yarn++) {
    if (first[yarn] === -1) continue
    const [stitches, before] = [own[yarn]!, first[yarn]!]
    const after = total - last[yarn]!
    // In a round one goes on around the join.
    const around = piece.worked === 'rounds' ? after + before : 0
    const gap = Math.max(gaps[yarn]!, around)
    uses.push({ row, yarn, stitches, before, after, gap: stitches < total ? gap : 0 })
  }
  return { total, changes, uses }
}
