import { bandOf, type BandPart } from '../band/index.ts'
import { type LedgerPart, type Piece, standsOn } from '../ledger/index.ts'
import { type Drawing, type DrawnPath, type DrawnText, INK, inked, label } from '../paper/index.ts'
import { sides } from '../program/index.ts'
import {
  chainSymbol,
  COLUMN,
  type DrawnStitch,
  maybePatternOf,
  stitchChart,
  symbolOf,
} from '../texture/index.ts'
import { turned } from './stitch-drawing.ts'

/** Rows and stitches that are drawn at most; what comes again is drawn once more, so that it is seen how it meets. */
const MOST = { rows: 12, stitches: 22 } as const
const SIDE = 44
const TOP = 12
const BELOW = 26

/** Rows of a stitch pattern in symbols, as they are worked; null where its rows are none, or cannot be drawn. */
export function maybeSymbolDrawing(
  part: BandPart,
  piece: Piece,
  place: LedgerPart,
  hand: 'right' | 'left',
): { readonly drawing: Drawing; readonly rows: number } | null {
  const pattern = maybePatternOf(part, piece.worked)
  if (!pattern || !bandOf(part).standsOn(part, standsOn(piece, place))) return null
  const { multiple } = pattern
  const said = bandOf(part).symbols(part)!
  const period = said.begin.length + said.rows.length
  const rows = Math.min(place.endRow - place.firstRow, MOST.rows, Math.max(period + 1, 4))
  const repeats = Math.max(2, Math.round(MOST.stitches / Math.max(1, multiple)))
  const way = piece.worked === 'rows' ? 'flat' : 'round'
  const chart = stitchChart(pattern, way, repeats, rows)
  if (!chart) return null
  const width = chart.right - chart.left + COLUMN
  const mirrored = hand === 'left'
  const x = (at: number) => SIDE + (mirrored ? chart.right - at : at - chart.left) + COLUMN / 2
  const y = (at: number) => TOP + chart.height + at
  const filled: string[] = []
  const lines: string[] = []
  for (const stitch of chart.stitches) {
    const { path, fill } = shapeOf(stitch, x, y)
    lines.push(path)
    if (fill) filled.push(fill)
  }
  const paths: DrawnPath[] = [
    { d: lines.filter(Boolean).join(''), stroke: inked(1.4) },
    ...(filled.length > 0 ? [{ d: filled.join(''), fill: INK }] : []),
    ...edges(chart, multiple, { x, y, height: chart.height }),
  ]
  return {
    drawing: {
      ...{ width: width + 2 * SIDE, height: TOP + chart.height + BELOW, title: part.name },
      ...{ paths, texts: numbers({ chart, piece, place, hand, width }, y) },
    },
    rows: chart.rows - 1,
  }
}

function shapeOf(
  { word, footX, footY, topX, topY }: DrawnStitch,
  x: (at: number) => number,
  y: (at: number) => number,
): { readonly path: string; readonly fill: string } {
  if (word === 'ch') return { path: turned(chainSymbol.path, 0, x(topX), y(topY) + 4), fill: '' }
  const [dx, dy] = [x(topX) - x(footX), y(topY) - y(footY)]
  const lean = (Math.atan2(dx, -dy) * 180) / Math.PI
  const symbol = symbolOf(word, Math.hypot(dx, dy))
  const put = (d: string) => d && turned(d, lean, x(footX), y(footY))
  return { path: put(symbol.path), fill: put(symbol.fill) }
}

type Chart = NonNullable<ReturnType<typeof stitchChart>>

/** Dashed lines between repeats. */
function edges(
  chart: Chart,
  multiple: number,
  { x, y, height }: { x: (at: number) => number; y: (at: number) => number; height: number },
): DrawnPath[] {
  const base = chart.stitches.filter(({ row }) => row === 0).map(({ footX }) => footX)
  if (base.length === 0 || multiple < 2) return []
  const right = Math.max(...base) + COLUMN / 2
  const lines = Array.from(
    { length: Math.floor(base.length / multiple) + 1 },
    (_, i) =>
      `M${x(right - i * multiple * COLUMN).toFixed(1)} ${y(6).toFixed(1)}V${y(-height - 4).toFixed(1)}`,
  )
  return [{ d: lines.join(''), stroke: inked(0.8, 0.6, [4, 3]) }]
}

/** The number of each row where it begins, with the way it goes; the lowest is the row it stands on. */
function numbers(
  {
    chart,
    piece,
    place,
    hand,
    width,
  }: { chart: Chart; piece: Piece; place: LedgerPart; hand: 'right' | 'left'; width: number },
  y: (at: number) => number,
): DrawnText[] {
  const middles = new Map<number, number>()
  for (const { row, footY, topY, word } of chart.stitches)
    if (word !== 'ch' || !middles.has(row)) middles.set(row, (footY + topY) / 2)
  return [...middles].flatMap(([row, at]): DrawnText[] => {
    const own = place.firstRow + row - 1
    if (own < 0 || own >= place.endRow) return []
    const atRight = (sides[piece.columns.side[own]!] === 'RS') === (hand === 'right')
    const number = piece.columns.number[own]!
    const [x, anchor] = atRight ? [SIDE + width + 4, 'start' as const] : [SIDE - 4, 'end' as const]
    return [label(atRight ? `← ${number}` : `${number} →`, x, y(at) + 3.5, 10, { anchor })]
  })
}
