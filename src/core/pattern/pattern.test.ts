import { jest } from '@jest/globals'
import fc from 'fast-check'
import { type Design, partsOf } from '../design/index.ts'
import { bands } from '../band/index.ts'
import { yarnPaths } from '../colour/index.ts'
import { compile, runsOfRow } from '../ledger/index.ts'
import { defaultWords, stitchById } from '../stitch/index.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { readRow } from '../testing/read-row.ts'
import { abbreviationsOf, lineLabel, rowText, writtenPattern } from './index.ts'
import { type Grouped, grouped } from './group.ts'

const uk = { ...defaultWords, terms: 'uk' as const }
const pieces = (design: Design, words = defaultWords) =>
  writtenPattern(compile(design, words), words)
const written = (design: Design, words = defaultWords) =>
  pieces(design, words).flatMap(({ sections }) => sections)
const said = (design: Design, words = defaultWords) =>
  written(design, words).flatMap(({ lines }) =>
    lines.map((line) => `${lineLabel(line)}: ${line.text} (${line.count})`),
  )

describe('grouped', () => {
  const unfold = <T>(parts: readonly Grouped<T>[]): T[] =>
    parts.flatMap((part) =>
      'item' in part
        ? [part.item]
        : Array.from({ length: part.times }, () => unfold(part.items)).flat(),
    )

  it('unfolds to the same list', () => {
    const list = fc.oneof(
      fc.array(fc.constantFrom('a', 'b'), { maxLength: 30 }),
      fc
        .tuple(
          fc.array(fc.constantFrom('a', 'b', 'c'), { minLength: 1, maxLength: 5 }),
          fc.integer({ min: 1, max: 8 }),
        )
        .map(([group, times]) => Array.from({ length: times }, () => group).flat()),
    )
    fc.assert(
      fc.property(list, (items) => {
        expect(unfold(grouped(items, Object.is))).toEqual(items)
      }),
    )
  })

  it('finds the repeat with a lead-in and a rest', () => {
    expect(grouped([...'xabababy'], Object.is)).toEqual([
      { times: 1, item: 'x' },
      {
        times: 3,
        items: [
          { times: 1, item: 'a' },
          { times: 1, item: 'b' },
        ],
      },
      { times: 1, item: 'y' },
    ])
  })
})

describe('the words of a round', () => {
  it('take what is there and leave what they say, in the yarns of the ledger', () => {
    const terms = fc.constantFrom('us' as const, 'uk' as const)
    fc.assert(
      fc.property(
        anyDesign,
        terms,
        fc.constantFrom('left' as const, 'right' as const),
        (design, us, hand) => {
          const words = { ...defaultWords, terms: us, hand }
          const ledger = compile(design, words)
          for (const piece of ledger.pieces) {
            const { uses, makes } = piece.columns
            for (let row = 0; row < piece.rows; row++) {
              const read = readRow(rowText(ledger, piece, row, words), uses[row]!)
              expect([read.takes, read.leaves]).toEqual([uses[row], makes[row]])
              const yarns = new Map<string, number>()
              for (const { stitch, yarn, count } of runsOfRow(ledger, piece, row))
                yarns.set(yarn, (yarns.get(yarn) ?? 0) + count * stitchById(stitch).makes)
              expect(read.yarns).toEqual(yarns)
            }
          }
        },
      ),
    )
  })

  it('say the same round when grouped and when not', () => {
    expect(readRow('2 sc, [inc, 3 sc] × 5, inc, 1 sc, in A', 24)).toEqual({
      takes: 24,
      leaves: 30,
      yarns: new Map([['A', 30]]),
    })
    expect(
      readRow('ch 3, 3 dc, [dc2tog, 6 dc] × 5, dc2tog, 3 dc, in B, sl st to join', 48).leaves,
    ).toBe(42)
    expect(readRow('[1 sc A, [2 sc C, 2 sc A] × 5, 2 sc C, 1 sc A] × 5', 120).yarns).toEqual(
      new Map([
        ['A', 60],
        ['C', 60],
      ]),
    )
  })
})

