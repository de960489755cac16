import { compile, runsIn } from '../ledger/index.ts'
import { yarnPaths } from '../paths/index.ts'
import { baseAs, plain, tote } from '../testing/tote.ts'
import { maybeStriped, runAt, rowsOfRun, takesOf, yarnModel } from './index.ts'

const RUN = (first: number, second: number) => [
  { colour: '#aa0000', metres: first },
  { colour: '#00aa00', metres: second },
]
const panel = (run: ReturnType<typeof RUN>) => {
  const yarns = tote().yarns.map((yarn, i) => (i === 0 ? { ...yarn, run } : yarn))
  const parts = [baseAs('panel', { count: 20, begins: 'row' }), plain({ rounds: 5 })]
  const design = tote({ yarns, parts })
  const ledger = compile(design)
  const paths = ledger.pieces.map((piece) => yarnPaths(ledger, piece))
  return { design, ledger, paths }
}
/** Metres of rows from one to another. */
function metres({ design, ledger, paths }: ReturnType<typeof panel>, from: number, to: number) {
  const model = yarnModel(design, ['sc', 'ch'])
  return takesOf(ledger, ledger.pieces[0]!, paths[0]!, from, to).reduce(
    (sum, take) =>
      sum +
      take.metres +
      (take.stitch === null ? 0 : take.count * model.metresOf('A', take.stitch)),
    0,
  )
}
const seen = (of: ReturnType<typeof panel>) => {
  const [piece] = maybeStriped(of.design, of.ledger, of.paths, 'right')!
  const { columns, yarns } = piece!.front
  return Array.from({ length: of.ledger.pieces[0]!.rows }, (_, row) =>
    [...yarns.subarray(row * columns, (row + 1) * columns)].join(''),
  )
}

describe('a yarn that stripes by itself', () => {
  it('has the colour its run has there, again and again', () => {
    expect([0, 0.9, 1, 2.9, 3, 7.5].map((at) => runAt(RUN(1, 2), at))).toEqual([0, 0, 1, 1, 0, 1])
    expect(rowsOfRun(RUN(1, 2), 0.5)).toEqual([2, 4])
    const { from, colours } = runsIn(['B', 'A'], [{ letter: 'A', run: RUN(1, 2) }])
    expect([[...from], colours.length]).toEqual([[[1, 2]], 2])
  })

  // By hand: the first colour lasts for three rows and half of the fourth, which is worked on the wrong side, from left to right as seen.
  it('changes where the yarn runs out, in the order the stitches are worked', () => {
    const of = panel(RUN(1, 1))
    const half = metres(of, 0, 3) + metres(of, 3, 4) * 0.49
    expect(seen(panel(RUN(half, 100)))).toEqual([
      ...['1', '1', '1'].map((colour) => colour.repeat(20)),
      '1'.repeat(10) + '2'.repeat(10),
      ...['2', '2'].map((colour) => colour.repeat(20)),
    ])
    // On the right side it comes from the right.
    const third = metres(of, 0, 2) + metres(of, 2, 3) * 0.24
    expect(seen(panel(RUN(third, 100)))[2]).toBe('2'.repeat(15) + '1'.repeat(5))
  })

  it('is in no picture where none stripes', () => {
    const of = panel([])
    expect(maybeStriped(of.design, of.ledger, of.paths, 'right')).toBeNull()
  })
})
