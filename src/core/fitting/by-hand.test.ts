import fc from 'fast-check'
import { compile } from '../ledger/index.ts'
import { itemText } from '../pattern/index.ts'
import { derive } from '../bag/index.ts'
import { projectOf } from '../project/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { spotOn } from '../part/index.ts'
import type { Design } from '../design/index.ts'
import { base, plain, swatch, tote } from '../testing/tote.ts'
import { fittingFrom, itemBegun } from '../testing/items.ts'
import { beadsOn, threadOrder } from './beads.ts'
import { loopChains } from './closure.ts'
import { sleeveStitches } from './bought.ts'
import { maybeOpposite } from './opposite.ts'
import {
  dropKindOf,
  dropOf,
  drops,
  fittingKinds,
  fittingOf,
  fittingsSaid,
  saidOf,
  type Item,
  lengthForDrop,
  loadedDrops,
  stretchOf,
  threadingOf,
} from './index.ts'

/* What a maker counts by hand. A stitch of the tote's swatch is 5 mm wide. Common practice without a source, where nothing else is said. */

const bare = (count = 120, items: readonly Item[] = []): Design =>
  tote({
    swatches: [swatch({ lean: 0 })],
    making: { ...tote().making, working: 'joined' },
    parts: [base({ count }), plain({ rounds: 20 })],
    items,
  })
const textOf = (item: Item, count = 120) =>
  itemText(compile(bare(count, [item])), item.id, defaultWords)
const madeOf = (item: Item, count = 120) => compile(bare(count, [item])).items[0]!

describe('a drawstring', () => {
  it('over 40, over and under two, is 20 passes', () => {
    const by = { over: 2, under: 2 }
    expect(threadingOf(40, { ...by, cords: 1 })).toEqual({ passes: 20, left: 0, openings: null })
    expect(threadingOf(40, { ...by, cords: 2 }).openings).toEqual([20, 20])
    // On 60 the second cord comes out as nearly opposite as the passes allow.
    expect(threadingOf(60, { ...by, cords: 2 })).toEqual({
      passes: 30,
      left: 0,
      openings: [28, 32],
    })
    expect(threadingOf(62, { ...by, cords: 1 })).toEqual({ passes: 30, left: 2, openings: null })
    expect(threadingOf(120, { over: 3, under: 1, cords: 1 }).passes).toBe(60)
  })

  // 600 mm around, 15 cm at each end and 3 cm for each knot: 960 mm, of two strands 960 / (5 · √2) = 136 chains.
  it('is as long as the way around, its ends and knots', () => {
    const item = itemBegun('drawstring', { cords: 1 }, bare())
    const { counts, lengthMm } = madeOf(item)
    expect(counts['chains']).toBe(136)
    expect(lengthMm).toBeCloseTo(136 * 5 * Math.SQRT2, 6)
    expect(textOf(item)).toContain('thread it over 2 and under 2 stitches all around, 60 passes.')
    expect(textOf({ ...item, through: 'loops' })).toContain('draw it through the loops all around')
  })

  it('says where two cords come out, exactly opposite or not', () => {
    const item = itemBegun('drawstring', { cords: 2 }, bare())
    expect(textOf(item)).toContain('from exactly opposite, 60 stitches on.')
    expect(textOf(item, 60)).toContain('28 stitches on one side and 32 on the other.')
  })

  it('is a snag where it does not close evenly, with mends that do what they say', () => {
    const item = itemBegun('drawstring', { cords: 1 }, bare(126))
    const snags = (design: Design) => derive(projectOf(design)).snags
    const snag = snags(bare(126, [item])).find(({ code }) => code === 'threads-unevenly')!
    expect(snag.facts).toMatchObject({ count: 126, period: 4, left: 2 })
    // 126 = 21 · 6: over and under three closes.
    expect(snag.mends.map(({ kind, facts }) => [kind, facts])).toMatchObject([
      ['thread', { step: 3, passes: 42 }],
      ['adjust', { by: -2, count: 124 }],
    ])
    expect(snags(bare(120, [item])).some(({ code }) => code === 'threads-unevenly')).toBe(false)
  })
})

