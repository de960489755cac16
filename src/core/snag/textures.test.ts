import { texturedBand } from '../shorthand/index.ts'
import { bands, type TexturePart } from '../band/index.ts'
import { type Design } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { derive } from '../bag/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { drawer } from '../texture/index.ts'
import { mendText, snagText, type SnagCode } from './index.ts'

function bagOf(id: string, count: number, over: Partial<TexturePart> = {}): Design {
  const band = texturedBand(
    drawer.find((one) => one.id === id)!,
    'rounds',
    {
      letters: ['A', 'B'],
      rounds: 6,
    },
  )
  if (!band.ok) throw new Error(band.problem)
  const part = { ...(band.value as TexturePart), id: 'texture', ...over }
  return tote({ parts: [base({ increase: 6, count }), plain({ rounds: 1 }), part] })
}
const joined = { ...tote().making, working: 'joined' as const }
const of = (design: Design, code: SnagCode) =>
  derive(projectOf(design)).snags.filter((snag) => snag.code === code)

describe('what a maker would stumble over in a texture (common practice)', () => {
  // From memory: posts all the way draw in by about 8 %; two of three stitches of cables are crossed posts.
  it.each([
    ['post-rib', 0.07],
    ['post-columns', 0.008],
    ['cable', 0.07],
    ['shells', 0],
  ])('%s draws in by about %f, which is told', (id, about) => {
    const design = bagOf(id, 48, { rounds: 9, making: joined })
    const [snag] = of(design, 'posts-draw-in')
    if (about < 0.02) expect(snag).toBeUndefined()
    else expect((snag!.facts as { by: number }).by).toBeCloseTo(about, 1)
  })

  it('shells keep the right side where every other round is turned: said, and settled with one click', () => {
    const turned = { ...joined, working: 'turned' as const }
    const design = bagOf('shells', 48, { rounds: 4, making: turned })
    const [snag] = of(design, 'keeps-its-side')
    const next = commit(historyOf(projectOf(design)), snag!.mends[0]!.edits).design
    expect(of(next, 'keeps-its-side')).toEqual([])
    // One stitch all the way is the same from either side.
    expect(of(bagOf('rib', 48, { rounds: 4, making: turned }), 'keeps-its-side')).toEqual([])
  })

  // Interlaced: three set-up rounds (one yarn has one, the other two), four that repeat, one that closes: 8, 12, 16 rounds.
  it.each([
    [8, null],
    [9, { beyond: 1, repeat: 4 }],
    [10, { beyond: 2, repeat: 4 }],
    [11, { beyond: 3, repeat: 4 }],
    [12, null],
  ])('interlaced loops of %i rounds are whole, or stop so far in the midst', (rounds, facts) => {
    const design = bagOf('interlaced', 90, { rounds, making: joined })
    const [snag] = of(design, 'stops-midway')
    expect(snag?.facts ?? null).toEqual(
      facts && { name: 'Interlaced loops', worked: 'rounds', ...facts },
    )
    for (const { edits, ...mend } of snag?.mends ?? []) {
      const next = edits.reduce(
        (now, edit) => commit(now, edit),
        historyOf(projectOf(design)),
      ).design
      expect(of(next, 'stops-midway')).toEqual([])
      expect(mendText({ ...mend, edits } as never, defaultWords).label).toMatch(
        /^\d rounds? (?:more|fewer)$/,
      )
    }
  })

  it('loops of chain are told of once, with the bands they are in; closed fabric is not', () => {
    expect(of(bagOf('ladders', 60), 'loops-catch')).toHaveLength(1)
    expect(of(bagOf('puff-4', 60), 'loops-catch')).toEqual([])
    const [snag] = of(bagOf('interlaced', 60), 'loops-catch')
    expect(snagText(snag!, defaultWords).text).toContain('Not for small children')
  })

  // A spiral of (sc, dc, ch 1) finds 119 in the next plain round: each round begins one further on.
  it('a spiral whose rounds end in a chain moves on by one; joined rounds do not', () => {
    const [snag] = of(bagOf('pair-chain', 120), 'spiral-drifts')
    expect(snag).toMatchObject({ severity: 'advice', facts: { chains: 1 } })
    expect(of(bagOf('pair-chain', 120, { making: joined }), 'spiral-drifts')).toEqual([])
    expect(of(bagOf('puff-4', 120), 'spiral-drifts')).toEqual([])
  })

  // V and fan of pitch 4 over 108: 27 of them, two alike at the join; 104 and 112 alternate.
  it('an odd number of like halves is said, with the counts on which they alternate', () => {
    const [snag] = of(bagOf('fan-8', 108), 'written-misfit')
    expect(snag).toMatchObject({ facts: { multiple: 8, halves: { of: 4, count: 27 } } })
    expect(snagText(snag!, defaultWords).text).toContain('27 halves of 4, an odd number')
    expect(snag!.mends.map(({ facts }) => 'count' in facts && facts.count).sort()).toEqual([
      104, 112,
    ])
    // Three stitches and a puff are no two halves.
    expect(of(bagOf('puff-4', 102), 'written-misfit')[0]).toMatchObject({ facts: { halves: null } })
  })
})

