import demo from '../../../demo/beater-tote.json' with { type: 'json' }
import fc from 'fast-check'
import { type Design } from '../design/index.ts'
import { historyOf, tryCommit, printProject, readProject, projectOf } from '../project/index.ts'
import { fitAnswer, fitRequestOf } from '../fit/index.ts'
import { compiled } from '../ledger/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { defaultWords, stitchById } from '../stitch/index.ts'
import { anyBag, anyDesign } from '../testing/arbitrary.ts'
import { anyEditOf } from '../testing/arbitrary-edit.ts'
import { maybeEndless } from '../testing/finite.ts'
import { anyMutant } from '../testing/mutate.ts'
import { base, baseAs, plain, swatch, tote } from '../testing/tote.ts'
import { derive, type Derived, planReport, planText } from './index.ts'
import { tries } from '../testing/tries.ts'

const report = (design = tote()) => planReport(design, derive(projectOf(design)), defaultWords)

describe('derive', () => {
  it('reads the figures off the ledger', () => {
    expect(derive(projectOf(tote())).tally).toMatchObject({
      stitches: 48,
      aroundMm: 240,
      flatMm: 120,
      heightMm: 40,
      rounds: 16,
      totalStitches: 6 + 12 + 18 + 24 + 30 + 36 + 42 + 48 * 9,
    })
  })

  it('gives the same figures for either hand', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const [right, left] = (['right', 'left'] as const).map((hand) =>
          derive(projectOf(design), { hand }),
        )
        // A motif that is cut off at the join is cut at its other edge.
        if (right!.snags.some(({ code }) => code === 'repeat-remainder')) return
        // A standing stitch is where a yarn is new, and each hand meets another first.
        if (JSON.stringify(design).includes('standing')) return
        // Where a row ends and the next begins, the hands may meet different colours.
        expect({ ...left!.tally, changes: 0 }).toEqual({ ...right!.tally, changes: 0 })
        // So that the chain a row starts with is of one yarn for one hand and of another for the other; in all it is as much.
        const all = ({ needs }: Derived) => needs.reduce((sum, { metres }) => sum + metres, 0)
        expect(all(left!)).toBeCloseTo(all(right!), 6)
      }),
    )
  })
})

describe('whatever is read', () => {
  const follows = (design: Design) => {
    const derived = derive(projectOf(design))
    expect(maybeEndless(derived)).toBeNull()
    expect(writtenPattern(derived.ledger, defaultWords).length).toBeGreaterThan(0)
    expect(Array.isArray(fitAnswer(fitRequestOf(compiled(projectOf(design)))).fits)).toBe(true)
  }

  it('is compiled and derived, and every figure of it is one: mutated files', () => {
    let taken = 0
    fc.assert(
      fc.property(anyMutant, (file) => {
        const read = readProject(JSON.stringify(file))
        if (!read.ok) return
        taken++
        follows(read.value.design)
      }),
      { numRuns: tries(100) },
    )
    expect(taken).toBeGreaterThan(5)
  })

  it('is compiled and derived after any edits of any bag', () => {
    const worked = anyBag.chain((design) =>
      fc.tuple(fc.constant(design), fc.array(anyEditOf(design), { maxLength: 8 })),
    )
    fc.assert(
      fc.property(worked, ([design, edits]) => {
        const { design: after } = edits.reduce(
          (now, edit) => {
            const result = tryCommit(now, edit)
            return result.ok ? result.value : now
          },
          historyOf(projectOf(design)),
        )
        follows(after)
      }),
      { numRuns: tries(38) },
    )
  })

  it('is bounded however its fields are put together', () => {
    const refusal = (over: Parameters<typeof tote>[0]) => {
      const read = readProject(printProject(projectOf(tote(over))))
      return read.ok ? null : read.problem[0]!.message
    }
    // Half a stitch over a metre and 500 rows over 10 cm: a flat base of hundreds of thousands of rows.
    const flat = baseAs('flat-base', { along: 3, count: 2000 })
    const swatches = [swatch({ stitches: 0.5, stitchesOverMm: 1000, rows: 500 })]
    expect(refusal({ swatches, parts: [flat] })).toContain('from 0.5 to 200 mm wide')
    expect(refusal({ swatches: [swatch({ rows: 200 })] })).toContain('more than 6 times as long')
    const sewn = baseAs('squares', { count: 2000, across: 20, down: 20 })
    expect(refusal({ parts: [sewn] })).toContain('a round of 80000 stitches')
    const tall = Array.from({ length: 5 }, (_, i) => plain({ id: `p${i}`, rounds: 1000 }))
    expect(refusal({ parts: [base(), ...tall] })).toContain('5000 rounds')
    const wide = [base({ count: 2000 }), ...tall.slice(0, 3)]
    expect(refusal({ parts: wide })).toContain('6000000 stitches')
  })
})

