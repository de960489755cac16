import { blockOf } from './blocks.ts'
import type { Design, DesignPiece, Part } from './documents.ts'

/** What tells two of one name apart, from below; more of them are numbered. */
const TWO = ['below', 'above']

/** What the parts of a piece are called where they must be told apart: those of one name by where they lie. */
function calledIn(piece: DesignPiece): readonly (readonly [string, string])[] {
  // The bands of a block are one, however often they come.
  const one = (part: Part) => {
    const of = blockOf(piece, part.id)
    return of ? of.block.times[0]!.bands[of.place]! : part.id
  }
  const alike = new Map<string, string[]>()
  for (const part of piece.parts) {
    const ids = alike.get(part.name) ?? []
    alike.set(part.name, ids)
    if (!ids.includes(one(part))) ids.push(one(part))
  }
  return piece.parts.map((part) => {
    const ids = alike.get(part.name)!
    const at = ids.indexOf(one(part))
    const which = ids.length === 1 ? '' : ids.length === 2 ? ` ${TWO[at]}` : ` ${at + 1}`
    return [part.id, part.name + which] as const
  })
}

const known = new WeakMap<Design, ReadonlyMap<string, string>>()
/** What each part of a bag is called, by its id: its name, and which of several it is where others of its piece have the same. */
export function calledOf(design: Design): ReadonlyMap<string, string> {
  const called = known.get(design) ?? new Map(design.pieces.flatMap(calledIn))
  known.set(design, called)
  return called
}
