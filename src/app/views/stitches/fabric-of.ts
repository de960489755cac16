import { COLUMN, type DrawnStitch, type StitchChart } from '@core/texture'
import {
  drawStrand,
  litTones,
  lookOf,
  loopStrands,
  standsOut,
  type Strand,
  type Tones,
  tonesOf,
} from '@app/parts/chart/stitch-shapes.ts'

/** What of a stitch lies in one plane: strands in a box that stands on its foot, turned about it. */
export interface FabricBit {
  readonly key: string
  readonly x: number
  readonly y: number
  /** Degrees to the right. */
  readonly lean: number
  readonly width: number
  readonly height: number
  readonly strands: readonly Strand[]
  readonly tones: Tones
  /** It is the ground behind a stitch, in the shade of its yarn. */
  readonly ground?: boolean
}

/** A stitch is wider than its column, since yarn fills the room there is. */
const BROAD = 21
/** A hanging loop is as wide as what it passes over. */
const LOOP = 52
const DEEPER = 1000

/** Which of a pattern's yarns a letter stands for, from 0. */
export const placeOf = (letter: string): number => Math.max(0, letter.charCodeAt(0) - 65)

/** The row that goes into the loops of a row, and where it stands; the next strip where none does yet. */
function takenUp(chart: StitchChart, { row, topY }: DrawnStitch) {
  const by = chart.onto.findIndex((rows, at) => at > row && rows.includes(row))
  const feet = chart.stitches.flatMap((one) => (one.row === by ? [one.footY] : []))
  return by < 0 ? { row: row + 1, y: topY } : { row: by, y: Math.max(...feet) }
}

/** Where the rows of a pattern end: at the top of the tallest of their stitches. */
function topsOf(chart: StitchChart): readonly number[] {
  const tops: number[] = []
  for (const { row, topY, word } of chart.stitches)
    if (word !== 'ch') tops[row] = Math.min(tops[row] ?? Infinity, topY)
  return tops
}
/** Rows in which something stands out: what is between is drawn up as high. */
const raisedRows = (chart: StitchChart): ReadonlySet<number> =>
  new Set(chart.stitches.flatMap(({ row, word }) => (standsOut(word) ? [row] : [])))

/** A pattern as fabric: strands of each stitch in its yarn, what lies behind first. Of loops that cross, the one drawn through the other lies over it at its top and under it at its foot. */
export function fabricOf(
  chart: StitchChart,
  yarnOf: (row: number, yarn: string) => string,
): readonly FabricBit[] {
  const tops = topsOf(chart)
  const drawnUp = raisedRows(chart)
  const bits = chart.stitches.flatMap((stitch, at) => {
    const { footX, footY, topX, word, row, yarn } = stitch
    const out = standsOut(word)
    const drawn = drawnUp.has(row) && !out && lookOf(word).depth === 1
    const topY = drawn ? tops[row]! : stitch.topY
    const long = Math.hypot(topX - footX, topY - footY)
    const colour = yarnOf(row, yarn)
    const chain = word === 'ch'
    const own = {
      x: chain ? topX : footX,
      y: chain ? topY + 5 : footY,
      lean: chain ? 0 : (Math.atan2(topX - footX, footY - topY) * 180) / Math.PI,
      width: BROAD,
      height: chain ? 11 : Math.max(9, long + 3),
      tones: out ? litTones(colour) : tonesOf(colour),
    }
    if (/^(?:long|half) loop$/.test(word)) {
      // It is drawn up to the row that goes into it.
      const taken = takenUp(chart, stitch)
      const loop = { ...own, width: LOOP, height: Math.max(9, footY - taken.y) }
      const over = taken.row - 0.5
      return [
        { ...loop, key: `${at} foot`, strands: loopStrands.foot, order: DEEPER + row },
        { ...loop, key: `${at} top`, strands: loopStrands.top, order: DEEPER + over },
      ]
    }
    const { depth, strands } = lookOf(word)
    const bit = { ...own, key: `${at}`, strands, order: depth * DEEPER + row }
    // Light falls through beside a chain; behind every other stitch lies its own yarn.
    if (chain) return [bit]
    const foot = Math.min(footY, tops[row - 1] ?? footY)
    const ground = {
      ...{ key: `${at} ground`, x: footX, y: foot, lean: 0, width: COLUMN + 1 },
      ...{ height: Math.max(0, foot - tops[row]!), strands: [], ground: true },
      tones: tonesOf(colour),
    }
    return [{ ...ground, order: row - DEEPER }, bit]
  })
  return bits.sort((a, b) => a.order - b.order)
}

/** Draws it on a canvas whose origin is the chart's. */
export function paintFabric(pen: CanvasRenderingContext2D, bits: readonly FabricBit[]): void {
  for (const { x, y, lean, width, height, strands, tones, ground } of bits) {
    pen.save()
    pen.translate(x, y)
    pen.rotate((lean * Math.PI) / 180)
    const box = { x: -width / 2, y: -height, width, height }
    if (ground) {
      pen.fillStyle = tones.deep
      pen.fillRect(box.x, box.y, width, height)
    }
    for (const strand of strands) drawStrand(pen, strand, box, tones)
    pen.restore()
  }
}
