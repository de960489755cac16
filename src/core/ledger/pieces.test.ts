import { type Design, type Edit, type PieceJoin, maybeBaseOf, partsOf } from '../design/index.ts'
import { commit, historyOf, tryCommit, projectOf } from '../project/index.ts'
import { compile, compiled, type Ledger, onlyYarn, type Piece } from './index.ts'
import { starts } from '../program/index.ts'
import type { Snag } from '../snag/index.ts'
import { joinText, writtenPattern } from '../pattern/index.ts'
import { derive, newPiece } from '../bag/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, baseAs, motif, plain, tote } from '../testing/tote.ts'
import { spotOn, type Spot } from '../part/index.ts'

const done = (design: Design, ...edits: Edit[]) =>
  commit(historyOf(projectOf(design)), edits).design
const piece = ({ pieces }: Ledger, id: string): Piece => pieces.find((one) => one.id === id)!
const snagsOf = (design: Design): readonly Snag[] => derive(projectOf(design)).snags
const codes = (design: Design) => snagsOf(design).map(({ code }) => code)

/** A panel of 40, 30 rows up, 30 down and a flap of 15: a satchel. */
const satchel = tote({
  parts: [
    baseAs('folded-panel', { count: 40, flapRows: 15 }),
    plain({ id: 'body', rounds: 59 }),
    plain({ id: 'flap', rounds: 15 }),
  ],
})

describe('a satchel with a strap', () => {
  const strap = newPiece(compiled(projectOf(satchel)), 'strap')
  const bag = done(satchel, { name: 'addPiece', args: { piece: strap } })
  const { ledger } = compiled(projectOf(bag))

  it('has the strap as a piece, 4 cm wide and 70 cm long, sewn to both sides where the flap begins', () => {
    // 40 mm of 5 mm are 8 stitches; 700 mm of 5 mm rows are 140 rows. The flap begins above row 60.
    const { columns, rows, name } = piece(ledger, 'c1')
    expect([name, columns.makes[0], rows, columns.alongMm[rows - 1]]).toEqual([
      'Strap',
      8,
      140,
      700,
    ])
    const sewn = (edge: string, on: string) => ({
      sides: [{ spot: { on: edge } }, { spot: { on, at: 56 } }],
    })
    expect(ledger.joins.slice(2)).toMatchObject([
      { ...sewn('first', 'left'), count: 8, pieces: ['c1', 'bag'] },
      { ...sewn('last', 'right'), count: 8 },
    ])
    expect(codes(bag)).not.toContain('join-uneven')
  })

  it('leaves the body as it was, and takes yarn', () => {
    expect(piece(ledger, 'bag')).toEqual(piece(compiled(projectOf(satchel)).ledger, 'bag'))
    const metres = (design: Design) =>
      derive(projectOf(design)).needs.reduce((sum, need) => sum + need.metres, 0)
    expect(metres(bag)).toBeGreaterThan(metres(satchel) * 1.2)
  })

  it('says when it is wider than there is room for, or would pucker', () => {
    const wide = done(bag, { name: 'setBase', args: { piece: 'c1', values: { count: 20 } } })
    // 20 stitches on 75 row ends from 56 on: 19 are left.
    expect(snagsOf(wide).find(({ code }) => code === 'join-uneven')).toMatchObject({
      severity: 'error',
      facts: { name: 'Strap', one: 20, other: 19 },
    })
  })

  it('is copied, moved and taken out, each with undo', () => {
    const twice = done(bag, { name: 'copyPiece', args: { id: 'c1', name: 'Other strap' } })
    expect(twice.pieces.map(({ id, name }) => [id, name])).toEqual([
      ['bag', null],
      ['c1', 'Strap'],
      ['c2', 'Other strap'],
    ])
    expect(new Set(partsOf(twice).map(({ id }) => id)).size).toBe(partsOf(twice).length)
    const moved = done(twice, { name: 'movePiece', args: { id: 'c2', to: 0 } })
    expect(moved.pieces.map(({ id }) => id)).toEqual(['bag', 'c2', 'c1'])
    expect(done(moved, { name: 'removePiece', args: { id: 'c1' } }).pieces).toHaveLength(2)
    expect(done(moved, { name: 'removePiece', args: { id: 'bag' } }).pieces).toHaveLength(3)
  })
})

