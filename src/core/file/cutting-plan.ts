import svgpath from 'svgpath'
import { type CutPiece, cutWords } from '../fitting/index.ts'
import {
  box,
  circle,
  type Drawing,
  type DrawnPath,
  type DrawnText,
  label,
  type Page,
  papers,
  type PaperSize,
  POINTS,
  type Stroke,
} from '../paper/index.ts'
import { printLength, type System } from '../units/index.ts'

/*
 * Cutting plans: all pieces on one sheet to scale, and pages on which they are as large as they are. Everything is in mm.
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

const SOLID: Stroke = { colour: '#1b2421', opacity: 1, width: 0.5 }
const DASHED: Stroke = { colour: '#4d5a54', opacity: 1, width: 0.35, dash: [4, 2.5] }
const DOTTED: Stroke = { colour: '#1f5647', opacity: 1, width: 0.5, dash: [0.8, 2] }
const CROSS: Stroke = { colour: '#b23b2a', opacity: 1, width: 0.3 }

/** Lines and words of a drawing. */
interface Drawn {
  readonly paths: readonly DrawnPath[]
  readonly texts: readonly DrawnText[]
}
const drawn = (...all: readonly Drawn[]): Drawn => ({
  paths: all.flatMap(({ paths }) => paths),
  texts: all.flatMap(({ texts }) => texts),
})
const words = (text: string, x: number, y: number, size: number): Drawn => ({
  paths: [],
  texts: [label(text, x, y, size)],
})

/** One piece, its cut line's box from a place on. */
function pieceDrawn(
  { cut, seam, folds, holes, widthMm, heightMm }: CutPiece,
  said: string,
  { x, y, size }: { readonly x: number; readonly y: number; readonly size: number },
): Drawn {
  const at = (d: string) => svgpath(d).translate(x, y).round(3).toString()
  return drawn(
    {
      paths: [
        { d: at(cut), stroke: SOLID },
        ...(seam === cut ? [] : [{ d: at(seam), stroke: DASHED }]),
        ...folds.map(({ fromX, toX, y: down }) => ({
          d: at(`M${fromX} ${down}L${toX} ${down}`),
          stroke: DOTTED,
        })),
        ...holes.map((hole) => ({ d: circle(x + hole.x, y + hole.y, 1), stroke: SOLID })),
      ],
      texts: folds.map((fold) =>
        label(fold.text, x + (fold.fromX + fold.toX) / 2, y + fold.y - 2, size * 0.8),
      ),
    },
    words(said, x + widthMm / 2, y + heightMm / 2, size),
  )
}
const sizeIn = ({ widthMm }: CutPiece): number => Math.min(9, widthMm / 14)

/** A square of a known size, to see whether it was printed as large as it is. */
const SQUARE = {
  metric: { mm: 50, words: 'this square is 5 cm' },
  imperial: { mm: 50.8, words: 'this square is 2 in' },
} as const

function testSquare(x: number, y: number, units: System): Drawn {
  const { mm: side, words: said } = SQUARE[units]
  return drawn(
    { paths: [{ d: box(x, y, side, side), stroke: SOLID }], texts: [] },
    words(said, x + side / 2, y + side / 2 + 1.5, 4),
  )
}

/** The whole plan as one drawing, as large as it is. */
export function cuttingDrawing(cut: readonly CutPiece[], title: string, units: System): Drawing {
  const plan = cuttingPlan(cut, units)
  const { mm: side } = SQUARE[units]
  return {
    width: Math.max(plan.widthMm, side + 2 * GAP_MM),
    height: plan.heightMm + side + GAP_MM,
    title,
    ...drawn(
      ...plan.pieces.map(({ piece, label: said, x, y }) =>
        pieceDrawn(piece, said, { x, y, size: sizeIn(piece) }),
      ),
      testSquare(GAP_MM, plan.heightMm, units),
    ),
  }
}

const MARGIN = 12
/** Pages lie over one another so far when they are put together. */
const OVERLAP = 10

