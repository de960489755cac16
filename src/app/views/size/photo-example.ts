import { type Corners, type PhotoMarks, toCorners } from '@core/measure'

/*
 * The made-up picture of a swatch that ships, seen at an angle: 24 stitches and 24 rows of 20 × 22 over 10 cm, on a sheet of
 * paper. `npm run swatch-picture` draws it from these figures.
 */

export const EXAMPLE = { url: '/swatch-example.png', width: 960, height: 460 } as const

/** A card as large as those in a purse (ISO/IEC 7810, ID-1). */
export const CARD = { wideMm: 85.6, highMm: 54 } as const

/** A sheet of A5 paper (ISO 216) on its long side. */
export const SHEET = { wideMm: 210, highMm: 148 } as const

export const sheetCorners: Corners = [
  { x: 226, y: 34 },
  { x: 742, y: 58 },
  { x: 812, y: 430 },
  { x: 148, y: 404 },
]

/** The swatch, in mm from the sheet's first corner. */
export const exampleSwatch = {
  left: 44,
  top: 20,
  stitches: 24,
  rows: 24,
  stitchMm: 5,
  rowMm: 100 / 22,
} as const

/** The marks that measure it. */
export function exampleMarks(): PhotoMarks {
  const see = toCorners(sheetCorners, SHEET.wideMm, SHEET.highMm)
  const { left, top, stitchMm, rowMm } = exampleSwatch
  const [x, y] = [left + 2 * stitchMm, top + 2 * rowMm]
  return {
    reference: { kind: 'rectangle', points: sheetCorners, ...SHEET },
    stitchEdges: [see({ x, y: y + 9 * rowMm }), see({ x: x + 20 * stitchMm, y: y + 9 * rowMm })],
    stitches: 20,
    rowEdges: [see({ x: x + 10 * stitchMm, y }), see({ x: x + 10 * stitchMm, y: y + 20 * rowMm })],
    rows: 20,
  }
}
