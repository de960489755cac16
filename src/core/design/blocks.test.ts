import fc from 'fast-check'
import type { BandPart } from '../band/index.ts'
import { commit, historyOf, projectOf, tryCommit, undo } from '../project/index.ts'
import { compile, onlyYarn } from '../ledger/index.ts'
import { anyEditOf } from '../testing/arbitrary-edit.ts'
import { baseAs, motif, plain, stripes, tote } from '../testing/tote.ts'
import { tries } from '../testing/tries.ts'
import { blockOf, type Design, type DesignPiece, type Edit, faultsOf, roundsOf } from './index.ts'

/** Round of 70, then dc, bumps, mesh by turns: here three plain bands of one, two and one round. */
const bag = tote({
  parts: [
    baseAs('tube', { count: 70 }),
    plain({ id: 'low', name: 'Low', yarn: 'A', rounds: 1 }),
    plain({ id: 'bumps', name: 'Bumps', yarn: 'B', rounds: 2 }),
    plain({ id: 'mesh', name: 'Mesh', yarn: 'C', rounds: 1 }),
    plain({ id: 'top', name: 'Top', yarn: 'A', rounds: 1 }),
  ],
})
const done = (design: Design, ...edits: Edit[]) =>
  commit(historyOf(projectOf(design)), edits).design
const repeat = (over: object = {}): Edit => ({
  name: 'repeatParts',
  args: { from: 'low', to: 'mesh', times: 3, yarns: ['A', 'B', 'C'], short: 0, ...over },
})
const body = ({ pieces }: Design): DesignPiece => pieces[0]!
const said = (design: Design) =>
  body(design)
    .parts.slice(1)
    .map((part) => `${roundsOf(part as BandPart)}${'yarn' in part ? part.yarn : '?'}`)
    .join(' ')

