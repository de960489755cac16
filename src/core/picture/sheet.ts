import { cellsOf, type Raster } from './raster.ts'
import type { Corners, Spot } from './view.ts'

/*
 * Where a squared chart lies on a photograph: its lines hang together, so the largest thing that is darker than what is around it is the
 * grid. Its hull is drawn in to four sides, each time the side whose neighbours, drawn on until they meet, add least.
 */

/** The picture is looked at this small. */
const LONGEST = 900
/** What is darker than the mean around it by more than this share is ink; around is such a share of the picture. */
const DARKER = 0.08
const AROUND = 1 / 24
/** A grid covers at least so much of the picture. */
const LEAST_AREA = 0.05

type Point = readonly [number, number]

/** Lightness of a picture made small, the top row first. */
function lightOf(raster: Raster) {
  const scale = Math.min(1, LONGEST / Math.max(raster.width, raster.height))
  const [width, height] = [raster.width, raster.height].map((one) =>
    Math.max(1, Math.round(one * scale)),
  ) as [number, number]
  const { colours } = cellsOf(raster, width, height)
  const light = new Float64Array(width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const at = 3 * ((height - 1 - y) * width + x)
      light[y * width + x] = 0.3 * colours[at]! + 0.59 * colours[at + 1]! + 0.11 * colours[at + 2]!
    }
  return { width, height, light }
}

/** What is darker than the mean of what is around it, by sums over rectangles. */
function inkOf({ width, height, light }: ReturnType<typeof lightOf>): Uint8Array {
  const sums = new Float64Array((width + 1) * (height + 1))
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      sums[(y + 1) * (width + 1) + x + 1] =
        light[y * width + x]! +
        sums[y * (width + 1) + x + 1]! +
        sums[(y + 1) * (width + 1) + x]! -
        sums[y * (width + 1) + x]!
  const far = Math.max(3, Math.round(AROUND * Math.max(width, height)))
  return Uint8Array.from(light, (own, at) => {
    const [x, y] = [at % width, Math.floor(at / width)]
    const [left, right] = [Math.max(0, x - far), Math.min(width, x + far + 1)]
    const [top, bottom] = [Math.max(0, y - far), Math.min(height, y + far + 1)]
    const sum =
      sums[bottom * (width + 1) + right]! -
      sums[top * (width + 1) + right]! -
      sums[bottom * (width + 1) + left]! +
      sums[top * (width + 1) + left]!
    return own < (1 - DARKER) * (sum / ((right - left) * (bottom - top))) ? 1 : 0
  })
}

/** The points of the largest thing that hangs together, leftmost and rightmost of each row. */
function largestIn(ink: Uint8Array, width: number): Point[] {
  const seen = new Uint8Array(ink.length)
  let largest: number[] = []
  const height = ink.length / width
  for (let start = 0; start < ink.length; start++) {
    if (!ink[start] || seen[start]) continue
    const own = [start]
    seen[start] = 1
    for (let i = 0; i < own.length; i++) {
      const [x, y] = [own[i]! % width, Math.floor(own[i]! / width)]
      for (let up = -1; up <= 1; up++)
        for (let across = -1; across <= 1; across++) {
          const [to, above] = [x + across, y + up]
          const next = above * width + to
          if (to < 0 || above < 0 || to >= width || above >= height) continue
          if (!ink[next] || seen[next]) continue
          seen[next] = 1
          own.push(next)
        }
    }
    if (own.length > largest.length) largest = own
  }
  const ends = new Map<number, readonly [number, number]>()
  for (const cell of largest) {
    const [x, y] = [cell % width, Math.floor(cell / width)]
    const [left, right] = ends.get(y) ?? [x, x]
    ends.set(y, [Math.min(left, x), Math.max(right, x)])
  }
  return [...ends].flatMap(([y, [left, right]]): Point[] => [
    [left, y],
    [right + 1, y],
    [left, y + 1],
    [right + 1, y + 1],
  ])
}