describe('planReport', () => {
  it('balances, row by row and colour by colour', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const { pieces } = report(design)
        for (const { rows } of pieces)
          rows.forEach((row, i) => {
            expect(row.uses).toBe(i > 0 ? rows[i - 1]!.makes : 0)
            const made = row.runs.reduce(
              (sum, run) => sum + run.count * stitchById(run.stitch).makes,
              0,
            )
            expect(made).toBe(row.makes)
          })
        expect(JSON.parse(JSON.stringify(report(design)))).toEqual(report(design))
      }),
    )
  })

  it('says each join in words, and where its sides lie', () => {
    // Two panels of 21 rows: what is left of the front is the right edge of the back.
    const parts = [baseAs('two-panels', { count: 40 }), plain({ rounds: 20 })]
    expect(
      report(tote({ parts })).joins.map(({ text, sides }) => [
        text,
        ...sides.map(({ spot }) => spot.on),
      ]),
    ).toEqual([
      ['Sew the left side: 21 pairs.', 'left', 'right'],
      ['Sew the bottom: 40 pairs.', 'first', 'first'],
      ['Sew the right side: 21 pairs.', 'right', 'left'],
    ])
  })

  it('says the way of each yarn, where rows change it, and how far sizes may be off', () => {
    const {
      paths,
      pieces: [piece],
      tally,
    } = report()
    const of = (yarn: string) => paths.find((one) => one.yarn === yarn)!.spans
    // Round 11 to 13 are the motif; B is in all of them beside A, C in the last alone.
    expect(of('A')).toEqual([
      { from: 0, to: 16, how: 'worked' },
      { from: 10, to: 13, how: 'carried' },
    ])
    expect(of('C')).toEqual([
      { from: 12, to: 13, how: 'worked' },
      { from: 12, to: 13, how: 'carried' },
    ])
    expect(piece!.rows[10]!.changes.slice(0, 3)).toEqual([
      { after: 4, yarn: 'B' },
      { after: 5, yarn: 'A' },
      { after: 10, yarn: 'B' },
    ])
    expect(piece!.rows.map(({ onto }) => onto)).toEqual([
      null,
      ...piece!.rows.slice(1).map(({ n }) => n - 1),
    ])
    // Of a swatch of half a stitch in twenty.
    const measured = report(tote({ swatches: [swatch()], parts: [base(), plain()] })).tally
    expect(measured.aroundMmLow).toBeCloseTo(234, 9)
    expect(measured.aroundMmHigh).toBeCloseTo(246, 9)
    expect(measured.heightMmHigh).toBeCloseTo(measured.heightMm! * 1.025, 9)
    const guessed = report(tote({ swatches: [] })).tally
    expect(guessed.aroundMmLow).toBeLessThan(guessed.aroundMm! * 0.95)
    expect(tally.yarns[0]!.parts.map(({ part }) => part)).toContain('Base')
  })

  it('keeps its shape', () => {
    const { tally, snags, ...rest } = report({ ...tote(), swatches: [] })
    expect(Object.keys(rest)).toEqual(['format', 'pieces', 'joins', 'fittings', 'paths'])
    expect(tally).toMatchObject({
      stitches: 48,
      ends: expect.any(Number),
      changes: expect.any(Number),
    })
    expect(tally.yarns[0]).toMatchObject({ letter: 'A', balls: 1, source: 'model' })
    expect(snags.map(({ code }) => code)).toContain('gauge-estimated')
    expect(rest.pieces[0]!.rows[0]).toMatchObject({
      n: 1,
      part: 'Base',
      side: 'RS',
      uses: 0,
      makes: 6,
      unit: null,
    })
  })

  it('writes the demo bag', () => {
    const read = readProject(JSON.stringify(demo))
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    const text = planText(read.value.design, derive(read.value), defaultWords)
    expect(text).toContain('Round 76: with D, sc in each st around (120)')
    expect(text).toContain('ch 65, sk 26 sts')
    expect(text).toContain('Rounds 79–80: sc in each st around (194)')
    expect(text).toContain('120 stitches, 60.0 cm around, 30.0 cm laid flat, 27.3 cm tall')
    expect(text).not.toMatch(/error:|warning:/)
  })
})

