import { found, refused, type Result } from '../units/index.ts'
import {
  areCorners,
  type Corners,
  distance,
  fromCorners,
  fromDistance,
  type Point,
  type ToTable,
} from './homography.ts'

type Pair = readonly [Point, Point]

/** What of known size is in the picture. */
export type Reference =
  | { readonly kind: 'distance'; readonly points: Pair; readonly lengthMm: number }
  | {
      readonly kind: 'rectangle'
      readonly points: Corners
      readonly wideMm: number
      readonly highMm: number
    }

/** What was marked: the outer edges of so many stitches side by side, and of so many rows. */
export interface PhotoMarks {
  readonly reference: Reference
  readonly stitchEdges: Pair
  readonly stitches: number
  readonly rowEdges: Pair
  readonly rows: number
}

/** A measured length that may be off by `sureMm` either way (one standard deviation of marking). */
export interface Measured {
  readonly mm: number
  readonly sureMm: number
}

export interface PhotoGauge {
  /** All of the marked stitches, and of the marked rows. */
  readonly stitches: Measured
  readonly rows: Measured
}

/** How well a mark is set, in pixels of the picture (from memory). */
export const MARK_PX = 2

const toTable = (reference: Reference): ToTable =>
  reference.kind === 'distance'
    ? fromDistance(reference.points, reference.lengthMm)
    : fromCorners(reference.points, reference.wideMm, reference.highMm)

const lengthOf = (reference: Reference, [from, to]: Pair): number => {
  const map = toTable(reference)
  return distance(map(from), map(to))
}

/** All that follows when each point in turn is moved a little along x or y. */
function moved<Points extends readonly Point[]>(points: Points, by: number): Points[] {
  return points.flatMap((_, at) =>
    [
      { x: by, y: 0 },
      { x: 0, y: by },
    ].map(
      ({ x, y }) =>
        points.map((point, i) =>
          i === at ? { x: point.x + x, y: point.y + y } : point,
        ) as unknown as Points,
    ),
  )
}

/** A length, and its uncertainty: each mark is off on its own, so what each does adds up in squares. */
function measured(reference: Reference, edges: Pair, markPx: number): Measured {
  const mm = lengthOf(reference, edges)
  const others = [
    ...moved(edges, markPx).map((pair) => lengthOf(reference, pair)),
    ...moved(reference.points, markPx).map((points) =>
      lengthOf({ ...reference, points } as Reference, edges),
    ),
  ]
  return { mm, sureMm: Math.sqrt(others.reduce((sum, other) => sum + (other - mm) ** 2, 0)) }
}

/**
 * Gauge from a photograph, corrected for perspective where four corners are known.
 * @param markPx how far off a mark may be, in pixels
 * @returns both lengths with their uncertainty; or in words what cannot be measured
 */
export function photoGauge(marks: PhotoMarks, markPx = MARK_PX): Result<PhotoGauge> {
  const { reference, stitchEdges, rowEdges } = marks
  if (reference.kind === 'rectangle' && !areCorners(reference.points))
    return refused('The four corners must go around the rectangle, one after the other.')
  if (reference.kind === 'distance' && distance(...reference.points) < 1)
    return refused('The two ends of the known length lie on each other.')
  if (distance(...stitchEdges) < 1 || distance(...rowEdges) < 1)
    return refused('The first and the last mark lie on each other.')
  return found({
    stitches: measured(reference, stitchEdges, markPx),
    rows: measured(reference, rowEdges, markPx),
  })
}
