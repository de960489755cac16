import type { Ledger, Piece } from '../ledger/index.ts'
import { type RowUse, type Use, useOfRow } from './uses.ts'
import { type How, inGap, withinRow } from './ways.ts'

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
}

function put({ spans, open }: Walk, how: How, from: number, to: number): void {
  const at = open.get(how)
  if (at !== undefined && spans[at]!.to === from) spans[at] = { from: spans[at]!.from, to, how }
  else if (to > from) open.set(how, spans.push({ from, to, how }) - 1)
}

const edgeOf = (use: Use, what: YarnEvent['what']): YarnEvent['edge'] =>
  what === 'joined' ? (use.before === 0 ? 'start' : null) : use.after === 0 ? 'end' : null

const eventOf = (use: Use, what: YarnEvent['what'], total: number): YarnEvent => ({
  row: use.row,
  what,
  edge: edgeOf(use, what),
  stitch: what === 'joined' ? use.before : total - use.after,
})

/** Follows every yarn of a piece: its own choices and the usual rules are asked here and nowhere else. Pure. */
export function yarnPaths(ledger: Ledger, piece: Piece): YarnPaths {
  const { rows, columns, parts } = piece
  const walks = ledger.yarns.map((): Walk => ({
    ...{ spans: [], open: new Map(), events: [], last: null },
  }))
  const laid = () => new Float64Array(rows * walks.length)
  const lying: Record<Lying, Float64Array> = { carried: laid(), floated: laid(), trailed: laid() }
  const totals = new Uint32Array(rows)
  const changes = new Uint16Array(rows)
  const strands = new Uint8Array(rows)
  const longestCarry = new Uint16Array(rows)
  for (let row = 0, inHand = -1; row < rows; row++) {
    const use = useOfRow(ledger, piece, row, inHand)
    totals[row] = use.total
    changes[row] = use.changes
    strands[row] = use.uses.length
    longestCarry[row] = use.longestGap
    for (const one of use.uses) follow(ledger, piece, walks[one.yarn]!, one, { use, totals, lying })
    inHand = columns.runYarn[lastRun(piece, row)]!
  }
  for (const { last, events } of walks)
    if (last) events.push(eventOf(last, 'cut', totals[last.row]!))
  const ends = parts.map((_, part) =>
    walks.map(({ events }) => events.filter(({ row }) => columns.part[row] === part).length),
  )
  const sum = (list: Iterable<number>) => [...list].reduce((a, b) => a + b, 0)
  return {
    ways: walks.map(({ spans, events }) => ({ spans, events })),
    lying,
    ...{ ends, totalEnds: sum(ends.map(sum)) },
    ...{ changes, totalChanges: sum(changes) },
    ...{ strands, mostStrands: Math.max(0, ...strands), longestCarry },
  }
}

const lastRun = ({ columns }: Piece, row: number): number =>
  columns.blockTo[columns.blockStart[row + 1]! - 1]! - 1

/** One yarn comes to the next row it is worked in. */
function follow(
  ledger: Ledger,
  piece: Piece,
  walk: Walk,
  use: Use & { readonly yarn: number },
  {
    use: { total },
    totals,
    lying,
  }: {
    readonly use: RowUse
    readonly totals: Uint32Array
    readonly lying: Record<Lying, Float64Array>
  },
): void {
  const { columns, parts } = piece
  const { row } = use
  const letter = ledger.yarns[use.yarn]!
  const part = columns.part[row]!
  const { events, last } = walk
  const lay = (how: Lying, metres: number) =>
    void (lying[how][row * ledger.yarns.length + use.yarn]! += metres)
  const how = last && inGap(ledger, piece, { letter, last: last.row, next: row })
  if (last && how) {
    if (how === 'cut') events.push(eventOf(last, 'cut', totals[last.row]!))
    else lay(how === 'carried' ? how : 'trailed', gapMetres(piece, how, last.row, row))
    put(walk, how, last.row + 1, row)
  }
  if (how === null || how === 'cut') events.push(eventOf(use, 'joined', total))
  put(walk, 'worked', row, row + 1)
  if (use.stitches < total) {
    const lies = withinRow(ledger.ways, piece, row, letter)
    put(walk, lies, row, row + 1)
    const mm = (total - use.stitches) * parts[part]!.gauge.stitchWidthMm * SLACK
    lay(lies, mm / 1000)
  }
  walk.last = use
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
