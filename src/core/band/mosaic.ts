import { type Chart, commonestLetter, lettersOf, withLetterFor } from '../chart/index.ts'
import { One, OneOf, Pattern, Whole } from '../document/index.ts'
import {
  inTurns,
  lentTo,
  mended,
  type Rules,
  type School,
  schoolNames,
  schools,
  USUAL_RUN,
  workedOf,
} from '../mosaic/index.ts'
import { group, type Program, type Step, work } from '../program/index.ts'
import { LIMITS, Section } from '../part/index.ts'
import { isStitchId } from '../stitch/index.ts'
import { type Band, type Ground, usual, within } from './band.ts'
import { ChartDocument } from './tapestry.ts'
import { rowWord } from '../terms/index.ts'

/** One yarn a row, the picture made by reaching down. */
export class MosaicPart extends Section {
  @OneOf(['mosaic']) readonly kind!: 'mosaic'
  @OneOf(schools) readonly school!: School
  /** The picture as it is wanted; what of it cannot be worked is worked in its row's own yarn. */
  @One(() => ChartDocument)
  readonly chart!: ChartDocument
  /** The yarn of each row of the chart, the lowest first; no two neighbours alike. */
  @Pattern(/^[A-Z]{1,1000}$/, 'a yarn letter for each row of the chart') readonly rows!: string
  /** How often the chart is worked one above the other. */
  @Whole(1, LIMITS.times) readonly times!: number
  /** Plain rows below it in its first yarn, and above it in its last. */
  @Whole(0, LIMITS.edge) readonly before!: number
  @Whole(0, LIMITS.edge) readonly after!: number
  /** Plain stitches at each edge of flat rows. */
  @Whole(0, LIMITS.edge) readonly edge!: number
  /** Borrowed cells side by side in a row of inset, at the most. */
  @Whole(1, LIMITS.edge) readonly run!: number
}

/** The rules its chart keeps to: where stitches of an edge stand beside it, its repeats go on into one another. */
export const mosaicRules = (
  { school, run, edge }: Pick<MosaicPart, 'school' | 'run' | 'edge'>,
  worked: 'rounds' | 'rows',
): Rules => ({ school, run, flat: worked === 'rows' && edge === 0 })

/** The sign of a drop on paper. */
const DROP = 'v'
/** Worked rows a row of the chart is. */
const rowsEach = ({ school }: Pick<MosaicPart, 'school'>): 1 | 2 => (school === 'inset' ? 2 : 1)

/** Yarns of rows in turn for a chart that is as high as it is: what there is, and on from there. */
export function rowsFor(rows: string, height: number): string {
  const [first, second] = [rows[0]!, rows[1] ?? rows[0]!]
  let all = rows.slice(0, height)
  // Above what there is the last two go on in turn.
  while (all.length < height) all += all.length < 2 ? [first, second][all.length]! : all.at(-2)!
  return all
}

/** Worked once more it would have two rows of one yarn on one another. */
const mostTimes = (rows: string): number => (rows[0] === rows.at(-1) ? 1 : LIMITS.times)

/** What each cell of a row is worked as: plain, reaching down, or passed over. */
type Kind = 'plain' | 'down' | 'over'
interface Stitches {
  readonly plain: string
  readonly down: string
  readonly over: string
}

/** Row by row what its cells are worked as. */
const kinds = new WeakMap<ChartDocument, Map<string, readonly (readonly Kind[])[]>>()
function kindsOf(part: MosaicPart, worked: 'rounds' | 'rows'): readonly (readonly Kind[])[] {
  const { chart, rows } = part
  const rules = mosaicRules(part, worked)
  const key = `${rules.school} ${rules.run} ${rules.flat} ${rows}`
  const known = kinds.get(chart) ?? new Map<string, readonly (readonly Kind[])[]>()
  kinds.set(chart, known)
  let found = known.get(key)
  if (!found) {
    const { marks } = workedOf({ ...chart, rows }, rules)
    const { width } = chart
    found = chart.colours.map((_, row) =>
      Array.from({ length: width }, (_, column): Kind => {
        const at = row * width + column
        if (row > 0 && marks[at - width] === 1) return 'down'
        return marks[at] === 1 ? 'over' : 'plain'
      }),
    )
    known.set(key, found)
  }
  return found
}

/** Cells in working order, each kind in its stitch, neighbours together. */
function stepsOf(cells: readonly Kind[], of: Stitches, yarn: string): Step[] {
  const steps: Step[] = []
  for (let from = 0; from < cells.length;) {
    let to = from + 1
    while (cells[to] === cells[from]) to++
    steps.push(work(of[cells[from]!], to - from, { yarn }))
    from = to
  }
  return steps
}

