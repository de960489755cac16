import type { RunColour, Yarn } from '../design/index.ts'
import { stitchById } from '../stitch/index.ts'
import { eachBlock, type Ledger, type Piece } from './ledger.ts'
import { middlesSeen } from './middles.ts'

/** Places of a row that one run leaves, as seen on the right side: from the left, so many side by side. */
type Told = (run: number, first: number, count: number) => void

/** Tells the places of a row, run by run; one that goes on around its beginning is told in two. */
export function eachPlaces(
  ledger: Ledger,
  piece: Piece,
  row: number,
  hand: 'right' | 'left',
  told: Told,
): void {
  const { runStitch, runCount, makes, side, begin } = piece.columns
  const total = makes[row]!
  // On the wrong side a row is worked the other way, as seen on the right side.
  const wrong = side[row] !== 0
  const tell = (run: number, first: number, count: number) =>
    told(run, hand === 'right' ? total - first - count : first, count)
  const leaves = ledger.stitches.map((id) => stitchById(id).makes)
  let at = 0
  eachBlock(piece, row, (first, end, times) => {
    for (let n = 0; n < times; n++)
      for (let i = first; i < end; i++) {
        const places = runCount[i]! * leaves[runStitch[i]!]!
        const on = wrong ? begin[row]! + 1 - at - places : begin[row]! + at
        const first = ((on % total) + total) % total
        at += places
        // Round its beginning a round goes on at the other end of the picture.
        const over = Math.max(0, first + places - total)
        tell(i, first, places - over)
        if (over > 0) tell(i, 0, over)
      }
  })
}

/** How far down each stitch of a ledger hides what it passes; null where none does. */
const hiding = new WeakMap<readonly string[], readonly number[] | null>()
function hidesOf(stitches: readonly string[]): readonly number[] | null {
  const known = hiding.get(stitches)
  if (known !== undefined) return known
  const far = stitches.map((id) => {
    const { covers, reaches = 0 } = stitchById(id)
    return covers ? reaches : 0
  })
  const found = far.some((rows) => rows > 0) ? far : null
  hiding.set(stitches, found)
  return found
}

/**
 * Tells what is seen in the places a row leaves, run by run from the left as seen on its right side; then what rows above reach down
 * over them, which hides it.
 * @param told is given the run, its first place and how many there are, and whether they are reached over from above
 */
export function eachSeen(
  ledger: Ledger,
  piece: Piece,
  row: number,
  hand: 'right' | 'left',
  told: (run: number, first: number, count: number, over: boolean) => void,
): void {
  const { runStitch, makes } = piece.columns
  eachPlaces(ledger, piece, row, hand, (run, first, count) => told(run, first, count, false))
  const hides = hidesOf(ledger.stitches)
  if (!hides) return
  for (let above = row + 1; above <= row + 2 && makes[above] === makes[row]; above++)
    eachPlaces(ledger, piece, above, hand, (run, first, count) => {
      if (hides[runStitch[run]!]! >= above - row) told(run, first, count, true)
    })
}

/**
 * Writes the yarns of places a row leaves, as seen on the right side: place 0 is the left end. What rows above reach down over shows
 * their yarn.
 * @param from the place that goes into `out[0]`; as many follow as `out` holds, those beyond the row are left as they are
 * @param out one index into `ledger.yarns` a place
 */
export function writePlaceColours(
  ledger: Ledger,
  piece: Piece,
  row: number,
  hand: 'right' | 'left',
  from: number,
  out: Uint8Array,
): void {
  const { runYarn } = piece.columns
  eachSeen(ledger, piece, row, hand, (run, first, count) => {
    const left = first - from
    if (left < out.length && left + count > 0)
      out.fill(runYarn[run]!, Math.max(0, left), left + count)
  })
}

/**
 * The yarn of each place a row leaves, as seen on the right side: index 0 is the left end.
 * @returns one index into `ledger.yarns` a place, `makes` of them
 */
export function placeColours(
  ledger: Ledger,
  piece: Piece,
  row: number,
  hand: 'right' | 'left' = 'right',
): Uint8Array {
  const colours = new Uint8Array(piece.columns.makes[row]!)
  writePlaceColours(ledger, piece, row, hand, 0, colours)
  return colours
}

/** No stitch here: the row is narrower than the widest. */
export const NO_STITCH = 255

