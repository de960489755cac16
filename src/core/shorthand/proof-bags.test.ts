import { bodyOf, compile, onlyYarn } from '../ledger/index.ts'
import type { NewBand, Part } from '../design/index.ts'
import { derive } from '../bag/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { sides } from '../program/index.ts'
import { drawer, patternOf, type StitchPattern, usualDraft } from '../texture/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { baseAs, plain, tote } from '../testing/tote.ts'
import { writtenIn } from '../testing/written.ts'
import { countsFound, texturedBand } from './index.ts'

/* Bags as makers work them (common practice, no source): whether they can be said, and come out as they are worked. */

function band(pattern: StitchPattern, rounds: number): NewBand {
  const made = texturedBand(pattern, 'rounds', { letters: ['A'], rounds })
  if (!made.ok) throw new Error(made.problem)
  return { ...made.value, rounds } as NewBand
}

describe('a tote of a round of 70 and a block of dc, bumps, dc and mesh, six times in three yarns', () => {
  // Bumps pop out at the back: worked from the wrong side, one in five, 14 of them.
  const bumps = patternOf({
    ...{ id: 'bumps', name: 'Bumps', multiple: 5, offset: 0, flat: '' },
    ...usualDraft,
    ...{ round: '(WS) *bobble in next st, sc in next 4 sts; rep from * around', unit: 'bobble' },
  })
  const mesh = drawer.find(({ id }) => id === 'mesh')!
  const dc = { stitch: 'dc', rounds: 1 } as const
  const parts = [
    baseAs('tube', { count: 70, stitch: 'dc' }),
    plain({ ...dc, id: 'low' }),
    { ...band(bumps, 1), id: 'bumps' },
    plain({ ...dc, id: 'over' }),
    { ...band(mesh, 1), id: 'mesh' },
  ] as Part[]
  const making = { ...tote().making, working: 'joined' as const, chainCounts: true }
  const once = tote({ making, parts })
  const bag = commit(historyOf(projectOf(once)), {
    name: 'repeatParts',
    args: { from: 'low', to: 'mesh', times: 6, yarns: ['A', 'B', 'C'], short: 1 },
  }).design
  const ledger = compile(bag)
  const piece = bodyOf(ledger)
  const { makes, unitCount, unit, side } = piece.columns

  it('is 24 rounds of 70, the last block without its mesh, in its yarns by turns', () => {
    expect(countsFound(bumps, 'round')).toEqual({ ok: true, value: { multiple: 5, offset: 0 } })
    expect([piece.rows, ...new Set(makes)]).toEqual([24, 70])
    const yarns = Array.from({ length: 24 }, (_, row) => ledger.yarns[onlyYarn(piece, row)!])
    expect(yarns.join('')).toBe('AAAAABBBBCCCCAAAABBBBCCC')
  })

  it('has 14 bumps from the wrong side, and a mesh of 35 spaces and 35 stitches', () => {
    const rowsOf = (name: string) =>
      [...unit].flatMap((one, row) => (ledger.units[one] === name ? [row] : []))
    expect(rowsOf('bobble')).toEqual([2, 6, 10, 14, 18, 22])
    for (const row of rowsOf('bobble'))
      expect([unitCount[row], sides[side[row]!]]).toEqual([14, 'WS'])
    expect(rowsOf('space')).toEqual([4, 8, 12, 16, 20])
    expect(unitCount[4]).toBe(35)
  })

  it('reads as a maker writes it, and is read back with no alarm', () => {
    const text = writtenIn(bag, 'own')
    expect(alarmsOf(text)).toMatchObject({ lines: [], whole: false })
    expect(text).toContain('ch 4 (counts as dc and ch 1), sk 1 st, *dc in next st, ch 1, sk 1 st')
    expect(text).toContain('*bobble in next st, sc in next 4 sts; rep from * around')
    expect(text).toContain('dc in each remaining st and ch around')
  })

  it('has no snag of its own, and changes with one edit in all its times', () => {
    const codes = derive(projectOf(bag)).snags.flatMap(({ severity, code }) =>
      severity === 'error' ? [code] : [],
    )
    // It was not wanted in any size.
    expect(codes.filter((code) => code !== 'size-off')).toEqual([])
    const higher = commit(historyOf(projectOf(bag)), {
      name: 'setRounds',
      args: { id: 'over', rounds: 2 },
    }).design
    expect(bodyOf(compile(higher)).rows).toBe(24 + 6)
  })
})
