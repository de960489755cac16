import { derive } from '../bag/index.ts'
import { bodyOf, compile, onlyYarn } from '../ledger/index.ts'
import type { Design } from '../design/index.ts'
import { projectOf } from '../project/index.ts'
import { ends, starts } from '../program/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { baseAs, plain } from '../testing/tote.ts'
import { bagOfParts, textured, typedRounds, withRows } from '../testing/typed-bag.ts'
import { writtenIn } from '../testing/written.ts'
import { drawer, draftOf, patternOf, usualDraft } from '../texture/index.ts'
import { countsFound } from './index.ts'

/* Bags as makers work them (common practice, no source): whether they can be said, and come out as they are worked. */

const readBack = (design: Design) =>
  expect(alarmsOf(writtenIn(design, 'own'))).toMatchObject({ lines: [], whole: false })
const errorsIn = (design: Design) =>
  derive(projectOf(design)).snags.flatMap(({ severity, code }) =>
    severity === 'error' ? [code] : [],
  )

describe('a circle of V in two live yarns, each begun opposite the other', () => {
  const rounds = typedRounds(
    [
      '6 sc in magic ring',
      '2 sc in each st around',
      'join B in 7th st, ch 4 (counts as dc and ch 1), dc in same st, (dc, ch 1, dc) in each st around',
      'with A, beginning in the 7th V, (2 dc, ch 1, 2 dc) in each V around',
      'with B, beginning in the 7th V, (3 dc, ch 1, 3 dc) in each V around',
    ],
    'dc',
  )
  const bag = bagOfParts([
    baseAs('written-base', { stitch: 'dc', rounds, count: 84 }),
    plain({ id: 'wall', stitch: 'dc', rounds: 2 }),
  ])
  const ledger = compile(bag)
  const piece = bodyOf(ledger)
  const { makes, from, begin, start, end } = piece.columns

  it('is 6, 12, 12 V, and 12 V grown', () => {
    expect([...makes.subarray(0, 5)]).toEqual([6, 12, 36, 60, 84])
    expect([0, 1, 2, 3, 4].map((row) => ledger.yarns[onlyYarn(piece, row)!]).join('')).toBe('AABAB')
  })

  it('begins in the seventh V each time, half around from the round below, and cuts no yarn for it', () => {
    expect([...from.subarray(2, 5)]).toEqual([6, 18 + 1, 30 + 2])
    // Each yarn where it was left: A where the base began, B at half of the way around.
    expect([2, 3, 4].map((row) => Math.floor((12 * begin[row]!) / makes[row]!) % 12)).toEqual([
      6, 0, 6,
    ])
    expect([3, 4].map((row) => starts[start[row]!])).toEqual(['chain', 'chain'])
    expect([2, 3].map((row) => ends[end[row]!])).toEqual(['join', 'join'])
  })

  it('reads as it was written, and is read back', () => {
    const text = writtenIn(bag, 'own')
    expect(text).toContain(
      'Take up A where it hangs. Let B hang.\nRound 4: with A, beginning in the 7th V, ch 3 (does not count as a st), (2 dc, ch 1, 2 dc) in each V around, sl st to join (60)',
    )
    readBack(bag)
    expect(errorsIn(bag)).toEqual([])
  })
})

describe('a half round to 91, and rows above it each in fresh yarn, begun in the second stitch', () => {
  const half = baseAs('half-round', { stitch: 'dc', increase: 13, count: 91, afresh: true })
  const grown = (yarn: string, plain: number, each: number) =>
    `join ${yarn} with a standing dc in 2nd st, dc in next ${plain} sts, *2 dc in next st, dc in next ${each} sts; rep from * to last ${each + 1} sts, 2 dc in next st, dc in next ${each - 1} sts, 2 dc in last st`
  const same = (yarn: string) =>
    `join ${yarn} with a standing dc in 2nd st, dc in each st to last st, 2 dc in last st`
  const rows = [
    [grown('B', 9, 9), 99],
    [same('A'), 99],
    [grown('B', 7, 9), 108],
    [same('A'), 108],
    // 107 without the first: 16 and one, six times 13, and 12.
    [
      'join B with a standing dc in 2nd st, dc in next 16 sts, *2 dc in next st, dc in next 12 sts; rep from * to last 12 sts, 2 dc in next st, dc in next 10 sts, 2 dc in last st',
      115,
    ],
    [same('A'), 115],
  ] as const
  const bag = withRows(
    bagOfParts([half]),
    'edge',
    rows.map(([text]) => text),
  )
  const piece = bodyOf(compile(bag))
  const { makes, start, side, end } = piece.columns

  it('keeps its counts, and never turns', () => {
    expect(makes[6]).toBe(91)
    expect([...makes.subarray(7)]).toEqual(rows.map(([, count]) => count))
    expect([7, 8, 9, 10, 11, 12].map((row) => starts[start[row]!])).toEqual(
      new Array(6).fill('afresh'),
    )
    expect([...side]).toEqual(new Array(piece.rows).fill(0))
    expect([6, 7].map((row) => ends[end[row]!])).toEqual(['fasten-off', 'fasten-off'])
    readBack(bag)
  })
})

