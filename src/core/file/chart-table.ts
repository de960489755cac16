import Papa from 'papaparse'
import { type Chart, chartHeight, KEEPS, type Patch } from '../chart/index.ts'
import { nearestColour } from '../colour/index.ts'
import { LIMITS } from '../part/index.ts'
import { found, refused, type Result } from '../units/index.ts'

/* Charts as tables of letters or colours, and as pictures with one pixel a stitch: the top row as seen comes first. */

/** A yarn a cell can be in. */
export interface CellYarn {
  readonly letter: string
  readonly colour: string
}

/** A chart, or a piece of one, as CSV (RFC 4180): letters, the first line is the top row; an empty cell is none of it. */
export const chartCsv = ({ colours }: Pick<Patch, 'colours'>): string =>
  Papa.unparse(
    colours.toReversed().map((row) => [...row].map((cell) => (cell === KEEPS ? '' : cell))),
    { newline: '\r\n' },
  )

const HEX = /^#?([0-9a-f]{6})$/i

const tooLarge = (width: number, height: number): string | null =>
  width > LIMITS.chartWidth || height > LIMITS.chartHeight
    ? `${width} × ${height} cells are more than a chart has: ${LIMITS.chartWidth} × ${LIMITS.chartHeight} at most.`
    : null

/** A colour of a table or picture, the yarn it went to, and how far that looks from it. */
export interface CellColour {
  readonly colour: string
  readonly letter: string
  readonly apart: number
}
function cellColour(colour: string, yarns: readonly CellYarn[]): CellColour {
  const { nearest, apart } = nearestColour(colour, yarns)
  return { colour, letter: nearest.letter, apart }
}
/** A chart read from a table, and the colours it had where its cells are no letters. */
interface CsvChart {
  readonly chart: Chart
  readonly colours: readonly CellColour[]
}

/** A chart from CSV: letters of the bag's yarns, or colours as hex, which go to the yarn that looks nearest. */
export const chartFromCsv = (text: string, yarns: readonly CellYarn[]): Result<CsvChart> =>
  tableFrom(text, yarns, false)

/** A piece of a chart from CSV: as a chart, but cells may be empty. */
export function patchFromCsv(text: string, yarns: readonly CellYarn[]): Result<Patch> {
  const read = tableFrom(text, yarns, true)
  return read.ok ? found(read.value.chart) : read
}

function tableFrom(text: string, yarns: readonly CellYarn[], gaps: boolean): Result<CsvChart> {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trimEnd(), {
    skipEmptyLines: true,
  })
  const [first] = data
  if (!first) return refused('There are no cells in that table.')
  const large = tooLarge(first.length, data.length)
  if (large) return refused(large)
  const letters = new Set(yarns.map(({ letter }) => letter))
  const known = new Map<string, CellColour>()
  const rows: string[] = []
  for (const [r, cells] of data.entries()) {
    if (cells.length !== first.length)
      return refused(`Line ${r + 1} has ${cells.length} cells, the first ${first.length}.`)
    let row = ''
    for (const [c, said] of cells.entries()) {
      const cell = said.trim()
      const hex = HEX.exec(cell)?.[1]
      if (hex && !known.has(cell)) known.set(cell, cellColour(`#${hex.toLowerCase()}`, yarns))
      const none = gaps && (cell === '' || cell === KEEPS)
      const letter = none ? KEEPS : hex ? known.get(cell)!.letter : cell.toUpperCase()
      if (!none && !letters.has(letter))
        return refused(
          `Line ${r + 1}, cell ${c + 1}: “${cell.slice(0, 20)}” is none of the yarns ${[...letters].join(', ')}.`,
        )
      row += letter
    }
    rows.push(row)
  }
  return found({
    chart: { width: first.length, colours: rows.reverse() },
    colours: [...known.values()],
  })
}

/** Pixels as a browser gives them: four bytes each, row by row from the top. */
export interface Pixels {
  readonly width: number
  readonly height: number
  readonly data: ArrayLike<number>
}

/** A chart read from a picture. */
export interface PictureChart {
  readonly chart: Chart
  /** Pixels each stitch had, across and up. */
  readonly pixels: number
  /** The colours there were, the yarn each went to, and how far that looks from it. */
  readonly colours: readonly CellColour[]
}

/** More than these in a picture are no chart but a photograph. */
const MOST_COLOURS = 64

const colourAt = ({ data, width }: Pixels, x: number, y: number): number => {
  const at = 4 * (y * width + x)
  // What is seen through is white below.
  const through = 1 - data[at + 3]! / 255
  const mixed = (byte: number) => Math.round(byte + (255 - byte) * through)
  return (mixed(data[at]!) << 16) | (mixed(data[at + 1]!) << 8) | mixed(data[at + 2]!)
}
const hexOf = (colour: number) => `#${colour.toString(16).padStart(6, '0')}`

/** The largest square that all blocks of the picture are of one colour in. */
function pixelsAStitch(colours: Uint32Array, width: number, height: number): number {
  let size = gcd(width, height)
  for (let y = 0; y < height && size > 1; y++)
    for (let x = 0; x < width && size > 1; x++) {
      const at = y * width + x
      if (x > 0 && colours[at] !== colours[at - 1]) size = gcd(size, x)
      if (y > 0 && colours[at] !== colours[at - width]) size = gcd(size, y)
    }
  return size
}
const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))

/**
 * A chart from a picture with one pixel a stitch, or several: squares of one colour are one stitch each. Every colour goes to the yarn
 * that looks nearest. Refused in words when it is a photograph, or larger than a chart.
 */
export function chartFromPixels(picture: Pixels, yarns: readonly CellYarn[]): Result<PictureChart> {
  const { width, height } = picture
  const colours = new Uint32Array(width * height)
  const all = new Set<number>()
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const colour = colourAt(picture, x, y)
      colours[y * width + x] = colour
      if (all.add(colour).size > MOST_COLOURS)
        return refused(
          `That picture has more than ${MOST_COLOURS} colours: one with a flat colour for every stitch is wanted, not a photograph.`,
        )
    }
  // A picture of one colour says nothing of the size of its stitches.
  const pixels = all.size === 1 ? 1 : pixelsAStitch(colours, width, height)
  const [wide, tall] = [width / pixels, height / pixels]
  const large = tooLarge(wide, tall)
  if (large) return refused(large)
  const matches = new Map([...all].map((colour) => [colour, cellColour(hexOf(colour), yarns)]))
  const rows = Array.from({ length: tall }, (_, row) =>
    Array.from(
      { length: wide },
      (_, column) => matches.get(colours[row * pixels * width + column * pixels]!)!.letter,
    ).join(''),
  )
  return found({
    chart: { width: wide, colours: rows.reverse() },
    pixels,
    colours: [...matches.values()],
  })
}

/** A chart as pixels, one a stitch, the top row first; a letter that is no yarn's is white. */
export function chartPixels(
  chart: Chart,
  yarns: readonly CellYarn[],
): Pixels & { data: Uint8ClampedArray<ArrayBuffer> } {
  const { width, colours } = chart
  const height = chartHeight(chart)
  const data = new Uint8ClampedArray(4 * width * height)
  const byLetter = new Map(
    yarns.map(({ letter, colour }) => [letter, Number.parseInt(colour.slice(1), 16)]),
  )
  colours.toReversed().forEach((row, y) => {
    for (let x = 0; x < width; x++) {
      const colour = byLetter.get(row[x]!) ?? 0xffffff
      data.set([colour >> 16, (colour >> 8) & 255, colour & 255, 255], 4 * (y * width + x))
    }
  })
  return { width, height, data }
}
