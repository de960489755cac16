import { converter, formatHex } from 'culori'
import { type Cells, colourAt } from './raster.ts'

/*
 * The few colours a picture is in: its cells parted where they differ most, again and again, and each part then drawn to the middle of
 * what is nearest to it (k-means, begun by splitting along the longest axis). In OKLab (Ottosson 2020), where as far looks about as far
 * everywhere.
 */

type Point = readonly [number, number, number]
interface Weighed {
  readonly at: Point
  readonly many: number
}

const toOklab = converter('oklab')
const ROUNDS = 16

const apart = (a: Point, b: Point): number =>
  (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2 + (a[2] - b[2]) ** 2

function middleOf(list: readonly Weighed[]): Point {
  let [x, y, z, all] = [0, 0, 0, 0]
  for (const { at, many } of list) {
    x += many * at[0]
    y += many * at[1]
    z += many * at[2]
    all += many
  }
  return [x / all, y / all, z / all]
}
const spreadOf = (list: readonly Weighed[]): number => {
  const middle = middleOf(list)
  return list.reduce((sum, { at, many }) => sum + many * apart(at, middle), 0)
}

/** In two, along the way it is longest (the first principal axis, by powers). */
function split(list: readonly Weighed[]): readonly [Weighed[], Weighed[]] {
  const middle = middleOf(list)
  let axis: Point = [0.6, 0.5, 0.62]
  for (let i = 0; i < 20; i++) {
    let next: [number, number, number] = [0, 0, 0]
    for (const { at, many } of list) {
      const off: Point = [at[0] - middle[0], at[1] - middle[1], at[2] - middle[2]]
      const along = many * (off[0] * axis[0] + off[1] * axis[1] + off[2] * axis[2])
      next = [next[0] + along * off[0], next[1] + along * off[1], next[2] + along * off[2]]
    }
    const long = Math.hypot(...next)
    if (long < 1e-12) break
    axis = [next[0] / long, next[1] / long, next[2] / long]
  }
  const side = ({ at }: Weighed) =>
    (at[0] - middle[0]) * axis[0] + (at[1] - middle[1]) * axis[1] + (at[2] - middle[2]) * axis[2]
  return [list.filter((one) => side(one) < 0), list.filter((one) => side(one) >= 0)]
}

/** At most so many colours, as hex, those of most cells first. */
export function coloursIn({ width, height, colours }: Cells, many: number): string[] {
  const counts = new Map<string, number>()
  for (let cell = 0; cell < width * height; cell++) {
    const colour = colourAt(colours, cell)
    counts.set(colour, (counts.get(colour) ?? 0) + 1)
  }
  const points = [...counts].map(([colour, count]): Weighed => {
    const { l, a, b } = toOklab(colour)!
    return { at: [l, a, b], many: count }
  })
  let parts: Weighed[][] = [points]
  while (parts.length < Math.min(many, points.length)) {
    const widest = parts.reduce((best, one) => (spreadOf(one) > spreadOf(best) ? one : best))
    const halves = split(widest).filter(({ length }) => length > 0)
    if (halves.length < 2) break
    parts = [...parts.filter((one) => one !== widest), ...halves]
  }
  for (let round = 0; round < ROUNDS; round++) {
    const middles = parts.map(middleOf)
    const next: Weighed[][] = middles.map(() => [])
    for (const one of points) {
      let [best, least] = [0, Infinity]
      middles.forEach((middle, i) => {
        const far = apart(one.at, middle)
        if (far < least) [best, least] = [i, far]
      })
      next[best]!.push(one)
    }
    parts = next.filter(({ length }) => length > 0)
  }
  const size = (list: readonly Weighed[]) => list.reduce((sum, one) => sum + one.many, 0)
  return parts
    .sort((a, b) => size(b) - size(a))
    .map((part) => {
      const [l, a, b] = middleOf(part)
      return formatHex({ mode: 'oklab', l, a, b })
    })
}
