import demo from '../../../demo/beater-tote.json' with { type: 'json' }
import fc from 'fast-check'
import { readProjectJson } from '../file/index.ts'
import { defaultWords, stitchById } from '../stitch/index.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import { tote } from '../testing/tote.ts'
import { derive, planReport, planText } from './index.ts'

const report = (design = tote()) => planReport(derive(design), defaultWords)

describe('derive', () => {
  it('reads the figures off the ledger', () => {
    expect(derive(tote()).tally).toMatchObject({
      stitches: 48,
      aroundMm: 240,
      flatMm: 120,
      heightMm: 40,
      rounds: 16,
      totalStitches: 6 + 12 + 18 + 24 + 30 + 36 + 42 + 48 * 9,
    })
  })

  it('gives the same figures for either hand', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const [right, left] = (['right', 'left'] as const).map((hand) => derive(design, { hand }))
        // A motif that is cut off at the join is cut at its other edge.
        if (right!.snags.some(({ code }) => code === 'repeat-remainder')) return
        // Where a row ends and the next begins, the hands may meet different colours.
        expect({ ...left!.tally, changes: 0 }).toEqual({ ...right!.tally, changes: 0 })
        left!.needs.forEach(({ metres }, i) =>
          expect(metres).toBeCloseTo(right!.needs[i]!.metres, 6),
        )
      }),
    )
  })
})

describe('planReport', () => {
  it('balances, row by row and colour by colour', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const { pieces } = report(design)
        for (const { rows } of pieces)
          rows.forEach((row, i) => {
            expect(row.uses).toBe(i > 0 ? rows[i - 1]!.makes : 0)
            const made = row.runs.reduce(
              (sum, run) => sum + run.count * stitchById(run.stitch).makes,
              0,
            )
            expect(made).toBe(row.makes)
          })
        expect(JSON.parse(JSON.stringify(report(design)))).toEqual(report(design))
      }),
    )
  })

  it('keeps its shape', () => {
    const { tally, snags, ...rest } = report({ ...tote(), swatches: [] })
    expect(Object.keys(rest)).toEqual(['format', 'pieces', 'joins'])
    expect(tally).toMatchObject({
      stitches: 48,
      ends: expect.any(Number),
      changes: expect.any(Number),
    })
    expect(tally.yarns[0]).toMatchObject({ letter: 'A', balls: 1, source: 'model' })
    expect(snags.map(({ code }) => code)).toContain('gauge-estimated')
    expect(rest.pieces[0]!.rows[0]).toMatchObject({
      n: 1,
      part: 'Base',
      side: 'RS',
      uses: 0,
      makes: 6,
      unit: null,
    })
  })

  it('writes the demo bag', () => {
    const read = readProjectJson(demo)
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    const text = planText(read.value, derive(read.value), defaultWords)
    expect(text).toContain('Rounds 76–80: sc in each st around, in D (120)')
    expect(text).toContain('120 stitches, 60.0 cm around, 30.0 cm laid flat, 27.3 cm tall')
    expect(text).not.toMatch(/error:|warning:/)
  })
})