/** One worked row of a row of the chart. */
function rowProgram(
  cells: readonly Kind[],
  of: Stitches,
  yarn: string,
  edge: number,
  plain: string,
  { count, hand }: Ground,
): Program {
  const within = count - 2 * edge
  const inOrder = hand === 'right' ? cells.toReversed() : [...cells]
  const repeats = Math.floor(within / cells.length)
  const rest = inOrder.slice(0, within % cells.length)
  const stretch = (length: number): Kind[] =>
    Array.from({ length }, (_, i) => inOrder[i % cells.length]!)
  const isPlain = of.plain === plain && cells.every((kind) => kind === 'plain')
  if (within <= 0 || isPlain) return [work(plain, count, { yarn })]
  const edges = edge > 0 ? [work(plain, edge, { yarn })] : []
  const ends = [inOrder[0], inOrder[(within - 1) % cells.length]]
  if (edge === 0 && ends.includes('over')) {
    // A round neither begins nor ends in chains: there a stitch lies behind what reaches over it.
    const all = cells.length
    const [first, last] = [stretch(all), stretch(all + rest.length)]
    const whole = repeats < 3 ? stretch(within) : null
    const behind = (kinds: Kind[], at: number) =>
      kinds.map((kind, i): Kind => (i === at && kind === 'over' ? 'plain' : kind))
    if (whole) return stepsOf(behind(behind(whole, 0), whole.length - 1), of, yarn)
    return [
      ...stepsOf(behind(first, 0), of, yarn),
      group(repeats - 2, ...stepsOf(inOrder, of, yarn)),
      ...stepsOf(behind(last, last.length - 1), of, yarn),
    ]
  }
  return [
    ...edges,
    ...(repeats > 0 ? [group(repeats, ...stepsOf(inOrder, of, yarn))] : []),
    ...stepsOf(rest, of, yarn),
    ...edges,
  ]
}

const HANDY = [12, 10, 8, 6, 15, 14, 9, 7, 5]
const NEW_HEIGHT = 12

/** A picture in rows of two yarns in turn, each with the picture made by stitches that reach down over the row below. */
export const mosaic: Band<MosaicPart> = {
  ...usual,
  document: MosaicPart,
  title: 'Mosaic',
  heading: 'Mosaic in',
  begin: ({ letters, count }) => {
    const width = HANDY.find((repeat) => count > 0 && count % repeat === 0) ?? HANDY[0]!
    const [first, second = 'B'] = letters as [string, string?]
    const rows = inTurns(first, second, NEW_HEIGHT)
    return {
      kind: 'mosaic',
      name: 'Mosaic',
      making: null,
      stitch: 'sc',
      school: 'overlay',
      chart: { width, colours: [...rows].map((letter) => letter.repeat(width)) },
      rows,
      times: 1,
      before: 0,
      after: 1,
      edge: 1,
      run: USUAL_RUN,
    }
  },
  rounds: (part) =>
    part.before + part.chart.colours.length * part.times * rowsEach(part) + part.after,
  withRounds: (part, rounds) => {
    const [once, most] = [part.chart.colours.length * rowsEach(part), mostTimes(part.rows)]
    const times = (rounds - part.before - part.after) / once
    return most === 1 ? null : { times: within(times, 1, most) }
  },
  stretched: () => null,
  settled: (part) => {
    const rows = rowsFor(part.rows, part.chart.colours.length)
    return { rows, times: Math.min(part.times, mostTimes(rows)) }
  },
  // A row in its own yarn alone can be worked, whatever stands on it.
  blank: ({ rows }, height) => {
    const all = rowsFor(rows, height)
    return (row) => all[row]!
  },
  yarns: ({ chart, rows }) => [...new Set([...rows, ...lettersOf(chart)])].sort(),
  withYarn: ({ chart, rows }, from, to) => ({
    chart: withLetterFor(chart, from, to),
    rows: rows.replaceAll(from, to),
  }),
  lastYarn: ({ rows }) => rows.at(-1)!,
  gaugeYarn: () => null,
  fabric: ({ school }) => ({ key: `mosaic-${school}`, name: schoolNames[school] }),
  repeat: ({ chart, edge }, way) => ({
    multiple: chart.width,
    offset: way === 'rows' ? 2 * edge : 0,
  }),
  faults: ({ chart, rows, times }, say) => {
    chart.colours.forEach((row, r) => {
      if (row.length !== chart.width)
        say(`chart.colours[${r}]`, `has ${row.length} cells, the chart is ${chart.width} wide`)
    })
    if (rows.length !== chart.colours.length)
      say('rows', `must name ${chart.colours.length} yarns, one for each row of the chart`)
    const alike = [...rows].findIndex((letter, i) => letter === rows[i + 1])
    if (alike >= 0) say('rows', `must not have the same yarn in rows ${alike + 1} and ${alike + 2}`)
    else if (times > 1 && rows.length > 1 && rows[0] === rows.at(-1))
      say('times', 'must be 1: its last row and its first are in the same yarn')
  },
  size: ({ chart, rows }) => ({ cells: chart.width * rows.length, runs: 0 }),
  *rows(part, ground) {
    const { rows, times, before, after, stitch } = part
    const edge = ground.worked === 'rows' ? part.edge : 0
    const all = kindsOf(part, ground.worked)
    const inset = part.school === 'inset'
    const back = isStitchId(`${stitch}-blo`) ? `${stitch}-blo` : stitch
    const plainRow = (yarn: string): Program => [work(stitch, ground.count, { yarn })]
    for (let i = 0; i < before; i++) yield plainRow(rows[0]!)
    const programs = all.flatMap((cells, row): Program[] => {
      const yarn = rows[row]!
      const laid = (of: Stitches, kinds: readonly Kind[]) =>
        rowProgram(kinds, of, yarn, edge, stitch, ground)
      const only = (kept: Kind) => cells.map((kind): Kind => (kind === kept ? kept : 'plain'))
      // A cell that is borrowed is worked plainly in overlay: what reaches over it hides it.
      if (!inset) return [laid({ plain: back, down: 'drop-dc', over: back }, only('down'))]
      return [
        laid({ plain: stitch, down: 'long-dc', over: 'over-st' }, cells),
        laid({ plain: stitch, down: stitch, over: 'over-ch' }, only('over')),
      ]
    })
    for (let i = 0; i < times; i++) yield* programs
    for (let i = 0; i < after; i++) yield plainRow(rows.at(-1)!)
  },
  looks: (part) => ({
    below: part.before,
    rows: part.chart.colours.flatMap((row) => [row, `${row} back`].slice(0, rowsEach(part))),
  }),
  wants: (part, row) => {
    const at = row - 1 - part.before
    if (at < 0 || at >= part.chart.colours.length * part.times * rowsEach(part)) return {}
    if (part.school === 'overlay') return { side: 'RS', afresh: 'flat' }
    return { side: at % 2 === 0 ? 'RS' : 'WS' }
  },
  technique: ({ school }) => school,
  misfits: (part, worked) =>
    workedOf({ ...part.chart, rows: part.rows }, mosaicRules(part, worked)).misfits.length,
  nearest: (part, worked) => {
    const { chart, rows } = part
    return mended({ ...chart, rows }, mosaicRules(part, worked)).chart.colours
  },
  chart: ({ chart }) => chart,
  field: ({ chart }) => chart,
  reading: ({ school }, worked) => {
    const row = rowWord(worked)
    return school === 'overlay'
      ? `Each ${row} of the chart is one ${row} in one yarn, with the right side facing: in the back loop of each stitch, and drops into the front loop of the ${row} two below, where that shows.`
      : `Each ${row} of the chart is two ${row}s in one yarn, there and back. What the next one hides is passed over under chains, loosely; long stitches go in front of them.`
  },
  beside: ({ edge }, worked) => ({ edge: worked === 'rows' ? edge : 0, again: 0 }),
  lookFor: ({ school }) =>
    school === 'overlay'
      ? 'what drops lies flat on the right side, in the front loop two below and in no other; where it pulls it is too short'
      : 'long stitches lie in front of the chains they reach over, and chains lie flat behind them',
  signs: (part, worked) => {
    const { chart, rows } = part
    const { marks } = workedOf({ ...chart, rows }, mosaicRules(part, worked))
    // The drop is worked in the row above the cell it covers.
    const at = (row: number, column: number) => row > 0 && marks[(row - 1) * chart.width + column]
    return {
      rows: chart.colours.map((text, row) =>
        [...text].map((_, column) => (at(row, column) ? DROP : ' ')).join(''),
      ),
      key: [{ sign: DROP, is: 'reaches down' }],
    }
  },
  workedAs: (part, row) => ({ row: part.before + row * rowsEach(part), rows: rowsEach(part) }),
}

