import { createWriteStream } from 'node:fs'
import { PNG } from 'pngjs'
import { fromCorners, type Point } from '@core/measure'
import { EXAMPLE, exampleSwatch, SHEET, sheetCorners } from '../src/app/views/size/photo-example.ts'

/* Draws the made-up picture of a swatch on a table on a sheet of paper: every pixel is looked up where it lies on the table. */

type Colour = readonly [number, number, number]
const mix = (a: Colour, b: Colour, share: number): Colour =>
  a.map((one, i) => one + (b[i]! - one) * share) as unknown as Colour

const TABLE: Colour = [206, 196, 180]
const YARN: Colour = [62, 110, 124]
const CREVICE: Colour = [30, 58, 68]
const PAPER: Colour = [246, 244, 238]
const INK: Colour = [120, 128, 132]

/** A stitch of single crochet: two leaning strands over a gap, with shadow between stitches. */
function stitchColour(u: number, v: number): Colour {
  const lean = Math.abs(u - 0.5) * 2
  const strand = Math.abs(v - 0.35 - 0.35 * lean)
  const round = Math.max(0, 1 - (strand / 0.3) ** 2)
  const edge = Math.min(u, 1 - u, v, 1 - v)
  return mix(CREVICE, YARN, Math.min(1, 0.25 + 0.75 * round) * (edge < 0.06 ? 0.55 : 1))
}

function colourAt({ x, y }: Point): Colour {
  const { left, top, stitches, rows, stitchMm, rowMm } = exampleSwatch
  const [u, v] = [(x - left) / stitchMm, (y - top) / rowMm]
  if (u >= 0 && u < stitches && v >= 0 && v < rows) return stitchColour(u % 1, v % 1)
  if (x >= 0 && x < SHEET.wideMm && y >= 0 && y < SHEET.highMm)
    return Math.min(x, SHEET.wideMm - x, y, SHEET.highMm - y) < 1 ? INK : PAPER
  const grain = Math.sin(y * 0.9 + Math.sin(x * 0.05) * 3)
  return mix(TABLE, [188, 176, 158], 0.5 + 0.35 * grain)
}

const { width, height } = EXAMPLE
const png = new PNG({ width, height })
const onTable = fromCorners(sheetCorners, SHEET.wideMm, SHEET.highMm)
const STEPS = [0.25, 0.75]
for (let row = 0; row < height; row++)
  for (let column = 0; column < width; column++) {
    const sum = [0, 0, 0]
    for (const dx of STEPS)
      for (const dy of STEPS) {
        const colour = colourAt(onTable({ x: column + dx, y: row + dy }))
        colour.forEach((one, i) => (sum[i]! += one / STEPS.length ** 2))
      }
    // Few shades keep the file small.
    const at = (row * width + column) * 4
    sum.forEach((one, i) => (png.data[at + i] = Math.round(one / 6) * 6))
    png.data[at + 3] = 255
  }
png.pack().pipe(createWriteStream('public/swatch-example.png'))
