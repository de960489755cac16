import { stitchById } from '../stitch/index.ts'
import { eachBlock, type Ledger, type Piece, runsOfRow } from './ledger.ts'

/** A chain that stands over stitches it passes, in a round's own order. Places count from its first stitch, a half on a stitch. */
export interface LongChain {
  /** Stitches of the row below before it, and those it passes over. */
  readonly at: number
  readonly gap: number
  /** Stitches of its own round before it, and its chains. */
  readonly from: number
  readonly chain: number
}

/** A chain so long is a handle, or a loop to hang by (from memory). */
const LONG = 8

type Known = Pick<Ledger, 'stitches' | 'yarns' | 'hows'>

const NONE: readonly LongChain[] = []
/** Most rows have none, which is seen without writing them out. */
function hasLong({ stitches }: Known, piece: Piece, row: number): boolean {
  const chain = stitches.indexOf('ch')
  if (chain < 0) return false
  const { runStitch, runCount } = piece.columns
  let found = false
  eachBlock(piece, row, (first, end) => {
    for (let run = first; run < end; run++)
      found ||= runStitch[run] === chain && runCount[run]! >= LONG
  })
  return found
}

/** The long chains of a row that stand over at most as many stitches as they have. */
export function longChains(ledger: Known, piece: Piece, row: number): readonly LongChain[] {
  if (!hasLong(ledger, piece, row)) return NONE
  let [at, from] = [0, 0]
  let chain: { readonly from: number; readonly count: number } | null = null
  let gap: { readonly at: number; readonly count: number } | null = null
  const found: LongChain[] = []
  for (const { stitch, count } of runsOfRow(ledger as Ledger, piece, row)) {
    if (stitch === 'ch') chain = { from, count }
    else if (stitch === 'skip') gap = { at, count }
    else chain = gap = null
    if (chain && gap && chain.count >= Math.max(LONG, gap.count)) {
      found.push({ at: gap.at, gap: gap.count, from: chain.from, chain: chain.count })
      chain = gap = null
    }
    // Chains stand over what is passed, so one of the two alone counts below, the other in the round.
    const { uses, makes } = stitchById(stitch)
    at += stitch === 'ch' ? 0 : uses * count
    from += stitch === 'ch' ? count : makes * count
  }
  return found
}

/** Where the first stitch of a row stands, on the row it is worked into. */
export function firstBelow({ columns: { begin, makes, onto } }: Piece, row: number): number {
  const below = makes[onto[row]!]!
  return Math.round((begin[row]! * below) / Math.max(1, makes[row]!))
}

/** A place of the row below as one of this row, both from its first stitch, over its long chains. */
export function overChains(chains: readonly LongChain[], place: number): number {
  let more = 0
  for (const { at, gap, from, chain } of chains) {
    if (place < at) break
    if (place <= at + gap) return from + ((place - at) * chain) / Math.max(1, gap)
    more += chain - gap
  }
  return place + more
}
