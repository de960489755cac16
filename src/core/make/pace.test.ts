import fc from 'fast-check'
import { derive } from '../bag/index.ts'
import { bodyOf, compile, rowMade } from '../ledger/index.ts'
import type { LogEntry } from '../project/index.ts'
import { base, plain, tote } from '../testing/tote.ts'
import { CAMPAIGN, tries } from '../testing/tries.ts'
import {
  driftSeries,
  hoursLeft,
  hoursWords,
  maybeLearnedShare,
  paceOf,
  swatchesTaught,
  taughtBy,
  usualSeconds,
} from './index.ts'

const design = tote({ parts: [base(), plain({ rounds: 12 })] })
const ledger = compile(design)
const piece = bodyOf(ledger)
const made = (row: number, seconds?: number): LogEntry => ({
  ...rowMade(ledger, piece, row),
  ...(seconds === undefined ? {} : { seconds }),
})

describe('how long rows take', () => {
  it('is 3 seconds a sc and 4 a change of yarn, by hand', () => {
    // Round 12 of the base and plain rounds: 48 sc.
    expect(usualSeconds(rowMade(ledger, piece, 12))).toBe(144)
    const motif = compile(tote())
    // Eight repeats of 4 A, B, A: two changes each.
    expect(usualSeconds(rowMade(motif, bodyOf(motif), 10))).toBe(144 + 16 * 4)
  })
  it('is the usual until rows are timed, and then hers more and more', () => {
    expect(paceOf([])).toMatchObject({ share: 1, rows: 0, of100: [] })
    // Always twice the usual: one row tells a little, twelve nearly all.
    const log = (rows: number) => Array.from({ length: rows }, (_, i) => made(8 + i, 288))
    const shares = [1, 3, 12].map((rows) => paceOf(log(rows)).share)
    // By hand: prior 1 with sd 1/3, each row sd 0.15: (9 + 2 n / 0.0225) / (9 + n / 0.0225).
    for (const [i, n] of [1, 3, 12].entries())
      expect(shares[i]).toBeCloseTo((9 + (2 * n) / 0.0225) / (9 + n / 0.0225), 9)
    expect(paceOf(log(12)).of100).toEqual([{ stitch: 'sc', seconds: 600, rows: 12 }])
    expect(paceOf(log(12), 2).share).toBeCloseTo(2, 9)
  })
  it('says what is left at her pace, as a range', () => {
    const log = [made(0), made(1)]
    const seconds = piece.columns.makes.reduce((sum, n) => sum + 3 * n, 0) - 3 * (6 + 12)
    const [low, high] = hoursLeft(ledger, log, { low: 0.9, high: 1.5 })
    // An increase is worked as two stitches.
    expect(low).toBeCloseTo((0.9 * seconds) / 3600, 6)
    expect(high).toBeCloseTo((1.5 * seconds) / 3600, 6)
    expect([hoursWords([0, 0]), hoursWords([0.4, 0.6]), hoursWords([1.6, 3.4])]).toEqual([
      'nothing',
      'about 30 minutes',
      '2–3 hours',
    ])
  })
  it('holds what it says nine times in ten, whatever her true pace, which drifts and scatters', () => {
    // Not the model: rows off by a skewed scatter, a pace that drifts by a fifth over the bag.
    const cases = fc.record({
      pace: fc.double({ min: 0.75, max: 1.25, noNaN: true }),
      seed: fc.integer({ min: 1, max: 2 ** 31 - 2 }),
    })
    let [inside, all] = [0, 0]
    fc.assert(
      fc.property(cases, ({ pace, seed }) => {
        let state = seed
        const random = () => (state = (state * 16807) % 2147483647) / 2147483647
        const rows = 10
        const took = Array.from({ length: piece.rows }, (_, row) => {
          const drift = 0.95 + (0.1 * row) / piece.rows
          const skew = 0.88 + 0.24 * random() ** 2 + 0.04
          return usualSeconds(rowMade(ledger, piece, row)) * pace * drift * skew
        })
        const log = took
          .slice(0, rows)
          .map((seconds, row) => made(row, Math.max(1, Math.round(seconds))))
        const [low, high] = hoursLeft(ledger, log, paceOf(log))
        const rest = took.slice(rows).reduce((sum, one) => sum + one, 0) / 3600
        all++
        if (rest >= low && rest <= high) inside++
      }),
      { numRuns: tries(120) },
    )
    expect(inside / all).toBeGreaterThanOrEqual(0.85)
    expect(inside / all).toBeLessThanOrEqual(0.97)
    if (CAMPAIGN) console.log(`pace: ${inside} of ${all} inside`)
  })
})

