import { type CutPiece, cutWords } from '../fitting/index.ts'
import { printLength, type System } from '../units/index.ts'

/*
 * Cutting plans: all pieces on one sheet to scale, and pages on which they are as large as they are. Everything is in mm; drawings are SVG whose
 * size and view box say so.
 */

/** A piece where it lies on the sheet, and what is written on it. */
export interface PlacedCut {
  readonly piece: CutPiece
  readonly name: string
  readonly label: string
  readonly x: number
  readonly y: number
}
export interface CuttingPlan {
  readonly widthMm: number
  readonly heightMm: number
  /** How large what is written is, so that it can be read however large the plan is. */
  readonly textMm: number
  readonly pieces: readonly PlacedCut[]
}

const GAP_MM = 20
/** Pieces lie in rows about so wide for their height, as a sheet does. */
const SHEET = 1.6

const labelOf = ({ name, times }: CutPiece): string =>
  times > 1 ? `${name}, cut ${times}` : `${name}, cut 1`

/** All pieces side by side in rows, none over another. */
export function cuttingPlan(cut: readonly CutPiece[], _units: System): CuttingPlan {
  const area = cut.reduce(
    (sum, { widthMm, heightMm }) => sum + (widthMm + GAP_MM) * (heightMm + GAP_MM),
    0,
  )
  const widest = Math.max(...cut.map(({ widthMm }) => widthMm), 10)
  const row = Math.max(widest + 2 * GAP_MM, Math.sqrt(area * SHEET))
  let [x, y, high, wide] = [GAP_MM, GAP_MM, 0, 0]
  const pieces = cut.map((piece): PlacedCut => {
    if (x > GAP_MM && x + piece.widthMm + GAP_MM > row) {
      x = GAP_MM
      y += high + GAP_MM
      high = 0
    }
    const placed = { piece, name: piece.name, label: labelOf(piece), x, y }
    x += piece.widthMm + GAP_MM
    wide = Math.max(wide, x)
    high = Math.max(high, piece.heightMm)
    return placed
  })
  const [widthMm, heightMm] = [wide, y + high + GAP_MM]
  return { widthMm, heightMm, pieces, textMm: Math.max(widthMm, heightMm * SHEET) / 42 }
}

const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)
const mm = (value: number): string => String(Math.round(value * 100) / 100)

const line = (d: string, how: string): string => `<path d="${d}" fill="none" ${how}/>`
const SOLID = 'stroke="#1b2421" stroke-width="0.5"'
const DASHED = 'stroke="#4d5a54" stroke-width="0.35" stroke-dasharray="4 2.5"'
const DOTTED = 'stroke="#1f5647" stroke-width="0.5" stroke-dasharray="0.8 2"'
const text = (words: string, x: number, y: number, size: number, anchor = 'middle'): string =>
  `<text x="${mm(x)}" y="${mm(y)}" font-size="${mm(size)}" text-anchor="${anchor}" fill="#1b2421">${escaped(words)}</text>`

/** One piece, its cut line's box from 0, 0 on. */
function pieceSvg(
  { cut, seam, folds, holes, widthMm, heightMm }: CutPiece,
  label: string,
  size: number,
): string {
  return [
    line(cut, SOLID),
    ...(seam === cut ? [] : [line(seam, DASHED)]),
    ...folds.map(({ fromX, toX, y, text: words }) =>
      [
        line(`M${mm(fromX)} ${mm(y)}L${mm(toX)} ${mm(y)}`, DOTTED),
        text(words, (fromX + toX) / 2, y - 2, size * 0.8),
      ].join(''),
    ),
    ...holes.map(({ x, y }) => `<circle cx="${mm(x)}" cy="${mm(y)}" r="1" fill="none" ${SOLID}/>`),
    text(label, widthMm / 2, heightMm / 2, size),
  ].join('\n')
}

const svg = (
  widthMm: number,
  heightMm: number,
  title: string,
  ...inside: readonly string[]
): string =>
  [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(widthMm)}mm" height="${mm(heightMm)}mm" viewBox="0 0 ${mm(widthMm)} ${mm(heightMm)}" font-family="sans-serif" role="img">`,
    `<title>${escaped(title)}</title>`,
    `<rect width="100%" height="100%" fill="#ffffff"/>`,
    ...inside,
    '</svg>',
  ].join('\n')

/** A square of a known size, to see whether it was printed as large as it is. */
const SQUARE = {
  metric: { mm: 50, words: 'this square is 5 cm' },
  imperial: { mm: 50.8, words: 'this square is 2 in' },
} as const

