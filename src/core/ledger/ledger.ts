import type { BandRun } from '../band/index.ts'
import type { Making, Spot } from '../part/index.ts'
import type { Beginning, Corner, Design, PieceJoin } from '../design/index.ts'
import type { Drawn, Item, ItemMade } from '../fitting/index.ts'
import type { Chain, Pass, Work } from '../program/index.ts'
import type { Front, JoinSide, Sizes, Unequal } from '../shape/index.ts'
import { type Stitch, stitchById } from '../stitch/index.ts'
import { InvariantError } from '../units/index.ts'
import type { DesignGauge } from './gauge.ts'

/*
 * The ledger: every row, in working order. Numbers are read from here and nowhere else. It is stored by columns, so that
 * large charts stay cheap to compute and to send to and from a worker.
 */

/** How a run is worked: where it goes and what becomes of it, where that is not plainly into the next places. */
export type RunHow =
  | Pick<Work, 'do' | 'into' | 'closes' | 'catches'>
  | Pick<Chain, 'do' | 'stands'>
  | Pick<Pass, 'do' | 'for'>

/** What was decided for a stretch of rows: the part of the design they come from. */
export interface LedgerPart {
  readonly id: string
  readonly name: string
  readonly kind: string
  /** Half-open range of row indices in its piece. */
  readonly firstRow: number
  readonly endRow: number
  /** Stitches of one repeat; null when the part has none. */
  readonly repeat: number | null
  /** Columns worked once more after the last whole repeat of a flat row. */
  readonly balance: number
  /** Rows of its chart; null when it has none. */
  readonly chartRows: number | null
  /** How its chart is read and worked, in US terms; null for stitches of several yarns a row, each as its cell. */
  readonly reading: string | null
  /** Its rows as they were written, in US terms; null when they are said from what is worked. */
  readonly texts: readonly string[] | null
  /** What is said of it beside its rows, in US terms. */
  readonly notes: readonly string[]
  /** Those start by its school, whatever chain they were written with. */
  readonly startBySchool: boolean
  readonly making: Making
  readonly gauge: DesignGauge
}

/** Rows and runs of one piece, by columns. A row's index counts from 0; its printed number is `number`. */
export interface PieceColumns {
  readonly number: Uint16Array
  readonly part: Uint8Array
  readonly side: Uint8Array
  readonly start: Uint8Array
  readonly end: Uint8Array
  /**
   * Where its first stitch stands: so many places along the row, counted from where the piece began and the way its right side
   * is worked.
   */
  readonly begin: Uint32Array
  /** Places along the row it is worked into before its first stitch; a round comes to them at its end. */
  readonly from: Uint32Array
  /** Passes a row takes: 1, or 2 for forward and return. */
  readonly passes: Uint8Array
  /** Places taken up of the row it is worked into, and places left for the next. */
  readonly uses: Uint32Array
  readonly makes: Uint32Array
  /**
   * The row it is worked into, by its index: most often the one below, −1 for a first row. `also`: a second one whose places it takes
   * in turn with those; −1 where there is none.
   */
  readonly onto: Int32Array
  readonly also: Int32Array
  /** 1 where the row of another yarn lies beside it, so that the two rise together. */
  readonly beside: Uint8Array
  /** 1 where it goes over a handle's chain, which stands away from the bag. */
  readonly handle: Uint8Array
  /** Index into `units`, and how many of that unit; unit 255 when stitches are all that is counted. */
  readonly unit: Uint8Array
  readonly unitCount: Uint32Array
  /**
   * The middles of front and back: places along the row as `begin` counts them, a half on a stitch, a whole number between two; −1
   * where a row has none. `moved`: stitches by which rounds that lean have moved them on up to there, all together.
   */
  readonly front: Float64Array
  readonly back: Float64Array
  readonly moved: Float64Array
  /** Way around (or width) at its top. */
  readonly widthMm: Float64Array
  /** Height of the bag standing, at the row's top: 0 for the base. */
  readonly heightMm: Float64Array
  /** Way along the fabric from the start of the piece to the row's top. */
  readonly alongMm: Float64Array
  /**
   * Blocks of row i are `blockStart[i]` to `blockStart[i + 1]`: each is the runs `blockFrom` to `blockTo`, half-open,
   * `blockTimes` times. Runs that are worked again, in the row or in another, are stored once.
   */
  readonly blockStart: Uint32Array
  readonly blockFrom: Uint32Array
  readonly blockTo: Uint32Array
  readonly blockTimes: Uint32Array
  readonly runStitch: Uint8Array
  readonly runYarn: Uint8Array
  readonly runCount: Uint32Array
  /** Index into `hows`. */
  readonly runHow: Uint8Array
}

