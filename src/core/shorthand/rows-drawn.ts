import { type BandPart, bandOf } from '../band/index.ts'
import { type Design, isBase, partById } from '../design/index.ts'
import { type Ledger, type LedgerPart, type Piece, standsOn, yarnAt } from '../ledger/index.ts'
import {
  type PatternRow,
  plainRow,
  type StitchChart,
  stitchChart,
  type StitchPattern,
} from '../texture/index.ts'

/* Rows that are kept as they were written, as a chart of symbols: with the rows below them as far as those are written too. */

/** Rows and stitches that are drawn at most, and stitches a drawing is wide at least. */
const MOST = { rows: 28, stitches: 72, narrow: 14 } as const

/** A chart, and the row of the piece that its first row above the ground is. */
export interface RowsDrawn {
  readonly chart: StitchChart
  readonly firstRow: number
  readonly rows: number
}

const common = (a: number, b: number): number => (b === 0 ? a : common(b, a % b))

/** Counts on which bands come out together, the fewest first, up to the one there is. */
function countsOf(bands: readonly BandPart[], count: number): number[] {
  const multiples = bands.map((band) => bandOf(band).counts(band)?.multiple ?? 0)
  if (multiples.includes(0)) return [count]
  const step = multiples.reduce((all, one) => (all * one) / common(all, one), 1)
  const least = count % step
  const fewer = Array.from({ length: Math.floor(count / step) }, (_, i) => least + (i + 1) * step)
  return [...fewer.filter((one) => one >= MOST.narrow && one < count).slice(0, 4), count]
}

/** A written band in symbols over a few of its repeats; null where it cannot be drawn: too far above plain rows, or too wide. */
export function rowsDrawn(
  design: Design,
  ledger: Ledger,
  piece: Piece,
  id: string,
): RowsDrawn | null {
  const at = piece.parts.findIndex((part) => part.id === id)
  let lowest = at
  while (lowest > 0 && piece.parts[lowest - 1]!.texts !== null) lowest--
  const parts = piece.parts.slice(lowest, at + 1)
  const [first] = parts
  if (!first || parts.some(({ texts }) => texts === null)) return null
  const own = parts.map((part) => partById(design, part.id))
  const rows = parts.at(-1)!.endRow - first.firstRow
  if (rows > MOST.rows || first.firstRow === 0 || own.some(isBase)) return null
  for (let row = first.firstRow; row < first.firstRow + rows; row++)
    if (piece.columns.onto[row] !== row - 1) return null
  const list = parts.flatMap((part) => rowsOf(ledger, piece, part))
  const way = piece.worked === 'rows' ? 'flat' : 'round'
  const program = { begin: list, rows: list.slice(-1), end: [] }
  for (const count of countsOf(own as BandPart[], standsOn(piece, first))) {
    if (count > MOST.stitches) continue
    const pattern: StitchPattern = {
      ...{ id, name: id, family: 'own', multiple: count, offset: 0, side: 'any' },
      ...{ flat: null, round: null, [way]: program },
      ...{ unit: null, perRepeat: 1, least: 1, beside: { flat: 0, round: 0 } },
      ...{ special: '', notes: '' },
    }
    const chart = stitchChart(pattern, way, 1, rows)
    if (chart) return { chart, firstRow: first.firstRow, rows }
  }
  return null
}

/** The rows of a part in words, each with the yarn it begins in. */
const rowsOf = ({ yarns }: Ledger, piece: Piece, { firstRow, endRow, texts }: LedgerPart) =>
  Array.from({ length: endRow - firstRow }, (_, i): PatternRow => ({
    ...plainRow(texts![i]!),
    yarn: yarns[yarnAt(piece, firstRow + i, 'first')]!,
  }))
