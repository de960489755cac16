/** A point of a picture in pixels, or of the table it shows in mm. */
export interface Point {
  readonly x: number
  readonly y: number
}

/** Takes a point of the picture to the table, or back. */
export type ToTable = (point: Point) => Point

/** Four corners in order around: from one of the long sides' ends on. */
export type Corners = readonly [Point, Point, Point, Point]

type Matrix = readonly [number, number, number, number, number, number, number, number, number]

/**
 * The projective map of the unit square onto four corners, in closed form (Heckbert, Fundamentals of Texture Mapping and Image
 * Warping, 1989).
 */
function squareToCorners([p, q, r, s]: Corners): Matrix {
  const [dx1, dx2, sx] = [q.x - r.x, s.x - r.x, p.x - q.x + r.x - s.x]
  const [dy1, dy2, sy] = [q.y - r.y, s.y - r.y, p.y - q.y + r.y - s.y]
  const area = dx1 * dy2 - dx2 * dy1
  const g = (sx * dy2 - dx2 * sy) / area
  const h = (dx1 * sy - sx * dy1) / area
  return [
    q.x - p.x + g * q.x,
    s.x - p.x + h * s.x,
    p.x,
    q.y - p.y + g * q.y,
    s.y - p.y + h * s.y,
    p.y,
    g,
    h,
    1,
  ]
}

/** Takes a point of the unit square to where it is seen among four corners. */
export const fromSquare = (corners: Corners): ((point: Point) => Point) =>
  mapBy(squareToCorners(corners))

/** The adjugate, which is the inverse but for a factor that a projective map does not see. */
const inverse = ([a, b, c, d, e, f, g, h, i]: Matrix): Matrix => [
  e * i - f * h,
  c * h - b * i,
  b * f - c * e,
  f * g - d * i,
  a * i - c * g,
  c * d - a * f,
  d * h - e * g,
  b * g - a * h,
  a * e - b * d,
]

/** Twice the area of a triangle, above 0 when it turns clockwise on the screen. */
const turn = (a: Point, b: Point, c: Point): number =>
  (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)

/** Whether four corners can be a rectangle seen at an angle: they must turn the same way all around. */
export function areCorners([a, b, c, d]: Corners): boolean {
  const turns = [turn(a, b, c), turn(b, c, d), turn(c, d, a), turn(d, a, b)]
  return turns.every((one) => one > 1) || turns.every((one) => one < -1)
}

/**
 * The map that takes a picture to the table it shows, from the four corners of a rectangle of known size that lies on it; the
 * side from the first corner to the second is `wideMm` long.
 * @throws RangeError when the corners cross over or lie on a line
 */
export function fromCorners(corners: Corners, wideMm: number, highMm: number): ToTable {
  if (!areCorners(corners)) throw new RangeError('the four corners do not go around a rectangle')
  const back = mapBy(inverse(squareToCorners(corners)))
  return (point) => {
    const { x, y } = back(point)
    return { x: wideMm * x, y: highMm * y }
  }
}

const mapBy =
  ([a, b, c, d, e, f, g, h, i]: Matrix): ToTable =>
  ({ x, y }) => {
    const w = g * x + h * y + i
    return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w }
  }

/** The other way: where in the picture a point of the table is seen. */
export function toCorners(corners: Corners, wideMm: number, highMm: number): ToTable {
  const to = mapBy(squareToCorners(corners))
  return ({ x, y }) => to({ x: x / wideMm, y: y / highMm })
}

/**
 * The map of a picture taken from straight above, from two points a known distance apart.
 * @throws RangeError when the points are the same
 */
export function fromDistance([from, to]: readonly [Point, Point], lengthMm: number): ToTable {
  const px = distance(from, to)
  if (px === 0) throw new RangeError('the two points are the same')
  const mmPerPx = lengthMm / px
  return ({ x, y }) => ({ x: x * mmPerPx, y: y * mmPerPx })
}

export const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)
