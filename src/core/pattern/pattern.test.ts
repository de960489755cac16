import { jest } from '@jest/globals'
import fc from 'fast-check'
import { type Design, partsOf } from '../design/index.ts'
import { bands } from '../band/index.ts'
import { yarnPaths } from '../paths/index.ts'
import { compile, partOfRow, runsOfRow } from '../ledger/index.ts'
import { defaultWords, stitchById } from '../stitch/index.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import { base, baseAs, motif, plain, tote } from '../testing/tote.ts'
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
    lines.map((line) => `${lineLabel(line)}: ${line.text} (${line.total})`),
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
            let inHand = ledger.yarns.length === 1 ? ledger.yarns[0]! : ''
            for (let row = 0; row < piece.rows; row++) {
              const yarns = new Map<string, number>()
              for (const { stitch, yarn, count } of runsOfRow(ledger, piece, row))
                yarns.set(yarn, (yarns.get(yarn) ?? 0) + count * stitchById(stitch).makes)
              const read = readRow(rowText(ledger, piece, row, words), uses[row]!, inHand)
              // Rows that are kept as they were written are read by the checker, in its own tests.
              if (!partOfRow(piece, row).texts) {
                expect([read.takes, read.leaves]).toEqual([uses[row], makes[row]])
                expect(read.yarns).toEqual(yarns)
              }
              if (yarns.size === 1) [inHand] = yarns.keys() as unknown as [string]
            }
          }
        },
      ),
    )
  })

  it('say the same round when grouped and when not', () => {
    expect(readRow('with A, 2 sc, [inc, 3 sc] × 5, inc, 1 sc', 24)).toEqual({
      takes: 24,
      leaves: 30,
      yarns: new Map([['A', 30]]),
    })
    expect(
      readRow('with B, ch 3, 3 dc, [dc2tog, 6 dc] × 5, dc2tog, 3 dc, sl st to join', 48).leaves,
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
      [null, 'ch 1, sc in each st around, put the loop on a marker and leave it'],
      ['Join B.', 'with B, ch 1, sc in each st around, put the loop on a marker and leave it'],
      [
        'Take up the loop of A.',
        'with A, ch 1, sc in each st around, put the loop on a marker and leave it',
      ],
      [
        'Take up the loop of B. Cut A.',
        'with B, ch 1, sc in each st around, put the loop on a marker and leave it',
      ],
      [null, 'ch 1, sc in each st around, sl st to join'],
    ])
    const { totalEnds, lying } = yarnPaths(ledger, ledger.pieces[0]!)
    expect(totalEnds).toBe(4)
    expect(Object.values(lying).every((all) => all.every((metres) => metres === 0))).toBe(true)
  })

  it('says each round with its count', () => {
    const stacked = tote({ parts: [base({ stagger: 'stacked' }), ...partsOf(tote()).slice(1)] })
    expect(said(stacked)).toEqual([
      'Round 1: with A, 6 sc in a magic ring (6)',
      'Round 2: 2 sc in each st around (12)',
      'Round 3: [1 sc, inc] × 6 (18)',
      'Round 4: [2 sc, inc] × 6 (24)',
      'Round 5: [3 sc, inc] × 6 (30)',
      'Round 6: [4 sc, inc] × 6 (36)',
      'Round 7: [5 sc, inc] × 6 (42)',
      'Round 8: [6 sc, inc] × 6 (48)',
      'Rounds 9–10: sc in each st around (48)',
      'Round 11: [4 sc A, 1 sc B, 1 sc A] × 8 (48)',
      'Round 12: [3 sc A, 2 sc B, 1 sc A] × 8 (48)',
      'Round 13: [1 sc A, 1 sc C, 2 sc B, 2 sc A] × 8 (48)',
      'Rounds 14–16: with A, sc in each st around (48)',
    ])
  })

  it('says how an oval and a rectangle go around their chain', () => {
    const oval = tote({ parts: [baseAs('oval-base', { along: 34, count: 76 })] })
    expect(said(oval)).toEqual([
      'Round 1: 1 sc in 2nd ch from hook, 32 sc, 3 sc in last ch, on the other side 32 sc, 2 sc in last ch (70)',
      'Round 2: inc, 32 sc, 3 inc, 32 sc, 2 inc (76)',
    ])
    const two = tote({
      parts: [baseAs('oval-base', { along: 34, stitch: 'dc', inEnd: 2, increase: 4, count: 68 })],
    })
    expect(said(two, uk)).toEqual([
      'Round 1: 1 tr in 4th ch from hook (the chains skipped do not count), 32 tr, 2 tr in last ch, on the other side 32 tr, 1 tr in last ch (68)',
    ])
    const corners = tote({ parts: [baseAs('rectangle-base', { along: 34, count: 86 })] })
    expect(said(corners)[1]).toBe(
      'Round 2: [3 sc in next st, 32 sc, 3 sc in next st, 1 sc] × 2 (78)',
    )
  })

  it('changes words only, in UK terms', () => {
    expect(said(tote(), uk)[8]).toBe('Rounds 9–10: dc in each st around (48)')
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
    expect(said(joined)[0]).toBe('Round 1: with A, ch 1, 6 sc in a magic ring, sl st to join (6)')
    expect(said(joined).slice(-2)).toEqual([
      'Round 9: with B, ch 3, dc in each st around, sl st to join (48)',
      'Round 10: ch 3, 3 dc, [dc2tog, 6 dc] × 5, dc2tog, 3 dc, sl st to join (42)',
    ])
    expect(written(joined)[1]!.lines[0]!.note).toBe(
      'Join B, and close the join of round 8 with it. Cut A.',
    )
    const shorts = abbreviationsOf(pieces(joined, uk), uk).map(({ short }) => short)
    expect(shorts).toEqual(expect.arrayContaining(['ch', 'ss', 'dc', 'tr', 'tr2tog', 'inc']))
  })

  const bag = (part: Parameters<typeof tote>[0] & object) => said(tote(part))
  const making = tote().making

  it('begins and joins by the chosen schools', () => {
    const parts = [base({ count: 12 }), plain({ rounds: 1, stitch: 'dc' })]
    const last = (over: Partial<typeof making>) =>
      bag({ making: { ...making, working: 'joined', ...over }, parts }).at(-1)
    expect(last({})).toBe('Round 3: ch 3, dc in each st around, sl st to join (12)')
    expect(last({ chainCounts: true })).toBe(
      'Round 3: ch 3 (counts as dc), dc in each remaining st around, sl st in top of ch 3 (12)',
    )
    expect(last({ start: 'standing' })).toBe(
      'Round 3: stacked dc, dc in each remaining st around, sl st to join (12)',
    )
    expect(last({ working: 'turned' })).toBe(
      'Round 3 (RS): ch 3, turn, dc in each st around, sl st to join (12)',
    )
    const chained = tote({ parts, beginning: { ring: 'chain', into: 'bump' } })
    expect(said(chained)[0]).toBe('Round 1: 6 sc in ring (6)')
    const second = tote({ parts, making: { ...making, working: 'joined', first: 'second' } })
    expect(written(second)[0]!.intro).toContain('the last one is doubled')
  })

  it('begins panels in a chain, and says how often they are made and how they are sewn', () => {
    const panels = tote({
      beginning: { ring: 'magic', into: 'bump' },
      parts: [baseAs('two-panels', { count: 20 }), plain({ rounds: 9 })],
    })
    expect(said(panels)).toEqual([
      'Row 1 (RS): sc in 2nd ch from hook and in each ch across (20)',
      'Rows 2–10: ch 1, turn, sc in each st across (20)',
    ])
    expect(pieces(panels)[0]).toMatchObject({
      times: 'Make 2.',
      joins: [
        'Sew the left side: 10 pairs. Mattress stitch, right sides up, edge to edge; leave about 30 cm of yarn for it.',
        'Sew the bottom: 20 pairs. Whip stitch, wrong sides together; leave about 45 cm of yarn for it.',
        'Sew the right side: 10 pairs. Mattress stitch, right sides up, edge to edge; leave about 30 cm of yarn for it.',
      ],
    })
    const counting = baseAs('folded-panel', {
      count: 20,
      stitch: 'dc',
      making: { ...making, chainCounts: true },
    })
    expect(bag({ parts: [counting] })[0]).toBe(
      'Row 1: dc in 4th ch from hook (the chains skipped count as dc) and in each ch across (20)',
    )
  })

  it('closes a tube last', () => {
    const tube = tote({ parts: [baseAs('tube', { count: 48, decrease: 4 }), plain({ rounds: 1 })] })
    expect(said(tube)[0]).toBe('Round 1: sc in each ch around (48)')
    expect(said(tube).at(-1)).toContain('into the other side of the chain')
    expect(pieces(tube)[1]!.joins).toEqual([
      'Sew front to back along the bottom: 22 pairs. Whip stitch, wrong sides together; leave about 50 cm of yarn for it.',
    ])
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

describe('words as a maker reads them', () => {
  const { making } = tote()
  const joined = (over: Partial<typeof making>, stitch = 'dc', yarns = ['A', 'B', 'B']) =>
    tote({
      making: { ...making, working: 'joined', ...over },
      parts: [
        base({ stitch, increase: 12, count: 24 }),
        ...yarns.map((yarn, i) => plain({ id: `p${i}`, yarn, rounds: 1, stitch })),
      ],
    })
  const texts = (design: Design) =>
    written(design).flatMap(({ lines }) => lines.map(({ text }) => text))

  it('names a yarn where it is taken up, and none in a bag of one', () => {
    expect(texts(joined({}, 'sc', ['A', 'B', 'B', 'A'])).map((text) => text.slice(0, 7))).toEqual([
      'with A,',
      'ch 1, 2',
      'ch 1, s',
      'with B,',
      'ch 1, s',
      'with A,',
    ])
    expect(texts(joined({}, 'sc', ['A'])).join()).not.toContain('with')
  })

  it('begins a first round as its school begins rounds, and closes it there', () => {
    expect(texts(joined({ chainCounts: true }))[0]).toBe(
      'with A, ch 3 (counts as dc), 11 dc in a magic ring, sl st in top of ch 3',
    )
    const chained = {
      ...joined({ chainCounts: true }),
      beginning: { ring: 'chain', into: 'loops' },
    }
    const [first] = written(chained as Design)[0]!.lines
    expect([first!.note, first!.text]).toEqual([
      'With A, ch 5, sl st in 1st ch to form a ring.',
      'ch 3 (counts as dc), 11 dc in ring, sl st in top of ch 3',
    ])
  })

  it('has a standing stitch with a new yarn only, and stacks nothing that is one chain tall', () => {
    expect(
      texts(joined({ start: 'standing' })).map((text) => /standing|stacked|ch \d/.exec(text)![0]),
    ).toEqual(['standing', 'stacked', 'stacked', 'standing', 'stacked'])
    expect(texts(joined({ start: 'stacked' }, 'sc')).every((text) => /\bch 1, /.test(text))).toBe(
      true,
    )
  })

  it('counts the one chain of a sc where a school does', () => {
    const [first, second] = texts(joined({ chainCounts: true, oneCounts: true }, 'sc', ['A']))
    expect(first).toBe('ch 1 (counts as sc), 11 sc in a magic ring, sl st in top of ch 1')
    expect(second).toBe('ch 1 (counts as sc), 1 sc in same st, 11 inc, sl st in top of ch 1')
    const rows = tote({
      making: { ...making, oneCounts: true },
      parts: [baseAs('panel', { count: 20 }), plain({ rounds: 1 })],
    })
    const [row, next] = written(rows).flatMap(({ lines }) => lines)
    expect([row!.note, row!.text, next!.text]).toEqual([
      'Ch 20.',
      'sc in 2nd ch from hook (the chains skipped count as sc) and in each ch across',
      'ch 1 (counts as sc), turn, sc in each remaining st across',
    ])
  })

  it('says both stitches of an increase in one loop', () => {
    const [, second] = texts(tote({ parts: [base({ stitch: 'sc-flo', count: 12 })] }))
    expect(second).toBe('2 sc flo in each st around')
    const [, , third] = texts(tote({ parts: [base({ stitch: 'sc-flo', count: 18 })] }))
    expect(third).toBe('[1 sc flo, 2 sc flo in next st] × 6')
  })

  it('runs on from repeat to repeat where that says it shorter', () => {
    const striped = motif({ chart: { width: 12, colours: ['ABBAABBAABBA'] } })
    expect(texts(tote({ parts: [base({ count: 24 }), striped] })).at(-1)).toBe(
      '1 sc A, [2 sc B, 2 sc A] × 5, 2 sc B, 1 sc A',
    )
  })

  it('turns a round for the side it wants, and back', () => {
    const wants = jest.spyOn(bands.plain, 'wants')
    wants.mockImplementation((part) => ({
      side: (part as { yarn: string }).yarn === 'B' ? 'WS' : 'RS',
    }))
    const notes = written(joined({}, 'sc', ['A', 'B', 'A'])).flatMap(({ lines }) =>
      lines.map(({ note }) => note),
    )
    wants.mockRestore()
    expect(notes.slice(-2)).toEqual([
      'Turn: the wrong side faces now. Join B, and close the join of round 3 with it. Let A hang.',
      'Turn back: the right side faces again. Close the join of round 4 with A, brought up loosely inside. Cut B.',
    ])
  })

  it('gives rows that are kept as written the start and join they do not say', () => {
    const row = (text: string) => ({
      text,
      runs: [{ stitch: 'dc', yarn: 'A', count: 1 }],
      repeat: { from: 0, to: 1, times: 24 },
      from: null,
      down: [],
    })
    const mesh = {
      ...bands.written.begin({ stitch: 'dc', letters: ['A'], count: 24, abbr: 'dc' }),
      id: 'mesh',
      rows: [row('dc in each st around'), row('ch 3, dc in each st around, join with sl st')],
    }
    const bag = joined({}, 'dc', [])
    const parts = [...partsOf(bag), mesh]
    expect(texts(tote({ parts, making: bag.making })).slice(-2)).toEqual([
      'ch 3 (does not count as a st), dc in each st around, sl st to join',
      'ch 3, dc in each st around, join with sl st',
    ])
  })

  it('ends a spiral level, and leaves a tail where a piece is sewn', () => {
    expect(pieces(tote())[0]!.finish).toBe(
      'Sl st in each of the next 2 sts to level the step. Fasten off. Stitches lean, here by about 2 stitches up to the top: the middle of the front is then between stitches 14 and 15 of round 16, of the back between stitches 38 and 39.',
    )
    expect(pieces(joined({ working: 'turned' }))[0]!.finish).toBe('Fasten off.')
    const folded = tote({
      parts: [baseAs('folded-panel', { count: 20, flapRows: 4 }), plain({ rounds: 19 })],
    })
    const [panel] = pieces(folded)
    expect(panel!.finish).toBe('Fasten off, leaving a tail to sew with.')
    expect(panel!.joins[0]).toBe(
      'Fold the bottom between rows 8 and 9, and the flap between rows 16 and 17, right side out.',
    )
    expect(panel!.sections[0]!.name).toBe('Foundation')
    const first = baseAs('folded-panel', { count: 20, flapRows: 4, flap: 'first', fold: 'on' })
    expect(pieces(tote({ parts: [first, plain({ rounds: 20 })] }))[0]!.joins[0]).toBe(
      'Fold the bottom on row 13, and the flap between rows 4 and 5, right side out.',
    )
  })

  it('explains every abbreviation it uses once, and none it does not', () => {
    const bag = joined({}, 'dc', ['A', 'B'])
    const shorts = (design: Design, words = defaultWords) =>
      abbreviationsOf(pieces(design, words), words).map(({ short }) => short)
    expect(shorts(bag)).toEqual(['ch', 'sl st', 'dc', 'st, sts', '(n)'])
    expect(shorts(bag, uk)).toEqual(['ch', 'ss', 'tr', 'st, sts', '(n)'])
    expect(shorts(tote())).toEqual(['sl st', 'sc', 'inc', 'st, sts', '[ ] × n', '(n)'])
    const puffs = {
      ...bands.written.begin({ stitch: 'sc', letters: ['A'], count: 48, abbr: 'sc' }),
      id: 'puffs',
      rows: [
        {
          text: '*puff in next st, sc in next st; rep from * around',
          runs: [
            { stitch: 'puff', yarn: 'A', count: 1 },
            { stitch: 'sc', yarn: 'A', count: 1 },
          ],
          repeat: { from: 0, to: 2, times: 24 },
          from: null,
          down: [],
        },
      ],
    }
    const list = abbreviationsOf(pieces(tote({ parts: [base(), puffs] })), defaultWords)
    expect(list.find(({ short }) => short === 'puff')!.long).toMatch(/pull up a loop/)
    expect(list.map(({ short }) => short)).toEqual(expect.arrayContaining(['rep', 'yo']))
  })
})

describe('rounds that turn and turn back (common practice)', () => {
  it('are two lines where turning is not the rule, each with its side', () => {
    const once = tote({
      making: { ...tote().making, working: 'turn-once' },
      parts: [base(), plain({ rounds: 3 })],
    })
    const { lines } = pieces(once)[0]!.sections.at(-1)!
    expect(lines.map(({ from, to, side, note }) => [from, to, side, note])).toEqual([
      [9, 9, 'WS', 'Turn: the wrong side faces now.'],
      [10, 10, 'RS', 'Turn back: the right side faces again.'],
      [11, 11, 'RS', null],
    ])
  })

  it('one pair is a pair', () => {
    const folded = tote({
      parts: [baseAs('folded-panel', { count: 24, flapRows: 1 }), plain({ rounds: 2 })],
    })
    expect(pieces(folded)[0]!.joins.join(' ')).toContain('the left side: 1 pair.')
  })
})