function testSquare(x: number, y: number, units: System): string {
  const { mm: side, words } = SQUARE[units]
  return [
    line(`M${mm(x)} ${mm(y)}h${side}v${side}h${-side}Z`, SOLID),
    text(words, x + side / 2, y + side / 2 + 1.5, 4),
  ].join('\n')
}

/** The whole plan as one drawing, as large as it is. */
export function cuttingSvg(cut: readonly CutPiece[], title: string, units: System): string {
  const plan = cuttingPlan(cut, units)
  const { mm: side } = SQUARE[units]
  return svg(
    ...([Math.max(plan.widthMm, side + 2 * GAP_MM), plan.heightMm + side + GAP_MM, title] as const),
    ...plan.pieces.map(
      ({ piece, label, x, y }) =>
        `<g transform="translate(${mm(x)} ${mm(y)})">${pieceSvg(piece, label, Math.min(9, piece.widthMm / 14))}</g>`,
    ),
    testSquare(GAP_MM, plan.heightMm, units),
  )
}

/** Sheets of paper, in mm, and how far their edges stay empty. */
export const papers = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  letter: { name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const
export type Paper = keyof typeof papers
const MARGIN = 12
/** Pages lie over one another so far when they are put together. */
const OVERLAP = 10

/** A page of a plan: its drawing is as large as its paper. */
export interface CuttingPage {
  readonly svg: string
  readonly name: string
}

/** Along one side: where each page begins, in mm of the piece. */
function tilesOf(lengthMm: number, roomMm: number): number[] {
  const step = roomMm - OVERLAP
  const many = Math.max(1, Math.ceil((lengthMm - OVERLAP) / step))
  return Array.from({ length: many }, (_, i) => i * step)
}

/** Crosses in the corners of what a page shows, where it meets its neighbours. */
function corners(wide: number, high: number): string {
  const at = (x: number, y: number) =>
    line(`M${mm(x - 4)} ${mm(y)}h8M${mm(x)} ${mm(y - 4)}v8`, 'stroke="#b23b2a" stroke-width="0.3"')
  const [x0, y0] = [MARGIN + OVERLAP / 2, MARGIN + OVERLAP / 2]
  const [x1, y1] = [MARGIN + wide - OVERLAP / 2, MARGIN + high - OVERLAP / 2]
  return [at(x0, y0), at(x1, y0), at(x0, y1), at(x1, y1)].join('\n')
}

/** All pieces as large as they are, on as many pages as they take; the first page of all has the test square. */
export function cuttingPages(
  cut: readonly CutPiece[],
  title: string,
  paper: Paper,
  units: System,
): CuttingPage[] {
  const { widthMm, heightMm } = papers[paper]
  const [wide, high] = [widthMm - 2 * MARGIN, heightMm - 2 * MARGIN]
  const { mm: side } = SQUARE[units]
  const first: CuttingPage = {
    name: title,
    svg: svg(
      ...([widthMm, heightMm, title] as const),
      text(title, widthMm / 2, 30, 7),
      ...cut.map((piece, i) => text(cutWords(piece, units), widthMm / 2, 44 + 8 * i, 4.2)),
      text(
        'Print at 100 %, and measure the square before you cut.',
        widthMm / 2,
        60 + 8 * cut.length,
        4.2,
      ),
      text(
        `Pages overlap by ${printLength(OVERLAP, units)}: lay the red crosses on one another.`,
        widthMm / 2,
        68 + 8 * cut.length,
        4.2,
      ),
      testSquare((widthMm - side) / 2, 80 + 8 * cut.length, units),
    ),
  }
  const pages = cut.flatMap((piece) => {
    const [across, down] = [tilesOf(piece.widthMm, wide), tilesOf(piece.heightMm, high)]
    return down.flatMap((y, row) =>
      across.map((x, column): CuttingPage => {
        const of =
          across.length * down.length > 1
            ? `, row ${row + 1} of ${down.length}, page ${column + 1} of ${across.length}`
            : ''
        const name = `${labelOf(piece)}${of}`
        const id = `room-${row}-${column}`
        return {
          name,
          svg: svg(
            ...([widthMm, heightMm, name] as const),
            `<defs><clipPath id="${id}"><rect x="${MARGIN}" y="${MARGIN}" width="${mm(wide)}" height="${mm(high)}"/></clipPath></defs>`,
            `<g clip-path="url(#${id})"><g transform="translate(${mm(MARGIN - x)} ${mm(MARGIN - y)})">${pieceSvg(piece, labelOf(piece), Math.min(9, piece.widthMm / 14))}</g></g>`,
            ...(of ? [corners(wide, high)] : []),
            text(`${title}: ${name}`, widthMm / 2, heightMm - 5, 3.4),
          ),
        }
      }),
    )
  })
  return [first, ...pages]
}
