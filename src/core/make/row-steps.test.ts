import fc from 'fast-check'
import { bodyOf, compile } from '../ledger/index.ts'
import { yarnPaths } from '../paths/index.ts'
import { anyBag } from '../testing/arbitrary.ts'
import { plain, tote } from '../testing/tote.ts'
import { tries } from '../testing/tries.ts'
import { drawer, stitchesOf } from '../texture/index.ts'
import { texturedBand } from '../shorthand/index.ts'
import { base } from '../testing/tote.ts'
import {
  leftAt,
  maybeNextChange,
  repeatAt,
  stepAt,
  stepsAround,
  stepsOf,
  strides,
  strokesAfter,
  strokesBefore,
  yarnsNow,
} from './index.ts'

/* The test tote: a base of 48 in eight rounds, two plain, three of a motif of six (from the right AAAABA, AAABBA, ACBBAA), three plain. */
const ledger = compile(tote())
const piece = bodyOf(ledger)
const paths = yarnPaths(ledger, piece)
const MOTIF = 10
const said = (row: number) =>
  stepsOf(ledger, piece, row).steps.map(({ count, yarn }) => `${count}${yarn}`)
const states = (row: number, done: number) =>
  yarnsNow(ledger, piece, paths, { row, done, steps: stepsOf(ledger, piece, row) }).map(
    ({ letter, is, row: at }) => `${letter} ${is}${at === null ? '' : ` ${at}`}`,
  )
const change = (row: number, done: number) =>
  maybeNextChange(ledger, piece, row, stepsOf(ledger, piece, row), done)

describe('a row as it is worked', () => {
  it('is its runs in working order, with the ends of its repeats', () => {
    expect(said(MOTIF).slice(0, 6)).toEqual(['4A', '1B', '1A', '4A', '1B', '1A'])
    const row = stepsOf(ledger, piece, MOTIF)
    expect([row.strokes, row.leaves, row.repeats]).toEqual([
      48,
      48,
      [6, 12, 18, 24, 30, 36, 42, 48],
    ])
    expect([repeatAt(row, 0), repeatAt(row, 6), repeatAt(row, 48)]).toEqual([
      [1, 8],
      [2, 8],
      [8, 8],
    ])
  })
  it('counts an increase as one stroke that leaves two stitches', () => {
    const row = stepsOf(ledger, piece, 1)
    expect([row.strokes, row.leaves]).toEqual([6, 12])
    expect([0, 2, 6].map((done) => leftAt(row, done))).toEqual([0, 4, 12])
  })
  it('is gone along by stitch, run, repeat and row, and back the same way', () => {
    const row = stepsOf(ledger, piece, MOTIF)
    expect(strides.map((by) => strokesAfter(row, 7, by))).toEqual([8, 10, 12, 48])
    expect(strides.map((by) => strokesBefore(row, 10, by))).toEqual([9, 6, 6, 0])
    expect(strokesBefore(row, 12, 'repeat')).toBe(6)
    expect([strokesAfter(row, 48, 'run'), strokesBefore(row, 0, 'run')]).toEqual([48, 0])
    expect([0, 4, 47, 48].map((done) => stepAt(row, done))).toEqual([0, 1, 23, 24])
  })
  it('has no repeats where nothing repeats, and is then one', () => {
    const row = stepsOf(ledger, piece, 8)
    expect([row.repeats, strokesAfter(row, 3, 'repeat')]).toEqual([[], 48])
  })
  it('leaves what the ledger says, in any bag and any texture', () => {
    const same = (of: ReturnType<typeof compile>) => {
      for (const one of of.pieces)
        for (let row = 0; row < one.rows; row++) {
          const steps = stepsOf(of, one, row)
          expect(steps.leaves).toBe(one.columns.makes[row])
          expect(steps.repeats.at(-1) ?? steps.strokes).toBe(steps.strokes)
        }
    }
    fc.assert(
      fc.property(anyBag, (design) => same(compile(design))),
      { numRuns: tries(25) },
    )
    for (const pattern of drawer) {
      if (!pattern.round) continue
      const band = texturedBand(pattern, 'rounds', { letters: ['A', 'B'], rounds: 8 })
      if (!band.ok) continue
      const count = stitchesOf(pattern, 8, 'round')
      const part = { ...band.value, id: 'texture' } as never
      same(compile(tote({ parts: [base({ count }), plain({ rounds: 1 }), part] })))
    }
  })
  it('is shown as the repeat one is in, or about the place where nothing repeats', () => {
    const row = stepsOf(ledger, piece, MOTIF)
    expect(stepsAround(row, 7, 20).map(({ from }) => from)).toEqual([6, 10, 11])
    expect(stepsAround(row, 48, 20).map(({ from }) => from)).toEqual([42, 46, 47])
    const whole = { ...row, repeats: [] }
    const shown = stepsAround(whole, 24, 6)
    expect(shown).toHaveLength(6)
    expect(shown.map(({ from }) => from)).toContain(24)
  })
})

describe('the next change of yarn', () => {
  it('is so many stitches on, in the row or at its end', () => {
    expect(change(MOTIF, 0)).toEqual({ strokes: 4, yarn: 'B', atEnd: false })
    expect(change(MOTIF, 4)).toEqual({ strokes: 1, yarn: 'A', atEnd: false })
    expect(change(MOTIF, 47)).toBeNull()
    const striped = compile(tote({ parts: [base(), plain({ yarn: 'B' })] }))
    const body = bodyOf(striped)
    const last = stepsOf(striped, body, 7)
    expect(maybeNextChange(striped, body, 7, last, 40)).toEqual({
      strokes: last.strokes - 40,
      yarn: 'B',
      atEnd: true,
    })
    expect(maybeNextChange(striped, body, body.rows - 1, last, 3)).toBeNull()
  })
})

describe('what every yarn is doing', () => {
  it('is to come until it is joined, then works or lies inside, and is cut after its last row', () => {
    expect(states(3, 2)).toEqual(['A works', 'B to come 10', 'C to come 12'])
    expect(states(MOTIF, 2)).toEqual(['A works', 'B to come 10', 'C to come 12'])
    expect(states(MOTIF, 4)).toEqual(['A inside', 'B works', 'C to come 12'])
    expect(states(MOTIF, 5)).toEqual(['A works', 'B inside', 'C to come 12'])
    expect(states(12, 1)).toEqual(['A inside', 'B inside', 'C works'])
    expect(states(13, 5)).toEqual(['A works', 'B cut', 'C cut'])
  })
})
