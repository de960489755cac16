import fc from 'fast-check'
import type { TapestryPart } from '../band/index.ts'
import { absorbed, type Chart, joinedUp, loneCells, paintedRows, withRows } from '../chart/index.ts'
import { type Design, partById } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { derive } from '../bag/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, baseAs, motif, plain, stripes, tote } from '../testing/tote.ts'
import { type Mend, mendText, type SnagCode, snagText } from './index.ts'

const seen = (...rows: readonly string[]): Chart => ({
  width: rows[0]!.length,
  colours: rows.toReversed(),
})
const yarns = [
  { letter: 'A', colour: '#22406b' },
  { letter: 'B', colour: '#d39a2d' },
  { letter: 'C', colour: '#efe9dc' },
  { letter: 'D', colour: '#c98f28' },
].map((yarn) => ({ ...tote().yarns[0]!, ...yarn, name: `Yarn ${yarn.letter}` }))
const bag = (chart: Chart, over: Partial<TapestryPart> = {}): Design =>
  tote({
    yarns,
    parts: [base({ increase: 6, count: 48 }), plain({ rounds: 1 }), motif({ chart, ...over })],
  })
const of = (design: Design, code: SnagCode) =>
  derive(projectOf(design)).snags.filter((snag) => snag.code === code)
const after = (design: Design, { edits }: Pick<Mend, 'edits'>) =>
  edits.reduce((now, edit) => commit(now, edit), historyOf(projectOf(design))).design
const chartOf = (design: Design) => (partById(design, 'motif') as TapestryPart).chart

describe('stitches that stand alone', () => {
  // Looked for by eye: C at the upper left touches nothing of its own; both B's touch by a corner.
  const chart = seen('AAAAAA', 'ACAABA', 'AAABAA', 'AAAAAA')
  it('are those that touch none of their own, not even by a corner', () => {
    expect(loneCells(chart, true)).toEqual([{ column: 1, row: 2 }])
    // Over the join of a round two touch, on a flat row not.
    const edge = seen('BAAAAB')
    expect([loneCells(edge, true).length, loneCells(edge, false).length]).toEqual([0, 2])
  })

  it('go into what is around them, or one stitch further to where their own are', () => {
    expect(absorbed(chart, loneCells(chart, true), true)).toEqual([
      { letter: 'A', cells: [{ column: 1, row: 2 }] },
    ])
    const near = seen('AAAAAA', 'ABABBA', 'AAAAAA')
    const moved = joinedUp(near, loneCells(near, false), false)
    const next = moved.reduce(
      (now, one) => withRows(now, paintedRows(now, one.cells, one.letter)),
      near,
    )
    expect(loneCells(next, false)).toEqual([])
    expect([...next.colours.join('')].sort()).toEqual([...near.colours.join('')].sort())
  })

  it('absorbed there are none left of them, on any chart with a ground', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            column: fc.integer({ min: 0, max: 11 }),
            row: fc.integer({ min: 0, max: 7 }),
          }),
          { maxLength: 6 },
        ),
        (specks) => {
          const blank: Chart = {
            width: 12,
            colours: Array.from({ length: 8 }, () => 'A'.repeat(12)),
          }
          const chart = withRows(blank, paintedRows(blank, specks, 'B'))
          const list = absorbed(chart, loneCells(chart, true), true)
          const next = list.reduce(
            (now, one) => withRows(now, paintedRows(now, one.cells, one.letter)),
            chart,
          )
          expect(loneCells(next, true)).toEqual([])
        },
      ),
    )
  })

  it('are told, with what mends them', () => {
    const design = bag(seen('AAAAAA', 'ACAABB', 'AAAABB', 'AAAAAA'))
    const [snag] = of(design, 'lone-stitches')
    expect(snag).toMatchObject({ severity: 'advice', facts: { stitches: 1 } })
    expect(snagText(snag!, defaultWords).title).toBe('A stitch of Steps stands alone.')
    expect(of(after(design, snag!.mends[0]!), 'lone-stitches')).toEqual([])
    expect(mendText(snag!.mends[0]!, defaultWords)).toEqual({
      label: 'Give them the yarn around them',
      cost: '1 stitch',
    })
  })
})

