import type { Join, Ledger } from '../ledger/index.ts'

type Placed = Exclude<Join['place'], object>

/** What each join of a construction does, and where. */
const places: Readonly<Record<Placed, string>> = {
  'around-base': 'Pick up stitches all around the base',
  'around-top': 'Pick up stitches around the top',
  'left-side': 'Sew the left side',
  'right-side': 'Sew the right side',
  bottom: 'Sew the bottom',
  'fold-left': 'Sew front to back along the left side',
  'fold-right': 'Sew front to back along the right side',
  'tube-bottom': 'Sew front to back along the bottom',
  curve: 'Sew along the curve; the straight edges stay open',
  'one-disc': 'Sew the strip to one disc, one row end to one stitch',
  'other-disc': 'Sew the strip to the other disc, one row end to one stitch',
  'square-to-square': 'Sew square to square, on both faces',
  'face-to-face': 'Sew face to face, along both sides and the bottom',
  'strip-to-strip': 'Sew strip to strip',
}

export const edgeWords = {
  first: 'first row',
  last: 'last row',
  left: 'left side',
  right: 'right side',
} as const
/** How two edges are sewn together. */
export const seamWords = {
  whip: 'Whip-stitch',
  mattress: 'Sew with mattress stitch',
  slip: 'Join with slip stitches',
  single: 'Join with single crochet',
} as const

/** "Sew front to back along the bottom: 60 pairs." */
export function joinText(join: Join, ledger: Ledger): string {
  const { kind, place, sides, how, count } = join
  const [one, other] = sides
  if (typeof place === 'object') {
    const name = (id: string) => ledger.pieces.find((piece) => piece.id === id)!.name
    const from = place.at > 0 ? `, from ${unit(other.of)} ${place.at + 1} on` : ''
    return `${seamWords[how!]} the ${edgeWords[place.edge]} of ${name(one.piece)} to the ${edgeWords[place.onto]} of ${name(other.piece)}${from}: ${count} pairs.`
  }
  if (kind === 'pick-up') return `${places[place]}: ${count}.`
  const open = kind === 'sew-on' ? Math.max(0, other.count - count) : 0
  return `${places[place]}: ${count} pairs${open > 0 ? `; ${open} stitches stay open` : ''}.`
}

const unit = (of: 'stitches' | 'row ends') => (of === 'stitches' ? 'stitch' : 'row end')
