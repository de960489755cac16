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

/** One of the three bytes of a hex colour. */
export const byteAt = (hex: string, i: number): number =>
  Number.parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16)

/** Cells beside one of so many. */
export const besideOf = (cell: number, width: number, cells: number): number[] => {
  const column = cell % width
  return [
    ...(column > 0 ? [cell - 1] : []),
    ...(column < width - 1 ? [cell + 1] : []),
    ...(cell >= width ? [cell - width] : []),
    ...(cell + width < cells ? [cell + width] : []),
  ]
}

/** Light by the byte that stands for it (sRGB, IEC 61966-2-1). */
export const LIGHT = Float64Array.from({ length: 256 }, (_, byte) => {
  const share = byte / 255
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
})
/** The byte that stands for a light, from 0 to 1. */
export const byteOf = (light: number): number =>
  Math.round(255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055))

/** The pixels a cell lies over along one side, from a share of them to another, and how much of each: half-open. */
function spans(pixels: number, cells: number, begin: number, end: number) {
  const [start, long] = [begin * pixels, (end - begin) * pixels]
  return Array.from({ length: cells }, (_, i) => {
    const [from, to] = [start + (i * long) / cells, start + ((i + 1) * long) / cells]
    const first = Math.floor(from)
    const last = Math.min(pixels, Math.max(first + 1, Math.ceil(to - 1e-9)))
    const shares = Float64Array.from(
      { length: last - first },
      (_, k) => Math.min(first + k + 1, to) - Math.max(first + k, from),
    )
    return { first, last, shares }
  })
}

/** Light that is gathered of pixels, and what it is together. */
export function meanLight(ground: readonly [number, number, number]) {
  const [groundR, groundG, groundB] = ground.map((byte) => LIGHT[byte]!) as [number, number, number]
  // Red, green, blue, and how much of a pixel that was.
  const sums = new Float64Array(4)
  return {
    begin: () => void sums.fill(0),
    /** So much of a pixel; of the ground where it has none. */
    add(data: ArrayLike<number>, at: number, share: number): void {
      const cover = at < 0 ? 0 : data[at + 3]! / 255
      const own = share * cover
      const bare = share - own
      sums[0] = sums[0]! + bare * groundR + (own > 0 ? own * LIGHT[data[at]!]! : 0)
      sums[1] = sums[1]! + bare * groundG + (own > 0 ? own * LIGHT[data[at + 1]!]! : 0)
      sums[2] = sums[2]! + bare * groundB + (own > 0 ? own * LIGHT[data[at + 2]!]! : 0)
      sums[3] = sums[3]! + share
    },
    into(colours: Uint8Array, at: number): void {
      for (let i = 0; i < 3; i++) colours[at + i] = byteOf(sums[i]! / sums[3]!)
    },
  }
}

/** All of a picture, or a part of it that lies straight: shares of its width and height. */
const ALL = { left: 0, top: 0, right: 1, bottom: 1 } as const

/**
 * The mean light of each cell of a grid laid over a picture.
 * @param ground what shows where the picture covers nothing, as three bytes
 * @param part of it
 * @throws RangeError when there is no picture or no grid
 */
export function cellsOf(
  { width, height, data }: Raster,
  columns: number,
  rows: number,
  ground: readonly [number, number, number] = [255, 255, 255],
  part: Readonly<Record<keyof typeof ALL, number>> = ALL,
): Cells {
  if (width < 1 || height < 1 || columns < 1 || rows < 1)
    throw new RangeError('a picture without pixels or a grid without cells')
  const across = spans(width, columns, part.left, part.right)
  const colours = new Uint8Array(3 * columns * rows)
  const light = meanLight(ground)
  spans(height, rows, part.top, part.bottom).forEach(
    ({ first: top, last: bottom, shares: down }, fromTop) => {
      const row = rows - 1 - fromTop
      for (let column = 0; column < columns; column++) {
        const { first, last, shares } = across[column]!
        light.begin()
        for (let y = top; y < bottom; y++)
          for (let x = first; x < last; x++)
            light.add(data, 4 * (y * width + x), shares[x - first]! * down[y - top]!)
        light.into(colours, 3 * (row * columns + column))
      }
    },
  )
  return { width: columns, height: rows, colours }
}

/** Rounds a picture takes on so many stitches, by its shape and the gauge's. */
export const roundsFor = (
  { width, height }: Pick<Raster, 'width' | 'height'>,
  stitches: number,
  { stitchWidthMm, rowHeightMm }: { readonly stitchWidthMm: number; readonly rowHeightMm: number },
): number => Math.max(1, Math.round((stitches * stitchWidthMm * height) / width / rowHeightMm))

/** Stitches a picture takes on so many rounds. */
export const stitchesFor = (
  { width, height }: Pick<Raster, 'width' | 'height'>,
  rounds: number,
  { stitchWidthMm, rowHeightMm }: { readonly stitchWidthMm: number; readonly rowHeightMm: number },
): number => Math.max(1, Math.round((rounds * rowHeightMm * width) / height / stitchWidthMm))