describe('two panels that differ', () => {
  const alike = tote({
    parts: [baseAs('two-panels', { count: 42 }), plain({ id: 'low' }), motif({ id: 'm' })],
  })
  const differ = done(
    alike,
    { name: 'setBase', args: { values: { faces: 'differ', second: 'B' } } },
    { name: 'addPart', args: { part: plain({ rounds: 4 }), at: 0, piece: 'back' } },
  )

  it('are two pieces, the back begun in its own yarn', () => {
    const { ledger } = compiled(projectOf(differ))
    expect(ledger.pieces.map(({ name, times, rows }) => [name, times, rows])).toEqual([
      ['Front', 1, 6],
      ['Back', 1, 5],
    ])
    const back = piece(ledger, 'back')
    expect(ledger.yarns[back.columns.runYarn[0]!]).toBe('B')
  })

  it('must be as long as each other, and a plain band takes the difference', () => {
    const snag = snagsOf(differ).find(({ code }) => code === 'faces-unequal')!
    expect(snag.facts).toEqual({ one: 6, other: 5 })
    expect(snag.mends.map(({ facts }) => (facts as { by: number }).by)).toEqual([1, -1])
    for (const { edits } of snag.mends)
      expect(codes(done(differ, ...edits))).not.toContain('faces-unequal')
  })

  it('are one piece again when they are alike, without what stood on the back', () => {
    const again = done(differ, { name: 'setBase', args: { values: { faces: 'alike' } } })
    expect(compiled(projectOf(again)).ledger).toEqual(compiled(projectOf(alike)).ledger)
  })
})

describe('discs with bands on them', () => {
  const discs = tote({ parts: [baseAs('discs', { count: 48, strip: 8 }), plain({ rounds: 35 })] })
  const onDisc = (adjust: number) =>
    done(discs, {
      name: 'addPart',
      args: { part: plain({ yarn: 'B', rounds: 4, adjust, steps: 4 }), at: 0, piece: 'disc' },
    })

  it('are as wide as their last round, and the strip is sewn to it', () => {
    // 48 + 4 × 6 = 72 stitches of 5 mm are 360 mm around.
    const { ledger } = compiled(projectOf(onDisc(24)))
    expect(ledger.sizes.aroundMm).toBe(360)
    expect(ledger.sizes.flatMm).toBeCloseTo(360 / Math.PI, 9)
    expect(ledger.joins[0]!.sides.map(({ count }) => count)).toEqual([36, 72])
    expect(codes(onDisc(24))).not.toContain('piece-cups')
  })

  it('turn up where they do not grow, and a plain band can be made to', () => {
    const snag = snagsOf(onDisc(0)).find(({ code }) => code === 'piece-cups')!
    expect(snag).toMatchObject({ severity: 'warning', facts: { name: 'Disc' } })
    expect(codes(done(onDisc(0), ...snag.mends[0]!.edits))).not.toContain('piece-cups')
  })

  it('give up their bands when the construction is another, and undo has them back', () => {
    const before = historyOf(projectOf(onDisc(24)))
    const after = commit(before, { name: 'setBase', args: { instead: baseAs('tube') } })
    expect(after.design.pieces.map(({ id }) => id)).toEqual(['bag'])
  })
})

