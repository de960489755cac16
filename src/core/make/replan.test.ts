import fc from 'fast-check'
import { derive } from '../bag/index.ts'
import type { Design } from '../design/index.ts'
import { bodyOf, compile, type Ledger, rowMade } from '../ledger/index.ts'
import {
  commit,
  type History,
  historyOf,
  type LogEntry,
  madeIn,
  type MadeRow,
  noted,
  projectOf,
  tryCommit,
} from '../project/index.ts'
import { anyBag } from '../testing/arbitrary.ts'
import { anyEditOf } from '../testing/arbitrary-edit.ts'
import { base, motif, plain, tote } from '../testing/tote.ts'
import { tries } from '../testing/tries.ts'
import {
  afterRowOf,
  freeDesign,
  freeWays,
  laidRow,
  isFree,
  maybeMeasuredGauge,
  maybeWorkAt,
  placeIn,
  planChanges,
  plannedOn,
  roundLess,
  roundMore,
  rowCounted,
  rowTyped,
  textsIn,
  type WorkOn,
  worksOf,
} from './index.ts'

const ledgerOf = ({ design, log }: History): Ledger => compile(design, { made: madeIn(log) })
const firstOf = (now: History): WorkOn => worksOf(ledgerOf(now), now.log)[0]!
const make = (now: History, rows: number): History => {
  let history = now
  for (let i = 0; i < rows; i++) {
    const ledger = ledgerOf(history)
    const on = worksOf(ledger, history.log)[0]!
    if (on.made >= on.piece.rows) break
    history = noted(history, [rowMade(ledger, on.piece, on.made, on.copy)])
  }
  return history
}
const ripTo = (now: History, rows: number, stitches = 0): History => {
  const on = firstOf(now)
  const entry: LogEntry = {
    kind: 'ripped',
    how: 'ripped',
    ...afterRowOf(on, Math.min(rows, on.made)),
    stitches,
  }
  return noted(now, [entry])
}

/** How a row ends is as what comes next begins, which may be another than was planned when it was noted. */
const open = (rows: readonly MadeRow[]) => rows.map((row) => ({ ...row, end: null }))

/** The laws of a ledger that is partly made: made rows are as they were noted, and every row goes into all that is below it. */
function reconciles(now: History): void {
  const ledger = ledgerOf(now)
  const on = worksOf(ledger, now.log)[0]!
  const made = madeIn(now.log).filter(
    ({ piece, copy }) => piece === on.piece.id && copy === on.copy,
  )
  expect(on.made).toBe(made.length)
  const noted = Array.from({ length: on.made }, (_, row) => rowMade(ledger, on.piece, row, on.copy))
  expect(open(noted)).toEqual(open(made))
  for (const { columns, rows } of ledger.pieces)
    for (let row = 1; row < rows; row++) {
      expect(columns.makes[row]).toBeGreaterThan(0)
      if (columns.onto[row] === row - 1 && columns.also[row]! < 0 && columns.start[row]! > 5)
        expect(columns.uses[row]).toBe(columns.makes[row - 1])
    }
  // All noted: the very same again.
  const all = Array.from({ length: on.piece.rows }, (_, row) =>
    rowMade(ledger, on.piece, row, on.copy),
  )
  const again = compile(now.design, { made: all })
  const same = again.pieces.find(
    ({ id, copies }) => id === on.piece.id && copies.includes(on.copy),
  )!
  expect(same.columns).toEqual(on.piece.columns)
}

type Step =
  | { readonly do: 'make'; readonly rows: number }
  | { readonly do: 'rip'; readonly rows: number }
  | { readonly do: 'edit'; readonly seed: number }
  | { readonly do: 'count'; readonly off: number }
const anyStep: fc.Arbitrary<Step> = fc.oneof(
  fc.record({ do: fc.constant('make' as const), rows: fc.integer({ min: 1, max: 7 }) }),
  fc.record({ do: fc.constant('rip' as const), rows: fc.integer({ min: 1, max: 4 }) }),
  fc.record({ do: fc.constant('edit' as const), seed: fc.nat() }),
  fc.record({ do: fc.constant('count' as const), off: fc.constantFrom(-2, -1, 1, 2) }),
)

function after(now: History, step: Step): History {
  const on = firstOf(now)
  if (step.do === 'make') return make(now, step.rows)
  if (step.do === 'rip') return ripTo(now, Math.max(0, on.made - step.rows))
  if (step.do === 'edit') {
    const [edit] = fc.sample(anyEditOf(now.design), { numRuns: 1, seed: step.seed })
    const tried = tryCommit(now, edit!)
    return tried.ok ? tried.value : now
  }
  if (on.made === 0 || on.made >= on.piece.rows) return now
  const counted = on.piece.columns.makes[on.made]! + step.off
  if (counted < 4) return now
  const record = rowCounted(ledgerOf(now), on.piece, on.made, { copy: on.copy, counted })
  return noted(now, [laidRow(now.design, now.log, record)])
}

