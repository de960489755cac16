import { baseInstead, baseOf, designFaults } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { compile, runsOfRow } from '../ledger/index.ts'
import { fitsOf } from '../fit/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { baseFlatness } from '../fit/index.ts'
import { type BasePart, writtenDiscs } from '../shape/index.ts'
import { checkPattern } from '../check/index.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { countedBase } from './written-rows.ts'

const words = { terms: 'us', units: 'metric', hand: 'right' } as const
function bagOn(texts: readonly string[], stitch = 'dc') {
  const counted = countedBase(texts, stitch)
  if (!counted.ok) throw new Error(counted.problem)
  const bag = tote({ parts: [baseAs('written-base'), plain({ rounds: 3 })] })
  const values = { rounds: counted.value, stitch }
  return commit(historyOf(projectOf(bag)), { name: 'setBase', args: { values } }).design
}
const counts = (texts: readonly string[], stitch?: string) => {
  const { makes, heightMm } = compile(bagOn(texts, stitch)).pieces[0]!.columns
  expect(heightMm[texts.length - 1]).toBe(0)
  return [...makes.subarray(0, texts.length)]
}
const [spokes, vs, granny] = writtenDiscs

describe('a base of rounds in shorthand', () => {
  it('has a post in each of twelve spokes, 12 more a round, 108 in round 9 (common practice)', () => {
    expect(counts(spokes!.rounds)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9].map((r) => 12 * r))
    const ledger = compile(bagOn(spokes!.rounds))
    const ninth = runsOfRow(ledger, ledger.pieces[0]!, 8)
    const posts = ninth.filter(({ stitch }) => stitch === 'fpdc')
    expect(posts.reduce((sum, { count }) => sum + count, 0)).toBe(12)
  })

  it('goes from 6 to 12 to 12 V stitches, each of two dc and a chain (common practice)', () => {
    expect(counts(vs!.rounds)).toEqual([6, 18, 36, 36, 60])
  })

  it('sets granny groups about a ring of 12', () => {
    expect(counts(granny!.rounds)).toEqual([12, 24, 36, 48, 60, 72])
  })

  it('is as flat as its stitches: 12 dc a round lie flat, 6 cup', () => {
    const flatness = (texts: readonly string[]) => {
      const design = bagOn(texts)
      return baseFlatness({ design, ledger: compile(design) }).flatness
    }
    const plainDc = (k: number) => [
      `${k} dc in magic ring`,
      'inc in each st around',
      '*dc in next st, inc; rep from * around',
    ]
    expect(flatness(plainDc(12))).toBeGreaterThan(0.9)
    expect(flatness(plainDc(12))).toBeLessThan(1.1)
    expect(flatness(plainDc(6))).toBeLessThan(0.6)
  })

  it('is said as it is written, and offers no other count', () => {
    const design = bagOn(granny!.rounds)
    expect(designFaults(design)).toEqual([])
    const ledger = compile(design)
    const [disc] = writtenPattern(ledger, words)[0]!.sections
    expect(disc!.lines.map(({ text }) => text)).toEqual(granny!.rounds)
    expect(new Set(fitsOf({ design, ledger }).map(({ count }) => count))).toEqual(
      new Set([baseOf(design).count]),
    )
  })

  it.each([
    [['6 sc in magic ring', '*2 sc, inc; rep from * around', 'sc in next 4 sts'], 'Round 3'],
    [['6 sc in magic ring', 'wibble around'], 'Round 2'],
    [['sc in each st around'], 'Round 1'],
  ])('is refused in words where its rounds do not add up: %j', (texts, where) => {
    const counted = countedBase(texts, 'sc')
    expect(counted.ok).toBe(false)
    expect((counted as { problem: string }).problem).toContain(where)
  })

  it('begins as a plain disc of any count, whose rounds are what they say', () => {
    for (const count of [12, 40, 61, 108]) {
      const written = baseInstead(tote({ parts: [base({ count })] }), 'written-base')
      const { rounds } = written as Extract<BasePart, { kind: 'written-base' }>
      const text = rounds.map((round, i) => `Rnd ${i + 1}: ${round.text}`).join('\n')
      const ledger = compile(tote({ parts: [written] }))
      const made = [...ledger.pieces[0]!.columns.makes]
      expect(checkPattern(text).rows.map(({ makes }) => makes)).toEqual(made)
      expect(made.at(-1)).toBe(count)
    }
  })
})
