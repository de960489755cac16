import fc from 'fast-check'
import type { Design } from '../design/index.ts'
import { bodyOf, compile, maybePlace } from '../ledger/index.ts'
import { finishingOf, itemText, spotWords, writtenPattern } from '../pattern/index.ts'
import { derive, planReport } from '../bag/index.ts'
import { commit, historyOf, printProject, projectOf, readProject, undo } from '../project/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, baseAs, plain, swatch, tote } from '../testing/tote.ts'
import { type Spot, spotOn } from '../part/index.ts'
import { itemBegun } from '../testing/items.ts'
import { type Item } from './index.ts'

const joined = { ...tote().making, working: 'joined' as const }
const bare = (over: Partial<Design> = {}): Design => ({
  ...tote({ making: joined, parts: [base({ count: 48 }), plain({ rounds: 20 })] }),
  swatches: [swatch({ lean: 0 })],
  ...over,
})
type CordItem = Extract<Item, { kind: 'cord' }>
const cord = (over: Partial<CordItem> = {}): CordItem => itemBegun('cord', over)
const withCord = (over: Partial<CordItem> = {}, more: Partial<Design> = {}): Design =>
  bare({ items: [cord(over)], ...more })

describe('a chain cord', () => {
  // A stitch of the tote's swatch is 5 mm wide: 600 mm of one strand are 120 chains, of two 600 / (5 · √2) = 85.
  it('has as many chains as it is long, in one to three strands', () => {
    const said = (strands: number) => itemText(compile(withCord({ strands })), 'f1', defaultWords)
    expect(said(1)).toContain('With A, ch 120: 60.0 cm.')
    expect(said(2)).toContain('With 2 strands of A held together, ch 85: 60.1 cm.')
    expect(said(3)).toContain('With 3 strands of A held together, ch 69: 59.8 cm.')
  })

  it('takes the yarn of its chains and two tails a strand', () => {
    const metres = (strands: number) => {
      const { needs } = derive(projectOf(withCord({ strands })))
      return needs[0]!.parts.find(({ part }) => part === 'f1')!.metres
    }
    // Twice the strands: √2 of the chains, each with 2 · √2 of the yarn; and twice the tails.
    expect((metres(2) - 4 * 0.15) / (metres(1) - 2 * 0.15)).toBeCloseTo((85 / 120) * 2 ** 1.5, 6)
  })

  it('is tied to the sides of the bag, wherever those are, and says so', () => {
    const ledger = compile(withCord())
    expect(ledger.items[0]!.places).toEqual([
      { piece: 'bag', row: 27, at: 0, of: 'stitches' },
      { piece: 'bag', row: 27, at: 24, of: 'stitches' },
    ])
    expect(itemText(ledger, 'f1', defaultWords)).toContain(
      'Tie one end to one side, between stitches 48 and 1 of round 28, the other to the other side, between stitches 24 and 25 of round 28.',
    )
    // Turned so that the front lies where rounds begin, its sides are a quarter on.
    const turned = compile(withCord({}, { frontAfter: 0 })).items[0]!.places
    expect(turned.map((place) => place!.at)).toEqual([36, 12])
  })

  it('is part of the pattern, the report and the amounts, and never a piece', () => {
    const design = withCord({ name: 'Draw' })
    const derived = derive(projectOf(design))
    const without = derive(projectOf(bare()))
    expect(derived.ledger.pieces).toEqual(without.ledger.pieces)
    expect(writtenPattern(derived.ledger, defaultWords)).toHaveLength(1)
    const { steps, cautions } = finishingOf(derived.ledger, defaultWords, 7)
    expect(steps.map(({ key, name }) => [key, name])).toEqual([
      ['ends', 'Ends'],
      ['f1', 'Draw'],
    ])
    expect(cautions).toMatchObject([{ caution: 'strangle', of: ['Draw'] }])
    const [report] = planReport(design, derived, defaultWords).fittings
    expect(report).toMatchObject({
      ...{ id: 'f1', kind: 'cord', yarns: [{ letter: 'A' }] },
      at: [
        { piece: 'bag', row: 28, stitch: 0 },
        { row: 28, stitch: 24 },
      ],
    })
    expect(report!.yarns[0]!.metres).toBeGreaterThan(0.5)
    expect(derived.needs[0]!.metres - without.needs[0]!.metres).toBeCloseTo(
      report!.yarns[0]!.metres,
      9,
    )
  })

  it('says when what it is tied to is gone', () => {
    const design = withCord({ to: spotOn('bag', { on: 'row', row: 'gone:2' }) })
    expect(itemText(compile(design), 'f1', defaultWords)).toContain(
      'the other to a place that is not there any more',
    )
  })

  it('is added, changed and taken out as any edit, and goes to another yarn with it', () => {
    const start = historyOf(projectOf(bare()))
    const added = commit(start, { name: 'addItem', args: { item: cord() } })
    expect((added.design.items as CordItem[]).map(({ id, strands }) => [id, strands])).toEqual([
      ['f1', 2],
    ])
    const changed = commit(added, { name: 'setItem', args: { id: 'f1', values: { strands: 3 } } })
    expect((changed.design.items[0] as CordItem).strands).toBe(3)
    const other = commit(changed, { name: 'removeYarn', args: { letter: 'A', instead: 'B' } })
    expect((other.design.items[0] as CordItem).yarn).toBe('B')
    expect(undo(undo(undo(other))).design).toEqual(start.design)
    expect(commit(added, { name: 'removeItem', args: { id: 'f1' } }).design.items).toEqual([])
    const project = { design: other.design, log: [] }
    expect(readProject(printProject(project))).toEqual({ ok: true, value: project })
  })
})

