import { baseOf, bandsOf, type Design, designFaults } from '../design/index.ts'
import { fitsOf, resized } from '../fit/index.ts'
import { bodyOf, compile, compiled } from '../ledger/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { baseAs, plain, tote } from '../testing/tote.ts'
import { writtenIn } from '../testing/written.ts'
import { derive, newPiece } from './index.ts'

/* A panel whose rows run up the bag: stitches make it tall, rows make it wide. */

const panel = (
  count: number,
  flapStitches: number,
  rounds: number,
  want?: Partial<Design['want']>,
) =>
  tote({
    parts: [baseAs('sideways-panel', { count, flapStitches }), plain({ rounds })],
    want: { aroundMm: 400, said: 'flat', heightMm: 100, tolerance: 0.05, ...want },
  })
const codes = (design: Design) => derive(projectOf(design)).snags.map(({ code }) => code)
const mendedBy = (design: Design, code: string): Design => {
  const snag = derive(projectOf(design)).snags.find((one) => one.code === code)!
  const [{ edits }] = snag.mends as [(typeof snag.mends)[number]]
  return edits.reduce((history, edit) => commit(history, edit), historyOf(projectOf(design))).design
}

describe('a sideways panel', () => {
  const bag = panel(53, 10, 40)
  const ledger = compile(bag)
  const { stitchWidthMm, rowHeightMm } = bodyOf(ledger).parts[0]!.gauge

  it('is as wide as its rows and as tall as half of its stitches without the flap', () => {
    expect(ledger.sizes.flatMm).toBeCloseTo(41 * rowHeightMm, 9)
    expect(ledger.sizes.heightMm).toBeCloseTo(((53 - 10) / 2) * stitchWidthMm, 9)
    expect(ledger.front).toEqual({ kind: 'sideways', up: 21, over: 10 })
  })

  it('is folded on the stitch in the middle where they are odd, and sewn along its first and last row', () => {
    const text = writtenIn(bag, 'own')
    expect(text).toContain(
      'Fold the bottom on stitch 22 of its rows, and the flap between stitches 43 and 44, right side out.',
    )
    expect(
      ledger.joins.map(({ count, sides }) => [count, ...sides.map(({ spot }) => spot.at)]),
    ).toEqual([
      [21, 0, 22],
      [21, 0, 22],
    ])
    expect(text).toContain('Sew one side, folded, along the first row: 21 pairs.')
    expect(alarmsOf(text)).toMatchObject({ lines: [], whole: false })
    expect(writtenIn(panel(40, 0, 9), 'own')).toContain(
      'Fold the bottom between stitches 20 and 21',
    )
  })

  it('asks stitches for its height and rows for its width', () => {
    const tall = panel(53, 10, 40, { heightMm: 200, aroundMm: 2 * ledger.sizes.flatMm })
    const fits = fitsOf(compiled(projectOf(tall)))
    for (const fit of fits) {
      expect(Math.abs(fit.sizeMm - 200)).toBeLessThanOrEqual(10)
      expect(fit.sizeMm).toBeCloseTo(((fit.count - 10) / 2) * stitchWidthMm, 9)
    }
    expect(codes(tall)).toContain('height-off')
    const mended = mendedBy(tall, 'height-off')
    expect(baseOf(mended).count).toBeGreaterThan(80)
    expect(codes(mended)).not.toContain('height-off')

    const wide = panel(53, 10, 40, { aroundMm: 600, heightMm: ledger.sizes.heightMm })
    const wider = mendedBy(wide, 'size-off')
    expect(baseOf(wider).count).toBe(53)
    expect(codes(wider)).not.toContain('size-off')
  })

  it('is resized both ways, its flap with its stitches', () => {
    const next = resized(bag, { aroundMm: 700, heightMm: 180 })
    expect(designFaults(next)).toEqual([])
    const { aroundMm, heightMm } = compile(next).sizes
    expect(Math.abs(aroundMm - 700)).toBeLessThan(35)
    expect(Math.abs(heightMm - 180)).toBeLessThan(10)
    const { count, flapStitches } = baseOf(next) as unknown as Record<string, number>
    expect(flapStitches! / count!).toBeCloseTo(10 / 53, 1)
    expect(bandsOf(next)).toHaveLength(1)
  })
})

describe('strips that are turned head to tail', () => {
  const strips = (turned: number[]) =>
    tote({ parts: [baseAs('strips', { count: 13, across: 4, turned }), plain({ rounds: 12 })] })

  it('are told by their faces, each counted from its left', () => {
    const words = (turned: number[]) => writtenIn(strips(turned), 'own')
    expect(words([])).not.toContain('head to tail')
    expect(words([2, 4, 5])).toContain(
      'Turn strips 2 and 4 of the front and 1 of the back head to tail, each counted from the left of its face.',
    )
    expect(words([3])).toContain('Turn strip 3 of the front head to tail')
  })

  it('are forgotten with strips that are taken away', () => {
    const fewer = commit(historyOf(projectOf(strips([2, 4, 7]))), {
      name: 'setBase',
      args: { values: { across: 2 } },
    }).design
    expect((baseOf(fewer) as unknown as { turned: number[] }).turned).toEqual([2, 4])
  })

  it('are one face where a piece is sewn to the front, whichever strips lie there', () => {
    const bag = strips([2])
    const piece = newPiece(compiled(projectOf(bag)), 'pocket')
    const [base] = piece.parts as unknown as [{ count: number }]
    const pocketed = commit(historyOf(projectOf(bag)), {
      name: 'addPiece',
      args: {
        piece: { ...piece, parts: [{ ...base, count: 20 }, ...piece.parts.slice(1)] as never },
      },
    }).design
    const text = writtenIn(pocketed, 'own')
    // Four strips of 13: the middle of the front is between the second and the third.
    expect(text).toContain('of the strips from stitch 4 of strip 2 of the front on: 20 pairs.')
    expect(derive(projectOf(pocketed)).snags.map(({ code }) => code)).not.toContain('join-uneven')
  })
})
