import { blankChart, lettersOf, withLetterFor } from '../chart/index.ts'
import { One, OneOf, Rows, Whole } from '../fields/index.ts'
import { group, type Program, type Step, work } from '../program/index.ts'
import { type Band, type Ground, usual, within } from './band.ts'
import { TAPESTRY } from './fabric.ts'
import { LIMITS, Section } from '../section/index.ts'

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
function chartRows(part: TapestryPart, { count, hand, worked }: Ground): Program[] {
  const { chart, stitch } = part
  const balance = balanceOf(part, worked)
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
  repeat: (part, worked) => ({ multiple: part.chart.width, offset: balanceOf(part, worked) }),
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
    for (let i = 0; i < part.times; i++) yield* rows
  },
  chart: ({ chart }) => chart,
}
