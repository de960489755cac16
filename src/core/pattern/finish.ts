import {
  type Ledger,
  maybeMiddlesCounted,
  type Piece,
  placeWords,
  yarnAt,
} from '../ledger/index.ts'
import { eventsAt, type YarnPaths } from '../paths/index.ts'
import type { Words } from '../stitch/index.ts'
import { counted, listed } from '../units/index.ts'
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
  if (front.kind === 'strips')
    return `Lay ${front.across} strips side by side for each face.${turnedWords(front)}`
  if (front.kind === 'sideways') return sidewaysWords(front, pieces)
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

/** Which strips are turned head to tail: "Turn strips 2 and 4 of the front and 1 of the back head to tail." */
function turnedWords({ across, turned }: { across: number; turned: readonly number[] }): string {
  const of = (face: string, from: number) => {
    const own = turned.filter((strip) => strip > from && strip <= from + across)
    return own.length === 0 ? [] : [`${listed(own.map((strip) => strip - from))} of the ${face}`]
  }
  const faces = [...of('front', 0), ...of('back', across)]
  return faces.length === 0
    ? ''
    : ` Turn ${turned.length === 1 ? 'strip' : 'strips'} ${listed(faces)} head to tail, each counted from the left of its face.`
}

/** How a panel is folded whose rows run up the bag. */
function sidewaysWords(
  { up, over }: { up: number; over: number },
  pieces: Ledger['pieces'],
): string {
  const { columns } = pieces.find(({ id }) => id === 'bag')!
  const body = columns.makes[0]! - over
  const bottom = body > 2 * up ? `on stitch ${up + 1}` : placeWords(up)
  const flap = over > 0 ? `, and the flap ${placeWords(body)}` : ''
  return `Lay the panel on its side, so that its rows run up the bag. Fold the bottom ${bottom} of its rows${flap}, right side out.`
}
