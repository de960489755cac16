import type { Ledger, Piece } from '../ledger/index.ts'
import { type RowUse, type Use, usesOf } from './uses.ts'
import { goingOn, type Stretch, stretchesOf } from './fields.ts'
import { type How, inGap, withinRow, type Within } from './ways.ts'

/** Slack of a strand that lies in the fabric without making stitches. */
const SLACK = 1.05

/** A stretch of rows, half-open, and what a yarn does in them. */
export interface YarnSpan {
  readonly from: number
  readonly to: number
  readonly how: How
}

/** Where a yarn comes in and where it is cut: each leaves an end to weave in. */
export interface YarnEvent {
  readonly row: number
  readonly what: 'joined' | 'cut'
  /** Stitches of the row before it. */
  readonly stitch: number
  /** At the start or the end of its row; null within it. */
  readonly edge: 'start' | 'end' | null
}

/** The way of one yarn through a piece, from the first row it is used in to the last. */
export interface YarnWay {
  /** Rows that do the same are one stretch; where a yarn is both worked and carried, both are there, worked first. */
  readonly spans: readonly YarnSpan[]
  /** In their order. */
  readonly events: readonly YarnEvent[]
}

/** The ways of the yarns of a piece: facts, which nothing else decides. */
export interface YarnPaths {
  /** In the ledger's order of yarns; of one that is not used there is nothing. */
  readonly ways: readonly YarnWay[]
  /**
   * Metres that lie in the fabric without making stitches, `[row · yarns + yarn]`: inside other stitches, loosely behind them, up past
   * rows (at the join, or an edge). Those of a gap are with the row that takes the yarn up again.
   */
  readonly lying: Readonly<Record<Lying, Float64Array>>
  /** Ends to weave in that begin or end in the part, `[part][yarn]`. */
  readonly ends: readonly (readonly number[])[]
  readonly totalEnds: number
  /** Bobbins that hang on a row beside one of each yarn. */
  readonly bobbins: Uint16Array
  /** Changes of colour, by row: within the row and from the row below. */
  readonly changes: Uint16Array
  readonly totalChanges: number
  /** Yarns in each row: the stitch worked with and the strands inside it. */
  readonly strands: Uint8Array
  readonly mostStrands: number
  /** Longest way a yarn is carried behind others in a row, in stitches. */
  readonly longestCarry: Uint16Array
}

/** How a strand lies that makes no stitches. */
export const lyings = ['carried', 'floated', 'trailed'] as const
export type Lying = (typeof lyings)[number]

/** What is collected of one yarn while its rows are gone through. */
interface Walk {
  readonly spans: YarnSpan[]
  /** The last span of each kind. */
  readonly open: Map<How, number>
  readonly events: YarnEvent[]
  last: Use | null
  /** What is live of it after the last row: one strand, or one for each field; none where it was snipped. */
  live: readonly Stretch[]
}

function put({ spans, open }: Walk, how: How, from: number, to: number): void {
  const at = open.get(how)
  if (at !== undefined && spans[at]!.to === from) spans[at] = { from: spans[at]!.from, to, how }
  else if (to > from) open.set(how, spans.push({ from, to, how }) - 1)
}

/** Follows every yarn of a piece: its own choices and the usual rules are asked here and nowhere else. Pure. */
export function yarnPaths(ledger: Ledger, piece: Piece): YarnPaths {
  const { rows, columns, parts } = piece
  const walks = ledger.yarns.map((): Walk => ({
    ...{ spans: [], open: new Map(), events: [], last: null, live: [] },
  }))
  const laid = () => new Float64Array(rows * walks.length)
  const lying: Record<Lying, Float64Array> = { carried: laid(), floated: laid(), trailed: laid() }
  const totals = new Uint32Array(rows)
  const changes = new Uint16Array(rows)
  const bobbins = new Uint16Array(rows)
  const strands = new Uint8Array(rows)
  const longestCarry = new Uint16Array(rows)
  const all = usesOf(ledger, piece)
  for (let row = 0; row < rows; row++) {
    const use = all[row]!
    totals[row] = use.total
    changes[row] = use.changes
    let [others, gap] = [0, 0]
    for (const one of use.uses) {
      const walk = walks[one.yarn]!
      const how = follow(ledger, piece, walk, one, { use, totals, lying })
      if (how !== 'bobbin') others++
      if (how === 'carried' || how === 'floated') gap = Math.max(gap, one.gap)
      bobbins[row]! += Math.max(0, walk.live.length - 1)
    }
    // One is worked with, the others lie inside or behind; bobbins do neither.
    strands[row] = Math.max(1, others)
    longestCarry[row] = gap
  }
  for (const { last, events, live } of walks) {
    if (last) for (const one of live) events.push(cutOf(last, one, totals[last.row]!))
    events.sort((a, b) => a.row - b.row)
  }
  const ends = parts.map((_, part) =>
    walks.map(({ events }) => events.filter(({ row }) => columns.part[row] === part).length),
  )
  const sum = (list: Iterable<number>) => [...list].reduce((a, b) => a + b, 0)
  return {
    ways: walks.map(({ spans, events }) => ({ spans, events })),
    ...{ lying, bobbins },
    ...{ ends, totalEnds: sum(ends.map(sum)) },
    ...{ changes, totalChanges: sum(changes) },
    ...{ strands, mostStrands: Math.max(0, ...strands), longestCarry },
  }
}

