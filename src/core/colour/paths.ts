import { eachBlock, type Ledger, type Piece } from '../ledger/index.ts'
import { ends, starts } from '../program/index.ts'

/** A yarn that is not used for more rounds than this is cut, else it is trailed up inside (common practice). */
export const TRAIL_ROUNDS = 4

/** Slack of a carried or trailed strand. */
const SLACK = 1.05

/** Yarn that lies in the fabric without making stitches, and the ends it leaves: by part and yarn. */
export interface YarnPaths {
  /** Metres carried inside stitches or trailed up, `[part][yarn]`. */
  readonly strandMetres: readonly (readonly number[])[]
  /** Ends to weave in that begin or end in the part, `[part][yarn]`. */
  readonly ends: readonly (readonly number[])[]
  readonly totalEnds: number
  /** Changes of colour, by row: within the row and from the row below. */
  readonly changes: Uint16Array
  readonly totalChanges: number
  /** Yarns in each row: the stitch worked with and the strands inside it. */
  readonly strands: Uint8Array
  readonly mostStrands: number
  /** Longest way a yarn is carried behind others in a row, in stitches. */
  readonly longestCarry: Uint16Array
}

interface Walk {
  readonly strandMetres: number[][]
  readonly ends: number[][]
  readonly lastUse: Int32Array
}

/** Follows every yarn through a piece: where it is worked, carried, trailed up and cut. */
export function yarnPaths(ledger: Ledger, piece: Piece): YarnPaths {
  const { columns, rows } = piece
  const yarns = ledger.yarns.length
  const blank = () => piece.parts.map(() => new Array<number>(yarns).fill(0))
  const walk: Walk = {
    strandMetres: blank(),
    ends: blank(),
    lastUse: new Int32Array(yarns).fill(-1),
  }
  const changes = new Uint16Array(rows)
  const strands = new Uint8Array(rows)
  const longestCarry = new Uint16Array(rows)
  const own = new Uint32Array(yarns)
  let before = -1
  for (let row = 0; row < rows; row++) {
    own.fill(0)
    let total = 0
    eachBlock(piece, row, (from, to, times) => {
      let within = 0
      for (let i = from; i < to; i++) {
        const yarn = columns.runYarn[i]!
        if (i > from && columns.runYarn[i - 1] !== yarn) within++
        own[yarn]! += columns.runCount[i]! * times
        total += columns.runCount[i]! * times
      }
      const [first, last] = [columns.runYarn[from]!, columns.runYarn[to - 1]!]
      const entered = before !== -1 && before !== first ? 1 : 0
      changes[row]! += entered + within * times + (first === last ? 0 : times - 1)
      before = last
    })
    const part = columns.part[row]!
    for (let yarn = 0; yarn < yarns; yarn++) {
      if (own[yarn] === 0) continue
      strands[row]!++
      if (own[yarn]! < total)
        walk.strandMetres[part]![yarn]! +=
          ((total - own[yarn]!) * piece.parts[part]!.gauge.stitchWidthMm * SLACK) / 1000
      meet(walk, piece, row, yarn)
    }
    if (strands[row]! > 1) longestCarry[row] = longestGap(ledger, piece, row)
  }
  for (let yarn = 0; yarn < yarns; yarn++) cut(walk, piece, yarn)
  const sum = (list: Uint16Array | number[]) => (list as number[]).reduce((a, b) => a + b, 0)
  return {
    strandMetres: walk.strandMetres,
    ends: walk.ends,
    totalEnds: sum(walk.ends.map(sum)),
    changes,
    totalChanges: sum(changes),
    strands,
    mostStrands: Math.max(0, ...strands),
    longestCarry,
  }
}

/** The yarn is used in this row: it goes on, is trailed up from where it waited, or begins anew. */
function meet(walk: Walk, piece: Piece, row: number, yarn: number): void {
  const last = walk.lastUse[yarn]!
  const part = piece.columns.part[row]!
  const wait = last === -1 ? 'cut' : waitUntil(piece, last, row)
  if (wait === 'cut') {
    cut(walk, piece, yarn)
    walk.ends[part]![yarn]!++
  } else if (wait === 'trailed' && row > last + 1) {
    const { alongMm } = piece.columns
    walk.strandMetres[part]![yarn]! += ((alongMm[row - 1]! - alongMm[last]!) * SLACK) / 1000
  }
  walk.lastUse[yarn] = row
}

