import { readFileSync } from 'node:fs'
import { bodyOf, compile, rowMade } from '../ledger/index.ts'
import { plain, tote } from '../testing/tote.ts'
import {
  commit,
  historyOf,
  type LogEntry,
  logFaults,
  madeIn,
  noted,
  printProject,
  projectOf,
  readProject,
  tryCommit,
} from './index.ts'

const ledger = compile(tote())
const rows = (from: number, to: number, copy = 1): LogEntry[] =>
  Array.from({ length: to - from }, (_, i) => rowMade(ledger, bodyOf(ledger), from + i, copy))
const ripped = (row: string | null, copy = 1): LogEntry => ({
  ...{ kind: 'ripped', how: 'ripped', piece: 'bag', copy, row, stitches: 0 },
})
const made = (...log: LogEntry[]) => madeIn(log).map(({ row, copy }) => `${copy} ${row}`)

describe('rows that are made', () => {
  it('are those that were not ripped out again, copy by copy', () => {
    expect(made(...rows(0, 3), ripped('base:1'), ...rows(1, 2))).toEqual(['1 base:1', '1 base:2'])
    expect(made(...rows(0, 2), ripped(null), ...rows(0, 1))).toEqual(['1 base:1'])
    expect(made(...rows(0, 2), ...rows(0, 2, 2), ripped('base:1', 2))).toEqual([
      '1 base:1',
      '1 base:2',
      '2 base:1',
    ])
  })
  it('stay where what they are ripped to was never made', () => {
    expect(made(...rows(0, 2), ripped('top:1'))).toEqual(['1 base:1', '1 base:2'])
  })
})

describe('a log in a file', () => {
  const at = '2026-11-30T14:05:20.000Z'
  const after = { at, piece: 'bag', copy: 1, row: 'base:2' }
  const log: LogEntry[] = [
    ...rows(0, 2),
    { kind: 'paused', ...after, stitches: 4 },
    { kind: 'counted', ...after, count: 11, planned: 12, then: 'next row', why: null },
    { kind: 'measured', ...after, what: 'wide', mm: 60, plannedMm: 58 },
    { kind: 'supplied', ...after, yarn: 'B', how: 'lent', grams: -20 },
    { kind: 'noted', ...after, about: 'note', text: 'In the train.\nBad light.' },
    { ...ripped('base:1'), at } as LogEntry,
    { kind: 'weighed', at, piece: 'bag', row: 'base:2', yarn: 'A', grams: 40 },
  ]
  it('is read back with every kind of entry', () => {
    const read = readProject(printProject({ design: tote(), log }))
    expect(read).toEqual({ ok: true, value: { design: tote(), log } })
  })
  it('names what is wrong with an entry', () => {
    const faults = (entry: object) => {
      const read = readProject(printProject({ design: tote(), log: [entry as LogEntry] }))
      return read.ok ? [] : read.problem.map(({ where }) => where)
    }
    expect(faults({ ...log[2], stitches: -1 })).toEqual(['log[0].stitches'])
    expect(faults({ ...log[2], at: 'yesterday' })).toEqual(['log[0].at'])
    expect(faults({ kind: 'dreamt' })).toEqual(['log[0].kind'])
  })
  it('of version 16 says when it was weighed as a moment of that day', () => {
    const file = readFileSync(new URL('../testing/version-16.json', import.meta.url), 'utf8')
    const read = readProject(file)
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    expect(read.value.log).toMatchObject([{ kind: 'weighed', at: '2026-11-28T12:00:00.000Z' }])
  })
})

describe('a yarn that rows are made in', () => {
  const inB = tote({ parts: [...tote().pieces[0]!.parts.slice(0, 1), plain({ yarn: 'B' })] })
  const bag = compile(inB)
  const log = Array.from({ length: 9 }, (_, row) => rowMade(bag, bodyOf(bag), row))
  const gone = { name: 'removeYarn', args: { letter: 'B', instead: 'A' } } as const
  it('cannot be taken out of the bag, by an edit or in a file', () => {
    const begun = noted(historyOf(projectOf(inB)), log)
    const tried = tryCommit(begun, gone)
    expect(tried.ok ? [] : tried.problem.map(({ message }) => message)).toEqual([
      'must have B: rows are made in it',
    ])
    const without = commit(historyOf(projectOf(inB)), gone).design
    expect(logFaults(without, log)).toHaveLength(1)
    expect(readProject(printProject({ design: without, log })).ok).toBe(false)
  })
  it('can, where its rows were ripped out again', () => {
    const begun = noted(historyOf(projectOf(inB)), [...log, ripped('base:3')])
    expect(tryCommit(begun, gone).ok).toBe(true)
  })
})

describe('a log that was put together by hand', () => {
  it('is taken as far as its rows lie on one another', () => {
    const skips = [...rows(0, 3), ...rows(6, 8)]
    const after = bodyOf(compile(tote(), { made: madeIn(skips) }))
    expect(after.columns.makes).toEqual(bodyOf(ledger).columns.makes)
    const top = bodyOf(compile(tote(), { made: madeIn(rows(11, 13)) }))
    expect(top.rows).toBe(bodyOf(ledger).rows)
  })
})
