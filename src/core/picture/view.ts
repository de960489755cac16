import { converter } from 'culori'
import { fromSquare, type Point } from '../measure/index.ts'
import { type Cells, cellsOf, colourAt, meanLight, type Raster } from './raster.ts'

/** A place in a picture, in shares of its width and height from its upper left corner. */
export type Spot = readonly [across: number, down: number]
/** What is taken of a picture, by its corners: upper left, upper right, lower right, lower left. Straight, turned or seen at an angle. */
export type Corners = readonly [Spot, Spot, Spot, Spot]

export const WHOLE: Corners = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
]

/** Where a spot of the unit square lies among four corners seen in perspective. */
export function ontoCorners(corners: Corners): (across: number, down: number) => Spot {
  const [a, b, c, d] = corners.map(([x, y]) => ({ x, y })) as [Point, Point, Point, Point]
  const onto = fromSquare([a, b, c, d])
  return (across, down) => {
    const { x, y } = onto({ x: across, y: down })
    return [x, y]
  }
}

/** Corners of a part that lies straight. */
export const straightCorners = (
  left: number,
  top: number,
  right: number,
  bottom: number,
): Corners => [
  [left, top],
  [right, top],
  [right, bottom],
  [left, bottom],
]

/** Corners turned around their middle, clockwise, in a picture of this shape. */
export function turnedCorners(
  corners: Corners,
  degrees: number,
  { width, height }: Pick<Raster, 'width' | 'height'>,
): Corners {
  const [cos, sin] = [Math.cos, Math.sin].map((of) => of((degrees * Math.PI) / 180)) as [
    number,
    number,
  ]
  const middle = [0, 1].map((i) => corners.reduce((sum, one) => sum + one[i]!, 0) / 4) as [
    number,
    number,
  ]
  const turn = ([x, y]: Spot): Spot => {
    const [dx, dy] = [(x - middle[0]) * width, (y - middle[1]) * height]
    return [middle[0] + (cos * dx - sin * dy) / width, middle[1] + (sin * dx + cos * dy) / height]
  }
  return corners.map(turn) as unknown as Corners
}

const near = (a: number, b: number) => Math.abs(a - b) < 1e-9
const liesStraight = ([a, b, c, d]: Corners): boolean =>
  near(a[1], b[1]) && near(b[0], c[0]) && near(c[1], d[1]) && near(d[0], a[0])
const isInside = (corners: Corners): boolean =>
  corners.every((one) => one.every((share) => share >= -1e-9 && share <= 1 + 1e-9))

/** How wide and high what is taken is, in pixels: the mean of opposite edges. */
export function sizeOf(
  { width, height }: Pick<Raster, 'width' | 'height'>,
  [a, b, c, d]: Corners,
): { readonly width: number; readonly height: number } {
  const long = (from: Spot, to: Spot) =>
    Math.hypot((to[0] - from[0]) * width, (to[1] - from[1]) * height)
  return { width: (long(a, b) + long(d, c)) / 2, height: (long(a, d) + long(b, c)) / 2 }
}

/** Places looked at along each side of a cell, at the most. */
const MOST_LOOKS = 12

/** The mean light of each cell of a grid laid into four corners of a picture; beside the picture shows the ground. */
export function cellsIn(
  raster: Raster,
  corners: Corners,
  columns: number,
  rows: number,
  ground: readonly [number, number, number] = [255, 255, 255],
): Cells {
  const { width, height, data } = raster
  if (liesStraight(corners) && isInside(corners)) {
    const [[left, top], , [right, bottom]] = corners
    return cellsOf(raster, columns, rows, ground, { left, top, right, bottom })
  }
  const onto = ontoCorners(corners)
  const size = sizeOf(raster, corners)
  const looks = (pixels: number) => Math.max(1, Math.min(MOST_LOOKS, Math.ceil(pixels)))
  const [across, down] = [looks(size.width / columns), looks(size.height / rows)]
  const colours = new Uint8Array(3 * columns * rows)
  const light = meanLight(ground)
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      light.begin()
      for (let j = 0; j < down; j++)
        for (let i = 0; i < across; i++) {
          const [x, y] = onto(
            (column + (i + 0.5) / across) / columns,
            (rows - 1 - row + (j + 0.5) / down) / rows,
          )
          const [px, py] = [Math.floor(x * width), Math.floor(y * height)]
          const inside = px >= 0 && py >= 0 && px < width && py < height
          light.add(data, inside ? 4 * (py * width + px) : -1, 1)
        }
      light.into(colours, 3 * (row * columns + column))
    }
  return { width: columns, height: rows, colours }
}

/** How light a picture is made, and how far light and dark are drawn apart: 0 as it is, from -1 to 1. */
export interface Light {
  readonly light: number
  readonly contrast: number
}

const toOklab = converter('oklab')
const toRgb = converter('rgb')
const byte = (share: number) => Math.round(255 * Math.max(0, Math.min(1, share)))

/** A colour's three bytes, changed in OKLab (Ottosson 2020). */
export function inOklab(
  colour: string,
  change: (lab: { readonly l: number; readonly a: number; readonly b: number }) => {
    readonly l: number
    readonly a: number
    readonly b: number
  },
): readonly [number, number, number] {
  const { l, a, b } = toOklab(colour)!
  const { r, g, b: blue } = toRgb({ mode: 'oklab', ...change({ l, a, b }) })
  return [byte(r), byte(g), byte(blue)]
}

/** Cells lighter or darker, with more or less between light and dark; hues stay. */
export function inLight(cells: Cells, { light, contrast }: Light): Cells {
  if (light === 0 && contrast === 0) return cells
  const known = new Map<string, readonly [number, number, number]>()
  const colours = new Uint8Array(cells.colours.length)
  for (let cell = 0; cell < colours.length / 3; cell++) {
    const colour = colourAt(cells.colours, cell)
    const seen =
      known.get(colour) ??
      inOklab(colour, ({ l, a, b }) => ({
        l: Math.max(0, Math.min(1, 0.5 + (l - 0.5) * 2 ** contrast + light / 2)),
        ...{ a, b },
      }))
    known.set(colour, seen)
    colours.set(seen, 3 * cell)
  }
  return { ...cells, colours }
}