describe('pieces that cannot be', () => {
  const refused = (edit: Edit, design = tote()) => {
    const tried = tryCommit(historyOf(projectOf(design)), edit)
    return tried.ok ? null : tried.problem[0]
  }
  const piece = { name: 'Strap', times: 1, joins: [], blocks: [] }

  it('have no base, or that of a bag of several', () => {
    expect(
      refused({ name: 'addPiece', args: { piece: { ...piece, parts: [plain()] } } }),
    ).toMatchObject({
      where: 'pieces[1].parts',
    })
    const discs = { ...piece, parts: [baseAs('discs')] }
    expect(refused({ name: 'addPiece', args: { piece: discs } })?.message).toContain(
      'more than one piece',
    )
  })

  it('are sewn to what is not there', () => {
    const join = {
      edge: 'first',
      to: spotOn('gone'),
      how: 'whip',
      over: null,
      corner: 'none',
    } as const
    const strap = { ...piece, parts: [baseAs('panel')], joins: [join] }
    expect(refused({ name: 'addPiece', args: { piece: strap } })).toEqual({
      where: 'pieces[1].joins[0].to',
      message: 'there is no piece gone',
    })
  })

  it('lose their joins with the piece they were sewn to', () => {
    const own = { ...piece, parts: [base()] }
    const two = done(
      tote(),
      { name: 'addPiece', args: { piece: own } },
      { name: 'addPiece', args: { piece: own } },
      {
        name: 'setPiece',
        args: {
          id: 'c2',
          values: {
            joins: [{ edge: 'last', to: spotOn('c1'), how: 'slip', over: null, corner: 'none' }],
          },
        },
      },
    )
    expect(compiled(projectOf(two)).ledger.joins).toMatchObject([{ kind: 'sew-on', count: 48 }])
    const one = done(two, { name: 'removePiece', args: { id: 'c1' } })
    expect(one.pieces[1]!.joins).toEqual([])
    expect(maybeBaseOf(one.pieces[1]!)).toMatchObject({ kind: 'round-base' })
  })
})

describe('pieces joined inside another', () => {
  /** A base to 48 in 8 rounds, ten rounds of 48, and what is added. */
  const bag = tote({ parts: [base(), plain({ id: 'body', rounds: 10 })] })
  const withPiece = (joins: readonly PieceJoin[], count = 12, rounds = 5) =>
    done(bag, {
      name: 'addPiece',
      args: {
        piece: {
          ...{ name: 'Pocket', times: 1, joins, blocks: [] },
          parts: [baseAs('panel', { count }), plain({ rounds })],
        },
      },
    })
  const join = (over: Partial<Spot>, more: Partial<PieceJoin> = {}): PieceJoin => ({
    ...{ edge: 'first', to: spotOn('bag', { on: 'row', row: 'body:3', at: 6, ...over }) },
    ...{ how: 'whip', over: null, corner: 'none' },
    ...more,
  })
  const said = (design: Design) =>
    writtenPattern(compiled(projectOf(design)).ledger, defaultWords).at(-1)!.joins

  it('are sewn along one of its rows, and up its rows', () => {
    const design = withPiece([join({}), join({ on: 'up', at: 18 }, { edge: 'left' })])
    expect(said(design)).toEqual([
      'Whip-stitch the first row of Pocket to round 11 of Base and body from stitch 7 on: 12 pairs. Wrong sides together; leave about 35 cm of yarn for it.',
      'Whip-stitch the left side of Pocket to Base and body from round 11 up at stitch 19: 6 pairs. Wrong sides together; leave about 25 cm of yarn for it.',
    ])
    // Twelve stitches on twelve of the same gauge, six rows on six.
    for (const { lengthMm, reachMm } of compiled(projectOf(design)).ledger.joins)
      expect(reachMm).toBeCloseTo(lengthMm, 6)
  })

  it('stay on their row when a band is put below it, and are none when it is gone', () => {
    const design = withPiece([join({})])
    const more = done(design, { name: 'addPart', args: { part: plain({ rounds: 4 }), at: 1 } })
    expect(said(more)[0]).toContain('to round 15 of')
    const fewer = done(design, { name: 'setRounds', args: { id: 'body', rounds: 2 } })
    expect(said(fewer)[0]).toContain('to round 10 of')
    expect(said(done(design, { name: 'removePart', args: { id: 'body' } }))).toEqual([
      'Pocket is not sewn to anything yet.',
    ])
  })

  it('have room for what lies above only; a round goes on around its beginning', () => {
    const uneven = (over: Partial<Spot>, more: Partial<PieceJoin> = {}) =>
      derive(projectOf(withPiece([join(over, more)])), defaultWords).snags.find(
        ({ code }) => code === 'join-uneven',
      )?.facts
    expect(uneven({ at: 40 })).toBeUndefined()
    expect(uneven({ on: 'up', row: 'body:6' }, { edge: 'left' })).toMatchObject({ one: 6 })
  })

  it('begin in stitches picked up from it, with no chain', () => {
    const flap = withPiece([join({ on: 'last', row: null, at: 24 }, { how: 'pick-up' })], 24)
    const { pieces, joins } = compiled(projectOf(flap)).ledger
    expect(starts[pieces[1]!.columns.start[0]!]).toBe('pick-up')
    expect(joins).toMatchObject([{ kind: 'pick-up', count: 24 }])
    const [first] = writtenPattern(compiled(projectOf(flap)).ledger, defaultWords)[1]!.sections[0]!
      .lines
    expect(first!.text).toContain(
      'pick up 24 sc along the last row of Base and body from stitch 25 on',
    )
    expect(said(flap)).toEqual([])
  })

  it('go to one of those made several times, or one to each', () => {
    const panels = tote({ parts: [baseAs('two-panels', { count: 40 }), plain({ rounds: 20 })] })
    const text = (times: number) =>
      said(
        done(panels, {
          name: 'addPiece',
          args: { piece: { ...newPiece(compiled(projectOf(panels)), 'strap'), times } },
        }),
      )[0]
    expect(text(1)).toContain('to the last row of one Panel')
    expect(text(2)).toContain('to the last row of each Panel')
  })

  it('can be sewn to themselves: to a ring, along their length, or folded in; never an edge to itself', () => {
    const own = (edge: PieceJoin['edge'], over: Partial<Spot>) =>
      withPiece([join({ row: null, at: 0, ...over, piece: 'c1' }, { edge })], 12, 17)
    const text = (edge: PieceJoin['edge'], over: Partial<Spot>) => said(own(edge, over))
    const { id } = compiled(projectOf(own('first', { on: 'last' }))).ledger.pieces[1]!
    expect(id).toBe('c1')
    expect(text('first', { on: 'last' })).toEqual([
      'Pocket is not sewn to anything yet.',
      'Close Pocket to a ring, and sew its first row to its last row: 12 pairs. Wrong sides together; leave about 35 cm of yarn for it.',
    ])
    expect(text('left', { on: 'right' })[1]).toContain(
      'Fold Pocket along its length, and sew its left side to its right side: 18 pairs.',
    )
    const { parts } = own('last', { on: 'first' }).pieces[1]!
    expect(text('last', { on: 'row', row: `${parts[1]!.id}:4` })[1]).toContain(
      'Fold Pocket in, and sew its last row to its row 5: 12 pairs.',
    )
    expect(() => own('last', { on: 'last' })).toThrow('sewn to itself')
  })
})