describe('writtenPattern', () => {
  it('holds one yarn while the other works: it is joined once, taken up after, and cut at its end', () => {
    const joined = { ...tote().making, working: 'joined' as const }
    const turns = ['A', 'B', 'A', 'B', 'B'].map((yarn, i) =>
      plain({ id: `p${i + 2}`, yarn, rounds: 1 }),
    )
    const bag = tote({ parts: [base({ count: 12, yarn: 'A' }), ...turns], making: joined })
    const wants = jest.spyOn(bands.plain, 'wants')
    wants.mockReturnValue({ held: true })
    const lines = written(bag).flatMap(({ lines }) => lines)
    const ledger = compile(bag)
    wants.mockRestore()
    expect(lines.slice(2).map(({ note, text }) => [note, text])).toEqual([
      [null, 'ch 1, sc in each st around, in A, put the loop on a marker and leave it'],
      ['Join B.', 'ch 1, sc in each st around, in B, put the loop on a marker and leave it'],
      [
        'Take up the loop of A.',
        'ch 1, sc in each st around, in A, put the loop on a marker and leave it',
      ],
      [
        'Take up the loop of B.',
        'ch 1, sc in each st around, in B, put the loop on a marker and leave it',
      ],
      [null, 'ch 1, sc in each st around, in B, sl st to join'],
    ])
    const { totalEnds, strandMetres } = yarnPaths(ledger, ledger.pieces[0]!)
    expect(totalEnds).toBe(4)
    expect(strandMetres.flat().every((metres) => metres === 0)).toBe(true)
  })

  it('says each round with its count', () => {
    const stacked = tote({ parts: [base({ stagger: 'stacked' }), ...partsOf(tote()).slice(1)] })
    expect(said(stacked)).toEqual([
      'Round 1: 6 sc in a magic ring, in A (6)',
      'Round 2: 2 sc in each st around, in A (12)',
      'Round 3: [1 sc, inc] × 6, in A (18)',
      'Round 4: [2 sc, inc] × 6, in A (24)',
      'Round 5: [3 sc, inc] × 6, in A (30)',
      'Round 6: [4 sc, inc] × 6, in A (36)',
      'Round 7: [5 sc, inc] × 6, in A (42)',
      'Round 8: [6 sc, inc] × 6, in A (48)',
      'Rounds 9–10: sc in each st around, in A (48)',
      'Round 11: [4 sc A, 1 sc B, 1 sc A] × 8 (48)',
      'Round 12: [3 sc A, 2 sc B, 1 sc A] × 8 (48)',
      'Round 13: [1 sc A, 1 sc C, 2 sc B, 2 sc A] × 8 (48)',
      'Rounds 14–16: sc in each st around, in A (48)',
    ])
  })

  it('says how an oval and a rectangle go around their chain', () => {
    const oval = tote({ parts: [baseAs('oval-base', { along: 34, count: 76 })] })
    expect(said(oval)).toEqual([
      'Round 1: ch 35, 1 sc in 2nd ch from hook, 32 sc, 3 sc in last ch, on the other side 32 sc, 2 sc in last ch, in A (70)',
      'Round 2: inc, 32 sc, 3 inc, 32 sc, 2 inc, in A (76)',
    ])
    const two = tote({
      parts: [baseAs('oval-base', { along: 34, stitch: 'dc', inEnd: 2, increase: 4, count: 68 })],
    })
    expect(said(two, uk)).toEqual([
      'Round 1: ch 37, 1 tr in 4th ch from hook (the chains skipped do not count), 32 tr, 2 tr in last ch, on the other side 32 tr, 1 tr in last ch, in A (68)',
    ])
    const corners = tote({ parts: [baseAs('rectangle-base', { along: 34, count: 86 })] })
    expect(said(corners)[1]).toBe(
      'Round 2: [3 sc in next st, 32 sc, 3 sc in next st, 1 sc] × 2, in A (78)',
    )
  })

  it('changes words only, in UK terms', () => {
    expect(said(tote(), uk)[8]).toBe('Rounds 9–10: dc in each st around, in A (48)')
    expect(said(tote(), uk)).toEqual(said(tote()).map((line) => line.replaceAll('sc', 'dc')))
  })

  it('reads the chart the other way for the other hand', () => {
    expect(said(tote(), { ...defaultWords, hand: 'left' })[9]).toBe(
      'Round 11: [1 sc A, 1 sc B, 4 sc A] × 8 (48)',
    )
  })

  it('joins rounds by its school, and closes the join in the new colour', () => {
    const joined = tote({
      making: { ...tote().making, working: 'joined' },
      parts: [
        base({ stagger: 'stacked' }),
        plain({ id: 'b', name: 'Band', yarn: 'B', stitch: 'dc', adjust: -6 }),
      ],
    })
    expect(said(joined)[0]).toBe('Round 1: 6 sc in a magic ring, in A, sl st to join (6)')
    expect(said(joined).slice(-2)).toEqual([
      'Round 9: ch 3, dc in each st around, in B, sl st to join (48)',
      'Round 10: ch 3, 3 dc, [dc2tog, 6 dc] × 5, dc2tog, 3 dc, in B, sl st to join (42)',
    ])
    expect(written(joined)[1]!.lines[0]!.note).toBe('Close the join of round 8 with B.')
    const ledger = compile(joined)
    const shorts = abbreviationsOf(ledger, uk).map(({ short }) => short)
    expect(shorts).toEqual(expect.arrayContaining(['ch', 'ss', 'dc', 'tr', 'tr2tog', 'inc']))
  })

  const bag = (part: Parameters<typeof tote>[0] & object) => said(tote(part))
  const making = tote().making

  it('begins and joins by the chosen schools', () => {
    const parts = [base({ count: 12 }), plain({ rounds: 1, stitch: 'dc' })]
    const last = (over: Partial<typeof making>) =>
      bag({ making: { ...making, working: 'joined', ...over }, parts }).at(-1)
    expect(last({})).toBe('Round 3: ch 3, dc in each st around, in A, sl st to join (12)')
    expect(last({ chainCounts: true })).toBe(
      'Round 3: ch 3 (counts as dc), dc in each remaining st around, in A, sl st to join (12)',
    )
    expect(last({ start: 'standing' })).toBe(
      'Round 3: standing dc, dc in each remaining st around, in A, sl st to join (12)',
    )
    expect(last({ working: 'turned' })).toBe(
      'Round 3 (RS): ch 3, turn, dc in each st around, in A, sl st to join (12)',
    )
    const chained = tote({ parts, beginning: { ring: 'chain', into: 'bump' } })
    expect(said(chained)[0]).toBe('Round 1: 6 sc in a ring of 4 ch, in A (6)')
    const second = tote({ parts, making: { ...making, working: 'joined', first: 'second' } })
    expect(written(second)[0]!.intro).toContain('the last one is doubled')
  })

  it('begins panels in a chain, and says how often they are made and how they are sewn', () => {
    const panels = tote({
      beginning: { ring: 'magic', into: 'bump' },
      parts: [baseAs('two-panels', { count: 20 }), plain({ rounds: 9 })],
    })
    expect(said(panels)).toEqual([
      'Row 1 (RS): ch 21, starting in 2nd ch from hook, into the back bumps, 20 sc, in A (20)',
      'Rows 2–10: ch 1, turn, sc in each st across, in A (20)',
    ])
    expect(pieces(panels)[0]).toMatchObject({
      times: 'Make 2.',
      joins: [
        'Sew the left side: 10 pairs.',
        'Sew the bottom: 20 pairs.',
        'Sew the right side: 10 pairs.',
      ],
    })
    const counting = baseAs('folded-panel', {
      count: 20,
      stitch: 'dc',
      making: { ...making, chainCounts: true },
    })
    expect(bag({ parts: [counting] })[0]).toBe(
      'Row 1: ch 22, starting in 4th ch from hook (the chains skipped count as dc) 19 dc, in A (20)',
    )
  })

  it('closes a tube last', () => {
    const tube = tote({ parts: [baseAs('tube', { count: 48, decrease: 4 }), plain({ rounds: 1 })] })
    expect(said(tube)[0]).toBe(
      'Round 1: ch 48, sl st in 1st ch to make a ring, 48 sc in ring, in A (48)',
    )
    expect(said(tube).at(-1)).toContain('into the other side of the chain')
    expect(pieces(tube)[1]!.joins).toEqual(['Sew front to back along the bottom: 22 pairs.'])
  })

  it('has every round once, in order, in any bag', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const ledger = compile(design)
        pieces(design).forEach(({ sections }, at) => {
          let next = 1
          for (const { from, to, text } of sections.flatMap(({ lines }) => lines)) {
            expect(from).toBe(next)
            expect(text).not.toMatch(/undefined|NaN/)
            next = to + 1
          }
          expect(next - 1).toBe(ledger.pieces[at]!.rows)
        })
      }),
    )
  })
})
