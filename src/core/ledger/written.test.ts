import type { WrittenRow } from '../band/index.ts'
import { designFaults, lettersIn, type Part, partsOf } from '../design/index.ts'
import { historyOf, commit, projectOf } from '../project/index.ts'
import { resized } from '../fit/index.ts'
import { derive } from '../bag/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, plain, tote, written, writtenBag } from '../testing/tote.ts'
import { bodyOf, compile, placeColours, runsOfRow } from './index.ts'

const mesh = written()
const bag = writtenBag()
const unfolded = ({ runs, repeat }: WrittenRow) =>
  Array.from({ length: repeat!.times }, () => runs).flat()

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

  it('turns where a row says so, and stays where it says nothing, whether before a row or after it', () => {
    const sides = (texts: readonly string[], working: 'joined' | 'turned') => {
      const rows = texts.map((text) => ({
        ...{ text, runs: [{ stitch: 'sc', yarn: 'A', count: 1 }] },
        ...{ repeat: { from: 0, to: 1, times: 48 }, from: null, down: [] },
      }))
      const parts = [base(), written({ rows, stitch: 'sc' }), plain({ id: 'top' })]
      const ledger = compile(tote({ parts, making: { ...tote().making, working } }))
      const { columns, parts: made } = bodyOf(ledger)
      const from = made[1]!.firstRow
      return [...columns.side.subarray(from, from + texts.length + 2)]
    }
    const work = 'sc in each st around, sl st to join'
    // After them plain rounds show the right side again.
    expect(sides([work, `ch 1, turn, ${work}`, work, `turn, ${work}`], 'joined')).toEqual([
      0, 1, 1, 0, 0, 0,
    ])
    expect(sides([`${work}, turn`, `${work}, turn`, work], 'joined')).toEqual([0, 1, 0, 0, 0])
    expect(sides([work, `${work}, turn`], 'joined')).toEqual([0, 0, 1, 0])
    expect(sides([work, work], 'joined')).toEqual([0, 0, 0, 0])
    expect(sides([work, `ch 1, turn, ${work}`, work], 'turned')).toEqual([0, 1, 0, 1, 0])
  })

  it('goes on over another count as often as it fits, and is worked plain where it does not', () => {
    const over = (count: number, part: Part) => {
      const ledger = compile(tote({ parts: [base({ count }), part, plain({ id: 'top' })] }))
      const { columns, parts } = bodyOf(ledger)
      const { firstRow, texts } = parts[1]!
      return {
        counts: [columns.uses[firstRow], columns.makes[firstRow + 1]],
        runs: runsOfRow(ledger, bodyOf(ledger), firstRow),
        texts,
      }
    }
    expect(over(54, mesh)).toMatchObject({
      counts: [54, 54],
      texts: mesh.rows.map(({ text }) => text),
    })
    expect(over(54, mesh).runs).toHaveLength(27 * 3)
    expect(over(55, mesh)).toEqual({
      counts: [55, 55],
      texts: null,
      runs: [{ stitch: 'dc', yarn: 'A', count: 55 }],
    })
    // Rows that were counted for one number are for it alone.
    const once = {
      ...mesh,
      rows: mesh.rows.map((row) => ({ ...row, runs: unfolded(row), repeat: null })),
    }
    expect([over(48, once).runs.length, over(54, once).runs.length]).toEqual([24 * 3, 1])
  })

  it('has no yarn in places it passes over but the one it is worked in', () => {
    // Shells that begin by passing over two places, in another yarn than the round below.
    const shells = {
      ...mesh,
      rows: [
        {
          text: 'with B, *sk 2 sts, 5 dc in next st, sk 2 sts, sc in next st; rep from * around',
          runs: [
            { stitch: 'skip', yarn: 'B', count: 2 },
            { stitch: 'dc', yarn: 'B', count: 1 },
            { stitch: 'dc-beside', yarn: 'B', count: 4 },
            { stitch: 'skip', yarn: 'B', count: 2 },
            { stitch: 'sc', yarn: 'B', count: 1 },
          ],
          repeat: { from: 0, to: 5, times: 8 },
          from: null,
          down: [],
        },
      ],
    }
    const {
      paths: [way],
      ledger,
    } = derive(projectOf(tote({ parts: [base(), shells, plain({ id: 'top' })] })))
    const row = bodyOf(ledger).parts[1]!.firstRow
    expect([way!.strands[row], way!.changes[row], way!.changes[row + 1]]).toEqual([1, 1, 1])
    expect(new Set(runsOfRow(ledger, bodyOf(ledger), row).map(({ yarn }) => yarn))).toEqual(
      new Set(['B']),
    )
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
    const [first, second] = mesh.rows
    const cut = {
      ...mesh,
      rows: [first!, { ...second!, runs: second!.runs.slice(1), repeat: null }],
    }
    expect(designFaults(tote({ parts: [base(), cut] }))).toEqual([
      {
        where: 'pieces[0].parts[1].rows[1]',
        message: 'does not come out on the 48 stitches below it',
      },
    ])
    const beyond = { ...mesh, rows: [{ ...first!, repeat: { from: 0, to: 4, times: 24 } }] }
    expect(designFaults(tote({ parts: [base(), beyond] }))).toEqual([
      { where: 'pieces[0].parts[1].rows[0].repeat', message: 'is not a stretch of its runs' },
    ])
    const foreign = {
      ...mesh,
      rows: [{ ...mesh.rows[0]!, runs: [{ stitch: 'sc', yarn: 'Q', count: 48 }], repeat: null }],
    }
    expect(designFaults(tote({ parts: [base(), foreign] }))[0]!.message).toBe(
      'no yarn has the letter Q',
    )
  })

  it('follows a yarn that is replaced, and keeps its rows when the bag is resized', () => {
    const { design } = commit(historyOf(projectOf(bag)), {
      name: 'removeYarn',
      args: { letter: 'B', instead: 'C' },
    })
    expect(lettersIn(partsOf(design)[1]!)).toEqual(['A', 'C'])
    // Also in its words.
    expect((partsOf(design)[1] as typeof mesh).rows[1]!.text).toBe(
      'with C, 2 dc in each ch-sp around',
    )
    const tall = resized(bag, { aroundMm: 240, heightMm: 120 })
    expect(partsOf(tall)[1]).toEqual(mesh)
  })
})
