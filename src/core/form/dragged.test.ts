import type { DesignPiece, PieceJoin } from '../design/index.ts'
import { compile, maybePlace, type Piece } from '../ledger/index.ts'
import { spotOn } from '../part/index.ts'
import { baseAs, tote } from '../testing/tote.ts'
import { shareAt } from './attached.ts'
import { canBeDragged, maybeDraggedJoins } from './index.ts'

// 48 stitches around; the last round is the rim.
const ledger = compile(tote())
const body = ledger.pieces[0]!
const rim = body.rows - 1
const low = body.parts.find(({ id }) => id === 'low')!

const sewn = (edge: PieceJoin['edge'], over: Parameters<typeof spotOn>[1]): PieceJoin => ({
  ...{ edge, to: spotOn('bag', over), how: 'whip', over: null, corner: 'none' },
})
const pieceOf = (joins: readonly PieceJoin[]): DesignPiece => ({
  ...{ id: 'own', name: 'Own', times: 1, parts: [baseAs('panel')], joins, blocks: [] },
})
const strap = pieceOf([sewn('first', { by: 'side' }), sewn('last', { by: 'other-side' })])
const pocket = pieceOf([
  sewn('first', { on: 'row', row: 'low:2', by: 'front' }),
  sewn('left', { on: 'up', row: 'low:2', by: 'front', at: 5 }),
  sewn('right', { on: 'up', row: 'low:2', by: 'front', at: -5 }),
])
const [own4] = compile(tote({ parts: [baseAs('panel')] })).pieces
/** A piece of 4 stitches and 40 rows. */
const taken = {
  ...own4!,
  rows: 40,
  columns: { ...own4!.columns, makes: own4!.columns.makes.map(() => 4) },
} as Piece
/** Where the middle of a strap's end lies, from the left. */
const sideAt = (end: number, hand: 'right' | 'left') => {
  const { row, at: begins } = maybePlace(body, strap.joins[end]!.to, 4)!
  return shareAt(body, row, begins + 2, hand)
}
const at = (share: number, row = rim) => ({ piece: 0, row, share })
const dragged = (
  own: DesignPiece,
  row: number,
  from: number,
  to: number,
  over: { readonly hand?: 'right' | 'left'; readonly up?: number } = {},
) =>
  maybeDraggedJoins(own, { of: taken, row }, body, {
    ...{ from: at(from, 10), to: at(to, 10 + (over.up ?? 0)), hand: over.hand ?? 'right' },
  })

describe('a piece that is dragged to its place', () => {
  // Common practice: worked from the right by the right hand, so a quarter of 48 to the right of what is seen is 12 back.
  it.each([
    ['right', 0.25, -12],
    ['right', -0.25, 12],
    ['left', 0.25, 12],
    ['left', -0.25, -12],
  ] as const)('the end of a strap, %s hand, by %f of the way around: %i', (hand, far, stitches) => {
    const joins = dragged(strap, 3, 0, sideAt(0, hand) + far, { hand })!
    expect(joins[0]!.to).toMatchObject({ by: 'side', at: stitches })
    expect(joins[1]).toBe(strap.joins[1])
  })
  it('is the end that is nearer to the hand', () => {
    const joins = dragged(strap, 37, 0, sideAt(1, 'right') + 0.25)!
    expect(joins[0]).toBe(strap.joins[0])
    expect(joins[1]!.to.at).toBe(-12)
  })
  it('over the place where a round begins the shorter way is taken', () => {
    expect(dragged(pocket, 0, 0.95, 0.05)![0]!.to.at).toBe(Math.round(-0.1 * 48))
  })
  // "low" has two rounds: one up from its second is the motif's first.
  it('a pocket as a whole, along and up', () => {
    const joins = dragged(pocket, 3, 0.5, 0.5 - 2 / 48, { up: 1 })!
    expect(joins.map(({ to }) => [to.row, to.at])).toEqual([
      ['motif:1', 2],
      ['motif:1', 7],
      ['motif:1', -3],
    ])
  })
  it('no further than its piece goes', () => {
    const joins = dragged(pocket, 3, 0.5, 0.5, { up: 1000 })!
    expect(joins[0]!.to.row).not.toBe('low:2')
    expect(maybePlace(body, joins[0]!.to)!.row).toBe(rim)
  })
  it('comes to lie where the hand let it go', () => {
    const was = shareAt(
      body,
      low.firstRow + 1,
      maybePlace(body, pocket.joins[0]!.to, 10)!.at,
      'right',
    )
    for (const far of [0.1, 0.3, -0.2, -0.45]) {
      const joins = dragged(pocket, 3, 0.4, 0.4 + far)!
      const place = maybePlace(body, joins[0]!.to, 10)!
      const now = shareAt(body, place.row, place.at, 'right')
      const off = now - was - far
      expect(Math.abs(off - Math.round(off))).toBeLessThan(0.75 / 48)
    }
  })
  it('counted from where the round begins, stays on the round', () => {
    const own = pieceOf([sewn('first', { at: 4 })])
    expect(dragged(own, 0, 0.5, 0.75)![0]!.to.at).toBe(40)
  })
  it('stays where it is when nothing is moved, when the hand went elsewhere, or it lies all around', () => {
    expect(dragged(pocket, 3, 0.5, 0.501)).toBeNull()
    expect(dragged(strap, 3, 0.5, sideAt(0, 'right') + 0.001)).toBeNull()
    const away = { from: at(0.5), to: { ...at(0.7), piece: 1 }, hand: 'right' } as const
    expect(maybeDraggedJoins(pocket, { of: taken, row: 3 }, body, away)).toBeNull()
    expect(canBeDragged(pieceOf([sewn('first', { on: 'around' })]))).toBe(false)
    expect(canBeDragged(pieceOf([]))).toBe(false)
  })
})