/** Along one side: where each page begins, in mm of the piece. */
function tilesOf(lengthMm: number, roomMm: number): number[] {
  const step = roomMm - OVERLAP
  const many = Math.max(1, Math.ceil((lengthMm - OVERLAP) / step))
  return Array.from({ length: many }, (_, i) => i * step)
}

/** Crosses in the corners of what a page shows, where it meets its neighbours. */
function corners(wide: number, high: number): Drawn {
  const [x0, y0] = [MARGIN + OVERLAP / 2, MARGIN + OVERLAP / 2]
  const [x1, y1] = [MARGIN + wide - OVERLAP / 2, MARGIN + high - OVERLAP / 2]
  const d = [
    [x0, y0],
    [x1, y0],
    [x0, y1],
    [x1, y1],
  ]
    .map(([x, y]) => `M${x! - 4} ${y}h8M${x} ${y! - 4}v8`)
    .join('')
  return { paths: [{ d, stroke: CROSS }], texts: [] }
}

/** A page that is one drawing in mm, as large as it is; what is cut off at its margins apart from what is not. */
function pageWith(paper: PaperSize, title: string, whole: Drawn, within: Drawn | null): Page {
  const { widthMm, heightMm } = papers[paper]
  const [width, height] = [widthMm * POINTS, heightMm * POINTS]
  const item = (one: Drawn) => ({
    ...{ is: 'drawing' as const, x: 0, y: 0, scale: POINTS },
    drawing: { width: widthMm, height: heightMm, title, ...one },
  })
  const clip = {
    ...{ x: MARGIN * POINTS, y: MARGIN * POINTS },
    width: width - 2 * MARGIN * POINTS,
    height: height - 2 * MARGIN * POINTS,
  }
  return {
    ...{ width, height },
    groups: [
      {
        ...{ role: 'Figure', of: 0, alt: title },
        items: [...(within ? [{ ...item(within), clip }] : []), item(whole)],
      },
    ],
    marks: [{ level: 1, text: title, id: null, y: 0 }],
  }
}

/** All pieces as large as they are, on as many pages as they take; the first page of all has the test square. */
export function cuttingPages(
  cut: readonly CutPiece[],
  title: string,
  paper: PaperSize,
  units: System,
): Page[] {
  const { widthMm, heightMm } = papers[paper]
  const [wide, high] = [widthMm - 2 * MARGIN, heightMm - 2 * MARGIN]
  const { mm: side } = SQUARE[units]
  const middle = (text: string, y: number, size = 4.2) => words(text, widthMm / 2, y, size)
  const first = pageWith(
    paper,
    title,
    drawn(
      middle(title, 30, 7),
      ...cut.map((piece, i) => middle(cutWords(piece, units), 44 + 8 * i)),
      middle('Print at 100 %, and measure the square before you cut.', 60 + 8 * cut.length),
      middle(
        `Pages overlap by ${printLength(OVERLAP, units)}: lay the red crosses on one another.`,
        68 + 8 * cut.length,
      ),
      testSquare((widthMm - side) / 2, 80 + 8 * cut.length, units),
    ),
    null,
  )
  const pages = cut.flatMap((piece) => {
    const [across, down] = [tilesOf(piece.widthMm, wide), tilesOf(piece.heightMm, high)]
    return down.flatMap((y, row) =>
      across.map((x, column): Page => {
        const of =
          across.length * down.length > 1
            ? `, row ${row + 1} of ${down.length}, page ${column + 1} of ${across.length}`
            : ''
        const name = `${title}: ${labelOf(piece)}${of}`
        return pageWith(
          paper,
          name,
          drawn(...(of ? [corners(wide, high)] : []), middle(name, heightMm - 5, 3.4)),
          pieceDrawn(piece, labelOf(piece), {
            ...{ x: MARGIN - x, y: MARGIN - y, size: sizeIn(piece) },
          }),
        )
      }),
    )
  })
  return [first, ...pages]
}