describe('what a bag teaches', () => {
  /* By hand: sc of 5 mm, measured 126 mm where 120 are planned: 5.25 mm. 288 seconds for 48 sc: 0.1 minutes. */
  const after = { piece: 'bag', copy: 1, row: 'plain:1' } as const
  const log: LogEntry[] = [
    ...Array.from({ length: 9 }, (_, row) => made(row)),
    { kind: 'measured', ...after, what: 'wide', mm: 126, plannedMm: 120 },
    { kind: 'measured', ...after, what: 'wide', mm: 123, plannedMm: 120 },
    { kind: 'measured', ...after, what: 'tall', mm: 126, plannedMm: 120 },
    { kind: 'measured', ...after, what: 'loaded', mm: 138.6, plannedMm: 120 },
    made(9, 288),
    { kind: 'weighed', piece: 'bag', row: 'plain:2', yarn: 'A', grams: 20 },
  ]
  const yarns = [{ ...design.yarns[0]!, lots: [{ lot: null, grams: 30, of: null }] }]
  const bag = { ...design, yarns }
  const taught = taughtBy({
    design: bag,
    derived: derive({ design: bag, log }),
    log,
    hand: 'right',
  })
  const of = (kind: string) => taught.find((one) => one.of === kind)
  it('is how wide its stitches came out, from how many measurements', () => {
    expect(of('stitch-width')).toMatchObject({
      stitch: 'sc',
      yarn: 'Drum blue',
      hookMm: 3.5,
      times: 2,
      from: 'Test tote',
    })
    expect(of('stitch-width')!.value).toBeCloseTo((5.25 + 5.125) / 2, 9)
  })
  it('is a swatch where width and height were both measured', () => {
    const width = of('stitch-width')!
    expect(swatchesTaught([width])).toEqual([])
    const others = taught.filter((one) => one.of !== 'row-height')
    const [kept] = swatchesTaught([...others, { ...width, of: 'row-height', value: 5 }])
    expect(kept).toMatchObject({ name: 'Drum blue, Test tote', swatch: { rows: 20, stitch: 'sc' } })
    expect(kept!.swatch.stretch).toBe(of('stretch')!.value)
    expect(kept!.swatch.stitches).toBeCloseTo(100 / width.value, 9)
  })
  it('is by how much it hangs longer than it lay', () => {
    // 126 mm lying, where 120 were planned; 138.6 mm with what it will carry: a tenth more.
    expect(of('stretch')!.value).toBeCloseTo(0.1, 9)
    expect(driftSeries(ledger, log).map(({ what }) => what)).toEqual(['wide', 'wide', 'tall'])
  })
  it('is how long a stitch takes, and that is where the next bag begins', () => {
    expect(of('minutes-of-stitch')).toMatchObject({ stitch: 'sc', times: 1, yarn: null })
    expect(of('minutes-of-stitch')!.value).toBeCloseTo(0.1, 9)
    const learned = taught.map((one, i) => ({ ...one, id: `l${i}` }))
    // 6 seconds where 3 are usual.
    expect(maybeLearnedShare(learned, 'right')).toBeCloseTo(2, 9)
    expect(maybeLearnedShare(learned, 'left')).toBeNull()
    expect(paceOf([], 2)).toMatchObject({ share: 2, rows: 0 })
  })
  it('is what yarn a stitch took: the plan by as much as was weighed', () => {
    // 10 g of 50 g a 125 m are 25 m; in 216 sc of the base (6 to 48) and two rounds of 48.
    const value = of('yarn-of-stitch')!.value
    expect(of('yarn-of-stitch')).toMatchObject({ stitch: 'sc', yarn: 'Drum blue', times: 1 })
    const sc = 216 + 96
    expect(value).toBeGreaterThan((25 / sc) * 0.9)
    expect(value).toBeLessThan(25 / sc)
  })
})
