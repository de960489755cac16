import { bodyOf, compile, maybeMiddlesCounted, runsOfRow } from '../ledger/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { base, plain, tote } from '../testing/tote.ts'
import { writtenIn } from '../testing/written.ts'
import { handlesBand, maybeEdgeHandles } from './index.ts'

describe('handles in the edge of a bag', () => {
  const bag = (count: number, working: 'spiral' | 'joined', rounds: number) => {
    const parts = [base({ count }), plain({ rounds })]
    const making = { ...tote().making, working }
    const below = bodyOf(compile(tote({ making, parts })))
    const handles = maybeEdgeHandles(below, below.rows - 1)
    const band = handles && handlesBand(handles, { stitch: 'sc', letter: 'A', over: 2 })
    return {
      handles,
      design: tote({ making, parts: [...parts, ...(band ? [{ ...band, id: 'h' }] : [])] as never }),
    }
  }

  // The middles of front and back lie in the gaps, wherever the round begins and however far its stitches lean.
  it.each([
    [48, 'joined', 1],
    [48, 'spiral', 3],
    [60, 'spiral', 11],
    [50, 'joined', 6],
  ] as const)('lie on front and back: %i in a %s, %i rounds', (count, working, rounds) => {
    const { handles, design } = bag(count, working, rounds)
    const ledger = compile(design)
    const piece = bodyOf(ledger)
    const row = piece.parts.at(-1)!.firstRow
    const below = maybeMiddlesCounted(piece, row - 1)!
    const { a, gap, between } = handles!
    const middles = [a + gap / 2, a + gap + between + gap / 2]
    const wanted = [below.front, below.back].map((at) => at % count).sort((x, y) => x - y)
    middles.forEach((at, i) => expect(Math.abs(at - wanted[i]!)).toBeLessThanOrEqual(1))
    expect(piece.columns.makes[row]).toBe(handles!.next)
    expect(piece.columns.handle[row + 1]).toBe(1)
    expect(runsOfRow(ledger, piece, row + 1)).toEqual([
      { stitch: 'sc', yarn: 'A', count: handles!.next },
    ])
  })

  it('are written so that they are read back', () => {
    const { design } = bag(48, 'joined', 2)
    expect(alarmsOf(writtenIn(design, 'own'))).toMatchObject({ lines: [] })
  })
})
