import fc from 'fast-check'
import { commit, type Design, historyOf, type MadeRow, tryCommit } from '../design/index.ts'
import { anyBag } from '../testing/arbitrary.ts'
import { anyEditOf } from '../testing/arbitrary-edit.ts'
import { base, plain, stripes, tote } from '../testing/tote.ts'
import { bodyOf, compile, rowMade, runsOfRow } from './index.ts'

/** The first rows of a bag's body, as they were planned when they were made. */
function madeOf(design: Design, rows: number): MadeRow[] {
  const ledger = compile(design)
  const piece = bodyOf(ledger)
  return Array.from({ length: Math.min(rows, piece.rows) }, (_, row) => rowMade(ledger, piece, row))
}
const work = (design: Design, made: readonly MadeRow[] = []) => {
  const ledger = compile(design, { made })
  const piece = bodyOf(ledger)
  return Array.from({ length: piece.rows }, (_, row) => rowMade(ledger, piece, row))
}

describe('rows that are made', () => {
  it('are never changed by what is edited after, in any bag', () => {
    const cases = anyBag.chain((design) =>
      fc.tuple(
        fc.constant(design),
        fc.array(anyEditOf(design), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 12 }),
      ),
    )
    fc.assert(
      fc.property(cases, ([design, edits, rows]) => {
        const made = madeOf(design, rows)
        const after = edits.reduce((now, edit) => {
          const tried = tryCommit(now, edit)
          return tried.ok ? tried.value : now
        }, historyOf(design)).design
        const first = work(after, made).slice(0, made.length)
        // The last of them may end otherwise: something else, or nothing, comes after it.
        expect(first.map(({ end, ...rest }) => [rest, end && null])).toEqual(
          made.map(({ end, ...rest }) => [rest, end && null]),
        )
      }),
      { numRuns: 150 },
    )
  })

  it('change nothing where nothing was edited', () => {
    fc.assert(
      fc.property(anyBag, fc.integer({ min: 0, max: 14 }), (design, rows) => {
        expect(work(design, madeOf(design, rows))).toEqual(work(design))
      }),
      { numRuns: 100 },
    )
  })

  it('keep their ids when a band is put below those to come', () => {
    const bag = tote({ parts: [base({ count: 48 }), plain({ id: 'low' }), plain({ id: 'top' })] })
    const ids = (design: Design, made: readonly MadeRow[] = []) =>
      work(design, made).map(({ row }) => row)
    expect(ids(bag).slice(-4)).toEqual(['low:1', 'low:2', 'top:1', 'top:2'])
    const more = commit(historyOf(bag), {
      name: 'addPart',
      args: { part: stripes({ id: 'new' }), at: 2 },
    }).design
    expect(ids(more).slice(-6)).toEqual(['low:1', 'low:2', 'p1:1', 'p1:2', 'top:1', 'top:2'])
    // With a row of the top made, stripes below it come too late; with one of the lower band they follow it.
    expect(ids(more, madeOf(bag, 11)).slice(-4)).toEqual(['low:1', 'low:2', 'top:1', 'top:2'])
    expect(ids(more, madeOf(bag, 9)).slice(-6)).toEqual(ids(more).slice(-6))
  })

  it('stay when their part is taken out, and the rest goes on from them', () => {
    const bag = tote({
      parts: [base({ count: 48 }), plain({ id: 'low', yarn: 'B' }), plain({ id: 'top' })],
    })
    const made = madeOf(bag, 9)
    const less = commit(historyOf(bag), { name: 'removePart', args: { id: 'low' } }).design
    const ledger = compile(less, { made })
    const piece = bodyOf(ledger)
    expect(piece.parts.map(({ name }) => name)).toEqual(['Base', 'Made before', 'Plain'])
    expect(runsOfRow(ledger, piece, 8)).toEqual([{ stitch: 'sc', yarn: 'B', count: 48 }])
    expect(piece.rows).toBe(8 + 1 + 2)
  })
})