describe('edges and faces (common practice)', () => {
  const puffs = (rounds: number): TexturePart => {
    const band = texturedBand(
      drawer.find(({ id }) => id === 'puff-4')!,
      'rows',
      {
        letters: ['A'],
        rounds,
      },
    )
    if (!band.ok) throw new Error(band.problem)
    return { ...(band.value as TexturePart), id: 'texture' }
  }
  const folded = (rounds: number, flapRows: number) =>
    tote({ parts: [baseAs('folded-panel', { count: 43, flapRows }), puffs(rounds)] })

  // A row of puffs, a plain one, by turns: odd rows are raised. 1 + 30 rows, 7 of them flap: 12 and 12.
  it('a flap that would end on puffs is told; one row more goes into the flap, and the faces stay equal', () => {
    const design = folded(31, 8)
    const [snag] = of(design, 'ends-raised')
    expect(snag).toMatchObject({ severity: 'advice', facts: { worked: 'rows', uneven: true } })
    expect(of(design, 'sides-unequal')).toEqual([])
    for (const mend of snag!.mends) {
      const next = commit(historyOf(projectOf(design)), mend.edits).design
      expect([of(next, 'ends-raised'), of(next, 'sides-unequal')]).toEqual([[], []])
    }
    expect(of(folded(30, 7), 'ends-raised')).toEqual([])
  })

  it('no pattern of the drawer is told of its own last row, flat or in the round', () => {
    for (const pattern of drawer)
      for (const worked of ['rows', 'rounds'] as const) {
        if (!pattern[worked === 'rows' ? 'flat' : 'round']) continue
        const some = texturedBand(pattern, worked, { letters: ['A', 'B'], rounds: 4 })
        if (!some.ok) throw new Error(some.problem)
        const part = some.value as TexturePart
        const rounds = part.begin.length + 2 * part.repeat.length + part.end.length
        const { multiple, offset } = bands.texture.counts(part as TexturePart)!
        const count = offset + multiple * Math.ceil((40 - offset) / multiple)
        const foot = baseAs(worked === 'rows' ? 'panel' : 'tube', { count })
        const design = tote({ parts: [foot, { ...part, id: 'texture', rounds }] })
        const told = [...of(design, 'ends-raised'), ...of(design, 'stops-midway')]
        expect([pattern.id, worked, told]).toEqual([pattern.id, worked, []])
      }
  })

  it('where something plain stands above the puffs nothing is to be told', () => {
    const design = folded(31, 8)
    const [body] = design.pieces
    const topped = {
      ...design,
      pieces: [{ ...body!, parts: [...body!.parts, plain({ id: 'top', rounds: 1 })] }],
    }
    expect(of(topped, 'ends-raised')).toEqual([])
  })

  it('two faces in different stitches: how far they differ is said, in both ways', () => {
    const two = (back: number) =>
      tote({
        parts: [baseAs('two-panels', { count: 40, faces: 'differ' }), plain({ rounds: 20 })],
      }).pieces.concat([
        {
          id: 'back',
          name: null,
          times: 1,
          joins: [],
          blocks: [],
          parts: [plain({ id: 'b', rounds: back })],
        },
      ])
    const bag = (back: number) => ({ ...tote(), pieces: two(back) })
    expect(of(bag(20), 'faces-differ')).toEqual([])
    const [snag] = of(bag(24), 'faces-differ')
    // 21 rows and 25 of 5 mm.
    expect(snag).toMatchObject({ facts: { front: { heightMm: 105 }, back: { heightMm: 125 } } })
    expect(snagText(snag!, defaultWords).text).toContain('2.0 cm in height')
  })
})

describe('a flat texture that does not come out', () => {
  const flat = (id: string, count: number, over: Partial<TexturePart> = {}): Design => {
    const band = texturedBand(
      drawer.find((one) => one.id === id)!,
      'rows',
      {
        letters: ['A'],
        rounds: 4,
      },
    )
    if (!band.ok) throw new Error(band.problem)
    const part = { ...(band.value as TexturePart), id: 'texture', ...over }
    return tote({ parts: [baseAs('panel', { count }), plain({ rounds: 1 }), part] })
  }
  const edges = (design: Design) =>
    of(design, 'written-misfit').flatMap(({ mends }) =>
      mends.filter(({ kind }) => kind === 'edges'),
    )

  // Puffs want 4 k + 3; 2 more make 4 k + 1. Shells want 6 k + 1; 45 = 6 · 7 + 3, 47 = 6 · 7 + 5. An even number cannot be mended so.
  it.each([
    ['puff-4', 45, 1],
    ['shells', 45, 1],
    ['shells', 47, 2],
    ['puff-4', 46, null],
    ['v-stitch', 46, 1],
  ])('%s on %i: so many more at each edge heal it', (id, count, stitches) => {
    const design = flat(id, count)
    const [mend] = edges(design)
    expect(mend?.facts ?? null).toEqual(
      stitches === null ? null : expect.objectContaining({ stitches, fewer: false }),
    )
    if (!mend) return
    const { design: next } = mend.edits.reduce(
      (now, edit) => commit(now, edit),
      historyOf(projectOf(design)),
    )
    expect(of(next, 'written-misfit')).toEqual([])
    expect(mendText(mend, defaultWords).label).toMatch(/^\d more stitch(?:es)? at each edge$/)
  })

  it('and fewer, where it has some', () => {
    const [mend] = edges(flat('puff-4', 47, { edge: 1 }))
    expect(mend?.facts).toMatchObject({ stitches: 0, fewer: true })
  })
})
