import fc from 'fast-check'
import { type Corners, fromCorners, type Point, photoGauge } from './index.ts'

/** A camera that looks at the table at an angle: a projective map written as one, by other rules than the code's. */
const camera =
  (tilt: number, sway: number, turn: number) =>
  ({ x, y }: Point): Point => {
    const [u, v] = [
      x * Math.cos(turn) - y * Math.sin(turn),
      x * Math.sin(turn) + y * Math.cos(turn),
    ]
    const depth = 1 + tilt * v + sway * u
    return { x: 500 + (4 * u) / depth, y: 400 + (4 * v) / depth }
  }
const corners = (wide: number, high: number): Corners => [
  { x: 0, y: 0 },
  { x: wide, y: 0 },
  { x: wide, y: high },
  { x: 0, y: high },
]
const through = (see: (point: Point) => Point, points: Corners) =>
  points.map(see) as unknown as Corners

describe('measuring from a picture', () => {
  it('at any angle gives what lies on the table', () => {
    const angle = fc.double({ min: -0.002, max: 0.002, noNaN: true })
    const turn = fc.double({ min: -3, max: 3, noNaN: true })
    const point = fc.record({
      x: fc.double({ min: -60, max: 120, noNaN: true }),
      y: fc.double({ min: -60, max: 120, noNaN: true }),
    })
    fc.assert(
      fc.property(angle, angle, turn, point, (tilt, sway, turned, at) => {
        const see = camera(tilt, sway, turned)
        const back = fromCorners(through(see, corners(85.6, 54)), 85.6, 54)(see(at))
        expect(back.x).toBeCloseTo(at.x, 6)
        expect(back.y).toBeCloseTo(at.y, 6)
      }),
    )
  })

  it('gives a gauge, surer the further apart the marks are', () => {
    const see = camera(0.0016, -0.0007, 0.1)
    const gauge = (stitches: number) => {
      const result = photoGauge({
        reference: {
          kind: 'rectangle',
          points: through(see, corners(85.6, 54)),
          wideMm: 85.6,
          highMm: 54,
        },
        stitchEdges: [see({ x: 0, y: 70 }), see({ x: 5 * stitches, y: 70 })],
        stitches,
        rowEdges: [see({ x: 20, y: 60 }), see({ x: 20, y: 105 })],
        rows: 10,
      })
      if (!result.ok) throw new Error(result.problem)
      return result.value
    }
    expect(gauge(20).stitches.mm).toBeCloseTo(100, 6)
    expect(gauge(20).rows.mm).toBeCloseTo(45, 6)
    const share = (stitches: number) => gauge(stitches).stitches.sureMm / (5 * stitches)
    expect(share(20)).toBeLessThan(share(5))
    expect(share(20)).toBeGreaterThan(0.002)
    expect(share(20)).toBeLessThan(0.05)
  })

  it('takes a known length in a picture from straight above', () => {
    const above = (x: number, y: number) => ({ x: 10 + x * 6, y: 20 + y * 6 })
    const result = photoGauge({
      reference: { kind: 'distance', points: [above(0, 0), above(100, 0)], lengthMm: 100 },
      stitchEdges: [above(3, 10), above(53, 10)],
      stitches: 10,
      rowEdges: [above(3, 10), above(3, 55)],
      rows: 10,
    })
    expect(result).toMatchObject({
      ok: true,
      value: { stitches: { mm: 50 }, rows: { mm: expect.closeTo(45, 9) } },
    })
  })

  it('says what cannot be measured', () => {
    const [a, b, c, d] = corners(85.6, 54)
    const pair = [a, c] as const
    const marks = { stitchEdges: pair, stitches: 10, rowEdges: pair, rows: 10 }
    const crossed = [a, c, b, d] as const
    expect(
      photoGauge({
        ...marks,
        reference: { kind: 'rectangle', points: crossed, wideMm: 85.6, highMm: 54 },
      }),
    ).toMatchObject({ ok: false, problem: expect.stringContaining('four corners') })
    const distance = { kind: 'distance', points: [a, a], lengthMm: 100 } as const
    expect(photoGauge({ ...marks, reference: distance })).toMatchObject({ ok: false })
    const reference = { ...distance, points: pair }
    expect(photoGauge({ ...marks, reference, rowEdges: [b, b] })).toMatchObject({ ok: false })
    expect(() => fromCorners(crossed, 85.6, 54)).toThrow(RangeError)
  })
})
