import fc from 'fast-check'
import { bodyOf, compile, rowMade } from '../ledger/index.ts'
import { yarnPaths } from '../paths/index.ts'
import { anyBag } from '../testing/arbitrary.ts'
import { base, baseAs, motif, plain, tote } from '../testing/tote.ts'
import { tries } from '../testing/tries.ts'
import type { Design } from '../design/index.ts'
import { causesOf, causeWords, countMends, rowCounted } from './index.ts'

const making = (over: object) => ({ ...tote().making, ...over }) as Design['making']
const joined = (stitch = 'sc', over = {}) =>
  tote({
    making: making({ working: 'joined', chainCounts: false, ...over }),
    parts: [base({ stitch }), plain({ stitch, rounds: 12 })],
  })
const flat = () => tote({ parts: [baseAs('panel', { count: 30 }), plain({ rounds: 12 })] })

const causes = (design: Design, row: number, off: number, goodRow = row - 1) => {
  const ledger = compile(design)
  const piece = bodyOf(ledger)
  const counted = piece.columns.makes[row]! + off
  return causesOf({ ledger, piece, row, counted, goodRow })
}
const first = (...asked: Parameters<typeof causes>) => causes(...asked)[0]?.code

describe('what most likely happened to a count', () => {
  // By hand: which cause a maker would look for first.
  it.each([
    ['one short in a joined round', joined(), 14, -1, 13, 'join-missed'],
    ['one over in a joined round', joined(), 14, 1, 13, 'join-worked'],
    ['three short in three joined rounds', joined(), 14, -3, 11, 'join-missed'],
    ['one short in a spiral', tote(), 9, -1, 8, 'marker-moved'],
    ['one short in a flat row', flat(), 8, -1, 7, 'edge-missed'],
    ['four short in four flat rows', flat(), 8, -4, 4, 'edge-missed'],
    ['eight short in four flat rows', flat(), 8, -8, 4, 'edge-missed'],
    ['one over in a flat row', flat(), 8, 1, 7, 'edge-twice'],
    ['as many as the round below', tote(), 7, -6, 6, 'row-behind'],
    ['two short where six are increased', tote(), 7, -2, 6, 'increase-missed'],
    ['a repeat short', tote({ parts: [base(), motif({ times: 2 })] }), 9, -6, 8, 'repeat-missed'],
    ['a repeat over', tote({ parts: [base(), motif({ times: 2 })] }), 9, 6, 8, 'repeat-twice'],
    ['dc over by its chain', joined('dc'), 14, 1, 13, 'chain-counted'],
    ['dc short by its chain', joined('dc', { chainCounts: true }), 14, -1, 13, 'chain-forgotten'],
  ] as const)('%s', (_, design, row, off, good, code) => {
    expect(first(design as Design, row, off, good)).toBe(code)
  })
  it('is nothing where the count is right, and shares add up to one', () => {
    expect(causes(joined(), 14, 0)).toEqual([])
    const all = causes(joined(), 14, -1)
    expect(all.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1)
    expect(all.map(({ share }) => share)).toEqual(
      all.map(({ share }) => share).sort((a, b) => b - a),
    )
  })
  it('says how often in words that are of rows or rounds', () => {
    const [join] = causes(joined(), 14, -3, 11)
    expect(causeWords[join!.code](join!.facts, null).title).toBe(
      'In each of 3 rounds the last stitch before the join was missed.',
    )
    const [edge] = causes(flat(), 8, -8, 4)
    expect(causeWords[edge!.code](edge!.facts, null).title).toBe(
      'In each of 4 rows both edge stitches were missed.',
    )
  })
})

describe('what can be done about a count', () => {
  const mends = (row: number, off: number, goodRow: number) => {
    const ledger = compile(joined())
    const piece = bodyOf(ledger)
    const counted = piece.columns.makes[row]! + off
    return countMends({ ledger, piece, row, counted, goodRow }, yarnPaths(ledger, piece))
  }
  it('is made up for in the next round where few are off, or ripped, with what that costs', () => {
    const all = mends(14, -1, 11)
    expect(all.map(({ then, rows }) => [then, rows])).toEqual([
      ['next row', 0],
      ['ripped', 1],
      ['ripped', 3],
      ['plan follows', 0],
      ['left', 0],
    ])
    // 48 sc of 3 seconds each.
    expect(all[1]!.seconds).toBe(144)
    expect(all[2]!.seconds).toBe(432)
    expect(all[1]!.tailMetres).toBe(0)
  })
  it('is not hidden where many are off, nor after the last row', () => {
    expect(mends(14, -3, 13).map(({ then }) => then)).not.toContain('next row')
    expect(mends(19, -1, 18).map(({ then }) => then)).toEqual(['ripped', 'left'])
  })
})

describe('a row as it was counted', () => {
  it('is noted with as many stitches, whatever it is made of, and what follows is planned on them', () => {
    const cases = fc.record({
      design: anyBag,
      at: fc.nat(40),
      off: fc.constantFrom(-3, -2, -1, 1, 2, 3),
    })
    fc.assert(
      fc.property(cases, ({ design, at, off }) => {
        const ledger = compile(design)
        const piece = bodyOf(ledger)
        const row = at % piece.rows
        const counted = piece.columns.makes[row]! + off
        if (row === 0 || counted < 4) return
        const made = Array.from({ length: row }, (_, i) => rowMade(ledger, piece, i, 1))
        const last = rowCounted(ledger, piece, row, { copy: 1, counted })
        const after = compile(design, { made: [...made, last] })
        const body = bodyOf(after)
        expect(body.columns.makes[row]).toBe(counted)
        expect(body.columns.uses[row]).toBe(piece.columns.uses[row])
        const noted = Array.from({ length: body.rows }, (_, i) => rowMade(after, body, i, 1))
        expect(bodyOf(compile(design, { made: noted })).columns).toEqual(body.columns)
      }),
      { numRuns: tries(60) },
    )
  })
})
