import { baseOf } from '../design/index.ts'
import fc from 'fast-check'
import { printProject, readProject } from '../file/index.ts'
import { sizeFor } from '../shape/index.ts'
import { derive, newDesign } from './index.ts'

const any = fc.record({
  name: fc.constant('Mute pouch'),
  aroundMm: fc.integer({ min: 150, max: 1500 }),
  said: fc.constantFrom('around' as const, 'flat' as const),
  heightMm: fc.integer({ min: 80, max: 600 }),
  hookMm: fc.integer({ min: 4, max: 20 }).map((halves) => halves / 2),
  yarnClass: fc.integer({ min: 1, max: 7 }),
})

describe('a new bag', () => {
  it('has the wanted size within one group of stitches and one round, and lies flat', () => {
    fc.assert(
      fc.property(any, (wanted) => {
        const design = newDesign(wanted)
        const { tally, gauge, snags } = derive(design)
        const base = baseOf(design)
        const group = base.kind === 'round-base' ? base.increase : 0
        const most = Math.max(
          group * gauge.stitchWidthMm,
          Math.abs(wanted.aroundMm - group * gauge.stitchWidthMm),
        )
        expect(Math.abs(tally.aroundMm - wanted.aroundMm)).toBeLessThanOrEqual(most)
        expect(Math.abs(tally.heightMm - wanted.heightMm)).toBeLessThanOrEqual(gauge.rowHeightMm)
        expect(snags.filter(({ code }) => code.startsWith('base'))).toEqual([])
        expect(readProject(printProject(design))).toEqual({ ok: true, value: design })
      }),
    )
  })

  it('holds what must go in: a book of 24 × 6 × 38 cm with room', () => {
    expect(
      sizeFor({ shape: 'box', widthMm: 240, thicknessMm: 60, tallMm: 380, easeMm: 0 }),
    ).toEqual({
      aroundMm: 600,
      heightMm: 380,
    })
    expect(
      sizeFor({ shape: 'box', widthMm: 240, thicknessMm: 60, tallMm: 380, easeMm: 20 }),
    ).toEqual({
      aroundMm: 640,
      heightMm: 400,
    })
  })
})