describe('a plan that follows the work', () => {
  it('keeps what is made and plans the rest on it, whatever is made, ripped, counted and changed', () => {
    const cases = fc.tuple(anyBag, fc.array(anyStep, { minLength: 2, maxLength: 7 }))
    fc.assert(
      fc.property(cases, ([design, steps]) => {
        let now = historyOf(projectOf(design))
        for (const step of steps) {
          now = after(now, step)
          reconciles(now)
        }
      }),
      { numRuns: tries(25) },
    )
  })

  /* By hand: the tote's base of 48, two plain, three of a motif of six, three plain above. */
  const half = make(historyOf(projectOf(tote())), 9)
  const change = (key: string, now = half) =>
    planChanges(now.design, firstOf(now)).find((one) => one.key === key)!
  const rowsAfter = (key: string, now = half) => bodyOf(ledgerOf(commit(now, change(key).edits)))
  it('takes rounds more, fewer, or stops', () => {
    expect(planChanges(half.design, firstOf(half)).map(({ key }) => key)).toEqual([
      'more 1',
      'more 2',
      'more 4',
      'stop',
      'yarn A B',
      'yarn A C',
    ])
    expect(change('more 2').title).toBe('2 rounds more of Plain')
    expect(rowsAfter('more 2').rows).toBe(bodyOf(ledgerOf(half)).rows + 2)
    expect(rowsAfter('stop').rows).toBe(bodyOf(ledgerOf(half)).rows - 1)
  })
  it('goes on in another yarn, and what is made stays in the first', () => {
    const now = commit(half, change('yarn A B').edits)
    const ledger = ledgerOf(now)
    const piece = bodyOf(ledger)
    const yarn = (row: number) =>
      ledger.yarns[piece.columns.runYarn[piece.columns.blockFrom[piece.columns.blockStart[row]!]!]!]
    expect([8, 9, 13].map(yarn)).toEqual(['A', 'B', 'A'])
  })
  it('says what no longer fits, with the nearest ways', () => {
    const before = make(historyOf(projectOf(tote())), 8)
    const on = firstOf(before)
    const ledger = ledgerOf(before)
    const now = noted(before, [rowCounted(ledger, on.piece, 8, { copy: 1, counted: 47 })])
    const { snags } = derive(now)
    const misfit = snags.find(({ code }) => code === 'repeat-remainder')!
    expect(misfit.facts).toMatchObject({ count: 47, multiple: 6, left: 5 })
    expect(misfit.mends.map(({ kind }) => kind)).toContain('adjust')
    const adjust = misfit.mends.find(({ kind }) => kind === 'adjust')!
    const mended = derive(commit(now, adjust.edits))
    expect(mended.snags.map(({ code }) => code)).not.toContain('repeat-remainder')
  })
  it('takes the gauge from the bag', () => {
    const ledger = ledgerOf(half)
    const piece = bodyOf(ledger)
    const planned = plannedOn(piece, 8)
    // 48 stitches of 5 mm are 240 mm around: 120 mm laid flat. Measured 126 they are 5.25 mm each.
    expect(planned.wide).toBeCloseTo(120)
    const edit = maybeMeasuredGauge(
      half.design,
      ledger,
      { piece: 'bag', row: 8 },
      { what: 'wide', mm: 126, plannedMm: planned.wide },
    )!
    const after = bodyOf(ledgerOf(commit(half, edit)))
    expect(after.columns.widthMm[8]).toBeCloseTo(252)
    expect(commit(half, edit).design.swatches[0]).toMatchObject({
      fabric: 'plain',
      stitch: 'sc',
      rows: 20,
    })
  })
})

describe('a row that came out otherwise', () => {
  const half = make(
    historyOf(projectOf(tote({ parts: [base(), plain({ rounds: 4 }), motif()] }))),
    9,
  )
  const typed = (text: string) =>
    rowTyped(half.design, ledgerOf(half), half.log, firstOf(half), text)
  it('is noted as it is typed, and what follows stands on it', () => {
    const row = typed('[7 sc, inc] x 6')
    if (!row.ok) throw new Error(row.problem)
    expect([row.value.count, row.value.planned]).toEqual([54, 48])
    const now = noted(half, [row.value.record])
    reconciles(now)
    expect(bodyOf(ledgerOf(now)).columns.makes[10]).toBe(54)
  })
  it('is refused in words where it does not add up', () => {
    expect(typed('[7 sc, inc] x 5')).toMatchObject({ ok: false })
    expect(typed('[7 sc')).toMatchObject({ ok: false })
  })
})

