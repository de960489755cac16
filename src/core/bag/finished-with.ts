import { bandOf } from '../band/index.ts'
import { bandsIn, BODY, bodyPiece, type Design, maybeBaseOf } from '../design/index.ts'
import { type FittingGroup, saidOf } from '../fitting/index.ts'
import { topNames } from './tops.ts'

/* What a bag is finished with, and the cards it lies under. */

/** The cards of the page, in their order. */
export const finishCards = {
  'in-edge': { name: 'In the edge', about: '2 gaps' },
  'on-edge': { name: 'On the edge', about: 'chain, cord, loop' },
  sewn: { name: 'Sewn straps', about: '2, or one across' },
  bought: { name: 'Bought', about: 'in a sleeve' },
  drawstring: { name: 'Drawstring', about: 'one cord, or two' },
  closure: { name: 'Flap, closure', about: 'button, clasp' },
  top: { name: 'The top', about: 'firm, wavy, picot' },
  inside: { name: 'Lining', about: 'cut to size' },
  more: { name: 'More', about: 'trims, your lines' },
} as const
export type FinishCard = keyof typeof finishCards
export const finishCardIds = Object.keys(finishCards) as FinishCard[]

/** The card things of a group lie under. */
export const cardOfGroup: Readonly<Record<FittingGroup, FinishCard>> = {
  edge: 'on-edge',
  bought: 'bought',
  drawstring: 'drawstring',
  closure: 'closure',
  inside: 'inside',
  more: 'more',
}

/** What a piece that she added is: sewn at both ends a strap, or a sleeve where those meet; worked or sewn on by its first row a flap. */
export type PieceRole = 'strap' | 'sleeve' | 'flap' | 'piece'
export function roleOf({ joins }: Pick<Design['pieces'][number], 'joins'>): PieceRole {
  const [first, last] = (['first', 'last'] as const).map((edge) =>
    joins.find((join) => join.edge === edge && join.to.piece === BODY),
  )
  if (first && last)
    return (['on', 'by', 'at'] as const).every((key) => first.to[key] === last.to[key])
      ? 'sleeve'
      : 'strap'
  return first?.to.on === 'last' ? 'flap' : 'piece'
}

/** Something a bag is finished with: a band of handles, a piece that is sewn on, or a thing. */
export interface Finished {
  readonly of: 'part' | 'piece' | 'item'
  readonly id: string
  readonly name: string
  readonly card: FinishCard
}

/** All a bag is finished with, card by card. */
export function finishedWith(design: Design): readonly Finished[] {
  const parts = bandsIn(bodyPiece(design)).flatMap((part): Finished[] => {
    const card = bandOf(part).inRounds ? 'in-edge' : topNames.has(part.name) ? 'top' : null
    return card ? [{ of: 'part', id: part.id, name: part.name, card }] : []
  })
  const cards: Readonly<Record<PieceRole, FinishCard | null>> = {
    strap: 'sewn',
    sleeve: 'bought',
    flap: 'closure',
    piece: null,
  }
  const pieces = design.pieces.slice(1).flatMap((piece): Finished[] => {
    const card = maybeBaseOf(piece) ? cards[roleOf(piece)] : null
    return card ? [{ of: 'piece', id: piece.id, name: piece.name ?? 'Piece', card }] : []
  })
  const items = design.items.map((one): Finished => ({
    ...{ of: 'item', id: one.id, name: one.name },
    card: cardOfGroup[saidOf(one).group],
  }))
  return [...parts, ...pieces, ...items].sort(
    (a, b) => finishCardIds.indexOf(a.card) - finishCardIds.indexOf(b.card),
  )
}
