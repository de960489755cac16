import { readFileSync } from 'node:fs'
import { type Chart, commonestLetter } from '@core/chart'
import { chartCsv, chartFromCsv } from '@core/file'
import { inTurns, mended, type School, USUAL_RUN } from '@core/mosaic'
import { type Outcome, Refusal } from '../outcome.ts'

export interface MendOptions {
  readonly technique: School
  readonly first?: string
  readonly flat?: boolean
  readonly run?: string
  readonly json?: boolean
}

/** Letters a chart can be in; what they look like is all the same here. */
const LETTERS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].map((letter) => ({ letter, colour: '#000000' }))
const MOST_RUN = 99

function chartIn(file: string): Chart {
  const read = chartFromCsv(readFileSync(file, 'utf8').replaceAll('"', ''), LETTERS)
  if (!read.ok) throw new Refusal(read.problem)
  return read.value.chart
}

/** The two yarns in turn: that of the lowest row, and of the others the one there is most of. */
function yarnsOf({ colours }: Chart, said: string | undefined): readonly [string, string] {
  if (said !== undefined && !/^[A-Za-z]$/.test(said))
    throw new Refusal(`--first: “${said}” is no yarn letter`)
  const first = said?.toUpperCase() ?? commonestLetter(colours[0]!)
  const others = colours.join('').replaceAll(first, '')
  return [first, others ? commonestLetter(others) : first === 'A' ? 'B' : 'A']
}

/** The nearest mosaic that can be worked, as CSV or as what changed; how many cells that are is said beside it. */
export function mend(file: string, options: MendOptions): Outcome {
  const { technique: school, flat = false, json } = options
  const run = Number(options.run ?? USUAL_RUN)
  if (!Number.isInteger(run) || run < 1 || run > MOST_RUN)
    throw new Refusal(`--run: “${options.run}” is not a whole number from 1 to ${MOST_RUN}`)
  const chart = chartIn(file)
  const [first, second] = yarnsOf(chart, options.first)
  const rows = inTurns(first, second, chart.colours.length)
  const found = mended({ ...chart, rows }, { school, flat, run }, { now: () => performance.now() })
  const { cost: changed, bound } = found
  process.stderr.write(`${changed}\n`)
  const cells = found.cells.map(({ column, row }) => [column, row])
  return {
    output: json ? JSON.stringify({ changed, cells, bound }) : chartCsv(found.chart).trimEnd(),
    wrong: false,
  }
}