export interface Piece {
  readonly id: string
  readonly name: string
  /** How often it is made so; the first of those copies, from 1, and all of them: what is made may differ from copy to copy. */
  readonly times: number
  readonly copy: number
  readonly copies: readonly number[]
  readonly worked: 'rounds' | 'rows'
  readonly rows: number
  readonly parts: readonly LedgerPart[]
  readonly columns: PieceColumns
  /** Strips of each face, where it is made as often as there are strips: its rows go on over all of them, around the bag. */
  readonly across?: number
}

/** How a round is shared out that is picked up all around a flat piece; in each corner so many. */
export interface Around {
  readonly last: number
  readonly left: number
  readonly first: number
  readonly right: number
  readonly corner: number
}

/** What ties pieces together. */
export interface Join {
  readonly kind: 'pick-up' | 'seam' | 'sew-on'
  /** What is done, of a join of the construction; null of one of hers, which its sides and how it is sewn tell. */
  readonly text: string | null
  readonly pieces: readonly string[]
  /** Pairs that meet. */
  readonly count: number
  readonly sides: readonly [JoinSide, JoinSide]
  /** How it is sewn; null where that is all the same. */
  readonly how: PieceJoin['how'] | null
  /** How long it is, in mm; and the stretch it meets, where that is measured by itself. */
  readonly lengthMm: number
  readonly reachMm: number | null
  /** Stitches meet row ends as their lengths have it, and not one to one. */
  readonly byLength?: true
  /** It lies over what it meets so far, in mm. */
  readonly lapMm?: number
  /** Where it goes, as that was placed; of a join of hers. */
  readonly to?: Spot
  /** Which sides face, where that is not the usual. */
  readonly together?: 'right' | 'wrong'
  /** How a round is shared out that is picked up all around a flat piece. */
  readonly around?: Around & { readonly in: Corner }
}

/** Where a spot is on a piece as it came out. */
export interface PlaceOfSpot {
  /** Index of the row; of row ends the first that is met. */
  readonly row: number
  /** Stitches of that row before it, from its own beginning; a half is on a stitch. */
  readonly at: number
  /** What is met there: stitches of the row, or row ends (rows at a stitch) from it up. */
  readonly of: 'stitches' | 'row ends'
}

/** A thing without rows, as it comes out. */
export interface LedgerItem extends ItemMade {
  readonly item: Item
  /** What is seen of it on the bag. */
  readonly drawn: readonly Drawn[]
  /** Where its spots are, on pieces by their id; null for one that is not there any more. */
  readonly places: readonly ((PlaceOfSpot & { readonly piece: string }) | null)[]
}

export interface Ledger {
  readonly pieces: readonly Piece[]
  /** Things that stand beside the pieces. */
  readonly items: readonly LedgerItem[]
  readonly joins: readonly Join[]
  /** Shared tables: the stitch ids, yarn letters and unit names that the columns index. */
  readonly stitches: readonly string[]
  readonly yarns: readonly string[]
  readonly units: readonly string[]
  readonly hows: readonly RunHow[]
  readonly beginning: Beginning
  /** The order in which it is finished, where she has chosen one. */
  readonly order: readonly string[]
  /** How yarns are led, where she has chosen. */
  readonly leading: Design['leading']
  readonly ways: Design['ways']
  readonly sizes: Sizes
  /** What is seen of it from the front, which says where it is folded. */
  readonly front: Front
  /** Sides that should meet and do not; null when all do. */
  readonly unequal: Unequal | null
}

/** A design and its ledger, which are read together. */
export interface Compiled {
  readonly design: Design
  readonly ledger: Ledger
}

/** Gauge of a part of the design. */
export function gaugeIn({ pieces }: Ledger, id: string): DesignGauge {
  for (const { parts } of pieces) for (const part of parts) if (part.id === id) return part.gauge
  throw new InvariantError(`no part ${id} in the ledger`)
}

/** The piece the bands stand on. */
export function bodyOf({ pieces }: Ledger): Piece {
  const body = pieces.find(({ id }) => id === 'bag')
  if (!body) throw new InvariantError('a bag without a body')
  return body
}

/** Stitches a part stands on: those below it, or of the chain where it begins its piece. */
export function standsOn({ columns }: Piece, { firstRow }: Pick<LedgerPart, 'firstRow'>): number {
  return firstRow > 0 ? columns.uses[firstRow]! : columns.makes[0]!
}

