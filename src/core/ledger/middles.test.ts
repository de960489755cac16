import fc from 'fast-check'
import raffleBag from '../../../demo/raffle-bag.json' with { type: 'json' }
import { standing } from '../chart/index.ts'
import type { Design, NewPiece, Part } from '../design/index.ts'
import { newPiece } from '../bag/index.ts'
import { commit, historyOf, projectOf, readProject } from '../project/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, baseAs, motif, plain, swatch, tote } from '../testing/tote.ts'
import { writtenPattern } from '../pattern/index.ts'
import {
  bodyOf,
  compile,
  frontPicture,
  maybeMiddles,
  maybeMiddlesCounted,
  middlesOnChart,
  middlesSeen,
  placeColours,
  placeWords,
  runsOfRow,
} from './index.ts'
import { tries } from '../testing/tries.ts'

const upTo = (parts: readonly Part[], over: Partial<Design> = {}) => {
  const piece = bodyOf(compile({ ...tote({ parts }), ...over }))
  return (row: number) => {
    const { front, back } = piece.columns
    return [front[row], back[row]]
  }
}
const lastOfBase = (part: Part, over: Partial<Design> = {}) => {
  const ledger = compile({ ...tote({ parts: [part, plain({ rounds: 2 })] }), ...over })
  const piece = bodyOf(ledger)
  const row = piece.parts[0]!.endRow - 1
  return [piece.columns.front[row], piece.columns.back[row]]
}

describe('the middles of front and back', () => {
  it('of an oval lie between the increases of its long sides, as they are counted on the hook', () => {
    const read = readProject(JSON.stringify(raffleBag))
    if (!read.ok) throw new Error('the demo cannot be read')
    const { columns } = bodyOf(compile(read.value.design))
    // Round 1: 1 in the first chain, 32 up the side, 3, 32 down, 2. Its sides are stitches 2–33 and 37–68.
    expect([columns.front[0], columns.back[0]]).toEqual([1 + 16, 36 + 16])
    // Round 10: 2 sc, an increase, 40 sc, …; then 8 sc twice between three increases, and 40 sc again.
    expect([columns.front[9], columns.back[9]]).toEqual([4 + 20, 44 + 2 + 8 + 2 + 8 + 2 + 20])
    expect(placeWords(columns.front[9]!)).toBe('between stitches 24 and 25')
    expect(placeWords(columns.back[9]!)).toBe('between stitches 86 and 87')
  })

  it('of an oval whose last round adds in one end alone go by the round below', () => {
    // Round 1 of 6 along: 1, 4, 3, 4, 2 = 14; round 2: inc, 4, three incs, 4, two incs = 20; then one in the first stitch: 21.
    const [front, back] = lastOfBase(baseAs('oval-base', { along: 6, count: 21 }))
    expect([front, back]).toEqual([2 + 2 + 1, 2 + 4 + 6 + 2 + 1])
  })

  it('of a cornered base lie half-way between its corners, whatever its last round leaves out', () => {
    // Round 1 of 10 along: 1, 8 up the side, 3 in the end, 8 down, 2: corners at stitches 1, 10, 12 and 21.
    expect(lastOfBase(baseAs('rectangle-base', { along: 10, count: 22 }))).toEqual([5, 16])
    // Round 2: three in each of them. The corners are then the 2nd, 13th, 17th and 28th stitch of 30.
    expect(lastOfBase(baseAs('rectangle-base', { along: 10, count: 30 }))).toEqual([7, 22])
  })

  it('of a picked-up edge lie on its long sides, which it begins with', () => {
    const [front, back] = lastOfBase(baseAs('flat-base', { along: 20, count: 60 }))
    expect([front, back]).toEqual([10, 40])
  })

  it('of a round base lie a quarter and three quarters on from the side it begins at, unless she turns it', () => {
    expect(lastOfBase(base({ count: 48 }))).toEqual([12, 36])
    expect(lastOfBase(base({ count: 48 }), { frontAfter: 0 })).toEqual([0, 24])
    expect(lastOfBase(base({ count: 48 }), { frontAfter: 40.5 })).toEqual([40.5, 16.5])
  })

  it('are carried up by the stitches above: two more at the sides', () => {
    const at = upTo([
      base({ count: 48 }),
      plain({ rounds: 2 }),
      plain({ id: 'more', rounds: 1, adjust: 2 }),
    ])
    // None stands on the join: one is in the second stitch, one half-way around.
    expect([at(9), at(10)]).toEqual([
      [12, 36],
      [13, 38],
    ])
  })

  it('move on where rounds lean, by the swatch if it says so, and not where they are turned', () => {
    const parts = [base({ count: 48 }), plain({ rounds: 41 })]
    const top = (over: Partial<Design>) => {
      const piece = bodyOf(compile({ ...tote({ parts }), ...over }))
      const row = piece.columns.side.findLastIndex((side) => side === 0)
      return maybeMiddlesCounted(piece, row)!.front
    }
    expect(top({})).toBeCloseTo(12 + 41 * 0.25)
    expect(top({ swatches: [swatch({ lean: 0.1 })] })).toBeCloseTo(12 + 41 * 0.1)
    // Turned, the base itself begins a stitch further on with each of its rounds on the wrong side.
    const turned = { making: { ...tote().making, working: 'turned' as const } }
    expect(top(turned)).toBe(top({ ...turned, swatches: [swatch({ lean: 0.5 })] }))
  })

  it('are on a stitch where they are a half', () => {
    expect(placeWords(25.5)).toBe('on stitch 26')
    expect(placeWords(25.2)).toBe('between stitches 25 and 26')
  })

  it('are none on a panel and on what is sewn on', () => {
    const panel = bodyOf(compile(tote({ parts: [baseAs('panel'), plain()] })))
    expect([maybeMiddles(panel, 0), maybeMiddlesCounted(panel, 1)]).toEqual([null, null])
  })
})

