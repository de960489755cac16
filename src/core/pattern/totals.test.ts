import type { Part } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { texturedBand } from '../shorthand/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { drawer } from '../texture/index.ts'
import { rowText, writtenPattern } from './index.ts'

/** The lines of a texture as they are printed, on a bag of so many stitches. */
function linesOf(id: string, count: number, way: 'rounds' | 'rows', rounds: number) {
  const band = texturedBand(
    drawer.find((one) => one.id === id)!,
    way,
    {
      letters: ['A', 'B'],
      rounds,
    },
  )
  if (!band.ok) throw new Error(band.problem)
  const first = way === 'rows' ? baseAs('panel', { count }) : base({ count, increase: 6 })
  const making = { ...tote().making, working: 'joined' as const, chainCounts: true }
  const texture = {
    ...band.value,
    id: 'texture',
    yarns: [{ yarn: 'A', rounds: 1, slot: 0 }],
  } as Part
  const parts = [first, plain({ rounds: 1 }), texture]
  return writtenPattern(compile(tote({ making, parts })), defaultWords)[0]!.sections.find(
    ({ part }) => part === 'texture',
  )!.lines
}
const totals = (...of: Parameters<typeof linesOf>) => linesOf(...of).map(({ total }) => total)

describe('what a row is counted in (common practice, by hand)', () => {
  it.each([
    // 60 by twos; the round after them has one more, but for the last.
    ['star', 60, 'rounds', 4, ['30 stars', '61', '30 stars', '60']],
    // 42 by threes.
    ['v-stitch', 42, 'rounds', 1, ['14 V']],
    // 34: the chain, 17 dc and 16 beads; its other row is plain.
    ['bead', 34, 'rounds', 2, ['18 dc, 16 beads', '34']],
    ['puff-4', 48, 'rounds', 2, ['48 sts, 12 puffs', '48']],
    ['picot', 48, 'rounds', 1, ['48 sts, 16 picots']],
    // Loops that stand off are beside its stitches; those that hang over are all it has.
    ['ladders', 20, 'rows', 6, ['20 sts, 3 loops', '20', '20 sts, 3 loops', '20', '20']],
    ['chain-loops', 70, 'rounds', 3, ['14 loops', '14 loops', '70']],
    // Two passes: every loop on the hook; bound off they are none.
    ['two-pass-mesh', 16, 'rows', 2, ['16 loops', '16']],
    ['mesh', 70, 'rounds', 2, ['35 spaces', '35 spaces']],
    ['post-v', 126, 'rounds', 2, ['126', '21 V']],
  ] as const)('%s on %i', (id, count, way, rounds, said) =>
    expect(totals(id, count, way, rounds)).toEqual([...said]),
  )
})

describe('rows that come again', () => {
  it('are said once, and how often more', () => {
    const lines = linesOf('puff-4', 48, 'rounds', 12)
    expect(lines.map(({ from, to, text }) => `${from}–${to} ${text}`)).toEqual([
      '10–10 ch 1, *sc in next 3 sts, puff in next st; rep from * around, sl st to join',
      '11–11 ch 1, sc in each st around, sl st to join',
      '12–21 repeat rounds 10–11 five times more',
    ])
  })
  it('with what is over said by itself', () => {
    const texts = linesOf('puff-4', 48, 'rounds', 7).map(({ text }) => text)
    expect(texts).toHaveLength(4)
    expect(texts[2]).toBe('repeat rounds 10–11 twice more')
    expect(texts[3]).toBe(texts[0])
  })
})

describe('a bottom that is sewn (common practice)', () => {
  it('126 taken to 94 in one round: two halves of 47, in one short repeat', () => {
    const tube = baseAs('tube', { count: 126, decrease: 32, plainBelow: 0 })
    const ledger = compile(tote({ parts: [tube, plain()] }))
    const piece = ledger.pieces.find(({ id }) => id === 'bottom')!
    expect(piece.columns.makes[0]).toBe(94)
    expect(rowText(ledger, piece, 0, defaultWords)).toContain(
      '([2 sc, sc2tog] × 15, 1 sc, sc2tog) × 2',
    )
  })
})
