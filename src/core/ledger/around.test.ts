import { derive, newPiece } from '../bag/index.ts'
import type { Corner, Design, NewBand } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { texturedBand } from '../shorthand/index.ts'
import { drawer } from '../texture/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { baseAs, plain, tote } from '../testing/tote.ts'
import { writtenIn } from '../testing/written.ts'
import { compile, compiled, sharedAround } from './index.ts'

/* A round that is picked up all around a flat piece, with its corners. Two to a row end of dc: common practice, no source. */

const panel = (count: number, rows: number, stitch = 'dc'): Design =>
  tote({
    parts: [baseAs('panel', { count, stitch }), plain({ stitch, rounds: rows - 1 })],
    swatches: tote().swatches.map((swatch) => ({
      ...swatch,
      // A dc twice as tall as it is wide.
      ...{ stitch: 'dc', stitches: 20, stitchesOverMm: 100, rows: 10, rowsOverMm: 100 },
    })),
  })
/** With an edge around it whose corners are these, and as many stitches more. */
function edged(bag: Design, corner: Corner, by = 0): Design {
  const { parts, joins, ...piece } = newPiece(compiled(projectOf(bag)), 'edge')
  const [base] = parts as unknown as [{ count: number }]
  return commit(historyOf(projectOf(bag)), {
    name: 'addPiece',
    args: {
      piece: {
        ...piece,
        parts: [{ ...base, count: base.count + by }] as never,
        joins: joins.map((join) => ({ ...join, corner })),
      },
    },
  }).design
}
const edgeOf = (design: Design) => compile(design).pieces.at(-1)!
const codes = (design: Design) => derive(projectOf(design)).snags.map(({ code }) => code)

describe('an edge around a flat piece', () => {
  const bag = panel(20, 11)

  it('begins with one in each stitch, two to a row end of dc, and three in each corner', () => {
    const piece = edgeOf(edged(bag, 'three'))
    expect([...piece.columns.makes]).toEqual([20 + 22 + 20 + 22 + 4 * 3])
    expect(codes(edged(bag, 'three'))).not.toContain('picked-uneven')
    // Corners of chains are eight instead of twelve.
    expect(codes(edged(bag, 'ch-2', -4))).not.toContain('picked-uneven')
  })

  it.each([
    [
      'three',
      0,
      '20 dc along the last row of Panel, 3 dc, 22 dc along the left side of Panel, 3 dc, 20 dc along the first row of Panel, 3 dc, 22 dc along the right side of Panel, 3 dc (96)',
    ],
    [
      'ch-2',
      -4,
      '20 dc along the last row of Panel, ch 2, 22 dc along the left side of Panel, ch 2,',
    ],
    ['none', -12, '20 dc along the last row of Panel, 22 dc along the left side of Panel, 20 dc'],
  ] as const)('says side by side what is picked up (%s)', (corner, by, said) => {
    const text = writtenIn(edged(bag, corner, by), 'own')
    expect(text).toContain(`pick up ${said}`)
    expect(text).toContain('Along the row ends 2 stitches in each.')
    expect(alarmsOf(text)).toMatchObject({ lines: [], whole: false })
  })

  it('that draws in is told, with the count that lies flat', () => {
    const tight = edged(bag, 'three', -24)
    const snag = derive(projectOf(tight)).snags.find(({ code }) => code === 'picked-uneven')!
    expect(snag.facts).toMatchObject({ stitches: 72, flat: 96 })
    const mended = snag.mends[0]!.edits.reduce(
      (history, edit) => commit(history, edit),
      historyOf(projectOf(tight)),
    ).design
    expect(codes(mended)).not.toContain('picked-uneven')
  })

  it('shares what is left to the sides, and by length where there is too little', () => {
    const [piece] = compile(bag).pieces as [ReturnType<typeof edgeOf>]
    const sum = ({ last, left, first, right, corner }: ReturnType<typeof sharedAround>) =>
      last + left + first + right + 4 * corner
    expect(sharedAround(piece, 85, 'none')).toMatchObject({
      last: 20,
      left: 22,
      first: 20,
      right: 23,
    })
    for (const count of [12, 30, 41, 64, 96, 200])
      for (const corner of ['none', 'three', 'ch-1', 'ch-3'] as const)
        expect(sum(sharedAround(piece, count, corner))).toBe(
          Math.max(count, sum(sharedAround(piece, 0, corner))),
        )
  })

  it('can be finished in crab stitch', () => {
    const crab = drawer.find(({ id }) => id === 'crab')!
    const band = texturedBand(crab, 'rounds', { letters: ['A'], rounds: 1 })
    if (!band.ok) throw new Error(band.problem)
    const design = edged(bag, 'three')
    const { id, parts } = design.pieces.at(-1)!
    const done = commit(historyOf(projectOf(design)), {
      name: 'addPart',
      args: { part: { ...band.value, rounds: 1 } as NewBand, piece: id, at: parts.length },
    } as never).design
    expect(edgeOf(done).rows).toBe(2)
    expect(alarmsOf(writtenIn(done, 'own'))).toMatchObject({ lines: [], whole: false })
  })
})
