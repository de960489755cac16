import { bodyOf, compile, runsOfRow } from '../ledger/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { writtenIn } from '../testing/written.ts'
import { fillingOf, levelMotif, topIds, tops, type TopFrom } from './tops.ts'

const from = (count: number, over: Partial<TopFrom> = {}): TopFrom => ({
  ...{ count, stitch: 'sc', letter: 'A', worked: 'rounds', repeat: null },
  ...over,
})
const joined = { ...tote().making, working: 'joined' as const }
const on = (count: number, id: keyof typeof tops, over: Partial<TopFrom> = {}) =>
  tote({
    making: joined,
    parts: [
      base({ count }),
      plain({ rounds: 3 }),
      { ...tops[id].band(from(count, over))!, id: 'top' },
    ] as never,
  })

describe('tops', () => {
  // Common practice, no source: on 126, six a repeat, dc, hdc, 3 sc, hdc is 21 dc + 42 hdc + 63 sc.
  it('are levelled with tall stitches in the hollows: 21 dc, 42 hdc and 63 sc on 126', () => {
    const ledger = compile(on(126, 'level', { repeat: 6 }))
    const piece = bodyOf(ledger)
    const row = piece.parts.at(-1)!.firstRow
    const counts: Record<string, number> = {}
    for (const { stitch, count } of runsOfRow(ledger, piece, row))
      counts[stitch] = (counts[stitch] ?? 0) + count
    expect(counts).toEqual({ dc: 21, hdc: 42, sc: 63 })
    expect([piece.columns.makes[row], piece.columns.makes[row + 1]]).toEqual([126, 126])
  })

  // By hand: a hollow one sc lower than the heights wants a dc (2) where they want a sc (1), and its slopes, 0.4 lower, a hdc (1.4).
  it('fill the very wave that lies below', () => {
    expect(fillingOf([3, 3, 2.6, 2, 2.6, 3])).toEqual([
      ['sc', 2],
      ['hdc', 1],
      ['dc', 1],
      ['hdc', 1],
      ['sc', 1],
    ])
  })

  it.each([4, 5, 6, 7, 8, 9, 10, 12])(
    'step down evenly on either side of the hollow: %i',
    (wide) => {
      const motif = levelMotif(wide)
      expect(motif.reduce((sum, [, count]) => sum + count, 0)).toBe(wide)
      const each = motif.flatMap(([stitch, count]) => Array<string>(count).fill(stitch))
      const around = [...each.slice(1)]
      expect(around).toEqual(around.toReversed())
    },
  )

  it.each(topIds.flatMap((id) => [48, 49, 50, 51].map((count) => [id, count] as const)))(
    '%s stands on %i, and is written so that it is read back',
    (id, count) => {
      const band = tops[id].band(from(count))
      if (!band) return expect(id).toBe('level')
      const design = on(count, id)
      const piece = bodyOf(compile(design))
      expect(piece.columns.uses[piece.parts.at(-1)!.firstRow]).toBe(count)
      expect(alarmsOf(writtenIn(design, 'own'))).toMatchObject({ lines: [] })
    },
  )

  it('can end a flat piece', () => {
    for (const id of topIds) {
      const top = tops[id].band(from(40, { worked: 'rows' }))!
      const parts = [baseAs('panel', { count: 40 }), plain({ rounds: 3 }), { ...top, id: 'top' }]
      const design = tote({ parts: parts as never })
      expect(alarmsOf(writtenIn(design, 'own'))).toMatchObject({ lines: [] })
    }
  })

  it('draw in by an even number, an eighth of the round', () => {
    const piece = bodyOf(compile(on(96, 'draw-in')))
    expect(piece.columns.makes.at(-1)).toBe(84)
  })
})