const cross = (o: Point, a: Point, b: Point): number =>
  (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0])

/** The convex hull (monotone chain, Andrew 1979), in the order it is gone around. */
function hullOf(points: readonly Point[]): Point[] {
  const sorted = points.toSorted((a, b) => a[0] - b[0] || a[1] - b[1])
  const chain = (list: readonly Point[]) => {
    const hull: Point[] = []
    for (const point of list) {
      while (hull.length >= 2 && cross(hull.at(-2)!, hull.at(-1)!, point) <= 0) hull.pop()
      hull.push(point)
    }
    return hull.slice(0, -1)
  }
  return [...chain(sorted), ...chain(sorted.toReversed())]
}

/** Where two lines meet; null where they do not. */
function meet(a: Point, b: Point, c: Point, d: Point): Point | null {
  const [ux, uy, vx, vy] = [b[0] - a[0], b[1] - a[1], d[0] - c[0], d[1] - c[1]]
  const whole = ux * vy - uy * vx
  if (Math.abs(whole) < 1e-9) return null
  const t = ((c[0] - a[0]) * vy - (c[1] - a[1]) * vx) / whole
  return [a[0] + t * ux, a[1] + t * uy]
}
const areaOf = (points: readonly Point[]): number =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nextX, nextY] = points[(i + 1) % points.length]!
      return sum + x * nextY - y * nextX
    }, 0) / 2,
  )

/** A hull drawn in to four sides. */
function fourSided(hull: Point[]): Point[] | null {
  let points = hull
  while (points.length > 4) {
    const many = points.length
    const at = (i: number) => points[(i + many) % many]!
    let best: { i: number; corner: Point; more: number } | null = null
    for (let i = 0; i < many; i++) {
      const corner = meet(at(i - 1), at(i), at(i + 1), at(i + 2))
      if (!corner) continue
      const [own, next] = [at(i), at(i + 1)]
      // The corner lies beyond the side that goes, on the side the hull is not.
      if (cross(own, next, corner) >= 0) continue
      const more = areaOf([own, corner, next])
      if (!best || more < best.more) best = { i, corner, more }
    }
    if (!best) return null
    const { i, corner } = best
    points = points.flatMap((point, j) =>
      j === i ? [corner] : j === (i + 1) % many ? [] : [point],
    )
  }
  return points.length === 4 ? points : null
}

/** The four corners of a squared chart on a photograph; null where none is seen. */
export function sheetIn(raster: Raster): Corners | null {
  const seen = lightOf(raster)
  const { width, height } = seen
  const points = largestIn(inkOf(seen), width)
  if (points.length < 8) return null
  const four = fourSided(hullOf(points))
  if (!four || areaOf(four) < LEAST_AREA * width * height) return null
  // Clockwise as it is seen, from the one that lies most to the upper left.
  const middle = [0, 1].map((i) => four.reduce((sum, one) => sum + one[i]!, 0) / 4)
  const turn = ([x, y]: Point) => Math.atan2(y - middle[1]!, x - middle[0]!)
  const around = four.toSorted((a, b) => turn(a) - turn(b))
  const first = around.reduce((best, [x, y], i) => {
    const [bestX, bestY] = around[best]!
    return x + y < bestX + bestY ? i : best
  }, 0)
  return [0, 1, 2, 3].map((i): Spot => {
    const [x, y] = around[(first + i) % 4]!
    return [x / width, y / height]
  }) as unknown as Corners
}

/** Corners set by hand that are nearly those that are seen are meant to be them: so far off they are, in shares of the picture. */
const NEAR = 0.02

/** Corners that were set by hand, drawn to those that are seen where they are nearly these. */
export function snapped(raster: Raster, corners: Corners): Corners {
  const seen = sheetIn(raster)
  const isNear = seen?.every((one, i) =>
    one.every((share, along) => Math.abs(share - corners[i]![along]!) <= NEAR),
  )
  return seen && isNear ? seen : corners
}
