import { type Corners, type PhotoMarks, toCorners } from '@core/measure'

/*
 * The made-up picture of a swatch that ships, seen at an angle: 24 stitches and 24 rows of 20 × 22 over 10 cm, beside a card of
 * the usual size. `npm run swatch-picture` draws it from these figures.
 */

export const EXAMPLE = { url: '/swatch-example.png', width: 960, height: 460 } as const

/** A card as large as those in a purse (ISO/IEC 7810, ID-1). */
export const CARD = { wideMm: 85.6, highMm: 54 } as const

export const cardCorners: Corners = [
  { x: 596, y: 196 },
  { x: 846, y: 214 },
  { x: 872, y: 386 },
  { x: 602, y: 362 },
]

/** The swatch, in mm from the card's first corner. */
export const exampleSwatch = {
  left: -150,
  top: -38,
  stitches: 24,
  rows: 24,
  stitchMm: 5,
  rowMm: 100 / 22,
} as const

/** The marks that measure it. */
export function exampleMarks(): PhotoMarks {
  const see = toCorners(cardCorners, CARD.wideMm, CARD.highMm)
  const { left, top, stitchMm, rowMm } = exampleSwatch
  const [x, y] = [left + 2 * stitchMm, top + 2 * rowMm]
  return {
    reference: { kind: 'rectangle', points: cardCorners, ...CARD },
    stitchEdges: [see({ x, y: y + 9 * rowMm }), see({ x: x + 20 * stitchMm, y: y + 9 * rowMm })],
    stitches: 20,
    rowEdges: [see({ x: x + 10 * stitchMm, y }), see({ x: x + 10 * stitchMm, y: y + 20 * rowMm })],
    rows: 20,
  }
}
