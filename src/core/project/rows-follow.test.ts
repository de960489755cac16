import fc from 'fast-check'
import { type Edit, partById } from '../design/index.ts'
import { itemBegun } from '../testing/items.ts'
import { spotOn } from '../part/index.ts'
import { compile, compiled, maybePlace, runsOfRow } from '../ledger/index.ts'
import { base, motif, plain, reliefBand, stripes, tote } from '../testing/tote.ts'
import { newPiece } from '../bag/index.ts'
import { commit, historyOf, projectOf, undo } from './index.ts'

// Four rows that differ, worked twice: rows 1 to 8 of the band.
const chart = { width: 4, colours: ['AAAA', 'ABAB', 'BBBB', 'BABA'] }
const begun = (row: string) =>
  historyOf(
    projectOf({
      ...tote({ parts: [base({ count: 48 }), plain(), motif({ chart, times: 2 })] }),
      items: [
        {
          ...itemBegun('cord'),
          id: 'f1',
          to: spotOn('bag', { on: 'row', row, at: 3 }),
        },
      ],
      ways: [{ part: null, yarn: 'B', after: row, how: 'trail' as const }],
    }),
  )
const line = (
  at: number,
  change: 'insert' | 'double' | 'remove',
  along = 'row' as const,
): Edit => ({
  name: 'changeLine',
  args: { id: 'motif', along, at, change, why: 'A line' },
})

describe('what is said of a row stays with it', () => {
  it.each([
    // Row 3 of the band, and row 7: the third of the second time.
    ['motif:3', line(1, 'insert'), 'motif:4', 'motif:4'],
    ['motif:7', line(1, 'insert'), 'motif:9', 'motif:9'],
    ['motif:7', line(3, 'insert'), 'motif:8', 'motif:8'],
    ['motif:3', line(3, 'double'), 'motif:3', 'motif:3'],
    ['motif:7', line(0, 'remove'), 'motif:5', 'motif:5'],
    // It is gone: what was tied there is at the row in its place, and nothing is said of its yarn any more.
    ['motif:2', line(1, 'remove'), 'motif:2', null],
    // Painted over, it is the same row.
    [
      'motif:2',
      { name: 'drawRows', args: { id: 'motif', rows: [[1, 'BBAA']], why: 'Fill' } },
      'motif:2',
      'motif:2',
    ],
    [
      'motif:2',
      { name: 'setPart', args: { id: 'plain', values: { rounds: 9 } } },
      'motif:2',
      'motif:2',
    ],
  ] as const)('%s, %j: a cord %s, a way %s', (row, edit, spot, way) => {
    const start = begun(row)
    const { design } = commit(start, edit as Edit)
    expect((design.items[0] as ReturnType<typeof itemBegun<'cord'>>).to.row).toBe(spot)
    expect(design.ways.map(({ after }) => after)).toEqual(way === null ? [] : [way])
    expect(undo(commit(start, edit as Edit)).design).toEqual(start.design)
  })

  it('on the ledger too: the row it is at has the very colours it had, whatever is put in elsewhere', () => {
    const rowOf = ({ design }: ReturnType<typeof begun>) => {
      const ledger = compile(design)
      const piece = ledger.pieces[0]!
      const { row } = maybePlace(
        piece,
        (design.items[0] as ReturnType<typeof itemBegun<'cord'>>).to,
      )!
      return runsOfRow(ledger, piece, row).map(({ yarn, count }) => `${count} ${yarn}`)
    }
    const changes = fc.constantFrom('insert', 'remove' as const)
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 8 }), fc.nat(3), changes, (row, at, change) => {
        fc.pre(change === 'insert' || at !== (row - 1) % 4)
        const start = begun(`motif:${row}`)
        expect(rowOf(commit(start, line(at, change)))).toEqual(rowOf(start))
      }),
      { numRuns: 40 },
    )
  })

  it('joins at rows, of which one is moved and the others are as they were', () => {
    const start = begun('motif:3')
    const pocket = newPiece(compiled(projectOf(start.design)), 'pocket')
    const sewn = commit(start, { name: 'addPiece', args: { piece: pocket } })
    const { id, joins } = sewn.design.pieces.at(-1)!
    const [first, ...others] = joins
    const up = { ...first!, to: { ...first!.to, row: 'motif:7' } }
    const moved = commit(sewn, {
      name: 'setPiece',
      args: { id, values: { joins: [up, ...others] } },
    })
    expect(moved.design.pieces.at(-1)!.joins.map(({ to }) => to.row)).toEqual([
      'motif:7',
      ...others.map(({ to }) => to.row),
    ])
    // A row put in below them all takes them with it.
    const { joins: after } = commit(moved, line(0, 'insert')).design.pieces.at(-1)!
    expect(after[0]!.to.row).toBe('motif:9')
  })

  it('a stripe put in below others, and columns, which move no row', () => {
    const of = stripes({
      stripes: [
        { yarn: 'A', rounds: 2 },
        { yarn: 'B', rounds: 2 },
      ],
    })
    const start = historyOf(
      projectOf({
        ...tote({ parts: [base({ count: 48 }), of] }),
        ways: [{ part: null, yarn: null, after: `${of.id}:3`, how: 'cut' as const }],
      }),
    )
    const more = {
      name: 'setPart',
      args: { id: of.id, values: { stripes: [{ yarn: 'C', rounds: 5 }, ...of.stripes] } },
    } as const
    expect(commit(start, more).design.ways[0]!.after).toBe(`${of.id}:8`)
    const start2 = begun('motif:3')
    const wider = { ...line(0, 'insert'), args: { ...line(0, 'insert').args, along: 'column' } }
    expect(
      (commit(start2, wider as Edit).design.items[0] as ReturnType<typeof itemBegun<'cord'>>).to
        .row,
    ).toBe('motif:3')
  })
})

describe('a row put into a texture of two layers', () => {
  it('comes between the same rows of both', () => {
    const band = reliefBand({
      chart: { width: 3, colours: ['AAA', 'BBB'] },
      raised: { width: 3, colours: ['AAA', 'ABA'] },
    })
    const start = historyOf(projectOf(tote({ parts: [base({ count: 48 }), plain(), band] })))
    const args = { id: band.id, along: 'row', at: 1, change: 'insert', why: 'A line' } as const
    const { design } = commit(start, { name: 'changeLine', args })
    expect(partById(design, band.id)).toMatchObject({
      chart: { colours: ['AAA', 'AAA', 'BBB'] },
      raised: { colours: ['AAA', 'AAA', 'ABA'] },
    })
  })
})
