import { itemBegun } from '../testing/items.ts'
import { compiled, rowMade } from '../ledger/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { baseAs, motif, plain, stripes, tote } from '../testing/tote.ts'
import { howFar, madeOf, newPiece } from './index.ts'

describe('what a bag is made of', () => {
  it('is its techniques once each, its pieces and what hangs on it; plain where there is no more', () => {
    const bag = tote({
      parts: [baseAs('round-base'), motif(), stripes(), motif({ id: 'again' }), plain()],
    })
    expect(madeOf(bag)).toEqual(['tapestry', 'stripes'])
    expect(madeOf(tote({ parts: [baseAs('round-base'), plain()] }))).toEqual(['plain'])
    const strap = newPiece(compiled(projectOf(bag)), 'strap')
    const sewn = commit(historyOf(projectOf(bag)), { name: 'addPiece', args: { piece: strap } })
    const cord = itemBegun('cord')
    expect(madeOf({ ...sewn.design, items: [cord] })).toEqual([
      'tapestry',
      'stripes',
      'strap',
      'cord',
    ])
  })
  it('is made as far as rows are noted, each of each copy once', () => {
    const bag = projectOf(tote())
    const { ledger } = compiled(bag)
    const body = ledger.pieces[0]!
    const [first, second] = [rowMade(ledger, body, 0), rowMade(ledger, body, 1)]
    expect(howFar(bag.log, ledger)).toEqual({ made: 0, rows: body.rows })
    expect(howFar([first, second, first], ledger).made).toBe(2)
  })
})
