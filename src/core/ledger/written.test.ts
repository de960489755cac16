import { designFaults, historyOf, commit, lettersIn } from '../design/index.ts'
import { resized } from '../fit/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, plain, tote, written, writtenBag } from '../testing/tote.ts'
import { bodyOf, compile, placeColours, runsOfRow } from './index.ts'

const mesh = written()
const bag = writtenBag()
const wider = tote({ parts: [base({ count: 54 }), mesh, plain({ id: 'top' })] })

describe('a written band', () => {
  it('is worked as it was counted, and what stands on it goes on from there', () => {
    const ledger = compile(bag)
    const { columns, parts } = bodyOf(ledger)
    const { firstRow, texts } = parts[1]!
    expect(texts).toEqual(mesh.rows.map(({ text }) => text))
    expect([columns.uses[firstRow], columns.makes[firstRow]]).toEqual([48, 48])
    expect([columns.uses[firstRow + 1], columns.makes[firstRow + 1]]).toEqual([48, 48])
    expect(runsOfRow(ledger, bodyOf(ledger), firstRow).slice(0, 3)).toEqual(
      mesh.rows[0]!.runs.slice(0, 3),
    )
    // A place passed over leaves no colour behind.
    const colours = [...placeColours(ledger, bodyOf(ledger), firstRow)]
    expect(colours).toHaveLength(48)
    expect(new Set(colours).size).toBe(2)
  })

  it('is worked plain over another count, until it is counted again', () => {
    const ledger = compile(wider)
    const { columns, parts } = bodyOf(ledger)
    const { firstRow } = parts[1]!
    expect([columns.uses[firstRow], columns.makes[firstRow + 1]]).toEqual([54, 54])
    expect(runsOfRow(ledger, bodyOf(ledger), firstRow)).toEqual([
      { stitch: 'dc', yarn: 'A', count: 54 },
    ])
  })

  it('is said as it was written, in either terms', () => {
    const lines = (terms: 'us' | 'uk') => {
      const words = { ...defaultWords, terms }
      const [piece] = writtenPattern(compile(bag), words)
      return piece!.sections[1]!.lines.map(({ text, count }) => [text, count])
    }
    expect(lines('us')).toEqual([
      ['*dc in next st, ch 1, sk 1 st; rep from * around', 48],
      ['with B, 2 dc in each ch-sp around', 48],
    ])
    expect(lines('uk')[0]![0]).toBe('*tr in next st, ch 1, miss 1 st; rep from * around')
  })

  it('is checked: its letters, and that each of its rows uses up what the one below leaves', () => {
    expect(designFaults(bag)).toEqual([])
    expect(lettersIn(mesh)).toEqual(['A', 'B'])
    const cut = {
      ...mesh,
      rows: [mesh.rows[0]!, { ...mesh.rows[1]!, runs: mesh.rows[1]!.runs.slice(3) }],
    }
    expect(designFaults(tote({ parts: [base(), cut] }))).toEqual([
      {
        where: 'parts[1].rows[1]',
        message: 'takes up 46 stitches and leaves 46; the row below leaves 48',
      },
    ])
    const foreign = {
      ...mesh,
      rows: [{ ...mesh.rows[0]!, runs: [{ stitch: 'sc', yarn: 'Q', count: 48 }] }],
    }
    expect(designFaults(tote({ parts: [base(), foreign] }))[0]!.message).toBe(
      'no yarn has the letter Q',
    )
  })

  it('follows a yarn that is replaced, and keeps its rows when the bag is resized', () => {
    const { design } = commit(historyOf(bag), {
      name: 'removeYarn',
      args: { letter: 'B', instead: 'C' },
    })
    expect(lettersIn(design.parts[1]!)).toEqual(['A', 'C'])
    const tall = resized(bag, { aroundMm: 240, heightMm: 120 })
    expect(tall.parts[1]).toEqual(mesh)
  })
})
