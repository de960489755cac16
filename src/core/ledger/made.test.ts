import fc from 'fast-check'
import { texturedBand } from '../shorthand/index.ts'
import type { Design } from '../design/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import {
  commit,
  historyOf,
  madeIn,
  type MadeRow,
  noted,
  printProject,
  projectOf,
  readProject,
  tryCommit,
  undo,
} from '../project/index.ts'
import { baseKinds } from '../shape/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { anyBag } from '../testing/arbitrary.ts'
import { anyEditOf } from '../testing/arbitrary-edit.ts'
import {
  base,
  baseAs,
  mosaicBand,
  motif,
  plain,
  reliefBand,
  stripes,
  tote,
} from '../testing/tote.ts'
import { drawer, stitchesOf } from '../texture/index.ts'
import { bodyOf, compile, type Ledger, type Piece, rowMade, runsOfRow } from './index.ts'
import { tries } from '../testing/tries.ts'

/** The rows of a piece as they are noted when they are made; the first so many, or all. */
const rowsMade = (ledger: Ledger, piece: Piece, rows = piece.rows, copy = piece.copy): MadeRow[] =>
  Array.from({ length: Math.min(rows, piece.rows) }, (_, row) => rowMade(ledger, piece, row, copy))
/** All rows of all copies of all pieces. */
const allMade = (ledger: Ledger): MadeRow[] =>
  ledger.pieces.flatMap((piece) =>
    Array.from({ length: piece.times }, (_, copy) =>
      rowsMade(ledger, piece, piece.rows, copy + 1),
    ).flat(),
  )
const work = (design: Design, made: readonly MadeRow[] = []) => {
  const ledger = compile(design, { made })
  return rowsMade(ledger, bodyOf(ledger))
}
const words = (ledger: Ledger) => writtenPattern(ledger, defaultWords)

/** The law: what is noted of a bag, kept in a file and compiled again is the very same ledger, and is said in the very same words. */
function staysTheSame(design: Design) {
  const ledger = compile(design)
  const log = allMade(ledger)
  expect(log).toHaveLength(ledger.pieces.reduce((sum, { rows, times }) => sum + rows * times, 0))
  const read = readProject(printProject({ design, log }))
  if (!read.ok) throw new Error(JSON.stringify(read.problem))
  const again = compile(read.value.design, { made: madeIn(read.value.log) })
  expect(again).toEqual(ledger)
  expect(words(again)).toEqual(words(ledger))
}

describe('all rows of a bag noted as made', () => {
  const cases = drawer.flatMap((pattern) =>
    (['rounds', 'rows'] as const).flatMap((worked) =>
      pattern[worked === 'rows' ? 'flat' : 'round'] ? [[pattern.id, worked] as const] : [],
    ),
  )
  it.each(cases)('give the very same ledger: %s in %s, on a row and in the chain', (id, worked) => {
    const pattern = drawer.find((one) => one.id === id)!
    const band = texturedBand(pattern, worked, { letters: ['A', 'B'], rounds: 9 })
    if (!band.ok) throw new Error(band.problem)
    const part = { ...band.value, id: 'texture' } as never
    const count = stitchesOf(pattern, 8, worked === 'rows' ? 'flat' : 'round')
    const first = worked === 'rounds' ? base({ increase: 6, count }) : baseAs('panel', { count })
    staysTheSame(tote({ parts: [first, plain({ rounds: 1 }), part, plain({ id: 'top' })] }))
    if (worked === 'rows')
      staysTheSame(tote({ parts: [{ ...first, begins: 'bands' } as never, part] }))
  })

  const bands = { plain, stripes, motif, mosaicBand, reliefBand }
  const workings = ['spiral', 'joined', 'turned', 'turn-once'] as const
  it.each(baseKinds)('give the very same ledger on every band and school: %s', (kind) => {
    Object.entries(bands).forEach(([name, band], i) =>
      workings.forEach((working, j) => {
        const first = (['same', 'next', 'second'] as const)[(i + j) % 3]!
        const making = { ...tote().making, working, first, chainCounts: first === 'next' }
        const part = band({ id: `on-${name}` } as never)
        staysTheSame(
          tote({ making, parts: [baseAs(kind), plain({ id: 'below', rounds: 2 }), part] }),
        )
      }),
    )
  })

  it('give the very same ledger in any bag', () => {
    fc.assert(fc.property(anyBag, staysTheSame), { numRuns: tries(15) })
  })
})

