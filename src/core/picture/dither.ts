import { converter } from 'culori'
import { byteAt, type Cells, colourAt, LIGHT } from './raster.ts'
import { inOklab } from './view.ts'

/* Colours there is no yarn of, from afar: out of two yarns that lie beside each other. By itself nothing is mixed. */

export const mixings = ['none', 'ordered', 'diffused'] as const
export type Mixing = (typeof mixings)[number]

/** Thresholds in the order that is least seen (Bayer 1973), four by four. */
const BAYER = [0, 8, 2, 10, 12, 4, 14, 6, 3, 11, 1, 9, 15, 7, 13, 5]
const toOklab = converter('oklab')

/** How far yarns lie apart in lightness, the mean step from each to the next. */
function stepOf(yarns: readonly string[]): number {
  const light = yarns.map((colour) => toOklab(colour)!.l).sort((a, b) => a - b)
  return light.length > 1 ? (light.at(-1)! - light[0]!) / (light.length - 1) : 0
}

/** Cells made lighter and darker by turns, by as much as a step from yarn to yarn: the nearest yarn of each then mixes them. */
export function ordered(cells: Cells, yarns: readonly string[]): Cells {
  const { width, height } = cells
  const step = stepOf(yarns)
  const colours = new Uint8Array(cells.colours.length)
  const known = new Map<string, readonly [number, number, number]>()
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      const cell = row * width + column
      const turn = BAYER[4 * (row % 4) + (column % 4)]!
      const key = `${colourAt(cells.colours, cell)}${turn}`
      const seen =
        known.get(key) ??
        inOklab(key.slice(0, 7), ({ l, a, b }) => ({
          l: l + step * ((turn + 0.5) / 16 - 0.5),
          ...{ a, b },
        }))
      known.set(key, seen)
      colours.set(seen, 3 * cell)
    }
  return { ...cells, colours }
}

/** Where what is left over goes, as it is gone through to the right: across, up, and how much of it (Floyd and Steinberg 1976). */
const SHARES = [
  [1, 0, 7 / 16],
  [-1, 1, 3 / 16],
  [0, 1, 5 / 16],
  [1, 1, 1 / 16],
] as const

/** OKLab of light (Ottosson 2020). */
function labOf(r: number, g: number, b: number): readonly [number, number, number] {
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b)
  const m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b)
  const s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b)
  return [
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s,
  ]
}
const clamped = (light: number): number => Math.max(0, Math.min(1, light))

/**
 * Each cell in the yarn that is nearest when what those before it are off is made good; rows are gone through to and fro.
 * @param colours of the yarns, as hex
 * @param sets yarns each row may be in, by their place there, the lowest row first
 * @param rules the yarn a cell must be in, -1 where that is open; and whether its edges do not meet
 */
export function diffused(
  { width, height, colours: bytes }: Cells,
  colours: readonly string[],
  sets: readonly (readonly number[])[],
  { kept, flat }: { readonly kept: (cell: number) => number; readonly flat: boolean },
): Uint8Array {
  const yarns = colours.map((colour) => {
    const [r, g, b] = [0, 1, 2].map((i) => LIGHT[byteAt(colour, i)]!) as [number, number, number]
    return { light: [r, g, b], lab: labOf(r, g, b) }
  })
  const own = Float64Array.from(bytes, (one) => LIGHT[one]!)
  const chosen = new Uint8Array(width * height)
  for (let row = 0; row < height; row++) {
    const way = row % 2 === 0 ? 1 : -1
    for (let step = 0; step < width; step++) {
      const column = way === 1 ? step : width - 1 - step
      const cell = row * width + column
      const at = 3 * cell
      const [l, a, b] = labOf(
        ...([own[at]!, own[at + 1]!, own[at + 2]!].map(clamped) as [number, number, number]),
      )
      const apart = (yarn: number) => {
        const { lab } = yarns[yarn]!
        return (l - lab[0]) ** 2 + (a - lab[1]) ** 2 + (b - lab[2]) ** 2
      }
      const must = kept(cell)
      const yarn =
        must >= 0 ? must : sets[row]!.reduce((best, one) => (apart(one) < apart(best) ? one : best))
      chosen[cell] = yarn
      for (const [across, up, share] of SHARES) {
        const [beside, above] = [column + way * across, row + up]
        const to = flat ? beside : (beside + width) % width
        if (to < 0 || to >= width || above >= height) continue
        const there = 3 * (above * width + to)
        for (let i = 0; i < 3; i++)
          own[there + i] = own[there + i]! + share * (own[at + i]! - yarns[yarn]!.light[i]!)
      }
    }
  }
  return chosen
}