/** The one strand of a yarn that goes through a whole row, as its ends are said: where it was first and last worked. */
const strandOf = ({ before, after }: Use, total: number): Stretch => ({
  from: 0,
  to: total,
  before,
  through: total - after,
})
const joinedOf = ({ row }: Use, { before }: Stretch): YarnEvent => ({
  ...{ row, what: 'joined', stitch: before },
  edge: before === 0 ? 'start' : null,
})
const cutOf = ({ row }: Use, { through }: Stretch, total: number): YarnEvent => ({
  ...{ row, what: 'cut', stitch: through },
  edge: through === total ? 'end' : null,
})

interface Followed {
  readonly use: RowUse
  readonly totals: Uint32Array
  readonly lying: Record<Lying, Float64Array>
}

/** One yarn comes to the next row it is worked in. How it lies there beside others; null where it has the row to itself. */
function follow(
  ledger: Ledger,
  piece: Piece,
  walk: Walk,
  use: Use & { readonly yarn: number },
  { use: { total }, totals, lying }: Followed,
): Within | null {
  const { columns, parts } = piece
  const { row, yarn } = use
  const letter = ledger.yarns[yarn]!
  const { last, events } = walk
  const lay = (how: Lying, metres: number) =>
    void (lying[how][row * ledger.yarns.length + yarn]! += metres)
  const within = use.stitches < total ? withinRow(ledger.ways, piece, row, letter) : null
  const cut = (list: readonly Stretch[]) => {
    for (const one of list) events.push(cutOf(last!, one, totals[last!.row]!))
  }
  // What of it comes here from the row it was last worked in: all its strands from the row below, one over a gap.
  let there = walk.live
  if (last) {
    const how = inGap(ledger, piece, { letter, last: last.row, next: row })
    if (how === 'cut') cut(there)
    else if (row - last.row > 1) cut(there.slice(0, -1))
    // Where its row ended one hangs, of several the last that was worked.
    there = how === 'cut' ? [] : row - last.row > 1 ? there.slice(-1) : there
    if (how !== 'cut' && there.length > 0)
      lay(how === 'carried' ? how : 'trailed', gapMetres(piece, how, last.row, row))
    put(walk, there.length > 0 ? how : 'cut', last.row + 1, row)
  }
  put(walk, 'worked', row, row + 1)
  const own = strandOf(use, total)
  const mm = parts[columns.part[row]!]!.gauge.stitchWidthMm * SLACK
  if (within === 'bobbin') {
    const here = stretchesOf(ledger, piece, row, yarn)
    const on = goingOn(piece, row, there, here)
    cut(on.cut)
    for (const one of on.joined) events.push(joinedOf(use, one))
    walk.live = here
  } else {
    if (there.length > 1) cut(there.slice(0, -1))
    if (there.length === 0) events.push(joinedOf(use, own))
    walk.live = [own]
    if (within === 'snipped') {
      // It goes no further than its last stitch.
      events.push(cutOf(use, own, total))
      walk.live = []
      lay('carried', ((own.through - own.before - use.stitches) * mm) / 1000)
    } else if (within) {
      put(walk, within, row, row + 1)
      lay(within, ((total - use.stitches) * mm) / 1000)
    }
  }
  walk.last = use
  return within
}

/** Yarn a gap takes: up past the rows between, or along in them; a parked loop takes none. */
export function gapMetres({ columns, parts }: Piece, how: How, last: number, next: number): number {
  const { alongMm, makes, part } = columns
  if (how === 'trailed' || how === 'waiting')
    return next > last + 1 ? ((alongMm[next - 1]! - alongMm[last]!) * SLACK) / 1000 : 0
  if (how !== 'carried') return 0
  let mm = 0
  for (let row = last + 1; row < next; row++)
    mm += makes[row]! * parts[part[row]!]!.gauge.stitchWidthMm
  return (mm * SLACK) / 1000
}

/** How a yarn comes into a row it begins or takes part in, and what becomes of it after: what words say of it. */
export const eventsAt = (
  { ways }: Pick<YarnPaths, 'ways'>,
  row: number,
  what: YarnEvent['what'],
): number[] =>
  ways.flatMap(({ events }, yarn) =>
    events.some((event) => event.row === row && event.what === what) ? [yarn] : [],
  )

/** Stitches of one yarn inside which another is carried, by their indices, in all rows of a piece. */
export function insideOf(
  ledger: Ledger,
  piece: Piece,
  { lying }: Pick<YarnPaths, 'lying'>,
): { readonly over: number; readonly carried: number; readonly count: number }[] {
  const yarns = ledger.yarns.length
  const counts = new Float64Array(yarns * yarns)
  for (const [row, { uses }] of usesOf(ledger, piece).entries()) {
    for (const { yarn: carried } of uses)
      if (lying.carried[row * yarns + carried]! > 0)
        for (const { yarn: over, stitches } of uses)
          if (over !== carried) counts[over * yarns + carried]! += stitches * piece.times
  }
  return [...counts].flatMap((count, i) =>
    count > 0 ? [{ over: Math.floor(i / yarns), carried: i % yarns, count }] : [],
  )
}
