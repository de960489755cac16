import { compile, maybeHandleRow, bodyOf } from '../ledger/index.ts'
import { base, baseAs, handlesBand, plain, swatch, tote } from '../testing/tote.ts'
import { finishedBags } from '../testing/finished-bags.ts'
import { formOf, sheetsOf } from './index.ts'
import { apart, type Vec } from './vector.ts'

const bag = (over: Parameters<typeof handlesBand>[0] = {}, of = base({ count: 96 })) =>
  tote({
    swatches: [swatch({ lean: 0 })],
    making: { ...tote().making, working: 'joined' },
    parts: [of, plain({ rounds: 20 }), handlesBand({ gap: 20, chain: 60, over: 3, ...over })],
  } as never)
const ways = { hand: 'right', soft: true } as const

describe('handles in the round', () => {
  const design = bag()
  const ledger = compile(design)
  const sheets = sheetsOf({ design, ledger }, ways)
  const row = maybeHandleRow(ledger, bodyOf(ledger))!
  const handles = sheets.filter(({ at, u, r }) => {
    if (r[0] !== row) return false
    const [one, middle] = [at(u[0], row), at((u[0] + u[1]) / 2, row)]
    return middle[1] - one[1] > 50
  })

  it('stand up from the rim, in front and behind, as long as their chains', () => {
    expect(sheets.filter(({ piece }) => piece === 0)).toHaveLength(5)
    expect(handles).toHaveLength(2)
    for (const { at, u } of handles) {
      let [long, before] = [0, at(u[0], row)]
      for (let i = 1; i <= 60; i++) {
        const now = at(u[0] + ((u[1] - u[0]) * i) / 60, row)
        long += apart(before, now)
        before = now
      }
      // 60 chains of 5 mm.
      expect(long).toBeGreaterThan(292)
      expect(long).toBeLessThan(301)
    }
    const middles = handles.map(({ at, u }): Vec => at((u[0] + u[1]) / 2, row))
    // One towards the one who looks at the front, one away; neither to the side.
    expect(middles.map(([, , z]) => Math.sign(Math.round(z))).sort()).toEqual([-1, 1])
    for (const [x] of middles) expect(Math.abs(x)).toBeLessThan(3)
  })

  it('leave the edge between them where it was, and higher by the rounds over them', () => {
    const edges = sheets.filter((sheet) => sheet.r[0] === row && !handles.includes(sheet))
    expect(edges).toHaveLength(2)
    const body = sheets.find(({ r }) => r[0] === 0)!
    const rim = body.at(0, row)[1]
    for (const { at, u, r } of edges)
      expect(at((u[0] + u[1]) / 2, r[1])[1] - rim).toBeCloseTo(
        4 * ledger.pieces[0]!.parts[2]!.gauge.rowHeightMm,
        3,
      )
  })

  it.each([
    ['oval', baseAs('oval-base', { count: 60, along: 14 } as never)],
    ['tube', baseAs('tube', { count: 80 } as never)],
  ])('are finite on any base: %s', (_, of) => {
    const design = bag({}, of as never)
    const { surfaces } = formOf({ design, ledger: compile(design) }, ways)
    for (const { at } of surfaces) expect(at.every(Number.isFinite)).toBe(true)
  })
})

describe('what hangs and what is added', () => {
  it('stays above the ground, and is never taken for a face of the bag', () => {
    for (const design of finishedBags) {
      const { surfaces } = formOf({ design, ledger: compile(design) }, ways)
      for (const { at } of surfaces)
        for (let i = 1; i < at.length; i += 3) expect(at[i]! > -45).toBe(true)
    }
  })
})
