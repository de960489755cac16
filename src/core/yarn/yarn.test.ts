import fc from 'fast-check'
import { bands } from '../band/index.ts'
import { yarnPaths } from '../paths/index.ts'
import { type Design, bandsOf, partsOf, unknownLot, withBody } from '../design/index.ts'
import { compile, runsOfRow } from '../ledger/index.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import { base, baseAs, plain, swatch, tote } from '../testing/tote.ts'
import { tries } from '../testing/tries.ts'
import { TAIL_METRES, type Take, takesOf, yarnNeeds } from './index.ts'

const needs = (design: Design) => {
  const ledger = compile(design)
  return yarnNeeds(
    design,
    ledger,
    ledger.pieces.map((piece) => yarnPaths(ledger, piece)),
  )
}
const total = (design: Design) => needs(design).reduce((sum, { metres }) => sum + metres, 0)

describe('yarnNeeds', () => {
  it('adds stitches, strands and tails', () => {
    const [a, b, c] = needs(tote({ parts: [base()] }))
    const stitches = 6 + 12 + 18 + 24 + 30 + 36 + 42 + 48
    const term = (stitch: string, count: number, each: number) => ({
      ...{ into: 'stitches', stitch, count },
      metres: expect.closeTo(count * each * 0.03325, 9),
    })
    // 9.5 hook diameters a sc, from memory.
    expect(a!.parts).toEqual([
      {
        ...{ part: 'base', stitches },
        metres: expect.closeTo(stitches * 0.03325 + 2 * TAIL_METRES, 9),
        // Six in the ring, then seven rounds with six increases each, and 0, 6 … 36 stitches between those.
        terms: [
          term('sc', 6 + 6 * (0 + 1 + 2 + 3 + 4 + 5 + 6), 1),
          term('sc-2in1', 7 * 6, 2),
          { into: 'tails', stitch: null, count: 2, metres: 2 * TAIL_METRES },
        ],
      },
    ])
    expect(a!.balls).toBe(1)
    expect(a!.grams).toBeCloseTo((a!.metres * 50) / 125, 9)
    expect([b!.metres, b!.balls]).toEqual([0, 0])
    expect([c!.grams, c!.balls]).toEqual([null, null])
  })

  it('counts every piece as often as it is made, its foundation chain and the seams', () => {
    const two = tote({ parts: [baseAs('two-panels', { count: 20 }), plain({ rounds: 9 })] })
    const [a] = needs(two)
    // Per panel 200 sc, a chain of 21 and nine turning chains at half an sc; seams of 2 × 50 mm and 100 mm take three times that.
    const panel = (200 + (21 + 9) * 0.5) * 0.03325 + 2 * TAIL_METRES
    expect(a!.metres).toBeCloseTo(2 * panel + 0.2 * 3, 9)
    expect(a!.parts.reduce((sum, { stitches }) => sum + stitches, 0)).toBe(400)
  })

  it('counts the chain a round starts with where it is no stitch, and the slip stitch that joins it', () => {
    const of = (over: Partial<Design['making']>, stitch = 'dc') =>
      needs(
        tote({
          parts: [base({ stitch, increase: 12, count: 24 }), plain({ stitch, rounds: 1 })],
          making: { ...tote().making, ...over },
        }),
      )[0]!.metres
    const sc = 0.03325
    // Three rounds; the last is closed by fastening off: two start on a round, two are joined.
    const [spiral, joined] = [of({ working: 'spiral' }), of({ working: 'joined' })]
    expect(joined - spiral).toBeCloseTo((2 * 3 * 0.5 + 2 * 0.5) * sc, 9)
    // A chain that counts takes the place of a stitch.
    expect(of({ working: 'joined', chainCounts: true }) - spiral).toBeCloseTo(2 * 0.5 * sc, 9)
  })

  it('counts what a stitch reaches further down: there and back over each row (common practice)', () => {
    const row = (stitch: string) => ({
      text: `${stitch} in each st around`,
      runs: [{ stitch, yarn: 'A', count: 1 }],
      repeat: { from: 0, to: 1, times: 12 },
      from: null,
      down: [],
    })
    const over = (ground: string, stitch: string) => {
      const written = bands.written.begin({ stitch: ground, letters: ['A'], count: 12, abbr: '' })
      return needs(
        tote({
          swatches: [swatch({ stitches: 20, rows: ground === 'sc' ? 20 : 10, stitch: ground })],
          parts: [
            base({ stitch: ground, increase: 12, count: 12 }),
            plain({ stitch: ground, rounds: 3 }),
            { ...written, id: 'w', rows: [row(stitch)] },
          ],
        }),
      )[0]!.metres
    }
    // Twelve spikes of one row: rows of 5 mm in sc, of 10 mm in dc.
    expect(over('sc', 'spike') - over('sc', 'sc')).toBeCloseTo((12 * 2 * 5) / 1000, 9)
    expect(over('dc', 'spike') - over('dc', 'sc')).toBeCloseTo((12 * 2 * 10) / 1000, 9)
  })

  it('says what is in hand where it can', () => {
    const yarns = tote().yarns.map((yarn) => ({ ...yarn, lots: unknownLot(20) }))
    expect(needs(tote({ yarns })).map(({ inHandMetres }) => inHandMetres)).toEqual([50, 50, null])
  })

  it('takes as many metres of each strand that is held together, and balls of each by its own label', () => {
    const [first, ...more] = tote().yarns
    const fine = { name: 'Fine', label: { grams: 25, metres: 210 }, lots: unknownLot(10) }
    const [need] = needs(tote({ yarns: [{ ...first!, strands: [fine] }, ...more] }))
    const [strand] = need!.strands
    // 210 m weigh 25 g: grams go by its own label, metres by the yarn.
    expect(strand!.grams).toBeCloseTo((need!.metres * 25) / 210, 9)
    expect(strand!.balls).toBe(Math.ceil(need!.high / 210))
    expect(strand!.inHandMetres).toBe(84)
    expect(need!.metres).toBe(needs(tote())[0]!.metres)
  })

  it('is the sum of its rows, stitch by stitch as the ledger has them, for any bag', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const ledger = compile(design)
        for (const piece of ledger.pieces) {
          const paths = yarnPaths(ledger, piece)
          const sum = (takes: readonly Take[]) => {
            const all = new Map<string, number>()
            for (const { part, yarn, into, stitch, count } of takes) {
              const key = `${part} ${yarn} ${into} ${stitch}`
              all.set(key, (all.get(key) ?? 0) + count)
            }
            return [...all].sort()
          }
          const rows = Array.from({ length: piece.rows }, (_, row) =>
            takesOf(ledger, piece, paths, row, row + 1),
          )
          const whole = takesOf(ledger, piece, paths)
          expect(sum(rows.flat())).toEqual(sum(whole))
          // Counted once more, run by run.
          for (const [row, takes] of rows.entries())
            for (const { into, stitch, yarn, count } of takes)
              if (into === 'stitches')
                expect(
                  runsOfRow(ledger, piece, row)
                    .filter((run) => run.stitch === stitch && run.yarn === ledger.yarns[yarn])
                    .reduce((all, run) => all + run.count, 0),
                ).toBe(count)
        }
        for (const { metres, parts } of needs(design)) {
          const terms = parts.flatMap((part) => part.terms)
          expect(terms.reduce((all, term) => all + term.metres, 0)).toBeCloseTo(metres, 6)
        }
      }),
      { numRuns: tries(20) },
    )
  })

  it('keeps its laws for any bag', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        for (const { metres, low, high, balls } of needs(design)) {
          expect(low).toBeLessThanOrEqual(metres)
          expect(high).toBeGreaterThanOrEqual(metres)
          if (balls !== null) expect(balls * 125).toBeGreaterThanOrEqual(high - 1e-6)
        }
        // The first band of some bags takes the place of the base's row.
        fc.pre(bandsOf(design).length > 0)
        const more = withBody(design, [...partsOf(design), plain({ id: 'more', rounds: 1 })])
        expect(total(more)).toBeGreaterThan(total(design))
      }),
    )
  })
})