/** What a yarn does from the last row it was used in to the next: its loop is parked, it is trailed up, or it is cut. */
function waitUntil(piece: Piece, last: number, row: number): 'parked' | 'trailed' | 'cut' {
  // A yarn whose loop is held waits where it is: it is neither cut nor brought up.
  if (ends[piece.columns.end[last]!] === 'held') return 'parked'
  const skipped = row - last - 1
  // Worked flat, a yarn waits at the edge where it was left: after an odd number of rows that is the other edge.
  const away = piece.worked === 'rows' && skipped % 2 === 1
  const anew = starts[piece.columns.start[row]!] === 'afresh'
  return skipped > TRAIL_ROUNDS || away || anew ? 'cut' : 'trailed'
}

/** A stretch of rows, half-open, and what a yarn does in them. */
export interface YarnSpan {
  readonly from: number
  readonly to: number
  readonly how: 'worked' | 'carried' | 'parked' | 'trailed' | 'cut'
}

/**
 * The way of each yarn through a piece, in the ledger's order, from the first row it is used in to the last: worked alone, worked
 * and carried inside the other stitches of the row, or waiting. Rows that do the same are one stretch; where a yarn is both worked
 * and carried, both stretches are there, worked first.
 */
export function yarnSpans(ledger: Ledger, piece: Piece): YarnSpan[][] {
  const own = new Uint32Array(ledger.yarns.length)
  const { columns } = piece
  const spans: YarnSpan[][] = ledger.yarns.map(() => [])
  const last = new Int32Array(ledger.yarns.length).fill(-1)
  const put = (list: YarnSpan[], how: YarnSpan['how'], from: number, to: number) => {
    const at = list.findLastIndex((span) => span.how === how && span.to === from)
    if (at >= 0) list[at] = { ...list[at]!, to }
    else if (to > from) list.push({ from, to, how })
  }
  for (let row = 0; row < piece.rows; row++) {
    own.fill(0)
    let total = 0
    eachBlock(piece, row, (from, to, times) => {
      for (let i = from; i < to; i++) {
        own[columns.runYarn[i]!]! += columns.runCount[i]! * times
        total += columns.runCount[i]! * times
      }
    })
    own.forEach((count, yarn) => {
      if (count === 0) return
      const list = spans[yarn]!
      if (last[yarn]! >= 0 && row > last[yarn]! + 1)
        put(list, waitUntil(piece, last[yarn]!, row), last[yarn]! + 1, row)
      put(list, 'worked', row, row + 1)
      if (count < total) put(list, 'carried', row, row + 1)
      last[yarn] = row
    })
  }
  return spans
}

/** The yarn is cut after the row it was last used in; nothing when it was not used yet. */
function cut(walk: Walk, piece: Piece, yarn: number): void {
  const last = walk.lastUse[yarn]!
  if (last !== -1) walk.ends[piece.columns.part[last]!]![yarn]!++
}

/** The most stitches in a row between two uses of one yarn; in a round around the join too. */
function longestGap(ledger: Ledger, piece: Piece, row: number): number {
  const { runYarn, runCount } = piece.columns
  const first = new Int32Array(ledger.yarns.length).fill(-1)
  const last = new Int32Array(ledger.yarns.length).fill(-1)
  let at = 0
  let longest = 0
  eachBlock(piece, row, (from, to, times) => {
    const begin = at
    // The second time shows what lies between one and the next; those that follow are the same further on.
    for (let n = 0; n < Math.min(2, times); n++)
      for (let i = from; i < to; i++) {
        const yarn = runYarn[i]!
        if (last[yarn] === -1) first[yarn] = at
        else longest = Math.max(longest, at - last[yarn]!)
        at += runCount[i]!
        last[yarn] = at
      }
    const further = Math.max(0, times - 2) * ((at - begin) / 2)
    if (further === 0) return
    at += further
    for (const yarn of new Set(runYarn.subarray(from, to))) last[yarn]! += further
  })
  for (let yarn = 0; piece.worked === 'rounds' && yarn < first.length; yarn++)
    if (last[yarn] !== -1) longest = Math.max(longest, at - last[yarn]! + first[yarn]!)
  return longest
}
