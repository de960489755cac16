import { bodyOf, compile } from '../ledger/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, baseAs, mosaicBand, motif, plain, reliefBand, tote } from '../testing/tote.ts'
import type { Design } from '../design/index.ts'
import type { LogEntry } from '../project/index.ts'
import {
  changeDetail,
  changeTitle,
  hiddenPlace,
  intoWords,
  isOneStitch,
  looksAt,
  markersWords,
  mindWords,
  partWords,
  repeatWords,
  rowTitle,
  sideWords,
  stepsOf,
  stepText,
  worksOf,
  yarnsNowWords,
} from './index.ts'

const of = (design: Design) => {
  const ledger = compile(design)
  return { design, ledger, piece: bodyOf(ledger), on: worksOf(ledger, [])[0]! }
}
const tapestry = of(tote())
const joined = of(tote({ making: { ...tote().making, working: 'joined' } }))
const flat = of(
  tote({ parts: [baseAs('panel', { count: 17 }), plain({ rounds: 2 }), mosaicBand({ edge: 1 })] }),
)

describe('what is said at the hook', () => {
  it('is which row it is, of what, from which side and which repeat', () => {
    const { piece } = tapestry
    expect([rowTitle(piece, 10), partWords(piece, 10)]).toEqual(['Round 11', 'Steps, round 1 of 3'])
    expect(partWords(piece, 10, new Map([['motif', 'Steps below']]))).toBe(
      'Steps below, round 1 of 3',
    )
    expect(sideWords(piece, 10, defaultWords)).toBe('right side facing, chart from right to left')
    expect(sideWords(piece, 10, { ...defaultWords, hand: 'left' })).toBe(
      'right side facing, chart from left to right',
    )
    expect(sideWords(flat.piece, 1, defaultWords)).toBe(
      'wrong side facing, chart from left to right',
    )
    expect([repeatWords([3, 5]), repeatWords([11, 20])]).toEqual([
      'third of 5 repeats',
      '11th of 20 repeats',
    ])
  })
  it('is a run by its yarn where all is one stitch, else by its stitch', () => {
    const row = stepsOf(tapestry.ledger, tapestry.piece, 10)
    expect(row.steps.slice(0, 2).map((step) => stepText(row, step, defaultWords))).toEqual([
      '4 A',
      '1 B',
    ])
    const grown = stepsOf(tapestry.ledger, tapestry.piece, 3)
    expect(isOneStitch(grown)).toBe(false)
    expect(grown.steps.slice(0, 2).map((step) => stepText(grown, step, defaultWords))).toEqual(
      expect.arrayContaining(['inc']),
    )
    const plainRow = stepsOf(tapestry.ledger, tapestry.piece, 9)
    expect(stepText(plainRow, plainRow.steps[0]!, { ...defaultWords, terms: 'uk' }, 7)).toBe('7 dc')
  })
  it('is where a stitch goes that goes further down, and nothing where it goes into the next', () => {
    const relief = of(tote({ parts: [base(), plain({ rounds: 2 }), reliefBand()] }))
    const said = new Set<string>()
    for (let row = 8; row < relief.piece.rows; row++)
      for (const step of stepsOf(relief.ledger, relief.piece, row).steps)
        said.add(intoWords(relief.ledger, relief.piece, row, step))
    expect(said).toContain('')
    expect([...said].some((words) => /^into round \d+, \d rounds down$/.test(words))).toBe(true)
  })
  it('is the next change, and what is done then', () => {
    const { piece } = tapestry
    const change = (strokes: number, atEnd = false) =>
      changeTitle({ strokes, yarn: 'C', atEnd }, piece)
    expect([change(1), change(2), change(9, true)]).toEqual([
      'with this stitch: finish in C',
      'in 2 stitches: finish in C',
      'at the end of the round: C',
    ])
    expect(changeDetail({ strokes: 3, yarn: 'C', atEnd: false }, [])).toBe(
      'On the last yarn over of the third stitch.',
    )
    expect(changeDetail({ strokes: 3, yarn: 'C', atEnd: true }, ['Join C.'])).toBe('Join C.')
  })
  it('is what the yarns do, those together that do the same', () => {
    expect(
      yarnsNowWords(tapestry.piece, [
        { letter: 'A', is: 'works', row: null },
        { letter: 'B', is: 'inside', row: null },
        { letter: 'C', is: 'inside', row: null },
        { letter: 'D', is: 'waits', row: null },
        { letter: 'E', is: 'to come', row: 12 },
      ]),
    ).toEqual({
      now: 'A works · B and C inside the stitches · D waits at the join',
      later: 'E comes in round 13.',
    })
    expect(yarnsNowWords(flat.piece, [{ letter: 'A', is: 'waits', row: null }]).now).toBe(
      'A waits at the edge',
    )
  })
  it('is which markers move: where repeats end, and where a spiral begins', () => {
    const markers = ({ ledger, piece }: typeof tapestry, row: number) =>
      markersWords(piece, row, stepsOf(ledger, piece, row))
    expect(markers(tapestry, 10)).toBe(
      'Move the markers up: in the first stitch of the round, and after stitches 6, 12, 18, 24, 30, 36 and 42.',
    )
    expect(markers(joined, 10)).toBe(
      'Move the markers up: after stitches 6, 12, 18, 24, 30, 36 and 42.',
    )
    expect(markers(joined, 9)).toBe('')
    expect(markers(flat, 4)).toBe('')
  })
  it('is where a stitch more or less hides, and what is made up for there', () => {
    expect([tapestry, joined, flat].map(({ piece }) => hiddenPlace(piece, 2))).toEqual([
      'beside the marker',
      'beside the join',
      'beside an edge',
    ])
    const counted = (count: number, then: 'next row' | 'left'): LogEntry => ({
      ...{ kind: 'counted', piece: 'bag', copy: 1, row: 'base:8', planned: 48, why: null },
      ...{ count, then },
    })
    const at = { ...joined.on, made: 8 }
    expect(mindWords([counted(47, 'next row')], at)).toBe(
      '1 stitch more, beside the join: two stitches in one place.',
    )
    expect(mindWords([counted(50, 'next row')], at)).toBe(
      '2 stitches fewer, beside the join: two taken together, 2 times.',
    )
    expect(mindWords([counted(47, 'left')], at)).toBeNull()
    expect(mindWords([counted(47, 'next row')], { ...at, made: 9 })).toBeNull()
  })
  it('is what is worth a look, when it is', () => {
    const codes = (one: typeof tapestry, row: number) =>
      looksAt(one, { ...one.on, made: row }, row).map(({ code }) => code)
    expect(codes(tapestry, 4)).toContain('lies-flat')
    expect(codes(tapestry, 3)).toContain('right-side-out')
    expect(codes(tapestry, 11)).toContain('repeats-above')
    expect(codes(tapestry, 12)).toContain('as-it-should')
    const long = of(tote({ parts: [base(), motif({ times: 3 })] }))
    expect(codes(long, 11)).toContain('strands-inside')
    const again = looksAt(long, { ...long.on, copy: 2 }, long.piece.rows - 1)
    expect(again.map(({ title }) => title)).toContain('Is it as long as the first?')
  })
})