describe('where the hook is', () => {
  const straps = tote({
    pieces: [
      tote().pieces[0]!,
      {
        ...{ id: 'strap', name: 'Strap', times: 2, joins: [], blocks: [] },
        parts: [{ ...base({ id: 'sb', count: 12 }) }, plain({ id: 'sp', rounds: 3 })],
      },
    ],
  } as Partial<Design>)
  it('goes from copy to copy, each called by its number', () => {
    const start = historyOf(projectOf(straps))
    const ledger = ledgerOf(start)
    const works = worksOf(ledger, [])
    expect(works.map(({ called }) => called)).toEqual([
      works[0]!.piece.name,
      'Strap 1 of 2',
      'Strap 2 of 2',
    ])
    const all = (on: WorkOn) =>
      Array.from({ length: on.piece.rows }, (_, row) => rowMade(ledger, on.piece, row, on.copy))
    const log = [...all(works[0]!), ...all(works[1]!)]
    expect(placeIn(ledger, log)).toEqual({ piece: 'strap', copy: 2, row: 0, stitches: 0 })
    const paused: LogEntry = { kind: 'paused', piece: 'bag', copy: 1, row: 'base:2', stitches: 7 }
    const begun = all(works[0]!).slice(0, 2)
    expect(placeIn(ledger, [...begun, paused])).toEqual({
      piece: 'bag',
      copy: 1,
      row: 2,
      stitches: 7,
    })
    expect(placeIn(ledger, [...begun, paused, ...all(works[0]!).slice(2, 3)]).stitches).toBe(0)
    expect(maybeWorkAt(works, { piece: 'gone', copy: 1 })).toBeNull()
  })
  it('is amid a row after it was ripped back to a stitch', () => {
    const now = ripTo(make(historyOf(projectOf(tote())), 6), 3, 5)
    expect(placeIn(ledgerOf(now), now.log)).toEqual({ piece: 'bag', copy: 1, row: 3, stitches: 5 })
  })
})

describe('work without a plan', () => {
  const begun = historyOf(projectOf(freeDesign(tote(), { stitch: 'sc', count: 6 })))
  const more = (
    now: History,
    text: string,
    onSides = false,
    yarn: string | null = null,
  ): History => {
    const edits = roundMore(now.design, ledgerOf(now), { text, onSides, yarn })
    if (!edits.ok) throw new Error(edits.problem)
    return commit(now, edits.value)
  }
  const counts = (now: History) => [...bodyOf(ledgerOf(now)).columns.makes]
  it('is written round by round, counted, and is a pattern at the end', () => {
    let now = more(begun, '2 sc in each st')
    now = more(now, '[sc, inc] x 6')
    now = more(now, 'sc in each st', true, 'B')
    now = more(now, '[4 sc, sc2tog] around')
    expect(counts(now)).toEqual([6, 12, 18, 18, 15])
    expect(isFree(now.design)).toBe(true)
    expect(textsIn(now.design)).toEqual([
      '6 sc in magic ring',
      '2 sc in each st',
      '[sc, inc] x 6',
      'with B, sc in each st',
      '[4 sc, sc2tog] around',
    ])
    // The sides rise, and the base lies.
    expect([...bodyOf(ledgerOf(now)).columns.heightMm].map((mm) => mm > 0)).toEqual([
      false,
      false,
      false,
      true,
      true,
    ])
    const less = commit(now, roundLess(now.design))
    expect(counts(less)).toEqual([6, 12, 18, 18])
    expect(counts(commit(commit(less, roundLess(less.design)), roundLess(begun.design)))).toEqual([
      6, 12, 18,
    ])
    reconciles(make(now, 5))
  })
  it('refuses what does not add up, and offers what does', () => {
    const now = more(begun, '2 sc in each st')
    expect(
      roundMore(now.design, ledgerOf(now), { text: '[4 sc, inc] x 3', onSides: false }),
    ).toMatchObject({ ok: false })
    const ways = freeWays(now.design, ledgerOf(now))
    expect(ways.map(({ title }) => title).slice(0, 3)).toEqual([
      'Plain',
      'Same again',
      'Increase by 6, as before',
    ])
    for (const { text } of ways)
      expect(roundMore(now.design, ledgerOf(now), { text, onSides: false }).ok).toBe(true)
  })
  it('is no plan of another kind', () => expect(isFree(tote())).toBe(false))
})
