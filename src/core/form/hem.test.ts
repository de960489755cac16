import { newPiece } from '../bag/index.ts'
import { compiled } from '../ledger/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { baseAs, plain, tote } from '../testing/tote.ts'
import { aroundEdge } from './hem.ts'
import { alongAt, sheetsOf, type Vec } from './index.ts'

const panel = compiled(
  projectOf(tote({ parts: [baseAs('panel', { count: 40 }), plain({ rounds: 19 })] })),
)
const edged = () => {
  const piece = newPiece(panel, 'edge')
  const start = historyOf(projectOf(panel.design))
  return compiled(commit(start, { name: 'addPiece', args: { piece } }))
}
const apart = (a: Vec, b: Vec) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])

describe('an edge all around a flat piece', () => {
  // A panel of 40 stitches of 5 mm and 20 rows of 5 mm: 200 mm wide, 100 mm high; 600 mm around.
  it.each([
    ['right', 0, { u: 1, r: 20, out: 'up' }],
    ['right', 100 / 600, { u: 0.5, r: 20, out: 'up' }],
    ['right', 250 / 600, { u: 0, r: 10, out: 'left' }],
    ['right', 400 / 600, { u: 0.5, r: 0, out: 'down' }],
    ['right', 550 / 600, { u: 1, r: 10, out: 'right' }],
    ['left', 50 / 600, { u: 0.25, r: 20, out: 'up' }],
    ['left', 250 / 600, { u: 1, r: 10, out: 'right' }],
  ] as const)('%s hand, at %f of the way', (hand, share, place) => {
    const at = aroundEdge(panel.ledger.pieces[0]!, hand)(share)
    expect(at.out).toBe(place.out)
    expect(at.u).toBeCloseTo(place.u, 6)
    expect(at.r).toBeCloseTo(place.r, 6)
  })
  it('begins on the edge of the fabric and goes on from it by as much as its rows reach', () => {
    const bag = edged()
    const at = bag.ledger.pieces.findIndex(({ id }) => id !== 'bag')
    const piece = bag.ledger.pieces[at]!
    const sheets = sheetsOf(bag, { hand: 'right', soft: true })
    const hem = sheets.find((sheet) => sheet.piece === at)!
    const body = sheets.find((sheet) => sheet.piece === 0)!
    for (const share of [0.03, 0.2, 0.41, 0.6, 0.77, 0.96]) {
      const place = aroundEdge(bag.ledger.pieces[0]!, 'right')(1 - share)
      expect(apart(hem.at(share, 0), body.at(place.u, place.r))).toBeLessThan(1e-6)
      const reach = apart(hem.at(share, piece.rows), hem.at(share, 0))
      expect(reach).toBeCloseTo(alongAt(piece, piece.rows), 3)
    }
  })
})