describe('a spot', () => {
  const piece = bodyOf(compile(bare()))
  const at = (spot: Partial<Spot>, wide = 0) => maybePlace(piece, spotOn('bag', spot), wide)?.at

  it('is counted in stitches or measured, from where its row begins', () => {
    expect([at({ at: 7 }), at({ by: 'length', at: 25 })]).toEqual([7, 5])
    expect([at({ at: 50 }), at({ at: -1 })]).toEqual([2, 47])
  })

  it('named by a place of the bag has the middle of what is wide there', () => {
    expect([at({ by: 'front' }), at({ by: 'front' }, 6), at({ by: 'back' }, 6)]).toEqual([
      12, 9, 33,
    ])
    expect([at({ by: 'side' }, 6), at({ by: 'front', at: 2 })]).toEqual([45, 14])
  })

  it('on a panel lies in its middle and at its corners, and stays on it', () => {
    const panel = bodyOf(compile(tote({ parts: [baseAs('panel', { count: 20 }), plain()] })))
    const on = (spot: Partial<Spot>, wide = 0) => maybePlace(panel, spotOn('bag', spot), wide)!.at
    expect([on({ by: 'front' }, 4), on({ by: 'side' }, 4), on({ by: 'other-side' }, 4)]).toEqual([
      8, 0, 16,
    ])
  })

  it('is at a row from the first on, and up the row ends by number or length', () => {
    const place = (spot: Partial<Spot>) => maybePlace(piece, spotOn('bag', spot))
    expect(place({ on: 'left', at: 3 })).toMatchObject({ row: 3, of: 'row ends' })
    expect(place({ on: 'left', by: 'length', at: 20 })).toMatchObject({ row: 3 })
    expect(place({ on: 'row', row: 'gone:1' })).toBeNull()
  })

  it('is worded in any bag, whatever it names', () => {
    const spots = fc.record({
      on: fc.constantFrom('first', 'last', 'left', 'right', 'row', 'up' as const),
      by: fc.constantFrom('stitch', 'length', 'front', 'back', 'side', 'other-side' as const),
      row: fc.constantFrom(null, 'base:2'),
      at: fc.integer({ min: -60, max: 60 }),
      side: fc.constantFrom('RS', 'WS' as const),
    })
    const ledger = compile(bare())
    fc.assert(
      fc.property(spots, (spot) => {
        const whole = spotOn('bag', spot as Partial<Spot>)
        const place = maybePlace(piece, whole)
        const said = spotWords(ledger, whole, place && { ...place, piece: 'bag' }, defaultWords)
        expect(said).not.toMatch(/undefined|NaN|null/)
        expect(said).toMatch(/round|place/)
      }),
    )
  })
})