describe('what is carried', () => {
  it('more yarns in a round than wanted: the least used go into the yarn that looks nearest', () => {
    const design = bag(seen('AAABBCCD', 'AAAABBBB'), { carried: 2 })
    const [snag] = of(design, 'many-strands')
    expect(snag!.facts).toMatchObject({ rows: 1, yarns: 4, carried: 2 })
    const [recolour, more] = snag!.mends
    // D, a brass, looks most like B.
    expect(chartOf(after(design, recolour!)).colours[1]).toBe('AAABBCCB')
    expect(of(after(design, more!), 'many-strands')).toEqual([])
    expect(of(bag(seen('AAABBCCD')), 'many-strands')).toEqual([])
  })

  // 48 wide with one B: 47 stitches before it comes again; two between leave 15 and 16.
  it('a long carry is caught by stitches of its yarn between, as often as it takes', () => {
    const design = bag(seen('B' + 'A'.repeat(47)))
    const [snag] = of(design, 'carry-long')
    expect(snag!.facts).toMatchObject({ stitches: 47 })
    const [caught, recolour] = snag!.mends
    const row = chartOf(after(design, caught!)).colours[0]!
    expect([...row].filter((letter) => letter === 'B')).toHaveLength(3)
    expect(of(after(design, caught!), 'carry-long')).toEqual([])
    expect(chartOf(after(design, recolour!)).colours[0]).toBe('A'.repeat(48))
  })

  /*
   * By hand: one B of 48 in one round. Floated there are no more ends; cut each round none either, since there is one round of it. Turned,
   * A needs a bobbin on each side of the field: in the round it is one stretch that the join cuts, so that two are joined.
   */
  it('a long carry of a single motif: floated, cut each round, or turned with a bobbin for each field', () => {
    const design = bag(seen('A'.repeat(20) + 'B' + 'A'.repeat(27)))
    const [snag] = of(design, 'carry-long')
    const leads = snag!.mends.filter(({ kind }) => kind === 'lead')
    expect(leads.map(({ facts }) => facts)).toMatchObject([
      { how: 'float', ends: 0, turn: false },
      { how: 'snip', ends: 0, turn: false },
      { how: 'bobbin', ends: 2, turn: true },
    ])
    const [floated, snipped, turned] = leads.map((mend) => after(design, mend))
    const [long] = of(floated!, 'carry-long')
    expect(long!.facts).toMatchObject({ floats: true })
    expect(of(after(floated!, long!.mends[0]!), 'carry-long')).toEqual([])
    expect(of(snipped!, 'carry-long')).toEqual([])
    expect(of(turned!, 'carry-long')).toEqual([])
    expect(turned!.ways).toEqual([{ part: 'motif', yarn: null, after: null, how: 'bobbin' }])
  })

  it('a dark strand in light stitches: told how far apart they look, and another yarn in its place', () => {
    const design = bag(seen('CCCCCCAA'))
    const [snag] = of(design, 'carry-shows')
    expect(snag!.facts).toMatchObject({ carried: 'Yarn A', over: 'Yarn C', stitches: 6 })
    expect((snag!.facts as { apart: number }).apart).toBeGreaterThan(40)
    const [mend] = snag!.mends
    expect(of(after(design, mend!), 'carry-shows')).toEqual([])
  })
})

describe('stripes worked flat', () => {
  const striped = (...rounds: readonly number[]) =>
    tote({
      parts: [
        baseAs('panel', { count: 20 }),
        stripes({ stripes: rounds.map((n, i) => ({ yarn: i % 2 ? 'B' : 'A', rounds: n })) }),
      ],
    })

  // By hand: after one row of the other yarn A is wanted at the edge it does not hang at, and so is B: each is cut once for that.
  it('of an odd number of rows are told, with what they cost, and made even', () => {
    const design = striped(1, 1, 1, 1)
    const [snag] = of(design, 'odd-stripes')
    expect(snag!.facts).toMatchObject({ gaps: 2 })
    expect(snag!.mends[0]!.facts).toEqual({ by: 4 })
    expect(of(after(design, snag!.mends[0]!), 'odd-stripes')).toEqual([])
    expect(of(striped(2, 2, 2, 2), 'odd-stripes')).toEqual([])
    expect(snagText(snag!, defaultWords).text).toContain('4 ends')
  })

  it('that end in part of a stripe are told, and made whole', () => {
    const design = striped(2, 2, 2, 1)
    const [snag] = of(design, 'half-stripe')
    expect(snag!.facts).toMatchObject({ rows: 1, others: 2 })
    expect(of(after(design, snag!.mends[0]!), 'half-stripe')).toEqual([])
    expect(of(striped(2, 3, 2, 1), 'half-stripe')).toEqual([])
  })
})
