/** A picture as pixels: four bytes each (red, green, blue, cover), the top left one first. */
export interface Raster {
  readonly width: number
  readonly height: number
  readonly data: ArrayLike<number>
}

/** What cells look like: three bytes each, row by row from the bottom. */
export interface Cells {
  readonly width: number
  readonly height: number
  readonly colours: Uint8Array
}

/** Larger pictures are not opened. */
export const MOST_PIXELS = 24_000_000

/** The colour of a cell, as hex; three bytes a cell. */
export const colourAt = (bytes: ArrayLike<number>, cell: number): string =>
  `#${[0, 1, 2].map((i) => bytes[3 * cell + i]!.toString(16).padStart(2, '0')).join('')}`

/** Light by the byte that stands for it (sRGB, IEC 61966-2-1). */
const LIGHT = Float64Array.from({ length: 256 }, (_, byte) => {
  const share = byte / 255
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
})
const byteOf = (light: number): number =>
  Math.round(255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055))

/** The pixels a cell lies over along one side, and how much of each: half-open. */
function spans(pixels: number, cells: number) {
  return Array.from({ length: cells }, (_, i) => {
    const [from, to] = [(i * pixels) / cells, ((i + 1) * pixels) / cells]
    const first = Math.floor(from)
    const last = Math.min(pixels, Math.max(first + 1, Math.ceil(to - 1e-9)))
    const shares = Float64Array.from(
      { length: last - first },
      (_, k) => Math.min(first + k + 1, to) - Math.max(first + k, from),
    )
    return { first, last, shares }
  })
}

/**
 * The mean light of each cell of a grid laid over a picture.
 * @param ground what shows where the picture covers nothing, as three bytes
 * @throws RangeError when there is no picture or no grid
 */
export function cellsOf(
  { width, height, data }: Raster,
  columns: number,
  rows: number,
  ground: readonly [number, number, number] = [255, 255, 255],
): Cells {
  if (width < 1 || height < 1 || columns < 1 || rows < 1)
    throw new RangeError('a picture without pixels or a grid without cells')
  const across = spans(width, columns)
  const colours = new Uint8Array(3 * columns * rows)
  const [groundR, groundG, groundB] = ground.map((byte) => LIGHT[byte]!) as [number, number, number]
  spans(height, rows).forEach(({ first: top, last: bottom, shares: down }, fromTop) => {
    const row = rows - 1 - fromTop
    for (let column = 0; column < columns; column++) {
      const { first, last, shares } = across[column]!
      let [r, g, b, all] = [0, 0, 0, 0]
      for (let y = top; y < bottom; y++)
        for (let x = first; x < last; x++) {
          const share = shares[x - first]! * down[y - top]!
          const at = 4 * (y * width + x)
          const cover = data[at + 3]! / 255
          const bare = 1 - cover
          r += share * (cover * LIGHT[data[at]!]! + bare * groundR)
          g += share * (cover * LIGHT[data[at + 1]!]! + bare * groundG)
          b += share * (cover * LIGHT[data[at + 2]!]! + bare * groundB)
          all += share
        }
      const to = 3 * (row * columns + column)
      colours[to] = byteOf(r / all)
      colours[to + 1] = byteOf(g / all)
      colours[to + 2] = byteOf(b / all)
    }
  })
  return { width: columns, height: rows, colours }
}

/** Rounds a picture takes on so many stitches, by its shape and the gauge's. */
export const roundsFor = (
  { width, height }: Pick<Raster, 'width' | 'height'>,
  stitches: number,
  { stitchWidthMm, rowHeightMm }: { readonly stitchWidthMm: number; readonly rowHeightMm: number },
): number => Math.max(1, Math.round((stitches * stitchWidthMm * height) / width / rowHeightMm))
