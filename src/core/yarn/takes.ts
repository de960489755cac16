import { lyings, type YarnPaths } from '../paths/index.ts'
import {
  eachBlock,
  endRuns,
  type Ledger,
  maybeFoundation,
  type Piece,
  startCounts,
  startingChainOf,
} from '../ledger/index.ts'
import { ends, starts } from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'

/** Yarn left at every start and stop (common practice). */
export const TAIL_METRES = 0.15

/**
 * What yarn goes into: stitches of the fabric; the chain it begins with; chains that rows start with and are no stitch; slip stitches that
 * close rounds; the way down of stitches that reach further; strands by how they lie; tails; seams; things without rows, and yarn that is cut, wound or sewn with for them.
 */
export const intos = [
  'stitches',
  'foundation',
  'starting',
  'closing',
  'reach',
  ...lyings,
  'tails',
  'seams',
  'thing',
  'wound',
] as const
export type Into = (typeof intos)[number]

/** So much of one yarn that goes into one thing in rows of a part: how many stitches, chains or tails, and metres of what is no stitch. */
export interface Take {
  readonly part: number
  readonly yarn: number
  readonly into: Into
  /** The stitch whose yarn each takes; null for what is measured in metres. */
  readonly stitch: string | null
  readonly count: number
  readonly metres: number
}

/** What a stretch of rows takes of each yarn, stitch by stitch as the ledger has them. One made piece, once. */
export function takesOf(
  ledger: Ledger,
  piece: Piece,
  paths: YarnPaths,
  from = 0,
  to = piece.rows,
): Take[] {
  const { columns, parts } = piece
  const yarns = ledger.yarns.length
  const kinds = ledger.stitches.length
  const stitches = new Float64Array(parts.length * yarns * kinds)
  // What comes stitch by stitch is summed up in arrays: charts have hundreds of thousands of runs.
  const each = () => new Float64Array(parts.length * yarns)
  const reached = { count: each(), metres: each() }
  const takes = new Map<string, Take>()
  const add = (
    part: number,
    yarn: number,
    into: Into,
    stitch: string | null,
    count: number,
    metres = 0,
  ) => {
    if (count === 0) return
    const key = `${part} ${yarn} ${into} ${stitch ?? ''}`
    const known = takes.get(key)
    takes.set(key, {
      ...{ part, yarn, into, stitch },
      count: (known?.count ?? 0) + count,
      metres: (known?.metres ?? 0) + metres,
    })
  }
  const table = ledger.stitches.map(stitchById)
  for (let row = from; row < to; row++) {
    const part = columns.part[row]!
    eachBlock(piece, row, (first, end, times) => {
      for (let i = first; i < end; i++) {
        const kind = columns.runStitch[i]!
        const yarn = columns.runYarn[i]!
        const count = columns.runCount[i]! * times
        stitches[(part * yarns + yarn) * kinds + kind]! += count
        const { reaches } = table[kind]!
        if (!reaches) continue
        reached.count[part * yarns + yarn]! += count
        reached.metres[part * yarns + yarn]! += (count * 2 * downMm(piece, row, reaches)) / 1000
      }
    })
    const { first, last } = endRuns(piece, row)
    add(part, columns.runYarn[first]!, 'starting', 'ch', startingChains(ledger, piece, row))
    if (ends[columns.end[row]!] === 'join')
      add(part, closesIn(ledger, piece, row, columns.runYarn[last]!), 'closing', 'sl-st', 1)
    for (const how of lyings)
      for (let yarn = 0; yarn < yarns; yarn++) {
        const metres = paths.lying[how][row * yarns + yarn]!
        if (metres > 0) add(part, yarn, how, null, 1, metres)
      }
  }
  paths.ways.forEach(({ events }, yarn) => {
    for (const { row } of events)
      if (row >= from && row < to) add(columns.part[row]!, yarn, 'tails', null, 1, TAIL_METRES)
  })
  reached.count.forEach((count, i) =>
    add(Math.floor(i / yarns), i % yarns, 'reach', null, count, reached.metres[i]!),
  )
  if (from === 0)
    add(0, columns.runYarn[0]!, 'foundation', 'ch', maybeFoundation(ledger, piece)?.chains ?? 0)
  return [...stitchTakes(stitches, ledger, parts.length), ...takes.values()]
}

function stitchTakes(counts: Float64Array, { stitches, yarns }: Ledger, parts: number): Take[] {
  const takes: Take[] = []
  for (let part = 0, i = 0; part < parts; part++)
    for (let yarn = 0; yarn < yarns.length; yarn++)
      for (const stitch of stitches) {
        const count = counts[i++]!
        if (count > 0 && stitchById(stitch).yarn > 0)
          takes.push({ part, yarn, into: 'stitches', stitch, count, metres: 0 })
      }
  return takes
}

/** The yarn a round is closed in: its own, or the next round's by the school that closes in the new one. */
function closesIn({ leading }: Ledger, piece: Piece, row: number, own: number): number {
  const { onto, start, from } = piece.columns
  const goesOn =
    row + 1 < piece.rows &&
    onto[row + 1] === row &&
    from[row + 1] === 0 &&
    starts[start[row + 1]!] !== 'afresh'
  return leading.closeIn === 'new' && goesOn
    ? piece.columns.runYarn[endRuns(piece, row + 1).first]!
    : own
}

/** How far down so many rows below the next are. */
function downMm({ columns }: Piece, row: number, rows: number): number {
  const along = (at: number) => (at < 0 ? 0 : columns.alongMm[at]!)
  return along(row - 1) - along(row - 1 - rows)
}

/** Chains a row starts with, where they are no stitch of it. */
function startingChains(ledger: Ledger, piece: Piece, row: number): number {
  const start = starts[piece.columns.start[row]!]!
  const chained = start === 'chain' || start === 'turn' || start === 'afresh'
  return chained && !startCounts(ledger, piece, row) ? startingChainOf(ledger, piece, row) : 0
}
