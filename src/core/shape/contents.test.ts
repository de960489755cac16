import { circleAround, ellipseAround, sizeFor } from './index.ts'

describe('a bag for what goes in', () => {
  const thing = { widthMm: 200, thicknessMm: 120, tallMm: 250, easeMm: 20 }
  it('goes around it with room on all sides, whatever its outline', () => {
    // 220 by 140 and 270 tall with 20 of room along each: twice 360 around.
    expect(sizeFor({ shape: 'box', ...thing }, false)).toEqual({ aroundMm: 720, heightMm: 270 })
    // A bag without a base goes half of 140 under it on either face.
    expect(sizeFor({ shape: 'box', ...thing }, true)).toEqual({ aroundMm: 720, heightMm: 340 })
    expect(sizeFor({ shape: 'round', ...thing }, false).aroundMm).toBeCloseTo(circleAround(220), 9)
    expect(sizeFor({ shape: 'oval', ...thing }, false).aroundMm).toBeCloseTo(
      ellipseAround(220, 140),
      9,
    )
    // A box is further around than the oval in it.
    const [box, oval] = (['box', 'oval'] as const).map(
      (shape) => sizeFor({ shape, ...thing }, false).aroundMm,
    )
    expect(box).toBeGreaterThan(oval!)
  })
})
