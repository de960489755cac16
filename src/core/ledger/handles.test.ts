import fc from 'fast-check'
import { bodyOf, compile, maybeMiddlesCounted, runsOfRow } from './index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { base, baseAs, handlesBand, plain, swatch, tote } from '../testing/tote.ts'
import { writtenIn } from '../testing/written.ts'
import type { Making } from '../part/index.ts'

const bag = (
  count: number,
  making: Partial<Making>,
  rounds: number,
  over: Parameters<typeof handlesBand>[0] = {},
  lean = 0,
) => {
  const parts = [base({ count }), plain({ rounds }), handlesBand(over)]
  const swatches = [swatch({ lean })]
  return tote({ swatches, making: { ...tote().making, ...making }, parts: parts as never })
}

/** Where the gaps of a handle round lie, and how far from the middles of the row below: as the ledger has both. */
function gapsOf(design: ReturnType<typeof tote>) {
  const ledger = compile(design)
  const piece = bodyOf(ledger)
  const row = piece.parts.at(-1)!.firstRow
  const runs = runsOfRow(ledger, piece, row)
  let at = 0
  const gaps = runs.flatMap(({ stitch, count }) => {
    const middle = at + count / 2
    if (stitch !== 'ch') at += count
    return stitch === 'skip' ? [middle] : []
  })
  // As they are counted from the start of the new round: a joined one begins on the same stitch, or on the next.
  const { begin } = piece.columns
  const below = maybeMiddlesCounted(piece, row - 1)!
  const count = piece.columns.makes[row - 1]!
  const turned = piece.columns.side[row] !== piece.columns.side[row - 1]
  const on = begin[row]! > 0 && !turned ? (begin[row - 1]! < begin[row]! ? 1 : 0) : 0
  const wanted = [below.front, below.back].map((m) =>
    turned ? (count - m + count) % count : (m - on + count) % count,
  )
  const off = gaps.map((gap) =>
    Math.min(...wanted.map((m) => Math.min(Math.abs(gap - m), count - Math.abs(gap - m)))),
  )
  return { ledger, piece, row, runs, off }
}

describe('handles in the edge of a bag', () => {
  // Common practice: 120 = 20 + 26 + 34 + 26 + 14 three stitches on from the side; 228 with chains of 80; the way around stays.
  it('is the round that is known, and raises the rim without widening it', () => {
    const { piece, row, runs } = gapsOf(
      bag(120, { working: 'joined', first: 'same' }, 4, { gap: 26, chain: 80 }),
    )
    expect(runs.map(({ stitch, count }) => `${count} ${stitch}`)).toEqual(
      ['17 sc', '80 ch', '26 skip', '34 sc', '80 ch', '26 skip', '17 sc'], // begun at the side: 17 before and after
    )
    const { makes, widthMm, handle } = piece.columns
    expect([makes[row], makes[row + 1], makes[row + 2]]).toEqual([228, 228, 228])
    expect(widthMm[row + 2]).toBeCloseTo(widthMm[row - 1]!, 6)
    expect([...handle.slice(row)]).toEqual([0, 1, 1])
  })

  it('closes its corners where edge and chain meet: four stitches fewer', () => {
    const { piece, row } = gapsOf(
      bag(120, { working: 'joined' }, 2, { gap: 26, chain: 65, together: true }),
    )
    expect([...piece.columns.makes.slice(row)]).toEqual([198, 194, 194])
  })

  it('centres on front and back in every school, count and height', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 6, max: 20 }).map((n) => n * 6),
        fc.constantFrom<Partial<Making>>(
          { working: 'spiral' },
          { working: 'joined', first: 'same' },
          { working: 'joined', first: 'next', start: 'chain' },
          { working: 'turned', first: 'same' },
          { working: 'turned', first: 'next' },
        ),
        fc.integer({ min: 1, max: 14 }),
        fc.boolean(),
        (count, making, rounds, together) => {
          const { off, piece, runs } = gapsOf(bag(count, making, rounds, { together }, 0.25))
          fc.pre(runs.length > 1)
          for (const by of off) expect(by).toBeLessThanOrEqual(1)
          const { makes, uses } = piece.columns
          for (let row = 1; row < piece.rows; row++) expect(uses[row]).toBe(makes[row - 1])
        },
      ),
      { numRuns: 60, seed: 30 },
    )
  })

  it('follows when the count changes below', () => {
    const of = (count: number) =>
      gapsOf(bag(count, { working: 'joined' }, 2)).runs.find(({ stitch }) => stitch === 'skip')!
        .count
    expect([of(96), of(120)]).toEqual([20, 24])
  })

  it('lies on the long sides of an oval', () => {
    const oval = baseAs('oval-base', { count: 60, along: 12 } as never)
    const parts = [oval, plain({ rounds: 3 }), handlesBand()]
    const design = tote({ making: { ...tote().making, working: 'joined' }, parts: parts as never })
    const { off, runs } = gapsOf(design)
    expect(runs.filter(({ stitch }) => stitch === 'ch')).toHaveLength(2)
    for (const by of off) expect(by).toBeLessThanOrEqual(0.5)
  })

  it.each([{}, { together: true }])('is written so that it is read back: %j', (over) => {
    expect(alarmsOf(writtenIn(bag(48, { working: 'joined' }, 2, over), 'own'))).toMatchObject({
      lines: [],
    })
  })
})