describe('stitches that are sewn to row ends', () => {
  /** A band of so many sc, sewn by its first row to the row ends of 40 rows of sc that are as tall as wide. */
  const sewnBand = (count: number, rows = 40, stitch = 'dc') =>
    done(
      tote({
        parts: [
          baseAs('panel', { count: 20, stitch }),
          plain({ id: 'rows', stitch, rounds: rows - 1 }),
        ],
      } as never),
      {
        name: 'addPiece',
        args: {
          piece: {
            ...{ name: 'Band', times: 1, blocks: [] },
            joins: [
              {
                edge: 'first',
                to: spotOn('bag', { on: 'left' }),
                ...{ how: 'whip', over: null, corner: 'none' },
              },
            ] as const,
            parts: [baseAs('panel', { count }), plain({ rounds: 3 })],
          },
        },
      },
    )
  const joinOf = (design: Design) => compile(design).joins.find(({ how }) => how === 'whip')!
  const said = (design: Design) => {
    const { ledger } = compiled(projectOf(design))
    return joinText(joinOf(design), ledger, defaultWords)
  }

  // A dc row is 10 mm tall, a sc 5 mm wide (the tote's swatch): 60 sc are 300 mm, 30 row ends.
  it('go by their lengths: two to each row end of dc', () => {
    const join = joinOf(sewnBand(60))
    expect(join.byLength).toBe(true)
    expect(join.sides.map(({ count }) => count)).toEqual([60, 30])
    expect(said(sewnBand(60))).toContain('60 stitches along 30 row ends, 2 stitches in each')
    const { snags } = derive(projectOf(sewnBand(60)), defaultWords)
    expect(snags.map(({ code }) => code)).not.toContain('join-uneven')
  })

  it('go one to one where they are as long, and say when there is no room', () => {
    expect(joinOf(sewnBand(30, 40, 'sc')).byLength).toBeUndefined()
    expect(said(sewnBand(30, 40, 'sc'))).toContain('30 pairs')
    // 100 sc are 500 mm, more than the 400 mm of 40 rows.
    expect(joinOf(sewnBand(100)).byLength).toBeUndefined()
    const { snags } = derive(projectOf(sewnBand(100)), defaultWords)
    expect(snags.map(({ code }) => code)).toContain('join-uneven')
  })

  it('say which sides face, and how far one lies over the other', () => {
    const design = sewnBand(60)
    const [join] = design.pieces.at(-1)!.joins
    const other = (more: object): Design => ({
      ...design,
      pieces: [
        ...design.pieces.slice(0, -1),
        { ...design.pieces.at(-1)!, joins: [{ ...join!, ...more }] },
      ],
    })
    const seam = (of: Design) => writtenPattern(compile(of), defaultWords).at(-1)!.joins.join(' ')
    expect(seam(design)).toContain('Wrong sides together')
    expect(seam(other({ together: 'right' }))).toContain('Right sides together')
    expect(seam(other({ how: 'flat' }))).toContain(
      'Right sides up, edge to edge, through the outer loops alone',
    )
    expect(seam(other({ lapMm: 25 }))).toContain(
      'Lay the first 2.5 cm of Band over the left side of',
    )
  })
})

