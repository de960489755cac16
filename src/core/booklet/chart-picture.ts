import { bandOf } from '../band/index.ts'
import type { ChartRowNumber, ChartSigns } from '../chart/index.ts'
import { bandsIn, type Design } from '../design/index.ts'
import {
  type Ledger,
  type LedgerPart,
  middlesOnChart,
  type Piece,
  pieceWith,
  placeColours,
} from '../ledger/index.ts'
import { sides } from '../program/index.ts'

/** What a chart is drawn from: what is worked of it, as it is seen on the right side, its rows from below. */
export interface ChartPicture {
  readonly part: { readonly id: string; readonly name: string }
  /** Letters of yarns; with edge stitches, and what of the repeat is worked once more. */
  readonly rows: readonly string[]
  readonly numbers: readonly ChartRowNumber[]
  readonly signs: ChartSigns | null
  readonly cellAspect: number
  /** Columns of the repeat, half-open, and how often it is worked in a row. */
  readonly frame: readonly [from: number, to: number]
  readonly repeats: number
  /** How often the whole chart is worked, one above the other. */
  readonly again: number
  /** Where middles of the bag are half-way up the chart, in columns from the left. */
  readonly markers: readonly { readonly at: number; readonly letter: string; readonly is: string }[]
}

/** What the charts of a design are drawn from, from below. */
export const chartPictures = (
  design: Design,
  ledger: Ledger,
  hand: 'right' | 'left',
): ChartPicture[] =>
  design.pieces.flatMap(bandsIn).flatMap((part) => {
    const chart = bandOf(part).field(part)
    if (!chart) return []
    const piece = pieceWith(ledger, part.id)
    const place = piece.parts.find(({ id }) => id === part.id)!
    const { rowHeightMm, stitchWidthMm } = place.gauge
    const { workedAs, signs } = bandOf(part)
    const numbers = chart.colours.flatMap((_, chartRow) => {
      const { row, rows } = workedAs(part, chartRow)
      return Array.from({ length: rows }, (_, i) => place.firstRow + row + i)
        .filter((at) => at < place.endRow)
        .map((at) => ({
          ...{ chartRow, number: piece.columns.number[at]! },
          side: sides[piece.columns.side[at]!]!,
        }))
    })
    const rowsIn = (chartRow: number) => place.firstRow + workedAs(part, chartRow).row
    const { edge, again } = bandOf(part).beside(part, piece.worked)
    const count = piece.columns.uses[place.firstRow] ?? chart.width
    const widened = (text: string, edgeAt: (at: 'left' | 'right') => string) =>
      `${edgeAt('left')}${text}${text.slice(0, again)}${edgeAt('right')}`
    return [
      {
        ...{ part, numbers },
        rows: chart.colours.map((text, i) =>
          widened(text, (at) => edgeLetters({ ledger, piece, row: rowsIn(i), hand }, at, edge)),
        ),
        signs: widenedSigns(signs(part, piece.worked), (text) =>
          widened(text, () => ' '.repeat(edge)),
        ),
        // Where a row of the chart is two rows of the bag it is as high as both.
        cellAspect: (workedAs(part, 0).rows * rowHeightMm) / stitchWidthMm,
        frame: [edge, edge + chart.width] as const,
        repeats: Math.floor((count - 2 * edge - again) / chart.width),
        again: Math.max(
          1,
          Math.floor((place.endRow - place.firstRow) / Math.max(1, numbers.length)),
        ),
        markers: markersOf(piece, place, chart.width, hand),
      },
    ]
  })

/** The yarns of edge stitches, as the ledger has them. */
function edgeLetters(
  {
    ledger,
    piece,
    row,
    hand,
  }: {
    readonly ledger: Ledger
    readonly piece: Piece
    readonly row: number
    readonly hand: 'right' | 'left'
  },
  at: 'left' | 'right',
  many: number,
): string {
  if (many === 0) return ''
  const places = placeColours(ledger, piece, Math.min(row, piece.rows - 1), hand)
  const own = at === 'left' ? places.slice(0, many) : places.slice(places.length - many)
  return [...own].map((yarn) => ledger.yarns[yarn]!).join('')
}

const widenedSigns = (
  signs: ChartSigns | null,
  widened: (text: string) => string,
): ChartSigns | null => signs && { ...signs, rows: signs.rows.map(widened) }

/** Where front and back have their middles half-way up a part, in columns of its chart. */
function markersOf(
  piece: Piece,
  place: LedgerPart,
  width: number,
  hand: 'right' | 'left',
): ChartPicture['markers'] {
  if (piece.worked !== 'rounds') return []
  const middles = middlesOnChart(piece, place, hand)
  const at = (column: number) => ((column % width) + width) % width
  const [front, back] = [at(middles.front), at(middles.back)]
  return Math.abs(front - back) < 0.25
    ? [{ at: front, letter: 'FB', is: 'middles of front and back' }]
    : [
        { at: front, letter: 'F', is: 'middle of the front' },
        { at: back, letter: 'B', is: 'middle of the back' },
      ]
}