/** The front of a piece, laid flat: half of each round around the middle of the front, or all of each row. */
export interface FrontPicture {
  readonly columns: number
  readonly rows: number
  /** Index into `ledger.yarns` (or NO_STITCH) at `row · columns + column`; row 0 is the lowest, column 0 the left. */
  readonly yarns: Uint8Array
  readonly hand: 'right' | 'left'
}

/** Stitches of a row that are seen from the front. */
export const seenOf = (piece: Piece, row: number): number =>
  Math.max(1, piece.worked === 'rows' ? piece.columns.makes[row]! : piece.columns.makes[row]! >> 1)

/** Draws the front, around the middle that each row has; narrower rows are centred. */
export function frontPicture(ledger: Ledger, piece: Piece, hand: 'right' | 'left'): FrontPicture {
  const { makes } = piece.columns
  const widest = makes.reduce((most, n) => Math.max(most, n), 0)
  const columns = Math.max(1, piece.worked === 'rows' ? widest : widest >> 1)
  const yarns = new Uint8Array(columns * piece.rows).fill(NO_STITCH)
  for (let row = 0; row < piece.rows; row++) {
    const shown = seenOf(piece, row)
    const start = row * columns + ((columns - shown) >> 1)
    const from = Math.round(middlesSeen(piece, row, hand).front - shown / 2)
    const out = yarns.subarray(start, start + shown)
    // A round goes on around its beginning.
    for (const turn of [0, makes[row]!, -makes[row]!])
      if (from + turn < makes[row]! && from + turn + shown > 0)
        writePlaceColours(ledger, piece, row, hand, from + turn, out)
  }
  return { columns, rows: piece.rows, yarns, hand }
}

/** The front of a piece, out of all its places. */
export function frontOf(
  piece: Piece,
  hand: 'right' | 'left',
  { rowStart, yarns }: AroundPicture,
): FrontPicture {
  const { makes } = piece.columns
  const widest = makes.reduce((most, n) => Math.max(most, n), 0)
  const columns = Math.max(1, piece.worked === 'rows' ? widest : widest >> 1)
  const seen = new Uint8Array(columns * piece.rows).fill(NO_STITCH)
  for (let row = 0; row < piece.rows; row++) {
    const [shown, all] = [seenOf(piece, row), makes[row]!]
    const start = row * columns + ((columns - shown) >> 1)
    const from = Math.round(middlesSeen(piece, row, hand).front - shown / 2)
    for (let i = 0; i < shown && all > 0; i++)
      seen[start + i] = yarns[rowStart[row]! + ((((from + i) % all) + all) % all)]!
  }
  return { columns, rows: piece.rows, yarns: seen, hand }
}

/** The colours pictures have beside those of the ledger's yarns: each yarn's run, one after the other; by the yarn's index where its own begin. */
export function runsIn(
  letters: readonly string[],
  yarns: readonly Pick<Yarn, 'letter' | 'run'>[],
): { readonly from: ReadonlyMap<number, number>; readonly colours: readonly RunColour[] } {
  const from = new Map<number, number>()
  const colours: RunColour[] = []
  letters.forEach((letter, i) => {
    const run = yarns.find((yarn) => yarn.letter === letter)?.run ?? []
    if (run.length === 0) return
    from.set(i, letters.length + colours.length)
    colours.push(...run)
  })
  return { from, colours }
}

/** Every place of every row of a piece, as seen on the right side. */
export interface AroundPicture {
  /** Where each row begins in `yarns`; one more than there are rows. */
  readonly rowStart: Uint32Array
  /** Index into `ledger.yarns`; the left end of a row first. */
  readonly yarns: Uint8Array
}

/** Draws all of a piece, around or across. */
export function aroundPicture(ledger: Ledger, piece: Piece, hand: 'right' | 'left'): AroundPicture {
  const { makes } = piece.columns
  const rowStart = new Uint32Array(piece.rows + 1)
  for (let row = 0; row < piece.rows; row++) rowStart[row + 1] = rowStart[row]! + makes[row]!
  const yarns = new Uint8Array(rowStart[piece.rows]!)
  for (let row = 0; row < piece.rows; row++)
    writePlaceColours(ledger, piece, row, hand, 0, yarns.subarray(rowStart[row], rowStart[row + 1]))
  return { rowStart, yarns }
}
