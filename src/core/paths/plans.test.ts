import fc from 'fast-check'
import type { Design, Part, WayChoice } from '../design/index.ts'
import { compile, idOfRow, type Ledger } from '../ledger/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { anyBag } from '../testing/arbitrary.ts'
import { base, baseAs, motif, stripes, tote } from '../testing/tote.ts'
import { tries } from '../testing/tries.ts'
import { aims, maybePlan, wayFigures, yarnPaths } from './index.ts'

const joined = { ...tote().making, working: 'joined' as const }
const striped = (...of: [string, number][]): Part =>
  stripes({ id: 's', stripes: of.map(([yarn, rounds]) => ({ yarn, rounds })) })
const ledgerOf = (parts: readonly Part[], over: Partial<Design> = {}): Ledger =>
  compile({ ...tote({ making: joined, parts }), ...over })
const planned = (ledger: Ledger, aim: (typeof aims)[number]) =>
  wayFigures(ledger, maybePlan(ledger, aim)!)

/** Every way the gaps of a bag of one piece can be said to be led. */
function everyWay(ledger: Ledger): readonly (readonly WayChoice[])[] {
  const [piece] = ledger.pieces as [(typeof ledger.pieces)[0]]
  const gaps = yarnPaths(ledger, piece).ways.flatMap(({ spans }, yarn) => {
    const worked = spans.filter(({ how }) => how === 'worked')
    return worked.slice(1).flatMap(({ from }, i) => {
      const last = worked[i]!.to - 1
      return from - last > 1 ? [{ letter: ledger.yarns[yarn]!, after: idOfRow(piece, last) }] : []
    })
  })
  return gaps.reduce<WayChoice[][]>(
    (all, { letter, after }) =>
      all.flatMap((ways) =>
        (['trail', 'along', 'cut'] as const).map((how) => [
          ...ways,
          { part: null, yarn: letter, after, how },
        ]),
      ),
    [[]],
  )
}

describe('plans of the yarns', () => {
  // By hand: the base of A, then B 2, A 6, B 2, A 2, C 2, B 2. A is not worked over 2 and 2 rounds, B over 6 and 4; C is worked once.
  const bag = ledgerOf([
    base(),
    striped(['B', 2], ['A', 6], ['B', 2], ['A', 2], ['C', 2], ['B', 2]),
  ])
  it('counts what there is as one would on paper', () => {
    // Usual: up to four rounds are trailed. A: 2 ends; B is cut over the 6: 4 ends; C: 2 ends. No round has more than one beside it.
    const { ends, balls, longestTrail, minutes } = wayFigures(bag)
    expect([ends, balls, longestTrail, minutes]).toEqual([8, 2, 4, 16])
  })
  it('has two ends a yarn where ends are to be fewest', () => {
    expect(planned(bag, 'ends')).toMatchObject({ ends: 6, longestTrail: 6 })
  })
  it('has one ball at a time where balls are to be fewest, and no more ends than that takes', () => {
    // Every round is of one yarn: one ball, and each of the seven stretches begins and ends with an end.
    expect(planned(bag, 'balls')).toMatchObject({ balls: 1, ends: 14 })
  })
  it('has nothing inside other stitches where fabric is to be thin', () => {
    const tapestry = ledgerOf([base(), motif()])
    expect(wayFigures(tapestry).carriedMetres).toBeGreaterThan(0)
    expect(planned(tapestry, 'thin')).toMatchObject({ carriedMetres: 0 })
    expect(planned(tapestry, 'thin').floatedMetres).toBeGreaterThan(0)
  })
  it('is said in the pattern: floats are floated there, and of two yarns the one that is', () => {
    const text = (ways: readonly WayChoice[]) =>
      JSON.stringify(
        writtenPattern(
          compile({ ...tote({ making: joined, parts: [base(), motif()] }), ways }),
          defaultWords,
        ),
      )
    expect(text([])).toContain('Carry the yarns not in use inside the stitches, and change')
    const float = { part: null, yarn: null, after: null, how: 'float' } as const
    expect(text([float])).toContain('Float the yarns not in use loosely behind the stitches')
    expect(text([float])).not.toContain('Carry')
    expect(text([{ ...float, yarn: 'B' }])).toContain('but float B loosely behind them')
  })
  it('says little: what most gaps want for the bag, and what is otherwise', () => {
    expect(maybePlan(bag, 'ends')).toEqual([{ part: null, yarn: null, after: null, how: 'trail' }])
  })

  const yarns = fc.constantFrom('A', 'B', 'C')
  const anyStripes = fc
    .array(fc.tuple(yarns, fc.integer({ min: 1, max: 6 })), { minLength: 2, maxLength: 7 })
    .map((of) => striped(...of))
  it.each(['round-base', 'panel'] as const)(
    'is as good as the best of all ways there are, on a %s',
    (kind) => {
      fc.assert(
        fc.property(anyStripes, (band) => {
          const ledger = ledgerOf([baseAs(kind, { count: 12 }), band])
          const all = everyWay(ledger).map((ways) => wayFigures(ledger, ways))
          fc.pre(all.length <= 243)
          const least = Math.min(...all.map(({ ends }) => ends))
          expect(planned(ledger, 'ends').ends).toBe(least)
          const balls = Math.min(...all.map((one) => one.balls))
          const ends = Math.min(...all.filter((one) => one.balls === balls).map((one) => one.ends))
          expect(planned(ledger, 'balls')).toMatchObject({ balls, ends })
        }),
        { numRuns: tries(60) },
      )
    },
  )
  it('plans any bag, with even ends, and never more of what it is to have least of than there is', () => {
    fc.assert(
      fc.property(anyBag, (design) => {
        const ledger = compile(design)
        const now = wayFigures(ledger, [])
        for (const aim of aims) {
          const ways = maybePlan(ledger, aim)
          if (!ways) continue
          const then = wayFigures(ledger, ways)
          expect(then.ends % 2).toBe(0)
          if (aim === 'ends') expect(then.ends).toBeLessThanOrEqual(now.ends)
          if (aim === 'balls') expect(then.balls).toBeLessThanOrEqual(now.balls)
          if (aim === 'thin') expect(then.carriedMetres).toBeLessThanOrEqual(now.carriedMetres)
        }
      }),
      { numRuns: tries(25) },
    )
  })
})