describe('stitches picked up along row ends (common practice: by length, not one in each)', () => {
  /** A panel of 22 rows of dc, twice as tall as they are wide, and an edge picked up along its left side. */
  const withEdge = (count: number, over: number | null = null, ladder = 21) =>
    done(
      tote({
        parts: [
          baseAs('panel', { count: 12, stitch: 'dc' }),
          plain({ id: 'rows', stitch: 'dc', rounds: ladder }),
        ],
      }),
      {
        name: 'addPiece',
        args: {
          piece: {
            ...{ name: 'Edge', times: 1, blocks: [] },
            joins: [
              {
                edge: 'first',
                to: spotOn('bag', { on: 'left' }),
                ...{ how: 'pick-up', over, corner: 'none' },
              },
            ] as const,
            parts: [baseAs('panel', { count, stitch: 'dc' }), plain({ stitch: 'dc', rounds: 1 })],
          },
        },
      },
    )
  const firstOf = (design: Design) =>
    writtenPattern(compiled(projectOf(design)).ledger, defaultWords)[1]!.sections[0]!.lines[0]!
  const uneven = (design: Design) =>
    derive(projectOf(design), defaultWords).snags.find(({ code }) => code === 'picked-uneven')

  it('are two in each end of a dc row: 44 along 22', () => {
    expect(firstOf(withEdge(44)).text).toContain('pick up 44 dc along the left side of')
    expect(firstOf(withEdge(44)).note).toBe('Along the row ends 2 stitches in each.')
    expect(uneven(withEdge(44))).toBeUndefined()
  })

  it('are three to every two and one, 11 · 3 + 1 = 34, which draws in', () => {
    expect(firstOf(withEdge(34)).note).toBe(
      'Along the row ends 3 stitches to every 2 of them, and 1 more at the last.',
    )
    expect(uneven(withEdge(34))).toMatchObject({
      facts: { stitches: 34, ends: 22, flat: 44 },
      mends: [{ kind: 'picked', facts: { count: 44, by: 10 } }, { kind: 'meant' }],
    })
    // 6 to 11 is no rhythm anybody counts.
    expect(firstOf(withEdge(60, null, 109)).note).toBe(
      'Along the row ends spread evenly: about 5 to every 10 of them.',
    )
    const [more, meant] = uneven(withEdge(34))!.mends
    for (const mend of [more!, meant!])
      expect(uneven(done(withEdge(34), ...mend.edits))).toBeUndefined()
  })

  it('go along as many as is said, and no more than there are', () => {
    expect(uneven(withEdge(20, 10))).toBeUndefined()
    expect(uneven(withEdge(20))).toMatchObject({ facts: { flat: 44 } })
    expect(uneven(withEdge(44, 30))).toBeUndefined()
  })
})