describe('a block of bands', () => {
  it('comes again, its yarns by turns, the last time cut short', () => {
    expect(said(done(bag, repeat()))).toBe('1A 2B 1C 1B 2C 1A 1C 2A 1B 1A')
    expect(said(done(bag, repeat({ short: 1 })))).toBe('1A 2B 1C 1B 2C 1A 1C 2A 1A')
    expect(said(done(bag, repeat({ yarns: [] })))).toBe('1A 2B 1C 1A 2B 1C 1A 2B 1C 1A')
    // Two of them change places, one stays.
    expect(said(done(bag, repeat({ yarns: ['A', 'C'] })))).toBe('1A 2B 1C 1C 2B 1A 1A 2B 1C 1A')
    // 1 + 3 · 4 and the top: the ring's own round below.
    const [piece] = compile(done(bag, repeat())).pieces
    expect(piece!.rows).toBe(1 + 12 + 1)
    expect(onlyYarn(piece!, 5)).toBe(1)
  })

  it('is edited once: a band that is changed in one time is changed in all, in the yarn of its turn', () => {
    const made = done(bag, repeat())
    const second = body(made).blocks[0]!.times[1]!.bands
    // The bumps of the second time are in C; in B they would be in A the first time, and in C the third.
    const turned = done(made, {
      name: 'setPart',
      args: { id: second[1]!, values: { yarn: 'B', rounds: 3 } },
    })
    expect(said(turned)).toBe('1A 3A 1C 1B 3B 1A 1C 3C 1B 1A')
    expect(body(turned).blocks).toEqual(body(made).blocks)
  })

  it('takes in a band that is put between its own in all times, and gives one up in all', () => {
    const made = done(bag, repeat({ short: 1 }))
    const more = done(made, {
      name: 'addPart',
      args: { part: plain({ yarn: 'B', rounds: 5 }), at: 2, piece: 'bag' },
    })
    expect(said(more)).toBe('1A 5B 2B 1C 1B 5C 2C 1A 1C 5A 2A 1A')
    const fewer = done(more, { name: 'removePart', args: { id: 'bumps' } })
    expect(said(fewer)).toBe('1A 5B 1C 1B 5C 1A 1C 5A 1A')
    expect(faultsOf(fewer)).toEqual([])
  })

  it('has other times and yarns with one edit, and unfolded its bands are like any others', () => {
    const made = done(bag, repeat())
    const set = (ways: object): Edit => ({
      name: 'setBlock',
      args: { piece: 'bag', at: 0, ways: { times: 3, yarns: ['A', 'B', 'C'], short: 0, ...ways } },
    })
    expect(said(done(made, set({ times: 2, short: 2 })))).toBe('1A 2B 1C 1B 1A')
    expect(said(done(made, set({ yarns: [] })))).toBe('1A 2B 1C 1A 2B 1C 1A 2B 1C 1A')
    expect(said(done(made, set({ times: 4 })))).toBe(said(made).replace(/ 1A$/, ' 1A 2B 1C 1A'))
    expect(said(done(made, set({ times: 1 })))).toBe(said(bag))
    const unfolded = done(made, { name: 'unfoldBlock', args: { piece: 'bag', at: 0 } })
    const alone = done(unfolded, { name: 'setRounds', args: { id: 'low', rounds: 9 } })
    expect(said(alone)).toBe(said(made).replace('1A', '9A'))
  })

  it('of stripes and of charts turns their yarns too', () => {
    const parts = [baseAs('tube', { count: 72 }), stripes({ id: 'low' }), motif({ id: 'mesh' })]
    const made = done(tote({ parts }), repeat({ yarns: ['A', 'B'], times: 2 }))
    const [, , , low, mesh] = body(made).parts as [never, never, never, unknown, unknown]
    expect(low).toMatchObject({ stripes: [{ yarn: 'B' }, { yarn: 'A' }] })
    expect(mesh).toMatchObject({ chart: { colours: ['BABBBB', 'BAABBB', 'BBAACB'] } })
  })

  it('is refused where a base is in it, or a band of a block; its names tell its times apart', () => {
    const refused = (design: Design, edit: Edit) =>
      !tryCommit(historyOf(projectOf(design)), edit).ok
    expect(refused(bag, repeat({ from: 'base', to: 'low' }))).toBe(true)
    expect(refused(done(bag, repeat()), repeat({ from: 'mesh', to: 'top' }))).toBe(true)
    expect(body(done(bag, repeat())).parts.map(({ name }) => name)).toContain('Bumps, 3')
  })

  it('is alike in all times whatever is done to the bag, which can be read back and undone', () => {
    fc.assert(
      fc.property(fc.array(anyEditOf(bag), { minLength: 1, maxLength: 4 }), (edits) => {
        const made = commit(historyOf(projectOf(bag)), repeat({ short: 1 }))
        const ran = edits.reduce((now, edit) => {
          const next = tryCommit(now, edit)
          return next.ok ? next.value : now
        }, made)
        expect(faultsOf(ran.design)).toEqual([])
        for (const piece of ran.design.pieces)
          for (const { times } of piece.blocks) {
            const kinds = times.map(({ bands }) =>
              bands.map((id) => {
                const { kind, ...part } = piece.parts.find((one) => one.id === id) as BandPart
                return `${kind} ${roundsOf({ kind, ...part } as BandPart)}`
              }),
            )
            for (const one of kinds) expect(kinds[0]!.slice(0, one.length)).toEqual(one)
          }
        let back = ran
        while (back.past.length > made.past.length) back = undo(back)
        if (ran.past.length > made.past.length) expect(back.design).toEqual(made.design)
      }),
      { numRuns: tries(60) },
    )
  })
})

it('a band knows its block', () => {
  const piece = body(done(bag, repeat()))
  expect(blockOf(piece, piece.blocks[0]!.times[2]!.bands[1]!)).toMatchObject({
    at: 0,
    nth: 2,
    place: 1,
  })
  expect(blockOf(piece, 'top')).toBeNull()
})
