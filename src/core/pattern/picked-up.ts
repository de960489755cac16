import { groundOfRow, type Join, type Ledger, type Piece } from '../ledger/index.ts'
import { abbrOf } from '../stitch/index.ts'
import { copiesWords, metWords } from './joins.ts'
import { rhythmWords } from './rhythm.ts'
import { inRuns } from './runs-text.ts'
import type { RowContext } from './starts.ts'

/* Stitches that are picked up along another piece. */

/** The join by which a piece is picked up along another; null for one that is picked up around its base, or not at all. */
const maybePick = ({ joins }: Ledger, { id }: Piece): Join | null =>
  joins.find(
    ({ kind, how, sides }) => kind === 'pick-up' && how !== null && sides[0].piece === id,
  ) ?? null

/** Along another piece, or so many along each side of a base, from where the yarn is joined. */
export function pickedUp({ ledger, piece, runs, words }: RowContext): string {
  const stitches = inRuns(runs, words, false)
  const own = maybePick(ledger, piece)
  if (own?.around) return allAround(own.around, own, { ledger, piece, words })
  if (own) return `pick up ${stitches} along ${metWords(own.sides[1], ledger)}`
  const base = ledger.pieces.find(({ id }) => id === 'base')
  if (!base) return `pick up ${stitches} around`
  const stitch = abbrOf(groundOfRow(ledger, piece, 0), words)
  const { along, one, other } = aroundBase(base, piece)
  return `pick up ${along} ${stitch} along the last row of the base, ${one} ${stitch} along its row ends, ${along} ${stitch} along its chain, ${other} ${stitch} along the other row ends`
}

/** All around a flat piece: side by side, and what goes into each corner. */
function allAround(
  { last, left, first, right, in: corner }: NonNullable<Join['around']>,
  { sides }: Join,
  { ledger, piece, words }: Pick<RowContext, 'ledger' | 'piece' | 'words'>,
): string {
  const stitch = abbrOf(groundOfRow(ledger, piece, 0), words)
  const { name } = ledger.pieces.find(({ id }) => id === sides[1].piece)!
  const turn =
    corner === 'none' ? '' : corner === 'three' ? `, 3 ${stitch}` : `, ch ${corner.slice(3)}`
  const along = (many: number, edge: string) =>
    many > 0 ? [`${many} ${stitch} along the ${edge} of ${name}`] : []
  return `pick up ${[
    ...along(last, 'last row'),
    ...along(left, 'left side'),
    ...along(first, 'first row'),
    ...along(right, 'right side'),
  ].join(`${turn}, `)}${turn}`
}

/** Along the squares under a rim it is as many on each of both faces. */
function alongSquares({ front }: Ledger, { columns }: Piece): string | null {
  const each = front.kind === 'grid' ? columns.makes[0]! / (2 * front.across) : 0
  return each > 0 && Number.isInteger(each) ? `${each} along each square.` : null
}

/** Stitches along a base's long sides, and along its row ends: an odd one goes with the second side. */
function aroundBase(base: Piece, piece: Piece) {
  const along = base.columns.makes[base.rows - 1]!
  const row = (piece.columns.makes[0]! - 2 * along) / 2
  return { along, one: Math.floor(row), other: Math.ceil(row) }
}

/** How stitches are picked up along row ends, which are not one to one; null where none are. */
export function pickedNote(ledger: Ledger, piece: Piece): string | null {
  const own = maybePick(ledger, piece)
  const base = ledger.pieces.find(({ id }) => id === 'base')
  if (!own && !base) return alongSquares(ledger, piece)
  if (own?.around) {
    const { rows } = ledger.pieces.find(({ id }) => id === own.sides[1].piece)!
    const corner =
      own.around.in === 'none' ? '' : ' What stands between two sides goes into the corner.'
    return `Along the row ends ${rhythmWords(own.around.left, rows)}.${corner}`
  }
  const met = own && ledger.pieces.find(({ id }) => id === own.sides[1].piece)
  const others = met ? copiesWords(own.sides[1], met, piece.times) : ''
  if (others) return `Pick up ${others}.`
  const along = own
    ? own.sides[1].of === 'row ends' && { stitches: own.sides[0].count, ends: own.sides[1].count }
    : base && { stitches: aroundBase(base, piece).one, ends: base.rows }
  if (!along) return null
  return `Along the row ends ${rhythmWords(along.stitches, along.ends)}.`
}