describe('a base in yarns by turns', () => {
  it('has each of its rounds in the yarn of its turn, and keeps them as it gives way to another', () => {
    const turns = [
      { yarn: 'A', rounds: 2 },
      { yarn: 'B', rounds: 1 },
    ]
    const design = tote({ parts: [base({ turns }), plain({ rounds: 2 })] })
    const letters = (one: Design) => {
      const { ledger } = compiled(projectOf(one))
      const [{ rows }] = ledger.pieces as [Piece]
      return Array.from(
        { length: rows },
        (_, row) => ledger.yarns[onlyYarn(ledger.pieces[0]!, row)!],
      )
    }
    expect(letters(design).join('')).toBe('AABAABAAAA')
    const oval = done(design, {
      name: 'setBase',
      args: { instead: baseAs('oval-base', { turns, along: 20, count: 60 }) },
    })
    expect(letters(oval).slice(0, 3).join('')).toBe('AAB')
    const gone = done(design, { name: 'removeYarn', args: { letter: 'B', instead: 'C' } })
    expect(letters(gone).join('')).toBe('AACAACAAAA')
    expect(
      writtenPattern(compiled(projectOf(design)).ledger, defaultWords)[0]!.sections[0]!.lines[2]!
        .text,
    ).toContain('with B, ')
  })
})

describe('two discs', () => {
  const bag = tote({ parts: [baseAs('discs', { count: 48, strip: 8 }), plain({ rounds: 31 })] })
  const differ = done(bag, { name: 'setBase', args: { values: { faces: 'differ', second: 'B' } } })
  const more = (piece: string, adjust: number) => ({
    name: 'addPart' as const,
    args: { part: plain({ yarn: 'B', rounds: 2, adjust, steps: 2 }), at: 0, piece },
  })

  it('may each have rounds of its own; the strip is sewn to both', () => {
    const { pieces, joins } = compiled(
      projectOf(done(differ, more('disc', 12), more('back', 12))),
    ).ledger
    expect(pieces.map(({ id, times }) => [id, times])).toEqual([
      ['disc', 1],
      ['back', 1],
      ['bag', 1],
    ])
    expect(joins.map(({ sides }) => [sides[1].piece, sides[1].count])).toEqual([
      ['disc', 60],
      ['back', 60],
    ])
  })

  it('must have edges as long as each other', () => {
    const snags = derive(projectOf(done(differ, more('disc', 12))), defaultWords).snags
    expect(snags.find(({ code }) => code === 'faces-unequal')).toMatchObject({
      facts: { one: 60, other: 48 },
    })
  })

  it('are in joined rounds or a spiral, as their base is', () => {
    const joined = done(differ, {
      name: 'setPart',
      args: { id: 'base', values: { making: { ...tote().making, working: 'joined' } } },
    })
    const texts = writtenPattern(compiled(projectOf(joined)).ledger, defaultWords).map(
      ({ sections }) => sections[0]!.lines.at(-1)!.text,
    )
    expect([texts[0]!.includes('sl st to join'), texts[1]!.includes('sl st to join')]).toEqual([
      true,
      true,
    ])
  })
})