describe('sizes that a bag does not have', () => {
  it('are null: one panel has no way around, a disc alone no height', () => {
    const panel = report(tote({ parts: [baseAs('panel', { count: 40 }), plain()] })).tally
    expect([panel.aroundMm, panel.aroundMmLow]).toEqual([null, null])
    expect(panel.flatMm).toBeGreaterThan(0)
    expect(report(tote({ parts: [base()] })).tally.heightMm).toBeNull()
    expect(
      planText(
        tote({ parts: [base()] }),
        derive(projectOf(tote({ parts: [base()] }))),
        defaultWords,
      ),
    ).not.toContain('0.0 cm tall')
  })

  // By hand: 20 + 34 + 14 stitches and two chains of 80 over 26 each are 228 on the 120 there are.
  it('come of no round over a handle’s chain, and such rounds are known', () => {
    const run = (stitch: string, count: number) => ({ stitch, yarn: 'A', count })
    const over = [run('ch', 80), run('skip', 26)]
    const rows = [
      {
        text: 'sc in next 20 sts, ch 80, sk 26 sts, sc in next 34 sts, ch 80, sk 26 sts, sc in next 14 sts',
        runs: [run('sc', 20), ...over, run('sc', 34), ...over, run('sc', 14)],
        repeat: null,
        from: null,
        down: [],
      },
      {
        text: 'sc in each st and ch around',
        runs: [run('sc', 228)],
        repeat: null,
        from: null,
        down: [],
      },
      { text: 'sc in each st around', runs: [run('sc', 228)], repeat: null, from: null, down: [] },
    ]
    const handles = { kind: 'written', id: 'w', name: 'Handles', making: null, stitch: 'sc', rows }
    const bag = (more: readonly unknown[]) =>
      report(tote({ parts: [base({ count: 120 }), plain(), ...more] as never }))
    const [without, withThem] = [bag([]), bag([handles])]
    expect(withThem.tally.aroundMm).toBeCloseTo(without.tally.aroundMm!, 6)
    expect(withThem.tally.flatMm).toBeCloseTo(without.tally.flatMm!, 6)
    expect(withThem.tally.stitches).toBe(120)
    expect(withThem.tally.footprint).toEqual(without.tally.footprint)
    // They raise the rim: three rounds more.
    expect(withThem.tally.heightMm! - without.tally.heightMm!).toBeGreaterThan(0)
    const rowsOf = withThem.pieces[0]!.rows.slice(-3)
    expect(rowsOf.map((row) => [row.makes, 'handle' in row])).toEqual([
      [228, false],
      [228, true],
      [228, true],
    ])
  })
})
