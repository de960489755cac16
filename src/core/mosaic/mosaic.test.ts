import fc from 'fast-check'
import highsLoader from 'highs'
import type { Chart } from '../chart/index.ts'
import { integerProgram } from '../testing/integer-program.ts'
import {
  canBe,
  inTurns,
  type Marks,
  mended,
  type MendOptions,
  type Mosaic,
  pictureOf,
  type Rules,
  wantedMarks,
  workedOf,
} from './index.ts'
import { tries } from '../testing/tries.ts'

const solved = (mosaic: Mosaic, rules: Rules, options: MendOptions = {}) =>
  mended(mosaic, rules, { now: () => performance.now(), ...options })
const overlay: Rules = { school: 'overlay', flat: false, run: 3 }
const of = (rules: Partial<Rules>): Rules => ({ ...overlay, ...rules })
/** Top row first, as it is seen; rows of A and B in turn from below. */
const drawn = (...rows: readonly string[]): Mosaic => ({
  width: rows[0]!.length,
  colours: rows.toReversed(),
  rows: inTurns('A', 'B', rows.length),
})

/** What the rules say, said again: cell by cell, in other words than the program's. */
function allowed(marks: Marks, { width, rows }: Mosaic, { school, flat, run }: Rules): boolean {
  const height = rows.length
  const at = (row: number, column: number) => marks[row * width + column] === 1
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      if (!at(row, column)) continue
      if (row === 0 || row === height - 1) return false
      if (at(row - 1, column) || at(row + 1, column)) return false
      if (flat && (column === 0 || column === width - 1)) return false
      if (school === 'overlay') continue
      // So many to the right of it, going around where there is no edge.
      let side = 1
      while (side <= run && (!flat || column + side < width) && at(row, (column + side) % width))
        side++
      if (side > run) return false
    }
  return true
}

const changes = (a: Chart, b: Chart): number =>
  a.colours.reduce(
    (sum, row, r) => sum + [...row].filter((letter, i) => letter !== b.colours[r]![i]).length,
    0,
  )

/** The fewest changes, by trying every way of borrowing. */
function fewest(mosaic: Mosaic, rules: Rules): number {
  const size = mosaic.width * mosaic.rows.length
  let least = Infinity
  for (let code = 0; code < 2 ** size; code++) {
    const marks = Uint8Array.from({ length: size }, (_, at) => (code >> at) & 1)
    if (!allowed(marks, mosaic, rules)) continue
    least = Math.min(least, changes(mosaic, pictureOf(marks, mosaic.width, mosaic.rows)))
  }
  return least
}

const anyMosaic = (width: number, height: number, letters = 'AB') =>
  fc
    .array(fc.string({ unit: fc.constantFrom(...letters), minLength: width, maxLength: width }), {
      minLength: height,
      maxLength: height,
    })
    .map((colours): Mosaic => ({ width, colours, rows: inTurns('A', 'B', height) }))
const anyRules = fc.record({
  school: fc.constantFrom('overlay' as const, 'inset' as const),
  flat: fc.boolean(),
  run: fc.integer({ min: 1, max: 3 }),
})