describe('a panel', () => {
  const folded = (over: object, rounds: number) =>
    compiled(
      projectOf(
        tote({
          parts: [baseAs('folded-panel', { count: 40, flapRows: 10, ...over }), plain({ rounds })],
        }),
      ),
    ).ledger

  it('is folded between two rows, or on one, which is not sewn', () => {
    // 40 rows without the flap: 20 and 20; on a row 41 of them: 20, the fold, 20.
    expect(folded({}, 49).joins.map(({ sides }) => sides.map(({ count }) => count))).toEqual([
      [20, 20],
      [20, 20],
    ])
    const on = folded({ fold: 'on' }, 50)
    expect(on.joins[0]!.sides.map(({ count }) => count)).toEqual([20, 20])
    expect([on.unequal, folded({ fold: 'on' }, 49).unequal]).toEqual([
      null,
      { what: 'sides', one: 19, other: 20 },
    ])
  })

  it('has its strap where the flap begins, which may be worked first', () => {
    const bag = (flap: 'first' | 'last') =>
      tote({
        parts: [baseAs('folded-panel', { count: 40, flapRows: 10, flap }), plain({ rounds: 49 })],
      })
    const at = (flap: 'first' | 'last') =>
      newPiece(compiled(projectOf(bag(flap))), 'strap').joins[0]!.to.at
    expect([at('last'), at('first')]).toEqual([40 - 4, 10 - 4])
  })

  it('may begin with its bands at once, in the chain', () => {
    const bag = tote({
      parts: [baseAs('panel', { count: 42, begins: 'bands' }), motif({ id: 'm' }), plain()],
    })
    const { ledger } = compiled(projectOf(bag))
    const [only] = ledger.pieces
    expect([only!.rows, only!.parts[0]!.endRow, only!.columns.makes[0]]).toEqual([5, 0, 42])
    const [pattern] = writtenPattern(ledger, defaultWords)
    expect(pattern!.sections.map(({ name }) => name)).toEqual(['Steps', 'Plain'])
    // 42 stitches and a turning chain; the chart's lowest row is ABAAAA, read from the right.
    expect(pattern!.sections[0]!.lines[0]!.note).toBe(
      'With A, ch 43. Join B where it is first worked.',
    )
    expect(pattern!.sections[0]!.lines[0]!.text).toBe(
      'starting in 2nd ch from hook [4 sc A, 1 sc B, 1 sc A] × 7',
    )
    expect(codes(bag)).not.toContain('repeat-remainder')
    const odd = done(bag, { name: 'setBase', args: { values: { count: 43 } } })
    expect(snagsOf(odd).find(({ code }) => code === 'repeat-remainder')!.facts).toMatchObject({
      count: 43,
      left: 1,
    })
  })
})

describe('the bottom of a tube', () => {
  it('has plain rounds below the chain, and then a round that takes stitches away', () => {
    const tube = baseAs('tube', { count: 60, plainBelow: 3, decrease: 6 })
    const { pieces, joins } = compiled(projectOf(tote({ parts: [tube, plain()] }))).ledger
    const bottom = pieces.find(({ id }) => id === 'bottom')!
    expect([...bottom.columns.uses]).toEqual([0, 60, 60, 60])
    expect([...bottom.columns.makes]).toEqual([60, 60, 60, 54])
    expect(joins[0]).toMatchObject({
      text: 'Sew front to back along the bottom',
      count: 27,
      sides: [{ spot: { on: 'last', at: 0 } }, { spot: { on: 'last', at: 27 } }],
    })
  })
})

describe('a bag that hangs', () => {
  // Common practice without a source: the wall and the base's radius.
  it('is as high as its wall and the radius of its base', () => {
    // 48 by 6 are 8 rounds of 5 mm; 2 + 3 + 3 rounds stand on them.
    const { sizes } = compiled(projectOf(tote())).ledger
    expect([sizes.heightMm, sizes.hangingMm]).toEqual([40, 80])
    const tube = compiled(projectOf(tote({ parts: [baseAs('tube'), plain()] }))).ledger
    expect(tube.sizes.hangingMm).toBeNull()
  })
})

describe('strips of blocks', () => {
  it('are sewn side by side to two faces', () => {
    const strips = baseAs('strips', { count: 10, across: 4 })
    const blocks = [plain({ id: 'low', rounds: 11 }), plain({ id: 'top', yarn: 'B', rounds: 12 })]
    const { pieces, joins, sizes } = compiled(
      projectOf(tote({ parts: [strips, ...blocks] })),
    ).ledger
    // Eight strips of 24 rows; three seams a face, and both sides and the bottom between the faces.
    expect(pieces.map(({ times, rows }) => [times, rows])).toEqual([[8, 24]])
    expect(joins.map(({ text, count }) => [text, count])).toEqual([
      ['Sew strip to strip', 6 * 24],
      ['Sew face to face, along both sides and the bottom', 2 * 24 + 4 * 10],
    ])
    expect([sizes.flatMm, sizes.heightMm]).toEqual([200, 120])
  })
})
