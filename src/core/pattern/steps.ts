import { groundOfRow, type Ledger, partOfRow, type Piece } from '../ledger/index.ts'
import { starts } from '../program/index.ts'
import { abbrOf, type Stitch, stitchById, type Words } from '../stitch/index.ts'

/*
 * A spiral has no starting chain: it steps up from one round to the next. Where its stitches grow taller or lower the step is made over
 * the stitches in between (common practice): up by sc, hdc, dc; down by hdc, sc and a slip stitch.
 */

/** Stitches of lower heights, the lowest first. */
const RUNGS = ['sc', 'hdc', 'dc', 'tr'] as const
const rungsBelow = ({ height }: Stitch): Stitch[] =>
  RUNGS.map(stitchById).filter((stitch) => stitch.height < height)

/** The ground of a row of a spiral, or of the first round one goes on from; null where rounds are joined. */
function maybeSpiralOf(ledger: Ledger, piece: Piece, row: number): Stitch | null {
  if (piece.worked === 'rows' || row < 0 || row >= piece.rows) return null
  const { start } = piece.columns
  const goesOn = (at: number) => at < piece.rows && starts[start[at]!] === 'spiral'
  const isSpiral = goesOn(row) || (row === 0 && goesOn(1))
  return isSpiral ? stitchById(groundOfRow(ledger, piece, row).of) : null
}

const listed = (words: readonly string[]): string =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : words.join('')

/** How a spiral's round steps up to its height, and down again before lower ones; nothing where it goes on as it did. */
export function stepNotes(ledger: Ledger, piece: Piece, row: number, words: Words): string[] {
  const own = maybeSpiralOf(ledger, piece, row)
  // Rows that are said as they were written make their own steps.
  if (!own || partOfRow(piece, row).texts !== null) return []
  const below = maybeSpiralOf(ledger, piece, row - 1)
  const up = rungsBelow(own).filter(({ height }) => height > (below?.height ?? 0))
  const above = maybeSpiralOf(ledger, piece, row + 1)
  const down =
    above || row + 1 < piece.rows
      ? rungsBelow(own).filter(({ height }) => height > (above?.height ?? 1) - 1e-9)
      : []
  const say = (list: readonly Stitch[]) => listed(list.map((stitch) => abbrOf(stitch, words)))
  const which = (list: readonly Stitch[], at: 'first' | 'last') =>
    list.length > 1 ? `the ${at} ${list.length} stitches are` : `the ${at} stitch is`
  return [
    ...(up.length > 0 ? [`To step up, ${which(up, 'first')} ${say(up)}.`] : []),
    ...(down.length > 0 ? [`To step down, ${which(down, 'last')} ${say(down.toReversed())}.`] : []),
  ]
}

/** How the last round of a spiral is levelled: by lower and lower stitches into the next places. */
export function levelWords(ledger: Ledger, piece: Piece, words: Words): string {
  const own = maybeSpiralOf(ledger, piece, piece.rows - 1)
  if (!own) return ''
  const slip = abbrOf(stitchById('sl-st'), words)
  const rungs = rungsBelow(own).toReversed()
  if (rungs.length === 0) return `${slip} in each of the next 2 sts to level the step. `
  const list = [...rungs.map((stitch) => abbrOf(stitch, words)), slip]
  return `To level the step, ${list.map((word) => `1 ${word}`).join(', ')}. `
}
