import type { Compiled, Join } from '../ledger/index.ts'
import { maybeJoinedAt, sheetsOf } from '../form/index.ts'
import {
  circle,
  type Drawing,
  type DrawnPath,
  type DrawnText,
  INK,
  inked,
  label,
  polyline,
} from '../paper/index.ts'
import { FRONT, sketchOf } from './sketch.ts'

const MOST = 190
const AROUND = 26
const R = 8

/** A join by its number in the pattern. */
export interface NumberedJoin {
  readonly number: number
  readonly join: Join
}

/** Where pieces meet, by their numbers: a full ring in front, a broken one for what lies behind. Null where none is seen. */
export function maybeJoinsDrawing(
  compiled: Compiled,
  joins: readonly NumberedJoin[],
  hand: 'right' | 'left',
): Drawing | null {
  const sheets = sheetsOf(compiled, { hand, soft: true })
  const at = joins.flatMap(({ number, join }) => {
    const found = maybeJoinedAt({ ledger: compiled.ledger, sheets }, join, hand)
    return found ? [{ number, ...found }] : []
  })
  if (at.length === 0) return null
  const sketch = sketchOf(compiled, { hand, from: { ...FRONT, tilt: 0.4 }, most: MOST })
  const [width, height] = [sketch.width + 2 * AROUND, sketch.height + 2 * AROUND]
  const taken: [number, number][] = []
  const marks = at.map(({ number, at: point, out }) => {
    const [px, py] = sketch.place(point)
    const [x, y] = [px + AROUND, py + AROUND]
    const spot = freeSpot([x, y], taken, { width, height })
    taken.push(spot)
    return { number, from: [x, y] as const, spot, seen: sketch.seen(out) }
  })
  const paths: DrawnPath[] = [
    ...sketch.paths.map((path) => ({ ...path, d: shifted(path.d, AROUND) })),
    ...marks.flatMap(({ from, spot, seen }): DrawnPath[] => [
      { d: polyline([from, spot]), stroke: inked(0.9) },
      { d: circle(from[0], from[1], 1.8), fill: INK },
      {
        d: circle(spot[0], spot[1], R),
        fill: '#ffffff',
        stroke: inked(1.1, 1, seen ? undefined : [2.5, 2]),
      },
    ]),
  ]
  const texts = marks.map(({ number, spot }): DrawnText =>
    label(String(number), spot[0], spot[1] + 3.5, 10, { bold: true }),
  )
  return { width, height, title: 'Where pieces are joined', paths, texts }
}

const shifted = (d: string, by: number): string =>
  d.replace(/([ML])(-?[\d.]+) (-?[\d.]+)/g, (_, step: string, x: string, y: string) => {
    return `${step}${(Number(x) + by).toFixed(2)} ${(Number(y) + by).toFixed(2)}`
  })

/** A place for a number beside what it is of, where none stands yet: outward from the middle. */
function freeSpot(
  [x, y]: readonly [number, number],
  taken: readonly (readonly [number, number])[],
  { width, height }: { readonly width: number; readonly height: number },
): [number, number] {
  const outward = Math.atan2(y - height / 2, x - width / 2)
  for (const far of [20, 30, 42])
    for (const turn of [0, 0.7, -0.7, 1.4, -1.4, 2.1, -2.1, Math.PI]) {
      const spot: [number, number] = [
        Math.min(width - R - 1, Math.max(R + 1, x + far * Math.cos(outward + turn))),
        Math.min(height - R - 1, Math.max(R + 1, y + far * Math.sin(outward + turn))),
      ]
      if (taken.every(([tx, ty]) => Math.hypot(tx - spot[0], ty - spot[1]) > 2 * R + 2)) return spot
    }
  return [x, y]
}
