import fc from 'fast-check'
import type { Part } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import { base, baseAs, motif, stripes, tote } from '../testing/tote.ts'
import { contrast, inkOn, showsThrough, TRAIL_ROUNDS, yarnPaths } from './index.ts'

const paths = (parts: readonly Part[]) => {
  const ledger = compile(tote({ parts }))
  return { ledger, ...yarnPaths(ledger, ledger.pieces[0]!) }
}
const striped = (...of: [string, number][]): Part =>
  stripes({ stripes: of.map(([yarn, rounds]) => ({ yarn, rounds })) })

describe('yarnPaths', () => {
  it('has two ends for one yarn and none of it carried', () => {
    const plain = paths([base()])
    expect(plain.totalEnds).toBe(2)
    expect(plain.totalChanges).toBe(0)
    expect(plain.mostStrands).toBe(1)
    expect(plain.strandMetres.flat()).toEqual([0])
  })

  // Two-round stripes are trailed up inside; more than about four rounds are cut: common practice without a source.
  it('trails short waits up and cuts long ones', () => {
    const short = paths([base(), striped(['B', 2], ['A', 2], ['B', 2])])
    expect(short.totalEnds).toBe(4)
    const b = short.ledger.yarns.indexOf('B')
    expect(short.strandMetres[1]![b]).toBeCloseTo((2 * 5 * 1.05) / 1000, 9)
    const long = paths([base(), striped(['B', 2], ['A', TRAIL_ROUNDS + 1], ['B', 2])])
    expect(long.totalEnds).toBe(6)
  })

  it('finds a yarn at the edge where it was left, in flat rows', () => {
    const panel = baseAs('two-panels', { count: 20 })
    // After two rows of A the yarn B waits at its own edge; after one or three it waits at the other.
    const ends = (rounds: number) =>
      paths([panel, striped(['B', 2], ['A', rounds], ['B', 2])]).totalEnds
    expect([1, 2, 3, 4].map(ends)).toEqual([6, 4, 6, 4])
  })

  it('carries each yarn of a row inside the stitches of the others', () => {
    const { ledger, strandMetres, longestCarry, strands, changes } = paths([
      base(),
      motif({ chart: { width: 6, colours: ['AAAAAB'] } }),
    ])
    const [a, b] = ['A', 'B'].map((letter) => ledger.yarns.indexOf(letter))
    expect(strandMetres[1]![a!]).toBeCloseTo((8 * 5 * 1.05) / 1000, 9)
    expect(strandMetres[1]![b!]).toBeCloseTo((40 * 5 * 1.05) / 1000, 9)
    expect(longestCarry.at(-1)).toBe(5)
    expect(strands.at(-1)).toBe(2)
    expect(changes.at(-1)).toBe(16)
  })

  it('leaves an even number of ends in any bag', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const ledger = compile(design)
        const all = yarnPaths(ledger, ledger.pieces[0]!)
        expect(all.totalEnds % 2).toBe(0)
        expect(all.totalEnds).toBeGreaterThanOrEqual(2)
        expect(all.mostStrands).toBeLessThanOrEqual(ledger.yarns.length)
      }),
    )
  })
})

describe('contrast', () => {
  // WCAG 2.x: black on white is 21 : 1, and #767676 is the lightest grey that passes 4.5 : 1 on white.
  it('is the published ratio', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6)
    expect(contrast('#767676', '#ffffff')).toBeGreaterThanOrEqual(4.5)
    expect(contrast('#777777', '#ffffff')).toBeLessThan(4.5)
  })

  it('tells what shows and what can be read', () => {
    expect(showsThrough('#22406b', '#efe9dc')).toBe(true)
    expect(showsThrough('#efe9dc', '#22406b')).toBe(false)
    expect(inkOn('#22406b')).toBe('#ffffff')
    expect(inkOn('#efe9dc')).toBe('#1b2421')
  })
})