describe('handles on the edge', () => {
  it('are chained, and slip-stitched back into every chain: 95 and 95', () => {
    const item = itemBegun('chain-handle', { lengthMm: 475 }, bare())
    expect(madeOf(item).counts['chains']).toBe(95)
    const text = textOf(item)
    expect(text).toContain('ch 95 (47.5 cm)')
    expect(text).toContain('sl st in each of the 95 ch')
    expect(text).toContain('9 stitches (4.5 cm) before the middle of the front')
    expect(text).toContain('Make the same from 9 stitches (4.5 cm) before the middle of the back')
    // Front and back: stitches 21 to 39, and 81 to 99.
    expect(madeOf(item).places.map((place) => place!.at)).toEqual([21, 39, 81, 99])
  })

  it('take the yarn of what they are made of', () => {
    const inSc = (way: 'once' | 'back' | 'slip') =>
      madeOf(itemBegun('chain-handle', { lengthMm: 500, way, pair: false }, bare())).yarns[0]!.inSc
    // A chain and a slip stitch take half a sc each (from memory).
    expect([inSc('once'), inSc('back'), inSc('slip')]).toEqual([50, 100, 100])
  })

  it('face what is opposite, and nothing that is only counted', () => {
    expect(maybeOpposite(spotOn('bag', { by: 'front', at: -9 }))).toMatchObject({
      by: 'back',
      at: -9,
    })
    expect(maybeOpposite(spotOn('bag', { at: 12 }))).toBeNull()
    const counted = itemBegun('chain-handle', { from: spotOn('bag', { at: 3 }) }, bare())
    expect(madeOf(counted).places).toHaveLength(2)
  })
})

describe('bought handles', () => {
  // Common practice: a sleeve of 18 is centred as 9 + 9; on a stitch it wants an odd number.
  it('lie in a sleeve that is centred', () => {
    expect(sleeveStitches(90, 5, false)).toBe(18)
    expect(sleeveStitches(90, 5, true)).toBe(19)
    const item = itemBegun('bought', { held: 'sleeve', widthMm: 90 }, bare())
    expect(textOf(item)).toContain('18 stitches, 9 on either side of the middle')
  })
})

describe('drops', () => {
  it('are the long sides of two triangles', () => {
    // 3, 4, 5: ends 60 apart and 40 down are 50 each way.
    expect(lengthForDrop(40, 60)).toBeCloseTo(100, 9)
    expect(dropOf(100, 60)).toBeCloseTo(40, 9)
    expect(dropOf(50, 60)).toBe(0)
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 900, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (drop, apart) => {
          expect(dropOf(lengthForDrop(drop, apart), apart)).toBeCloseTo(drop, 6)
        },
      ),
    )
  })
  it('are shortened for what a load stretches, which a swatch knows better', () => {
    expect(lengthForDrop(40, 60, 0.25)).toBeCloseTo(80, 9)
    expect(stretchOf('sc-blo', null)).toBe(stretchOf('sc', null))
    expect(stretchOf('hdc', null)).toBeGreaterThan(stretchOf('sc', null))
    expect(stretchOf('hdc', 0.02)).toBe(0.02)
    const [low, high] = loadedDrops(500, 100, 0.1)
    expect(low).toBeLessThan(dropOf(550, 100))
    expect(high).toBeGreaterThan(dropOf(550, 100))
  })
  it('are told by where they are usual', () => {
    for (const [kind, { mm }] of Object.entries(drops)) expect(dropKindOf(mm * 1.05)).toBe(kind)
  })
})