describe('a mesh of two passes with columns on 16', () => {
  const back = 'return: yo, pull through 1 loop, *yo, pull through 2 loops; rep from * across'
  const row = (a: string, b: string) =>
    `ch 1 (counts as a loop), *2 yo loops, sk 2 sts, ${a} tall loop around next st, 2 yo loops, sk 2 sts, ${b} tall loop around next st; rep from * to last 3 sts, 2 yo loops, sk 2 sts, ${a} tall loop around next st; ${back}`
  const pattern = patternOf({
    ...{ ...usualDraft, id: 'own-columns', name: 'Columns', passes: 2, unit: 'loop', perRepeat: 3 },
    ...{ multiple: 6, offset: 4, round: '' },
    flat: [
      `Set-up:\nch 1 (counts as a loop), *2 yo loops, sk 2 sts, tall loop in next st; rep from * across; ${back}`,
      `Repeat:\n${row('FP', 'BP')}\n${row('BP', 'FP')}`,
      'End:\nch 1 (counts as a st), sl st in each st across',
    ].join('\n'),
  } as never)
  const bag = bagOfParts([
    baseAs('panel', { count: 16, begins: 'bands' }),
    { ...textured(pattern, 'rows', 12, ['A']), id: 'mesh' },
  ])
  const ledger = compile(bag)
  const { makes, passes, side, unit, unitCount } = bodyOf(ledger).columns

  it('is found on 6 · n + 4: 5 · 3 + 1 is one of them', () =>
    expect(countsFound(pattern, 'flat')).toEqual({ ok: true, value: { multiple: 6, offset: 4 } }))

  it('has 16 loops in every row, forward and back and not turned, bound off by slip stitches', () => {
    expect(new Set(makes)).toEqual(new Set([16]))
    expect([...passes]).toEqual([...new Array(11).fill(2), 1])
    expect(new Set(side)).toEqual(new Set([0]))
    expect([ledger.units[unit[3]!], unitCount[3]]).toEqual(['loop', 16])
    const text = writtenIn(bag, 'own')
    expect(text).toContain('Ch 16.')
    expect(text).toContain('sl st in each st across (16)')
    readBack(bag)
  })
})

describe('interlaced loops on 90 with an edge of picots', () => {
  const plainOne = drawer.find(({ id }) => id === 'interlaced')!
  const draft = draftOf(plainOne, 'own-loops', 'Loops')
  const pattern = patternOf({
    ...draft,
    ...{ id: 'own-loops', name: 'Loops' },
    round: draft.round.replace(
      /End:[\s\S]*$/,
      'End:\ninto both rows: ch 1, (push every loop through that of the other yarn beside it), *(sc, ch 3, sc) in next long loop; rep from * around',
    ),
  })
  const bag = bagOfParts([
    baseAs('tube', { count: 90 }),
    { ...textured(pattern, 'rounds', 12), id: 'loops' },
  ])
  const ledger = compile(bag)
  const piece = bodyOf(ledger)
  const last = piece.rows - 1

  it('has one picot group into each of 36 loops, of both yarns in turn', () => {
    const { makes, unitCount, unit, onto, also, uses } = piece.columns
    expect([ledger.units[unit[last]!], unitCount[last], makes[last]]).toEqual(['loop', 36, 36 * 5])
    expect([onto[last], also[last]].every((row) => row! >= 0)).toBe(true)
    expect(uses[last]).toBe(makes[onto[last]!])
    readBack(bag)
  })

  it('is the same as rows typed above them, that go into both', () => {
    const without = patternOf({
      ...draft,
      id: 'own-l',
      name: 'L',
      round: draft.round.replace(/End:[\s\S]*$/, '').trim(),
    })
    const below = bagOfParts([
      baseAs('tube', { count: 90 }),
      { ...textured(without, 'rounds', 11), id: 'loops' },
    ])
    const typed = withRows(
      below,
      'edge',
      [
        'working into Rnds 11 and 12 in turn, with A, ch 1, *(sc, ch 3, sc) in next loop; rep from * around',
      ],
      'sc',
    )
    const { columns, rows } = bodyOf(compile(typed))
    expect([columns.makes[rows - 1], columns.onto[rows - 1], columns.also[rows - 1]]).toEqual([
      180, 10, 11,
    ])
    expect(writtenIn(typed, 'own')).toContain(
      'working into Rnds 11 and 12 in turn, with A, ch 1, *(sc, ch 3, sc) in next loop',
    )
    readBack(typed)
  })
})