/** A mosaic of a picture: its yarns in turn, each row in the one there is most of where that can be. */
export function mosaicFrom(
  {
    chart,
    name,
    making,
    stitch,
  }: Pick<MosaicPart, 'name' | 'making' | 'stitch'> & {
    readonly chart: Chart
  },
  school: School,
): Omit<MosaicPart, 'id'> {
  const first = commonestLetter(chart.colours[0]!)
  const others = chart.colours.join('').replaceAll(first, '')
  const second = others ? commonestLetter(others) : first === 'A' ? 'B' : 'A'
  return {
    ...{ name, making, stitch, school },
    kind: 'mosaic',
    chart,
    rows: inTurns(first, second, chart.colours.length),
    ...{ times: 1, before: 0, after: 1, edge: 1, run: USUAL_RUN },
  }
}

/**
 * The yarns of rows from one on (0 is the lowest) in another two in turn, and the picture in them: what was in its row's yarn still
 * is, and what was borrowed shows the yarn that is now above it.
 */
export function inTurnsFrom(
  { chart, rows }: Pick<MosaicPart, 'chart' | 'rows'>,
  from: number,
  first: string,
  second: string,
): Pick<MosaicPart, 'chart' | 'rows'> {
  const next = rows.slice(0, from) + inTurns(first, second, rows.length - from)
  const colours = chart.colours.map((text, row) => {
    if (row < from - 1) return text
    const [own, lent] = [rows[row]!, lentTo(rows, row)]
    return [...text]
      .map((letter) => (letter === own ? next[row]! : letter === lent ? lentTo(next, row) : letter))
      .join('')
  })
  return { rows: next, chart: { ...chart, colours } }
}
