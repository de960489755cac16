import fc from 'fast-check'
import { bodyOf, compile, rowMade } from '../ledger/index.ts'
import { tote } from '../testing/tote.ts'
import { tries } from '../testing/tries.ts'
import { areOfOneWork, type LogEntry, madeIn, mergeLogs } from './index.ts'

const piece = bodyOf(compile(tote()))
const ledger = compile(tote())
const at = (minute: number) => new Date(Date.UTC(2026, 10, 30, 10, minute)).toISOString()
const made = (row: number, minute: number, copy = 1): LogEntry => ({
  ...rowMade(ledger, piece, row, copy),
  at: at(minute),
})
const note = (text: string, minute: number): LogEntry => ({
  ...{ kind: 'noted', about: 'note', text, at: at(minute) },
  ...{ piece: 'bag', copy: 1, row: null },
})
const rows = (log: readonly LogEntry[]) => madeIn(log).map(({ row, copy }) => `${copy} ${row}`)
const begun = [made(0, 0), made(1, 1)]

describe('two logs of one bag', () => {
  it('are one where only one side went on', () => {
    const on = [...begun, made(2, 2), note('here', 3)]
    expect(mergeLogs(on, begun)).toEqual({ log: on, added: 0, both: [] })
    expect(mergeLogs(begun, on)).toEqual({ log: on, added: 2, both: [] })
  })
  it('have rows of one side and notes of the other in the order they were', () => {
    const mine = [...begun, made(2, 2), made(3, 6)]
    const theirs = [...begun, note('in between', 4)]
    const { log, both } = mergeLogs(mine, theirs)
    expect(both).toEqual([])
    expect(log).toEqual([...begun, made(2, 2), note('in between', 4), made(3, 6)])
  })
  it('have copies that were worked apart side by side', () => {
    const mine = [...begun, made(2, 2)]
    const theirs = [...begun, made(0, 3, 2)]
    expect(rows(mergeLogs(mine, theirs).log)).toEqual([
      '1 base:1',
      '1 base:2',
      '1 base:3',
      '2 base:1',
    ])
  })
  it('keep all that was noted where both made rows, and the rows of the side that went on last', () => {
    const mine = [...begun, made(2, 2), made(3, 3), note('mine', 4)]
    const theirs = [...begun, made(2, 5), note('theirs', 6)]
    for (const [a, b] of [
      [mine, theirs],
      [theirs, mine],
    ] as const) {
      const { log, both } = mergeLogs(a, b)
      expect(both).toEqual([{ piece: 'bag', copy: 1 }])
      expect(madeIn(log)).toEqual([...begun, made(2, 5)])
      for (const entry of [...mine, ...theirs]) expect(log).toContainEqual(entry)
    }
  })
  it('are told from logs of another work', () => {
    expect(areOfOneWork(begun, [...begun, note('x', 2)])).toBe(true)
    expect(areOfOneWork([...begun, made(2, 2)], [...begun, note('x', 2)])).toBe(true)
    expect(areOfOneWork([made(0, 0)], [made(0, 1)])).toBe(false)
    expect(areOfOneWork([], begun)).toBe(true)
  })
  it('come to the same rows whichever is put to the other, lose nothing, and again change nothing', () => {
    const entry = fc.tuple(
      fc.constantFrom('row', 'note', 'rip'),
      fc.nat(500),
      fc.integer({ min: 1, max: 2 }),
    )
    const grown = (list: readonly (readonly [string, number, number])[], salt: number) => {
      let minute = 10
      let log: LogEntry[] = [...begun]
      for (const [what, by, copy] of list) {
        minute += 1 + (by % 7)
        const done = madeIn(log).filter((one) => one.copy === copy).length
        if (what === 'note') log = [...log, note(`${salt} ${by}`, minute)]
        else if (what === 'row' && done < piece.rows) log = [...log, made(done, minute, copy)]
        else if (done > 0) {
          const row =
            done > 1 ? madeIn(log).filter((one) => one.copy === copy)[done - 2]!.row : null
          log = [
            ...log,
            { kind: 'ripped', how: 'ripped', piece: 'bag', copy, row, stitches: 0, at: at(minute) },
          ]
        }
      }
      return log
    }
    fc.assert(
      fc.property(fc.array(entry, { maxLength: 8 }), fc.array(entry, { maxLength: 8 }), (a, b) => {
        const [mine, theirs] = [grown(a, 1), grown(b, 2)]
        const one = mergeLogs(mine, theirs)
        const other = mergeLogs(theirs, mine)
        expect(new Set(rows(one.log))).toEqual(new Set(rows(other.log)))
        for (const kept of [...mine, ...theirs]) expect(one.log).toContainEqual(kept)
        expect(mergeLogs(one.log, one.log).added).toBe(0)
        // The rows of each copy lie one on the other.
        for (const copy of [1, 2]) {
          const own = madeIn(one.log).filter((row) => row.copy === copy)
          expect(own.map(({ row }) => row)).toEqual(
            own.map((_, i) => rowMade(ledger, piece, i).row),
          )
        }
      }),
      { numRuns: tries(150) },
    )
  })
})
