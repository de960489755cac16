import {
  blankChart,
  type Chart,
  fieldOf,
  layIds,
  type LayId,
  lettersOf,
  repeatsIn,
  withLetterFor,
} from '../chart/index.ts'
import { One, OneOf, Rows, Whole } from '../document/index.ts'
import { group, type Program, type Step, work } from '../program/index.ts'
import { type Band, type Ground, usual, within } from './band.ts'
import { TAPESTRY } from './fabric.ts'
import { LIMITS, Section } from '../part/index.ts'

export class ChartDocument {
  @Whole(1, LIMITS.chartWidth) readonly width!: number
  /** Rows of letters, the lowest first. */
  @Rows(/^[A-Z]+$/, LIMITS.chartHeight, 'rows of capital letters')
  readonly colours!: readonly string[]
}

export class TapestryPart extends Section {
  @OneOf(['tapestry']) readonly kind!: 'tapestry'
  @One(() => ChartDocument)
  readonly chart!: ChartDocument
  /** How often the chart is worked one above the other. */
  @Whole(1, LIMITS.times) readonly times!: number
  /** Columns of the chart worked once more at the end of a flat row, so that it is the same at both edges. */
  @Whole(0, LIMITS.chartWidth) readonly balance!: number
  /** How its repeats lie beside and above one another. */
  @OneOf(layIds) readonly lay!: LayId
  /** Strands that may lie inside its stitches at once. */
  @Whole(1, LIMITS.strands) readonly carried!: number
}

/** What its rows are worked from: its chart, as the repeats of it lie, as high as it is worked. */
const worked = ({ chart, lay, times }: TapestryPart): Chart => {
  const field = fieldOf(chart, lay)
  const rows = chart.colours.length * times
  return field.colours.length > rows ? { ...field, colours: field.colours.slice(0, rows) } : field
}

/** Repeats that are tried first for a new motif, by how handy they are. */
const HANDY = [12, 10, 15, 8, 20, 24, 16, 6, 9, 14, 18, 7, 11, 5]
const NEW_HEIGHT = 12

/** In the round a balance is dropped. */
const balanceOf = ({ balance }: TapestryPart, worked: Ground['worked']) =>
  worked === 'rows' ? balance : 0

/**
 * The rows of the chart. A repeat that does not fit is cut off at the join or edge, as it would be on the hook. As seen, the
 * columns that balance a flat row are the first ones of the chart again, at its right edge.
 */
function chartRows(part: TapestryPart, { count, hand, worked: way }: Ground): Program[] {
  const { stitch } = part
  const chart = worked(part)
  const balance = balanceOf(part, way)
  const first = hand === 'right' && balance < count ? balance : 0
  const repeats = Math.floor((count - first) / chart.width)
  const left = (count - first) % chart.width
  const some = (letters: string): Step[] =>
    letters === '' ? [] : [{ do: 'cells', stitch, letters, from: hand }]
  // Cut off, it goes no further than to here from the end it is read from.
  const cutOff = (row: string, count: number) =>
    some(hand === 'right' ? row.slice(row.length - count) : row.slice(0, count))
  return chart.colours.map((row) => {
    if (isOneLetter(row)) return [work(stitch, count, { yarn: row[0]! })]
    return [...some(row.slice(0, first)), group(repeats, ...some(row)), ...cutOff(row, left)]
  })
}

const isOneLetter = (row: string): boolean => {
  for (let i = 1; i < row.length; i++) if (row[i] !== row[0]) return false
  return true
}

/** Each stitch in the colour of its cell, the other yarns carried inside. */
export const tapestry: Band<TapestryPart> = {
  ...usual,
  document: TapestryPart,
  title: 'Tapestry',
  heading: 'Tapestry in',
  begin: ({ stitch, letters, count }) => {
    const width = HANDY.find((repeat) => count > 0 && count % repeat === 0) ?? HANDY[0]!
    return {
      kind: 'tapestry',
      name: 'Motif',
      making: null,
      stitch,
      chart: blankChart(width, NEW_HEIGHT, letters[0]!),
      times: 1,
      balance: 0,
      lay: 'beside',
      carried: 3,
    }
  },
  rounds: ({ chart, times }) => chart.colours.length * times,
  withRounds: ({ chart }, rounds) => ({
    times: within(rounds / chart.colours.length, 1, LIMITS.times),
  }),
  stretched: () => null,
  settled: ({ balance, chart }) => ({ balance: Math.min(balance, chart.width - 1) }),
  yarns: ({ chart }) => lettersOf(chart),
  withYarn: ({ chart }, from, to) => ({ chart: withLetterFor(chart, from, to) }),
  lastYarn: ({ chart }) => chart.colours.at(-1)![0]!,
  gaugeYarn: () => null,
  fabric: () => TAPESTRY,
  repeat: (part, way) => ({
    multiple: part.chart.width * repeatsIn(part.lay).wide,
    offset: balanceOf(part, way),
  }),
  faults: ({ chart, balance }, say) => {
    if (balance >= chart.width)
      say('balance', `must be less than the ${chart.width} columns of the chart`)
    chart.colours.forEach((row, r) => {
      if (row.length !== chart.width)
        say(`chart.colours[${r}]`, `has ${row.length} cells, the chart is ${chart.width} wide`)
    })
  },
  size: ({ chart }) => ({ cells: chart.width * chart.colours.length, runs: 0 }),
  *rows(part, ground) {
    const rows = chartRows(part, ground)
    const all = part.chart.colours.length * part.times
    for (let i = 0; i < all; i++) yield rows[i % rows.length]!
  },
  looks: ({ chart }) => ({ below: 0, rows: chart.colours }),
  technique: () => 'tapestry',
  chart: ({ chart }) => chart,
  field: worked,
  beside: (part, way) => ({ edge: 0, again: balanceOf(part, way) }),
  lookFor: () =>
    'the strands that are carried lie inside and none shows on the right side; where it puckers they are carried too tightly',
}
