import fc from 'fast-check'
import { baseOf, designFaults, partsOf } from '../design/index.ts'
import { commit, historyOf, tryCommit, projectOf } from '../project/index.ts'
import { compile } from '../ledger/index.ts'
import { rowText } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { derive } from '../bag/index.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { baseKinds, type BasePart, constructionOf, foldsOf, takenAsFits } from './index.ts'
import { tries } from '../testing/tries.ts'

const of = (part: BasePart) => constructionOf(part)
const bag = (part: BasePart, rows = 12) => tote({ parts: [part, plain({ rounds: rows })] })

/** Those that are asked numbers; written rounds are counted. */
const numbered = baseKinds.filter((kind) => kind !== 'written-base')

describe.each(numbered)('what is asked of a %s', (kind) => {
  const first = kind === 'round-base' ? base() : baseAs(kind)

  it('are fields it has, each with a name, from its least to its most', () => {
    const { asked } = of(first)
    expect(asked.length).toBeGreaterThan(0)
    expect(new Set(asked.map(({ label }) => label)).size).toBe(asked.length)
    for (const { key, min, max } of asked) {
      expect(first).toHaveProperty(key)
      expect(min).toBeLessThanOrEqual(typeof max === 'number' ? max : max(first))
    }
  })

  it('is taken at any figure between, or refused in words, and always makes a bag', () => {
    const field = fc.constantFrom(...of(first).asked)
    const change = fc.tuple(field, fc.double({ min: 0, max: 1, noNaN: true }))
    fc.assert(
      fc.property(fc.array(change, { minLength: 1, maxLength: 4 }), (changes) => {
        let history = historyOf(projectOf(bag(first)))
        for (const [{ key, min, max }, share] of changes) {
          const now = partsOf(history.design)[0] as BasePart
          const most = typeof max === 'number' ? max : max(now)
          // Large bases say nothing that small ones do not.
          const value = Math.round(min + (Math.min(most, 160) - min) * share)
          const result = tryCommit(history, { name: 'setBase', args: { values: { [key]: value } } })
          if (result.ok) history = result.value
          else expect(result.problem[0]!.message).toMatch(/\w/)
        }
        expect(designFaults(history.design)).toEqual([])
        expect(compile(history.design).pieces.length).toBeGreaterThan(0)
      }),
      { numRuns: tries(15) },
    )
  })

  it('is in step with itself at once', () => {
    const settled = { ...first, ...of(first).settled?.(first) } as BasePart
    expect(settled).toEqual(first)
    expect(of(first).faults?.(first) ?? []).toEqual([])
  })

  it('is seen from above where it lies, and from the front as rows there are', () => {
    const { ledger } = derive(projectOf(bag(first)))
    const lies = ledger.pieces[0]!.columns.heightMm[0] === 0
    expect(of(first).plan !== undefined).toBe(lies && kind !== 'tube')
    const { rows } = ledger.pieces.find(({ id }) => id === 'bag')!
    const front = of(first).front?.(first, rows) ?? { kind: 'standing' as const }
    if (front.kind === 'folded') expect(front.up + front.over).toBeLessThanOrEqual(rows)
    if (front.kind === 'grid') expect(front.across * front.down).toBeGreaterThan(0)
  })
})

describe('keeping in step', () => {
  const after = (part: BasePart, values: object) =>
    baseOf(
      commit(historyOf(projectOf(bag(part))), { name: 'setBase', args: { values: { ...values } } })
        .design,
    )

  it('gives ends no more than they have room for, and a tube no more taken away than one round can', () => {
    const oval = after(baseAs('oval-base', { inEnd: 3, increase: 6 }), { inEnd: 2 })
    expect(oval).toMatchObject({ inEnd: 2, increase: 4 })
    const tube = after(baseAs('tube', { count: 60, decrease: 24 }), { count: 30 })
    expect(tube).toMatchObject({ count: 30, decrease: 15 })
  })

  it('never leaves fewer stitches than the first round has', () => {
    expect(after(base({ increase: 6, count: 48 }), { increase: 40, count: 10 })).toMatchObject({
      count: 40,
    })
    expect(after(baseAs('oval-base', { along: 20 }), { along: 60, count: 5 })).toMatchObject({
      count: 2 * 58 + 6,
    })
  })
})

describe('a bottom taken in as often as fits (common practice)', () => {
  it('is every so many, and what is left over plain: 126 by 31 is (2, two together) 31 times and 2', () => {
    expect([31, 32, 42, 63, 1].map((wanted) => takenAsFits(126, wanted))).toEqual([
      31, 31, 42, 63, 1,
    ])
    const part = baseAs('tube', { count: 126, decrease: 31, closing: 'fits' })
    const ledger = compile(bag(part))
    const bottom = ledger.pieces.find(({ id }) => id === 'bottom')!
    expect(bottom.columns.makes[0]).toBe(95)
    expect(rowText(ledger, bottom, 0, defaultWords)).toContain('[2 sc, sc2tog] × 31, 2 sc')
  })
})

describe('making sides equal', () => {
  it('takes a row from the flap or gives it one, which leaves as many in front as behind', () => {
    const part = baseAs('folded-panel', { flapRows: 6 })
    const ways = of(part).evened!(part, 31)
    expect(ways.map(({ values }) => values)).toEqual([{ flapRows: 5 }, { flapRows: 7 }])
    for (const { values, facts } of ways) {
      const { front, back } = foldsOf(31, { ...part, ...values } as typeof part)
      expect([front, facts['side']]).toEqual([back, front])
    }
  })

  it('takes one more stitch away before a tube is sewn', () => {
    const part = baseAs('tube', { count: 61, decrease: 0 })
    const [way] = of(part).evened!(part, 20)
    expect(way).toMatchObject({ values: { decrease: 1 }, facts: { half: 30 } })
    expect(compile(bag({ ...part, ...way!.values } as BasePart)).unequal).toBeNull()
  })
})
