import type { Making } from '../part/index.ts'
import { ends, starts } from '../program/index.ts'
import { placeColours } from './picture.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { base, baseAs, motif, plain, stripes, tote } from '../testing/tote.ts'
import { writtenIn } from '../testing/written.ts'
import { bodyOf, compile, rowMade } from './index.ts'

/* Rows whose yarn is joined anew: at the edge of rows, at a stitch of the round below. */

const anewAt = (anew: number, over: Partial<Making> = {}): Making => ({
  ...tote().making,
  working: 'joined',
  ...over,
  anew,
})
/** Six rounds on 24 stitches, the last four begun anew at that stitch. */
const bag = (anew: number, over: Partial<Making> = {}) =>
  tote({
    making: { ...tote().making, working: 'joined' },
    parts: [
      base({ count: 24 }),
      plain({ id: 'low', rounds: 2 }),
      plain({ id: 'rim', rounds: 4, making: anewAt(anew, over) }),
    ],
  })
const rowsOf = (design: ReturnType<typeof bag>, id: string) => {
  const piece = bodyOf(compile(design))
  const { firstRow, endRow } = piece.parts.find((part) => part.id === id)!
  return { piece, rows: Array.from({ length: endRow - firstRow }, (_, i) => firstRow + i) }
}

describe('rounds that are begun anew', () => {
  it('begin so many stitches on from where the round below did, each time', () => {
    const { piece, rows } = rowsOf(bag(7), 'rim')
    const { begin, from, start, end, makes } = piece.columns
    expect(rows.map((row) => from[row])).toEqual([6, 6, 6, 6])
    expect(rows.map((row) => begin[row])).toEqual([6, 12, 18, 0])
    expect(rows.every((row) => starts[start[row]!] === 'afresh' && makes[row] === 24)).toBe(true)
    // The yarn of the round below is cut before.
    expect(rows.every((row) => ends[end[row - 1]!] === 'fasten-off')).toBe(true)
  })

  it('go on by themselves around the other side of a round: opposite each time', () => {
    const { piece, rows } = rowsOf(bag(13), 'rim')
    expect(rows.map((row) => piece.columns.begin[row])).toEqual([12, 0, 12, 0])
  })

  it('keep a chart where it is, wherever each of them begins', () => {
    const chart = { width: 6, colours: ['AAABBB', 'ABBBAA'] }
    const plan = tote({
      making: { ...tote().making, working: 'joined' },
      parts: [base({ count: 24 }), motif({ id: 'm', chart, making: anewAt(5), times: 2 })],
    })
    const ledger = compile(plan)
    const piece = bodyOf(ledger)
    const { firstRow, endRow } = piece.parts.at(-1)!
    for (let row = firstRow; row < endRow; row++) {
      const drawn = [...placeColours(ledger, piece, row)].map((i) => ledger.yarns[i]).join('')
      expect(drawn).toBe(chart.colours[(row - firstRow) % 2]!.repeat(4))
    }
  })

  it('are never turned, also where the bag is', () => {
    const { piece, rows } = rowsOf(bag(3, { working: 'turned' }), 'rim')
    expect(rows.map((row) => piece.columns.side[row])).toEqual([0, 0, 0, 0])
  })

  it.each([1, 2, 7, 13])('say where (%i), and are read back', (anew) => {
    const text = writtenIn(bag(anew), 'own')
    const nth = ['', 'first', '2nd'][anew] ?? `${anew}th`
    expect(text).toContain(`join in ${nth} st, ch 1, sc in each st around`)
    expect(alarmsOf(text)).toMatchObject({ lines: [], whole: false })
  })

  it('flat, each row begins at the same edge on the right side', () => {
    const panel = tote({
      parts: [baseAs('panel', { count: 12 }), plain({ rounds: 5, making: anewAt(1) })],
    })
    const { columns, rows } = bodyOf(compile(panel))
    expect([...columns.side]).toEqual(new Array(rows).fill(0))
    expect(alarmsOf(writtenIn(panel, 'own'))).toMatchObject({ lines: [], whole: false })
  })

  it.each([
    ['standing', 'standing sc in 7th st, sc in each remaining st around'],
    ['stacked', 'join in 7th st, ch 1, sc in each st around'],
  ] as const)('begin by their school (%s)', (start, said) => {
    const text = writtenIn(bag(7, { start }), 'own')
    expect(text).toContain(said)
    expect(alarmsOf(text)).toMatchObject({ lines: [], whole: false })
  })

  it.each([
    ['standing', 'standing dc, dc in each remaining st across'],
    ['stacked', 'join in first st, stacked dc, dc in each remaining st across'],
  ] as const)('flat, begin by their school (%s)', (start, said) => {
    const making = anewAt(1, { start })
    const parts = [
      baseAs('panel', { count: 12, stitch: 'dc' }),
      plain({ stitch: 'dc', rounds: 3, making }),
    ]
    const text = writtenIn(tote({ parts }), 'own')
    expect(text).toContain(said)
    expect(alarmsOf(text)).toMatchObject({ lines: [], whole: false })
  })
})

describe('rounds of two yarns that begin opposite', () => {
  const striped = (rounds: number) =>
    tote({
      making: { ...tote().making, working: 'joined' },
      parts: [
        base({ count: 24 }),
        stripes({
          id: 's',
          stripes: Array.from({ length: rounds }, (_, i) => ({
            yarn: i % 2 ? 'B' : 'A',
            rounds: 1,
          })),
          opposite: true,
        }),
        plain({ id: 'top', rounds: 2 }),
      ],
    })

  // By hand: A at 0, B half a round of 24 on, and back; what comes next begins where A does, whichever yarn was last.
  it('take turns at places half a round apart, and what follows begins where the others did', () => {
    for (const many of [4, 3]) {
      const { piece, rows } = rowsOf(striped(many), 's')
      const { begin, from } = piece.columns
      expect(rows.map((row) => begin[row])).toEqual([0, 12, 0, 12].slice(0, many))
      const top = rows.at(-1)! + 1
      expect([begin[top], from[top], begin[top + 1]]).toEqual([0, many === 4 ? 12 : 0, 0])
    }
  })

  it('say where each yarn is joined and taken up, and close each round in its own', () => {
    const words = writtenIn(striped(4), 'own')
    expect(words).toContain('Join B after stitch 12 of round 5, where round 6 begins.')
    expect(words).toContain('Take up A where it hangs. Cut B.')
    expect(words).not.toContain('Close the join')
  })

  // Turned, a yarn comes back to where it was left: half a round on it would not hang.
  it('are none where rounds are turned', () => {
    const turned = { ...striped(4), making: { ...tote().making, working: 'turned' as const } }
    const { piece, rows } = rowsOf(turned, 's')
    expect(rows.map((row) => piece.columns.from[row])).toEqual([0, 0, 0, 0])
    expect(piece.columns.from[rows.at(-1)! + 1]).toBe(0)
  })

  it('are noted and begun again from where they are', () => {
    const design = striped(4)
    const ledger = compile(design)
    const piece = bodyOf(ledger)
    const made = Array.from({ length: 6 }, (_, row) => rowMade(ledger, piece, row))
    expect(compile(design, { made })).toEqual(ledger)
  })
})