describe('rows that are made', () => {
  it('are never changed by what is edited after, in any bag', () => {
    const cases = anyBag.chain((design) =>
      fc.tuple(
        fc.constant(design),
        fc.array(anyEditOf(design), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 12 }),
      ),
    )
    fc.assert(
      fc.property(cases, ([design, edits, rows]) => {
        const before = compile(design)
        const made = rowsMade(before, bodyOf(before), rows)
        const after = edits.reduce(
          (now, edit) => {
            const tried = tryCommit(now, edit)
            return tried.ok ? tried.value : now
          },
          historyOf(projectOf(design)),
        ).design
        const first = work(after, made).slice(0, made.length)
        // How the last of them ends is as the plan goes on.
        const open = (row: MadeRow, i: number) =>
          i === made.length - 1 ? { ...row, end: null } : row
        expect(first.map(open)).toEqual(made.map(open))
      }),
      { numRuns: tries(38) },
    )
  })

  it('change nothing where nothing was edited, however many of them and of whichever pieces', () => {
    fc.assert(
      fc.property(anyBag, fc.array(fc.nat(14), { minLength: 6, maxLength: 6 }), (design, many) => {
        const ledger = compile(design)
        const made = ledger.pieces.flatMap((piece, i) => rowsMade(ledger, piece, many[i % 6]!))
        const again = compile(design, { made })
        const all = (of: Ledger) =>
          of.pieces.map((piece) => [piece.id, rowsMade(of, piece, piece.rows, 1)])
        // Copies of which only the first is begun come out as they were, and are one piece still.
        expect(all(again)).toEqual(all(ledger))
        expect(again.sizes).toEqual(ledger.sizes)
      }),
      { numRuns: tries(25) },
    )
  })

  it('of two copies are told apart: a strap of 70 rows made twice is 140 rows, and one may differ', () => {
    const strap = {
      id: 'strap',
      name: 'Strap',
      times: 2,
      joins: [],
      blocks: [],
      parts: [baseAs('panel', { id: 'sb', count: 6 }), plain({ id: 'sp', rounds: 69 })],
    }
    const bag = { ...tote(), pieces: [...tote().pieces, strap] }
    const ledger = compile(bag)
    const piece = ledger.pieces.at(-1)!
    const made = [1, 2].flatMap((copy) => rowsMade(ledger, piece, piece.rows, copy))
    expect(made).toHaveLength(2 * piece.rows)
    const straps = (log: readonly MadeRow[], design: Design = bag) =>
      compile(design, { made: log })
        .pieces.filter(({ id }) => id === 'strap')
        .map(({ name, copy, times, rows }) => [name, copy, times, rows])
    expect(straps(made)).toEqual([['Strap', 1, 2, piece.rows]])
    // The plan is now ten rows shorter: the one that is made stays as long as it is.
    const shorter = commit(historyOf(projectOf(bag)), {
      name: 'setRounds',
      args: { id: 'sp', rounds: 59 },
    }).design
    const first = made.filter(({ copy }) => copy === 1)
    expect(straps(first, shorter)).toEqual([
      ['Strap, 1', 1, 1, piece.rows],
      ['Strap, 2', 2, 1, piece.rows - 10],
    ])
    // One is wanted after all, and two are there.
    const one = { ...bag, pieces: [bag.pieces[0]!, { ...strap, times: 1 }] }
    expect(straps(made, one)).toEqual([['Strap', 1, 2, piece.rows]])
  })

  it('keep their ids when a band is put below those to come', () => {
    const bag = tote({ parts: [base({ count: 48 }), plain({ id: 'low' }), plain({ id: 'top' })] })
    const ids = (design: Design, made: readonly MadeRow[] = []) =>
      work(design, made).map(({ row }) => row)
    expect(ids(bag).slice(-4)).toEqual(['low:1', 'low:2', 'top:1', 'top:2'])
    const more = commit(historyOf(projectOf(bag)), {
      name: 'addPart',
      args: { part: stripes({ id: 'new' }), at: 2 },
    }).design
    expect(ids(more).slice(-6)).toEqual(['low:1', 'low:2', 'p1:1', 'p1:2', 'top:1', 'top:2'])
    // With a row of the top made, stripes below it come too late; with one of the lower band they follow it.
    expect(ids(more, work(bag).slice(0, 11)).slice(-4)).toEqual([
      'low:1',
      'low:2',
      'top:1',
      'top:2',
    ])
    expect(ids(more, work(bag).slice(0, 9)).slice(-6)).toEqual(ids(more).slice(-6))
  })

  it('stay when their part is taken out, and the rest goes on from them', () => {
    const bag = tote({
      parts: [base({ count: 48 }), plain({ id: 'low', yarn: 'B' }), plain({ id: 'top' })],
    })
    const made = work(bag).slice(0, 9)
    const less = commit(historyOf(projectOf(bag)), { name: 'removePart', args: { id: 'low' } })
    const ledger = compile(less.design, { made })
    const piece = bodyOf(ledger)
    expect(piece.parts.map(({ name }) => name)).toEqual(['Base', 'Made before', 'Plain'])
    expect(runsOfRow(ledger, piece, 8)).toEqual([{ stitch: 'sc', yarn: 'B', count: 48 }])
    expect(piece.rows).toBe(8 + 1 + 2)
  })

  it('stay in the log when edits are taken back', () => {
    const start = historyOf(projectOf(tote()))
    const entries = work(tote()).slice(0, 3)
    const edited = commit(start, { name: 'rename', args: { name: 'Other' } })
    const back = undo(noted(edited, entries))
    expect([back.design.name, back.log]).toEqual([tote().name, entries])
    expect(noted(back, [])).toBe(back)
  })
})