describe('views, stamps, words and straps', () => {
  const kinds = ['round-base', 'oval-base', 'rectangle-base', 'flat-base', 'tube'] as const
  const anyStanding = fc.record({
    kind: fc.constantFrom(...kinds),
    working: fc.constantFrom('spiral', 'joined', 'turned', 'turn-once' as const),
    first: fc.constantFrom('same', 'next', 'second' as const),
    hand: fc.constantFrom('right', 'left' as const),
    below: fc.integer({ min: 1, max: 30 }),
    frontAfter: fc.constantFrom(null, 0, 7, 20.5),
    where: fc.constantFrom('front', 'back' as const),
  })

  it('agree where the front is, on every base, in every school, for both hands', () => {
    fc.assert(
      fc.property(anyStanding, ({ kind, working, first, hand, below, frontAfter, where }) => {
        const making = { ...tote().making, working, first } as Design['making']
        const first_ = baseAs(kind)
        const bag = (band: Part): Design => ({
          ...tote({ making, parts: [first_, plain({ id: 'low', rounds: below }), band] }),
          frontAfter,
        })
        const empty = bag(plain({ id: 'm', rounds: 5 }))
        const place = bodyOf(compile(empty, { hand })).parts.at(-1)!
        const piece = bodyOf(compile(empty, { hand }))
        const count = piece.columns.makes[place.firstRow]!
        const middles = middlesOnChart(piece, place, hand)
        // A figure of 4 × 5 is put on the front.
        const patch = { width: 4, colours: Array.from({ length: 5 }, () => 'BBBB') }
        const { chart } = standing(
          patch,
          where,
          middles,
          { width: count, colours: ['A'.repeat(count)] },
          () => 'A',
        )!
        const ledger = compile(bag(motif({ id: 'm', chart, times: 1 })), { hand })
        const body = bodyOf(ledger)
        const { firstRow } = body.parts.at(-1)!
        const sides = body.columns.side
        const row = [firstRow + 2, firstRow + 1].find((one) => sides[one] === 0)!
        const isB = (yarn: number) => ledger.yarns[yarn] === 'B'
        // On the bag: its middle lies over that of the face.
        const columns = [...placeColours(ledger, body, row, hand)].flatMap((yarn, at) =>
          isB(yarn) ? [at] : [],
        )
        expect(columns).toHaveLength(4)
        const far = (one: number, other: number) => {
          const by = (((one - other) % count) + count) % count
          return Math.min(by, count - by)
        }
        const drawn = middlesSeen(body, row, hand)[where]
        for (const at of columns) expect(far(at + 0.5, drawn)).toBeLessThanOrEqual(2)
        // In words: counted from the first stitch of its round, in the order it is worked.
        const counted = maybeMiddlesCounted(body, row)![where]
        let at = 0
        for (const { yarn, count: many } of runsOfRow(ledger, body, row))
          for (let i = 0; i < many; i++, at++)
            if (yarn === 'B') expect(far(at + 0.5, counted)).toBeLessThanOrEqual(2)
        // On the picture of the front: in its middle, or not there.
        const picture = frontPicture(ledger, body, hand)
        const seen = [...picture.yarns.subarray(row * picture.columns, (row + 1) * picture.columns)]
        const there = seen.flatMap((yarn, x) => (isB(yarn) ? [x] : []))
        if (where === 'back') expect(there).toEqual([])
        else for (const x of there) expect(Math.abs(x + 0.5 - picture.columns / 2)).toBeLessThan(3)
        if (where === 'front') expect(there).toHaveLength(4)
      }),
      { numRuns: tries(38) },
    )
  })

  it('place a strap with its ends at the sides, and a pocket on the front', () => {
    const design = {
      ...tote({ parts: [base({ increase: 6, count: 84 }), plain({ rounds: 30 })] }),
      making: { ...tote().making, working: 'joined' as const },
      swatches: [swatch({ lean: 0 })],
    }
    const ledger = compile(design)
    const strap = newPiece({ design, ledger }, 'strap')
    const added = (piece: NewPiece) => {
      const { design: now } = commit(historyOf(projectOf(design)), {
        name: 'addPiece',
        args: { piece },
      })
      return compile(now).joins.map(({ sides }) => sides[1].spot.at)
    }
    const [width] = strap.parts.map((part) => 'count' in part && part.count)
    const half = (width as number) / 2
    // The first end goes on around the beginning of the round.
    expect(added(strap).map((at) => at + half)).toEqual([84, 42])
    const pocket = newPiece({ design, ledger }, 'pocket')
    const wide = (pocket.parts[0] as { count: number }).count
    const [first, left, right] = added(pocket)
    expect(Math.abs(first! + wide / 2 - 21)).toBeLessThanOrEqual(0.5)
    expect(left! - right!).toBe(wide)
  })

  it('are told with the base, and again at the top where rounds lean', () => {
    const said = (over: Partial<Design> = {}) => {
      const design = { ...tote({ parts: [base({ count: 48 }), plain({ rounds: 20 })] }), ...over }
      const [{ sections, finish }] = writtenPattern(compile(design), defaultWords) as [
        ReturnType<typeof writtenPattern>[number],
      ]
      return [sections[0]!.intro, finish]
    }
    const [intro, finish] = said({ making: { ...tote().making, working: 'joined' } })
    expect(intro).toContain(
      'The middle of the front is between stitches 12 and 13 of round 8, of the back between stitches 36 and 37: mark both.',
    )
    expect(finish).toContain(
      'by about 5 stitches up to the top: the middle of the front is then between stitches 17 and 18 of round 28',
    )
    expect(said({ making: { ...tote().making, working: 'turned' } })[1]).not.toContain('lean')
  })
})
