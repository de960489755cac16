import { ringPath, ringPoint, type BaseGeometry, type Outline } from './base-geometry.ts'

/** The way around, walked in small steps. */
function walked(base: BaseGeometry, distance: number): number {
  const steps = 4000
  let way = 0
  let before = ringPoint(base, distance, 0)
  for (let i = 1; i <= steps; i++) {
    const now = ringPoint(base, distance, i / steps)
    way += Math.hypot(now.x - before.x, now.y - before.y)
    before = now
  }
  return way
}
const base = (outline: Outline, halfChainMm: number) => ({ outline, halfChainMm })

describe('a base from above', () => {
  // Perimeters of circle, stadium and rectangle: geometry.
  it('is as far around as its outline', () => {
    expect(walked(base('round', 0), 50)).toBeCloseTo(2 * Math.PI * 50, 1)
    expect(walked(base('oval', 80), 50)).toBeCloseTo(4 * 80 + 2 * Math.PI * 50, 1)
    expect(walked(base('rectangle', 80), 50)).toBeCloseTo(4 * (80 + 50 + 50), 0)
  })

  it('starts at the upper left, goes to the right, and closes', () => {
    for (const outline of ['oval', 'rectangle'] as const) {
      const start = ringPoint(base(outline, 80), 50, 0)
      expect(start.y).toBe(-50)
      expect(ringPoint(base(outline, 80), 50, 0.05).x).toBeGreaterThan(start.x)
      const end = ringPoint(base(outline, 80), 50, 1)
      expect(Math.hypot(end.x - start.x, end.y - start.y)).toBeLessThan(0.01)
    }
    expect(ringPath(base('rectangle', 80), 50)).toBe('M-130 -50H130V50H-130Z')
    expect(ringPath(base('oval', 80), 50)).toContain('A50 50')
  })
})
