import { converter, formatHex } from 'culori'
import { type Cells, colourAt } from './raster.ts'

/*
 * The few colours a picture is in: k medians, begun several times at colours that lie far apart (k-means++, Arthur and Vassilvitskii 2007),
 * the best kept. In DIN99o (DIN 6176), where as far looks about as far everywhere: so each cell is nearest to its colour as it is seen.
 */

type Point = readonly [number, number, number]
interface Weighed {
  readonly at: Point
  readonly many: number
}

const toDin99 = converter('dlab')
/** Colours that lie so near in DIN99o are looked at as one. */
const BIN = 1.5
/** Beginnings, and rounds of each. */
const STARTS = 16
const ROUNDS = 16

const far = (a: Point, b: Point): number =>
  (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2 + (a[2] - b[2]) ** 2

/** The colours of cells, those that lie very near together. */
function pointsOf({ width, height, colours }: Cells): Weighed[] {
  const counts = new Map<string, number>()
  for (let cell = 0; cell < width * height; cell++) {
    const colour = colourAt(colours, cell)
    counts.set(colour, (counts.get(colour) ?? 0) + 1)
  }
  const bins = new Map<string, { sum: [number, number, number]; many: number }>()
  for (const [colour, many] of counts) {
    const { l, a, b } = toDin99(colour)!
    const key = [l, a, b].map((one) => Math.round(one / BIN)).join()
    const bin = bins.get(key) ?? { sum: [0, 0, 0], many: 0 }
    bin.sum = [bin.sum[0] + many * l, bin.sum[1] + many * a, bin.sum[2] + many * b]
    bin.many += many
    bins.set(key, bin)
  }
  return [...bins.values()].map(({ sum, many }) => ({
    at: [sum[0] / many, sum[1] / many, sum[2] / many],
    many,
  }))
}

/** Colours to begin with, each by chance where it is far from those before. */
function begun(points: readonly Weighed[], many: number, chance: () => number): Point[] {
  const middles: Point[] = [points[Math.floor(chance() * points.length)]!.at]
  const away = points.map(() => Infinity)
  while (middles.length < many) {
    let all = 0
    points.forEach((point, i) => {
      away[i] = Math.min(away[i]!, far(point.at, middles.at(-1)!))
      all += point.many * Math.sqrt(away[i]!)
    })
    let left = chance() * all
    let next = 0
    while (next < points.length - 1 && left > points[next]!.many * Math.sqrt(away[next]!)) {
      left -= points[next]!.many * Math.sqrt(away[next]!)
      next++
    }
    middles.push(points[next]!.at)
  }
  return middles
}

interface Found {
  readonly middles: readonly Point[]
  readonly counts: readonly number[]
  readonly apart: number
}

/** Each point to the nearest middle, each middle drawn to the median of its points (after Weiszfeld 1937), again and again. */
function settled(points: readonly Weighed[], from: readonly Point[]): Found {
  let middles = from
  let [counts, apart]: [number[], number] = [[], 0]
  for (let round = 0; round < ROUNDS; round++) {
    apart = 0
    counts = middles.map(() => 0)
    const sums = middles.map((): [number, number, number, number] => [0, 0, 0, 0])
    for (const { at, many } of points) {
      let [best, least] = [0, Infinity]
      for (let i = 0; i < middles.length; i++) {
        const here = far(at, middles[i]!)
        if (here < least) [best, least] = [i, here]
      }
      apart += many * Math.sqrt(least)
      counts[best] = counts[best]! + many
      const weight = many / Math.sqrt(least + 1e-3)
      const sum = sums[best]!
      for (let i = 0; i < 3; i++) sum[i] = sum[i]! + weight * at[i]!
      sum[3] += weight
    }
    middles = middles.map((middle, i): Point => {
      const [l, a, b, weight] = sums[i]!
      return weight > 0 ? [l / weight, a / weight, b / weight] : middle
    })
  }
  return { middles, counts, apart }
}

/** At most so many colours, as hex, those of most cells first. */
export function coloursIn(cells: Cells, many: number): string[] {
  const points = pointsOf(cells)
  // By chance, but the same each time.
  let seed = 7
  const chance = () => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
  const isFew = points.length <= many
  let found: Found = {
    middles: points.map(({ at }) => at),
    counts: points.map((point) => point.many),
    apart: isFew ? 0 : Infinity,
  }
  for (let start = 0; start < STARTS && !isFew; start++) {
    const one = settled(points, begun(points, many, chance))
    if (one.apart < found.apart) found = one
  }
  return found.middles
    .map(([l, a, b], i) => ({
      colour: formatHex({ mode: 'dlab', l, a, b }),
      many: found.counts[i]!,
    }))
    .filter((one) => one.many > 0)
    .sort((a, b) => b.many - a.many)
    .map(({ colour }) => colour)
}
