import { baseOf } from '../design/index.ts'
import fc from 'fast-check'
import { printProject, readProject, projectOf } from '../project/index.ts'
import { baseKinds, sizeFor } from '../shape/index.ts'
import { derive, newDesign, proposedFor } from './index.ts'

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
        const { tally, gauge, snags } = derive(projectOf(design))
        const base = baseOf(design)
        const group = base.kind === 'round-base' ? base.increase : 0
        const most = Math.max(
          group * gauge.stitchWidthMm,
          Math.abs(wanted.aroundMm - group * gauge.stitchWidthMm),
        )
        expect(Math.abs(tally.aroundMm - wanted.aroundMm)).toBeLessThanOrEqual(most)
        expect(Math.abs(tally.heightMm - wanted.heightMm)).toBeLessThanOrEqual(gauge.rowHeightMm)
        expect(snags.filter(({ code }) => code.startsWith('base'))).toEqual([])
        expect(readProject(printProject(projectOf(design)))).toEqual({
          ok: true,
          value: projectOf(design),
        })
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

  it('is built in any way, as wide and as tall as it is wanted', () => {
    const wanted = {
      name: 'Any',
      aroundMm: 640,
      said: 'around' as const,
      heightMm: 270,
      hookMm: 4,
      yarnClass: 3,
    }
    // Of squares only whole ones fit, and of discs and half rounds the height is their own.
    const own = new Set(['squares', 'discs', 'half-round'])
    for (const kind of baseKinds) {
      const { tally, gauge } = derive(projectOf(newDesign({ ...wanted, kind })))
      if (kind !== 'half-round')
        expect(Math.abs(tally.aroundMm - 640)).toBeLessThanOrEqual(640 * 0.05)
      if (!own.has(kind))
        expect(Math.abs(tally.heightMm - 270)).toBeLessThanOrEqual(2 * gauge.rowHeightMm)
    }
  })

  it('is as much longer than wide as what goes in', () => {
    const box = { shape: 'box' as const, widthMm: 240, thicknessMm: 60, tallMm: 250, easeMm: 20 }
    const footprint = { lengthMm: 260, widthMm: 80 }
    const { tally, gauge } = derive(
      projectOf(
        newDesign({
          ...{ name: 'Box', said: 'around', hookMm: 4, yarnClass: 3, footprint },
          ...sizeFor(box),
          kind: proposedFor(box),
        }),
      ),
    )
    const { lengthMm, widthMm } = tally.footprint
    expect(Math.abs(lengthMm - widthMm - 180)).toBeLessThanOrEqual(gauge.stitchWidthMm)
  })

  // Common practice without a source.
  it.each([
    ['round', 120, 120, 'round-base'],
    ['oval', 240, 120, 'oval-base'],
    ['box', 300, 20, 'two-panels'],
    ['box', 300, 90, 'rectangle-base'],
    ['box', 120, 110, 'round-base'],
  ] as const)('suits a %s of %d × %d as %s', (shape, widthMm, thicknessMm, kind) => {
    expect(proposedFor({ shape, widthMm, thicknessMm, tallMm: 200, easeMm: 20 })).toBe(kind)
  })
})
