import { bandOf, bands, type BandPart } from '../band/index.ts'
import { type Design, makingOf, pieceOfPart } from '../design/index.ts'
import { type Piece, standsOn } from '../ledger/index.ts'
import { sides } from '../program/index.ts'
import type { Making } from '../part/index.ts'
import { bandsOn, type Finder } from './finder.ts'
import type { Mend } from './snag.ts'

/** Rows that want a side and cannot have it: spirals are not turned, and flat rows alternate. */
export const raisedInside: Finder = ({ design, piece }) =>
  bandsOn(design, piece).flatMap((part) => {
    const place = piece.parts.find(({ id }) => id === part.id)!
    for (let row = place.firstRow; row < place.endRow; row++) {
      const wants = bandOf(part).wants(part, row - place.firstRow + 1, standsOn(piece, place))
      const side = wants.side ?? (piece.worked === 'rows' ? wants.sideIfTurned : undefined)
      if (!side || sides[piece.columns.side[row]!] === side) continue
      const making = makingOf(design, part)
      const spiral = piece.worked === 'rounds' && making.working === 'spiral'
      return [
        {
          code: 'raised-inside' as const,
          severity: 'warning' as const,
          where: { part: part.id, round: piece.columns.number[row]! },
          facts: {
            name: part.name,
            side,
            worked: spiral ? ('spiral' as const) : piece.worked,
          },
          mends: mendsFor(design, piece, part, spiral),
        },
      ]
    }
    return []
  })

/** Joins the rounds of a part of a spiral, which can then be turned. */
export const joinRounds = (id: string, making: Making): Mend => ({
  kind: 'join-rounds',
  facts: {},
  edits: [{ name: 'setPart', args: { id, values: { making: { ...making, working: 'joined' } } } }],
})

function mendsFor(design: Design, piece: Piece, part: BandPart, spiral: boolean): Mend[] {
  const making = makingOf(design, part)
  const at = pieceOfPart(design, part.id).parts.findIndex(({ id }) => id === part.id)
  const below = piece.parts[Math.max(0, piece.parts.findIndex(({ id }) => id === part.id) - 1)]!
  const [yarn] = bandOf(part).yarns(part)
  const plain = bands.plain.begin({
    stitch: below.gauge.stitch,
    letters: [yarn!],
    count: 0,
    abbr: '',
  })
  return [
    ...(spiral ? [joinRounds(part.id, making)] : []),
    ...(piece.worked === 'rows'
      ? [
          {
            kind: 'row-below' as const,
            facts: {},
            edits: [
              {
                name: 'addPart' as const,
                args: { part: { ...plain, rounds: 1 }, at, piece: piece.id },
              },
            ],
          },
        ]
      : []),
  ]
}
