import { type MosaicPart, type ReliefPart, reliefOf } from '../../../../core/band/index.ts'
import { type Design, partById } from '../../../../core/design/index.ts'
import { bodyOf, compile } from '../../../../core/ledger/index.ts'
import { commit, historyOf, projectOf } from '../../../../core/project/index.ts'
import { base, mosaicBand, plain, reliefBand, tote } from '../../../../core/testing/tote.ts'
import { views } from '../../../parts/chart/views.ts'
import type { Seen } from './seen.ts'
import { mosaicViews, onMosaic } from './mosaic.ts'
import { onRelief, reliefViews } from './relief.ts'

function seenOf(design: Design, id: string): Seen {
  const ledger = compile(design)
  const piece = bodyOf(ledger)
  const place = piece.parts.find((part) => part.id === id)
  const part = partById(design, id) as MosaicPart | ReliefPart
  return { design, ledger, piece, place, part, hand: 'right', own: part.chart }
}
const joined = { ...tote().making, working: 'joined' as const }
const bag = (band: MosaicPart | ReliefPart): Design =>
  tote({ making: joined, parts: [base({ count: 48 }), plain({ rounds: 2 }), band] })

describe('a mosaic as it is seen', () => {
  // Rows of A, B, A, B from below. Over B at column 1 of the lowest row nothing can hide what row 2 hides of row 1.
  const band = mosaicBand({
    school: 'overlay',
    chart: { width: 4, colours: ['ABAA', 'BBAB', 'AAAA', 'BBBB'] },
    rows: 'ABAB',
  })
  const design = bag(band)
  const seen = seenOf(design, band.id)
  const [picture, worked] = mosaicViews

  it('is its picture, with the cells that cannot be and why; or its rows, with where they reach down', () => {
    const on = onMosaic(band, seen, picture!)
    expect(on.chart).toBeNull()
    expect(on.rowLetters).toEqual(['A', 'B', 'A', 'B'])
    expect([on.cannot!({ column: 1, row: 0 }), on.cannot!({ column: 0, row: 0 })]).toEqual([
      true,
      false,
    ])
    expect(on.whyNot({ column: 1, row: 0 })).toMatch(
      /^This cell .*worked in A, the yarn of its row/,
    )
    expect(on.whyNot({ column: 0, row: 0 })).toBe('')
    expect(on.mend!.isNeeded).toBe(true)
    const rows = onMosaic(band, seen, worked!)
    expect(rows.chart!.colours).toEqual(['AAAA', 'BBBB', 'AAAA', 'BBBB'])
    // A in row 2 is reached down from row 3.
    expect(rows.drops).toEqual([{ column: 2, row: 2 }])
    expect([rows.cannot, rows.shapeAt!({ column: 2, row: 1 })]).toEqual([null, 'reach-foot'])
  })

  it('painted as it is worked, a drop is put there and taken away again', () => {
    const on = onMosaic(band, seen, worked!)
    const done = (now: Design, erases: boolean) =>
      commit(historyOf(projectOf(now)), on.painted!([{ column: 0, row: 2 }], erases)).design
    const drawn = (now: Design) => (partById(now, band.id) as MosaicPart).chart.colours[1]
    expect(drawn(done(design, false))).toBe('ABAB')
    expect(drawn(done(done(design, false), true))).toBe('BBAB')
    // In the lowest row there is nothing to reach down to.
    expect(on.painted!([{ column: 0, row: 0 }], false)).toEqual([])
  })

  it('takes a motif with rows in its ground and the yarn that is painted with, in turn', () => {
    const next = { width: 2, colours: ['AA', 'AB', 'AA'] }
    expect(onMosaic(band, seen, picture!).made!(next, 'A', 'B')).toEqual({
      chart: next,
      rows: 'ABA',
    })
  })
})

describe('a free texture as it is seen', () => {
  const band = reliefBand({
    chart: { width: 6, colours: ['AAAAAA', 'BBBBBB'] },
    raised: { width: 6, colours: ['ABBAAA', 'AAAAAA'] },
  })
  const seen = seenOf(bag(band), band.id)
  const [raised, coloured] = reliefViews

  it('is painted in symbols or in yarns, and tells what cannot stand there', () => {
    const on = onRelief(band, seen, raised!)
    expect([on.layer, on.chart]).toEqual(['raised', band.raised])
    expect(on.symbols!.inks.map(({ letter }) => reliefOf(letter).letter)).toContain('K')
    expect([on.cannot!({ column: 2, row: 0 }), on.cannot!({ column: 1, row: 0 })]).toEqual([
      true,
      false,
    ])
    expect(on.whyNot({ column: 2, row: 0 })).toContain('stands beside another cluster')
    expect(on.shapeAt!({ column: 1, row: 0 })).toBe('puff')
    expect(onRelief(band, seen, coloured!)).toMatchObject({ layer: 'chart', symbols: null })
  })

  it('has nothing to tell where all can stand', () => {
    const fine = { ...band, raised: { width: 6, colours: ['ABAAAA', 'AAAAAA'] } }
    expect(onRelief(fine, { ...seen, part: fine }, raised!).cannot).toBeNull()
  })
})

describe('the views of all kinds', () => {
  it('have ids of their own in each list, and those all have among them', () => {
    for (const list of [mosaicViews, reliefViews, views]) {
      const ids = list.map(({ id }) => id)
      expect(new Set(ids).size).toBe(ids.length)
      expect(ids).toEqual(expect.arrayContaining(['whole', 'stitched', 'bag']))
    }
  })
})