describe('closures', () => {
  it('have a loop that reaches around them', () => {
    // A bead of 18 mm is 56.5 mm around: 12 chains of 5 mm. A button of 22 mm goes through flat: 46 mm, 10 chains.
    expect([
      loopChains('bead', 18, 5),
      loopChains('button', 22, 5),
      loopChains('zip', 200, 5),
    ]).toEqual([12, 10, 0])
  })
  it('stand at a stitch or between two, and say which', () => {
    const item = itemBegun('closure', {}, bare())
    expect(textOf(item)).toContain(
      'the middle of the front, between stitches 30 and 31 of round 40',
    )
    expect(textOf(item, 122)).toContain('the middle of the front, on stitch 31 of round')
  })
})

describe('trims and beads', () => {
  it('take as much yarn as is wound, and what ties it', () => {
    // 50 wraps around 8 cm are 8 m, 120 around 5 cm 12 m; half a metre ties each.
    const metres = (over: Parameters<typeof itemBegun<'trim'>>[1]) =>
      madeOf(itemBegun('trim', over, bare())).yarns[0]!.metres
    expect(metres({ wraps: 50, sizeMm: 80 })).toBeCloseTo(8.5, 9)
    expect(metres({ what: 'pompom', wraps: 120, sizeMm: 50, times: 3 })).toBeCloseTo(3 * 12.5, 9)
  })
  it('are threaded with the one worked last first', () => {
    expect(beadsOn(126, { rows: 3, every: 4 })).toEqual({ each: 31, all: 93 })
    // a b c a b c a: seven, the last an a.
    expect(threadOrder(7, 3)).toEqual({
      many: [
        { sort: 'a', count: 3 },
        { sort: 'b', count: 2 },
        { sort: 'c', count: 2 },
      ],
      order: ['a', 'c', 'b'],
    })
    const text = textOf(
      itemBegun('beads', { every: 3, rows: 2, sorts: 2, at: spotOn('bag') }, bare()),
    )
    expect(text).toContain(
      'thread 80 beads on it. 40 of a, 40 of b: thread them in the order b, a,',
    )
    expect(text).toContain('before every 3rd stitch (40 in a row)')
  })
})

describe('every kind of fitting', () => {
  it.each(fittingKinds)('%s is begun, said, worded and drawn on any bag', (kind) => {
    for (const count of [24, 61, 120]) {
      const item = { id: 'f1', ...fittingsSaid[kind].begin(fittingFrom(bare(count))) } as Item
      const ledger = compile(bare(count, [item]))
      const [one] = ledger.items
      const fitting = { ...fittingOf(item), ...saidOf(item) }
      expect(itemText(ledger, 'f1', defaultWords)).not.toMatch(/undefined|NaN|null/)
      const places = fitting.spots(item).map(() => 'a place')
      const said = fitting.says(item, {
        made: one!,
        words: defaultWords,
        yarn: (letter) => letter,
        places,
      })
      const text = said.map((piece) => (typeof piece === 'string' ? piece : piece[1])).join('')
      expect(text).not.toMatch(/undefined|NaN|null/)
      // A word that opens something opens a field there is; every yarn can be changed; spots go where they are put.
      const keys = new Set(fitting.fields.map(({ key }) => key))
      for (const piece of said)
        if (typeof piece !== 'string') expect(keys.has(piece[0] as never)).toBe(true)
      for (const letter of fitting.yarns(item))
        expect(
          fitting.yarns({ ...item, ...fitting.withYarn(item, letter, 'Z') } as Item),
        ).toContain('Z')
      const moved = fitting.spots(item).map((spot) => ({ ...spot, at: spot.at + 1 }))
      const own = fitting.fields.filter((field) => field.kind === 'spot').length
      const again = { ...item, ...fitting.withSpots(item, moved) } as Item
      expect(fitting.spots(again).slice(0, own)).toEqual(moved.slice(0, own))
      for (const { letter, inSc, metres } of one!.yarns) {
        expect(fitting.yarns(item)).toContain(letter)
        expect(inSc + metres).toBeGreaterThanOrEqual(0)
      }
    }
  })
})
