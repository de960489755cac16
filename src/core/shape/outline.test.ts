import fc from 'fast-check'
import { outlineAt, outlineOf, perimeterOf, silhouetteOf } from './index.ts'

const round = outlineOf('round', { lengthMm: 200, widthMm: 200 })
const oval = outlineOf('oval', { lengthMm: 300, widthMm: 120 })
const cornered = outlineOf('rectangle', { lengthMm: 240, widthMm: 80 })

describe('a bag from above (plane geometry)', () => {
  it('is as long around as circles, ovals and rectangles are', () => {
    expect(perimeterOf(round)).toBeCloseTo(Math.PI * 200, 9)
    expect(perimeterOf(oval)).toBeCloseTo(2 * 180 + Math.PI * 120, 9)
    // Four corners of 6 mm cut 8 · 6 off the straight sides and put a circle in their place.
    expect(perimeterOf(cornered)).toBeCloseTo(640 - 48 + 2 * Math.PI * 6, 9)
  })

  it('its middles and sides lie where they should', () => {
    const sides = [
      [0, 0, -1],
      [0.25, -1, 0],
      [0.5, 0, 1],
      [0.75, 1, 0],
    ] as const
    for (const outline of [round, oval, cornered])
      for (const [share, x, z] of sides) {
        const at = outlineAt(outline, share)
        expect(at.x).toBeCloseTo((x * outline.length) / 2, 6)
        expect(at.z).toBeCloseTo((z * outline.width) / 2, 6)
      }
  })

  it('equal ways along it are equally long', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(round, oval, cornered),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (outline, share) => {
          const [a, b] = [outlineAt(outline, share), outlineAt(outline, share + 1e-4)]
          const way = Math.hypot(a.x - b.x, a.z - b.z)
          expect(way / (perimeterOf(outline) * 1e-4)).toBeCloseTo(1, 2)
        },
      ),
    )
  })

  // Of 120 stitches around a circle, the 30th from the middle of the front lies on the silhouette; the 20th at sin 60° of its half.
  it('stitch 30 of 120 lies on the silhouette of a round bag, stitch 20 at 0.866 of it', () => {
    const { x, z } = outlineAt(round, 0.5 + 30 / 120)
    expect([x, z].map((mm) => Math.round(mm * 1e6) / 1e6)).toEqual([100, 0])
    expect(outlineAt(round, 0.5 + 20 / 120).x).toBeCloseTo(100 * Math.sin(Math.PI / 3), 6)
  })

  it('on an oval the long sides keep their stitches as wide as they are, the ends foreshorten', () => {
    const { share, width } = silhouetteOf(oval, 0, 600)
    expect(width).toBeCloseTo(300, 6)
    const wideAt = (place: number) =>
      (share[place + 1]! - share[place]!) * perimeterOf(oval) * (600 / 300)
    for (const place of [200, 300, 400]) expect(wideAt(place)).toBeCloseTo(1, 2)
    for (const place of [2, 597]) expect(wideAt(place)).toBeGreaterThan(2)
  })

  it('turned a quarter it shows its left side, half around its back; its width is what a box shows', () => {
    expect(silhouetteOf(oval, Math.PI / 2, 301).share[150]).toBeCloseTo(0.25, 2)
    expect(silhouetteOf(oval, -Math.PI / 2, 301).share[150]).toBeCloseTo(0.75, 2)
    expect(silhouetteOf(oval, Math.PI / 2, 301).width).toBeCloseTo(120, 3)
    const back = silhouetteOf(round, Math.PI, 301)
    expect(Math.min(back.share[150]!, 1 - back.share[150]!)).toBeCloseTo(0, 2)
  })

  it('shows half of what there is, once each, whichever way it is turned', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(round, oval, cornered),
        fc.double({ min: -7, max: 7, noNaN: true }),
        (outline, turn) => {
          const { share, facing } = silhouetteOf(outline, turn, 200)
          let seen = 0
          for (let i = 1; i < 200; i++) {
            const step = (share[i]! - share[i - 1]! + 1) % 1
            expect(step).toBeLessThan(0.3)
            seen += step
          }
          expect(seen).toBeGreaterThan(0.3)
          expect(seen).toBeLessThanOrEqual(0.51)
          expect(Math.min(...facing)).toBeGreaterThanOrEqual(0)
        },
      ),
      { numRuns: 40 },
    )
  })
})
