import {
  type Ledger,
  maybeMiddlesCounted,
  type Piece,
  placeWords,
  yarnAt,
} from '../ledger/index.ts'
import { eventsAt, type YarnPaths } from '../paths/index.ts'
import type { Words } from '../stitch/index.ts'
import { counted } from '../units/index.ts'
import { levelWords } from './steps.ts'
import { named } from './yarn-notes.ts'

/* What is done with a piece when its rows are worked, and with the bag when its pieces are. */

/** The last thing that is done. */
export const endsWords = (ends: number): string => `Weave in the ${counted(ends, 'end')}.`

/** Said before a pattern that cannot be worked as it is. */
export const UNFINISHED = 'This pattern does not work out yet: see its snags.'

/** How a piece ends: a spiral's step is levelled, and a tail is left where it is sewn. */
export function finishWords(ledger: Ledger, piece: Piece, paths: YarnPaths, words: Words): string {
  const level = levelWords(ledger, piece, words)
  const sewn = ledger.joins.some(
    ({ kind, sides }) => kind !== 'pick-up' && sides[0].piece === piece.id,
  )
  const off = `Fasten off${sewn ? ', leaving a tail to sew with' : ''}.`
  const last = piece.rows - 1
  const others = eventsAt(paths, last, 'cut').filter((yarn) => yarn !== yarnAt(piece, last, 'last'))
  const cut = others.length > 0 ? ` Cut ${named(ledger, others)} too.` : ''
  return `${capital(level)}${off}${cut}${movedWords(piece)}`
}
/** Where front and back are at the top, when leaning rounds have moved them on by a stitch and more. */
function movedWords(piece: Piece): string {
  const top = piece.rows - 1
  const moved = Math.round(piece.columns.moved[top]!)
  const middles = maybeMiddlesCounted(piece, top)
  if (!middles || moved < 1) return ''
  return ` Stitches lean, here by about ${counted(moved, 'stitch')} up to the top: the middle of the front is then ${placeWords(middles.front)} of round ${piece.columns.number[top]}, of the back ${placeWords(middles.back)}.`
}
/** A sentence begins with a capital. */
export const capital = (text: string) => text.replace(/^./, (first) => first.toUpperCase())

/** How the body is laid before it is sewn: where it is folded, or which piece lies where. Null where nothing is to be said. */
export function layoutWords({ front, pieces }: Ledger): string | null {
  if (front.kind === 'grid')
    return `Lay ${front.across} squares side by side and ${front.down} up for each face, ${pieces.length > 1 ? 'the two kinds in turn' : 'all alike'}.`
  if (front.kind === 'strips') return `Lay ${front.across} strips side by side for each face.`
  if (front.kind !== 'folded') return null
  const { up, over, flap } = front
  if (up < 1) return 'It has too few rows to be folded yet.'
  const { rows } = pieces.find(({ id }) => id === 'bag')!
  const on = rows - over - 2 * up === 1
  // From the end that is not the flap: the front, the fold, the back, and the flap.
  const number = (fromFront: number) => (flap === 'last' ? fromFront : rows + 1 - fromFront)
  const between = (one: number) => {
    const [a, b] = [number(one), number(one + 1)].sort((x, y) => x - y)
    return `between rows ${a} and ${b}`
  }
  const bottom = on ? `on row ${number(up + 1)}` : between(up)
  const top = over > 0 ? `, and the flap ${between(rows - over)}` : ''
  return `Fold the bottom ${bottom}${top}, right side out.`
}
