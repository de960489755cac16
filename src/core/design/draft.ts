import type { Draft } from 'immer'
import type { Item } from '../fitting/index.ts'
import type { Design, Part } from './documents.ts'
import { isBase } from './parts-of.ts'

/* What edits have in common: a design while it is changed, what an edit is, and how what it is about is found. */

export type Draw = Draft<Design>
export type DraftPiece = Draw['pieces'][number]
export type DraftPart = DraftPiece['parts'][number]

export interface EditRule<Args> {
  readonly label: (args: Args) => string
  readonly run: (design: Draw, args: Args) => void
}

/** Thrown when what an edit is about is not in the design any more, or not of its kind: then nothing is changed. */
export class NotThere extends Error {
  override name = 'NotThere'
}

/** A part, the piece it is of, and its place there. */
export function place(design: Draw, id: string): { piece: DraftPiece; at: number } {
  for (const piece of design.pieces) {
    const at = piece.parts.findIndex((one) => one.id === id)
    if (at >= 0) return { piece, at }
  }
  throw new NotThere('this part is not there any more')
}
export const part = (design: Draw, id: string): DraftPart => {
  const { piece, at } = place(design, id)
  return piece.parts[at]!
}
export const pieceAt = (design: Draw, id: string): number => {
  const at = design.pieces.findIndex((one) => one.id === id)
  if (at < 0) throw new NotThere('this piece is not there any more')
  return at
}
export function itemAt(design: Draw, id: string): Draft<Item> {
  const item = design.items.find((one) => one.id === id)
  if (!item) throw new NotThere('this thing is not there any more')
  return item
}
export const piece = (design: Draw, id: string): DraftPiece => design.pieces[pieceAt(design, id)]!
/** The lowest place a band can have in a piece. */
export const lowest = ({ parts }: DraftPiece): number =>
  parts[0] && isBase(parts[0] as Part) ? 1 : 0
