import { circleAround, ellipseAround, sizeFor } from './index.ts'

describe('a bag for what goes in', () => {
  const thing = { widthMm: 200, thicknessMm: 120, tallMm: 250, easeMm: 20 }
  it('goes around it with room on all sides, whatever its outline', () => {
    expect(sizeFor({ shape: 'box', ...thing })).toEqual({ aroundMm: 680, heightMm: 270 })
    expect(sizeFor({ shape: 'round', ...thing }).aroundMm).toBeCloseTo(circleAround(220), 9)
    expect(sizeFor({ shape: 'oval', ...thing }).aroundMm).toBeCloseTo(ellipseAround(220, 140), 9)
    // A box is further around than the oval in it.
    const [box, oval] = (['box', 'oval'] as const).map(
      (shape) => sizeFor({ shape, ...thing }).aroundMm,
    )
    expect(box).toBeGreaterThan(oval!)
  })
})