/** The piece that has rows of a part: of several the one that is asked for. @throws InvariantError when none has */
export function pieceWith({ pieces }: Ledger, part: string, rather: string | null = null): Piece {
  const all = pieces.filter(({ parts }) => parts.some(({ id }) => id === part))
  const piece = all.find(({ id }) => id === rather) ?? all.find(({ id }) => id === 'bag') ?? all[0]
  if (!piece) throw new InvariantError(`no part ${part} in the ledger`)
  return piece
}

/** What a part, or a thing beside the pieces, is called. @throws InvariantError when there is none of that id */
export const nameIn = (ledger: Ledger, id: string): string =>
  ledger.items.find(({ item }) => item.id === id)?.item.name ??
  pieceWith(ledger, id).parts.find((part) => part.id === id)!.name

export const NO_UNIT = 255

/** So many of one stitch in one yarn, one after the other. */
export type LedgerRun = BandRun

/** A stretch of runs, `from` to `to`, worked so many times. */
type EachBlock = (from: number, to: number, times: number) => void

/** Goes through the blocks of one row, in working order. */
export function eachBlock({ columns }: Piece, row: number, tell: EachBlock): void {
  const { blockStart, blockFrom, blockTo, blockTimes } = columns
  for (let b = blockStart[row]!; b < blockStart[row + 1]!; b++)
    tell(blockFrom[b]!, blockTo[b]!, blockTimes[b]!)
}

/** The first and the last run of a row. */
export function endRuns({ columns }: Piece, row: number): { first: number; last: number } {
  const { blockStart, blockFrom, blockTo } = columns
  return { first: blockFrom[blockStart[row]!]!, last: blockTo[blockStart[row + 1]! - 1]! - 1 }
}

/** The runs of one row, in working order, one by one. */
export function runsOfRow(ledger: Ledger, piece: Piece, row: number): LedgerRun[] {
  const { runStitch, runYarn, runCount } = piece.columns
  const runs: LedgerRun[] = []
  eachBlock(piece, row, (from, to, times) => {
    for (let n = 0; n < times; n++)
      for (let i = from; i < to; i++)
        runs.push({
          stitch: ledger.stitches[runStitch[i]!]!,
          yarn: ledger.yarns[runYarn[i]!]!,
          count: runCount[i]!,
        })
  })
  return runs
}

/** How many of each plain stitch a stretch of rows is made of, those of most first: an increase is two of its own. */
export function stitchesIn(
  { stitches }: Ledger,
  piece: Piece,
  from: number,
  to: number,
): { readonly stitch: Stitch; readonly count: number }[] {
  const { runStitch, runCount } = piece.columns
  const counts = new Map<string, number>()
  for (let row = from; row < to; row++)
    eachBlock(piece, row, (first, end, times) => {
      for (let run = first; run < end; run++) {
        const { of, makes, family } = stitchById(stitches[runStitch[run]!]!)
        if (family === 'over' || makes === 0) continue
        counts.set(of, (counts.get(of) ?? 0) + makes * runCount[run]! * times)
      }
    })
  return [...counts]
    .map(([id, count]) => ({ stitch: stitchById(id), count }))
    .sort((a, b) => b.count - a.count)
}

/** Whether two rows of a piece are the same work. */
export function sameWork(piece: Piece, a: number, b: number): boolean {
  const { blockStart, blockFrom, blockTo, blockTimes, runStitch, runYarn, runCount, runHow } =
    piece.columns
  const [of, to] = [blockStart[a]!, blockStart[b]!]
  const blocks = blockStart[a + 1]! - of
  if (blockStart[b + 1]! - to !== blocks) return false
  for (let i = 0; i < blocks; i++) {
    const [one, other] = [blockFrom[of + i]!, blockFrom[to + i]!]
    const length = blockTo[of + i]! - one
    if (length !== blockTo[to + i]! - other || blockTimes[of + i] !== blockTimes[to + i])
      return false
    for (let run = 0; one !== other && run < length; run++)
      if (
        runStitch[one + run] !== runStitch[other + run] ||
        runYarn[one + run] !== runYarn[other + run] ||
        runHow[one + run] !== runHow[other + run] ||
        runCount[one + run] !== runCount[other + run]
      )
        return false
  }
  return true
}

/** The part a row belongs to. */
export const partOfRow = (piece: Piece, row: number): LedgerPart =>
  piece.parts[piece.columns.part[row]!]!

/** The buffers of a ledger, to hand over rather than copy. */
export const ledgerBuffers = (ledger: Ledger): ArrayBuffer[] =>
  ledger.pieces.flatMap(({ columns }) =>
    Object.values(columns).map((column: Uint8Array) => column.buffer as ArrayBuffer),
  )