describe('mosaic', () => {
  // Common practice, counted by hand: of four cells between the first and the last no two above one another are borrowed.
  it('has 8 workable columns of six rows, as many as Fibonacci says', () => {
    const counts = [2, 3, 4, 5, 6, 7, 8].map((height) => {
      const blank = drawn(...new Array<string>(height).fill('A'))
      return Array.from({ length: 2 ** height }, (_, code) =>
        Uint8Array.from({ length: height }, (_, row) => (code >> row) & 1),
      ).filter((marks) => canBe(marks, blank, overlay)).length
    })
    expect(counts).toEqual([1, 2, 3, 5, 8, 13, 21])
  })

  it('reads what is borrowed from the picture, and says why a cell cannot be', () => {
    // Row 2 (A) shows B in its middle: row 3 reaches down over it.
    const cross = drawn('BBB', 'AAA', 'BBB', 'ABA', 'BBB', 'AAA')
    const { marks, misfits } = workedOf(cross, overlay)
    expect(misfits).toEqual([])
    expect([...marks].flatMap((mark, at) => (mark ? [at] : []))).toEqual([7])
    const whyOf = (mosaic: Mosaic, rules: Rules) =>
      workedOf(mosaic, rules).misfits.map(({ column, row, why }) => `${column},${row} ${why}`)
    expect(whyOf(drawn('BB', 'AA', 'BB', 'AB'), overlay)).toEqual(['1,0 end'])
    expect(whyOf(drawn('BA', 'AA', 'BB', 'AA'), overlay)).toEqual(['1,3 end'])
    expect(whyOf(drawn('BB', 'AB', 'AB', 'AA'), overlay)).toEqual([])
    // In the second column row 1 shows A and row 2 shows B: both would be borrowed.
    expect(whyOf(drawn('BB', 'AB', 'BA', 'AA'), overlay)).toEqual(['1,2 stacked'])
    expect(whyOf(drawn('BBB', 'AAC', 'BBB', 'AAA'), overlay)).toEqual(['2,2 yarn'])
    expect(whyOf(drawn('BBB', 'AAA', 'ABB', 'AAA'), of({ flat: true }))).toEqual(['0,1 edge'])
    const run = drawn('BBBBBB', 'AAAAAA', 'BAAAAB', 'AAAAAA')
    expect(whyOf(run, of({ school: 'inset' }))).toEqual(['4,1 run'])
    expect(whyOf(run, of({ school: 'inset', run: 4 }))).toEqual([])
    // Three at the right and one at the left meet at the join, and do not in flat work of one repeat.
    const joined = drawn('BBBBBBB', 'AAAAAAA', 'ABBBAAA', 'AAAAAAA')
    expect(whyOf(joined, of({ school: 'inset' }))).toEqual(['0,1 run'])
  })

  it('goes from picture to what is worked and back, and keeps to the rules', () => {
    fc.assert(
      fc.property(anyMosaic(5, 6, 'ABC'), anyRules, (mosaic, rules) => {
        const { marks, misfits } = workedOf(mosaic, rules)
        expect(allowed(marks, mosaic, rules)).toBe(true)
        expect(canBe(marks, mosaic, rules)).toBe(true)
        const picture = pictureOf(marks, mosaic.width, mosaic.rows)
        expect([...wantedMarks({ ...picture, rows: mosaic.rows })]).toEqual([...marks])
        // What fits is as it was drawn, and nothing else is.
        expect(changes(mosaic, picture)).toBe(misfits.length)
      }),
    )
  })

  it('finds after a change what it finds anew', () => {
    fc.assert(
      fc.property(
        anyMosaic(5, 6, 'ABC'),
        anyRules,
        fc.array(fc.record({ row: fc.nat(5), text: fc.stringMatching(/^[ABC]{5}$/) })),
        (mosaic, rules, edits) => {
          let [now, known] = [mosaic, workedOf(mosaic, rules)]
          for (const { row, text } of edits) {
            now = { ...now, colours: now.colours.with(row, text) }
            known = workedOf(now, rules, known)
            const { marks, misfits } = workedOf(now, rules)
            expect([known.marks, known.misfits]).toEqual([marks, misfits])
          }
        },
      ),
    )
  })

  it('agrees with the rules said again on what can be', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(0, 0, 1), { minLength: 24, maxLength: 24 }),
        anyRules,
        (cells, rules) => {
          const blank = drawn('AAAAAA', 'AAAAAA', 'AAAAAA', 'AAAAAA')
          const marks = Uint8Array.from(cells)
          expect(canBe(marks, blank, rules)).toBe(allowed(marks, blank, rules))
        },
      ),
      { numRuns: tries(100) },
    )
  })

  it('is mended with the fewest changes, against trying every way', () => {
    fc.assert(
      fc.property(
        fc
          .constantFrom([3, 5], [4, 4], [5, 3], [2, 6], [1, 6], [6, 3])
          .chain(([w, h]) => anyMosaic(w!, h!, 'AABBC')),
        anyRules,
        (mosaic, rules) => {
          const { chart, cost, cells, bound, marks } = solved(mosaic, rules)
          expect(allowed(marks, mosaic, rules)).toBe(true)
          expect(cost).toBe(changes(mosaic, chart))
          expect(cells).toHaveLength(cost)
          expect([cost, bound]).toEqual([fewest(mosaic, rules), cost])
        },
      ),
      { numRuns: tries(15) },
    )
  }, 120_000)

  it('changes nothing that can be worked, and keeps protected cells', () => {
    fc.assert(
      fc.property(anyMosaic(6, 7), anyRules, (mosaic, rules) => {
        const once = solved(mosaic, rules)
        const again = solved({ ...once.chart, rows: mosaic.rows }, rules)
        expect([again.cost, again.chart]).toEqual([0, once.chart])
      }),
      { numRuns: 30 },
    )
    // One column: B over A over B wants two in a row borrowed; the protected one stays.
    const column = drawn('B', 'B', 'A', 'A')
    const kept = (at: number) =>
      solved(column, overlay, { weights: [1, 1, 1, 1].with(at, 5) }).chart.colours.join('')
    expect(kept(1)[1]).toBe('A')
    expect(kept(2)[2]).toBe('B')
  })

  // An independent check: the same as an integer program, solved by a general solver (HiGHS).
  it('is as good as a general solver on larger charts', async () => {
    const highs = await highsLoader()
    const random = fc.sample(anyMosaic(14, 12), { numRuns: 4, seed: 7 })
    for (const [i, mosaic] of random.entries()) {
      const rules = of({ school: 'inset', flat: i % 2 === 0, run: i < 2 ? 3 : 2 })
      const { cost, bound } = solved(mosaic, rules, { limitMs: 20_000 })
      expect(bound).toBe(cost)
      expect(Math.round(highs.solve(integerProgram(mosaic, rules)).ObjectiveValue)).toBe(cost)
    }
  }, 120_000)

  it('tells its best and its bound when it is ended', () => {
    const [mosaic] = fc.sample(anyMosaic(40, 40), { numRuns: 1, seed: 3 })
    const told: [number, number][] = []
    const { cost, bound, marks } = solved(mosaic!, of({ school: 'inset' }), {
      progress: (best, least) => {
        told.push([best, least])
        return told.length < 2
      },
    })
    expect(allowed(marks, mosaic!, of({ school: 'inset' }))).toBe(true)
    expect(bound).toBeLessThanOrEqual(cost)
  })
})
